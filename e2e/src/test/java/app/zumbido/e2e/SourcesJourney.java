package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Several sources side by side, ready palettes, the screen, and parts for the mood board. */
class SourcesJourney extends Journey {
    private Locator strip() {
        return page.getByLabel("Strip").getByRole(AriaRole.BUTTON);
    }

    private Locator proposal(String digits) {
        return page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(digits));
    }

    @Test
    void theSameColorOfTwoSourcesIsOneSwatchWithBothPlaces() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        int before = strip().count();
        choose(file("letterhead.png", Drawings.ferryLogo()));
        assertThat(sources()).hasCount(2);
        assertThat(proposal("0F7C7A")).isChecked();
        assertThat(proposal("0F7C7A")).hasAttribute("aria-label", Pattern.compile(".*same as Teal.*"));
        button("Take chosen").click();
        assertThat(page.getByText("3 colours of the palette were found in letterhead.png too; the place is kept."))
                .isVisible();
        assertThat(strip()).hasCount(before);
        assertThat(proposal("0F7C7A")).not().isChecked();
        openStation("Palette");
        assertThat(page.getByText("; also letterhead.png at ").first()).isVisible();
        page.keyboard().press("Control+z");
        assertThat(page.getByText("; also letterhead.png at ")).hasCount(0);
    }

    @Test
    void aBrandIsDraftedAgainFromTwoFilesAfterALookAtWhatChanges() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        int before = strip().count();
        choose(file("disc.png", Drawings.violetDisc()));
        assertThat(sources()).hasCount(2);
        button("draft again…").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        // The disc alone, which lies on top, would send the logo's colours away.
        assertThat(dialog.getByLabel("Goes")).containsText("0F7C7A");
        assertThat(accessibilityFaults()).isEmpty();
        dialog.getByLabel("logo.png").check();
        assertThat(dialog.getByLabel("Comes").getByRole(AriaRole.LISTITEM)).hasCount(1);
        assertThat(dialog.getByLabel("Goes")).hasCount(0);
        button("Draft again").click();
        assertThat(page.getByText("Drafted from logo.png and 1 more")).isVisible();
        assertThat(strip()).hasCount(before + 1);
        page.keyboard().press("Control+z");
        assertThat(strip()).hasCount(before);
    }

    @Test
    void aProposalReplacesASwatch() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        int before = strip().count();
        choose(file("disc.png", Drawings.violetDisc()));
        assertThat(sources()).hasCount(2);
        Locator violet =
                page.getByLabel("Proposals").getByRole(AriaRole.CHECKBOX).first();
        violet.focus();
        Locator replace = page.getByLabel("replace a colour");
        replace.selectOption(new String[] {replace.locator("option").nth(2).getAttribute("value")});
        assertThat(page.getByText("What will follow:")).isVisible();
        carryThrough();
        assertThat(page.getByText("everything that uses it follows")).isVisible();
        assertThat(strip()).hasCount(before);
    }

    @Test
    void aReadyPaletteIsTriedOnAndThenTaken() {
        putOnTheShelf("Ostrel Ferries");
        button("look at ready palettes").click();
        field("Words").fill("harbour");
        page.getByLabel("Mood").selectOption("deep");
        Locator found = page.getByLabel("Ready palettes").getByRole(AriaRole.LISTITEM);
        assertThat(found).hasCount(1);
        String untouched = painted(".band", "background-color");
        found.getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.getByText("Deep harbour, only tried on")).isVisible();
        assertThat(painted(".band", "background-color")).isNotEqualTo(untouched);
        assertThat(strip()).hasCount(1);
        assertThat(accessibilityFaults()).isEmpty();
        button("Back to the sources").click();
        assertThat(painted(".band", "background-color")).isEqualTo(untouched);
        button("look at ready palettes").click();
        button("Take Deep harbour").click();
        assertThat(page.getByText("Drafted from Deep harbour: 5 colours, 12 slots."))
                .isVisible();
        assertThat(strip()).hasCount(6);
    }

    @Test
    void aPartOfAPictureIsCutOutForTheMoodBoard() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        button("Crop for the mood board").click();
        assertThat(accessibilityFaults()).isEmpty();
        BoundingBox box = page.locator(".sheet").boundingBox();
        page.mouse().move(box.x + box.width * 0.1, box.y + box.height * 0.2);
        page.mouse().down();
        page.mouse().move(box.x + box.width * 0.5, box.y + box.height * 0.6);
        page.mouse().up();
        // The same by keyboard, to the pixel.
        page.getByLabel("width").fill("120");
        page.getByLabel("width").press("Tab");
        button("Keep the part").click();
        assertThat(page.getByText("logo.png, cropped lies on the sheet, for the mood board."))
                .isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("logo.png, cropped, 120 x")))
                .isVisible();
        page.getByRole(AriaRole.STATUS).getByText("Undo").click();
        assertThat(sources()).hasCount(1);
    }

    @Test
    void aColorIsPickedFromTheScreenWhereTheBrowserCan() {
        context.addInitScript(
                "window.EyeDropper = class { open() { return Promise.resolve({ sRGBHex: '#0f7c7a' }); } }");
        page.reload();
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.violetDisc()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        int before = strip().count();
        button("Pick from the screen").click();
        assertThat(page.getByText("1 colour taken from the screen.")).isVisible();
        assertThat(strip()).hasCount(before + 1);
    }

    @Test
    void theScreenIsNotOfferedWhereTheBrowserCannot() {
        context.addInitScript("delete window.EyeDropper");
        page.reload();
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.violetDisc()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        assertThat(button("Choose files")).isVisible();
        assertThat(button("Pick from the screen")).hasCount(0);
    }
}
