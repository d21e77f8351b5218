package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.RoleDraft;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.Suggestion;
import app.zumbido.core.theme.SuggestionPolicy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Brands as the machine drafts them, seen on the specimens. */
class SpecimenTest {
    private static Specimen drafted(String hexes) {
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : hexes.split(" ")) {
            swatches.add(Swatch.of(new SwatchId(new UUID(0, swatches.size() + 1)), hex, Rgb.ofHex(hex), List.of()));
        }
        Palette palette = Palette.of(swatches);
        Roles roles = Roles.NONE.with(RoleDraft.assigned(palette));
        Suggestion suggestion = Suggestion.of(palette, roles, PageGround.LIGHT, SuggestionPolicy.USUAL);
        Brand brand = Brand.begin(new UUID(1, 1), "Brand", Optional.empty(), new UUID(1, 2));
        brand = brand.apply(new PaletteChange.AddSwatches(swatches, List.of()));
        brand = brand.apply(new RoleChange.DraftRoles(RoleDraft.assigned(palette)));
        brand = brand.apply(
                new ThemeChange.ApplySuggestion(brand.look().themeId(), SuggestionPolicy.USUAL, suggestion.settings()));
        return Specimen.of(brand.look());
    }

    /** Main leads at first sight: pink is pink, a yellow with black on it is yellow. */
    @ParameterizedTest
    @CsvSource({
        "0E3B2E F4A6B7, 0E3B2E",
        "E5398B 22313F FFFFFF, E5398B",
        "FFD400 000000, FFD400",
        "1F4E8C, 1F4E8C",
        "D0021B FFFFFF, D0021B",
        "39FF14 23282D, 39FF14"
    })
    void whatLeadsStandsOnTheMainColor(String hexes, String lead) {
        assertThat(drafted(hexes).lead()).isEqualTo(Rgb.ofHex(lead));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "FFD400 000000",
                "F8C8DC C8E6F8 D8F0C8",
                "111111 555555 999999",
                "000000",
                "D0021B",
                "39FF14 23282D",
                "E4002B FF8A00 FFD400 00A650 0072CE 6A1B9A",
                "5A2E1A D9B26F 6B8F3A",
                "7B7B7B 8C8C8C"
            })
    void nothingDraftedContradictsItself(String hexes) {
        Specimen specimen = drafted(hexes);
        Rgb page = specimen.pages().get(0);
        assertThat(ContrastRatio.between(specimen.onLead(), specimen.lead()).value())
                .isGreaterThanOrEqualTo(4.5);
        assertThat(ContrastRatio.between(specimen.bullet(), page).value()).isGreaterThanOrEqualTo(3);
        assertThat(ContrastRatio.between(
                                specimen.turnedBullet(), specimen.texts().get(0))
                        .value())
                .isGreaterThanOrEqualTo(3);
        assertThat(ContrastRatio.between(specimen.onTableHead(), specimen.tableHead())
                        .value())
                .isGreaterThanOrEqualTo(4.5);
        assertThat(ContrastRatio.between(specimen.onBand(), specimen.band()).value())
                .isGreaterThanOrEqualTo(4.5);
        for (int i = 0; i < specimen.accents().size(); i++) {
            assertThat(ContrastRatio.between(
                                    specimen.onAccents().get(i),
                                    specimen.accents().get(i))
                            .value())
                    .isGreaterThanOrEqualTo(4.5);
        }
        assertThat(Difference.between(specimen.besideLead(), specimen.lead())).isGreaterThanOrEqualTo(10);
    }

    @Test
    void aPaleBrandLeadsWithItsFirstColorAndIsWrittenInTheText() {
        Specimen pastel = drafted("F8C8DC C8E6F8 D8F0C8");
        assertThat(pastel.lead()).isEqualTo(Rgb.ofHex("F8C8DC"));
        assertThat(pastel.onLead()).isEqualTo(pastel.texts().get(0));
        assertThat(pastel.bullet()).isEqualTo(pastel.texts().get(0));
    }
}
