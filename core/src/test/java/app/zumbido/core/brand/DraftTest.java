package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Place;
import app.zumbido.core.extraction.Proposal;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.core.inspect.UsedColor;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;

class DraftTest {
    private final AtomicInteger made = new AtomicInteger();
    private final Supplier<UUID> ids = () -> new UUID(7, made.incrementAndGet());

    private static Proposal proposal(String hex, double coverage, boolean ground) {
        return new Proposal(Rgb.ofHex(hex), Fraction.of(coverage), ground, new Place(3, 4));
    }

    @Test
    void makesPaletteAndThemeInOneStep() {
        Extraction extraction = new Extraction(
                Reading.ARTWORK,
                List.of(proposal("0B2A4A", 0.2, false), proposal("F2682A", 0.01, false), proposal("FFFFFF", 0.7, true)),
                false,
                false,
                true);
        Brand brand = Brand.begin(new UUID(1, 1), "Ostrel", Optional.empty(), new UUID(1, 2));
        Brand drafted = brand.apply(Draft.from(extraction, "logo.png", Map.of(Rgb.ofHex("F2682A"), "Buoy"), brand, ids)
                .orElseThrow());

        assertThat(drafted.revision()).isEqualTo(2);
        assertThat(drafted.palette().swatches()).extracting(Swatch::name).containsExactly("Dark blue", "Buoy", "White");
        assertThat(drafted.look().theme().unfilled()).isEmpty();
        assertThat(drafted.look().colors().get(ThemeSlot.ACCENT_1).hex()).isEqualTo("#0B2A4A");
        assertThat(drafted.palette().swatches().get(0).origins().get(0).source())
                .isEqualTo("logo.png");
    }

    @Test
    void makesNothingOfNothing() {
        Brand brand = Brand.begin(new UUID(1, 1), "Ostrel", Optional.empty(), new UUID(1, 2));
        Extraction nothing = new Extraction(Reading.ARTWORK, List.of(), true, false, true);
        assertThat(Draft.from(nothing, "empty.png", Map.of(), brand, ids)).isEmpty();
    }

    private static final String[] MANY = {
        "0B2A4A", "0F7C7A", "F2682A", "5B6670", "7A5CD6", "C0392B", "2E8B3A", "FFD400", "2F5DFF", "8A3FD0"
    };

    private static Extraction many(Reading reading) {
        List<Proposal> proposals = new ArrayList<>();
        for (String hex : MANY) {
            proposals.add(proposal(hex, 0.1 - proposals.size() * 0.001, false));
        }
        return new Extraction(reading, proposals, true, false, true);
    }

    private List<String> drafted(Extraction extraction, Map<Rgb, String> given) {
        Brand brand = Brand.begin(new UUID(1, 1), "Ostrel", Optional.empty(), new UUID(1, 2));
        return brand
                .apply(Draft.from(extraction, "picture", given, brand, ids).orElseThrow())
                .palette()
                .swatches()
                .stream()
                .map(swatch -> swatch.color().digits())
                .toList();
    }

    /** Six or seven colours are a lot for a brand, and of a photograph it keeps fewer; common practice, no source. */
    @Test
    void aBrandBeginsWithFewColors() {
        assertThat(drafted(many(Reading.ARTWORK), Map.of())).hasSize(7);
        assertThat(drafted(many(Reading.PHOTOGRAPH), Map.of())).hasSize(5);
    }

    private static Extraction on(String ground, double coverage) {
        List<Proposal> proposals = List.of(proposal("0B2A4A", 1 - coverage, false), proposal(ground, coverage, true));
        return new Extraction(Reading.ARTWORK, proposals, false, false, true);
    }

    /** Artwork on nothing, on paper, on black, or on much of a colour; common practice, no published source. */
    @Test
    void tellsALogoFromOtherPictures() {
        assertThat(Draft.isLogo(many(Reading.ARTWORK))).isTrue();
        assertThat(Draft.isLogo(many(Reading.PHOTOGRAPH))).isFalse();
        assertThat(Draft.isLogo(on("FFFFFF", 0.4))).isTrue();
        assertThat(Draft.isLogo(on("14142B", 0.4))).isTrue();
        assertThat(Draft.isLogo(on("8A6B4A", 0.26))).isFalse();
        assertThat(Draft.isLogo(on("8A6B4A", 0.8))).isTrue();
        assertThat(Draft.isLogo(
                        new Extraction(Reading.ARTWORK, List.of(proposal("FFFFFF", 0.5, true)), false, true, true)))
                .isFalse();
    }

    /** The chips of a sheet are the palette, in reading order; what they lie on is paper. */
    @Test
    void aSheetGivesAllItsChipsInTheirOrderAndNotItsPaper() {
        List<Proposal> proposals = new ArrayList<>();
        for (String hex : MANY) {
            proposals.add(proposal(hex, 0.01 + proposals.size() * 0.001, false));
        }
        proposals.add(proposal("FFFFFF", 0.5, true));
        assertThat(drafted(new Extraction(Reading.ARTWORK, proposals, false, true, true), Map.of()))
                .containsExactly(MANY);
    }

    private Brand brandOf(String... hexes) {
        Brand empty = Brand.begin(new UUID(1, 1), "Ostrel", Optional.empty(), new UUID(1, 2));
        List<Swatch> swatches = new ArrayList<>();
        for (String hex : hexes) {
            swatches.add(swatch(hex, "logo.png"));
        }
        return empty.apply(BrandChange.DraftBrand.of(empty, "logo.png", swatches));
    }

    private Swatch swatch(String hex, String source) {
        return Swatch.of(new SwatchId(ids.get()), "Colour " + hex, Rgb.ofHex(hex), List.of(Origin.of(source)));
    }

