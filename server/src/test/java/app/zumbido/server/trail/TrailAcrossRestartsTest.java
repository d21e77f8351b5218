package app.zumbido.server.trail;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.server.ZumbidoApplication;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.storage.Ids;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** One data folder, several lives of the server: who undoes and redoes a change is never who made it. */
class TrailAcrossRestartsTest {
    @TempDir
    private Path data;

    private final List<Brand> states = new ArrayList<>();
    private UUID id;

    private void live(Consumer<ConfigurableApplicationContext> life) {
        try (ConfigurableApplicationContext context = new SpringApplicationBuilder(ZumbidoApplication.class)
                .web(WebApplicationType.NONE)
                .run("--zumbido.data=" + data)) {
            life.accept(context);
        }
    }

    @Test
    void leadsToBothEndsForEveryKindOfChange() {
        live(context -> {
            BrandKeeper keeper = context.getBean(BrandKeeper.class);
            id = keeper.begin("Ostrel Ferries", Optional.of("OF")).brand().id();
            states.add(keeper.load(id).brand());
            Set<Class<?>> made = new HashSet<>();
            for (Function<Brand, Change> change : EveryChange.of(context.getBean(Ids.class))) {
                states.add(keeper.change(id, IfMatch.anything(), brand -> {
                            Change next = change.apply(brand);
                            made.add(next.getClass());
                            return next;
                        })
                        .brand());
            }
            assertThat(made).isEqualTo(everyKind());
        });
        int half = states.size() / 2;
        live(context -> walk(context, states.size() - 2, half));
        live(context -> walk(context, half - 1, 0));
        live(context -> walk(context, 1, half));
        live(context -> walk(context, half + 1, states.size() - 1));
    }

    /** Every family of changes, and every change in it. */
    private static Set<Class<?>> everyKind() {
        return Stream.of(Change.class.getPermittedSubclasses())
                .flatMap(family -> Stream.of(family.getPermittedSubclasses()))
                .collect(Collectors.toSet());
    }

    private void walk(ConfigurableApplicationContext context, int from, int to) {
        BrandKeeper keeper = context.getBean(BrandKeeper.class);
        int step = from > to ? -1 : 1;
        for (int i = from; i != to + step; i += step) {
            Brand reached = step < 0
                    ? keeper.undo(id, IfMatch.anything()).brand()
                    : keeper.redo(id, IfMatch.anything()).brand();
            assertThat(reached).isEqualTo(states.get(i).at(reached.revision()));
            assertThat(keeper.load(id).brand()).isEqualTo(reached);
        }
    }
}
