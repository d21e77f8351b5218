package app.zumbido.formats.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

/** Source: W3C XML 1.0, 3.1, which lets a closing tag have blanks before its end. */
class RawTagTest {
    private static String closing(String text) {
        RawTag.Span span = RawTag.at(text, 0).closing(text);
        return text.substring(span.from(), span.to());
    }

    @Test
    void isClosedByTheTagOfItsNameHoweverThatIsWritten() {
        assertThat(closing("<a:c val='1'><a:tint/></a:c></b>")).isEqualTo("</a:c>");
        assertThat(closing("<a:c><a:color></a:color></a:c \n></b>")).isEqualTo("</a:c \n>");
        assertThatThrownBy(() -> closing("<a:c></a:color>")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void isOpenedForSomethingToStandInIt() {
        String text = "<r:List a='/>' />";
        assertThat(RawTag.at(text, 0).opened(text, "<b/>")).isEqualTo("<r:List a='/>'><b/></r:List>");
    }
}
