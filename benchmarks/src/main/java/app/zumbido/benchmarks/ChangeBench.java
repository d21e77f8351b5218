package app.zumbido.benchmarks;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.Pair;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.Suggestion;
import app.zumbido.core.theme.TintStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;

/** What a change to one of twelve swatches costs, with everything that follows from it. */
final class ChangeBench {
    private static final double GOAL_OF_CHANGE = 5;
    private static final double GOAL_OF_SUGGESTION = 50;

    private ChangeBench() {}

    static List<Figure> run() {
        Brand brand = brand();
        SwatchId id = brand.palette().swatches().get(5).id();
        double change = Stopwatch.median(() -> derive(brand.apply(new PaletteChange.MixSwatch(id, 0.02, 0, 0))));
        double suggestion = Stopwatch.median(() -> Suggestion.from(brand.palette()));
        return List.of(
                new Figure(
                        "a change to one of twelve swatches",
                        String.format(Locale.ROOT, "%.2f ms", change),
                        "under 5 ms",
                        change < GOAL_OF_CHANGE,
                        "change, slots, tints of twelve slots, all 132 pairs; one thread, warm, median of 7 after 3"),
                new Figure(
                        "exact theme suggestion, twelve swatches",
                        String.format(Locale.ROOT, "%.1f ms", suggestion),
                        "under 50 ms",
                        suggestion < GOAL_OF_SUGGESTION,
                        "one thread, warm, median of 7 after 3"));
    }

    private static void derive(Brand brand) {
        List<Rgb> tints = new ArrayList<>();
        brand.theme()
                .resolve(brand.palette())
                .values()
                .forEach(color -> TintStep.offeredFor(color).forEach(step -> tints.add(step.apply(color))));
        List<Rgb> colors =
                brand.palette().swatches().stream().map(Swatch::color).toList();
        if (tints.size() != 60 || Pair.all(colors, WcagLevel.AA).isEmpty()) {
            throw new IllegalStateException("Not everything was derived");
        }
    }

    private static Brand brand() {
        String[] hexes = {
            "0B2A4A", "0F7C7A", "F2682A", "5B6670", "EAF3F2", "FFFFFF", "6A3FB5", "D83A56", "FFD400", "2E8B3A",
            "1F1F1F", "A9743A"
        };
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : hexes) {
            SwatchId id = new SwatchId(new UUID(0, swatches.size() + 1));
            swatches.add(Swatch.of(id, "Swatch " + swatches.size(), Rgb.ofHex(hex), List.of()));
        }
        return Brand.begin(new UUID(1, 1), "Twelve", Optional.empty(), new UUID(1, 2))
                .apply(new BrandChange.DraftBrand("twelve.png", swatches, Suggestion.from(Palette.of(swatches))));
    }
}
