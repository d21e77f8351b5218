package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.image.Pixels;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Averages and differences against their definitions, worked out the long way round for each cell by itself. */
class CellsTest {
    private static final int LOOKED_AT = 400;

    /** Colours by chance, a third of them transparent in places. */
    private static Pixels byChance(int width, int height, long seed) {
        Random random = new Random(seed);
        int[] argb = new int[width * height];
        for (int i = 0; i < argb.length; i++) {
            boolean gone = i % width < width / 3 && random.nextBoolean();
            argb[i] = (gone ? 0 : 0xFF000000) | random.nextInt(1 << 24);
        }
        return Pixels.wrap(width, height, argb);
    }

    /** @return the mean of those that are there, rounded half up; nothing if there is none */
    private static int mean(List<Integer> colors) {
        List<Integer> there =
                colors.stream().filter(rgb -> rgb != Cells.NOTHING).toList();
        if (there.isEmpty()) {
            return Cells.NOTHING;
        }
        int mean = 0;
        for (int shift : new int[] {16, 8, 0}) {
            int channel = shift;
            double sum =
                    there.stream().mapToDouble(rgb -> rgb >> channel & 0xFF).sum();
            mean |= (int) Math.floor(sum / there.size() + 0.5) << shift;
        }
        return mean;
    }

    private static int[] channels(int rgb) {
        return new int[] {rgb >> 16 & 0xFF, rgb >> 8 & 0xFF, rgb & 0xFF};
    }

    private static int seen(Pixels pixels, int x, int y) {
        int argb = pixels.at(x, y);
        return argb >>> 24 == 0xFF ? argb & 0xFFFFFF : Cells.NOTHING;
    }

    private static int[] someOf(int count) {
        return new Random(5).ints(LOOKED_AT, 0, count).toArray();
    }

