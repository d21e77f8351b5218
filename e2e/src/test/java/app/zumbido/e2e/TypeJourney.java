package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.docx4j.dml.BaseStyles;
import org.junit.jupiter.api.Test;

/** Faces: chosen, given, tried, found in a picture, and in the template at last. */
class TypeJourney extends Journey {
    private static final Path FACES = Path.of("../faces/target/classes/faces");

    private static byte[] face(String id) throws Exception {
        return Files.readAllBytes(FACES.resolve(id + ".ttf"));
    }

    private Locator role(String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private BaseStyles.FontScheme fontsOfTemplate() throws Exception {
        openStation("Hand over");
        Download download =
                page.waitForDownload(() -> link("16:9, Presentation template").click());
        return Decks.themeOf(download.path()).getContents().getThemeElements().getFontScheme();
    }

    @Test
    void anOwnFontReachesSpecimensAndTemplate() throws Exception {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        openStation("Type");
        // Zilla Slab is at hand anyway, but a file of one's own comes before it.
        page.getByLabel("Font files to take in").setInputFiles(new Path[] {
            file("own.ttf", face("zilla-slab-700")),
            file("broken.otf", "OTTO".repeat(100).getBytes())
        });
        assertThat(page.getByText("Zilla Slab is at hand now.")).isVisible();
        assertThat(page.getByText("broken.otf: This font file is damaged")).isVisible();
        Locator tile = page.getByLabel("Faces at hand")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Zilla Slab your own file"));
        tile.click();
        assertThat(page.getByText("Heading set in Zilla Slab.")).isVisible();
        assertThat(role("Heading")).containsText("Yours, so not on other people's computers.");
        assertThat(painted("[data-specimens] .band", "font-family"))
                .startsWith("\"Zilla Slab\", ")
                .endsWith("serif");
        page.waitForFunction("() => document.fonts.check('700 16px \"Zilla Slab\"')");

        var fonts = fontsOfTemplate();
        assertThat(fonts.getMajorFont().getLatin().getTypeface()).isEqualTo("Zilla Slab");
        assertThat(fonts.getMinorFont().getLatin().getTypeface()).isEqualTo("Source Sans 3");
        assertThat(fonts.getName()).contains(", else ");
        assertThat(accessibilityFaults()).isEmpty();
    }

    @Test
    void everythingIsSetByKeyboardAndTakenBack() {
        putOnTheShelf("Kestrin Observatory");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        page.keyboard().press("6");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("Type").setExact(true)))
                .isVisible();
        button("Body").focus();
        page.keyboard().press("Enter");
        Locator lora = page.getByLabel("Faces at hand")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Lora serif"));
        // Focus shows it on the specimens, Enter keeps it.
        lora.focus();
        assertThat(page.locator("[data-sample=body] p")).hasCSS("font-family", "Lora, serif");
        lora.press("Enter");
        assertThat(page.getByText("Body set in Lora.")).isVisible();
        field("Body on slides, pt").fill("24");
        field("Body on slides, pt").press("Enter");
        assertThat(role("Body")).containsText("24 / 11 pt / 16 px");
        Locator capitals =
                role("Body").getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName("capitals"));
        capitals.focus();
        page.keyboard().press("Space");
        assertThat(page.locator("[data-sample=body] p")).hasCSS("text-transform", "uppercase");
        page.keyboard().press("Control+z");
        assertThat(page.locator("[data-sample=body] p")).hasCSS("text-transform", "none");
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        assertThat(role("Body")).containsText("Source Sans 3");
    }

    @Test
    void aPairIsTriedBeforeItIsTaken() {
        putOnTheShelf("Pellory Seed Exchange");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        openStation("Type");
        button("Propose a pair").click();
        Locator pair =
                page.getByLabel("Pairs of faces").getByRole(AriaRole.BUTTON).nth(1);
        pair.click();
        assertThat(button("Take this pair")).isVisible();
        String tried = pair.locator("b").textContent();
        assertThat(role("Heading")).containsText(tried);
        // Nothing has been changed: the trail goes back to the draft.
        pair.click();
        assertThat(role("Heading")).containsText("Source Serif 4");
        pair.click();
        button("Take this pair").click();
        assertThat(page.getByText("Set in " + tried)).isVisible();
        field("Sizes from a scale").selectOption("fourth, 4 : 3");
        assertThat(role("Heading")).containsText("47 / 26 pt / 38 px");
        assertThat(accessibilityFaults()).isEmpty();
    }

    @Test
    void othersSeeAStandInThatSomebodyChooses() {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        openStation("Type");
        Locator body = role("Body");
        body.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions()
                                .setName(Pattern.compile("^Calibri at 102.% instead of the Body")))
                .click();
        assertThat(body.locator("[data-instead=Calibri]")).isVisible();
        body.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Another one for slides, letters"))
                .click();
        body.getByLabel("What is seen instead in slides, letters").selectOption("Arial");
        assertThat(body.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^Arial at .* instead of the Body"))))
                .isVisible();
    }

    @Test
    void aWordOfAPictureTellsItsFace() throws Exception {
        putOnTheShelf("Pellory Seed Exchange");
        choose(file("word.png", word("Harbour", "bitter-700")));
        assertThat(page.getByText("Drafted from word.png")).isVisible();
        openStation("Type");
        button("Which font is in this logo?").click();
        field("Letters in the marked part").fill("Harbour");
        button("Compare").click();
        assertThat(page.getByText("Perhaps Bitter.")).isVisible();
        assertThat(page.getByLabel("Nearest faces").locator("li").first().locator("path"))
                .hasCount(2);
        assertThat(accessibilityFaults()).isEmpty();
        button("Set the Heading in it").first().click();
        assertThat(role("Heading")).containsText("Bitter");
    }

    @Test
    void aManualTellsTheFontsOfItsBrand() throws Exception {
        putOnTheShelf("Ostrel Ferries");
        choose(file("manual.pdf", Manuals.withFonts("Headings are set in Lora, body text in Work Sans.")));
        assertThat(page.getByText("The manual means Lora for headings and Work Sans for text."))
                .isVisible();
        button("Take its fonts").click();
        assertThat(page.getByText("The brand is set so.")).isVisible();
        openStation("Type");
        assertThat(role("Heading")).containsText("Lora");
        assertThat(role("Body")).containsText("Work Sans");
    }

    private static byte[] word(String text, String face) throws Exception {
        Font font = Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(face(face)))
                .deriveFont(80f);
        BufferedImage image = new BufferedImage(420, 140, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, 420, 140);
        graphics.setColor(new Color(0x0B2A4A));
        graphics.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        graphics.setFont(font);
        graphics.drawString(text, 30, 90);
        graphics.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        return png.toByteArray();
    }
}
