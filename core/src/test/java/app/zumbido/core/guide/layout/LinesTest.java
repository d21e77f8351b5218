package app.zumbido.core.guide.layout;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.guide.layout.Lines.Line;
import app.zumbido.core.type.TypeRole;
import org.junit.jupiter.api.Test;

/** Every letter of this face is as wide as half its size. */
class LinesTest {
    private static final Lettered STYLE = new Lettered(TypeRole.BODY, false, 10);

    @Test
    void breaksBetweenWords() {
        assertThat(Lines.of("boats at dawn", STYLE, 40, new EvenLetters()))
                .containsExactly(new Line("boats at", false), new Line("dawn", false));
    }

    @Test
    void breaksAWordThatIsWiderThanAllAndSaysSo() {
        assertThat(Lines.of("Donaudampfschiff", STYLE, 30, new EvenLetters()))
                .containsExactly(new Line("Donaud", true), new Line("ampfsc", true), new Line("hiff", false));
    }

    @Test
    void aPlaceThatIsNarrowerThanALetterStillEnds() {
        assertThat(Lines.of("ab", STYLE, 1, new EvenLetters())).hasSize(2);
        assertThat(Lines.of("", STYLE, 1, new EvenLetters())).containsExactly(new Line("", false));
    }

    @Test
    void whatWasBrokenIsReadAsItWas() {
        Setting setting = new Setting(30, 500, 10, 5, Setting.Density.USUAL, EvenLetters.INKS, new EvenLetters());
        Part part = Lines.set(Tag.P, "Donaudampfschiff at sea", STYLE, EvenLetters.INKS.text(), 0, 0, 30, setting);
        assertThat(part.text()).isEqualTo("Donaudampfschiff at sea");
    }
}
