package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Two windows on one brand; nothing is lost and nothing overwritten silently. */
class TwoWindowsJourney extends Journey {
    private Page other;

    @BeforeEach
    void openTwice() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        openStation("Palette");
        other = page.context().newPage();
        other.navigate(page.url());
        assertThat(name(other, "Teal")).isVisible();
    }

    private static Locator name(Page window, String swatch) {
        return window.getByLabel("Name of " + swatch, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void whatOneWindowChangesTheOtherShows() {
        name(page, "Teal").fill("Harbour teal");
        page.keyboard().press("Enter");
        assertThat(name(other, "Harbour teal")).isVisible();
        assertThat(other.getByText("Changed in another window: Teal renamed to Harbour teal."))
                .isVisible();
    }

    @Test
    void whatIsBeingTypedIsNeitherLostNorWrittenOverTheOthersSilently() {
        name(other, "Teal").press("End");
        name(other, "Teal").pressSequentially(" deep");
        name(page, "Teal").fill("Harbour teal");
        page.keyboard().press("Enter");
        Locator field = name(other, "Harbour teal");
        assertThat(field).hasValue("Teal deep");
        field.press("Enter");
        assertThat(other.getByText("Meanwhile this became 'Harbour teal' in another window."))
                .isVisible();
        assertThat(name(page, "Harbour teal")).isVisible();
        field.press("Enter");
        assertThat(name(page, "Teal deep")).isVisible();
    }

    /** A browser keeps six connections open; windows that each held one for listening would starve the seventh. */
    @Test
    void sevenWindowsHearOfChangesThroughOneOfThem() {
        List<Page> windows = new ArrayList<>(List.of(page, other));
        while (windows.size() < 7) {
            Page next = page.context().newPage();
            next.navigate(page.url());
            assertThat(name(next, "Teal")).isVisible();
            windows.add(next);
        }
        Page last = windows.get(6);
        name(last, "Teal").fill("Harbour teal");
        last.keyboard().press("Enter");
        for (Page window : windows) {
            assertThat(name(window, "Harbour teal")).isVisible();
        }
        // The one that listens for all is closed, and another takes over.
        page.close();
        name(last, "Orange").fill("Buoy orange");
        last.keyboard().press("Enter");
        for (Page window : windows.subList(1, 7)) {
            assertThat(name(window, "Buoy orange")).isVisible();
        }
    }

    @Test
    void aChangeOnAnOldStateIsToldWithWhatHappenedSince() {
        // The second window hears nothing of the first: its stream is cut, and other windows are not heard.
        other.close();
        other = page.context().newPage();
        other.route("**/events", route -> route.abort());
        other.addInitScript("window.BroadcastChannel = class { postMessage() {} close() {} }");
        other.navigate(page.url());
        assertThat(name(other, "Teal")).isVisible();
        name(page, "Teal").fill("Harbour teal");
        page.keyboard().press("Enter");
        assertThat(name(page, "Harbour teal")).isVisible();

        name(other, "Orange").fill("Buoy orange");
        other.keyboard().press("Enter");
        assertThat(other.getByText("Changed in another window meanwhile: Teal renamed to Harbour teal."))
                .isVisible();
        assertThat(name(other, "Orange")).hasValue("Buoy orange");
        assertThat(name(other, "Harbour teal")).isVisible();
        name(other, "Orange").press("Enter");
        assertThat(name(page, "Buoy orange")).isVisible();
        assertThat(page.getByLabel("Strip").getByRole(AriaRole.BUTTON)).hasCount(5);
    }
}
