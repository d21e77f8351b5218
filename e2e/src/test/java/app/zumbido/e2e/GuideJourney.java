package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.text.PDFTextStripper;
import org.docx4j.openpackaging.packages.PresentationMLPackage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The guide: composed on the sheet itself, and what stands in the files that come of it. */
class GuideJourney extends Journey {
    private void openTheDemo() {
        link("Open Ostrel Ferries").click();
        openStation("Guide");
        assertThat(section("Colours")).isVisible();
    }

    private void draft() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
    }

    /** A section of the list, by its name and what is said of it. */
    private Locator section(String name) {
        return page.getByLabel("Sections of the guide")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name + " (page|left out|$)")));
    }

    private Locator grip(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Move " + name + ", place")));
    }

    private Locator sheet(String words) {
        return page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile(words)));
    }

    private Path download(String name) {
        return page.waitForDownload(() -> link(name).click()).path();
    }

    private static String text(Path pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static List<String> bookmarks(Path pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            List<String> titles = new ArrayList<>();
            for (PDOutlineItem item :
                    document.getDocumentCatalog().getDocumentOutline().children()) {
                titles.add(item.getTitle());
            }
            return titles;
        }
    }

    @Test
    @Tag("demo")
    void aSectionIsLeftOutOneIsMovedAndAChangedColourIsInEveryFile() throws Exception {
        openTheDemo();
        field("Every code in the guide").uncheck();
        assertThat(section("Every code")).containsText("left out");
        drag(grip("Letters"), section("Logos"));
        assertThat(grip("Letters")).hasAccessibleName(Pattern.compile("place 2 of"));
        assertThat(accessibilityFaults()).isEmpty();

        openStation("Palette");
        field("Code of Buoy orange").fill("E0521A");
        page.keyboard().press("Enter");
        carryThrough();
        openStation("Guide");
        assertThat(sheet("E0521A").first()).isVisible();

        button("Hand it over").click();
        assertThat(accessibilityFaults()).isEmpty();
        Path pdf = download("For the screen, PDF");
        assertThat(text(pdf)).contains("E0521A", "Night channel").doesNotContain("F2682A", "Every code");
        assertThat(bookmarks(pdf)).containsSubsequence("Letters", "Logos", "Colours");
        assertThat(text(download("For the press, PDF"))).contains("E0521A").doesNotContain("F2682A");
        PresentationMLPackage slides = PresentationMLPackage.load(Files.newInputStream(download("Slides, PPTX")));
        assertThat(slides.getMainPresentationPart().getSlideParts()).hasSizeGreaterThan(5);
        assertThatThePageForTheWebStandsByItself(download("Page for the web, HTML"));
        page.keyboard().press("Escape");

        button("Undo").first().click();
        assertThat(sheet("F2682A").first()).isVisible();
    }

    /** Without a server: everything that it needs is in it. */
    private void assertThatThePageForTheWebStandsByItself(Path html) throws IOException {
        Path named = Files.copy(html, folder.resolve("guide.html"));
        Page bench = page;
        page = context.newPage();
        List<String> asked = new ArrayList<>();
        page.onRequest(request -> asked.add(request.url()));
        page.setViewportSize(375, 800);
        page.navigate(named.toUri().toString());
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Colours")))
                .isVisible();
        assertThat((Boolean) page.evaluate("() => document.documentElement.scrollWidth <= innerWidth"))
                .isTrue();
        assertThat(accessibilityFaults()).isEmpty();
        button("Copy E0521A").first().click();
        assertThat(page.getByRole(AriaRole.STATUS)).hasText("Copied E0521A");
        assertThat(asked).allMatch(url -> url.startsWith("file:") || url.startsWith("data:"));
        page.close();
        page = bench;
    }

    @Test
    void onePageHoldsWhatMattersMost() throws Exception {
        draft();
        openStation("Guide");
        assertThat(section("Colours")).isVisible();
        button("On one page").click();
        assertThat(page.getByText("1 page", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(sheet("^Page 1 of 1:.*Colours.*Logos")).isVisible();
        button("Hand it over").click();
        Path pdf = download("On one page, PDF");
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
        }
        assertThat(text(pdf)).contains("Colours", "Logos", "Letters", "0B2A4A");
    }

    /** What is chosen, moved, titled, noted, sized and said, without a mouse. */
    @Test
    void theGuideIsComposedByKeys() throws Exception {
        draft();
        page.keyboard().press("Escape");
        page.locator("main").click(new Locator.ClickOptions().setPosition(4, 4));
        page.keyboard().press("8");
        assertThat(section("Letters")).isVisible();
        grip("Letters").focus();
        page.keyboard().press("ArrowUp");
        assertThat(grip("Letters")).hasAccessibleName(Pattern.compile("place 11 of"));
        assertThat(grip("Letters")).isFocused();
        page.keyboard().press("ArrowUp");
        assertThat(grip("Letters")).hasAccessibleName(Pattern.compile("place 10 of"));

        section("Colours").focus();
        page.keyboard().press("Enter");
        field("Title of Colours").fill("Our colours");
        page.keyboard().press("Enter");
        assertThat(sheet("Our colours").first()).isVisible();
        field("Note on Our colours").fill("Ask before you mix them.");
        page.keyboard().press("Enter");
        assertThat(sheet("Ask before you mix them").first()).isVisible();
        assertThat(accessibilityFaults()).isEmpty();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Width of Our colours"))
                .getByRole(AriaRole.BUTTON)
                .nth(1)
                .press("Enter");
        assertThat(page.getByText("Our colours takes half the width in the guide"))
                .hasCount(0);

        button("Words").press("Enter");
        field("Whom to ask").fill("brand@ostrel.example");
        field("How we sound, in a few words").fill("Plain, punctual, a little dry.");
        assertThat(accessibilityFaults()).isEmpty();
        field("Whom to ask").press("Enter");
        assertThat(sheet("Plain, punctual, a little dry").first()).isVisible();

        button("Mood pictures").press("Enter");
        button("Add logo.png").press("Enter");
        assertThat(button("Leave logo.png out")).isVisible();
        assertThat(accessibilityFaults()).isEmpty();
        page.keyboard().press("Escape");
        assertThat(section("Mood")).containsText("page");

        button("Hand it over").press("Enter");
        String said = text(download("For the screen, PDF"));
        assertThat(said).contains("Our colours", "Ask before you mix them.", "brand@ostrel.example");
        assertThat(new String(Files.readAllBytes(download("Page for the web, HTML")), StandardCharsets.UTF_8))
                .contains("mailto:brand@ostrel.example");
    }
}
