package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Draws docs/screenshots anew from the demo data: {@code ./zumbido screenshots}. */
@Tag("screenshots")
@Tag("demo")
class ScreenshotJourney extends Journey {
    private static final Path FOLDER = Path.of("../docs/screenshots");

    /** Pictures beyond the edge are fetched only when somebody goes there; those that are asked for again are on their way. */
    private void waitForPictures() {
        page.waitForFunction("() => [...document.images].filter((image) => {"
                + " const place = image.getBoundingClientRect();"
                + " return place.top < innerHeight && place.left < innerWidth;"
                + " }).every((image) => image.complete && !image.hasAttribute('data-coming'))");
    }

    private void shoot(String name) {
        page.evaluate("() => document.fonts.ready");
        // What has just been opened asks for its pictures.
        page.waitForTimeout(400);
        waitForPictures();
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }

    @Test
    void everyMainView() throws Exception {
        assertThat(link("Open Ostrel Ferries")).isVisible();
        shoot("shelf");
        link("Open Ostrel Ferries").click();
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("0F7C7A"))
                .focus();
        shoot("gather");
        button("Pick by hand").click();
        assertThat(button("Take this colour").or(page.getByText("Is Harbour teal")))
                .isVisible();
        shoot("magnifier");
        button("Close the magnifier").click();
        choose(file("timetable.pptx", Decks.timetable()));
        assertThat(button("Take its theme")).isVisible();
        button("Take timetable.pptx off the sheet").click();
        openStation("Palette");
        field("Code of Harbour teal").fill("12B5B0");
        page.keyboard().press("Enter");
        assertThat(page.getByText("What will follow:")).isVisible();
        shoot("palette");
        page.keyboard().press("Escape");
        button("Mix Harbour teal").click();
        assertThat(field("Ladder of Harbour teal")).isVisible();
        assertThat(button("Sea green")).isVisible();
        page.getByLabel("Mixer of Harbour teal").scrollIntoViewIfNeeded();
        shoot("mixer");
        button("Mix Harbour teal").click();
        openStation("Roles");
        shoot("roles");
        openStation("Theme");
        shoot("theme");
        openStation("Contrast");
        assertThat(page.getByText("Every text in use can be read.")).isVisible();
        page.getByLabel("May not stand on Sailcloth")
                .getByRole(AriaRole.BUTTON)
                .first()
                .click();
        assertThat(page.getByLabel("Remedies")).containsText("Turn it round");
        page.getByLabel("Remedies").scrollIntoViewIfNeeded();
        shoot("contrast");
        button("Overlays").click();
        field("Ground").selectOption("harbour-dusk.png");
        field("Laid over it").selectOption("Night channel");
        field("Text").selectOption("Sailcloth");
        assertThat(page.getByText("Where the text stands: Worst at ")).hasAttribute("aria-busy", "false");
        shoot("overlays");
        page.getByLabel("In use", new Page.GetByLabelOptions().setExact(true))
                .getByText("widen")
                .click();
        shoot("in-use");
        page.keyboard().press("Escape");
        openStation("Type");
        assertThat(page.getByText("Bitter and Open Sans have the same x-height: they go together."))
                .isVisible();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions()
                                .setName(Pattern.compile("^Lora .* instead of the Heading: lay it over")))
                .first()
                .click();
        shoot("type");
        openStation("Logos");
        assertThat(page.locator("[data-ground=FFFFFF]")).isVisible();
        shoot("logos");
        openStation("Guide");
        page.getByLabel("Sections of the guide")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Colours page")))
                .click();
        shoot("guide");
        openStation("Hand over");
        shoot("hand-over");

        page.getByText("Shelf", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        page.getByText("Kestrin Observatory").first().click();
        openStation("Theme");
        page.getByLabel("Show the slots beside another theme").selectOption("beside Day");
        assertThat(page.locator("[data-slot=dk1]")).containsText("the same");
        shoot("dark-theme");

        openStation("Existing files");
        button("Recolour").click();
        page.locator("#which-file").selectOption("hill-by-day.svg");
        assertThat(page.getByText("Fourth")).isVisible();
        shoot("recolour");
        button("Dress").click();
        assertThat(page.getByText("12 colours in this file")).isVisible();
        shoot("dress");
        button("Check").click();
        page.getByLabel("Kinds of faults")
                .getByText("cannot be read")
                .click(new Locator.ClickOptions().setTimeout(60_000));
        assertThat(page.getByText("FFFF00 on FFFFFF has 1.07 of 3.")).isVisible();
        shoot("check");

        openStation("Palette");
        button("Other palettes").click();
        field("Name of the next palette").fill("Dawn");
        button("a copy of it").click();
        button("Back to the bench").click();
        field("Code of Violet hour").fill("B5473C");
        page.keyboard().press("Enter");
        carryThrough();
        button("Dawn, of 2 palettes").click();
        assertThat(page.locator("[aria-label=Palettes] [data-specimens]")).hasCount(2);
        shoot("palettes");
    }
}
