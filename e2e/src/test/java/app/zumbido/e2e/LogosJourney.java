package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.docx4j.openpackaging.packages.PresentationMLPackage;
import org.docx4j.openpackaging.parts.PartName;
import org.junit.jupiter.api.Test;

/** The logo: from one file to all its forms, the grounds that they read on, and the icons of a site. */
class LogosJourney extends Journey {
    /** An invented long logo: a sail over a wave, a line of strokes for letters and a smaller one. */
    private static final String LONG = """
            <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 400 120">
            <rect width="400" height="120" fill="#FFFFFF"/>
            <path d="M50 12V72H14z" fill="#0B2A4A"/><path d="M58 30V72H82z" fill="#0B2A4A"/>
            <path d="M8 92C24 76 36 106 54 92S82 76 98 92" fill="none" stroke="#0F7C7A" stroke-width="11"/>
            <g fill="#0B2A4A"><path d="M140 20h30v44h-30z"/><path d="M178 20h30v44h-30z"/><path d="M216 20h30v44h-30z"/><path d="M254 20h30v44h-30z"/></g>
            <g fill="#5B6670"><path d="M140 84h14v20h-14z"/><path d="M160 84h14v20h-14z"/><path d="M180 84h14v20h-14z"/></g></svg>""";

    private static final String WHITE_MARK =
            "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 100 60\"><circle cx=\"50\" cy=\"30\" r=\"24\" fill=\"#FFFFFF\"/></svg>";

    private Path svg(String name, String drawing) {
        return file(name, drawing.getBytes(StandardCharsets.UTF_8));
    }

    private Locator card(String form) {
        return page.locator("[data-form=" + form + "]");
    }

