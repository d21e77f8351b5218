package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.UnknownThemeException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class ThemesTest {
    private static final UUID DAY = new UUID(0, 1);
    private static final UUID NIGHT = new UUID(0, 2);
    private static final SwatchId TEAL = new SwatchId(new UUID(0, 3));
    private static final Brand BRAND = Brand.begin(new UUID(0, 9), "Ostrel Ferries", Optional.empty(), DAY)
            .apply(PaletteChange.AddSwatches.of(List.of(Swatch.of(TEAL, "Teal", Rgb.ofHex("0F7C7A"), List.of()))))
            .apply(new ThemesChange.AddTheme(
                    Theme.empty(NIGHT, "Night").on(PageGround.DARK), Optional.of("Ostrel Ferries")));

    private static Optional<Rgb> accent(Brand brand, UUID theme) {
        return brand.themes().get(theme).get(ThemeSlot.ACCENT_1).paint().map(paint -> paint.resolve(brand.palette()));
    }

    @Test
    void changesOneThemeAndLeavesTheOthersAndTheirOrder() {
        Change fill = new ThemeChange.FillSlot(NIGHT, ThemeSlot.ACCENT_1, Optional.of(new Paint.OfSwatch(TEAL)));
        Brand changed = BRAND.apply(fill);
        assertThat(changed.themes().ids()).containsExactly(DAY, NIGHT);
        assertThat(accent(changed, NIGHT)).contains(Rgb.ofHex("0F7C7A"));
        assertThat(accent(changed, DAY)).isEmpty();
        assertThat(fill.note(BRAND).theme()).contains("Night");
        assertThat(fill.note(BRAND).kind()).isEqualTo(ChangeKind.SLOT_FILLED);
    }

    @Test
    void followsASwatchInEveryTheme() {
        Brand both = BRAND.apply(
                        new ThemeChange.FillSlot(DAY, ThemeSlot.ACCENT_1, Optional.of(new Paint.OfSwatch(TEAL))))
                .apply(new ThemeChange.FillSlot(NIGHT, ThemeSlot.ACCENT_1, Optional.of(new Paint.Shifted(TEAL, 0.2))));
        Brand without = both.apply(new PaletteChange.RemoveSwatch(TEAL));
        assertThat(accent(without, DAY)).contains(Rgb.ofHex("0F7C7A"));
        assertThat(accent(without, NIGHT)).isEqualTo(accent(both, NIGHT));
        Brand recolored = both.apply(new PaletteChange.RecolorSwatch(TEAL, Rgb.ofHex("8E2DE2"), Optional.empty()));
        assertThat(Consequences.between(both, recolored).slots())
                .extracting(slot -> slot.theme().name())
                .containsExactly("Ostrel Ferries", "Night");
    }

    @Test
    void choosesTheOneThatIsHandedOverFirst() {
        Brand led = BRAND.apply(new ThemesChange.LeadWithTheme(NIGHT));
        assertThat(led.look().theme().name()).isEqualTo("Night");
        assertThat(led.themes().ids()).containsExactly(NIGHT, DAY);
        assertThat(BRAND.look(NIGHT).theme()).isEqualTo(led.look().theme());
    }

    @Test
    void keepsOneThemeAtLeastAndEachOnce() {
        Brand one = BRAND.apply(new ThemesChange.RemoveTheme(DAY));
        assertThat(one.look().themeId()).isEqualTo(NIGHT);
        assertThatThrownBy(() -> one.apply(new ThemesChange.RemoveTheme(NIGHT)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> BRAND.apply(new ThemesChange.RemoveTheme(new UUID(4, 4))))
                .isInstanceOf(UnknownThemeException.class);
        Change again = new ThemesChange.AddTheme(Theme.empty(NIGHT, "Again"), Optional.empty());
        assertThatThrownBy(() -> BRAND.apply(again)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void turnsThePagesOfATheme() {
        Brand turned = BRAND.apply(new ThemeChange.SetGround(DAY, PageGround.DARK));
        assertThat(turned.look().theme().ground()).isEqualTo(PageGround.DARK);
        assertThat(turned.apply(new ThemeChange.SetGround(DAY, PageGround.LIGHT))
                        .themes())
                .isEqualTo(BRAND.themes());
    }
}
