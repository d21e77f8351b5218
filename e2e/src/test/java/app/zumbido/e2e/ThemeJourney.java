package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Few colours fill twelve slots, as the person has decided. */
class ThemeJourney extends Journey {
    @BeforeEach
    void draftTheBrand() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png: 4 colours")).isVisible();
    }

    private Locator slot(String code) {
        return page.locator("[data-slot=" + code + "]");
    }

    private void addColor(String code) {
        openStation("Palette");
        button("Add a colour").click();
        page.getByRole(AriaRole.DIALOG).getByLabel("Code").fill(code);
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    @Test
    void fiveColorsBecomeAFullThemeWithADerivedSixthAccent() throws Exception {
        addColor("7A5CD6");
        addColor("A9743A");
        openStation("Theme");
        button("Suggest again").click();
        assertThat(page.getByText("All twelve slots are filled")).isVisible();
        assertThat(slot("accent4")).containsText("next in the palette");
        assertThat(slot("accent5")).containsText("to be told apart");
        assertThat(slot("accent6")).containsText("the highlight, kept for last");
        assertThat(page.getByLabel("Warnings")).containsText("called like the brand");
        field("Name of the theme").fill("Daylight");
        page.keyboard().press("Enter");
        assertThat(page.getByText("called like the brand")).hasCount(0);
        assertThat(accessibilityFaults()).isEmpty();
        openStation("Hand over");
        Download deck =
                page.waitForDownload(() -> link("16:9, Presentation template").click());
        assertThat(Decks.slots(Decks.themeOf(deck.path())
                        .getContents()
                        .getThemeElements()
                        .getClrScheme()))
                .hasSize(12)
                .contains("7A5CD6", "A9743A");
    }

    @Test
    void aSlotIsKeptWhileTheRestIsSuggestedAgain() {
        openStation("Theme");
        drag(page.getByLabel("Strip").getByRole(AriaRole.BUTTON).nth(2), slot("accent1"));
        assertThat(slot("accent1")).containsText("F2682A");
        field("Keep Accent 1").check();
        page.getByLabel("Accents that the brand has no colour for").selectOption("spares repeated");
        page.getByLabel("Where the link colours come from").selectOption("customary links");
        button("Suggest again").click();
        assertThat(page.getByText("11 slots are filled, 1 kept")).isVisible();
        assertThat(slot("accent1")).containsText("F2682A");
        assertThat(slot("accent5")).containsText("again, in order of use");
        // The highlight is what is kept, so it stands nowhere else.
        assertThat(slot("accent6")).containsText("again, in order of use");
        assertThat(slot("hlink")).containsText("0000EE");
        assertThat(page.getByLabel("Warnings")).containsText("Note: Accent");
        assertThat(accessibilityFaults()).isEmpty();

        page.getByLabel("Accents that the brand has no colour for").selectOption("spares black, grey");
        button("Suggest again").click();
        assertThat(slot("accent5")).containsText("no more brand colours");
    }

    @Test
    void aDarkThemeIsMadeFromTheLightOne() throws Exception {
        openStation("Theme");
        assertThat(slot("hlink")).containsText("reads on both grounds");
        button("+ theme").click();
        field("Its name").fill("Night");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Night is made from Ostrel Ferries.")).isVisible();
        assertThat(page.getByLabel("Themes").getByRole(AriaRole.BUTTON))
                .hasText(new String[] {"Ostrel Ferries first", "Night", "+ theme"});
        assertThat(slot("accent1")).containsText("moved, to be seen here");
        assertThat(page.getByText("a link needs 4.5:1")).hasCount(0);
        assertThat(page.getByText("On a light ground")).hasCount(1);
        page.getByLabel("Show the slots beside another theme").selectOption("beside Ostrel Ferries");
        assertThat(slot("dk1")).containsText("the same");
        assertThat(slot("accent1")).containsText("differs by");
        assertThat(accessibilityFaults()).isEmpty();

        button("Hand over first").click();
        assertThat(page.getByText("Night is handed over first.")).isVisible();
        openStation("Hand over");
        assertThat(page.getByLabel("In which theme")).containsText("Night, handed over first");
        Download deck =
                page.waitForDownload(() -> link("16:9, Presentation template").click());
        assertThat(deck.suggestedFilename()).isEqualTo("ostrel-ferries-night-16x9.potx");
        assertThat(Decks.themeOf(deck.path()).getContents().getName()).isEqualTo("Night");
        assertThat(Decks.pagesStandOn(deck.path())).isEqualTo("DK_1");

        openStation("Theme");
        button("Take away Night").click();
        assertThat(page.getByLabel("Themes").getByRole(AriaRole.BUTTON)).hasCount(2);
        page.keyboard().press("Control+z");
        assertThat(page.getByLabel("Themes").getByRole(AriaRole.BUTTON)).hasCount(3);
    }

    @Test
    void tintsAreToldAsEachKindOfDocumentWritesThem() {
        openStation("Theme");
        button("as documents write them").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        Locator row =
                dialog.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Accent 2, 80 % lighter"));
        assertThat(row).containsText("lumMod 20000, lumOff 80000");
        assertThat(row).containsText("themeTint 33");
        assertThat(row).containsText("tint 0.8");
        assertThat(accessibilityFaults()).isEmpty();
    }

    @Test
    void aSlideOfOnesOwnTakesTheThemeOn() throws Exception {
        Path deck = page.waitForDownload(() -> {
                    openStation("Hand over");
                    link("16:9, Presentation template").click();
                })
                .path();
        openStation("Gather");
        choose(file("own.potx", Files.readAllBytes(deck)));
        assertThat(page.getByLabel("Sources")).containsText("own.potx");
        page.getByLabel("A page of your own").selectOption("own.potx");
        Locator slide = page.getByAltText("Slide 1 of own.potx, in the theme Ostrel Ferries");
        assertThat(slide).isVisible();
        String before = drawn(slide);
        openStation("Theme");
        page.getByLabel("Pages of the theme").getByText("dark pages").click();
        assertThat(page.getByText("has dark pages now")).isVisible();
        page.waitForCondition(() -> !drawn(slide).equals(before));
        assertThat(accessibilityFaults()).isEmpty();
    }

    /** What the picture shows, as the browser has it. */
    private static String drawn(Locator image) {
        return (String) image.evaluate("async (image) => { await image.decode();"
                + " const bytes = await (await fetch(image.currentSrc)).arrayBuffer();"
                + " const hash = await crypto.subtle.digest('SHA-256', bytes);"
                + " return [...new Uint8Array(hash)].join(); }");
    }
}
