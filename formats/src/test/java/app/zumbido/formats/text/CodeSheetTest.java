package app.zumbido.formats.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.GroundChange;
import app.zumbido.core.brand.RoleChange;
import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.FoundCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CodeSheetTest {
    @Test
    void listsEveryCodeInColumns() {
        String text = CodeSheet.write(BrandExample.ferries().look(), Assets.NONE);
        assertThat(text)
                .startsWith("Ostrel Ferries\n\nPalette\n")
                .contains("  OF Night channel  #0B2A4A  rgb(11 42 74)")
                .contains(
                        "hsl(210.5 74.1% 16.7%)",
                        "C 96 M 57 Y 0 K 73", "lab(16.3% -1.2 -23.6)", "lch(16.3% 23.6 267)", "oklch(28.1% ")
                .contains("\nTheme Ostrel Ferries\n")
                .contains("  Followed hyperlink  ")
                .contains("  Heading  Source Serif 4 700, 39 pt on slides, 21 pt in letters, 31 px on sites\n")
                .contains("\nShort code\n  OF\n");
        assertThat(text.lines().filter(line -> line.contains("#"))).hasSize(3 + 12);
    }

    @Test
    void isReadAgainAsTheSameSwatchesAndNames() {
        Brand brand = BrandExample.ferries();
        List<FoundCode> codes = CodeText.read(CodeSheet.write(brand.look(), Assets.NONE));
        assertThat(codes)
                .extracting(FoundCode::color)
                .containsExactlyElementsOf(
                        brand.palette().swatches().stream().map(Swatch::color).toList());
        assertThat(codes)
                .extracting(code -> code.name().orElse(""))
                .containsExactlyElementsOf(
                        brand.palette().swatches().stream().map(Swatch::name).toList());
        assertThat(codes)
                .allSatisfy(code -> assertThat(
                                CodeSheet.write(brand.look(), Assets.NONE).substring(code.offset()))
                        .startsWith(code.text()));
    }

    @Test
    void isReadAgainWithTheLineEndsOfOtherSystems() {
        String text = CodeSheet.write(BrandExample.ferries().look(), Assets.NONE);
        assertThat(CodeText.read(text.replace("\n", "\r\n")))
                .extracting(FoundCode::color, FoundCode::name)
                .containsExactlyElementsOf(CodeText.read(text).stream()
                        .map(code -> tuple(code.color(), code.name()))
                        .toList());
    }

    @Test
    void holdsRolesAndRulesAndKeepsWhatIsOffLimitsApart() {
        Brand brand =
                BrandExample.brand("Ostrel Ferries", "Night channel 0B2A4A", "Buoy orange F2682A", "Old red 8C1C13");
        SwatchId navy = brand.palette().swatches().get(0).id();
        SwatchId orange = brand.palette().swatches().get(1).id();
        SwatchId red = brand.palette().swatches().get(2).id();
        brand = brand.apply(new RoleChange.SetOffLimits(red, true));
        brand = brand.apply(new RoleChange.WordRole(Role.HIGHLIGHT, "For departures only."));
        brand = brand.apply(new GroundChange.RulePair(new PairRule(
                PairRule.Kind.NARROWED, new Paint.OfSwatch(orange), new Paint.OfSwatch(navy), "It flickers.")));
        String text = CodeSheet.write(brand.look(), Assets.NONE);
        assertThat(text.substring(0, text.indexOf("\nTheme "))).doesNotContain("8C1C13");
        assertThat(text)
                .contains("\nRoles\n")
                .contains("  Main: Night channel\n")
                .contains("  Highlight: Buoy orange. For departures only.\n")
                .contains("\nRules\n  Buoy orange on Night channel must not be used: It flickers.\n")
                .endsWith("\nOff-limits, not to be used\n  Old red  #8C1C13\n");
        assertThat(CodeText.read(text))
                .extracting(code -> code.color().digits())
                .containsExactly("0B2A4A", "F2682A");
    }

    /** Each notation by itself leads back to the colour, to the 8 bits. */
    @Test
    void writesHslThatComesBack() {
        Random random = new Random(17);
        for (int i = 0; i < 20_000; i++) {
            Rgb color = Rgb.ofPacked(random.nextInt(1 << 24));
            assertThat(CodeText.read(ColorCode.hslFunction(color)).get(0).color())
                    .isEqualTo(color);
        }
    }

    @Test
    void leavesATextOfOthersAsItIs() {
        assertThat(CodeText.read("Theme park\n\nTheme one #0F7C7A\nTheme two #F2682A"))
                .hasSize(2);
    }
}
