package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A first draft becomes a palette: filled up, sorted, remarked on, and changed as a whole. */
class PaletteJourney extends Journey {
    @BeforeEach
    void draftThePalette() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png: 4 colours")).isVisible();
        openStation("Palette");
    }

    private Locator rows(String list) {
        return page.getByLabel(list, new Page.GetByLabelOptions().setExact(true))
                .locator("> li");
    }

    private String strip() {
        return String.join(
                ", ",
                page.getByLabel("Strip").getByRole(AriaRole.BUTTON).all().stream()
                        .map(ticket -> ticket.getAttribute("aria-label"))
                        .toList());
    }

    private void addColor(String name, String code) {
        button("Add a colour").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("Code").fill(code);
        dialog.getByLabel("Name").fill(name);
        dialog.getByText("Add", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(dialog).hasCount(0);
    }

    private List<String> codes() throws IOException {
        openStation("Hand over");
        Download download = page.waitForDownload(() -> link("text, Codes").click());
        return Files.readAllLines(download.path());
    }

    @Test
    void fourColorsBecomeAPaletteOfTwelveWithNamesAndLadders() throws Exception {
        button("Companions").click();
        button("Take all 9").click();
        assertThat(page.getByText("9 companions joined the palette.")).isVisible();
        button("Close").click();
        assertThat(page.getByLabel("Remarks")).containsText("13 colours in the core are perhaps too many");
        rows("Swatches").last().getByText("Remove").click();
        assertThat(rows("Swatches")).hasCount(12);

        button("Move the last 5 to Extended").click();
        assertThat(rows("Swatches")).hasCount(7);
        assertThat(rows("Swatches of Extended")).hasCount(5);
        assertThat(page.getByText("perhaps too many")).hasCount(0);

        button("Mix Teal").click();
        button("Sea green").click();
        Locator ladder = page.getByLabel("Ladder of Sea green", new Page.GetByLabelOptions().setExact(true));
        assertThat(ladder.getByRole(AriaRole.BUTTON)).hasCount(9);
        page.getByText("following its base").click();
        ladder.getByRole(AriaRole.BUTTON).nth(1).click();
        assertThat(page.getByText("stands in Extended and follows Sea green.")).isVisible();
        assertThat(rows("Swatches of Extended")).hasCount(6);
        assertThat(accessibilityFaults()).isEmpty();

        List<String> text = codes();
        assertThat(text).contains("Palette", "Palette, Extended");
        assertThat(text.stream().filter(line -> line.contains("#")).limit(13))
                .allSatisfy(line -> assertThat(line).contains("C ", "lab(", "oklch("))
                .anySatisfy(line -> assertThat(line).contains("Sea green", "#0F7C7A"));
    }

    @Test
    void oneColorIsCarriedThroughAndUndone() throws Exception {
        button("Mix Teal").click();
        page.getByText("following its base").click();
        page.getByLabel("Ladder of Teal", new Page.GetByLabelOptions().setExact(true))
                .getByRole(AriaRole.BUTTON)
                .nth(1)
                .click();
        assertThat(page.getByText("stands in Extended and follows Teal.")).isVisible();
        String before = strip();
        String bullet = painted("[data-specimens] .band", "border-bottom-color");

        field("Code of Teal").fill("12B5B0");
        page.keyboard().press("Enter");
        Locator list = page.getByLabel("Carry through", new Page.GetByLabelOptions().setExact(true));
        assertThat(list).containsText("Teal becomes 12B5B0.");
        assertThat(list).containsText("1 swatch:");
        assertThat(list).containsText("derived tints");
        assertThat(list).containsText("too low");
        assertThat(accessibilityFaults()).isEmpty();
        // Looked at, and not yet done.
        page.keyboard().press("Escape");
        assertThat(list).hasCount(0);
        assertThat(strip()).isEqualTo(before);

        field("Code of Teal").fill("12B5B0");
        page.keyboard().press("Enter");
        carryThrough();
        assertThat(page.getByLabel("Strip").getByText("12B5B0")).isVisible();
        // The codes beside it are its own from the first moment that there are any.
        assertThat(button("Copy rgb(18 181 176), Teal").first()).isVisible();
        assertThat(button("Copy rgb(15 124 122), Teal")).hasCount(0);
        assertThat(strip()).isNotEqualTo(before);
        assertThat(painted("[data-specimens] .band", "border-bottom-color")).isEqualTo(rgb("12B5B0"));
        openStation("Hand over");
        assertThat(slots()).contains("12B5B0").doesNotContain("0F7C7A");

        page.keyboard().press("Control+z");
        assertThat(page.getByLabel("Strip").getByText("0F7C7A")).isVisible();
        assertThat(strip()).isEqualTo(before);
        assertThat(slots()).contains("0F7C7A").doesNotContain("12B5B0");
        openStation("Palette");
        assertThat(painted("[data-specimens] .band", "border-bottom-color")).isEqualTo(bullet);
    }

    @Test
    void anotherOrderIsHeardByTheAccentsAndToldFirst() throws Exception {
        String first =
                page.getByLabel("Strip").getByRole(AriaRole.BUTTON).first().getAttribute("aria-label");
        Locator list = page.getByLabel("Carry through", new Page.GetByLabelOptions().setExact(true));
        page.getByLabel("Order the palette").selectOption("hue");
        assertThat(list).containsText("Accent 1");
        assertThat(accessibilityFaults()).isEmpty();
        list.getByText("Leave it as it is").click();
        assertThat(page.getByLabel("Strip").getByRole(AriaRole.BUTTON).first()).hasAttribute("aria-label", first);
        openStation("Hand over");
        List<String> before = slots();

        openStation("Palette");
        page.getByLabel("Order the palette").selectOption("hue");
        carryThrough();
        assertThat(page.getByText("The palette stands by hue.")).isVisible();
        openStation("Hand over");
        assertThat(slots()).isNotEqualTo(before).containsExactlyInAnyOrderElementsOf(before);
    }

    @Test
    void palettesAreComparedSideBySideAndOneIsInForce() throws Exception {
        button("Other palettes").click();
        field("Name of the next palette").fill("Campaign");
        button("a copy of it").click();
        button("Back to the bench").click();
        field("Code of Teal").fill("B3261E");
        page.keyboard().press("Enter");
        carryThrough();

        button("Campaign, of 2 palettes").click();
        Locator columns = page.getByLabel("Palettes", new Page.GetByLabelOptions().setExact(true))
                .locator("> li");
        assertThat(columns).hasCount(2);
        assertThat(columns.first()).containsText("B3261E");
        assertThat(columns.last()).containsText("0F7C7A");
        assertThat(columns.last().locator("[data-specimens]")).isVisible();
        assertThat(accessibilityFaults()).isEmpty();
        columns.last().getByText("Put in force").click();
        assertThat(columns.first()).containsText("0F7C7A");
        button("Back to the bench").click();
        assertThat(button("First palette, of 2 palettes")).isVisible();
        openStation("Hand over");
        assertThat(slots()).contains("0F7C7A").doesNotContain("B3261E");
    }

    private List<String> slots() throws Exception {
        Download deck =
                page.waitForDownload(() -> link("16:9, Presentation template").click());
        return List.copyOf(Decks.slots(
                Decks.themeOf(deck.path()).getContents().getThemeElements().getClrScheme()));
    }

    @Test
    void twoThatAreNearlyTheSameBecomeOne() {
        addColor("Other teal", "107F7D");
        Locator remarks = page.getByLabel("Remarks");
        assertThat(remarks).containsText("Teal and Other teal are nearly the same");
        remarks.getByText("Put aside", new Locator.GetByTextOptions().setExact(false))
                .first()
                .click();
        assertThat(page.getByText("The remark is put aside.")).isVisible();
        page.getByText("1 remark put aside").click();
        button("Bring it back").click();
        remarks.getByText("Make them one").click();
        assertThat(page.getByText("Other teal is replaced by Teal.")).isVisible();
        assertThat(accessibilityFaults()).isEmpty();
        carryThrough();
        assertThat(page.getByText("Other teal and Teal are one.")).isVisible();
        assertThat(rows("Swatches")).hasCount(4);
        assertThat(remarks).hasCount(0);
    }

    @Test
    void aSwatchIsReplacedByAnotherWhereverItIsUsed() {
        button("Mix Orange").click();
        page.getByLabel("Replace Orange by").selectOption("Teal");
        assertThat(page.getByText("Orange is replaced by Teal.")).isVisible();
        carryThrough();
        assertThat(rows("Swatches")).hasCount(3);
        openStation("Theme");
        assertThat(page.getByText("F2682A")).hasCount(0);
    }

    @Test
    void coloursStandInGroupsOfTheirOwn() throws Exception {
        button("Mix Orange").click();
        page.getByLabel("Group of Orange").selectOption("a new group…");
        field("Its name, as in 'Video' or 'Autumn campaign'").fill("Video");
        page.keyboard().press("Enter");
        assertThat(rows("Swatches of Video")).hasCount(1);
        field("Name of the group Video").fill("Film");
        page.keyboard().press("Enter");
        assertThat(rows("Swatches of Film")).hasCount(1);
        assertThat(accessibilityFaults()).isEmpty();
        Locator up = button("Move the group Film up");
        while (up.isEnabled()) {
            up.click();
            page.waitForTimeout(200);
        }
        assertThat(page.getByLabel("Strip").getByRole(AriaRole.BUTTON).first())
                .hasAttribute("aria-label", "Orange, F2682A: put on…");
        field("Spot ink of Orange").fill("Orange 7 of the printing house");
        page.keyboard().press("Enter");
        assertThat(codes())
                .contains("Palette, Film")
                .anyMatch(line -> line.contains("Orange") && line.endsWith("Orange 7 of the printing house"));
        openStation("Palette");
        page.getByText("Take the group away").click();
        assertThat(rows("Swatches")).hasCount(4);
    }

    @Test
    void whatIsMissingIsProposedWithItsReason() {
        button("Missing colours").click();
        Locator accents = page.getByLabel("Accents");
        assertThat(accents.getByRole(AriaRole.LISTITEM).first()).containsText("difference");
        assertThat(accessibilityFaults()).isEmpty();
        accents.getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.getByLabel("Strip").locator("li")).hasCount(6);
        button("Close").click();
        assertThat(rows("Swatches")).hasCount(5);
        assertThat(page.getByText("from missing colours")).isVisible();
    }

    @Test
    void aMoodIsLookedAtDroppedAndApplied() {
        String before = strip();
        button("Mood words").click();
        button("quieter").click();
        assertThat(page.getByText("The palette becomes quieter.")).isVisible();
        assertThat(accessibilityFaults()).isEmpty();
        assertThat(strip()).isNotEqualTo(before);
        button("Leave it as it is").click();
        assertThat(strip()).isEqualTo(before);

        button("Mood words").click();
        button("quieter").click();
        carryThrough();
        assertThat(page.getByText("The palette is quieter now.")).isVisible();
        assertThat(strip()).isNotEqualTo(before);
        page.keyboard().press("Control+z");
        assertThat(page.getByLabel("Strip").getByText("F2682A")).isVisible();
        assertThat(strip()).isEqualTo(before);
    }

    @Test
    void stripAndSpecimensAreSeenWithOtherEyes() {
        page.getByText("Eyes of others").click();
        page.getByLabel("Strip and specimens as seen with").selectOption("little green (deutan)");
        assertThat(page.getByText("Strip and specimens as seen with little green (deutan)"))
                .isVisible();
        // Source of the first number: the authors' table for all of the deficiency.
        assertThat(page.locator("#eyes feColorMatrix").getAttribute("values")).startsWith("0.367322 0.860646");
        assertThat(painted("[data-strip] ul", "filter")).contains("#eyes");
        assertThat(painted("[data-specimens]", "filter")).contains("#eyes");
        assertThat(accessibilityFaults()).isEmpty();
        Locator strength = field("Strength of the deficiency");
        strength.fill("50");
        assertThat(page.locator("#eyes feColorMatrix"))
                .hasAttribute("values", Pattern.compile("^0\\.547494 0\\.607765.*"));
        page.getByLabel("Strip and specimens as seen with").selectOption("full colour vision");
        assertThat(painted("[data-strip] ul", "filter")).isEqualTo("none");
    }
}
