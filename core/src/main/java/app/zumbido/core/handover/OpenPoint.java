package app.zumbido.core.handover;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.palette.WorkingName;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.ThemeWarning;
import app.zumbido.core.type.CommonFamily;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.TypeRole;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/** Something to look at before a brand goes out. None of them stands in the way. */
public sealed interface OpenPoint {
    /** Nobody has named them yet. */
    record WorkingNames(List<SwatchId> swatches) implements OpenPoint {
        public WorkingNames {
            swatches = List.copyOf(swatches);
        }
    }

    /** Nothing that is made of a theme can be made. */
    record EmptySlots(List<ThemeSlot> slots) implements OpenPoint {
        public EmptySlots {
            slots = List.copyOf(slots);
        }
    }

    /** A text or a link of the theme cannot be read on one of its grounds. */
    record UnreadableText(ThemeSlot text, ThemeSlot ground, ContrastRatio ratio) implements OpenPoint {}

    /** Others may lack the family, and nobody knows what they will see instead. */
    record NoStandIn(String family) implements OpenPoint {}

    /** Somebody set a slot to a colour that the palette does not have. */
    record OutsideColor(ThemeSlot slot, Rgb color) implements OpenPoint {}

    /** People could take one brand for the other. */
    record CloseToAnother(SwatchId swatch, UUID brand, String brandName, Rgb other, double difference)
            implements OpenPoint {}

    /** Below it two colours are taken for the same one when they are not seen side by side; ΔE00, common practice. */
    double CLOSE = 3;

    /** More of them say the same again. */
    int MOST_CLOSE = 5;

    /** A colour of another brand on the shelf. */
    record Foreign(UUID brand, String brandName, Rgb color) {}

    /**
     * @param withFaces families that there are files of
     * @param foreign colours of the other brands
     */
    static List<OpenPoint> of(Look look, Set<String> withFaces, List<Foreign> foreign) {
        List<OpenPoint> points = new ArrayList<>();
        List<SwatchId> unnamed = look.brand().usable().swatches().stream()
                .filter(swatch -> WorkingName.isOne(swatch.name(), swatch.color()))
                .map(Swatch::id)
                .toList();
        if (!unnamed.isEmpty()) {
            points.add(new WorkingNames(unnamed));
        }
        List<ThemeSlot> empty = look.theme().unfilled();
        if (!empty.isEmpty()) {
            points.add(new EmptySlots(empty));
        }
        for (ThemeWarning warning :
                ThemeWarning.of(look.theme(), look.palette(), look.brand().usualThemeName())) {
            if (warning instanceof ThemeWarning.TextUnreadable text) {
                points.add(new UnreadableText(text.text(), text.ground(), text.ratio()));
            } else if (warning instanceof ThemeWarning.LinkUnreadable link) {
                points.add(new UnreadableText(link.link(), link.ground(), link.ratio()));
            }
        }
        outside(look, points);
        missing(look, withFaces, points);
        close(look, foreign, points);
        return List.copyOf(points);
    }

    private static void outside(Look look, List<OpenPoint> points) {
        look.theme().slots().forEach((slot, setting) -> {
            if (setting.reason().isEmpty()
                    && setting.paint().isPresent()
                    && setting.paint().get() instanceof Paint.Fixed fixed
                    && look.palette().swatches().stream()
                            .noneMatch(swatch -> swatch.color().equals(fixed.color()))) {
                points.add(new OutsideColor(slot, fixed.color()));
            }
        });
    }

    private static void missing(Look look, Set<String> withFaces, List<OpenPoint> points) {
        Set<String> families = new LinkedHashSet<>();
        look.brand().type().roles().forEach((role, lettering) -> {
            boolean known = withFaces.contains(lettering.family())
                    || CommonFamily.named(lettering.family()).isPresent()
                    || isChosenEverywhere(lettering);
            if (role != TypeRole.LOGO && !known) {
                families.add(lettering.family());
            }
        });
        families.forEach(family -> points.add(new NoStandIn(family)));
    }

    private static boolean isChosenEverywhere(Lettering lettering) {
        return lettering.standIns().keySet().containsAll(List.of(Place.values()));
    }

    /** Greys, black and white belong to nobody. */
    private static void close(Look look, List<Foreign> foreign, List<OpenPoint> points) {
        List<CloseToAnother> close = new ArrayList<>();
        for (Swatch swatch : look.brand().usable().swatches()) {
            if (Oklch.of(swatch.color()).isColorful()) {
                for (Foreign other : foreign) {
                    double difference = Difference.between(swatch.color(), other.color());
                    if (difference < CLOSE) {
                        close.add(new CloseToAnother(
                                swatch.id(), other.brand(), other.brandName(), other.color(), difference));
                    }
                }
            }
        }
        close.stream()
                .sorted((one, other) -> Double.compare(one.difference(), other.difference()))
                .limit(MOST_CLOSE)
                .forEach(points::add);
    }
}
