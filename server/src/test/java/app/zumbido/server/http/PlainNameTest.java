package app.zumbido.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.validation.Validation;
import jakarta.validation.Validator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The characters of XML 1.0, Fifth Edition, 2.2, without line breaks and tabs. */
class PlainNameTest {
    private static final Validator VALIDATOR =
            Validation.buildDefaultValidatorFactory().getValidator();

    private record Named(@PlainName(max = 12) String name) {}

    private static boolean takes(String name) {
        return VALIDATOR.validate(new Named(name)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Foam", "Föhr & <x>", "蓝色", "a", "\uD83D\uDE00 ok", "twelve chars"})
    void takesWhatEveryFileCanCarry(String name) {
        assertThat(takes(name)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "   ", "thirteen char", "a\u0000b", "a\nb", "a\tb", "\uD83D", "\uDE00x", "a\uFFFEb", "\u007F"
            })
    void refusesWhatSomeFileCannot(String name) {
        assertThat(takes(name)).isFalse();
    }

    @Test
    void leavesItToOthersWhetherANameMustBeThere() {
        assertThat(VALIDATOR.validateValue(Named.class, "name", null)).isEmpty();
    }
}
