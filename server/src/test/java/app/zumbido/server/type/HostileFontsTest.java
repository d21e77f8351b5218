package app.zumbido.server.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.formats.fonts.HostileFonts;
import app.zumbido.formats.fonts.ShippedFaces;
import app.zumbido.formats.fonts.UnreadableFontException;
import app.zumbido.server.ServerTest;
import java.io.ByteArrayInputStream;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;

/** Fonts that would fill the memory or never end are tried apart, and refused with what to do. */
@ServerTest
@Timeout(60)
@TestPropertySource(properties = "zumbido.drawing-budget=3s")
class HostileFontsTest {
    @Autowired
    private Fonts fonts;

    static Stream<byte[]> hostile() {
        return Stream.of(HostileFonts.namesOverEachOther(20_000), HostileFonts.lettersByTheBillion(100_000));
    }

    @ParameterizedTest
    @MethodSource("hostile")
    void areRefusedAndNothingIsKept(byte[] file) {
        Set<String> before = fonts.heldBlobs();
        assertThatThrownBy(() -> fonts.add(null, "hostile.ttf", new ByteArrayInputStream(file)))
                .isInstanceOf(UnreadableFontException.class)
                .hasMessageContaining("too much time or memory");
        assertThat(fonts.own(null)).isEmpty();
        assertThat(fonts.heldBlobs()).isEqualTo(before);
    }

    /** Four thousand names are more than a hundred megabytes in memory: it ends, but no font is worth that. */
    @Test
    void whatHoldsMuchMoreThanItsFileIsRefused() {
        byte[] file = HostileFonts.namesOverEachOther(4_000);
        assertThatThrownBy(() -> fonts.add(null, "large.ttf", new ByteArrayInputStream(file)))
                .hasMessageContaining("too much time or memory");
    }

    @Test
    void othersAreTakenIn() {
        byte[] file = ShippedFaces.bytes("caveat-400.ttf");
        FaceAtHand face =
                fonts.add(null, "caveat.ttf", new ByteArrayInputStream(file)).get(0);
        assertThat(face.face().family()).isEqualTo("Caveat");
        fonts.remove(java.util.UUID.fromString(face.id()));
    }
}
