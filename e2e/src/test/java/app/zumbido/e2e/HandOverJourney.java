package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.docx4j.openpackaging.packages.PresentationMLPackage;
import org.docx4j.openpackaging.packages.SpreadsheetMLPackage;
import org.docx4j.openpackaging.packages.WordprocessingMLPackage;
import org.docx4j.openpackaging.parts.PresentationML.SlideLayoutPart;
import org.junit.jupiter.api.Test;

/** What people get out of it: one parcel, what to look at before, what has gone out of date, and the way back. */
class HandOverJourney extends Journey {
    /** Making everything takes a second or two, and many on a machine that is busy with something else. */
    private static final LocatorAssertions.IsVisibleOptions PATIENTLY =
            new LocatorAssertions.IsVisibleOptions().setTimeout(90_000);

    private static final String LOGO = """
            <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 400 120">
            <path d="M50 12V72H14z" fill="#0B2A4A"/><path d="M58 30V72H82z" fill="#0B2A4A"/>
            <path d="M8 92C24 76 36 106 54 92S82 76 98 92" fill="none" stroke="#0F7C7A" stroke-width="11"/>
            <g fill="#0B2A4A"><path d="M140 20h30v44h-30z"/><path d="M178 20h30v44h-30z"/><path d="M216 20h30v44h-30z"/></g>
            <circle cx="300" cy="42" r="22" fill="#F2682A"/></svg>""";

