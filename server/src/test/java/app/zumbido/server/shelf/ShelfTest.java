package app.zumbido.server.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.server.ServerTest;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.shelf.ShelfController.ShelfResponse;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** On a real SQLite file, which other tests may have put brands in: every name here has a mark of its own. */
@ServerTest
class ShelfTest {
    @Autowired
    private Shelf shelf;

    @Autowired
    private BrandKeeper keeper;

    @Autowired
    private Ids ids;

    private String mark;
    private UUID ferries;

    @BeforeEach
    void fill() {
        mark = "mark" + ids.next();
        ferries = begin("Ostrel Ferries", "0B2A4A Night channel", "0F7C7A Harbour teal");
        begin("Föhr Sailing", "EAF3F2 Foam");
    }

    private UUID begin(String name, String... swatches) {
        UUID id = keeper.begin(name + " " + mark, Optional.of("OF")).brand().id();
        for (String swatch : swatches) {
            add(id, swatch.substring(7), swatch.substring(0, 6));
        }
        return id;
    }

    private void add(UUID id, String name, String hex) {
        Swatch swatch = Swatch.of(new SwatchId(ids.next()), name, Rgb.ofHex(hex), List.of());
        keeper.change(id, IfMatch.anything(), brand -> PaletteChange.AddSwatches.of(List.of(swatch)));
    }

    private List<ShelfResponse> found(String text) {
        return shelf.list(false, text, 0, Integer.MAX_VALUE).stream()
                .filter(brand -> brand.name().endsWith(mark))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "'', 2", "'  ', 2", "ferries, 1", "OSTREL, 1", "of, 2", "harbour, 1", "0F7C7A, 1", "#0f7c7a, 1",
        "rgb(15 124 122), 1", "föhr, 1", "FÖHR, 1", "Föhr, 1", "seed, 0", "orange, 0", "F2682A, 0", "rgb(1 2, 0"
    })
    void findsByNameShortCodeSwatchAndColor(String text, int count) {
        assertThat(found(text)).hasSize(count);
    }

    @Test
    void saysWhichColorWasMeant() {
        assertThat(found("#107F7D").get(0).found()).isEqualTo("#0F7C7A");
        assertThat(found("teal").get(0).found()).isEqualTo("#0F7C7A");
        assertThat(found("ferries").get(0).found()).isNull();
    }

    @Test
    void showsTheColorsInTheirOrderAsTheyAreNow() {
        assertThat(found("ferries").get(0).colors()).containsExactly("#0B2A4A", "#0F7C7A");
        SwatchId teal = keeper.load(ferries).brand().palette().swatches().get(1).id();
        keeper.change(ferries, IfMatch.anything(), brand -> new PaletteChange.MoveSwatch(teal, 0));
        assertThat(found("ferries").get(0).colors()).containsExactly("#0F7C7A", "#0B2A4A");
        keeper.undo(ferries, IfMatch.anything());
        assertThat(found("ferries").get(0).colors()).containsExactly("#0B2A4A", "#0F7C7A");
    }

    @Test
    void showsAPageOfThoseThatAreFound() {
        assertThat(shelf.list(false, mark, 0, 1))
                .singleElement()
                .satisfies(brand -> assertThat(brand.name()).startsWith("Föhr"));
        assertThat(shelf.list(false, mark, 1, 5))
                .singleElement()
                .satisfies(brand -> assertThat(brand.name()).startsWith("Ostrel"));
    }

    @Test
    void showsFewOfVeryManyColors() {
        for (int i = 0; i < 30; i++) {
            add(ferries, "Swatch " + i, "FFD4%02X".formatted(i));
        }
        assertThat(found("ferries").get(0).colors()).hasSize(24);
    }
}
