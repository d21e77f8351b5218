package app.zumbido.server.existing;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.recolor.ColorArea;
import app.zumbido.core.recolor.Deal;
import app.zumbido.core.recolor.Dealer;
import app.zumbido.core.recolor.Graphic;
import app.zumbido.core.recolor.Mood;
import app.zumbido.core.recolor.Stock;
import app.zumbido.core.recolor.Stock.Importance;
import app.zumbido.core.recolor.Stock.Offered;
import app.zumbido.core.recolor.Weighing;
import app.zumbido.core.roles.Role;
import app.zumbido.formats.recolor.GraphicFile;
import app.zumbido.formats.recolor.Grouping;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Deals a brand's colours over graphics. What has been dealt is remembered for a while, so that nothing comes twice. */
@Service
class Deals {
    private static final int MOST_TABLES = 40;

    private final Graphics graphics;
    private final Cache<List<Object>, Table> tables =
            Caffeine.newBuilder().maximumSize(MOST_TABLES).build();

    Deals(Graphics graphics) {
        this.graphics = graphics;
    }

    /**
     * What is asked for.
     *
     * @param colors to deal from; none: all of the brand's that may be used
     * @param steps whether steps of their ladders may come in where there are too few
     * @param kept by a colour of the graphic what it becomes in any case
     * @param still colours that take no part
     * @param marked where what takes part lies; nowhere: everything does
     * @param difference how near colours lie that count as one; ΔE00
     */
    record Wish(
            List<Rgb> colors,
            boolean steps,
            Map<Rgb, Rgb> kept,
            Set<Rgb> still,
            List<Frame> marked,
            double difference,
            Optional<Mood> mood) {}

    private static final class Table {
        final Dealer dealer;
        final List<Deal> dealt = new ArrayList<>();

        Table(Dealer dealer) {
            this.dealer = dealer;
        }
    }

    /** @return the areas of the graphics together, near-equal colours as one */
    Graphic areas(List<ExistingFileRow> rows, Wish wish) {
        List<Graphic> measured = new ArrayList<>();
        for (ExistingFileRow row : rows) {
            GraphicFile file = graphics.of(row);
            if (file.isPhotograph()) {
                throw ExistingFileException.photograph(row.name());
            }
            measured.add(stilled(file.graphic(wish.marked()), wish.still()));
        }
        Graphic together = measured.size() == 1 ? measured.get(0) : Graphic.together(measured);
        return Grouping.by(wish.difference(), together);
    }

    private static Graphic stilled(Graphic graphic, Set<Rgb> still) {
        return new Graphic(
                graphic.areas().stream()
                        .map(area -> new ColorArea(
                                area.colors(),
                                area.share(),
                                area.x(),
                                area.y(),
                                area.still() || still.contains(area.color())))
                        .toList(),
                graphic.borders());
    }

    /** @param count at most @return best first; fewer where no more differ visibly */
    List<Deal> deals(List<ExistingFileRow> rows, Brand brand, Wish wish, int count) {
        Graphic areas = areas(rows, wish);
        Stock stock = stock(brand, wish);
        for (Rgb kept : wish.kept().keySet()) {
            if (areas.indexOf(kept) < 0) {
                throw ExistingFileException.unknownColor(kept.hex());
            }
        }
        List<Object> key = List.of(rows.stream().map(ExistingFileRow::blob).toList(), stock, wish);
        Table table = tables.get(key, unused -> new Table(new Dealer(areas, stock, wish.kept(), wish.mood())));
        synchronized (table) {
            boolean more = true;
            while (table.dealt.size() < count && more) {
                more = table.dealer.next().map(table.dealt::add).orElse(false);
            }
            return List.copyOf(table.dealt.subList(0, Math.min(count, table.dealt.size())));
        }
    }

    /** @return a mapping that somebody made, weighed; colours that it does not name stay */
    Deal weigh(List<ExistingFileRow> rows, Brand brand, Wish wish, Map<Rgb, Rgb> mapping) {
        Graphic areas = areas(rows, wish);
        requireKnown(areas, mapping.keySet());
        return new Weighing(areas, stock(brand, wish), wish.mood())
                .deal(areas.areas().stream()
                        .map(area -> area.still()
                                ? area.color()
                                : area.colors().stream()
                                        .filter(mapping::containsKey)
                                        .findFirst()
                                        .map(mapping::get)
                                        .orElse(area.color()))
                        .toList());
    }

    static void requireKnown(Graphic areas, Set<Rgb> colors) {
        for (Rgb color : colors) {
            if (areas.indexOf(color) < 0) {
                throw ExistingFileException.unknownColor(color.hex());
            }
        }
    }

    private static Stock stock(Brand brand, Wish wish) {
        Map<Rgb, Importance> importance = new HashMap<>();
        roles(brand, Role.HIGHLIGHT).forEach(color -> importance.put(color, Importance.HIGHLIGHT));
        roles(brand, Role.MAIN).forEach(color -> importance.put(color, Importance.MAIN));
        List<Rgb> colors = wish.colors().isEmpty()
                ? brand.usable().swatches().stream().map(Swatch::color).toList()
                : wish.colors();
        if (colors.isEmpty()) {
            throw ExistingFileException.nothingToDeal();
        }
        return new Stock(
                new LinkedHashSet<>(colors)
                        .stream()
                                .map(color -> new Offered(color, importance.getOrDefault(color, Importance.ANY)))
                                .toList(),
                wish.steps());
    }

    private static Stream<Rgb> roles(Brand brand, Role role) {
        return brand.roles().of(role).stream()
                .flatMap(id -> brand.palette().find(id).stream())
                .map(Swatch::color);
    }
}