    private static Map<String, byte[]> entries(Path zip) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(entry.getName(), in.readAllBytes());
            }
        }
        return entries;
    }

    private static ByteArrayInputStream in(byte[] file) {
        return new ByteArrayInputStream(file);
    }

    private Locator makeParcel() {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Make the parcel")));
    }

    private Map<String, byte[]> parcel() throws IOException {
        makeParcel().click();
        Locator made = link("Download").filter(new Locator.FilterOptions().setHasText(".zip"));
        // Logos are drawn for the first time, and others may be before it.
        assertThat(made).isVisible(PATIENTLY);
        Download zip = page.waitForDownload(made::click);
        return entries(zip.path());
    }

    /** The drop, the station, the parcel. */
    @Test
    void oneDropOneParcel() throws Exception {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.svg", LOGO.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("Drafted from logo.svg")).isVisible();
        openStation("Hand over");
        Map<String, byte[]> files = parcel();

        assertThat(files.keySet())
                .contains(
                        "guide/ostrel-ferries-guide.pdf",
                        "guide/ostrel-ferries-guide-press.pdf",
                        "guide/ostrel-ferries-guide-one-page.pdf",
                        "guide/ostrel-ferries-guide.html",
                        "guide/ostrel-ferries-guide.pptx",
                        "guide/ostrel-ferries-guide.png",
                        "slides/ostrel-ferries-16x9.potx",
                        "slides/ostrel-ferries-4x3.potx",
                        "documents/ostrel-ferries-letter.docx",
                        "workbooks/ostrel-ferries.xltx",
                        "codes/ostrel-ferries.css",
                        "swatches/ostrel-ferries-swatches.png",
                        "logos/primary/primary-for-dark.svg",
                        "contents.html");
        PresentationMLPackage slides = PresentationMLPackage.load(in(files.get("slides/ostrel-ferries-16x9.potx")));
        List<SlideLayoutPart> layouts = slides.getParts().getParts().values().stream()
                .filter(SlideLayoutPart.class::isInstance)
                .map(SlideLayoutPart.class::cast)
                .toList();
        assertThat(layouts).hasSize(12);
        assertThat(new String(files.get("contents.html"), StandardCharsets.UTF_8))
                .contains("Presentation template", "slides/ostrel-ferries-16x9.potx");
        WordprocessingMLPackage letter =
                WordprocessingMLPackage.load(in(files.get("documents/ostrel-ferries-letter.docx")));
        assertThat(letter.getMainDocumentPart().getThemePart().getContents().getName())
                .isEqualTo("Ostrel Ferries");
        assertThat(SpreadsheetMLPackage.load(in(files.get("workbooks/ostrel-ferries.xltx")))
                        .getWorkbookPart()
                        .getContents()
                        .getSheets()
                        .getSheet())
                .hasSize(2);
        assertThat(page.getByText("Still true.").first()).isVisible(PATIENTLY);
        page.waitForTimeout(300);
        assertThat(accessibilityFaults()).isEmpty();
    }

    @Test
    void anOutdatedParcelSaysSoFileByFileAndAPlaceSaysWhatToRedo() throws Exception {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        openStation("Hand over");
        button("Add a place").click();
        field("Name of the place").fill("ostrel.example");
        button("Add it").click();
        assertThat(page.getByText("ostrel.example").first()).isVisible();
        Map<String, byte[]> before = parcel();
        assertThat(page.getByText("Still true.").first()).isVisible(PATIENTLY);

        openStation("Palette");
        field("Code of Orange").fill("E0521A");
        page.keyboard().press("Enter");
        carryThrough();
        openStation("Hand over");
        assertThat(page.getByText("Since then: Orange F2682A → E0521A.")).isVisible(PATIENTLY);
        assertThat(page.getByText(Pattern.compile("Out of date: \\d+ of \\d+"))).isVisible();
        assertThat(page.getByText("Orange F2682A → E0521A").last()).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Done at ostrel.example"))
                .click();
        assertThat(page.getByText("Redo by hand:")).hasCount(0);

        // As it was, whatever has changed since.
        Download again = page.waitForDownload(() -> link("download as it was").click());
        assertThat(entries(again.path())).hasSameSizeAs(before);
        assertThat(entries(again.path()).get("codes/ostrel-ferries.css"))
                .isEqualTo(before.get("codes/ostrel-ferries.css"));
    }

    @Test
    void anUnfinishedBrandGoesOutWithItsList() throws Exception {
        putOnTheShelf("Ostrel Ferries");
        openStation("Hand over");
        assertThat(page.getByText("No theme slot is set").first()).isVisible();
        assertThat(field("Presentation template in the parcel")).isDisabled();
        Map<String, byte[]> files = parcel();
        assertThat(files.keySet()).contains("codes/ostrel-ferries.css").noneMatch(name -> name.endsWith(".potx"));
        page.getByText("Went out with 1 open").click();
        assertThat(page.getByText("No theme slot is set, so there are no slides, letters and sheets.")
                        .last())
                .isVisible();
        page.waitForTimeout(300);
        assertThat(accessibilityFaults()).isEmpty();
    }

    @Test
    void aParcelThatIsStoppedLeavesNothing() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        openStation("Hand over");
        assertThat(makeParcel()).isEnabled();
        // Others are before it, so that it is not done before it can be stopped.
        page.evaluate("""
                async () => {
                  const brandId = location.hash.split('/')[2];
                  const body = JSON.stringify({ kind: 'delivery', brandId, what: 'logos' });
                  const css = JSON.stringify({ kind: 'delivery', brandId, what: 'backgrounds' });
                  const headers = { 'Content-Type': 'application/json' };
                  for (let i = 0; i < 8; i++) await fetch('/api/jobs', { method: 'POST', headers, body: i % 2 ? body : css });
                }""");
        makeParcel().click();
        button("Stop").click();
        assertThat(page.getByText("Stopped; nothing was handed over.")).isVisible();
        assertThat(page.getByText("Nothing yet.")).isVisible();
        assertThat(makeParcel()).isVisible();
    }

    /** The template is designed, handed over, and taken back into a brand that is begun anew. */
    @Test
    void whatWasHandedOverComesBackWithNamesSlotsAndFonts() throws Exception {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        openStation("Palette");
        field("Name of Teal").fill("Harbour teal");
        page.keyboard().press("Enter");
        openStation("Hand over");
        button("Look at all layouts").click();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^Layout "))))
                .hasCount(14);
        button("band below").click();
        assertThat(button("band below")).hasAttribute("aria-pressed", "true");
        button("4:3").click();
        page.waitForTimeout(300);
        assertThat(accessibilityFaults()).isEmpty();
        button("Close").click();
        Path template = page.waitForDownload(
                        () -> link("16:9, Presentation template").click())
                .path();
        var slots = Decks.slots(
                Decks.themeOf(template).getContents().getThemeElements().getClrScheme());

        page.navigate(server.address());
        putOnTheShelf("Begun anew");
        choose(file("handed-over.potx", Files.readAllBytes(template)));
        button("Take its theme").click();
        assertThat(page.getByLabel("Strip").getByText("Harbour teal")).isVisible();
        openStation("Hand over");
        Path again = page.waitForDownload(
                        () -> link("16:9, Presentation template").click())
                .path();
        assertThat(Decks.slots(
                        Decks.themeOf(again).getContents().getThemeElements().getClrScheme()))
                .isEqualTo(slots);
    }

    /** On the shelf the same file begins a brand by itself. */
    @Test
    void aTemplateOnTheShelfBeginsABrand() throws Exception {
        putOnTheShelf("Pellory");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        openStation("Hand over");
        Path template =
                page.waitForDownload(() -> link("slides, OpenDocument").click()).path();
        page.navigate(server.address());
        page.getByLabel("Packages or templates to take in")
                .setInputFiles(file("Pellory again.otp", Files.readAllBytes(template)));
        assertThat(page.getByText("Pellory again is on the shelf, with the theme of Pellory again.otp."))
                .isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Pellory again"))
                .first()
                .click();
        assertThat(page.getByLabel("Strip").getByText("0F7C7A")).isVisible();
        openStation("Hand over");
        assertThat(link("16:9, Presentation template")).isVisible();
    }
}
