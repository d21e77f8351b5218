package app.zumbido.core.guide.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.Block.Chip;
import app.zumbido.core.guide.Block.Chips;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ChipRowsTest {
    private static final double WIDTH = 500;
    private static final Setting SETTING =
            new Setting(WIDTH, 750, 9.5, 10, Setting.Density.USUAL, EvenLetters.INKS, new EvenLetters());

    private static Chip chip(String name, double percent) {
        return new Chip(Rgb.ofHex("0B2A4A"), name, "", Rgb.WHITE, percent, false);
    }

    private static List<Part> tickets(List<Part> rows) {
        return rows.stream().flatMap(row -> row.parts().stream()).toList();
    }

    private static double area(Part part) {
        return part.box().width() * part.box().height();
    }

    /** But for the seams between them. */
    @Test
    void areasFollowTheProportion() {
        List<Part> tickets = tickets(ChipRows.of(
                new Chips(List.of(chip("Main", 50), chip("Second", 30), chip("Third", 20)), List.of()), SETTING));
        double all = tickets.stream().mapToDouble(ChipRowsTest::area).sum();
        assertThat(area(tickets.get(0)) / all).isCloseTo(0.5, within(0.02));
        assertThat(area(tickets.get(1)) / all).isCloseTo(0.3, within(0.02));
        assertThat(area(tickets.get(2)) / all).isCloseTo(0.2, within(0.02));
    }

    @Test
    void aSmallShareStaysWideEnoughForItsCode() {
        List<Part> tickets = tickets(ChipRows.of(
                new Chips(List.of(chip("Main", 60), chip("Second", 39), chip("Third", 1)), List.of()), SETTING));
        Part smallest = tickets.get(2);
        smallest.drawn()
                .filter(Mark.Words.class::isInstance)
                .forEach(words ->
                        assertThat(smallest.box().contains(words.box())).isTrue());
        assertThat(smallest.box().width()).isGreaterThan(60);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 12, 23, 24})
    void anyNumberStandsInRowsThatAreNearlyEquallyLong(int count) {
        List<Chip> chips =
                IntStream.range(0, count).mapToObj(i -> chip("Colour " + i, 0)).toList();
        List<Part> rows = ChipRows.of(new Chips(List.of(), chips), SETTING);
        assertThat(tickets(rows)).hasSize(count);
        int longest = rows.get(0).parts().size();
        assertThat(rows.size() * longest - count).isLessThan(rows.size() + longest);
        for (Part row : rows) {
            double left = row.parts().get(0).box().x();
            double right = WIDTH - row.parts().get(row.parts().size() - 1).box().right();
            // In the middle, whether it fills its row or not.
            assertThat(left).isCloseTo(right, within(0.01));
        }
    }

    @Test
    void aLongNameWrapsAndMakesItsRowHigher() {
        String name = "Rindfleischetikettierungsüberwachungsaufgabenübertragungsgesetz";
        List<Part> rows =
                ChipRows.of(new Chips(List.of(), List.of(chip(name, 0), chip("Foam", 0))), SETTING.within(180));
        Part ticket = tickets(rows).get(0);
        assertThat(ticket.text()).startsWith(name);
        ticket.drawn()
                .filter(Mark.Words.class::isInstance)
                .forEach(words -> assertThat(ticket.box().contains(words.box())).isTrue());
    }
}