    /** A million pixels are looked at one by one; more are averaged until 200,000 cells are left at most. */
    @ParameterizedTest
    @CsvSource({"1000, 1000, 1, 1", "1200, 900, 3, 1", "2000, 1700, 5, 2"})
    void averagesSquaresOfAPictureThatIsLarge(int width, int height, int scale, int step) {
        Pixels pixels = byChance(width, height, 1);
        Cells cells = Cells.of(pixels);
        assertThat(cells.scale).isEqualTo(scale);
        assertThat(cells.width).isEqualTo(width / scale);
        assertThat(cells.height).isEqualTo(height / scale);
        assertThat(cells.count()).isEqualTo(cells.width * cells.height);
        for (int cell : someOf(cells.count())) {
            int left = cell % cells.width * scale;
            int top = cell / cells.width * scale;
            List<Integer> square = new ArrayList<>();
            for (int y = top; y < top + scale; y += step) {
                for (int x = left; x < left + scale; x += step) {
                    square.add(seen(pixels, x, y));
                }
            }
            long there = square.stream().filter(rgb -> rgb != Cells.NOTHING).count();
            int mean = there * 2 * step * step < scale * scale ? Cells.NOTHING : mean(square);
            assertThat(cells.plain(cell)).isEqualTo(mean);
            if (scale > 1) {
                assertThat(cells.at(cell)).isEqualTo(mean);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"1", "2", "3"})
    void smoothsOverTheCellsAround(int reach) {
        Cells cells = Cells.of(byChance(40, 30, 2));
        Cells smooth = reach == 1 ? cells : cells.smoothed(reach);
        for (int cell = 0; cell < cells.count(); cell++) {
            int x = cell % 40;
            int y = cell / 40;
            int[] around = IntStream.range(0, cells.count())
                    .filter(i -> Math.abs(i % 40 - x) <= reach && Math.abs(i / 40 - y) <= reach)
                    .toArray();
            int mean = cells.plain(cell) == Cells.NOTHING
                    ? Cells.NOTHING
                    : mean(IntStream.of(around).mapToObj(cells::plain).toList());
            assertThat(smooth.at(cell)).isEqualTo(mean);
            assertThat(smooth.plain(cell)).isEqualTo(cells.plain(cell));
        }
    }

    @Test
    void becomesCoarserAndKnowsItsPlacesStill() {
        Pixels pixels = byChance(41, 33, 3);
        Cells cells = Cells.of(pixels);
        Cells coarse = cells.coarser(100);
        assertThat(coarse.scale).isEqualTo(4);
        assertThat(coarse.width).isEqualTo(10);
        assertThat(coarse.height).isEqualTo(8);
        for (int cell = 0; cell < coarse.count(); cell++) {
            List<Integer> square = new ArrayList<>();
            for (int i = 0; i < 16; i++) {
                square.add(cells.plain((cell / 10 * 4 + i / 4) * 41 + cell % 10 * 4 + i % 4));
            }
            long there = square.stream().filter(rgb -> rgb != Cells.NOTHING).count();
            assertThat(coarse.at(cell)).isEqualTo(there < 8 ? Cells.NOTHING : mean(square));
            assertThat(coarse.plain(cell)).isEqualTo(coarse.at(cell));
            assertThat(coarse.place(cell)).isEqualTo(new Place(cell % 10 * 4 + 2, cell / 10 * 4 + 2));
            assertThat(coarse.pixel(cell)).isEqualTo(pixels.at(cell % 10 * 4 + 2, cell / 10 * 4 + 2));
        }
    }

    @Test
    void staysAsItIsWhereItIsCoarseEnough() {
        Cells cells = Cells.of(byChance(10, 10, 4));
        Cells same = cells.coarser(100);
        assertThat(same.width).isEqualTo(10);
        for (int cell = 0; cell < 100; cell++) {
            assertThat(same.at(cell)).isEqualTo(cells.plain(cell));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "0x102030, 0x102030, 0",
        "0x102030, 0x152030, 5",
        "0x152030, 0x102030, 5",
        "0x102030, 0x102930, 9",
        "0x102030, 0x102037, 7",
        "0x102030, 0x131F37, 7",
        "-1, -1, 0",
        "-1, 0x102030, 255",
        "0x102030, -1, 255"
    })
    void areApartByTheChannelThatDiffersMost(String one, String other, int apart) {
        assertThat(Cells.apart(Integer.decode(one), Integer.decode(other))).isEqualTo(apart);
    }

    private static int largest(int[] one, int[] other) {
        return IntStream.range(0, 3).map(i -> Math.abs(one[i] - other[i])).max().orElseThrow();
    }

    /** Two cells to each side, in four directions; beyond the edge the picture goes on as it ends. */
    @Test
    void changeAsMuchAsInTheDirectionOfTheSteepestChange() {
        Cells cells = Cells.of(byChance(30, 20, 6));
        byte[] changes = cells.changes();
        int[][] ways = {{2, 0}, {0, 2}, {2, 2}, {2, -2}};
        for (int cell = 0; cell < cells.count(); cell++) {
            int most = 0;
            for (int[] way : ways) {
                int one = clamped(cells, cell % 30 + way[0], cell / 30 + way[1]);
                int other = clamped(cells, cell % 30 - way[0], cell / 30 - way[1]);
                boolean edge = one == Cells.NOTHING != (other == Cells.NOTHING);
                most = Math.max(most, edge ? 255 : one == Cells.NOTHING ? 0 : largest(channels(one), channels(other)));
            }
            assertThat(changes[cell] & 0xFF).isEqualTo(cells.at(cell) == Cells.NOTHING ? 255 : most);
        }
    }

    private static int clamped(Cells cells, int x, int y) {
        return cells.at(Math.max(0, Math.min(19, y)) * 30 + Math.max(0, Math.min(29, x)));
    }

    /** Half of how far the middle lies off the sum of both sides; nothing where a side lies beyond the edge. */
    @Test
    void bendAsMuchAsInTheDirectionOfTheSharpestBend() {
        Cells cells = Cells.of(byChance(30, 20, 7));
        byte[] bends = cells.bends();
        int[][] ways = {{2, 0}, {0, 2}, {2, 2}, {2, -2}};
        for (int cell = 0; cell < cells.count(); cell++) {
            int most = 0;
            for (int[] way : ways) {
                most = Math.max(most, bend(cells, cell % 30, cell / 30, way));
            }
            assertThat(bends[cell] & 0xFF).isEqualTo(cells.at(cell) == Cells.NOTHING ? 255 : most);
        }
    }

    private static int bend(Cells cells, int x, int y, int[] way) {
        boolean inside = x - way[0] >= 0 && x + way[0] < 30 && y - Math.abs(way[1]) >= 0 && y + Math.abs(way[1]) < 20;
        if (!inside) {
            return 0;
        }
        int one = cells.at((y - way[1]) * 30 + x - way[0]);
        int other = cells.at((y + way[1]) * 30 + x + way[0]);
        if (one == Cells.NOTHING || other == Cells.NOTHING) {
            return 255;
        }
        int[] middle = channels(cells.at(y * 30 + x));
        return IntStream.range(0, 3)
                .map(i -> (int) (Math.abs((channels(one)[i] + channels(other)[i]) / 2.0 - middle[i])))
                .max()
                .orElseThrow();
    }

    @Test
    void doesNotBendInAGradientHoweverSteep() {
        int[] argb = IntStream.range(0, 200)
                .map(i -> 0xFF000000 | i % 20 * 12 << 16 | i % 20 * 6)
                .toArray();
        Cells cells = Cells.of(Pixels.wrap(20, 10, argb));
        byte[] bends = cells.bends();
        for (int cell = 0; cell < cells.count(); cell++) {
            if (cell % 20 > 2 && cell % 20 < 17) {
                assertThat(bends[cell]).isZero();
                assertThat(cells.changes()[cell] & 0xFF).isEqualTo(48);
            }
        }
    }
}
