package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.SwatchId;
import java.util.Arrays;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class SlotSettingTest {
    private static final Paint NAVY = new Paint.OfSwatch(new SwatchId(new UUID(0, 1)));
    private static final Paint TEAL = new Paint.OfSwatch(new SwatchId(new UUID(0, 2)));
    private static final Paint WHITE = new Paint.Fixed(Rgb.WHITE);
    private static final SlotReason REASON = SlotReason.AS_ITS_ROLE_SAYS;

    /** Source: ECMA-376 Part 1, 20.1.6.2 and 20.1.10.46. */
    @Test
    void callsTheSlotsAsTheStandardDoes() {
        assertThat(Arrays.stream(ThemeSlot.values()).map(ThemeSlot::code))
                .containsExactly(
                        "dk1",
                        "lt1",
                        "dk2",
                        "lt2",
                        "accent1",
                        "accent2",
                        "accent3",
                        "accent4",
                        "accent5",
                        "accent6",
                        "hlink",
                        "folHlink");
        assertThat(ThemeSlot.ofCode("folHlink")).contains(ThemeSlot.FOLLOWED_HYPERLINK);
        assertThat(ThemeSlot.ofCode("tx1")).isEmpty();
    }

    @Test
    void keepsItsReasonWhenAnotherSwatchTakesThePlaceOfOne() {
        assertThat(SlotSetting.because(REASON, NAVY).repainted(paint -> TEAL))
                .isEqualTo(SlotSetting.because(REASON, TEAL));
    }

    @Test
    void losesItsReasonWithTheSwatchThatItWasAbout() {
        assertThat(SlotSetting.because(REASON, NAVY).repainted(paint -> WHITE)).isEqualTo(SlotSetting.chosen(WHITE));
    }

    @Test
    void keepsItsReasonWhereThereNeverWasASwatch() {
        assertThat(SlotSetting.because(REASON, WHITE).repainted(paint -> paint))
                .isEqualTo(SlotSetting.because(REASON, WHITE));
        assertThat(SlotSetting.EMPTY.repainted(paint -> WHITE)).isEqualTo(SlotSetting.EMPTY);
    }
}
