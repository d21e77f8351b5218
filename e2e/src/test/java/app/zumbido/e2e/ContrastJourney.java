package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What cannot be read is found and mended. */
class ContrastJourney extends Journey {
    @BeforeEach
    void draftTheBrand() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png: 4 colours")).isVisible();
    }

    /** A yellow heading: Dark 2 carries the second line of the slide. */
    private void writeHeadingsInYellow() {
        openStation("Palette");
        button("Add a colour").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("Code").fill("FFD400");
        dialog.getByLabel("Name").fill("Lemon");
        page.keyboard().press("Enter");
        assertThat(dialog).hasCount(0);
        page.getByLabel("Strip")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Lemon"))
                .click();
        page.getByRole(AriaRole.DIALOG).getByText("Dark 2").click();
        assertThat(page.getByText("Lemon is now Dark 2.")).isVisible();
    }

    @Test
    void aYellowHeadingOnWhiteIsRemedied() throws Exception {
        writeHeadingsInYellow();
        assertThat(page.getByRole(AriaRole.NAVIGATION)).containsText("in use fail");
        openStation("Contrast");
        assertThat(page.getByText("cannot be read; a click on what is hatched shows what helps."))
                .isVisible();
        Locator failing = page.getByLabel("Grounds")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Lemon 1.43, in use"))
                .first();
        failing.click();
        Locator remedies = page.getByLabel("Remedies");
        assertThat(remedies).containsText("In use and failing: Lemon on White, 1.43 of 4.5");
        assertThat(remedies).containsText("Nearest text that passes");
        assertThat(remedies).containsText("Another of the brand");
        assertThat(remedies).containsText("Turn it round");
        assertThat(accessibilityFaults()).isEmpty();
        remedies.getByText("Take it").first().click();
        assertThat(page.getByText("What will follow:")).isVisible();
        carryThrough();
        assertThat(page.getByText("Every text in use can be read.")).isVisible();
        assertThat(page.getByLabel("Strip").getByText("FFD400")).hasCount(0);

        openStation("Hand over");
        Download deck =
                page.waitForDownload(() -> link("16:9, Presentation template").click());
        assertThat(Decks.slots(Decks.themeOf(deck.path())
                        .getContents()
                        .getThemeElements()
                        .getClrScheme()))
                .doesNotContain("FFD400");
    }

    @Test
    void anotherColorOfTheBrandIsWrittenWithInstead() {
        writeHeadingsInYellow();
        openStation("Contrast");
        page.getByLabel("Grounds")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Lemon 1.43, in use"))
                .first()
                .click();
        page.getByLabel("Remedies")
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Another of the brand"))
                .getByText("Take it")
                .click();
        assertThat(page.getByText("is written with instead.")).isVisible();
        assertThat(page.getByText("Every text in use can be read.")).isVisible();
        assertThat(page.getByLabel("Strip").getByText("FFD400")).isVisible();
    }

    @Test
    void theLevelIsChosenOnceAndAllOfItIsToldInWords() {
        openStation("Contrast");
        page.getByLabel("Level").getByText("AAA").click();
        assertThat(page.getByLabel("Grounds")).containsText("Large only");
        field("On any ground").fill("7FBBB9");
        button("Which text?").click();
        assertThat(page.getByText("Dark blue, 6.").last()).isVisible();
        field("On any ground").fill("teal-ish");
        button("Which text?").click();
        assertThat(page.getByText("This is no colour code.")).isVisible();
        assertThat(accessibilityFaults()).isEmpty();
        button("In words").click();
        assertThat(page.getByText("On Dark blue, 0B2A4A:")).isVisible();
        assertThat(accessibilityFaults()).isEmpty();
        button("Copy it as text").click();
        assertThat((String) page.evaluate("() => navigator.clipboard.readText()"))
                .contains("never write in", "On White, FFFFFF:");
    }

    @Test
    void anOverlayWithYellowTextIsToldOffAndMended() {
        writeHeadingsInYellow();
        openStation("Contrast");
        button("Overlays").click();
        button("Dark gradient, white over it").click();
        Locator verdict = page.getByText("Worst ");
        assertThat(verdict).containsText("text can be read everywhere");
        assertThat(page.getByText("opacity 70 %, lets 30 % through")).isVisible();
        field("Text").selectOption("Lemon");
        assertThat(verdict).containsText("text cannot be read there");
        assertThat(accessibilityFaults()).isEmpty();
        field("Text").selectOption("Dark blue");
        assertThat(verdict).containsText("text can be read everywhere");
    }

    @Test
    void textOverAPhotographIsMadeReadable() {
        openStation("Contrast");
        button("Overlays").click();
        field("Ground").selectOption("logo.png");
        field("Text").selectOption("White");
        field("Laid over it").selectOption("nothing");
        Locator verdict = page.getByText("Worst at ");
        assertThat(verdict).containsText("1.00:1; text cannot be read there");
        field("Laid over it").selectOption("Dark blue");
        Locator opacity = field("Opacity of what is laid over it");
        opacity.fill("30");
        assertThat(page.getByText("opacity 30 %, lets 70 % through")).isVisible();
        assertThat(verdict).containsText("text cannot be read there");
        opacity.fill("80");
        assertThat(verdict).containsText("text can be read everywhere");
        assertThat(accessibilityFaults()).isEmpty();
    }

    /** White cannot be read on the paper of the logo, but it can on the dark disc in it. */
    @Test
    void textOverAPictureIsJudgedWhereItStands() {
        openStation("Contrast");
        button("Overlays").click();
        field("Ground").selectOption("logo.png");
        field("Text").selectOption("White");
        field("Laid over it").selectOption("nothing");
        Locator verdict = page.getByText("Where the text stands: Worst at ");
        assertThat(verdict).containsText("text cannot be read there");
        String before = verdict.textContent();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Where the text stands"))
                .focus();
        for (int i = 0; i < 10; i++) {
            page.keyboard().press("Shift+ArrowLeft");
            page.keyboard().press("ArrowUp");
        }
        assertThat(verdict).not().hasText(before);
        assertThat(page.getByText("Anywhere on the picture: Worst at ")).containsText("1.00:1");
        assertThat(accessibilityFaults()).isEmpty();
    }

    @Test
    void theSpecimensFillTheWindowForAClient() {
        page.getByLabel("In use", new Page.GetByLabelOptions().setExact(true))
                .getByText("widen")
                .click();
        Locator whole = page.getByLabel("In use, in the whole window");
        assertThat(whole).isVisible();
        assertThat(whole.getByText("Dear reader,")).isVisible();
        assertThat(whole.getByText("From one hand to the next")).isVisible();
        assertThat(accessibilityFaults()).isEmpty();
        button("Before, beside it").click();
        assertThat(whole.locator("[data-specimens]")).hasCount(2);
        assertThat(whole.getByLabel("Before", new Locator.GetByLabelOptions().setExact(true)))
                .containsText("Dear reader,");
        assertThat(accessibilityFaults()).isEmpty();
        page.keyboard().press("Escape");
        assertThat(whole).hasCount(0);
    }

    @Test
    void aPairIsLeftOnPurposeAndAnotherIsNotAllowed() {
        writeHeadingsInYellow();
        openStation("Contrast");
        page.getByLabel("Grounds")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Lemon 1.43, in use"))
                .first()
                .click();
        field("Leave it, because").fill("The lamp of the harbour is that yellow");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Lemon on White is left as it is.")).isVisible();
        Locator left = page.getByLabel("May not stand on White")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Lemon 1.43, in use, left"));
        assertThat(left).isVisible();

        button("narrow what may stand on White").click();
        page.getByLabel("Which text").selectOption("Teal");
        field("Not allowed, because").fill("Too pale in print");
        button("Do not allow it").click();
        assertThat(page.getByText("Teal on White is not allowed any more.")).isVisible();
        assertThat(page.getByLabel("May not stand on White")).containsText("Teal 5.01, in use, not allowed");
        assertThat(accessibilityFaults()).isEmpty();
        button("In words").click();
        assertThat(page.getByLabel("What may stand on what, in words")).containsText("not in Teal: Too pale in print.");

        button("By ground").click();
        left.click();
        assertThat(page.getByText("because: The lamp of the harbour is that yellow"))
                .isVisible();
        button("Look at it again").click();
        assertThat(page.getByLabel("May not stand on White")).not().containsText("left");
    }

    @Test
    void aTitleBandIsKeptInTheBrandAndFollowsItsColors() {
        openStation("Contrast");
        button("Overlays").click();
        page.getByLabel("Recipes").getByRole(AriaRole.BUTTON).first().click();
        field("Name of the ground").fill("Title band");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Title band is part of the brand now.")).isVisible();
        page.getByLabel("Grounds of the brand").getByText("Title band").click();
        page.getByLabel("Text", new Page.GetByLabelOptions().setExact(true)).selectOption("White");
        button("Save the change").click();
        assertThat(page.getByText("Title band is changed.")).isVisible();
        button("By ground").click();
        Locator band = page.getByLabel("Grounds")
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Title band"));
        assertThat(band).containsText("text cannot be read there");
        assertThat(page.getByRole(AriaRole.NAVIGATION)).containsText("1 in use fails");
        assertThat(accessibilityFaults()).isEmpty();
        button("open Title band").click();
        button("Drop it Title band").click();
        assertThat(page.getByText("Title band is not part of the brand any more."))
                .isVisible();
        assertThat(page.getByLabel("Grounds of the brand")).hasCount(0);
        page.keyboard().press("Control+z");
        assertThat(page.getByLabel("Grounds of the brand")).containsText("Title band");
    }

    @Test
    void twoColorsThatVibrateAreMended() {
        openStation("Palette");
        button("Add a colour").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("Code").fill("00A000");
        dialog.getByLabel("Name").fill("Buoy green");
        page.keyboard().press("Enter");
        assertThat(dialog).hasCount(0);
        openStation("Contrast");
        button("Clashes").click();
        Locator clashes = page.getByLabel("Clashes", new Page.GetByLabelOptions().setExact(true));
        assertThat(clashes).containsText("Orange beside Buoy green");
        assertThat(accessibilityFaults()).isEmpty();
        clashes.getByText("Take it").first().click();
        carryThrough();
        assertThat(page.getByText("No two colours of the palette vibrate side by side."))
                .isVisible();
        page.keyboard().press("Control+z");
        page.getByLabel("Leave Orange beside Buoy green, because").fill("They never touch");
        button("Leave it").click();
        assertThat(clashes).containsText("Left as it is, because: They never touch");
    }
}
