package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** It is said what each colour is for, and what is said is looked after. */
class RolesJourney extends Journey {
    @BeforeEach
    void draftThePalette() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png: 4 colours")).isVisible();
    }

    private Locator role(String role) {
        return page.locator("[data-role=" + role + "]");
    }

    private Locator strip() {
        return page.getByLabel("Strip").getByRole(AriaRole.BUTTON);
    }

    @Test
    void rolesAreDraftedWithReasonsAndChangedByHand() {
        openStation("Roles");
        button("Draft again").click();
        assertThat(page.getByText("The roles are drafted; the reason stands beside each."))
                .isVisible();
        assertThat(role("main")).containsText("Drafted: the first colourful one in order of use.");
        assertThat(role("text").getByRole(AriaRole.IMG)).hasAttribute("aria-label", "Dark blue, 0B2A4A");
        assertThat(accessibilityFaults()).isEmpty();

        // By dragging, by the list of the role, and by the list of the ticket.
        drag(strip().nth(1), role("box-fill"));
        assertThat(role("box-fill").getByRole(AriaRole.IMG)).hasAttribute("aria-label", "Teal, 0F7C7A");
        page.getByLabel("Give Caution to").selectOption("Orange");
        assertThat(role("caution").getByRole(AriaRole.IMG)).hasCount(1);
        button("Take Caution from Orange").click();
        assertThat(role("caution").getByRole(AriaRole.IMG)).hasCount(0);
        strip().first().focus();
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.DIALOG).getByText("Stop").click();
        assertThat(page.getByText("Dark blue is now Stop.")).isVisible();
        assertThat(role("stop").getByRole(AriaRole.IMG)).hasCount(1);

        field("What Main is for").fill("For titles and the hull.");
        page.keyboard().press("Enter");
        field("Share of main, percent").fill("70");
        page.keyboard().press("Tab");
        assertThat(page.getByText("Together they are 110 %; it must be 100 %.")).isVisible();
        field("Share of secondary, percent").fill("20");
        page.keyboard().press("Tab");
        assertThat(page.getByText("it must be 100 %.")).hasCount(0);
        button("Trail").click();
        assertThat(page.getByText("Proportion set (60 / 30 / 10 → 70 / 20 / 10)")
                        .first())
                .isVisible();
        assertThat(page.getByText("Main worded: For titles and the hull.").first())
                .isVisible();
    }

    @Test
    void contradictionsAreTold() {
        openStation("Roles");
        button("Draft again").click();
        Locator told = page.getByLabel("Contradictions");
        assertThat(told).hasCount(0);
        page.getByLabel("Give Box fill to").selectOption("Dark blue");
        assertThat(told).containsText("Dark blue is the text, but cannot be read on the box fill (1.00:1");
        page.getByLabel("Give Secondary to").selectOption("Orange");
        assertThat(told).containsText("Orange is the highlight and Secondary too");
        page.getByLabel("Give Off-limits to").selectOption("Teal");
        assertThat(told).containsText("Teal is off-limits, but stands in the theme slot");
        assertThat(page.getByRole(AriaRole.NAVIGATION)).containsText("to look at");
        assertThat(accessibilityFaults()).isEmpty();
    }

    @Test
    void aChartOrderIsImprovedForViewersWithLittleGreen() {
        openStation("Palette");
        for (String color : new String[] {"C0392B", "5E7D2A", "FFD400", "2F5DFF"}) {
            button("Add a colour").click();
            page.getByRole(AriaRole.DIALOG).getByLabel("Code").fill(color);
            page.keyboard().press("Enter");
            assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        }
        openStation("Roles");
        // The draft from the logo has put its own colours there.
        for (String drafted : new String[] {"Dark blue", "Teal"}) {
            button("Take Chart series from " + drafted).click();
        }
        assertThat(role("chart").getByRole(AriaRole.IMG)).hasCount(0);
        for (int i = 4; i < 8; i++) {
            Locator choice = page.getByLabel("Give Chart series to");
            choice.selectOption(new SelectOption().setIndex(5));
            assertThat(role("chart").getByRole(AriaRole.IMG)).hasCount(i - 3);
        }
        page.getByLabel("Series to judge").selectOption("4 series");
        Locator deutan = page.getByLabel("Chart order")
                .getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText("little green (deutan)"));
        assertThat(deutan).containsText("ΔE");
        double before = difference(deutan);
        button("Improve the order").click();
        assertThat(page.getByText("in which they are told apart best")).isVisible();
        assertThat(deutan.getByRole(AriaRole.CELL).first()).not().hasText(before + " ΔE");
        assertThat(difference(deutan)).isGreaterThan(before + 5);
        assertThat(accessibilityFaults()).isEmpty();
    }

    /** @return smallest difference of neighbours as the row says it */
    private static double difference(Locator row) {
        return Double.parseDouble(
                row.getByRole(AriaRole.CELL).first().textContent().replace(" ΔE", ""));
    }
}
