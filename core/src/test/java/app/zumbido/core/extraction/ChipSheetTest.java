package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A sheet of chips as printers and paint makers draw them; common practice, no published source. */
class ChipSheetTest {
    private static final String[] COLORS = {"0B2A4A", "0F7C7A", "F2682A", "5B6670", "7A5CD6", "C0392B"};

    private static Drawing sheet(int width, int high) {
        Drawing sheet = Drawing.on(400, 300, "FFFFFF");
        for (int i = 0; i < COLORS.length; i++) {
            int left = 30 + i % 3 * 120;
            // Rows are seldom quite straight.
            int top = 40 + i / 3 * 130 + i % 3 * 4;
            sheet.box(COLORS[i], left, top, left + width, top + high);
        }
        return sheet;
    }

    private static List<String> hexes(Extraction extraction) {
        return extraction.proposals().stream().map(p -> p.color().digits()).toList();
    }

    @Test
    void isReadRowByRowAndEndsWithItsGround() {
        Extraction extraction = Extraction.from(sheet(80, 90).pixels());
        assertThat(extraction.sheet()).isTrue();
        assertThat(hexes(extraction))
                .containsExactly("0B2A4A", "0F7C7A", "F2682A", "5B6670", "7A5CD6", "C0392B", "FFFFFF");
        assertThat(extraction.proposals().get(6).ground()).isTrue();
        assertThat(extraction.usualOrder()).isEqualTo(Order.PLACE);
        assertThat(extraction.shown(Optional.of(2), Order.PLACE))
                .extracting(p -> p.color().digits())
                .containsExactly("0B2A4A", "0F7C7A", "FFFFFF");
    }

    @Test
    void lettersBesideAndUponTheChipsAreNoColorsOfIt() {
        Drawing sheet = sheet(80, 90);
        for (int i = 0; i < COLORS.length; i++) {
            int left = 30 + i % 3 * 120;
            int top = 40 + i / 3 * 130;
            sheet.box("222222", left + 10, top + 20, left + 40, top + 24);
            sheet.box("222222", left, top + 100, left + 50, top + 104);
        }
        assertThat(hexes(Extraction.from(sheet.pixels())))
                .containsExactly("0B2A4A", "0F7C7A", "F2682A", "5B6670", "7A5CD6", "C0392B", "FFFFFF");
    }

    @Test
    void areasOfManySizesOrTwoOfOneAreADrawing() {
        Drawing sizes = Drawing.on(400, 300, "FFFFFF")
                .box("0B2A4A", 10, 10, 60, 60)
                .box("0F7C7A", 100, 10, 220, 110)
                .box("F2682A", 10, 120, 90, 280)
                .disc("5B6670", 320, 200, 60);
        assertThat(Extraction.from(sizes.pixels()).sheet()).isFalse();
        Drawing two =
                Drawing.on(400, 300, "FFFFFF").box("0B2A4A", 30, 40, 110, 130).box("0F7C7A", 150, 40, 230, 130);
        assertThat(Extraction.from(two.pixels()).sheet()).isFalse();
        // Three alike beside a drawing that takes more room than they do.
        Drawing beside = Drawing.on(400, 300, "FFFFFF")
                .box("0B2A4A", 10, 10, 40, 40)
                .box("0F7C7A", 50, 10, 80, 40)
                .box("F2682A", 90, 10, 120, 40)
                .disc("5B6670", 250, 180, 90);
        assertThat(Extraction.from(beside.pixels()).sheet()).isFalse();
    }

    @Test
    void chipsThatTouchAndLeaveNoGroundAreASheetToo() {
        Drawing row = Drawing.on(480, 200, COLORS[0]);
        for (int i = 0; i < COLORS.length; i++) {
            row.box(COLORS[i], i * 80, 0, i * 80 + 80, 200);
            row.box("FFFFFF", i * 80 + 8, 170, i * 80 + 60, 174);
        }
        Extraction extraction = Extraction.from(row.pixels());
        assertThat(extraction.sheet()).isTrue();
        assertThat(hexes(extraction)).containsExactly(COLORS);
    }

    @Test
    void cardsBeneathTheChipsAreNoColorsOfIt() {
        Drawing sheet = Drawing.on(420, 300, "FFFFFF");
        for (int i = 0; i < COLORS.length; i++) {
            int left = 20 + i % 3 * 130;
            int top = 10 + i / 3 * 145;
            sheet.box("E2E2E2", left - 5, top - 5, left + 115, top + 130);
            sheet.box(COLORS[i], left, top, left + 110, top + 90);
        }
        Extraction extraction = Extraction.from(sheet.pixels());
        assertThat(extraction.sheet()).isTrue();
        assertThat(hexes(extraction)).startsWith(COLORS);
    }

    @Test
    void aChipThatLettersTearApartHasItsPlaceInTheGrid() {
        Drawing sheet = sheet(80, 90);
        // Across the whole of the fifth.
        sheet.box("FFFFFF", 150, 210, 230, 236);
        assertThat(hexes(Extraction.from(sheet.pixels())))
                .containsExactly("0B2A4A", "0F7C7A", "F2682A", "5B6670", "7A5CD6", "C0392B", "FFFFFF");
    }

    @Test
    void aSheetOnAColorHasThatColorForItsGround() {
        Drawing sheet = Drawing.on(400, 200, "EAF3F2");
        for (int i = 0; i < 3; i++) {
            sheet.disc(COLORS[i], 70 + i * 130, 100, 45);
        }
        Extraction extraction = Extraction.from(sheet.pixels());
        assertThat(extraction.sheet()).isTrue();
        assertThat(hexes(extraction)).containsExactly("0B2A4A", "0F7C7A", "F2682A", "EAF3F2");
        assertThat(extraction.shown(Optional.empty(), Order.LIGHTNESS))
                .extracting(Proposal::color)
                .endsWith(Rgb.ofHex("EAF3F2"));
    }
}
