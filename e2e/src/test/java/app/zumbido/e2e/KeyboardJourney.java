package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The whole path without a pointing device: WCAG 2.2, SC 2.1.1, 2.1.4, 2.4.3 and 2.4.7. */
class KeyboardJourney extends Journey {
    private static final int MOST_TABS = 160;

    private Path sent = Path.of("");

    /** Tabs on until what is focused is called by the name, and sees on the way that the focus shows. */
    private void tabTo(String name) {
        for (int tabs = 0; tabs < MOST_TABS; tabs++) {
            page.keyboard().press("Tab");
            Object focused = page.evaluate("() => { const e = document.activeElement;"
                    + " if (!e?.matches('a, button, input, select, summary')) return '';"
                    + " const label = e.labels?.[0]?.textContent ?? '';"
                    + " return `${e.getAttribute('aria-label') ?? ''} ${label} ${e.textContent ?? ''}`; }");
            if (String.valueOf(focused).replaceAll("[\\s\u00A0]+", " ").contains(name)) {
                return;
            }
        }
        throw new AssertionError("'" + name + "' is not reached by Tab");
    }

    private void press(String... keys) {
        for (String key : keys) {
            page.keyboard().press(key);
        }
    }

    private Locator strip() {
        return page.getByLabel("Strip").getByRole(AriaRole.BUTTON);
    }

    @Test
    void theWholePathIsWalkedByKeys() {
        // Listening from the start: asking only when the key is pressed comes too late now and then.
        page.onFileChooser(chooser -> chooser.setFiles(file("logo.png", Drawings.ferryLogo())));
        tabTo("New brand");
        page.keyboard().type("Ostrel Ferries");
        press("Enter");
        page.getByText("Drop a logo here").waitFor();

        tabTo("Choose a file");
        assertThat(button("Choose a file")).isFocused();
        press("Enter");
        assertThat(page.getByText("Drafted from logo.png: 4 colours")).isVisible();

        press("2");
        assertThat(heading("Palette")).isVisible();
        tabTo("Name of Teal");
        press("Control+a");
        page.keyboard().type("Harbour teal");
        press("Enter");
        assertThat(strip().nth(1)).hasAttribute("aria-label", "Harbour teal, 0F7C7A: put on…");
        tabTo("Move Harbour teal up");
        press("Enter");
        tabTo("Carry it through");
        press("Enter");
        assertThat(strip().first()).hasAttribute("aria-label", "Harbour teal, 0F7C7A: put on…");

        press("4");
        assertThat(heading("Theme")).isVisible();
        press("/", "ArrowRight", "ArrowRight", "ArrowLeft", "Enter");
        page.getByRole(AriaRole.DIALOG).waitFor();
        tabTo("Accent 1");
        press("Enter");
        assertThat(page.locator("[data-slot=accent1]")).containsText("0B2A4A");
        press("Control+z");
        assertThat(page.locator("[data-slot=accent1]")).containsText("0F7C7A");

        press("9");
        assertThat(heading("Hand over")).isVisible();
        tabTo("16:9, Presentation template, download");
        Download download = page.waitForDownload(() -> press("Enter"));
        assertThat(download.suggestedFilename()).isEqualTo("ostrel-ferries-16x9.potx");
    }

