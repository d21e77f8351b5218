package app.zumbido.server.existing;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.Frame;
import app.zumbido.formats.image.BitmapFile;
import app.zumbido.formats.image.PictureKind;
import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.recolor.GraphicFile;
import app.zumbido.formats.svg.SvgFile;
import app.zumbido.server.source.DecodeGate;
import app.zumbido.server.source.DrawnPart;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.workshop.HeapShare;
import app.zumbido.server.workshop.Workshop;
import app.zumbido.server.workshop.WorkshopException;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Graphics among the files, opened when asked for and kept for a while: measuring one takes a moment. */
@Component
class Graphics {
    private static final Set<String> KINDS = Set.of("svg", "png", "jpeg", "gif", "bmp", "webp");
    /** Of all that are open together. */
    private static final long MOST_PIXELS = Math.min(24_000_000, HeapShare.bytes(0.05) / Integer.BYTES);
    /** What a drawing takes while it is measured and drawn. */
    private static final int DRAWING_PIXELS = 2_000_000;
    /** What is left of it afterwards: a grid of its areas, and its text. */
    private static final int MEASURED_PIXELS = 400_000;

    private final BlobStore blobs;
    private final DecodeGate gate;
    private final Workshop workshop;
    private final Cache<String, GraphicFile> opened = Caffeine.newBuilder()
            .maximumWeight(MOST_PIXELS)
            .<String, GraphicFile>weigher((blob, graphic) -> pixels(graphic))
            .build();

    Graphics(BlobStore blobs, DecodeGate gate, Workshop workshop) {
        this.workshop = workshop;
        this.blobs = blobs;
        this.gate = gate;
    }

    private static int pixels(GraphicFile graphic) {
        return isDrawing(graphic) ? MEASURED_PIXELS : Math.max(1, graphic.width() * graphic.height());
    }

    private static boolean isDrawing(GraphicFile graphic) {
        return graphic.kind().equals("svg");
    }

    static boolean isKind(String kind) {
        return KINDS.contains(kind);
    }

    /** Whether it begins as a graphic; it may be damaged all the same. */
    static boolean isGraphic(byte[] content) {
        return SvgFile.isSvg(content) || PictureKind.of(content).isPresent();
    }

    /** Looks at a whole file that has come in. */
    <T> T holding(byte[] file, Supplier<T> work) {
        return gate.holding(file, work);
    }

    /**
     * Opens one that has just come in from outside.
     *
     * @throws app.zumbido.formats.image.UnreadableImageException if it is damaged or too large
     * @throws app.zumbido.server.workshop.WorkshopException if drawing it takes too much
     */
    GraphicFile take(byte[] content) {
        if (SvgFile.isSvg(content)) {
            workshop.run(new MeasuredDrawing(content));
        }
        return read(content);
    }

    /**
     * Draws a drawing that lies in another file.
     *
     * @throws app.zumbido.formats.image.UnreadableImageException if it cannot be drawn, or takes too much
     */
    Pixels inside(byte[] svg) {
        try {
            return workshop.run(new DrawnPart(svg, 0)).pixels();
        } catch (WorkshopException e) {
            throw new UnreadableImageException(UnreadableImageException.Reason.TOO_LARGE, e.getMessage(), e);
        }
    }

    /** @throws app.zumbido.formats.image.UnreadableImageException if it is damaged or too large */
    GraphicFile read(byte[] content) {
        long pixels = SvgFile.isSvg(content) ? DRAWING_PIXELS : count(BitmapFile.inspect(content));
        return gate.pass(pixels, () -> GraphicFile.open(content));
    }

    private static long count(BitmapFile.Facts facts) {
        return (long) facts.width() * facts.height();
    }

    GraphicFile of(ExistingFileRow row) {
        if (!isKind(row.kind())) {
            throw ExistingFileException.noGraphic(row.name());
        }
        return opened.get(row.blob(), blob -> read(blobs.get(blob)));
    }

    /** @return what there is to know of a graphic for those who walk through files: nothing */
    static Findings nothingFound(String kind) {
        return new Findings(kind, Map.of(), List.of(), List.of(), List.of(), List.of());
    }

    /**
     * @param longSide of the picture; pixels
     * @return a PNG file
     */
    byte[] png(ExistingFileRow row, int longSide) {
        GraphicFile graphic = of(row);
        return isDrawing(graphic)
                ? workshop.run(new DrawnPng(blobs.get(row.blob()), longSide))
                : gate.pass(pixels(graphic), () -> PngImage.scaled(graphic.draw(longSide), longSide));
    }

    /** @return what a graphic would look like in other colours, as a PNG file */
    byte[] recolored(GraphicFile graphic, Map<Rgb, Rgb> mapping, List<Frame> marked, int longSide) {
        return isDrawing(graphic)
                ? workshop.run(new DrawnPng(graphic.recolored(mapping, marked, Map.of()), longSide))
                : gate.pass(pixels(graphic), () -> PngImage.scaled(graphic.drawn(mapping, marked, longSide), longSide));
    }
}
