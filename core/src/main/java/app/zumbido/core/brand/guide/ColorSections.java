package app.zumbido.core.brand.guide;

import app.zumbido.core.color.Cmyk;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.Cell;
import app.zumbido.core.guide.Block.Chip;
import app.zumbido.core.guide.Block.Portion;
import app.zumbido.core.guide.Block.Rank;
import app.zumbido.core.guide.Block.Sentence;
import app.zumbido.core.guide.Block.Step;
import app.zumbido.core.guide.Block.StepRow;
import app.zumbido.core.guide.Content;
import app.zumbido.core.guide.GuideFacts;
import app.zumbido.core.palette.Ladder;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Proportion;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.TintStep;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Colours, their codes and steps, what they are for and how much of each. */
final class ColorSections {
    private static final String NO_COLORS = "There are no colours yet; take some in Gather.";
    private static final int LADDER = 7;
    /** Names of a role in one row of the table: more would make it higher than a page. */
    private static final int MOST_IN_A_ROW = 4;

    private final GuideLook look;
    private final GuideFacts facts;

    ColorSections(GuideLook look, GuideFacts facts) {
        this.look = look;
        this.facts = facts;
    }

    Content colors() {
        List<Swatch> swatches = look.palette().swatches();
        if (swatches.isEmpty()) {
            return new Content.Nothing(NO_COLORS);
        }
        List<Portion> portions = portions();
        List<Chip> led = new ArrayList<>();
        Set<Rgb> leading = new LinkedHashSet<>();
        portions.forEach(portion -> leading.add(portion.color()));
        for (Swatch swatch : ordered(swatches, leading)) {
            led.add(chip(swatch, portions));
        }
        List<Chip> others = swatches.stream()
                .filter(swatch -> !leading.contains(swatch.color()))
                .map(swatch -> chip(swatch, portions))
                .toList();
        String sentence = led.size() > 1
                ? "In the order in which they matter. The size of a block says how much of a page it takes."
                : "In the order in which they matter.";
        return new Content.Filled(List.of(Sentence.of(Rank.LEAD, sentence), new Block.Chips(led, others)));
    }

    private static List<Swatch> ordered(List<Swatch> swatches, Set<Rgb> colors) {
        return colors.stream()
                .flatMap(color -> swatches.stream()
                        .filter(swatch -> swatch.color().equals(color))
                        .limit(1))
                .toList();
    }

    private Chip chip(Swatch swatch, List<Portion> portions) {
        Rgb color = swatch.color();
        double percent = portions.stream()
                .filter(portion -> portion.color().equals(color))
                .mapToDouble(Portion::percent)
                .sum();
        return new Chip(color, swatch.name(), words(swatch), look.inkOn(color), percent, look.isOutlined(color));
    }

    private String words(Swatch swatch) {
        return Stream.of(Role.values())
                .filter(role -> look.look().roles().of(role).contains(swatch.id()))
                .map(GuideNames::onTicket)
                .filter(words -> !words.isEmpty())
                .limit(3)
                .collect(Collectors.joining(", "));
    }

    /** @return main, secondary ones and highlight as Roles says; none where no colour leads */
    List<Portion> portions() {
        Optional<Swatch> main = look.swatch(Role.MAIN).filter(this::isUsable);
        if (main.isEmpty()) {
            return List.of();
        }
        Proportion shares = look.brand().roles().proportion();
        List<Swatch> secondary =
                look.swatches(Role.SECONDARY).stream().filter(this::isUsable).toList();
        Optional<Swatch> highlight = look.swatch(Role.HIGHLIGHT).filter(this::isUsable);
        List<Portion> portions = new ArrayList<>();
        portions.add(portion(main.get(), shares.main()));
        for (int i = 0; i < secondary.size(); i++) {
            portions.add(portion(secondary.get(i), shares.secondary() * falling(i, secondary.size())));
        }
        highlight.ifPresent(swatch -> portions.add(portion(swatch, shares.highlight())));
        // One swatch may have two roles; it is shown once, with what both give it.
        Map<Rgb, Portion> once = new java.util.LinkedHashMap<>();
        portions.stream()
                .filter(portion -> portion.percent() > 0
                        || portion.color().equals(main.get().color()))
                .forEach(portion -> once.merge(
                        portion.color(),
                        portion,
                        (one, other) -> new Portion(one.color(), one.name(), one.percent() + other.percent())));
        return List.copyOf(once.values());
    }

    /** The first of the secondary colours has most: shares fall evenly. */
    private static double falling(int place, int count) {
        return 2.0 * (count - place) / (count * (count + 1.0));
    }

    private boolean isUsable(Swatch swatch) {
        return look.palette().find(swatch.id()).isPresent();
    }

    private static Portion portion(Swatch swatch, double percent) {
        return new Portion(swatch.color(), swatch.name(), percent);
    }

