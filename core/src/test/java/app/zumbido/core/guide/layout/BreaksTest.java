package app.zumbido.core.guide.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class BreaksTest {
    private static Strip strip(double height) {
        return Strip.of(Part.of(Tag.P, new Box(0, 0, 10, height), List.of()), 0);
    }

    private static List<Breaks.Item> items(Strip... strips) {
        List<Breaks.Item> items = new ArrayList<>();
        for (Strip strip : strips) {
            items.add(new Breaks.Item(strip, items.size()));
        }
        return items;
    }

    @Test
    void whatFitsStaysTogether() {
        assertThat(Breaks.of(items(strip(40), strip(60)), 100)).containsExactly(0);
    }

    /** Six of twenty on pages of a hundred: not five and one. */
    @Test
    void pagesAreFilledEvenly() {
        assertThat(Breaks.of(items(strip(20), strip(20), strip(20), strip(20), strip(20), strip(20)), 100))
                .containsExactly(0, 3);
    }

    @Test
    void aHeadingGoesWithWhatFollows() {
        assertThat(Breaks.of(items(strip(50), strip(40), strip(10).keepingNext(), strip(40)), 100))
                .containsExactly(0, 2);
    }

    /** Against trying every way to break, written differently from the program; for as few pages as can be. */
    @Test
    void asFewPagesAsCanBe() {
        Random random = new Random(5);
        for (int run = 0; run < 200; run++) {
            Strip[] strips = new Strip[1 + random.nextInt(9)];
            for (int i = 0; i < strips.length; i++) {
                strips[i] = strip(5 + random.nextInt(70));
            }
            int fewest = Integer.MAX_VALUE;
            for (int breaks = 0; breaks < 1 << strips.length - 1; breaks++) {
                double filled = strips[0].height();
                int pages = 1;
                boolean fits = true;
                for (int i = 1; i < strips.length; i++) {
                    boolean broken = (breaks & 1 << i - 1) != 0;
                    pages += broken ? 1 : 0;
                    filled = broken ? strips[i].height() : filled + strips[i].height();
                    fits &= filled <= 100;
                }
                fewest = fits ? Math.min(fewest, pages) : fewest;
            }
            assertThat(Breaks.of(items(strips), 100)).hasSize(fewest);
        }
    }
}
