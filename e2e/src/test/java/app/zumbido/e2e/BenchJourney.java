package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Work on a brand that was drafted from a logo. */
class BenchJourney extends Journey {
    @BeforeEach
    void draft() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
    }

    private Locator strip() {
        return page.getByLabel("Strip").getByRole(AriaRole.BUTTON);
    }

    private Locator slot(String code) {
        return page.locator("[data-slot=" + code + "]");
    }

    @Test
    void theDraftIsOneStepThatCanBeUndone() {
        button("Undo").first().click();
        assertThat(strip()).hasCount(1);
        assertThat(page.getByText("Draft palette and theme")).isVisible();
        page.keyboard().press("Control+Shift+z");
        assertThat(strip()).hasCount(5);
    }

    @Test
    void aFocusedProposalHatchesItsRegion() {
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("F2682A"))
                .focus();
        Locator region = page.locator("[data-region]");
        assertThat(region).hasAttribute("data-region", "#F2682A");
        assertThat((String) region.evaluate("(e) => getComputedStyle(e).maskImage"))
                .contains("/region/F2682A");
        assertThat(page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("FFFFFF")))
                .hasAttribute("aria-label", "FFFFFF, 83 % of the picture, ground, in palette");
    }

    @Test
    void laterPicturesAreTakenFromByChoice() {
        choose(file("disc.png", Drawings.violetDisc()));
        Locator violet = page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("6A3FB5"));
        assertThat(violet).isChecked();
        button("Take chosen").click();
        assertThat(page.getByText("1 colour taken from disc.png.")).isVisible();
        assertThat(strip()).hasCount(6);
        assertThat(strip().nth(4)).hasAttribute("aria-label", "Violet, 6A3FB5: put on…");
    }

    @Test
    void swatchesAreNamedOrderedChangedAndRemoved() {
        openStation("Palette");
        field("Name of Teal").fill("Harbour teal");
        page.keyboard().press("Enter");
        assertThat(strip().nth(1)).hasAttribute("aria-label", "Harbour teal, 0F7C7A: put on…");

        field("Code of Harbour teal").fill("rgb(19 143 140)");
        page.keyboard().press("Enter");
        carryThrough();
        assertThat(strip().nth(1)).hasAttribute("aria-label", "Harbour teal, 138F8C: put on…");
        assertThat(painted(".band", "border-bottom-color")).isEqualTo(rgb("138F8C"));

        button("Move Harbour teal up").click();
        assertThat(strip().first()).hasAttribute("aria-label", "Harbour teal, 138F8C: put on…");

        button("Copy hsl(178.5 76.5% 31.8%), Harbour teal").click();
        assertThat(page.getByText("hsl(178.5 76.5% 31.8%) is copied.")).isVisible();
        assertThat((String) page.evaluate("() => navigator.clipboard.readText()"))
                .isEqualTo("hsl(178.5 76.5% 31.8%)");

        button("Remove Harbour teal").click();
        assertThat(strip()).hasCount(4);
        assertThat(page.getByText("What it was used for keeps its colour")).isVisible();
        assertThat(painted(".band", "border-bottom-color")).isEqualTo(rgb("138F8C"));
    }

    @Test
    void aWrongCodeIsSaidAtItsPlaceAndStays() {
        openStation("Palette");
        field("Code of Teal").fill("teal-ish");
        page.keyboard().press("Enter");
        assertThat(page.getByText("This is no colour code.")).isVisible();
        assertThat(field("Code of Teal")).hasValue("teal-ish");
        field("Code of Teal").focus();
        page.keyboard().press("Escape");
        assertThat(field("Code of Teal")).hasValue("0F7C7A");
    }

    @Test
    void aSlotIsSetByDraggingAndByKeyboard() {
        openStation("Theme");
        drag(strip().nth(2), slot("accent1"));
        assertThat(slot("accent1")).containsText("F2682A");
        assertThat(slot("accent1")).containsText("chosen by hand");
        assertThat(slot("accent1").getByRole(AriaRole.LIST).getByRole(AriaRole.LISTITEM))
                .hasText(new String[] {"FCE1D4", "FAC3AA", "F7A47F", "C9470C", "862F08"});
        page.keyboard().press("/");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Enter");
        Locator dialog = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Put Teal on…"));
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Accent 1"))
                .press("Enter");
        assertThat(slot("accent1")).containsText("0F7C7A");

        button("Suggest again").click();
        assertThat(slot("accent1")).containsText("0B2A4A");
        assertThat(slot("accent1")).containsText("next in the chart order");
    }

    @Test
    void theStripShowsANewOrderWhileATicketIsDragged() {
        strip().nth(2).hover();
        page.mouse().down();
        strip().nth(1).hover();
        strip().nth(0).hover();
        assertThat(strip().nth(0)).containsText("F2682A");
        // Off the strip, nothing has happened.
        page.mouse().move(640, 500);
        assertThat(strip().nth(2)).containsText("F2682A");
        strip().nth(0).hover();
        assertThat(strip().nth(0)).containsText("F2682A");
        page.mouse().up();
        assertThat(strip().nth(0)).containsText("F2682A");
        page.keyboard().press("Control+z");
        assertThat(strip().nth(2)).containsText("F2682A");
    }

    @Test
    void theSpecimensFollowTheThemeAtOnce() {
        openStation("Theme");
        assertThat((String) page.locator("[data-specimens] rect").first().evaluate("(e) => getComputedStyle(e).fill"))
                .isEqualTo(rgb("0B2A4A"));
        drag(strip().nth(2), slot("accent1"));
        assertThat(slot("accent1")).containsText("F2682A");
        assertThat((String) page.locator("[data-specimens] rect").first().evaluate("(e) => getComputedStyle(e).fill"))
                .isEqualTo(rgb("F2682A"));
        // Heads of tables stand on the main colour, whatever the first accent is.
        assertThat(painted("[data-specimens] th", "background-color")).isEqualTo(rgb("0B2A4A"));
    }

    private boolean isFirstSeries(String digits) {
        return painted("[data-specimens] rect", "fill").equals(rgb(digits));
    }

    @Test
    void aHeldKeyMakesLighterInOneStep() {
        openStation("Palette");
        button("Mix Teal").click();
        Locator lightness = field("Lightness of Teal");
        lightness.focus();
        for (int i = 0; i < 8; i++) {
            page.keyboard().down("ArrowRight");
        }
        assertThat(page.getByText("before 0F7C7A")).isVisible();
        assertThat(strip().nth(1)).not().hasAttribute("aria-label", "Teal, 0F7C7A: put on…");
        page.keyboard().up("ArrowRight");
        assertThat(page.getByText("Saved")).isVisible();
        button("Trail").click();
        Locator steps = page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.LISTITEM);
        assertThat(steps).hasCount(3);
        assertThat(steps.first()).containsText("Teal made lighter (0F7C7A → ");
    }

    @Test
    void anyStepIsGoneToAndComparedWith() {
        openStation("Palette");
        field("Code of Teal").fill("6A3FB5");
        page.keyboard().press("Enter");
        carryThrough();
        assertThat(strip().nth(1)).hasAttribute("aria-label", "Teal, 6A3FB5: put on…");
        assertThat(painted(".band", "border-bottom-color")).isEqualTo(rgb("6A3FB5"));

        button("before").click();
        assertThat(page.locator("[data-moment=before]")).isVisible();
        assertThat(page.getByLabel("Beside what").locator("option:checked"))
                .hasText("after: Drafted from logo.png: 4 colours");
        page.waitForCondition(() -> painted(".band", "border-bottom-color").equals(rgb("0F7C7A")));
        page.getByLabel("Beside what").selectOption("unbranded");
        page.waitForCondition(() -> painted(".band", "background-color").equals(rgb("595959")));
        button("now").click();

        button("Trail").click();
        Locator steps = page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.LISTITEM);
        steps.last().getByRole(AriaRole.BUTTON).click();
        assertThat(strip()).hasCount(1);
        steps.first().getByRole(AriaRole.BUTTON).click();
        assertThat(strip().nth(1)).hasAttribute("aria-label", "Teal, 6A3FB5: put on…");
    }

    @Test
    void aSlotIsPreviewedWhileATicketHangsOverIt() {
        openStation("Theme");
        strip().nth(2).hover();
        page.mouse().down();
        slot("accent1").hover();
        slot("accent1").hover();
        page.waitForCondition(() -> isFirstSeries("F2682A"));
        slot("accent6").hover();
        page.waitForCondition(() -> isFirstSeries("0B2A4A"));
        page.mouse().up();
        assertThat(slot("accent6")).containsText("F2682A");
        assertThat(slot("accent1")).containsText("0B2A4A");
    }

    @Test
    void aDrawingGivesItsOwnColors() {
        choose(file(
                "mark.svg",
                ("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 100 50'><rect width='100' height='50' fill='white'/>"
                                + "<circle cx='30' cy='25' r='20' fill='rebeccapurple'/></svg>")
                        .getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("663399")))
                .isChecked();
        assertThat(page.getByAltText("mark.svg, 1200 x 600 pixels")).isVisible();
    }

    @Test
    @Tag("alone")
    void nothingIsLostWhenTheServerIsStartedAgain() throws Exception {
        openStation("Palette");
        field("Name of Orange").fill("Buoy orange");
        page.keyboard().press("Enter");
        assertThat(strip().nth(2)).hasAttribute("aria-label", "Buoy orange, F2682A: put on…");
        int port = server.port();
        server.close();
        field("Name of Teal").fill("Harbour teal");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Zumbido does not answer.")).isVisible();
        assertThat(field("Name of Teal")).hasValue("Harbour teal");

        server = RunningServer.start(folder.resolve("data"), port);
        page.reload();
        assertThat(strip().nth(2)).hasAttribute("aria-label", "Buoy orange, F2682A: put on…");
        button("Trail").click();
        Locator steps = page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.LISTITEM);
        assertThat(steps).hasCount(3);
        assertThat(steps.first()).containsText("Orange renamed to Buoy orange");
        page.getByRole(AriaRole.DIALOG)
                .getByText("Undo", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(steps.first()).containsText("(undone)");
        assertThat(strip().nth(2)).hasAttribute("aria-label", "Orange, F2682A: put on…");
        page.keyboard().press("Escape");
        page.keyboard().press("Control+Shift+z");
        assertThat(strip().nth(2)).hasAttribute("aria-label", "Buoy orange, F2682A: put on…");
    }
}
