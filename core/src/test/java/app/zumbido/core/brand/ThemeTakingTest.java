package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.FontPair;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;

class ThemeTakingTest {
    private static final Rgb TEAL = Rgb.ofHex("0F7C7A");
    private static final Rgb NAVY = Rgb.ofHex("0B2A4A");
    private static final Swatch OWN_NAVY = Swatch.of(new SwatchId(new UUID(9, 9)), "Night channel", NAVY, List.of());
    private static final FoundTheme FOUND = new FoundTheme(
            "Timetable",
            Map.of(
                    ThemeSlot.DARK_1,
                    Rgb.BLACK,
                    ThemeSlot.LIGHT_1,
                    Rgb.WHITE,
                    ThemeSlot.DARK_2,
                    NAVY,
                    ThemeSlot.ACCENT_1,
                    TEAL,
                    ThemeSlot.ACCENT_2,
                    TEAL,
                    ThemeSlot.HYPERLINK,
                    Rgb.ofHex("1A4FA3")),
            Optional.of(
                    new FontPair(new FontFamily("Georgia", FaceKind.SERIF), new FontFamily("Arial", FaceKind.SANS))));

    private final Supplier<UUID> ids = new Supplier<>() {
        private long next = 1;

        @Override
        public UUID get() {
            return new UUID(0, next++);
        }
    };

    private Brand taken(Palette palette) {
        Brand empty = Brand.begin(new UUID(1, 1), "Ostrel Ferries", Optional.empty(), new UUID(1, 2))
                .with(palette);
        return empty.apply(ThemeTaking.from(FOUND, "timetable.pptx", empty, ids));
    }

    @Test
    void makesEachColorOneSwatchThatItsSlotsFollow() {
        Brand brand = taken(Palette.EMPTY);
        assertThat(brand.palette().swatches()).extracting(Swatch::color).containsExactly(TEAL, NAVY);
        assertThat(brand.look().colors()).isEqualTo(FOUND.colors());
        SwatchId teal = brand.palette().swatches().get(0).id();
        assertThat(brand.look().theme().get(ThemeSlot.ACCENT_2).paint()).contains(new Paint.OfSwatch(teal));
    }

    /** A file that names the palette has the rest made of it; one that names a colour or two more does not. */
    @Test
    void takesNamesFromAFileThatHasThem() {
        FoundTheme whole = new FoundTheme(
                "Timetable",
                FOUND.colors(),
                FOUND.fonts(),
                List.of(
                        new FoundTheme.NamedColor("Harbour teal", TEAL),
                        new FoundTheme.NamedColor("Sailcloth", Rgb.WHITE)));
        Brand empty = Brand.begin(new UUID(1, 1), "Ostrel Ferries", Optional.empty(), new UUID(1, 2));
        Brand brand = empty.apply(ThemeTaking.from(whole, "timetable.pptx", empty, ids));
        assertThat(brand.palette().swatches()).extracting(Swatch::name).containsExactly("Harbour teal", "Sailcloth");
        assertThat(brand.look().colors()).isEqualTo(FOUND.colors());

        FoundTheme more = new FoundTheme(
                "Timetable",
                FOUND.colors(),
                FOUND.fonts(),
                List.of(new FoundTheme.NamedColor("Signal", Rgb.ofHex("FF0066"))));
        assertThat(empty.apply(ThemeTaking.from(more, "timetable.pptx", empty, ids))
                        .palette()
                        .swatches())
                .extracting(Swatch::color)
                .containsExactly(Rgb.ofHex("FF0066"), TEAL, NAVY);
    }

    @Test
    void keepsBlackWhiteAndLinksOutOfThePalette() {
        Brand brand = taken(Palette.EMPTY);
        assertThat(brand.look().theme().get(ThemeSlot.DARK_1).paint()).contains(new Paint.Fixed(Rgb.BLACK));
        assertThat(brand.look().theme().get(ThemeSlot.HYPERLINK).paint())
                .contains(new Paint.Fixed(Rgb.ofHex("1A4FA3")));
    }

    @Test
    void followsSwatchesThatAreThereAlready() {
        Brand brand = taken(Palette.of(List.of(OWN_NAVY)));
        assertThat(brand.palette().swatches()).hasSize(2);
        assertThat(brand.look().theme().get(ThemeSlot.DARK_2).paint()).contains(new Paint.OfSwatch(OWN_NAVY.id()));
    }

    @Test
    void takesNameAndFonts() {
        Brand brand = taken(Palette.EMPTY);
        assertThat(brand.look().theme().name()).isEqualTo("Timetable");
        assertThat(brand.type().pair())
                .isEqualTo(new FontPair(
                        new FontFamily("Georgia", FaceKind.SERIF), new FontFamily("Arial", FaceKind.SANS)));
    }

    @Test
    void draftsFromTheMostUsedColorsWhereThereIsNoTheme() {
        Inventory.Tally tally = new Inventory.Tally();
        tally.named(TEAL, "harbour teal");
        tally.named(NAVY, "night");
        Brand empty = Brand.begin(new UUID(1, 1), "Ostrel Ferries", Optional.empty(), new UUID(1, 2));
        Change draft = Draft.from(tally.inventory(Optional.empty(), false), "site.css", empty, ids)
                .orElseThrow();
        Brand brand = empty.apply(draft);
        assertThat(brand.palette().swatches()).extracting(Swatch::name).containsExactly("harbour teal", "night");
        assertThat(brand.look().theme().unfilled()).isEmpty();
    }
}
