package app.zumbido.benchmarks;

import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.BitmapFile;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Extraction as a multiple of decoding the same picture to upright sRGB. */
final class ExtractionBench {
    /** The most that extraction may take of the time of decoding. */
    private static final double GOAL_OF_PHOTOGRAPH = 1.3;

    private static final double GOAL_OF_ARTWORK = 2;

    private ExtractionBench() {}

    static List<Figure> run() {
        List<Figure> figures = new ArrayList<>();
        figures.add(measure("photograph, 12 megapixels", Scenes.photograph(4000, 3000), Reading.PHOTOGRAPH));
        figures.add(measure("photograph, 48 megapixels", Scenes.photograph(8000, 6000), Reading.PHOTOGRAPH));
        figures.add(measure("artwork, 12 megapixels", Scenes.artwork(4000, 3000), Reading.ARTWORK));
        figures.add(measure("artwork, 48 megapixels", Scenes.artwork(8000, 6000), Reading.ARTWORK));
        return figures;
    }

    private static Figure measure(String picture, byte[] file, Reading reading) {
        double decoding = Stopwatch.median(() -> BitmapFile.decode(file));
        Pixels pixels = BitmapFile.decode(file);
        double extraction = Stopwatch.median(() -> Extraction.from(pixels, reading));
        double ratio = extraction / decoding;
        double goal = reading == Reading.PHOTOGRAPH ? GOAL_OF_PHOTOGRAPH : GOAL_OF_ARTWORK;
        return new Figure(
                "extraction over decoding, " + picture,
                String.format(Locale.ROOT, "%.2f (%.0f ms over %.0f ms)", ratio, extraction, decoding),
                "at most " + goal,
                ratio <= goal,
                (reading == Reading.PHOTOGRAPH ? "JPEG" : "PNG") + ", one thread, warm, median of 7 after 3");
    }
}
