package app.zumbido.benchmarks;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.GuideChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.Sheet;
import app.zumbido.core.guide.SheetFormat;
import app.zumbido.core.guide.Spacing;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.guide.Guide;
import app.zumbido.formats.guide.GuidePdf;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;

/** What laying a long guide out and writing it costs. */
final class GuideBench {
    private static final int PAGES = 30;
    private static final double GOAL = 1000;
    private static final int SWATCHES = 24;
    private static final int MEGABYTE = 1 << 20;

    private GuideBench() {}

    static List<Figure> run() {
        Order order = Order.of(brand().look(), Assets.NONE);
        int pages = Guide.of(order.look(), order.assets()).layout().pages().size();
        double written = Stopwatch.median(() -> pdf(order)) * PAGES / pages;
        double laid = Stopwatch.median(() -> Guide.of(order.look(), order.assets())) * PAGES / pages;
        long before = HandoverBench.allocated();
        int size = pdf(order);
        long memory = (HandoverBench.allocated() - before) / MEGABYTE;
        return List.of(new Figure(
                "a guide of 30 pages as PDF",
                String.format(Locale.ROOT, "%.0f ms, %.0f of them laying out, %d MB allocated", written, laid, memory),
                "under 1000 ms",
                written < GOAL,
                SWATCHES + " swatches on " + pages + " slides, counted as " + PAGES + ", " + size / 1000
                        + " kB, every section that needs no file; one thread, warm, median of 7 after 3"));
    }

    private static Brand brand() {
        List<Swatch> swatches = new ArrayList<>();
        for (int i = 0; i < SWATCHES; i++) {
            swatches.add(Swatch.of(
                    new SwatchId(new UUID(2, i + 1)),
                    "Swatch " + (i + 1),
                    Rgb.ofPacked(i * 0x0B2A4A % 0xFFFFFF),
                    List.of()));
        }
        Brand empty = Brand.begin(new UUID(1, 1), "A brand of many colours", Optional.empty(), new UUID(1, 2));
        Brand brand = empty.apply(BrandChange.DraftBrand.of(empty, "logo.png", swatches));
        return brand.apply(new GuideChange.LayGuideOn(new Sheet(SheetFormat.SLIDE, true, Spacing.WIDE, 840)))
                .apply(new GuideChange.SetSection(
                        brand.guide().get(SectionKind.SLOTS).shown(true)));
    }

    private static int pdf(Order order) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            new GuidePdf(false).write(order, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.size();
    }
}
