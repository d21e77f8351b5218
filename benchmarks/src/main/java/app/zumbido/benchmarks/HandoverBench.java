package app.zumbido.benchmarks;

import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.parcel.Catalogue;
import app.zumbido.formats.parcel.Item;
import app.zumbido.formats.parcel.Parcel;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** What making the files of a brand of twelve swatches costs, without a logo. */
final class HandoverBench {
    private static final Set<String> TEMPLATES = Set.of(
            "presentation-wide",
            "presentation-standard",
            "document",
            "workbook",
            "odf-presentation",
            "odf-document",
            "odf-workbook");
    private static final double GOAL_OF_TEMPLATES = 100;
    private static final double GOAL_OF_PARCEL = 2000;
    private static final int MEGABYTE = 1 << 20;

    private HandoverBench() {}

    static List<Figure> run() {
        Order order = Order.of(ChangeBench.brand().look(), Assets.NONE);
        List<DeliveryWriter> templates = Catalogue.writers()
                .filter(writer -> TEMPLATES.contains(writer.kind()))
                .toList();
        double made = Stopwatch.median(() -> templates.forEach(writer -> write(writer, order)));
        double parcel = Stopwatch.median(() -> parcel(order));
        long before = allocated();
        int size = parcel(order);
        long memory = (allocated() - before) / MEGABYTE;
        return List.of(
                new Figure(
                        "office and OpenDocument templates together",
                        String.format(Locale.ROOT, "%.0f ms", made),
                        "under 100 ms",
                        made < GOAL_OF_TEMPLATES && templates.size() == TEMPLATES.size(),
                        "slides in two sizes, document, workbook, and three of OpenDocument, twelve swatches; one thread, warm, "
                                + "median of 7 after 3"),
                new Figure(
                        "the whole parcel",
                        String.format(Locale.ROOT, "%.0f ms, %d MB allocated", parcel, memory),
                        "under 2000 ms",
                        parcel < GOAL_OF_PARCEL,
                        "every kind but logos and icons, twelve swatches, " + size / 1000 + " kB; one thread, warm, median of 7 "
                                + "after 3"));
    }

    private static void write(DeliveryWriter writer, Order order) {
        try {
            writer.write(order, new ByteArrayOutputStream());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static int parcel(Order order) {
        Set<String> everything = Catalogue.ITEMS.stream().map(Item::id).collect(Collectors.toSet());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            new Parcel(everything, look -> "brand").write(order, out, (path, writer, look, content) -> {});
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.size();
    }

    static long allocated() {
        return ((com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean())
                .getThreadAllocatedBytes(Thread.currentThread().getId());
    }
}
