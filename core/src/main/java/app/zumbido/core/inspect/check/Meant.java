package app.zumbido.core.inspect.check;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Written;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Which colour of the brand does what a colour does at one place, in a file that otherwise stays as it is. */
final class Meant {
    private Meant() {}

    /** @return nothing where the brand says nothing about that */
    static Optional<Rgb> color(Use use, House house) {
        return switch (use.purpose()) {
            case TITLE -> first(use, house, Stream.concat(house.jobs().main().stream(), texts(house)));
            case SUBTITLE -> first(use, house, Stream.concat(house.jobs().secondary().stream(), texts(house)));
            case BODY, BOX_TEXT, TABLE_HEAD_TEXT, TABLE_TEXT, SMALL_PRINT -> first(use, house, texts(house));
            case LINK -> Optional.empty();
            case PAGE_GROUND ->
                Optional.ofNullable(house.slots().get(house.ground().page()));
            case TITLE_BAND -> house.jobs().lead();
            case TABLE_HEAD -> house.jobs().tableHead();
            case TABLE_BAND, CELL_FILL -> house.jobs().band();
            case BOX_FILL -> house.jobs().boxFill();
            case MARKED -> house.jobs().highlight();
            case LINE, EDGE, SHAPE_FILL -> house.jobs().main();
            case SERIES -> house.jobs().series().stream().findFirst();
        };
    }

    private static Stream<Rgb> texts(House house) {
        return house.jobs().texts().stream();
    }

    private static Optional<Rgb> first(Use use, House house, Stream<Rgb> candidates) {
        return candidates.filter(color -> reads(color, use, house)).findFirst();
    }

    static boolean reads(Rgb color, Use use, House house) {
        double needed = needed(use, house);
        return use.grounds().stream()
                .allMatch(ground -> ContrastRatio.between(color, ground).reaches(needed));
    }

    /** @return the ratio that text of its size needs */
    static double needed(Use use, House house) {
        boolean large = use.written().map(Written::isLarge).orElse(false);
        return large ? house.level().largeText() : house.level().text();
    }

    /** @return the grounds on which it is hardest to read, the worst first */
    static Optional<Rgb> worst(Rgb color, List<Rgb> grounds) {
        return grounds.stream()
                .min((one, other) -> ContrastRatio.between(color, one).compareTo(ContrastRatio.between(color, other)));
    }
}
