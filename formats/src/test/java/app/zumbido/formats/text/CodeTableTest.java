package app.zumbido.formats.text;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.palette.Notes;
import app.zumbido.formats.BrandExample;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CodeTableTest {
    private static final Instant TIME = Instant.parse("2026-03-01T08:00:00Z");

    private static String written(Brand brand) {
        return new String(BrandExample.written(new CodeTable(), brand), StandardCharsets.UTF_8);
    }

    /** Reads by the grammar of RFC 4180, 2. */
    private static List<List<String>> read(String text) {
        List<List<String>> lines = new ArrayList<>();
        List<String> line = new ArrayList<>();
        StringBuilder cell = new StringBuilder();
        boolean quoted = false;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (quoted) {
                if (c == '"' && i + 1 < text.length() && text.charAt(i + 1) == '"') {
                    cell.append(c);
                    i++;
                } else if (c == '"') {
                    quoted = false;
                } else {
                    cell.append(c);
                }
            } else if (c == '"') {
                quoted = true;
            } else if (c == ',' || c == '\r') {
                line.add(cell.toString());
                cell.setLength(0);
                if (c == '\r') {
                    lines.add(line);
                    line = new ArrayList<>();
                    i++;
                }
            } else {
                cell.append(c);
            }
        }
        return lines;
    }

    @Test
    void hasALineForEachSwatchAndACellForEachCode() {
        Brand brand = BrandExample.ferries();
        String text = written(brand);
        assertThat(text).startsWith("\uFEFFName,Group,Hex");
        List<List<String>> lines = read(text.substring(1));
        assertThat(lines).hasSize(1 + brand.usable().swatches().size());
        assertThat(lines).allSatisfy(line -> assertThat(line).hasSize(13));
        var first = brand.usable().swatches().get(0);
        assertThat(lines.get(1).get(0)).endsWith(first.name());
        assertThat(lines.get(1).subList(2, 6))
                .containsExactly(
                        first.color().hex(),
                        String.valueOf(first.color().red()),
                        String.valueOf(first.color().green()),
                        String.valueOf(first.color().blue()));
    }

    /** Workbooks run what begins like a formula. */
    @Test
    void runsNothingAndLosesNothing() {
        String strange = "蓝 🌊 \u05DB\u05D7\u05D5\u05DC, \"tief\"";
        Brand brand = BrandExample.brand("Föhr", strange + " 5B6670", "@sum 0F7C7A");
        Brand noted = brand.apply(
                new PaletteChange.NoteSwatch(brand.palette().swatches().get(0).id(), new Notes("=1+1", "-2, \"so\"")));
        List<List<String>> lines = read(written(noted).substring(1));
        assertThat(lines.get(1).get(0)).endsWith(strange);
        assertThat(lines.get(1).subList(11, 13)).containsExactly("'=1+1", "'-2, \"so\"");
        Brand uncoded = brand.apply(new BrandChange.SetShortCode(Optional.empty()));
        assertThat(read(written(uncoded).substring(1)).get(2).get(0)).isEqualTo("'@sum");
    }
}
