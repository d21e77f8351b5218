package app.zumbido.core.type.match;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.image.Pixels;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Letters are bars here; real faces are compared in the module formats. */
class WordMatchTest {
    /** Every letter a bar of that width, in ems, as tall as an em. */
    private record Bars(double width) implements WordDrawer {
        private static final double GAP = 0.3;

        @Override
        public boolean has(String text) {
            return !text.contains("?");
        }

        @Override
        public double top(String text) {
            return 1;
        }

        @Override
        public double bottom(String text) {
            return 0;
        }

        @Override
        public double width(String text) {
            return text.length() * (width + GAP) - GAP;
        }

        @Override
        public Ink draw(String text, double em, double baseline, int height, double spacing, double shift) {
            int across = (int) Math.ceil((width(text) + spacing * text.length()) * em) + 3;
            float[] values = new float[across * height];
            for (int i = 0; i < text.length(); i++) {
                double left = 1 + shift + i * (width + GAP + spacing) * em;
                for (int y = 0; y < height; y++) {
                    for (int x = 0; x < across; x++) {
                        double wide = Math.min(x + 1, left + width * em) - Math.max(x, left);
                        double tall = Math.min(y + 1, baseline) - Math.max(y, baseline - em);
                        values[y * across + x] += (float) (Math.max(0, wide) * Math.max(0, tall));
                    }
                }
            }
            return new Ink(across, height, values);
        }
    }

    /** Black on white, or any two colours, with a margin. */
    private static Pixels picture(Ink ink, int ground, int letters) {
        int width = ink.width() + 12;
        int height = ink.height() + 12;
        int[] pixels = new int[width * height];
        Arrays.fill(pixels, 0xFF000000 | ground);
        for (int y = 0; y < ink.height(); y++) {
            for (int x = 0; x < ink.width(); x++) {
                pixels[(y + 6) * width + x + 6] = mixed(ground, letters, ink.at(x, y));
            }
        }
        return Pixels.wrap(width, height, pixels);
    }

    private static int mixed(int ground, int letters, double share) {
        int mixed = 0xFF;
        for (int shift = 16; shift >= 0; shift -= 8) {
            int from = ground >> shift & 0xFF;
            int to = letters >> shift & 0xFF;
            mixed = mixed << 8 | (int) Math.round(from + share * (to - from));
        }
        return mixed;
    }

    private static Pixels word(double width, int ground, int letters) {
        return picture(new Bars(width).draw("abcd", 30, 30, 30, 0.1, 0.4), ground, letters);
    }

    @Test
    void findsEveryLetterOfAWordWhateverItsColors() {
        for (int[] colors : new int[][] {{0xFFFFFF, 0x101010}, {0x0B2A4A, 0xF2682A}, {0xEAF3F2, 0x0F7C7A}}) {
            DrawnWord word = DrawnWord.in(word(0.4, colors[0], colors[1])).orElseThrow();
            assertThat(word.pieces()).hasSize(4);
            assertThat(word.bottom() - word.top()).isBetween(29.5, 30.5);
        }
    }

    @Test
    void seesNoWordOnAPlainGround() {
        int[] plain = new int[400];
        Arrays.fill(plain, 0xFFEAF3F2);
        assertThat(DrawnWord.in(Pixels.wrap(20, 20, plain))).isEmpty();
        plain[210] = 0xFFEEF6F5;
        assertThat(DrawnWord.in(Pixels.wrap(20, 20, plain))).isEmpty();
    }

    @Test
    void putsTheFaceThatDrewTheWordFirst() {
        Map<String, Bars> faces = new LinkedHashMap<>();
        for (double width : new double[] {0.2, 0.3, 0.35, 0.4, 0.45, 0.5, 0.7}) {
            faces.put("bar " + width, new Bars(width));
        }
        DrawnWord word = DrawnWord.in(word(0.4, 0xFFFFFF, 0x0B2A4A)).orElseThrow();
        List<FaceRanking.Ranked<String>> ranked = FaceRanking.of(word, "abcd", faces);
        assertThat(ranked.get(0).face()).isEqualTo("bar 0.4");
        assertThat(ranked.get(0).distance()).isLessThan(WordMatch.NONE_OF_THEM);
        assertThat(ranked.get(ranked.size() - 1).distance()).isGreaterThan(WordMatch.NONE_OF_THEM);
    }

    @Test
    void leavesFacesOutThatLackALetter() {
        DrawnWord word = DrawnWord.in(word(0.4, 0xFFFFFF, 0)).orElseThrow();
        assertThat(WordMatch.distance(word, "ab?d", new Bars(0.4))).isEqualTo(1);
    }

    @Test
    void saysWhereTheLettersLieOverTheWord() {
        DrawnWord word = DrawnWord.in(word(0.4, 0xFFFFFF, 0)).orElseThrow();
        Laid laid = Laid.over(word, "abcd", new Bars(0.4));
        assertThat(laid.em()).isBetween(29.0, 31.0);
        assertThat(laid.spacing()).isBetween(0.05, 0.15);
        // The margin, and a pixel that letters are drawn from.
        assertThat(laid.left()).isBetween(6.8, 7.8);
        assertThat(laid.baseline()).isBetween(35.5, 36.5);
    }
}
