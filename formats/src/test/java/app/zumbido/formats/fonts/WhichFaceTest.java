package app.zumbido.formats.fonts;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.image.Pixels;
import app.zumbido.core.type.match.DrawnWord;
import app.zumbido.core.type.match.FaceRanking;
import app.zumbido.core.type.match.Laid;
import app.zumbido.core.type.match.WordMatch;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.font.FontRenderContext;
import java.awt.font.TextAttribute;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Words drawn by the JDK in every face that ships: 4 to 9 letters, 24 to 120 pixels, tracked or not, in four pairs of colours. */
class WhichFaceTest {
    private static final int WORDS = 81;
    private static final int[][] COLORS = {
        {0xFFFFFF, 0x101010}, {0x0B2A4A, 0xFFFFFF}, {0xEAF3F2, 0x0F7C7A}, {0xF2682A, 0x0B2A4A}
    };
    private static final Map<String, FaceDrawer> FACES = new LinkedHashMap<>();
    private static final Map<String, Font> DRAWN = new LinkedHashMap<>();
    private static final Map<String, String> FAMILIES = new LinkedHashMap<>();

    @BeforeAll
    static void read() throws IOException, FontFormatException {
        for (ShippedFaces.Family family : ShippedFaces.families()) {
            for (ShippedFaces.File file : family.faces()) {
                byte[] bytes = ShippedFaces.bytes(file.file());
                FACES.put(file.id(), new FaceDrawer(FontFile.trusted(bytes)));
                DRAWN.put(file.id(), Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(bytes)));
                FAMILIES.put(file.id(), family.family());
            }
        }
    }

    private record Drawn(String face, String text, BufferedImage image) {}

    /** Every face once, so that none is left out. */
    private static List<Drawn> words(long seed) {
        Random random = new Random(seed);
        List<String> ids = new ArrayList<>(DRAWN.keySet());
        List<Drawn> words = new ArrayList<>();
        for (int i = 0; i < WORDS; i++) {
            String id = ids.get(i % ids.size());
            StringBuilder text = new StringBuilder();
            int capitals = random.nextInt(3);
            for (int length = 4 + random.nextInt(6); text.length() < length; ) {
                char letter = (char) ('a' + random.nextInt(26));
                boolean large = capitals == 0 || capitals == 1 && text.isEmpty();
                text.append(large ? Character.toUpperCase(letter) : letter);
            }
            float tracking = random.nextInt(3) == 0 ? 0.05f + random.nextFloat() * 0.25f : 0;
            Font font = DRAWN.get(id)
                    .deriveFont(24f + random.nextInt(97))
                    .deriveFont(Map.of(TextAttribute.TRACKING, tracking));
            words.add(new Drawn(id, text.toString(), draw(font, text.toString(), COLORS[i % 4], random)));
        }
        return words;
    }

    private static BufferedImage draw(Font font, String text, int[] colors, Random random) {
        FontRenderContext exact = new FontRenderContext(null, true, true);
        Rectangle seen = new java.awt.font.TextLayout(text, font, exact).getPixelBounds(null, 0, 0);
        BufferedImage image = new BufferedImage(
                seen.width + seen.height + 40, seen.height + 24 + random.nextInt(16), BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(colors[0]));
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
        graphics.setColor(new Color(colors[1]));
        graphics.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        graphics.setFont(font);
        graphics.drawString(text, 12 - seen.x + random.nextFloat(), 12 - seen.y + random.nextFloat());
        graphics.dispose();
        return image;
    }

    private static Pixels pixels(BufferedImage image) {
        int width = image.getWidth();
        return Pixels.wrap(width, image.getHeight(), image.getRGB(0, 0, width, image.getHeight(), null, 0, width));
    }

    private static double namedFirst(List<Drawn> words) {
        long right = words.stream()
                .filter(word -> DrawnWord.in(pixels(word.image()))
                        .map(seen ->
                                FaceRanking.of(seen, word.text(), FACES).get(0).face())
                        .filter(first -> FAMILIES.get(first).equals(FAMILIES.get(word.face())))
                        .isPresent())
                .count();
        return (double) right / words.size();
    }

    @Test
    void namesTheFamilyOfAWordFirst() {
        assertThat(namedFirst(words(1))).isGreaterThanOrEqualTo(0.97);
    }

    @Test
    void namesItFromAWornPictureToo() throws IOException {
        List<Drawn> worn = new ArrayList<>();
        for (Drawn word : words(2)) {
            worn.add(new Drawn(word.face(), word.text(), worn(word.image())));
        }
        assertThat(namedFirst(worn)).isGreaterThanOrEqualTo(0.93);
    }

    /** Half as large, and as JPEG of quality 75. */
    private static BufferedImage worn(BufferedImage image) throws IOException {
        BufferedImage half = new BufferedImage(image.getWidth() / 2, image.getHeight() / 2, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = half.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(image, 0, 0, half.getWidth(), half.getHeight(), null);
        graphics.dispose();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam quality = writer.getDefaultWriteParam();
        quality.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        quality.setCompressionQuality(0.75f);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            writer.setOutput(out);
            writer.write(null, new IIOImage(half, null, null), quality);
        }
        writer.dispose();
        return ImageIO.read(new ByteArrayInputStream(bytes.toByteArray()));
    }

    @Test
    void findsNoFaceNearAWordOfNone() {
        // Every letter a bar of another width; no face has such an alphabet.
        BufferedImage bars = new BufferedImage(260, 60, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = bars.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, 260, 60);
        graphics.setColor(Color.BLACK);
        for (int i = 0; i < 5; i++) {
            graphics.fillRect(15 + i * 48, 10, 12 + 5 * i, 40);
        }
        graphics.dispose();
        DrawnWord word = DrawnWord.in(pixels(bars)).orElseThrow();
        assertThat(FaceRanking.of(word, "Garde", FACES).get(0).distance()).isGreaterThan(WordMatch.NONE_OF_THEM);
    }

    @Test
    void laysTheLettersOfTheRightFaceOverTheWord() {
        Drawn word = words(3).get(0);
        DrawnWord seen = DrawnWord.in(pixels(word.image())).orElseThrow();
        FaceDrawer face = FACES.get(word.face());
        String path = face.path(word.text(), Laid.over(seen, word.text(), face));
        assertThat(path).startsWith("M").matches("[MLQCZ0-9. -]+");
        assertThat(path.chars().filter(c -> c == 'M').count())
                .isGreaterThanOrEqualTo(word.text().length());
    }
}
