package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.Theme;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Invented brand and colours. */
class AlternativesTest {
    private static final UUID FIRST = new UUID(9, 1);
    private static final UUID SECOND = new UUID(9, 2);

    private static List<String> colors(Brand brand) {
        return brand.palette().swatches().stream()
                .map(swatch -> swatch.color().digits())
                .toList();
    }

    @Test
    void whatIsKeptComesBackWithAllThatWasDecidedOnIt() {
        Brand before = DraftedBrand.of("0B2A4A", "138F8C", "F2682A");
        Brand campaign = before.apply(new AlternativeChange.BeginPalette(FIRST, "Campaign", true));
        assertThat(campaign.palette().swatches()).isEmpty();
        assertThat(campaign.themes().first().unfilled()).hasSize(12);
        Brand back = campaign.apply(new AlternativeChange.UsePalette(FIRST, SECOND));
        assertThat(back.at(before.revision()).with(before.alternatives())).isEqualTo(before);
        assertThat(back.alternatives().others()).extracting(Alternative::name).containsExactly("Campaign");
    }

    @Test
    void aChangeOfOneLeavesTheOthersAsTheyAre() {
        Brand copied =
                DraftedBrand.of("0B2A4A", "138F8C").apply(new AlternativeChange.BeginPalette(FIRST, "Bolder", false));
        SwatchId first = copied.palette().swatches().get(0).id();
        Brand changed = copied.apply(new PaletteChange.RecolorSwatch(first, Rgb.ofHex("AA0000"), Optional.empty()))
                .apply(new PaletteChange.RemoveSwatch(
                        copied.palette().swatches().get(1).id()));
        assertThat(colors(changed)).containsExactly("AA0000");
        Brand back = changed.apply(new AlternativeChange.UsePalette(FIRST, SECOND));
        assertThat(colors(back)).containsExactly("0B2A4A", "138F8C");
        assertThat(back.roles().of(Role.MAIN)).isNotEmpty();
        assertThat(back.alternatives().inForce()).isEqualTo("First palette");
    }

    /** The logo is the same on every palette; only its ground may be of a colour that the other lacks. */
    @Test
    void theLogoStaysWithTheColourOfItsGround() {
        Brand drafted = DraftedBrand.of("0B2A4A", "138F8C");
        Paint navy = new Paint.OfSwatch(drafted.palette().swatches().get(0).id());
        Brand before = drafted.apply(
                new LogoChange.SetForm(LogoForm.ICON, new Drawn.OfInitials("OF", navy, IconShape.ROUND), ""));
        Brand copied = before.apply(new AlternativeChange.BeginPalette(FIRST, "Bolder", false));
        assertThat(copied.logos().paints()).containsExactly(navy);
        Brand empty = before.apply(new AlternativeChange.BeginPalette(FIRST, "Campaign", true));
        assertThat(empty.logos().paints()).containsExactly(new Paint.Fixed(Rgb.ofHex("0B2A4A")));
    }

    @Test
    void eachIsCalledByItsOwnName() {
        Brand two = DraftedBrand.of("0B2A4A")
                .apply(new AlternativeChange.BeginPalette(FIRST, "Bolder", false))
                .apply(new AlternativeChange.RenamePalette(Optional.of(FIRST), "Quiet"))
                .apply(new AlternativeChange.RenamePalette(Optional.empty(), "Loud"));
        assertThat(two.alternatives().inForce()).isEqualTo("Loud");
        assertThat(two.alternatives().get(FIRST).name()).isEqualTo("Quiet");
        assertThat(two.apply(new AlternativeChange.DropPalette(FIRST))
                        .alternatives()
                        .others())
                .isEmpty();
    }

    @Test
    void aCopyOfTheBrandHasThemesOfItsOwnInEveryPalette() {
        Brand two = DraftedBrand.of("0B2A4A").apply(new AlternativeChange.BeginPalette(FIRST, "Bolder", false));
        Brand copy = two.copy(UUID::randomUUID, "Copy");
        assertThat(themes(copy)).doesNotContainAnyElementsOf(themes(two));
        assertThat(colors(copy)).isEqualTo(colors(two));
    }

    private static List<UUID> themes(Brand brand) {
        return Stream.concat(brand.themes().all().stream().map(Theme::id), brand.alternatives().themeIds().stream())
                .toList();
    }

    @Test
    void whatIsNotThereCannotBeUsed() {
        Brand brand = DraftedBrand.of("0B2A4A");
        assertThatThrownBy(() -> brand.apply(new AlternativeChange.UsePalette(FIRST, SECOND)))
                .isInstanceOf(UnknownAlternativeException.class);
        assertThatThrownBy(() -> brand.apply(new AlternativeChange.BeginPalette(FIRST, " ", false)))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
