package app.zumbido.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.util.Arrays;
import java.util.List;
import org.docx4j.dml.CTColorScheme;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** From an empty shelf to a downloaded template, opened with another library. */
class LogoToTemplateJourney extends Journey {
    @Test
    @Tag("alone")
    void anOwnerWithOneLogoHasATemplateInFewSteps() throws Exception {
        assertThat(page.getByText("No brand yet.")).isVisible();
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png: 4 colours, 12 slots. Usable now; everything can be changed."))
                .isVisible();
        assertThat(page.getByLabel("Strip").getByRole(AriaRole.BUTTON)).hasCount(5);
        assertThat(painted(".band", "background-color")).isEqualTo(rgb("0B2A4A"));

        openStation("Hand over");
        Download download =
                page.waitForDownload(() -> link("16:9, Presentation template").click());
        assertThat(download.suggestedFilename()).isEqualTo("ostrel-ferries-16x9.potx");

        CTColorScheme colors =
                Decks.themeOf(download.path()).getContents().getThemeElements().getClrScheme();
        assertThat(List.of(
                        colors.getDk1().getSrgbClr().getVal(),
                        colors.getLt1().getSrgbClr().getVal(),
                        colors.getAccent1().getSrgbClr().getVal(),
                        colors.getAccent2().getSrgbClr().getVal(),
                        colors.getAccent6().getSrgbClr().getVal()))
                .containsExactly("0B2A4A", "FFFFFF", "0B2A4A", "0F7C7A", "F2682A");
    }

    @Test
    void codesAreHandedOverForEveryOtherPlace() throws Exception {
        putOnTheShelf("Ostrel Ferries");
        choose(file("logo.png", Drawings.ferryLogo()));
        assertThat(page.getByText("Drafted from logo.png")).isVisible();
        openStation("Hand over");
        button("Use OF").click();
        assertThat(field("Short code")).hasValue("OF");
        Download css = page.waitForDownload(() -> link("CSS, Codes").click());
        assertThat(Files.readString(css.path())).contains("--of-theme-accent-2: #0F7C7A;", "--of-dark-blue: #0B2A4A;");
        Download text = page.waitForDownload(() -> link("text, Codes").click());
        assertThat(Files.readString(text.path())).contains("OF Orange", "#F2682A", "rgb(242 104 42)");
    }

    @Test
    void aBrokenFileStopsNothing() {
        putOnTheShelf("Ostrel Ferries");
        byte[] logo = Drawings.ferryLogo();
        byte[] cut = Arrays.copyOf(logo, logo.length / 2);
        choose(file("cut.png", cut), file("logo.png", logo), file("letter.png", "Dear all".getBytes()));

        assertThat(page.getByText("Drafted from logo.png: 4 colours")).isVisible();
        assertThat(page.getByText("cut.png: This file is damaged or cut off.")).isVisible();
        assertThat(page.getByText("letter.png: This file is of no kind that can be read."))
                .isVisible();
        assertThat(sources()).hasCount(1);
    }
}
