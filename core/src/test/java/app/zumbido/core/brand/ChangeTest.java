package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Sighting;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.palette.UnknownSwatchException;
import app.zumbido.core.theme.Suggestion;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class ChangeTest {
    private static final UUID THEME = new UUID(1, 2);
    private static final Swatch NAVY = swatch(1, "Night channel", "0B2A4A");
    private static final Swatch TEAL = swatch(2, "Harbour teal", "0F7C7A");
    private static final Brand BRAND = Brand.begin(new UUID(1, 1), "Ostrel Ferries", Optional.empty(), THEME)
            .apply(PaletteChange.AddSwatches.of(List.of(NAVY, TEAL)));

    private static Swatch swatch(int number, String name, String hex) {
        return Swatch.of(new SwatchId(new UUID(0, number)), name, Rgb.ofHex(hex), List.of());
    }

    private static List<String> names(Brand brand) {
        return brand.palette().swatches().stream().map(Swatch::name).toList();
    }

    @Test
    void everyChangeMakesOneNewRevision() {
        assertThat(BRAND.revision()).isEqualTo(2);
        assertThat(BRAND.apply(new BrandChange.RenameBrand("Ostrel")).revision())
                .isEqualTo(3);
    }

    @Test
    void keepsTheOldBrandAsItWas() {
        BRAND.apply(new PaletteChange.RemoveSwatch(NAVY.id()));
        assertThat(names(BRAND)).containsExactly("Night channel", "Harbour teal");
    }

    @Test
    void movesRenamesAndRecolors() {
        Brand brand = BRAND.apply(new PaletteChange.MoveSwatch(TEAL.id(), 0))
                .apply(new PaletteChange.RenameSwatch(TEAL.id(), "Sea green"))
                .apply(new PaletteChange.RecolorSwatch(TEAL.id(), Rgb.ofHex("138F8C"), Optional.empty()));
        assertThat(names(brand)).containsExactly("Sea green", "Night channel");
        assertThat(brand.palette().get(TEAL.id()).color().hex()).isEqualTo("#138F8C");
    }

    @Test
    void aSlotFollowsItsSwatch() {
        Brand brand = BRAND.apply(
                        new ThemeChange.FillSlot(THEME, ThemeSlot.ACCENT_1, Optional.of(new Paint.OfSwatch(TEAL.id()))))
                .apply(new PaletteChange.RecolorSwatch(TEAL.id(), Rgb.ofHex("138F8C"), Optional.empty()));
        assertThat(brand.look().colors().get(ThemeSlot.ACCENT_1).hex()).isEqualTo("#138F8C");
    }

    @Test
    void keepsHueWhenOnlyLightnessChanges() {
        Change change = new PaletteChange.MixSwatch(TEAL.id(), 0.08, 0, 0);
        Oklch before = Oklch.of(TEAL.color());
        Oklch after = Oklch.of(BRAND.apply(change).palette().get(TEAL.id()).color());
        assertThat(after.l()).isCloseTo(before.l() + 0.08, within(0.003));
        assertThat(after.hue().orElseThrow().distanceTo(before.hue().orElseThrow()))
                .isLessThan(1.5);
        assertThat(change.note(BRAND).kind()).isEqualTo(ChangeKind.SWATCH_LIGHTENED);
        assertThat(new PaletteChange.MixSwatch(TEAL.id(), -0.08, 0, 0)
                        .note(BRAND)
                        .kind())
                .isEqualTo(ChangeKind.SWATCH_DARKENED);
    }

    @Test
    void aSlotKeepsTheColorOfASwatchThatLeaves() {
        Brand brand = BRAND.apply(
                new ThemeChange.ApplySuggestion(THEME, SuggestionPolicy.USUAL, Suggestion.from(BRAND.palette())));
        Brand without = brand.apply(new PaletteChange.RemoveSwatch(TEAL.id()));
        assertThat(without.look().colors()).isEqualTo(brand.look().colors());
        assertThat(without.look().theme().paints()).noneMatch(paint -> paint.follows(TEAL.id()));
    }

    @Test
    void refusesASwatchThatIsNotThere() {
        SwatchId unknown = new SwatchId(new UUID(9, 9));
        assertThatThrownBy(() -> BRAND.apply(new PaletteChange.RenameSwatch(unknown, "x")))
                .isInstanceOf(UnknownSwatchException.class);
        assertThatThrownBy(() -> BRAND.apply(
                        new ThemeChange.FillSlot(THEME, ThemeSlot.ACCENT_1, Optional.of(new Paint.OfSwatch(unknown)))))
                .isInstanceOf(UnknownSwatchException.class);
    }

    @Test
    void refusesNamesThatAreNone() {
        assertThatThrownBy(() -> BRAND.apply(new BrandChange.RenameBrand(" ")))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> BRAND.apply(new BrandChange.SetShortCode(Optional.of("o f"))))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void notesWhatWasBeforeAndAfter() {
        TrailNote note = new PaletteChange.RecolorSwatch(TEAL.id(), Rgb.ofHex("138F8C"), Optional.empty()).note(BRAND);
        assertThat(note.kind()).isEqualTo(ChangeKind.SWATCH_RECOLORED);
        assertThat(note.subject()).contains("Harbour teal");
        assertThat(note.from()).contains("0F7C7A");
        assertThat(note.to()).contains("138F8C");
        assertThat(note.color()).contains(Rgb.ofHex("138F8C"));

        TrailNote moved = new PaletteChange.MoveSwatch(TEAL.id(), 0).note(BRAND);
        assertThat(List.of(moved.from().orElseThrow(), moved.to().orElseThrow()))
                .containsExactly("2", "1");
    }

    @Test
    void theSameColorOfAnotherSourceIsOnlyOneMorePlace() {
        Origin logo = Origin.at("logo.png", 3, 4);
        Origin harbour = Origin.at("harbour.jpg", 412, 96);
        Change change = new PaletteChange.AddSwatches(
                List.of(),
                List.of(
                        new Sighting(TEAL.id(), logo),
                        new Sighting(TEAL.id(), harbour),
                        new Sighting(TEAL.id(), logo)));
        Brand brand = BRAND.apply(change);
        assertThat(brand.palette().swatches()).hasSameSizeAs(BRAND.palette().swatches());
        assertThat(brand.palette().get(TEAL.id()).origins()).containsExactly(logo, harbour);
        assertThat(change.note(BRAND).kind()).isEqualTo(ChangeKind.SWATCHES_SEEN);
    }

    @Test
    void aHierarchyOrdersThePaletteAndKeepsWhatIsCrossedOutFromUse() {
        Swatch orange = swatch(3, "Buoy orange", "F2682A");
        Brand brand = BRAND.apply(new RoleChange.MarkHierarchy(
                "manual.pdf, page 2", List.of(orange), List.of(orange.id(), TEAL.id()), List.of(NAVY.id())));
        assertThat(brand.palette().swatches()).containsExactly(orange, TEAL, NAVY);
        assertThat(brand.usable().swatches()).containsExactly(orange, TEAL);
        Brand allowed = brand.apply(new RoleChange.SetOffLimits(NAVY.id(), false));
        assertThat(allowed.usable()).isEqualTo(allowed.palette());
    }

    @Test
    void whatIsRemovedIsOffLimitsNoMore() {
        Brand brand = BRAND.apply(new RoleChange.SetOffLimits(NAVY.id(), true))
                .apply(new PaletteChange.RemoveSwatch(NAVY.id()));
        assertThat(brand.roles().offLimits()).isEmpty();
    }

    @Test
    void aHierarchySpeaksOnlyOfSwatchesThatAreThere() {
        SwatchId nobody = new SwatchId(new UUID(7, 7));
        assertThatThrownBy(() ->
                        BRAND.apply(new RoleChange.MarkHierarchy("manual.pdf", List.of(), List.of(), List.of(nobody))))
                .isInstanceOf(UnknownSwatchException.class);
    }

    @Test
    void theTrailSaysWhatWasMixed() {
        assertThat(new PaletteChange.MixSwatch(TEAL.id(), 0, 0.02, 0)
                        .note(BRAND)
                        .kind())
                .isEqualTo(ChangeKind.SWATCH_STRENGTHENED);
        assertThat(new PaletteChange.MixSwatch(TEAL.id(), 0, -0.02, 0)
                        .note(BRAND)
                        .kind())
                .isEqualTo(ChangeKind.SWATCH_QUIETED);
        assertThat(new PaletteChange.MixSwatch(TEAL.id(), 0, 0, 10).note(BRAND).kind())
                .isEqualTo(ChangeKind.SWATCH_TURNED);
    }
}
