package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Brands come, are renamed, go and come back. */
@Tag("demo")
class ShelfJourney extends Journey {
    private Locator brands() {
        return page.getByLabel("Brands").getByRole(AriaRole.LISTITEM);
    }

    @Test
    void aBrandIsRenamedDeletedAndPutBack() {
        assertThat(brands()).hasCount(3);
        button("Rename Ostrel Ferries").click();
        field("Name of Ostrel Ferries").fill("Ostrel Lines");
        page.keyboard().press("Enter");
        assertThat(brands().first()).containsText("Ostrel Lines");

        button("Delete Ostrel Lines").click();
        assertThat(page.getByText("Ostrel Lines is off the shelf.")).isVisible();
        assertThat(brands()).hasCount(2);

        page.getByText("Taken off the shelf (1)").click();
        button("Put Ostrel Lines back").click();
        assertThat(brands()).hasCount(3);
        link("Open Ostrel Lines").click();
        assertThat(page.getByLabel("Strip").getByRole(AriaRole.BUTTON)).hasCount(9);
    }

    @Test
    void aBrandThatIsNotThereSaysSo() {
        page.navigate(server.address() + "/#/brands/00000000-0000-7000-8000-000000000000/theme");
        page.reload();
        assertThat(page.getByText("This brand is not on the shelf.")).isVisible();
        link("Back to the shelf").click();
        assertThat(brands()).hasCount(3);
    }

    @Test
    void aTemplateThatIsRefusedLeavesNoEmptyBrand() {
        assertThat(brands()).hasCount(3);
        choose(file("broken.potx", "this is no package".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText(Pattern.compile("^broken\\.potx: ")).first()).isVisible();
        assertThat(brands()).hasCount(3);
    }

    @Test
    void everyViewIsAccessible() {
        assertThat(accessibilityFaults()).as("shelf").isEmpty();
        link("Open Ostrel Ferries").click();
        for (String station :
                new String[] {"Gather", "Palette", "Roles", "Theme", "Contrast", "Type", "Logos", "Guide", "Hand over"
                }) {
            openStation(station);
            page.waitForTimeout(300);
            assertThat(accessibilityFaults()).as(station).isEmpty();
        }
        button("Trail").click();
        page.getByText("Drafted from").first().waitFor();
        assertThat(accessibilityFaults()).as("trail").isEmpty();
        page.keyboard().press("Escape");
        page.keyboard().press("?");
        assertThat(accessibilityFaults()).as("keys").isEmpty();
        page.keyboard().press("Escape");
        page.setViewportSize(800, 900);
        assertThat((Boolean) page.evaluate("() => document.documentElement.scrollWidth <= 800"))
                .as("nothing is wider than a narrow window")
                .isTrue();
        assertThat(accessibilityFaults()).as("narrow").isEmpty();
    }
}
