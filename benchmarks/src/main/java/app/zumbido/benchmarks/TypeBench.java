package app.zumbido.benchmarks;

import app.zumbido.core.image.Pixels;
import app.zumbido.core.type.match.DrawnWord;
import app.zumbido.core.type.match.FaceRanking;
import app.zumbido.formats.fonts.FaceDrawer;
import app.zumbido.formats.fonts.ShippedFaces;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** How long it takes to say which face a word is in. */
final class TypeBench {
    private static final double GOAL = 300;
    /** Nine letters, as many as a query is judged by. */
    private static final String WORD = "Timetable";

    private static final double SIZE = 120;

    private TypeBench() {}

    static List<Figure> run() {
        Map<String, FaceDrawer> faces = new LinkedHashMap<>();
        ShippedFaces.families()
                .forEach(family -> family.faces()
                        .forEach(file ->
                                faces.put(file.id(), new FaceDrawer(new ShippedFaces.Shipped(family, file).read()))));
        Pixels picture = drawn(faces.get("bitter-700"));
        double query =
                Stopwatch.median(() -> FaceRanking.of(DrawnWord.in(picture).orElseThrow(), WORD, faces));
        return List.of(new Figure(
                "which face a word is in, " + faces.size() + " faces",
                String.format(Locale.ROOT, "%.0f ms", query),
                "under 300 ms",
                query < GOAL,
                "nine letters of 120 pixels, letters taken apart and compared; both cores, warm, median of 7 after 3"));
    }

    private static Pixels drawn(FaceDrawer face) {
        BufferedImage image = new BufferedImage(700, 200, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
        graphics.setColor(Color.BLACK);
        graphics.transform(new AffineTransform(SIZE, 0, 0, SIZE, 20, 140));
        graphics.fill(face.word(WORD, 0));
        graphics.dispose();
        int width = image.getWidth();
        return Pixels.wrap(width, image.getHeight(), image.getRGB(0, 0, width, image.getHeight(), null, 0, width));
    }
}
