package app.zumbido.formats.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.fail;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Combination;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.core.inspect.UsedColor;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.archive.TextParts;
import app.zumbido.formats.image.DamagedFile;
import app.zumbido.formats.image.UnreadableImageException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Files with known colours; the office ones are written by another library or by our own templates. */
class ListedFileTest {
    private static final Rgb NAVY = Rgb.ofHex("0B2A4A");
    private static final Rgb TEAL = Rgb.ofHex("0F7C7A");
    private static final Rgb ORANGE = Rgb.ofHex("F2682A");
    private static final int VARIANTS = 60;
    private static final Duration SOON = Duration.ofSeconds(60);

    private static ListedFile read(String text) {
        return ListedFile.read(text.getBytes(StandardCharsets.UTF_8)).orElseThrow();
    }

    private static UsedColor find(Inventory inventory, Rgb color) {
        return inventory.colors().stream()
                .filter(used -> used.color().equals(color))
                .findFirst()
                .orElseThrow(() -> new AssertionError(color + " is missing in " + inventory.colors()));
    }

    @Test
    void readsTheThemeOfADeckSlotBySlot() throws IOException {
        ListedFile deck = ListedFile.read(OfficeFiles.deck()).orElseThrow();
        assertThat(deck.kind()).isEqualTo("pptx");
        var brand = BrandExample.ferries();
        var theme = deck.inventory().theme().orElseThrow();
        assertThat(theme.colors()).isEqualTo(brand.look().theme().resolve(brand.palette()));
        assertThat(theme.colors()).hasSize(ThemeSlot.values().length);
        assertThat(theme.fonts()).contains(brand.type().pair());
        assertThat(theme.name()).isEqualTo(brand.look().theme().name());
    }

    @Test
    void countsWhatTheSlidesOfADeckUse() throws IOException {
        Inventory deck = ListedFile.read(OfficeFiles.deck()).orElseThrow().inventory();
        assertThat(deck.counted()).isTrue();
        assertThat(find(deck, TEAL).uses()).containsEntry(ColorUse.GROUND, 3);
        assertThat(find(deck, ORANGE).uses()).containsEntry(ColorUse.GRAPHIC, 1);
        assertThat(deck.combinations()).contains(new Combination(Rgb.WHITE, TEAL, 2));
    }

    /** The strict form differs in its namespaces only, as far as colours go. Source: ECMA-376 Part 1, annex A. */
    @Test
    void countsAStrictDeckAsItsTransitionalForm() throws IOException {
        byte[] deck = OfficeFiles.deck();
        Inventory strict =
                ListedFile.read(OfficeFiles.strict(deck)).orElseThrow().inventory();
        assertThat(strict).isEqualTo(ListedFile.read(deck).orElseThrow().inventory());
    }

    @Test
    void countsTheRunsOfADocumentOnTheirGrounds() throws IOException {
        ListedFile document = ListedFile.read(OfficeFiles.document()).orElseThrow();
        assertThat(document.kind()).isEqualTo("docx");
        assertThat(find(document.inventory(), NAVY).uses()).isEqualTo(Map.of(ColorUse.TEXT, 3));
        assertThat(document.inventory().combinations())
                .containsExactly(
                        new Combination(NAVY, Rgb.WHITE, 2),
                        new Combination(ORANGE, Rgb.WHITE, 1),
                        new Combination(NAVY, Rgb.ofHex("EAF3F2"), 1));
    }

    @Test
    void countsTheCellsOfAWorkbookThatHoldSomething() throws IOException {
        ListedFile workbook = ListedFile.read(OfficeFiles.workbook()).orElseThrow();
        assertThat(workbook.kind()).isEqualTo("xlsx");
        assertThat(workbook.inventory().combinations()).contains(new Combination(Rgb.WHITE, TEAL, 3));
        assertThat(find(workbook.inventory(), TEAL).uses()).isEqualTo(Map.of(ColorUse.GROUND, 3));
    }

    @Test
    void namesTheColorsOfAnOpenDocumentFile() throws IOException {
        ListedFile document = ListedFile.read(OfficeFiles.openDocument()).orElseThrow();
        assertThat(document.kind()).isEqualTo("odt");
        assertThat(find(document.inventory(), NAVY).name()).contains("Dusk start");
        assertThat(find(document.inventory(), TEAL).name()).contains("Callout box");
        assertThat(find(document.inventory(), TEAL).uses()).isEqualTo(Map.of(ColorUse.GROUND, 1, ColorUse.TEXT, 1));
        assertThat(document.inventory().combinations()).containsExactly(new Combination(Rgb.WHITE, TEAL, 1));
    }

    @Test
    void tellsWhatAStylesheetUsesItsColorsFor() {
        ListedFile sheet = read(":root { --harbour-teal: #0F7C7A; --edge: var(--harbour-teal) }\n"
                + "body { color: #0b2a4a; background: white }\n"
                + "a { color: var(--harbour-teal) } a:hover { color: rgb(242 104 42 / 80%) }\n"
                + "@media print { .box { border: 1px solid var(--edge); background-image:"
                + " linear-gradient(90deg, #0B2A4AFF, oklch(0.5368 0.0865 193.4)) } }\n"
                + ".none { color: transparent; background: rgba(0, 0, 0, 0) }");
        assertThat(sheet.kind()).isEqualTo("css");
        UsedColor teal = find(sheet.inventory(), TEAL);
        assertThat(teal.name()).contains("harbour teal");
        assertThat(teal.uses()).containsEntry(ColorUse.TEXT, 1).containsEntry(ColorUse.BORDER, 1);
        assertThat(find(sheet.inventory(), NAVY).uses()).isEqualTo(Map.of(ColorUse.TEXT, 1, ColorUse.GROUND, 1));
        assertThat(find(sheet.inventory(), ORANGE).uses()).isEqualTo(Map.of(ColorUse.TEXT, 1));
        assertThat(sheet.inventory().combinations()).containsExactly(new Combination(NAVY, Rgb.WHITE, 1));
        assertThat(sheet.inventory().colors()).extracting(UsedColor::color).doesNotContain(Rgb.BLACK);
    }

