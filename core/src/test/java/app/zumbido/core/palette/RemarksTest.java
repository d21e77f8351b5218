package app.zumbido.core.palette;

import static app.zumbido.core.palette.Swatches.id;
import static app.zumbido.core.palette.Swatches.palette;
import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Cmyk;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.PressProfile;
import app.zumbido.core.color.Rgb;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Numbers of the trade: common practice, no published source. */
class RemarksTest {
    /** A press that prints everything but strong greens, which come out grey. */
    private static final PressProfile PRESS = new PressProfile() {
        @Override
        public Cmyk toCmyk(Rgb rgb) {
            boolean strong = rgb.green() > 200 && Oklch.of(rgb).c() > 0.2;
            return new Cmyk(
                    strong ? 0.5 : rgb.red() / 255.0, strong ? 0.5 : rgb.green() / 255.0, rgb.blue() / 255.0, 0);
        }

        @Override
        public Rgb toRgb(Cmyk inks) {
            return new Rgb(byteOf(inks.cyan()), byteOf(inks.magenta()), byteOf(inks.yellow()));
        }

        private int byteOf(double share) {
            return (int) Math.round(share * 255);
        }
    };

    private static List<String> keys(Palette palette) {
        return Remarks.of(palette, PRESS).stream().map(Remark::key).toList();
    }

    @Test
    void nothingIsSaidOfAPaletteThatIsAsItShouldBe() {
        assertThat(keys(palette("0B2A4A", "0F7C7A", "F2682A", "5B6670"))).isEmpty();
        assertThat(keys(Palette.EMPTY)).isEmpty();
    }

    @Test
    void twoThatAreHardlyToldApartAreNamed() {
        List<Remark> remarks = Remarks.of(palette("0B2A4A", "0F7C7A", "107D7B", "5B6670"), PRESS);
        assertThat(remarks).singleElement().isInstanceOfSatisfying(Remark.NearlyTheSame.class, alike -> {
            assertThat(alike.kept().id()).isEqualTo(id(2));
            assertThat(alike.other().id()).isEqualTo(id(3));
            assertThat(alike.difference()).isBetween(0.1, 1.0);
        });
    }

    @Test
    void moreThanSevenInTheCoreAreTooMany() {
        Palette eight = palette("0B2A4A", "0F7C7A", "F2682A", "5B6670", "7A5CD6", "C0392B", "2E8B3A", "FFD400");
        assertThat(Remarks.of(eight, PRESS)).singleElement().isInstanceOfSatisfying(Remark.TooMany.class, many -> {
            assertThat(many.count()).isEqualTo(8);
            assertThat(many.surplus()).extracting(Swatch::id).containsExactly(id(8));
        });
        assertThat(keys(eight.sorting(List.of(id(8)), Group.EXTENDED))).isEmpty();
    }

    @Test
    void stepsOfALadderDoNotCount() {
        Palette seven = palette("0B2A4A", "0F7C7A", "F2682A", "5B6670", "7A5CD6", "C0392B", "2E8B3A");
        Swatch step = Swatches.swatch(8, "000000").following(new Paint.OnLadder(id(2), 0.5), Rgb.ofHex("0F7C7A"));
        assertThat(keys(seven.with(List.of(step)))).isEmpty();
    }

    @Test
    void twoAreTooFewAndNoNeutralIsMissed() {
        assertThat(keys(palette("F2682A", "FFD400"))).containsExactly("too-few", "no-neutral");
        assertThat(keys(palette("F2682A", "FFD400", "333333"))).isEmpty();
    }

    @Test
    void whiteAndPaleNeedAnOutline() {
        assertThat(keys(palette("0B2A4A", "FFFFFF", "EAF3F2", "FFD400")))
                .containsExactly("needs-outline " + id(2), "needs-outline " + id(3));
    }

    @Test
    void whatThePressCannotReachIsSaid() {
        List<Remark> remarks = Remarks.of(palette("0B2A4A", "00F040", "5B6670"), PRESS);
        assertThat(remarks)
                .singleElement()
                .isInstanceOfSatisfying(
                        Remark.BeyondPress.class,
                        beyond -> assertThat(beyond.swatch().id()).isEqualTo(id(2)));
    }

    @Test
    void aPaleGreyIsNoNeutralToReadAndAVividDarkOneIsNone() {
        assertThat(keys(palette("F2682A", "FFD400", "999999"))).containsExactly("no-neutral");
        assertThat(keys(palette("F2682A", "FFD400", "0000A0"))).containsExactly("no-neutral");
    }

    @Test
    void twoOfThemAreToldOnceAndTheCloserPairToo() {
        assertThat(Remarks.of(palette("0B2A4A", "0B2A4A", "5B6670", "5C6771"), PRESS))
                .hasSize(2);
        assertThat(keys(palette("0B2A4A", "0F7C7A", "5B6670", "8A9AA8"))).isEmpty();
    }

    /** A remark that is put aside is known again by its key, so each has one of its own. */
    @Test
    void everyRemarkIsKnownByItsKey() {
        List<String> keys =
                keys(palette("0B2A4A", "00F040", "0F7C7A", "107D7B", "F2682A", "7A5CD6", "C0392B", "2F5DFF", "FFFFFF"));
        assertThat(keys).doesNotHaveDuplicates().allMatch(key -> !key.isBlank()).hasSizeGreaterThanOrEqualTo(4);
        assertThat(keys).anyMatch(key -> key.contains(id(2).toString()));
        assertThat(keys).anyMatch(key -> key.contains(id(3).toString()) && key.contains(id(4).toString()));
    }

    /** CIELAB lightness under 20 and chroma under 8; common practice, no published source. L of 222222 is 13, of 333333 21. */
    @Test
    void textInANearBlackIsPrintedWithBlackAlone() {
        for (String black : List.of("000000", "111111", "222222", "1A1A1D")) {
            assertThat(keys(palette("F2682A", black, "FFD400"))).contains("black-alone " + id(2));
        }
        for (String other : List.of("333333", "0B2A4A", "2A0A0A", "5B6670")) {
            assertThat(keys(palette("F2682A", other, "FFD400"))).noneMatch(key -> key.startsWith("black-alone"));
        }
    }
}
