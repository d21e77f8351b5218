package app.zumbido.formats.text;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.formats.BrandExample;
import org.junit.jupiter.api.Test;

class CodeSheetTest {
    @Test
    void listsEveryCodeInColumns() {
        String text = CodeSheet.write(BrandExample.ferries().look());
        assertThat(text)
                .startsWith("Ostrel Ferries\n\nPalette\n")
                .contains("  OF Night channel  #0B2A4A  rgb(11 42 74)")
                .contains(
                        "hsl(210 74% 17%)",
                        "C 96 M 57 Y 0 K 73", "lab(16.3% -1.2 -23.6)", "lch(16.3% 23.6 267)", "oklch(28.1% ")
                .contains("\nTheme Ostrel Ferries\n")
                .contains("  Followed hyperlink  ")
                .contains("  Heading  Trebuchet MS\n");
        assertThat(text.lines().filter(line -> line.contains("#"))).hasSize(3 + 12);
    }
}
