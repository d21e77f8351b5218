package app.zumbido.core.palette;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Companions.Part;
import app.zumbido.core.palette.Companions.Ticket;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.ValueSource;

class CompanionsTest {
    private static final Rgb NAVY = Rgb.ofHex("0B2A4A");
    private static final Rgb TEAL = Rgb.ofHex("0F7C7A");
    private static final Rgb ORANGE = Rgb.ofHex("F2682A");

    @Test
    void makeASheetOfTwelveInTwoRowsOfSix() {
        List<Ticket> tickets = Companions.of(List.of(TEAL, ORANGE, NAVY)).tickets();
        assertThat(tickets)
                .extracting(Ticket::part)
                .containsExactly(
                        Part.BASE,
                        Part.DARKER,
                        Part.LIGHTER,
                        Part.BASE,
                        Part.DARKER,
                        Part.LIGHTER,
                        Part.BASE,
                        Part.DARKER,
                        Part.LIGHTER,
                        Part.BRIGHTER,
                        Part.BRIGHTER,
                        Part.BRIGHTER);
        assertThat(tickets).extracting(Ticket::color).doesNotHaveDuplicates().contains(TEAL, ORANGE, NAVY);
    }

    /** White and black themselves have a partner on one side only. */
    @ParameterizedTest
    @ValueSource(strings = {"0F7C7A", "F2682A", "0B2A4A", "EAF3F2", "777777", "101010", "FFD400", "FF00FF"})
    void partnersAreSeenToBeDarkerAndLighter(String hex) {
        Rgb base = Rgb.ofHex(hex);
        Rgb darker = Companions.darker(base);
        Rgb lighter = Companions.lighter(base);
        assertThat(Oklch.of(darker).l()).isLessThan(Oklch.of(base).l());
        assertThat(Oklch.of(lighter).l()).isGreaterThan(Oklch.of(base).l());
        assertThat(Difference.between(darker, lighter)).isGreaterThan(8);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "companions.csv", useHeadersInDisplayName = true)
    void areMadeBySteps(String hex, String darker, String lighter, String brighter, String back, String on) {
        List<Ticket> tickets =
                Companions.of(List.of(Rgb.ofHex(hex), TEAL, ORANGE)).tickets();
        List<String> wanted = List.of(hex, darker, lighter, brighter, back, on);
        List<Integer> places = List.of(0, 1, 2, 9, 10, 11);
        for (int i = 0; i < places.size(); i++) {
            Ticket ticket = tickets.get(places.get(i));
            Swatches.assertNearly(ticket.color(), wanted.get(i));
            assertThat(ticket.base()).isZero();
        }
        assertThat(tickets.subList(3, 9)).extracting(Ticket::base).containsExactly(1, 1, 1, 2, 2, 2);
    }

    @Test
    void needThreeBases() {
        assertThatThrownBy(() -> Companions.of(List.of(TEAL, ORANGE))).isInstanceOf(IllegalArgumentException.class);
    }
}
