package app.zumbido.core.type;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Source: OpenType 1.9, OS/2 table, fsType. */
class EmbeddingTest {
    @ParameterizedTest
    @CsvSource({
        "0x0000, INSTALLABLE",
        "0x0002, NONE",
        "0x0004, PRINT",
        "0x0008, EDITABLE",
        // No subsetting does not forbid to embed.
        "0x0100, INSTALLABLE",
        "0x0108, EDITABLE",
        // Old files set several; the most permissive holds.
        "0x000C, EDITABLE",
        "0x000E, EDITABLE",
        "0x0006, PRINT",
        // Only bitmaps may be embedded, and there are none.
        "0x0200, NONE",
        "0x0208, NONE"
    })
    void readsWhatTheFilePermits(String fsType, Embedding embedding) {
        assertThat(Embedding.ofFsType(Integer.decode(fsType))).isEqualTo(embedding);
    }
}