    @Test
    void severalFilesOfOneBrandAreOneAlsoWhereOneIsWorn() {
        List<Swatch> merged = Draft.merged(List.of(
                List.of(swatch("0B2A4A", "logo.png"), swatch("F2682A", "logo.png")),
                List.of(swatch("F1672B", "logo.jpg"), swatch("0F7C7A", "logo.jpg"))));
        assertThat(merged).extracting(one -> one.color().digits()).containsExactly("0B2A4A", "F2682A", "0F7C7A");
        assertThat(merged.get(1).origins()).extracting(Origin::source).containsExactly("logo.png", "logo.jpg");
    }

    /** What was named, typed or sorted by a person is not lost by drafting again. */
    @Test
    void draftingAgainKeepsWhatIsFoundAgainAndWhatAPersonMade() {
        Brand named = brandOf("0B2A4A", "0F7C7A");
        SwatchId navy = named.palette().swatches().get(0).id();
        Swatch typed = Swatch.of(new SwatchId(ids.get()), "Typed", Rgb.ofHex("7A5CD6"), List.of());
        Brand before = named.apply(new PaletteChange.RenameSwatch(navy, "Night channel"))
                .apply(PaletteChange.AddSwatches.of(List.of(typed)));
        Brand after = before.apply(BrandChange.DraftAgain.of(
                before, "sign.png", List.of(swatch("F2682A", "sign.png"), swatch("0B2A4A", "sign.png"))));
        assertThat(after.palette().swatches())
                .extracting(one -> one.color().digits())
                .containsExactly("F2682A", "0B2A4A", "7A5CD6");
        assertThat(after.palette().get(navy).name()).isEqualTo("Night channel");
        assertThat(after.look().theme().unfilled()).isEmpty();
        assertThat(after.look().colors()).doesNotContainValue(Rgb.ofHex("0F7C7A"));
    }

    @Test
    void aManualKeepsTheOrderOfItsOwnList() {
        Extraction three = new Extraction(
                Reading.ARTWORK,
                List.of(proposal("0B2A4A", 0.3, false), proposal("F2682A", 0.2, false), proposal("5B6670", 0.1, false)),
                true,
                false,
                true);
        Map<Rgb, String> two = new LinkedHashMap<>();
        two.put(Rgb.ofHex("5B6670"), "Rope grey");
        two.put(Rgb.ofHex("F2682A"), "Buoy orange");
        assertThat(drafted(three, two)).containsExactly("5B6670", "F2682A", "0B2A4A");
        // With one name of three it is a picture that happens to name one.
        assertThat(drafted(three, Map.of(Rgb.ofHex("5B6670"), "Rope grey")))
                .containsExactly("0B2A4A", "F2682A", "5B6670");
    }

    private static UsedColor used(String hex, String name) {
        return new UsedColor(Rgb.ofHex(hex), Optional.of(name).filter(text -> !text.isEmpty()), Map.of());
    }

    @Test
    void aFileThatListsColorsGivesThemWithTheirNames() {
        List<UsedColor> colors = new ArrayList<>(List.of(
                used("0B2A4A", "Night channel"),
                used("0F7C7A", "Night channel"),
                used("F2682A", ""),
                used("5B6670", "n".repeat(Swatch.LONGEST_NAME)),
                used("EAF3F2", "n".repeat(Swatch.LONGEST_NAME + 1))));
        for (String hex : new String[] {"7A5CD6", "C0392B", "2E8B3A"}) {
            colors.add(used(hex, hex));
        }
        Brand brand = Brand.begin(new UUID(1, 1), "Ostrel", Optional.empty(), new UUID(1, 2));
        Inventory listed = new Inventory(Optional.empty(), colors, List.of(), false);
        Brand drafted = brand.apply(Draft.from(listed, "list.css", brand, ids).orElseThrow());
        assertThat(drafted.palette().swatches())
                .extracting(Swatch::name)
                .containsExactly(
                        "Night channel",
                        "Teal",
                        "Orange",
                        "n".repeat(Swatch.LONGEST_NAME),
                        "Pale grey",
                        "7A5CD6",
                        "C0392B");
        assertThat(Draft.from(new Inventory(Optional.empty(), List.of(), List.of(), false), "a.css", brand, ids))
                .isEmpty();
    }

    @Test
    void aFileWithAThemeGivesItsTheme() {
        Brand brand = Brand.begin(new UUID(1, 1), "Ostrel", Optional.empty(), new UUID(1, 2));
        FoundTheme theme = new FoundTheme(
                " Office ",
                Map.of(
                        ThemeSlot.DARK_1, Rgb.BLACK,
                        ThemeSlot.LIGHT_1, Rgb.WHITE,
                        ThemeSlot.DARK_2, Rgb.ofHex("0B2A4A"),
                        ThemeSlot.ACCENT_1, Rgb.ofHex("0F7C7A"),
                        ThemeSlot.HYPERLINK, Rgb.ofHex("0000EE")),
                Optional.empty());
        Change change = Draft.from(
                        new Inventory(Optional.of(theme), List.of(), List.of(), true), "deck.pptx", brand, ids)
                .orElseThrow();
        Brand taken = brand.apply(change);
        // Accents first; nobody chose black, white and the blue of links.
        assertThat(taken.palette().swatches())
                .extracting(swatch -> swatch.color().digits())
                .containsExactly("0F7C7A", "0B2A4A");
        assertThat(taken.look().theme().name()).isEqualTo("Office");
        assertThat(taken.look().colors()).isEqualTo(theme.colors());
        assertThat(taken.look().isFirst()).isTrue();
    }
}
