package app.zumbido.core.type;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class NamedFontsTest {
    private static final Set<String> KNOWN =
            Set.of("Lora", "Open Sans", "Source Sans 3", "Work Sans", "Arial", "Arial Narrow");

    private static NamedFonts.Pair meant(String... lines) {
        return NamedFonts.of(List.of(lines), List.of(), KNOWN).orElseThrow();
    }

    @Test
    void goesByTheWordsBesideAName() {
        assertThat(meant("Our letters", "Body text is set in Open Sans, 11 pt", "Headlines: Lora Bold"))
                .isEqualTo(new NamedFonts.Pair("Lora", "Open Sans"));
        assertThat(meant("Use Lora for headings, Open Sans for body text."))
                .isEqualTo(new NamedFonts.Pair("Lora", "Open Sans"));
        assertThat(meant("Running text in open sans; titles in LORA."))
                .isEqualTo(new NamedFonts.Pair("Lora", "Open Sans"));
    }

    @Test
    void goesByTheLineAboveWhereThatIsATitle() {
        assertThat(meant("Body", "Work Sans Regular 10/14", "Heading", "Lora Bold 32/36"))
                .isEqualTo(new NamedFonts.Pair("Lora", "Work Sans"));
    }

    @Test
    void takesTheFirstForHeadingsWhereNothingIsSaid() {
        assertThat(meant("Typefaces: Lora and Open Sans.")).isEqualTo(new NamedFonts.Pair("Lora", "Open Sans"));
        assertThat(meant("Typeface: Work Sans")).isEqualTo(new NamedFonts.Pair("Work Sans", "Work Sans"));
    }

    @Test
    void takesTheLongestNameThatFits() {
        assertThat(meant("Headings in Arial Narrow")).isEqualTo(new NamedFonts.Pair("Arial Narrow", "Arial Narrow"));
        assertThat(NamedFonts.of(List.of("Loralei, arials and opensans"), List.of(), KNOWN))
                .isEmpty();
    }

    @Test
    void elseGoesByWhatTheManualIsSetIn() {
        List<NamedFonts.SetText> set = List.of(
                new NamedFonts.SetText("Harbour Slab", 36, 40),
                new NamedFonts.SetText("Quay Text", 10, 4000),
                // A page number in a fancy face is no heading.
                new NamedFonts.SetText("Pen", 60, 2));
        assertThat(NamedFonts.of(List.of("Welcome"), set, KNOWN))
                .contains(new NamedFonts.Pair("Harbour Slab", "Quay Text"));
        // It is named as well.
        assertThat(NamedFonts.of(List.of("Quay Text for headings"), set, KNOWN))
                .contains(new NamedFonts.Pair("Quay Text", "Quay Text"));
        assertThat(NamedFonts.of(List.of("Welcome"), List.of(), KNOWN)).isEmpty();
    }
}
