package app.zumbido.formats.ooxml;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.inspect.Inventory;
import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.archive.TextParts;
import app.zumbido.formats.image.UnreadableImageException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Whatever stands in the parts of a deck, walking through it ends in colours or in a plain refusal. */
class DamagedPartsTest {
    private static final int VARIANTS = 250;

    private final Random random = new Random(31);

    /** A value becomes another one, a tag another tag, a piece is doubled or missing. */
    private String damaged(String part) {
        int at = random.nextInt(part.length());
        int quote = part.indexOf('"', at);
        int close = quote < 0 ? -1 : part.indexOf('"', quote + 1);
        int tag = part.indexOf('<', at);
        int end = tag < 0 ? -1 : part.indexOf('>', tag);
        String[] values = {"", "-1", "99999999999999999999", "NaN", "#", "\u00E9", "phClr", "lt1", "../x", "50%"};
        return switch (random.nextInt(5)) {
            case 0, 1 ->
                close < 0
                        ? part
                        : part.substring(0, quote + 1) + values[random.nextInt(values.length)] + part.substring(close);
            case 2 -> end < 0 ? part : part.substring(0, tag) + part.substring(end + 1);
            case 3 -> end < 0 ? part : part.substring(0, end + 1) + part.substring(tag);
            default ->
                part.substring(0, at) + (char) random.nextInt(256) + part.substring(Math.min(part.length(), at + 1));
        };
    }

    @Test
    void neverLeadToAnythingButColorsOrARefusal() throws IOException {
        int read = 0;
        for (int variant = 0; variant < VARIANTS; variant++) {
            Map<String, String> parts = TextParts.of(Decks.byChance(variant % 5));
            List<String> names = new ArrayList<>(parts.keySet());
            for (int i = 0; i < 1 + variant % 3; i++) {
                parts.computeIfPresent(names.get(random.nextInt(names.size())), (name, part) -> damaged(part));
            }
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
