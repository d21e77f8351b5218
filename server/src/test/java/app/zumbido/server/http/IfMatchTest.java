package app.zumbido.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Source: RFC 9110, 8.8.3 and 13.1.1. */
class IfMatchTest {
    @ParameterizedTest
    @ValueSource(strings = {"*", "\"7\"", "\"3\", \"7\"", "\"7\" , \"9\""})
    void takesARevisionThatIsNamed(String header) {
        assertThat(IfMatch.of(header).allows(7)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"\"6\"", "7", "W/\"7\"", "", "\"77\""})
    void takesNoOther(String header) {
        assertThat(IfMatch.of(header).allows(7)).isFalse();
    }

    @Test
    void tellsTheNewestRevisionThatIsNamed() {
        assertThat(IfMatch.of("\"3\", \"12\", \"7\", W/\"20\"").newest()).hasValue(12);
        assertThat(IfMatch.of("*").newest()).isEmpty();
    }
}