    private Locator heading(String name) {
        return page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setLevel(1));
    }

    @Test
    void singleKeysCanBeSwitchedOff() {
        putOnTheShelf("Ostrel Ferries");
        press("?");
        Locator dialog = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("help and keys"));
        dialog.getByLabel("Single keys do things").uncheck();
        press("Escape");
        assertThat(dialog).hasCount(0);
        press("2");
        assertThat(heading("Gather")).isVisible();
        press("?");
        assertThat(dialog).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Help and keys"))
                .click();
        dialog.getByLabel("Single keys do things").check();
        press("Escape", "2");
        assertThat(heading("Palette")).isVisible();
    }

    /** Whoever puts the first brand on the shelf is led through the stations, until that is sent away; help stays. */
    @Test
    @Tag("alone")
    void theFirstBrandLeadsThroughTheStationsOnce() {
        putOnTheShelf("Ostrel Ferries");
        Locator leading = page.getByLabel("The first time through");
        assertThat(leading).containsText("1 of 10");
        leading.getByText("Go on").press("Enter");
        assertThat(heading("Palette")).isVisible();
        assertThat(leading).containsText("2 of 10");
        assertThat(accessibilityFaults()).isEmpty();
        press("?");
        Locator help = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Palette: help and keys"));
        assertThat(help.locator("p")).hasCount(3);
        assertThat(accessibilityFaults()).isEmpty();
        press("Escape", "0");
        leading.getByText("That was all").press("Enter");
        assertThat(leading).hasCount(0);
        page.reload();
        assertThat(heading("Existing files")).isVisible();
        assertThat(leading).hasCount(0);
    }

    /** An action is a text typed and sent, a file chosen, or something pressed. */
    @Test
    void anOwnerIsAtATemplateInUnderSixActions() {
        int actions = 0;
        field("New brand").fill("Ostrel Ferries");
        press("Enter");
        actions++;
        page.getByText("Drop a logo here").waitFor();
        choose(file("logo.png", Drawings.ferryLogo()));
        actions++;
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        openStation("Hand over");
        actions++;
        Download download =
                page.waitForDownload(() -> link("16:9, Presentation template").click());
        actions++;
        assertThat(download.suggestedFilename()).endsWith(".potx");
        assertThat(actions).isLessThan(6);
    }

    @Test
    void theWholePaletteIsRefinedByKeys() {
        page.onFileChooser(chooser -> chooser.setFiles(
                chooser.isMultiple() && chooser.element().getAttribute("accept").contains("zip")
                        ? sent
                        : file("logo.png", Drawings.ferryLogo())));
        tabTo("New brand");
        page.keyboard().type("Ostrel by Keys");
        press("Enter");
        page.getByText("Drop a logo here").waitFor();
        tabTo("Choose a file");
        press("Enter");
        assertThat(page.getByText("Drafted from logo.png: 4 colours")).isVisible();
        press("2");
        assertThat(heading("Palette")).isVisible();

        tabTo("Missing colours");
        press("Enter");
        page.getByLabel("Accents").waitFor();
        tabTo("Take");
        press("Enter", "Escape");
        assertThat(strip()).hasCount(6);

        tabTo("Code of Teal");
        press("Control+a");
        page.keyboard().type("12B5B0");
        press("Enter");
        carryThrough();
        assertThat(page.getByLabel("Strip").getByText("12B5B0")).isVisible();
        press("Control+z");
        assertThat(page.getByLabel("Strip").getByText("0F7C7A")).isVisible();

        tabTo("Mix Teal");
        press("Enter");
        tabTo("Lightness of Teal: one step lighter");
        press("Enter", "Enter");
        assertThat(page.getByLabel("Strip").getByText("0F7C7A")).hasCount(0);
        page.waitForTimeout(700);
        tabTo("Group of Teal");
        page.keyboard().type("Ext");
        assertThat(page.getByLabel("Swatches of Extended")).isVisible();

        tabTo("Mood words");
        press("Enter");
        tabTo("quieter");
        press("Enter");
        carryThrough();
        assertThat(page.getByText("The palette is quieter now.")).isVisible();

        tabTo("Eyes of others");
        press("Enter");
        tabTo("Strip and specimens as seen with");
        press("ArrowDown");
        assertThat(page.getByText("Strip and specimens as seen with little red (protan)"))
                .isVisible();

        tabTo("Zumbido, to the shelf");
        press("Enter");
        page.getByLabel("Brands").waitFor();
        tabTo("Send out Ostrel by Keys");
        Download out = page.waitForDownload(() -> press("Enter"));
        sent = file("sent.zip", new byte[0]);
        out.saveAs(sent);
        tabTo("Take in packages");
        press("Enter");
        assertThat(page.getByText("Ostrel by Keys was known here; what came in stands beside it."))
                .isVisible();
    }
}
