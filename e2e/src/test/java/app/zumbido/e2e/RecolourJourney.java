package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Drawings that somebody bought become the brand's. */
@Tag("demo")
class RecolourJourney extends Journey {
    private static final LocatorAssertions.IsVisibleOptions PATIENTLY =
            new LocatorAssertions.IsVisibleOptions().setTimeout(60_000);
    /** The palette of the demo. */
    private static final Set<String> PALETTE = Set.of("#14142B", "#7A5CD6", "#F0A35A", "#C9CED6", "#2E2A55", "#F7F5EF");

    private static final Pattern COLOR = Pattern.compile("#[0-9A-F]{6}");

    private void open(String drawing) {
        link("Kestrin Observatory").first().click();
        assertThat(page.getByText("Dark hour").first()).isVisible();
        page.keyboard().press("0");
        button("Recolour").click();
        page.locator("#which-file").selectOption(drawing);
        assertThat(page.getByText("Fourth")).isVisible(PATIENTLY);
        assertThat(ticket("FFC93C")).isVisible();
    }

    /** @param was what the area had as it came */
    private Locator ticket(String was) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("was " + was)));
    }

    private Path download(String name) {
        return page.waitForDownload(() -> link(name).first().click()).path();
    }

    private static Set<String> colors(String svg) {
        Set<String> colors = new TreeSet<>();
        Matcher matcher = COLOR.matcher(svg);
        while (matcher.find()) {
            colors.add(matcher.group());
        }
        return colors;
    }

    /** By mouse: a ticket dragged onto another, one from the strip dropped, an arrangement chosen, gone back, written. */
    @Test
    void aDrawingIsRecolouredByMouse() throws Exception {
        open("hill-by-day.svg");
        assertThat(accessibilityFaults()).isEmpty();
        String sky = ticket("CDE7F5").textContent().strip();
        String sun = ticket("FFC93C").textContent().strip();
        ticket("FFC93C").dragTo(ticket("CDE7F5"));
        assertThat(ticket("CDE7F5")).hasAccessibleName(Pattern.compile("^" + sun.substring(0, 4)));
        assertThat(ticket("FFC93C")).hasAccessibleName(Pattern.compile("^" + sky.substring(0, 4)));
        page.keyboard().press("Control+z");
        assertThat(ticket("CDE7F5")).hasAccessibleName(Pattern.compile("^" + sky.substring(0, 4)));

        page.getByLabel("Strip")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Ember"))
                .dragTo(ticket("C8553D"));
        assertThat(ticket("C8553D")).hasAccessibleName(Pattern.compile("^Ember F0A35A"));

        button("Deal more").click();
        assertThat(page.getByText("Eighth")).isVisible(PATIENTLY);
        page.getByLabel("Other arrangements")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Second"))
                .click();
        button("Recolour it").click();
        assertThat(page.getByText("hill-by-day.svg is recoloured.")).isVisible(PATIENTLY);
        String svg = Files.readString(download("Download"));
        assertThat(PALETTE).containsAll(colors(svg));
        assertThat(DocumentBuilderFactory.newInstance()
                        .newDocumentBuilder()
                        .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)))
                        .getDocumentElement()
                        .getAttribute("viewBox"))
                .isEqualTo("0 0 640 480");
        byte[] png = Files.readAllBytes(download("PNG 2x"));
        assertThat(ImageIO.read(new ByteArrayInputStream(png)).getWidth()).isEqualTo(1280);
    }

    /** By keyboard: picked up, traded, kept, set, and dealt again around what is kept. */
    @Test
    void anIconIsRecolouredByKeyboard() throws Exception {
        open("icon-bus.svg");
        String glass = ticket("CDE7F5").textContent().strip();
        ticket("FFC93C").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("The ticket that was picked")).isVisible();
        ticket("CDE7F5").focus();
        page.keyboard().press("Enter");
        assertThat(ticket("FFC93C")).hasAccessibleName(Pattern.compile("^" + glass.substring(0, 4)));
        ticket("FFC93C").focus();
        page.keyboard().press("k");
        assertThat(ticket("FFC93C")).hasAccessibleName(Pattern.compile("kept"));
        // What else is offered keeps it too.
        page.getByLabel("Other arrangements")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Second"))
                .click();
        assertThat(ticket("FFC93C")).hasAccessibleName(Pattern.compile("^" + glass.substring(0, 4)));
        ticket("C8553D").focus();
        page.keyboard().press("Enter");
        assertThat(accessibilityFaults()).isEmpty();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Set Ember")))
                .focus();
        page.keyboard().press("Enter");
        assertThat(ticket("C8553D")).hasAccessibleName(Pattern.compile("^Ember"));
        ticket("C8553D").focus();
        page.keyboard().press("k");
        button("Deal more").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText("Fifth")).isVisible(PATIENTLY);
        page.getByLabel("Other arrangements")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Fifth"))
                .focus();
        page.keyboard().press("Enter");
        assertThat(ticket("C8553D")).hasAccessibleName(Pattern.compile("^Ember F0A35A kept"));
        button("Recolour it").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText("icon-bus.svg is recoloured.")).isVisible(PATIENTLY);
        String svg = Files.readString(download("Download"));
        assertThat(svg).contains("height=\"8\" fill=\"#F0A35A\"");
        assertThat(PALETTE).containsAll(colors(svg));
    }

    private static String icon(int number) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"48\" height=\"48\"><rect width=\"48\" height=\"48\" fill=\"#E8EEF4\"/>"
                + "<circle cx=\"" + (8 + 6 * number) + "\" cy=\"24\" r=\"12\" fill=\"#D64545\"/>"
                + "<path d=\"M0 40h48v8H0z\" fill=\"#274060\"/></svg>";
    }

    /** Six icons in the same three colours stay a set. */
    @Test
    void aSetOfSixTakesOneMapping() throws IOException {
        open("hill-by-day.svg");
        for (int i = 1; i <= 6; i++) {
            page.setInputFiles(
                    "input[aria-label='Graphics to recolour']",
                    file("guide-" + i + ".svg", icon(i).getBytes(StandardCharsets.UTF_8)));
            assertThat(page.locator("#which-file option:checked")).hasText("guide-" + i + ".svg");
        }
        page.getByLabel("and 5 more with the same colours").check();
        assertThat(button("Recolour these 6")).isEnabled();
        button("Recolour these 6").click();
        assertThat(page.getByText("6 graphics are recoloured alike.")).isVisible(PATIENTLY);
        Map<String, String> files = new HashMap<>();
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(download("Download 6")))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        assertThat(files).hasSize(6);
        Set<String> first = colors(files.get("guide-1.svg"));
        assertThat(PALETTE).containsAll(first);
        assertThat(first).hasSize(3);
        for (int i = 1; i <= 6; i++) {
            String svg = files.get("guide-" + i + ".svg");
            assertThat(colors(svg)).isEqualTo(first);
            assertThat(COLOR.matcher(svg).replaceAll(""))
                    .isEqualTo(COLOR.matcher(icon(i)).replaceAll(""));
        }
    }

    /** Only the left one of two that have the same colour. */
    @Test
    void onlyWhatIsMarkedTakesPart() throws IOException {
        open("hill-by-day.svg");
        String two = "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"100\" height=\"50\">"
                + "<circle cx=\"25\" cy=\"25\" r=\"20\" fill=\"#D64545\"/><circle cx=\"75\" cy=\"25\" r=\"20\" fill=\"#D64545\"/></svg>";
        page.setInputFiles(
                "input[aria-label='Graphics to recolour']", file("two.svg", two.getBytes(StandardCharsets.UTF_8)));
        assertThat(ticket("D64545")).isVisible(PATIENTLY);
        button("All of it").click();
        assertThat(accessibilityFaults()).isEmpty();
        page.getByLabel("width").fill("500");
        page.getByLabel("width").press("Enter");
        button("Only this takes part").click();
        assertThat(button("Only what is marked")).isVisible(PATIENTLY);
        // Both had the same colour; only the one that takes part has a ticket.
        assertThat(ticket("D64545")).hasCount(1);
        button("Recolour it").click();
        assertThat(page.getByText("two.svg is recoloured.")).isVisible(PATIENTLY);
        String svg = Files.readString(download("Download"));
        assertThat(svg)
                .contains("cx=\"75\" cy=\"25\" r=\"20\" fill=\"#D64545\"")
                .doesNotContain("cx=\"25\" cy=\"25\" r=\"20\" fill=\"#D64545\"");
    }
}
