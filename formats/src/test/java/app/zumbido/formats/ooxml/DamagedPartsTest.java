package app.zumbido.formats.ooxml;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.inspect.Inventory;
import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.archive.DamagedPart;
import app.zumbido.formats.archive.TextParts;
import app.zumbido.formats.image.UnreadableImageException;
import java.io.IOException;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Whatever stands in the parts of a deck, walking through it ends in colours or in a plain refusal. */
class DamagedPartsTest {
    private static final int VARIANTS = 120;

    private final Random random = new Random(31);

    @Test
    void neverLeadToAnythingButColorsOrARefusal() throws IOException {
        int read = 0;
        for (int variant = 0; variant < VARIANTS; variant++) {
            Map<String, String> parts = TextParts.of(Decks.byChance(variant % 5));
            DamagedPart.in(parts, 1 + variant % 3, random);
            try (OfficeFile file = OfficeFile.of(Archive.open(TextParts.zip(parts)))) {
                Inventory.Tally tally = new Inventory.Tally();
                file.walk(tally);
                read += tally.inventory(file.theme(), true).isEmpty() ? 0 : 1;
            } catch (UnreadableImageException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
        assertThat(read).isGreaterThan(VARIANTS / 10);
    }
}
