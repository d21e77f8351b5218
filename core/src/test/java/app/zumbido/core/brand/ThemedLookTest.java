package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Compositing;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.Gradient;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The thresholds are those of WCAG 2.2: 1.4.3 for text, 1.4.11 for graphics. */
class ThemedLookTest {
    private static Brand of(String... hexes) {
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : hexes) {
            swatches.add(Swatch.of(
                    new SwatchId(new UUID(0, swatches.size() + 1)), "Swatch " + hex, Rgb.ofHex(hex), List.of()));
        }
        Brand empty = Brand.begin(new UUID(1, 1), "Some brand", Optional.empty(), new UUID(1, 2));
        return empty.apply(BrandChange.DraftBrand.of(empty, "logo.png", swatches));
    }

    private static Brand byChance(long seed) {
        Random random = new Random(seed);
        String[] hexes = new String[1 + random.nextInt(12)];
        for (int i = 0; i < hexes.length; i++) {
            hexes[i] = "%06X".formatted(random.nextInt(1 << 24));
        }
        return of(hexes);
    }

    private static double ratio(SlotColor text, SlotColor ground, ThemedLook look) {
        return ContrastRatio.between(text.in(look.colors()), ground.in(look.colors()))
                .value();
    }

    private static void reads(ThemedLook look) {
        for (SlotColor ground : List.of(look.page(), look.pale(), look.turned(), look.tableHead(), look.band())) {
            ThemedInks inks = look.inks(ground);
            double best = ThemeSlot.GROUNDS.stream()
                    .mapToDouble(slot -> ratio(SlotColor.of(slot), ground, look))
                    .max()
                    .orElseThrow();
            for (SlotColor text : List.of(inks.heading(), inks.subheading(), inks.text(), inks.quiet())) {
                assertThat(ratio(text, ground, look)).isGreaterThanOrEqualTo(Math.min(4.5, best));
            }
            assertThat(ratio(inks.accent(), ground, look)).isGreaterThanOrEqualTo(Math.min(3, best));
        }
        Gradient run = look.titleRun().in(look.colors());
        Rgb title = look.on(look.titleRun()).in(look.colors());
        double worst = 21;
        for (int i = 0; i <= 100; i++) {
            worst = Math.min(
                    worst, ContrastRatio.between(title, run.at(i / 100.0)).value());
        }
        // Where not even the plain main colour has anything that reads on it, it stands alone.
        assertThat(worst >= 4.49 || run.stops().stream().distinct().count() == 1)
                .isTrue();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void everythingReadsWhateverTheBrand(long seed) {
        for (long more = 0; more < 10; more++) {
            Look look = byChance(seed * 1000 + more).look();
            reads(ThemedLook.of(look));
            Brand dark = look.brand().apply(new ThemeChange.SetGround(look.themeId(), PageGround.DARK));
            reads(ThemedLook.of(dark.look()));
            assertThat(ThemedLook.onPaper(dark.look()).ground()).isEqualTo(PageGround.LIGHT);
        }
    }

    /** Over white and over black, the worst that a picture can be. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void textReadsOverAnyPicture(long seed) {
        ThemedLook look = ThemedLook.of(byChance(seed).look());
        SlotColor solid = look.turned();
        Rgb text = look.on(solid).in(look.colors());
        for (Rgb picture : List.of(Rgb.WHITE, Rgb.BLACK)) {
            Rgb seen = Compositing.over(solid.in(look.colors()), look.overPictures(solid), picture);
            double alone = ContrastRatio.between(text, solid.in(look.colors())).value();
            assertThat(ContrastRatio.between(text, seen).value()).isGreaterThanOrEqualTo(Math.min(4.5, alone) - 0.01);
        }
    }

    @Test
    void isLedByTheMainColorAndNotByTheFirstDarkSlot() {
        Brand brand = of("C2452D", "8C8C88", "F6EFE2", "1E1B18", "3E7CB1", "9BC53D");
        ThemedLook look = ThemedLook.of(brand.look());
        SwatchId main = brand.roles().first(Role.MAIN).orElseThrow();
        assertThat(look.lead().in(look.colors()))
                .isEqualTo(brand.palette().get(main).color());
        assertThat(look.lead().in(look.colors())).isNotEqualTo(look.colors().get(ThemeSlot.DARK_1));
        // A grey is no second colour as long as there is a hue.
        assertThat(look.second().in(look.colors())).isNotEqualTo(Rgb.ofHex("8C8C88"));
    }

    /** On pages that have the main colour themselves, a band or a head of that colour would not be seen. */
    @Test
    void theNextColorLeadsWhereThePagesHaveTheMainOne() {
        Look light =
                of("0B2A4A", "0F7C7A", "F2682A", "5B6670", "EAF3F2", "FFFFFF").look();
        Look dark = light.brand()
                .apply(new ThemeChange.SetGround(light.themeId(), PageGround.DARK))
                .look();
        ThemedLook look = ThemedLook.of(dark);
        assertThat(look.page().in(look.colors())).isEqualTo(Rgb.ofHex("0B2A4A"));
        assertThat(ThemedLook.of(light).lead().in(light.colors())).isEqualTo(Rgb.ofHex("0B2A4A"));
        assertThat(look.lead().in(look.colors())).isEqualTo(Rgb.ofHex("0F7C7A"));
        assertThat(Difference.between(look.tableHead().in(look.colors()), Rgb.ofHex("0B2A4A")))
                .isGreaterThan(Difference.TOLD_APART);
    }

    @Test
    void aKeptGradientOfTheThemesColorsLeadsTheTitle() {
        Brand brand = of("0B2A4A", "0F7C7A", "F2682A");
        ComposedGround kept = new ComposedGround(
                new UUID(4, 4),
                "Evening",
                new ComposedGround.Base.OfGradient(
                        List.of(
                                new Paint.OfSwatch(new SwatchId(new UUID(0, 2))),
                                new Paint.OfSwatch(new SwatchId(new UUID(0, 1)))),
                        false,
                        90),
                Optional.empty(),
                new Paint.Fixed(Rgb.WHITE));
        ThemedLook look =
                ThemedLook.of(brand.apply(new GroundChange.KeepGround(kept)).look());
        assertThat(look.titleRun().in(look.colors()).stops()).containsExactly(Rgb.ofHex("0F7C7A"), Rgb.ofHex("0B2A4A"));
        assertThat(look.kept()).hasSize(1);
    }
}
