package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** A colour is mixed, brought to what the press can reach, and handed over. */
class MixerJourney extends Journey {
    private Locator first() {
        return page.getByLabel("Strip").getByRole(AriaRole.BUTTON).first();
    }

    private void draftThePalette() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        openStation("Palette");
    }

    @Test
    void aTooVividGreenIsBroughtToWhatThePressCanReach() throws Exception {
        draftThePalette();
        field("Name of Dark blue").fill("Green");
        field("Name of Dark blue").press("Enter");
        // Any notation is taken, and one that no screen can show is brought in.
        field("Code of Green").fill("oklch(80% 0.3 150)");
        field("Code of Green").press("Enter");
        assertThat(page.getByText("No screen can show what was asked for")).isVisible();
        carryThrough();
        button("Mix Green").click();
        Locator mixer = page.getByLabel("Mixer of Green");
        assertThat(mixer).containsText("it will lose its glow in print");
        assertThat(mixer.getByLabel("Hue of Green: one step towards teal")).isVisible();
        assertThat(accessibilityFaults()).isEmpty();

        String vivid = first().getAttribute("aria-label");
        for (int i = 0; i < 4; i++) {
            Locator quieter = mixer.getByLabel("Strength of Green: one step quieter");
            for (int step = 0; step < 12; step++) {
                quieter.click();
            }
            page.waitForTimeout(900);
            if (mixer.textContent().contains("in print nearly the same")) {
                break;
            }
        }
        assertThat(mixer).containsText("in print nearly the same");
        assertThat(first()).not().hasAttribute("aria-label", vivid);
        button("copy all seven").click();
        assertThat(page.getByText("All codes of Green are copied.")).isVisible();
        String copied = (String) page.evaluate("() => navigator.clipboard.readText()");
        assertThat(copied.lines()).hasSize(8);
        String hex = copied.lines().skip(1).findFirst().orElseThrow().substring("hex: ".length());
        assertThat(copied).contains("CMYK: C ", "Lab: lab(", "LCH: lch(", "OKLCH: oklch(");

        openStation("Hand over");
        Download download =
                page.waitForDownload(() -> link("16:9, Presentation template").click());
        assertThat(Decks.slots(Decks.themeOf(download.path())
                        .getContents()
                        .getThemeElements()
                        .getClrScheme()))
                .contains(hex);
    }

    @Test
    void theSurroundIsChosenOnceForAllMixers() {
        draftThePalette();
        button("Mix Teal").click();
        Locator teal = page.getByLabel("Mixer of Teal");
        teal.getByText("dark", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(teal.locator("[data-surround]")).hasAttribute("data-surround", "dark");
        button("Mix Teal").click();
        assertThat(teal).hasCount(0);
        button("Mix Orange").click();
        assertThat(page.getByLabel("Mixer of Orange").locator("[data-surround]"))
                .hasAttribute("data-surround", "dark");
    }

    @Test
    void aStepOfALadderBecomesASwatch() {
        draftThePalette();
        int before = page.getByLabel("Strip").getByRole(AriaRole.BUTTON).count();
        button("Mix Teal").click();
        Locator ladder = page.getByLabel("Ladder of Teal", new Page.GetByLabelOptions().setExact(true));
        assertThat(ladder.getByRole(AriaRole.BUTTON)).hasCount(9);
        page.getByLabel("Steps of the ladder of Teal").selectOption("5");
        assertThat(ladder.getByRole(AriaRole.BUTTON)).hasCount(5);
        assertThat(accessibilityFaults()).isEmpty();
        ladder.getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.getByText("of the ladder of Teal is a swatch now.")).isVisible();
        assertThat(page.getByLabel("Strip").getByRole(AriaRole.BUTTON)).hasCount(before + 1);
        assertThat(page.getByText("from ladder of Teal;")).isVisible();
    }

    @Test
    void partnersOfAColorSlideWithItAndAreTakenTogether() {
        draftThePalette();
        int before = page.getByLabel("Strip").getByRole(AriaRole.BUTTON).count();
        button("Mix Teal").click();
        page.getByLabel("Harmony of Teal")
                .getByText("triad", new Locator.GetByTextOptions().setExact(true))
                .click();
        Locator harmony = page.getByLabel("Harmony", new Page.GetByLabelOptions().setExact(true));
        assertThat(harmony.getByRole(AriaRole.BUTTON)).hasCount(3);
        Locator turn = page.getByLabel("Turn base and partners of Teal");
        turn.focus();
        turn.press("ArrowRight");
        assertThat(button("Take all 3")).isVisible();
        assertThat(accessibilityFaults()).isEmpty();
        button("Take all 3").click();
        assertThat(page.getByText("3 colours taken from the harmony of Teal.")).isVisible();
        assertThat(page.getByLabel("Strip").getByRole(AriaRole.BUTTON)).hasCount(before + 3);
        page.keyboard().press("Control+z");
        assertThat(page.getByLabel("Strip").getByRole(AriaRole.BUTTON)).hasCount(before);
    }

    @Test
    void fourColorsBecomeAPaletteOfTwelveByTheirCompanions() throws Exception {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png: 4 colours")).isVisible();
        openStation("Palette");
        button("Companions").click();
        Locator sheet = page.getByLabel("Sheet of companions");
        assertThat(sheet.getByRole(AriaRole.LISTITEM)).hasCount(12);
        assertThat(accessibilityFaults()).isEmpty();
        Download svg = page.waitForDownload(() -> link("Sheet as SVG").click());
        assertThat(Files.readString(svg.path())).contains(">0F7C7A<", "Teal, darker");
        Download png = page.waitForDownload(() -> link("Sheet as PNG").click());
        assertThat(ImageIO.read(png.path().toFile()).getWidth()).isGreaterThan(600);
        button("Take all 9").click();
        assertThat(page.getByText("9 companions joined the palette.")).isVisible();
        button("Close").click();
        assertThat(page.getByLabel("Swatches").locator("> li")).hasCount(13);
        page.keyboard().press("Control+z");
        assertThat(page.getByLabel("Swatches").locator("> li")).hasCount(4);
    }

    @Test
    void thePaletteIsOrderedByOneRuleInOneStep() {
        draftThePalette();
        String drafted = first().getAttribute("aria-label");
        page.getByLabel("Order the palette").selectOption("hue");
        carryThrough();
        assertThat(page.getByText("The palette stands by hue.")).isVisible();
        assertThat(first()).hasAttribute("aria-label", "Orange, F2682A: put on…");
        page.getByRole(AriaRole.STATUS).getByText("Undo").click();
        assertThat(first()).hasAttribute("aria-label", drafted);
    }
}
