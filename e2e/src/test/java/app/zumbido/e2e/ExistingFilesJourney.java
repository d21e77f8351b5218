package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.docx4j.openpackaging.packages.PresentationMLPackage;
import org.docx4j.openpackaging.packages.WordprocessingMLPackage;
import org.docx4j.openpackaging.parts.PartName;
import org.docx4j.openpackaging.parts.ThemePart;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The template maker's day: the observatory's deck is checked, mended and dressed, and its next version comes. */
@Tag("demo")
class ExistingFilesJourney extends Journey {
    /** Pages are drawn one after the other, which takes its time on a busy machine. */
    private static final LocatorAssertions.IsVisibleOptions PATIENTLY =
            new LocatorAssertions.IsVisibleOptions().setTimeout(90_000);

    private void openObservatory() {
        link("Kestrin Observatory").first().click();
        assertThat(button("+").or(page.getByText("Dark hour").first()).first()).isVisible();
        page.keyboard().press("0");
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Existing files"))
                .waitFor();
        assertThat(page.getByText("evening-visits.pptx").first()).isVisible();
    }

    private Locator kind(String title) {
        return page.getByLabel("Kinds of faults")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(title));
    }

    private Path download() {
        Download download = page.waitForDownload(() -> link("Download").click());
        return download.path();
    }

    private static Map<String, byte[]> parts(Path zip) throws IOException {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                parts.put(entry.getName(), in.readAllBytes());
            }
        }
        return parts;
    }

    private static String text(Map<String, byte[]> parts, String name) {
        return new String(parts.get(name), StandardCharsets.UTF_8);
    }

    private static long count(Map<String, byte[]> parts, String what) {
        return parts.entrySet().stream()
                .filter(part -> part.getKey().matches("ppt/slides/slide\\d+\\.xml"))
                .mapToLong(part -> text(parts, part.getKey()).split(Pattern.quote(what), -1).length - 1)
                .sum();
    }

    /** @return the same deck with another word on its first slide, as somebody has gone on with it */
    private static byte[] nextVersion(Path deck) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> part : parts(deck).entrySet()) {
                String changed = new String(part.getValue(), StandardCharsets.ISO_8859_1)
                        .replace("Last bus 23:15", "Last bus 23:45");
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(changed.getBytes(StandardCharsets.ISO_8859_1));
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    /** From the list of faults to the mended file; what was left on purpose is remembered. */
    @Test
    void theObservatorysDeckIsMendedAndItsNextVersionRemembers() throws Exception {
        openObservatory();
        Path asItCame = download();
        long before = count(parts(asItCame), "FFFF00");
        assertThat(before).isEqualTo(6);
        button("Check").click();
        assertThat(kind("another font")).isVisible(PATIENTLY);
        assertThat(accessibilityFaults()).isEmpty();

        kind("cannot be read").click();
        assertThat(page.getByText("FFFF00 on FFFFFF has 1.07 of 3.")).isVisible();
        button("for all 16").first().click();
        assertThat(page.getByText("16 mended. Nothing else in the file changed."))
                .isVisible(PATIENTLY);
        assertThat(kind("cannot be read")).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Mend all 34 safe")))
                .click();
        assertThat(page.getByText("34 faults mended. Nothing else in the file changed."))
                .isVisible(PATIENTLY);

        Map<String, byte[]> mended = parts(download());
        assertThat(count(mended, "FFFF00")).isZero();
        assertThat(count(mended, "Times New Roman")).isZero();
        assertThat(mended.get("ppt/theme/theme1.xml")).isEqualTo(parts(asItCame).get("ppt/theme/theme1.xml"));
        assertThat(mended.keySet()).isEqualTo(parts(asItCame).keySet());

        page.keyboard().press("Control+z");
        assertThat(kind("another font")).isVisible(PATIENTLY);
        page.keyboard().press("Control+Shift+z");
        assertThat(kind("another font")).hasCount(0);

        kind("no logo on the page").click();
        field("Leave it, because").fill("a talk of somebody else");
        button("Leave it").click();
        assertThat(kind("left on purpose")).isVisible();

        page.setInputFiles(
                "input[aria-label='Files to dress or check']", file("visits-for-spring.pptx", nextVersion(asItCame)));
        assertThat(page.getByText("visits-for-spring.pptx").first()).isVisible(PATIENTLY);
        assertThat(kind("left on purpose")).isVisible(PATIENTLY);
        kind("left on purpose").click();
        assertThat(page.getByText("a talk of somebody else")).isVisible();
    }

    /** The theme is written in, colours by hand follow it, the old logo is gone. */
    @Test
    void theDressedDeckWearsTheBrand() throws Exception {
        openObservatory();
        assertThat(page.getByText("12 colours in this file")).isVisible(PATIENTLY);
        assertThat(page.getByText("raises one thing: the highlight")).isVisible();
        assertThat(page.getByText("The slides have other proportions than the template."))
                .isVisible();
        assertThat(accessibilityFaults()).isEmpty();
        field("F5B81C, titles, by hand, becomes").selectOption("lt2");
        assertThat(page.getByText("chosen here")).isVisible(PATIENTLY);
        button("All 34 on one sheet").click();
        assertThat(page.getByAltText("Page 34 dressed")).isAttached();
        button("Close").click();

        button("Dress it").click();
        assertThat(page.getByText("evening-visits.pptx wears Night.")).isVisible(PATIENTLY);
        assertThat(kind("outside the brand")).hasCount(0);
        Path file = download();
        PresentationMLPackage deck = PresentationMLPackage.load(file.toFile());
        for (String name : new String[] {"/ppt/theme/theme1.xml", "/ppt/theme/theme9.xml"}) {
            ThemePart theme = (ThemePart) deck.getParts().get(new PartName(name));
            var elements = theme.getContents().getThemeElements();
            assertThat(elements.getClrScheme().getAccent1().getSrgbClr().getVal())
                    .isEqualTo("7A5CD6");
            assertThat(elements.getFontScheme().getMajorFont().getLatin().getTypeface())
                    .isEqualTo("JetBrains Mono");
        }
        Map<String, byte[]> parts = parts(file);
        assertThat(count(parts, "24406E")).isZero();
        assertThat(count(parts, "F5B81C")).isZero();
        assertThat(count(parts, "Times New Roman")).isZero();
        assertThat(text(parts, "ppt/slideMasters/slideMaster1.xml")).contains("bg1=\"dk1\"");
        assertThat(parts.keySet()).anyMatch(part -> part.startsWith("ppt/media/logo-primary-"));
        // Nothing is stretched without a word.
        assertThat(text(parts, "ppt/presentation.xml")).contains("cx=\"9144000\"");
    }

    /** The template's master is taken where that is wanted, in the size that the deck has. */
    @Test
    void theDeckGoesOnTheTemplatesMaster() throws Exception {
        openObservatory();
        page.getByLabel("take the template’s instead").check();
        assertThat(page.getByText("Pages go on the layouts of your template")).isVisible(PATIENTLY);
        button("Dress it").click();
        assertThat(page.getByText("evening-visits.pptx wears Night.")).isVisible(PATIENTLY);
        assertThat(kind("cannot be read")).hasCount(0);
        Path file = download();
        PresentationMLPackage deck = PresentationMLPackage.load(file.toFile());
        var presentation = deck.getMainPresentationPart().getContents();
        assertThat(presentation.getSldMasterIdLst().getSldMasterId()).hasSize(1);
        assertThat(presentation.getSldSz().getCx()).isEqualTo(9_144_000);
        assertThat(parts(file).keySet())
                .filteredOn(part -> part.startsWith("ppt/slideMasters/slide"))
                .isEmpty();
    }

    /** A document that is dropped somewhere else may be wanted for three things; with the deck it is dressed at once. */
    @Test
    void aDroppedDocumentIsAskedAboutAndDressedWithTheDeck() throws Exception {
        link("Kestrin Observatory").first().click();
        page.keyboard().press("1");
        page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("Gather").setLevel(1))
                .waitFor();
        WordprocessingMLPackage document = WordprocessingMLPackage.createPackage();
        document.getMainDocumentPart().addStyledParagraphOfText("Title", "Winter evenings");
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        document.save(bytes);
        page.evaluate(
                "(content) => { const data = new DataTransfer(); const bytes = Uint8Array.from(atob(content), (c) =>"
                        + " c.charCodeAt(0)); data.items.add(new File([bytes], 'letter.docx')); document.body.dispatchEvent("
                        + "new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true })); }",
                Base64.getEncoder().encodeToString(bytes.toByteArray()));
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("What is letter.docx for?");
        assertThat(accessibilityFaults()).isEmpty();
        button("Check it").click();
        assertThat(page.locator("#which-file option:checked")).hasText("letter.docx");
        assertThat(page.getByLabel("Kinds of faults")).isVisible(PATIENTLY);

        button("Dress").click();
        button("Several files").click();
        assertThat(accessibilityFaults()).isEmpty();
        button("Dress these 2").click();
        Locator report = link("One report of all");
        assertThat(report).isVisible(PATIENTLY);
        String html = Files.readString(page.waitForDownload(report::click).path());
        assertThat(html).contains("2 files dressed", "evening-visits.pptx", "letter.docx");
    }
}