    @Test
    void readsASavedPageWithItsStylesAttributesAndDrawings() {
        Inventory page = read("<!doctype html><html><head><style>h1{color:#F2682A}</style></head>"
                        + "<body bgcolor=ivory><p style='color:#0B2A4A;background:#EAF3F2'>x</p>"
                        + "<svg><rect fill='#0F7C7A'/></svg><script>var c='#123456'</script></body></html>")
                .inventory();
        assertThat(find(page, ORANGE).uses()).isEqualTo(Map.of(ColorUse.TEXT, 1));
        assertThat(find(page, TEAL).uses()).isEqualTo(Map.of(ColorUse.GRAPHIC, 1));
        assertThat(find(page, Rgb.ofHex("FFFFF0")).uses()).isEqualTo(Map.of(ColorUse.GROUND, 1));
        assertThat(page.combinations()).containsExactly(new Combination(NAVY, Rgb.ofHex("EAF3F2"), 1));
        assertThat(page.colors()).hasSize(5);
    }

    @Test
    void readsDesignTokensWithAliasesAndColorSpaces() {
        ListedFile tokens = read("""
                {"color": {"$type": "color",
                  "harbour": {"teal": {"$value": {
                    "colorSpace": "srgb", "components": [0.0588, 0.4863, 0.4784], "hex": "#0f7c7a"}}},
                  "link": {"$value": "{color.night}"},
                  "night": {"$value": "#0B2A4A"},
                  "odd": {"$value": {
                    "colorSpace": "prophoto-rgb", "components": [0.5, 0.5, 0.5], "hex": "#F2682A"}}},
                 "space": {"$type": "dimension", "$value": "4px"}}
                """);
        assertThat(tokens.kind()).isEqualTo("json");
        assertThat(tokens.inventory().colors()).extracting(UsedColor::color).containsExactly(TEAL, NAVY, ORANGE);
        assertThat(find(tokens.inventory(), TEAL).name()).contains("color harbour teal");
    }

    @Test
    void readsTheCodesOfJsonThatHoldsNoTokens() {
        Inventory found = read("{\"brand\": {\"teal\": \"#0F7C7A\"}}").inventory();
        assertThat(found.colors()).extracting(UsedColor::color).containsExactly(TEAL);
    }

    @Test
    void leavesPicturesAndPlainTextAlone() {
        assertThat(ListedFile.read(new byte[] {(byte) 0x89, 'P', 'N', 'G'})).isEmpty();
        assertThat(ListedFile.read("Harbour teal #0F7C7A".getBytes(StandardCharsets.UTF_8)))
                .isEmpty();
    }

    @Test
    void saysSoWhenThereIsNoColorInIt() {
        byte[] plain = "p { margin: 4px }".getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> ListedFile.read(plain))
                .isInstanceOf(UnreadableImageException.class)
                .hasMessage("There is no colour in this file");
    }

    @Test
    void refusesAZipThatUnpacksToTooMuch() throws IOException {
        byte[] bomb = TextParts.zip(Map.of("[Content_Types].xml", " ".repeat((100 << 20) + 1)));
        assertThat(bomb.length).isLessThan(1 << 20);
        assertThatThrownBy(() -> ListedFile.read(bomb))
                .isInstanceOf(UnreadableImageException.class)
                .hasMessageContaining("unpacks to more than");
    }

    private static byte[] good(String kind) throws IOException {
        return switch (kind) {
            case "pptx" -> OfficeFiles.deck();
            case "docx" -> OfficeFiles.document();
            case "xlsx" -> OfficeFiles.workbook();
            case "odt" -> OfficeFiles.openDocument();
            case "css" -> ":root{--a:#0F7C7A}p{color:var(--a);background:url(x)}".getBytes(StandardCharsets.UTF_8);
            case "html" -> "<html><style>p{color:red}</style><p bgcolor=#123>".getBytes(StandardCharsets.UTF_8);
            default -> "{\"a\":{\"$type\":\"color\",\"$value\":\"#0F7C7A\"}}".getBytes(StandardCharsets.UTF_8);
        };
    }

    @ParameterizedTest
    @ValueSource(strings = {"pptx", "docx", "xlsx", "odt", "css", "html", "json"})
    void whatIsDamagedIsReadOrSaysWhatIsWrong(String kind) throws IOException {
        byte[] good = good(kind);
        Random random = new Random(kind.hashCode());
        for (int i = 0; i < VARIANTS; i++) {
            byte[] file = DamagedFile.of(good, random);
            int variant = i;
            Assertions.assertTimeoutPreemptively(SOON, () -> {
                try {
                    ListedFile.read(file)
                            .ifPresent(read ->
                                    assertThat(read.inventory().isEmpty()).isFalse());
                } catch (UnreadableImageException e) {
                    assertThat(e.getMessage()).isNotBlank();
                } catch (RuntimeException | Error e) {
                    fail(kind + " variant " + variant, e);
                }
            });
        }
    }
}
