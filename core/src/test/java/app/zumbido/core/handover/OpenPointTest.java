package app.zumbido.core.handover;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.brand.ThemeChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.palette.WorkingName;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class OpenPointTest {
    private static final Rgb TEAL = Rgb.ofHex("0F7C7A");
    private static final SwatchId TEAL_ID = new SwatchId(new UUID(0, 2));

    private static Swatch swatch(int id, String name, String hex) {
        return Swatch.of(new SwatchId(new UUID(0, id)), name, Rgb.ofHex(hex), List.of());
    }

    private static Brand ferries() {
        Brand empty = Brand.begin(new UUID(1, 1), "Ostrel Ferries", Optional.of("OF"), new UUID(1, 2));
        return empty.apply(BrandChange.DraftBrand.of(
                empty,
                "logo.png",
                List.of(
                        swatch(1, "Night channel", "0B2A4A"),
                        swatch(2, "Harbour teal", "0F7C7A"),
                        swatch(3, "Buoy orange", "F2682A"))));
    }

    private static List<OpenPoint> points(Brand brand, OpenPoint.Foreign... foreign) {
        return OpenPoint.of(brand.look(), Set.of("Source Serif 4", "Source Sans 3"), List.of(foreign));
    }

    @Test
    void aFinishedBrandHasNone() {
        assertThat(points(ferries())).isEmpty();
    }

    @Test
    void findsColorsThatNobodyHasNamed() {
        Rgb rust = Rgb.ofHex("B55A10");
        String first = WorkingName.of(rust, Set.of());
        Brand brand = ferries()
                .apply(PaletteChange.AddSwatches.of(
                        List.of(swatch(7, first, "B55A10"), swatch(8, first + " 2", "B55A10"))));
        assertThat(points(brand))
                .contains(new OpenPoint.WorkingNames(
                        List.of(new SwatchId(new UUID(0, 7)), new SwatchId(new UUID(0, 8)))));
        assertThat(WorkingName.isOne("Rusty old hull", rust)).isFalse();
        assertThat(WorkingName.isOne(first + " paint", rust)).isFalse();
    }

    @Test
    void findsEmptySlotsUnreadableTextAndColorsFromOutside() {
        UUID theme = ferries().look().themeId();
        Brand brand = ferries()
                .apply(new ThemeChange.FillSlot(theme, ThemeSlot.ACCENT_3, Optional.empty()))
                .apply(new ThemeChange.FillSlot(
                        theme, ThemeSlot.ACCENT_4, Optional.of(new Paint.Fixed(Rgb.ofHex("B0B0B1")))))
                .apply(new ThemeChange.FillSlot(
                        theme, ThemeSlot.HYPERLINK, Optional.of(new Paint.Fixed(Rgb.ofHex("BBBBBB")))));
        List<OpenPoint> points = points(brand);
        assertThat(points)
                .contains(
                        new OpenPoint.EmptySlots(List.of(ThemeSlot.ACCENT_3)),
                        new OpenPoint.OutsideColor(ThemeSlot.ACCENT_4, Rgb.ofHex("B0B0B1")));
        assertThat(points)
                .filteredOn(OpenPoint.UnreadableText.class::isInstance)
                .map(point -> ((OpenPoint.UnreadableText) point).text())
                .contains(ThemeSlot.HYPERLINK);
    }

    @Test
    void findsFamiliesThatNobodyKnowsAnythingOf() {
        assertThat(OpenPoint.of(ferries().look(), Set.of(), List.of()))
                .contains(new OpenPoint.NoStandIn("Source Serif 4"), new OpenPoint.NoStandIn("Source Sans 3"));
    }

    /** Greys are everybody's, so that they are close to nobody. */
    @Test
    void findsWhoseColorsAreCloseTheNearestFirst() {
        UUID other = new UUID(5, 5);
        List<OpenPoint> points = points(
                ferries().apply(PaletteChange.AddSwatches.of(List.of(swatch(9, "Wet rope", "808080")))),
                new OpenPoint.Foreign(other, "Kilnmark", Rgb.ofHex("0F7D7C")),
                new OpenPoint.Foreign(other, "Kilnmark", TEAL),
                new OpenPoint.Foreign(other, "Kilnmark", Rgb.ofHex("808080")),
                new OpenPoint.Foreign(other, "Kilnmark", Rgb.ofHex("C2452D")));
        assertThat(points).hasSize(2);
        assertThat(points.get(0)).isEqualTo(new OpenPoint.CloseToAnother(TEAL_ID, other, "Kilnmark", TEAL, 0));
    }

    @Test
    void aPlaceKnowsWhatMustBeTypedInAnew() {
        Brand brand = ferries();
        PlaceOfUse.Given teal = new PlaceOfUse.Given(TEAL_ID, "Harbour teal", TEAL);
        PlaceOfUse.Given gone = new PlaceOfUse.Given(new SwatchId(new UUID(0, 77)), "Old red", Rgb.ofHex("AA0000"));
        PlaceOfUse place =
                new PlaceOfUse(new UUID(3, 3), "Site", PlaceOfUse.Kind.SITE, List.of(teal, gone), Optional.of("key"));
        assertThat(place.redo(brand)).containsExactly(new PlaceOfUse.Redo(gone, Optional.empty()));

        Rgb brighter = Rgb.ofHex("138F8C");
        Brand changed = brand.apply(new PaletteChange.RecolorSwatch(TEAL_ID, brighter, Optional.empty()));
        assertThat(place.redo(changed))
                .containsExactly(
                        new PlaceOfUse.Redo(teal, Optional.of(brighter)), new PlaceOfUse.Redo(gone, Optional.empty()));
        PlaceOfUse redone = place.redone(changed, Optional.of("another"));
        assertThat(redone.redo(changed)).isEmpty();
        assertThat(redone.given()).hasSize(1);
        assertThat(place.wantsLogo(Optional.of("key"))).isFalse();
        assertThat(place.wantsLogo(Optional.of("another"))).isTrue();
        assertThat(redone.wantsLogo(Optional.of("another"))).isFalse();
        assertThat(Map.of(redone.given().get(0).swatch(), redone.given().get(0).color()))
                .isEqualTo(Map.of(TEAL_ID, brighter));
    }
}
