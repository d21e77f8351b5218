package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions.HasCountOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import org.docx4j.dml.BaseStyles;
import org.junit.jupiter.api.Test;

/** Colours out of pictures by hand, out of texts, and out of many files at once. */
class GatherJourney extends Journey {
    /** Of the drawn logo; pixels. */
    private static final int SHEET_WIDTH = 400;

    private static final String TWELVE = """
            Ostrel Ferries, colours for print and screen

            Night channel    #0B2A4A
            Harbour teal     #0F7C7A
            Buoy orange      F2682A
            Wet rope         RGB 91 102 112
            Foam             rgb(234, 243, 242)
            - Kelp: R 63 G 90 B 55
            Lantern          hsl(45 100% 50%)
            Rust             #A23B1E
            Gull grey        C 0 M 0 Y 0 K 30
            Slate            oklch(45% 0.03 250)
            Signal red       lab(50 60 40)
            Sailcloth        #FFF
            """;

    private Locator strip() {
        return page.getByLabel("Strip").getByRole(AriaRole.BUTTON);
    }

    @Test
    void aPastedListOfTwelveNamedCodesBecomesThePalette() {
        putOnTheShelf("Ostrel Ferries");
        button("paste codes").click();
        field("Paste anything: a mail, a list, a stylesheet").fill(TWELVE);
        Locator found = page.getByLabel("Colours found").getByRole(AriaRole.LISTITEM);
        assertThat(found).hasCount(12);
        assertThat(found.nth(5)).containsText("Kelp");
        assertThat(found.nth(8)).containsText("Gull grey");
        assertThat(accessibilityFaults()).isEmpty();
        button("Take 12 colours").click();
        assertThat(strip()).hasCount(13);
        assertThat(strip().nth(0)).hasAttribute("aria-label", "Night channel, 0B2A4A: put on…");
        assertThat(strip().nth(6)).hasAttribute("aria-label", "Lantern, FFBF00: put on…");
        assertThat(strip().nth(11)).hasAttribute("aria-label", "Sailcloth, FFFFFF: put on…");
        // The first colours of a brand draft it, wherever they are from.
        assertThat(page.getByText("Drafted from pasted text: 12 colours, 12 slots."))
                .isVisible();
        assertThat(page.getByText("Drop a logo here")).hasCount(0);
        assertThat(painted("[data-specimens] .band", "background-color")).isEqualTo(rgb("0B2A4A"));
        assertThat(accessibilityFaults()).isEmpty();
        page.keyboard().press("Control+z");
        assertThat(strip()).hasCount(1);
        assertThat(page.getByText("Drop a logo here")).isVisible();
    }

