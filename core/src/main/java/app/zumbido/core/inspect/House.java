package app.zumbido.core.inspect;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Lab;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.TintStep;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What a brand allows in files, as plain values.
 *
 * @param slots of its theme, as far as they are set
 * @param ground what its pages stand on
 * @param colors that may be used, in the order of the palette
 * @param steps by each tint or shade of one of them the colour that it is made of
 * @param offLimits what must not be used
 * @param tintsOffLimits colours that may be used, but none of their tints
 */
public record House(
        Map<ThemeSlot, Rgb> slots,
        PageGround ground,
        List<Swatch> colors,
        Map<Rgb, Rgb> steps,
        Set<Rgb> offLimits,
        Set<Rgb> tintsOffLimits,
        Jobs jobs,
        Letters letters,
        WcagLevel level,
        boolean hasLogo) {
    /** A colour of the brand under its name. */
    public record Swatch(String name, Rgb color) {}

    /**
     * Which colour does what.
     *
     * @param secondary in their order
     * @param texts what is written with, the usual one first
     * @param lead what titles, bands and heads of tables stand on
     * @param series of charts, in their order, without the highlight
     */
    public record Jobs(
            Optional<Rgb> main,
            List<Rgb> secondary,
            Optional<Rgb> highlight,
            List<Rgb> texts,
            Optional<Rgb> boxFill,
            Optional<Rgb> lead,
            Optional<Rgb> tableHead,
            Optional<Rgb> band,
            List<Rgb> series) {}

    /**
     * How the brand writes.
     *
     * @param families that may be named, in lower case: its own and what may be seen instead of them
     * @param known families that computers have or that ship here, in lower case
     * @param heading name of the heading's family
     * @param body name of the body's family
     * @param headingPoints on slides, and on paper
     */
    public record Letters(
            Set<String> families,
            Set<String> known,
            String heading,
            String body,
            double headingPoints,
            double headingPointsOnPaper) {
        public boolean allows(String family) {
            return families.contains(family.toLowerCase(Locale.ROOT));
        }

        /** @return the name, or what stands for one of the theme's two where the kind of file has that */
        public String in(String kind, boolean asHeading) {
            if (kind.equals("pptx")) {
                // Source: ECMA-376 Part 1, 20.1.10.81 and 20.1.4.1.16.
                return asHeading ? "+mj-lt" : "+mn-lt";
            }
            return asHeading ? heading : body;
        }

        public boolean knows(String family) {
            return known.contains(family.toLowerCase(Locale.ROOT)) || allows(family);
        }
    }

    /** So near to a colour of the brand it was meant to be it; ΔE00, common practice, no published source. */
    public static final double NEAR = 5;

    public House {
        slots = Map.copyOf(slots);
        colors = List.copyOf(colors);
        steps = Map.copyOf(steps);
    }

    /** @return the same with other slots */
    public House in(Map<ThemeSlot, Rgb> others) {
        return new House(others, ground, colors, steps, offLimits, tintsOffLimits, jobs, letters, level, hasLogo);
    }

    /** @return everything that may be used as it is: swatches and what stands in slots */
    public Stream<Rgb> allowed() {
        return Stream.concat(colors.stream().map(Swatch::color), slots.values().stream())
                .filter(color -> !offLimits.contains(color))
                .distinct();
    }

    public boolean has(Rgb color) {
        if (offLimits.contains(color)) {
            return false;
        }
        // Asked of every use of a colour in a file.
        for (Swatch swatch : colors) {
            if (swatch.color().equals(color)) {
                return true;
            }
        }
        return slots.containsValue(color);
    }

    /** @return the colour of the brand that comes nearest; nothing of a brand without colours */
    public Optional<Rgb> nearest(Rgb color) {
        Lab wanted = Lab.of(color);
        return allowed().min(Comparator.comparingDouble(own -> Difference.between(Lab.of(own), wanted)));
    }

    /** @return what the brand calls the colour; nothing if it has no name of its own */
    public Optional<String> nameOf(Rgb color) {
        return colors.stream()
                .filter(swatch -> swatch.color().equals(color))
                .map(Swatch::name)
                .findFirst();
    }

    /**
     * @param what what the colour is used for: texts and grounds look among their own slots first
     * @return the slot that holds the colour, or else whose step it is, as documents of that kind reckon it
     */
    public Optional<SlotColor> slotOf(Rgb color, ColorUse what, String kind) {
        return slotIn(slots, color, what, kind);
    }

    /** The same in a theme. */
    public static Optional<SlotColor> slotIn(Map<ThemeSlot, Rgb> slots, Rgb color, ColorUse what, String kind) {
        List<ThemeSlot> order = inOrder(what);
        return order.stream()
                .filter(slot -> color.equals(slots.get(slot)))
                .map(SlotColor::of)
                .findFirst()
                .or(() -> order.stream()
                        .filter(slot -> slots.containsKey(slot) && slot != ThemeSlot.HYPERLINK)
                        .flatMap(slot -> TintStep.offeredFor(slots.get(slot)).stream()
                                .map(step -> new SlotColor(slot, Optional.of(step))))
                        .filter(step -> seen(step, slots, kind).equals(color))
                        .findFirst());
    }

    private static List<ThemeSlot> inOrder(ColorUse what) {
        Stream<ThemeSlot> grounds = ThemeSlot.GROUNDS.stream();
        Stream<ThemeSlot> accents = ThemeSlot.ACCENTS.stream();
        boolean groundsFirst = what == ColorUse.TEXT || what == ColorUse.GROUND;
        return Stream.concat(
                        groundsFirst ? Stream.concat(grounds, accents) : Stream.concat(accents, grounds),
                        Stream.of(ThemeSlot.HYPERLINK, ThemeSlot.FOLLOWED_HYPERLINK))
                .toList();
    }

    /** @return what is seen of a slot or step in files of that kind, which reckon a little differently */
    public static Rgb seen(SlotColor color, Map<ThemeSlot, Rgb> slots, String kind) {
        Rgb base = slots.get(color.slot());
        return color.step()
                .map(step -> switch (kind) {
                    case "docx" -> step.inDocuments(base);
                    case "xlsx" -> step.inWorkbooks(base);
                    default -> step.apply(base);
                })
                .orElse(base);
    }
}