    Content shares() {
        List<Portion> portions = portions();
        if (portions.size() < 2) {
            return new Content.Nothing("No colour leads yet, or nothing supports it; say so in Roles.");
        }
        Proportion shares = look.brand().roles().proportion();
        String words = shares.main() + " % main, " + shares.secondary() + " % secondary, " + shares.highlight()
                + " % highlight; papers are not counted.";
        return new Content.Filled(List.of(new Block.Portions(portions, words)));
    }

    Content codes() {
        List<Swatch> swatches = look.palette().swatches();
        if (swatches.isEmpty()) {
            return new Content.Nothing(NO_COLORS);
        }
        boolean spots =
                swatches.stream().anyMatch(swatch -> !swatch.notes().spotInk().isEmpty());
        List<String> heads = new ArrayList<>(List.of("Colour", "Hex", "RGB", "CMYK, coated"));
        if (spots) {
            heads.add("Spot ink");
        }
        List<List<Cell>> rows = new ArrayList<>();
        for (Swatch swatch : swatches) {
            Rgb color = swatch.color();
            List<Cell> row = new ArrayList<>(List.of(
                    new Cell(swatch.name(), Optional.of(color), false),
                    Cell.code(color.digits()),
                    Cell.code(color.red() + " " + color.green() + " " + color.blue()),
                    Cell.code(inks(color))));
            if (spots) {
                row.add(Cell.of(swatch.notes().spotInk()));
            }
            rows.add(row);
        }
        return new Content.Filled(List.of(
                new Block.Table(heads, rows),
                Sentence.of(
                        Rank.SMALL,
                        "CMYK is for coated paper, by the characterisation data FOGRA39; for screens and office printers"
                                + " take hex or RGB.")));
    }

    /** White is paper, and black text is black ink alone. */
    private String inks(Rgb color) {
        if (color.equals(Rgb.WHITE)) {
            return "paper";
        }
        Cmyk inks = facts.press().toCmyk(color);
        return Stream.of(inks.cyan(), inks.magenta(), inks.yellow(), inks.black())
                .map(ink -> String.valueOf(Math.round(ink * 100)))
                .collect(Collectors.joining(" "));
    }

    Content tints() {
        List<StepRow> rows = look.palette().swatches().stream()
                .filter(swatch -> !look.look().roles().of(Role.TINTS_OFF_LIMITS).contains(swatch.id()))
                .filter(swatch -> !look.isOutlined(swatch.color()))
                .map(swatch -> new StepRow(
                        swatch.name(),
                        Ladder.of(swatch.color(), LADDER).steps().stream()
                                .map(this::step)
                                .toList()))
                .toList();
        if (rows.isEmpty()) {
            return new Content.Nothing("No colour may be made lighter or darker.");
        }
        return new Content.Filled(List.of(
                Sentence.of(Rank.TEXT, "Only when more are really needed; the colours themselves come first."),
                new Block.Steps(rows)));
    }

    private Step step(Rgb color) {
        return new Step(color, color.digits(), color.ink(), look.isOutlined(color));
    }

    Content roles() {
        List<List<Cell>> rows = new ArrayList<>();
        for (Role role : Role.values()) {
            List<Swatch> swatches = look.swatches(role);
            for (int from = 0; from < swatches.size(); from += MOST_IN_A_ROW) {
                List<Swatch> some = swatches.subList(from, Math.min(swatches.size(), from + MOST_IN_A_ROW));
                String words = look.brand().roles().words().getOrDefault(role, GuideNames.usualSentence(role));
                rows.add(List.of(
                        Cell.of(GuideNames.of(role) + (from == 0 ? "" : ", continued")),
                        new Cell(
                                some.stream().map(Swatch::name).collect(Collectors.joining(", ")),
                                Optional.of(some.get(0).color()),
                                false),
                        Cell.of(from == 0 ? words : "")));
            }
        }
        return rows.isEmpty()
                ? new Content.Nothing("No colour has a role yet; give them in Roles.")
                : new Content.Filled(List.of(new Block.Table(List.of("For", "Colour", "How"), rows)));
    }

    Content slots() {
        Map<ThemeSlot, Rgb> colors = look.look().colors();
        if (colors.isEmpty()) {
            return new Content.Nothing("The theme has no colours yet; fill its slots in Theme.");
        }
        List<StepRow> rows = new ArrayList<>();
        colors.forEach((slot, color) -> {
            List<Step> steps = new ArrayList<>(List.of(step(color)));
            TintStep.offeredFor(color).forEach(tint -> steps.add(step(tint.apply(color))));
            rows.add(new StepRow(GuideNames.of(slot), steps));
        });
        return new Content.Filled(List.of(
                Sentence.of(
                        Rank.LEAD,
                        "What documents and presentations call the colours: each slot, and the steps that they derive from it."),
                new Block.Steps(rows)));
    }
}
