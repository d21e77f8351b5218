package app.zumbido.benchmarks;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Place;
import app.zumbido.core.extraction.Proposal;
import app.zumbido.formats.image.BitmapFile;
import app.zumbido.formats.known.Gallery;
import app.zumbido.formats.known.KnownColor.Part;
import app.zumbido.formats.known.KnownPicture;
import app.zumbido.formats.known.KnownPicture.Family;
import app.zumbido.formats.known.Score;
import com.twelvemonkeys.image.ImageUtil;
import java.awt.image.BufferedImage;
import java.awt.image.IndexColorModel;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleSupplier;
import javax.imageio.ImageIO;

/** How well colours are found in pictures that no test knows, beside a quantiser that makes eight of every picture. */
final class RecallBench {
    /** The tests read the pictures of seed 1; these were never looked at while the reading was built. */
    private static final long[] SEEDS = {1001, 1002, 1003};

    private static final int CLUSTERS = 8;

    private final Map<Family, Score> own = new EnumMap<>(Family.class);
    private final Map<Family, Score> quantiser = new EnumMap<>(Family.class);
    private final List<Figure> figures = new ArrayList<>();
    private int pictures;

    private RecallBench() {}

    static List<Figure> run() throws IOException {
        RecallBench bench = new RecallBench();
        bench.readAll();
        bench.report();
        return bench.figures;
    }

    private void readAll() throws IOException {
        for (Family family : Family.values()) {
            own.put(family, Score.of(family));
            quantiser.put(family, Score.of(family));
        }
        for (long seed : SEEDS) {
            for (KnownPicture picture : Gallery.of(seed)) {
                pictures++;
                Extraction extraction = Extraction.from(BitmapFile.decode(picture.file()));
                own.get(picture.family()).judge(picture, extraction.shown(Optional.empty(), extraction.usualOrder()));
                quantiser.get(picture.family()).judge(picture, quantised(picture.file()));
            }
        }
    }

    private static List<Proposal> quantised(byte[] file) throws IOException {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(file));
        IndexColorModel palette =
                (IndexColorModel) ImageUtil.createIndexed(image, CLUSTERS, null, ImageUtil.DITHER_NONE)
                        .getColorModel();
        List<Proposal> proposals = new ArrayList<>();
        for (int i = 0; i < palette.getMapSize(); i++) {
            proposals.add(
                    new Proposal(Rgb.ofPacked(palette.getRGB(i) & 0xFFFFFF), Fraction.of(0), false, new Place(0, 0)));
        }
        return proposals;
    }

    private void report() {
        Score flat = own.get(Family.FLAT);
        add("flat artwork, exact value", flat::exact, 0.97);
        add("flat artwork, within ΔE00 1", flat::recall, 0.98);
        add("flat artwork, precision", flat::precision, 0.97);
        add("flat artwork, under 2 % of the area", flat::recallOfSmall, 0.95);
        add("flat artwork, close pairs", () -> flat.recallOf(Part.CLOSE), 1);
        add("flat artwork, thin lettering", () -> flat.recallOf(Part.THIN), 0.95);
        add("flat artwork, ground marked", flat::groundsMarked, 1);
        Score worn = own.get(Family.DEGRADED);
        add("worn artwork, within ΔE00 2.3", worn::recall, 0.95);
        add("worn artwork, precision", worn::precision, 0.95);
        add("worn artwork, under 2 % of the area", worn::recallOfSmall, 0.9);
        add("worn artwork, thin lettering", () -> worn.recallOf(Part.THIN), 0.9);
        Score gradients = own.get(Family.GRADIENT);
        add("gradients, stops within ΔE00 2.3", () -> gradients.recallOf(Part.STOP, 2.3), 0.9);
        add("gradients, stops within ΔE00 5", () -> gradients.recallOf(Part.STOP), 0.95);
        add("gradients, precision", gradients::precision, 0.9);
        Score sheets = own.get(Family.CHIPS);
        add("sheets, chips within ΔE00 2.3", () -> sheets.recallOf(Part.CHIP), 0.98);
        add("sheets, in reading order", sheets::inOrder, 0.98);
        Score scenes = own.get(Family.SCENE);
        add("scenes, within ΔE00 6", scenes::recall, 0.94);
        add("scenes, small vivid things", () -> scenes.recallOf(Part.VIVID), 1);
        add("scenes, large neutrals", () -> scenes.recallOf(Part.NEUTRAL), 0.9);
        add("scenes, precision", scenes::precision, 0.88);
        own.forEach((family, score) -> {
            Score other = quantiser.get(family);
            String name = family.name().toLowerCase(Locale.ROOT);
            figures.add(new Figure(
                    name + ", recall and precision beside a quantiser",
                    String.format(
                            Locale.ROOT,
                            "%.3f and %.3f, quantiser %.3f and %.3f",
                            score.recall(),
                            score.precision(),
                            other.recall(),
                            other.precision()),
                    "more than the quantiser",
                    score.recall() + score.precision() > other.recall() + other.precision(),
                    "TwelveMonkeys ImageUtil.createIndexed with " + CLUSTERS + " colours on the same pictures"));
        });
    }

    private void add(String what, DoubleSupplier value, double goal) {
        double measured = value.getAsDouble();
        figures.add(new Figure(
                what,
                String.format(Locale.ROOT, "%.3f", measured),
                String.format(Locale.ROOT, "at least %.2f", goal),
                measured >= goal,
                pictures + " generated pictures, three seeds that nobody tuned to"));
    }
}
