package app.zumbido.benchmarks;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.Consequences;
import app.zumbido.core.brand.GroundChange;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.brand.RoleChange;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Vision;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.ComposedStandings;
import app.zumbido.core.contrast.Ground;
import app.zumbido.core.contrast.Pair;
import app.zumbido.core.palette.Ladder;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Remarks;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.ChartColors;
import app.zumbido.core.roles.ChartSeries;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.RoleDraft;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.Suggestion;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.theme.TintStep;
import app.zumbido.formats.press.CoatedPress;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;

/** What a change to one of twelve swatches costs, with everything that follows from it. */
final class ChangeBench {
    private static final double GOAL_OF_CHANGE = 5;
    /** Milliseconds by the number of swatches. */
    private static final Map<Integer, Double> SUGGESTED = new TreeMap<>(Map.of(12, 10.0, 50, 30.0, 200, 100.0));

    private static final int SERIES = 6;

    private ChangeBench() {}

    static List<Figure> run() {
        Brand brand = brand();
        SwatchId id = brand.palette().swatches().get(1).id();
        // Another colour each time, so that nothing is remembered from the run before.
        AtomicInteger run = new AtomicInteger();
        double change = Stopwatch.median(() -> {
            double step = 0.02 + run.incrementAndGet() * 0.002;
            derive(brand, brand.apply(new PaletteChange.MixSwatch(id, step, 0, 0)));
        });
        double rules = Stopwatch.median(() -> {
            double step = 0.02 + run.incrementAndGet() * 0.002;
            judge(brand.apply(new PaletteChange.MixSwatch(id, step, 0, 0)));
        });
        List<Figure> figures = new ArrayList<>(List.of(
                new Figure(
                        "a change to one of twelve swatches",
                        String.format(Locale.ROOT, "%.2f ms", change),
                        "under 5 ms",
                        change < GOAL_OF_CHANGE,
                        "change, twelve ladders of nine, slots, 60 tints, all 132 pairs, remarks with press, series of "
                                + "the chart in five visions, what follows; one thread, warm, median of 7 after 3"),
                new Figure(
                        "by ground, tints and charts together, twelve swatches",
                        String.format(Locale.ROOT, "%.2f ms", rules),
                        "under 5 ms",
                        rules < GOAL_OF_CHANGE,
                        "change, every colour on every ground, a gradient of three stops under an overlay at its worst "
                                + "place for each text, 60 tints in three encodings, six series in every vision and "
                                + "their best order; one thread, warm, median of 7 after 3")));
        SUGGESTED.forEach((swatches, goal) -> figures.add(suggestion(swatches, goal)));
        return figures;
    }

    /** Half of the colours lie close together, which leaves the most to weigh. */
    private static Figure suggestion(int swatches, double goal) {
        Random random = new Random(swatches);
        List<Swatch> colors = new ArrayList<>();
        for (int i = 0; i < swatches; i++) {
            int color = i % 2 == 0
                    ? random.nextInt(1 << 24)
                    : 0x0F7C7A + (random.nextInt(24) << 16) + (random.nextInt(24) << 8) + random.nextInt(24);
            colors.add(Swatch.of(new SwatchId(new UUID(0, i + 1)), "Swatch " + i, Rgb.ofPacked(color), List.of()));
        }
        Palette palette = Palette.of(colors);
        Roles roles = Roles.NONE.with(RoleDraft.assigned(palette));
        double millis = Stopwatch.median(() -> Suggestion.of(palette, roles, PageGround.LIGHT, SuggestionPolicy.USUAL));
        return new Figure(
                "exact theme suggestion, " + swatches + " swatches",
                String.format(Locale.ROOT, "%.1f ms", millis),
                String.format(Locale.ROOT, "under %.0f ms", goal),
                millis < goal,
                "from roles and palette, with what was given up; one thread, warm, median of 7 after 3");
    }

    private static void derive(Brand before, Brand after) {
        Collection<Rgb> slots = after.look().colors().values();
        List<Rgb> derived = new ArrayList<>();
        slots.forEach(color -> TintStep.offeredFor(color).forEach(step -> derived.add(step.apply(color))));
        List<Rgb> colors =
                after.palette().swatches().stream().map(Swatch::color).toList();
        colors.forEach(color -> derived.addAll(Ladder.of(color, Ladder.USUAL).steps()));
        boolean whole = derived.size() == 60 + 12 * Ladder.USUAL
                && !Pair.all(colors, WcagLevel.AA).isEmpty()
                && !Remarks.of(after.palette(), CoatedPress.instance()).isEmpty()
                && leastOfNeighbours(colors) > 0
                && !Consequences.between(before, after).isEmpty();
        if (!whole) {
            throw new IllegalStateException("Not everything was derived");
        }
    }

    private static void judge(Brand after) {
        List<Ground> grounds =
                Ground.of(after.palette(), after.roles(), after.look().theme(), after.grounds(), WcagLevel.AA);
        List<ComposedStandings> composed = ComposedStandings.of(
                after.palette(), after.roles(), after.look().theme(), after.grounds(), WcagLevel.AA);
        List<Rgb> tints = new ArrayList<>();
        after.look()
                .colors()
                .values()
                .forEach(color -> TintStep.offeredFor(color)
                        .forEach(step -> tints.addAll(
                                List.of(step.apply(color), step.inDocuments(color), step.inWorkbooks(color)))));
        ChartColors chart = new ChartColors(ChartSeries.of(after.roles(), after.palette(), SERIES));
        boolean whole = grounds.size() >= after.palette().swatches().size()
                && composed.size() == 1
                && tints.size() == 180
                && chart.least().size() == Vision.values().length
                && chart.bestOrder().size() == SERIES;
        if (!whole) {
            throw new IllegalStateException("Not everything was judged");
        }
    }

    /** How well the series of a chart are told apart, as each viewer sees them. */
    private static double leastOfNeighbours(List<Rgb> series) {
        double least = Double.MAX_VALUE;
        for (Vision eyes : Vision.values()) {
            for (int i = 1; i < series.size(); i++) {
                least = Math.min(least, Difference.between(eyes.see(series.get(i - 1)), eyes.see(series.get(i))));
            }
        }
        return least;
    }

    static Brand brand() {
        String[] hexes = {
            "0B2A4A", "0F7C7A", "F2682A", "5B6670", "EAF3F2", "FFFFFF", "6A3FB5", "D83A56", "FFD400", "2E8B3A",
            "1F1F1F", "A9743A"
        };
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : hexes) {
            SwatchId id = new SwatchId(new UUID(0, swatches.size() + 1));
            swatches.add(Swatch.of(id, "Swatch " + swatches.size(), Rgb.ofHex(hex), List.of()));
        }
        Brand empty = Brand.begin(new UUID(1, 1), "Twelve", Optional.empty(), new UUID(1, 2));
        return empty.apply(BrandChange.DraftBrand.of(empty, "twelve.png", swatches))
                .apply(new RoleChange.AssignRole(
                        Role.CHART,
                        swatches.stream().map(Swatch::id).limit(SERIES).toList()))
                .apply(new GroundChange.KeepGround(new ComposedGround(
                        new UUID(1, 3),
                        "Band",
                        new ComposedGround.Base.OfGradient(
                                swatches.stream()
                                        .limit(3)
                                        .<Paint>map(swatch -> new Paint.OfSwatch(swatch.id()))
                                        .toList(),
                                false,
                                90),
                        Optional.of(new ComposedGround.Laid(new Paint.Fixed(Rgb.WHITE), Fraction.of(0.7))),
                        new Paint.OfSwatch(swatches.get(0).id()))));
    }
}