    private static Map<String, byte[]> entries(Path zip) throws IOException {
        Map<String, byte[]> entries = new HashMap<>();
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(entry.getName(), in.readAllBytes());
            }
        }
        return entries;
    }

    private static BufferedImage image(byte[] png) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(png));
    }

    /** WCAG 2.2, relative luminance and contrast ratio, written down here once more. */
    private static double ratio(int one, int other) {
        double light = Math.max(luminance(one), luminance(other));
        double dark = Math.min(luminance(one), luminance(other));
        return (light + 0.05) / (dark + 0.05);
    }

    private static double luminance(int rgb) {
        double[] linear = new double[3];
        for (int i = 0; i < 3; i++) {
            double channel = (rgb >> 16 - 8 * i & 0xFF) / 255.0;
            linear[i] = channel <= 0.04045 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
        }
        return 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2];
    }

    @Test
    void oneFileBecomesEveryFormAndAnIconSet() throws Exception {
        putOnTheShelf("Ostrel Ferries");
        choose(svg("ostrel.svg", LONG));
        assertThat(page.getByText("Drafted from ostrel.svg")).isVisible();
        openStation("Logos");
        assertThat(card("primary")).containsText("ostrel.svg; not under");
        button("Leave parts out").click();
        // Groups are read from the left: the symbol, the long line, the short one.
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Leave out part 3"))
                .click();
        button("Make the short form").click();
        assertThat(page.getByText("The short form is made.")).isVisible();
        button("Cut the symbol out").click();
        button("Cut it out").click();
        assertThat(card("submark")).containsText("cut out of the primary logo");
        button("Make the icon").click();
        page.locator("form")
                .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("0B2A4A"))
                .check();
        button("round").click();
        page.locator("form")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Make the icon"))
                .click();
        assertThat(card("icon")).containsText("made of the submark on 0B2A4A, round");

        Locator onNavy = page.locator("[data-ground='0B2A4A']");
        assertThat(onNavy.locator("[data-shown=primary]")).hasAttribute("data-version", "dark");
        assertThat(onNavy).containsText("primary 1.00, short 1.00, submark 1.00, icon 1.00 as they are");
        assertThat(page.locator("[data-ground='FFFFFF'] [data-shown=primary]")).hasAttribute("data-version", "light");
        assertThat(page.locator("[data-specimens] [data-mark=submark]").first()).isVisible();
        assertThat(accessibilityFaults()).isEmpty();

        Download download =
                page.waitForDownload(() -> link("Download all sizes").click());
        Map<String, byte[]> set = entries(download.path());
        for (int side : new int[] {16, 32, 48, 180, 192, 512}) {
            BufferedImage icon = image(set.get("icon-" + side + ".png"));
            assertThat(icon.getWidth()).isEqualTo(side);
            assertThat(icon.getHeight()).isEqualTo(side);
            assertThat(icon.getRGB(0, 0) >>> 24).as("round").isLessThan(128);
            long seen = 0;
            for (int i = 0; i < side * side; i++) {
                int pixel = icon.getRGB(i % side, i / side);
                seen += pixel >>> 24 == 255 && ratio(pixel, 0x0B2A4A) >= 3 ? 1 : 0;
            }
            assertThat((double) seen / (side * side)).as("the mark at " + side).isBetween(0.03, 0.4);
        }
        byte[] ico = set.get("favicon.ico");
        assertThat(new int[] {ico[2], ico[4], ico[6], ico[22], ico[38]}).containsExactly(1, 3, 16, 32, 48);
        assertThat(new String(set.get("site.webmanifest"), StandardCharsets.UTF_8))
                .containsPattern("\"name\" *: *\"Ostrel Ferries\"")
                .containsPattern("\"sizes\" *: *\"512x512\"");
        assertThat(new String(set.get("icon.svg"), StandardCharsets.UTF_8)).contains("#0B2A4A");

        openStation("Hand over");
        Download template =
                page.waitForDownload(() -> link("16:9, Presentation template").click());
        PresentationMLPackage opened =
                PresentationMLPackage.load(template.path().toFile());
        // On the title, on the other ground and in the corner, as drawing and as picture.
        for (String kind : List.of("png", "svg")) {
            assertThat(opened.getParts().getParts().keySet().stream()
                            .map(PartName::getName)
                            .filter(name -> name.matches("/ppt/media/logo\\d+\\." + kind)))
                    .hasSizeGreaterThanOrEqualTo(3);
        }
    }

    @Test
    void initialsBecomeAnIconByKeyboardAlone() throws Exception {
        putOnTheShelf("Pellory Seed Exchange");
        choose(file("tray.png", Drawings.violetDisc()));
        assertThat(page.getByText("Drafted from tray.png")).isVisible();
        page.keyboard().press("7");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("Logos").setExact(true)))
                .isVisible();
        button("Icon from initials")
                .or(button("There is none: make an icon from initials"))
                .focus();
        page.keyboard().press("Enter");
        assertThat(field("Letters, up to three")).hasValue("PS");
        field("Letters, up to three").fill("P");
        page.getByRole(AriaRole.RADIO).first().focus();
        page.keyboard().press("Space");
        button("square").press("Enter");
        page.locator("form")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Make the icon"))
                .press("Enter");
        assertThat(card("icon")).containsText("the letters P on ");
        assertThat(page.getByAltText("Icon, 16 pixels")).isVisible();
        page.keyboard().press("Control+z");
        assertThat(card("icon").or(page.getByText("Drop a logo here")).first())
                .not()
                .containsText("the letters P");
        page.keyboard().press("Control+Shift+z");
        assertThat(card("icon")).containsText("the letters P on ");
        // A letter that the face lacks is told where it was typed.
        button("Icon from initials").press("Enter");
        field("Letters, up to three").fill("\u4E2D");
        field("Letters, up to three").press("Enter");
        assertThat(page.getByText("There is no file of the face")).isVisible();
        assertThat(field("Letters, up to three")).hasValue("\u4E2D");
        assertThat(accessibilityFaults()).isEmpty();
    }

    @Test
    void measuresVersionsAndElementsAreSetAndTakenBack() throws Exception {
        putOnTheShelf("Kestrin Observatory");
        choose(svg("kestrin.svg", LONG), svg("white.svg", WHITE_MARK));
        assertThat(sources()).hasCount(2);
        openStation("Logos");
        card("primary").getByRole(AriaRole.BUTTON).first().click();
        Locator details = page.getByLabel("Primary logo", new Page.GetByLabelOptions().setExact(true));
        // Letters of 44 in a page of 120.
        assertThat(details.locator("[data-room]")).hasAttribute("data-room", "37");
        details.getByLabel("Room around it").fill("50");
        page.keyboard().press("Tab");
        assertThat(details.locator("[data-room]")).hasAttribute("data-room", "50");
        button("Measure again").click();
        assertThat(details.locator("[data-room]")).hasAttribute("data-room", "37");
        details.getByLabel("Own picture for dark grounds").selectOption("white.svg");
        assertThat(details.locator("[data-version=dark]")).containsText("white.svg");
        details.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Make it again"))
                .click();
        assertThat(details.locator("[data-version=dark]")).containsText("made by the program");
        details.getByLabel("trim empty margins").check();
        assertThat(card("primary")).containsText("margins trimmed");
        assertThat(accessibilityFaults()).isEmpty();
        field("Add an element from the sheet").selectOption("white.svg");
        field("Kind of white").selectOption("texture");
        assertThat(field("Kind of white")).hasValue("texture");
        button("Drop white").click();
        assertThat(page.getByText("white belongs to the brand no more.")).isVisible();
        page.keyboard().press("Control+z");
        assertThat(field("Kind of white")).hasValue("texture");
    }
}
