package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Many brands: looked for, copied, and sent from one shelf to another. */
@Tag("demo")
class PackageJourney extends Journey {
    private Locator brands() {
        return page.getByLabel("Brands").getByRole(AriaRole.LISTITEM);
    }

    private Path saved(Download download, String name) {
        Path path = folder.resolve(name);
        download.saveAs(path);
        return path;
    }

    @Test
    void aBrandIsSentOutAndTakenInOnAnEmptyShelfEqualToTheBit() throws Exception {
        Download out =
                page.waitForDownload(() -> link("Send out Ostrel Ferries").click());
        assertThat(out.suggestedFilename()).isEqualTo("ostrel-ferries.zumbido.zip");
        Path sent = saved(out, out.suggestedFilename());
        try (ZipFile zip = new ZipFile(sent.toFile())) {
            assertThat(zip.getEntry("zumbido.json")).isNotNull();
        }
        Path broken = file("broken.zip", "no zip".getBytes(StandardCharsets.US_ASCII));
        try (RunningServer empty = RunningServer.start(folder.resolve("empty"), 0)) {
            page.navigate(empty.address());
            assertThat(page.getByText("No brand yet.")).isVisible();
            page.setInputFiles("input[type=file]", new Path[] {broken, sent});
            assertThat(page.getByText("Ostrel Ferries is on the shelf.")).isVisible();
            assertThat(page.getByText("broken.zip: This is no package")).isVisible();
            assertThat(brands()).hasCount(1);
            assertThat(accessibilityFaults()).isEmpty();
            Download again =
                    page.waitForDownload(() -> link("Send out Ostrel Ferries").click());
            assertThat(again.path()).hasSameBinaryContentAs(sent);
            link("Open Ostrel Ferries").click();
            assertThat(page.getByLabel("Strip").getByRole(AriaRole.BUTTON)).hasCount(9);
            assertThat(sources()).hasCount(4);
            button("Undo").click();
            button("Trail").click();
            assertThat(page.getByText("Theme renamed from").first()).isVisible();
        }
    }

    @Test
    void brandsAreLookedForCopiedAndBegunWithDefaults() {
        Locator search = field("Look for a brand");
        search.fill("pse");
        assertThat(brands()).hasCount(1);
        search.fill("rgb(15 124 122)");
        assertThat(brands()).hasCount(1);
        assertThat(brands().first()).containsText("Ostrel Ferries");
        assertThat(page.getByText("1 of 3 brands")).isVisible();
        search.fill("nobody");
        assertThat(page.getByText("Nothing on the shelf is called so")).isVisible();
        search.fill("");
        button("Copy Ostrel Ferries").click();
        assertThat(page.getByText("Ostrel Ferries, copy stands on the shelf")).isVisible();
        assertThat(brands()).hasCount(4);

        button("Defaults for new brands").click();
        field("Heading font").fill("Georgia");
        field("Own groups of the palette, divided by commas").fill("Video, Campaign");
        assertThat(accessibilityFaults()).isEmpty();
        button("Keep them").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        putOnTheShelf("Lantern Bakery");
        openStation("Palette");
        button("Add a colour").click();
        page.getByRole(AriaRole.DIALOG).getByLabel("Code").fill("7A5CD6");
        page.keyboard().press("Enter");
        assertThat(field("Name of the group Video")).isVisible();
        assertThat(field("Name of the group Campaign")).isVisible();
    }

    @Test
    void severalTravelTogether() throws Exception {
        Download out = page.waitForDownload(() -> link("Send out all 3").click());
        assertThat(out.suggestedFilename()).isEqualTo("3-brands.zumbido.zip");
        page.setInputFiles("input[type=file]", saved(out, "3-brands.zumbido.zip"));
        assertThat(page.getByText("Kestrin Observatory was known here; what came in stands beside it."))
                .isVisible();
        assertThat(brands()).hasCount(6);
    }
}