    @Test
    void aStylesheetTellsItsNamesAndWhatItUsesThemFor() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("site.css", """
                :root { --harbour-teal: #0F7C7A; --foam: rgb(234 243 242); }
                a { color: #F2682A; border: 1px solid var(--harbour-teal); background: var(--foam) }
                """.getBytes(StandardCharsets.UTF_8)));
        Locator colors = page.getByLabel("Colours of the file").getByRole(AriaRole.LISTITEM);
        assertThat(colors).hasCount(3);
        assertThat(colors.filter(new Locator.FilterOptions().setHasText("harbour teal")))
                .containsText("border 1");
        assertThat(page.getByLabel("Combinations used most").getByRole(AriaRole.LISTITEM))
                .containsText("F2682A on EAF3F2");
        assertThat(accessibilityFaults()).isEmpty();
        button("Take chosen").click();
        assertThat(strip()).hasCount(4);
        // What does not read is not allowed by a click, but left on purpose.
        button("Leave F2682A on EAF3F2").click();
        assertThat(page.getByText("F2682A on EAF3F2 does not read, and is left on purpose."))
                .isVisible();
        openStation("Palette");
        assertThat(page.getByText("from site.css;").first()).isVisible();
    }

    @Test
    void theThemeOfADeckIsTakenAndHandedOver() throws Exception {
        putOnTheShelf("Ostrel Ferries");
        choose(file("timetable.pptx", Decks.timetable()));
        assertThat(page.getByText("presentation: take its theme, or single colours of it"))
                .isVisible();
        assertThat(page.getByLabel("Its theme").getByRole(AriaRole.LISTITEM)).hasCount(12);
        assertThat(page.getByLabel("Combinations used most")
                        .getByRole(AriaRole.LISTITEM)
                        .first())
                .containsText("FFFFFF on 0F7C7A");
        assertThat(accessibilityFaults()).isEmpty();
        button("Take its theme").click();
        assertThat(page.getByText("Slots and fonts of timetable.pptx are the theme now; 8 new swatches."))
                .isVisible();
        assertThat(strip()).hasCount(9);
        button("Allow FFFFFF on 0F7C7A").click();
        assertThat(page.getByText("FFFFFF on 0F7C7A is allowed.")).isVisible();
        openStation("Contrast");
        button("In words").click();
        assertThat(page.getByText("Used 3 times in timetable.pptx").first()).isVisible();

        openStation("Hand over");
        Download download =
                page.waitForDownload(() -> link("16:9, Presentation template").click());
        BaseStyles handedOver = Decks.themeOf(download.path()).getContents().getThemeElements();
        assertThat(Decks.slots(handedOver.getClrScheme())).isEqualTo(Decks.SLOTS);
        assertThat(handedOver.getFontScheme().getMajorFont().getLatin().getTypeface())
                .isEqualTo("Georgia");
    }

    @Test
    void aSourceIsTakenOffTheSheetAndPutBack() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()), file("disc.png", Drawings.violetDisc()));
        assertThat(sources()).hasCount(2);
        button("Take disc.png off the sheet").click();
        assertThat(sources()).hasCount(1);
        page.reload();
        assertThat(sources()).hasCount(1);
        button("Take logo.png off the sheet").click();
        assertThat(page.getByText("No picture yet")).isVisible();
        page.getByRole(AriaRole.STATUS).getByText("Undo").click();
        assertThat(sources()).hasCount(1);
    }

    @Test
    void aManualInPdfGivesItsCodesWithTheirNamesBesideEachPage() throws IOException {
        putOnTheShelf("Ostrel Ferries");
        choose(file("manual.pdf", Manuals.withCover()));
        // Of the codes, and not of the cover.
        assertThat(page.getByText("Drafted from manual.pdf: 3 colours")).isVisible();
        assertThat(strip().nth(0)).hasAttribute("aria-label", "Night channel, 0B2A4A: put on…");
        assertThat(strip().nth(1)).hasAttribute("aria-label", "Harbour teal, 0F7C7A: put on…");
        assertThat(strip().nth(2)).hasAttribute("aria-label", "Buoy orange, F2682A: put on…");

        page.getByTitle("manual.pdf, page 3").click();
        Locator orange = page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("F2682A"));
        assertThat(orange).hasAttribute("aria-label", Pattern.compile(".*Buoy orange.*"));
        assertThat(accessibilityFaults()).isEmpty();
        orange.focus();
        assertThat(page.locator("[data-region]")).hasAttribute("data-region", "#F2682A");
    }

    @Test
    void theHierarchyOfAManualIsMarkedBesideItsPage() throws IOException {
        putOnTheShelf("Ostrel Ferries");
        choose(file("manual.pdf", Manuals.twoPages()));
        assertThat(page.getByText("Drafted from manual.pdf: 3 colours")).isVisible();
        button("Mark the hierarchy").click();
        Locator shown = page.getByLabel("Proposals");
        Locator teal = shown.getByRole(AriaRole.BUTTON).filter(new Locator.FilterOptions().setHasText("0F7C7A"));
        Locator night = shown.getByRole(AriaRole.BUTTON).filter(new Locator.FilterOptions().setHasText("0B2A4A"));
        teal.click();
        assertThat(teal).containsText("number 1");
        night.click();
        night.press("Enter");
        assertThat(night).containsText("crossed out");
        assertThat(accessibilityFaults()).isEmpty();
        button("Take as marked").click();
        assertThat(page.getByText("The palette stands in the order of manual.pdf, page 1; 1 off-limits."))
                .isVisible();
        assertThat(strip().first()).hasAttribute("aria-label", "Harbour teal, 0F7C7A: put on…");
        assertThat(page.getByLabel("Night channel, 0B2A4A, off-limits: put on…"))
                .isVisible();

        // What is crossed out is suggested for no slot.
        openStation("Theme");
        button("Suggest again").click();
        assertThat(page.getByText("All twelve slots are filled")).isVisible();
        openStation("Palette");
        assertThat(page.getByText("off-limits; from manual.pdf, page 1").first())
                .containsText("not used in the theme");
        button("Allow again Night channel").click();
        assertThat(page.getByLabel("Night channel, 0B2A4A: put on…")).isVisible();
    }

    @Test
    void aLogoIsCorrectedThreeTimesByHand() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        int before = strip().count();

        // One that replaces a swatch, with an area, moved by arrow keys.
        Locator teal = page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("0F7C7A"));
        teal.focus();
        button("Pick by hand").click();
        Locator ring = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Place "));
        assertThat(ring).isFocused();
        page.getByLabel("Area, pixels across")
                .getByText("3", new Locator.GetByTextOptions().setExact(true))
                .click();
        ring.press("Shift+ArrowLeft");
        Locator magnifier = page.getByLabel("Magnifier", new Page.GetByLabelOptions().setExact(true));
        assertThat(magnifier).containsText("area 3 px");
        assertThat(accessibilityFaults()).isEmpty();
        page.getByLabel("replace a colour").selectOption(new String[] {firstSwatchId()});
        carryThrough();
        assertThat(page.getByText("everything that uses it follows")).isVisible();
        assertThat(strip()).hasCount(before);

        // Two that are taken as they are, by pointing at edges with a wide area.
        page.getByLabel("Area, pixels across")
                .getByText("15", new Locator.GetByTextOptions().setExact(true))
                .click();
        Locator sheet = page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("logo.png,"));
        for (int[] place : new int[][] {{180, 90}, {230, 62}}) {
            BoundingBox box = sheet.boundingBox();
            sheet.click(new Locator.ClickOptions()
                    .setForce(true)
                    .setPosition(place[0] * box.width / SHEET_WIDTH, place[1] * box.width / SHEET_WIDTH));
            assertThat(magnifier).containsText("area 15 px");
            int standing = strip().count();
            button("Take this colour").click();
            assertThat(strip()).hasCount(standing + 1);
            assertThat(page.getByText("1 colour taken from logo.png at ")).isVisible();
        }
        assertThat(strip()).hasCount(before + 2);
        openStation("Palette");
        assertThat(page.getByText("from logo.png at ").first()).isVisible();
        assertThat(page.getByText(", area 3;").first()).isVisible();
    }

    private String firstSwatchId() {
        return page.getByLabel("replace a colour").locator("option").nth(1).getAttribute("value");
    }

    @Test
    void ofTwentyFilesTwoAreBadAndEighteenComeIn() {
        putOnTheShelf("Ostrel Ferries");
        List<Path> files = new ArrayList<>();
        for (int i = 0; i < 18; i++) {
            files.add(file("picture-" + i + ".png", i % 2 == 0 ? Drawings.ferryLogo() : Drawings.violetDisc()));
        }
        files.add(3, file("broken.png", Arrays.copyOf(Drawings.ferryLogo(), 200)));
        files.add(9, file("letter.doc", "No picture at all".getBytes(StandardCharsets.UTF_8)));
        choose(files.toArray(Path[]::new));
        assertThat(sources()).hasCount(18, new HasCountOptions().setTimeout(60_000));
        Locator complaint = page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("broken.png"));
        assertThat(complaint).containsText("letter.doc");
        assertThat(accessibilityFaults()).isEmpty();
    }
}
