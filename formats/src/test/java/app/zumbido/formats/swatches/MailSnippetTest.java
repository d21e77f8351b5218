package app.zumbido.formats.swatches;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Specimen;
import app.zumbido.formats.BrandExample;
import java.nio.charset.StandardCharsets;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;

class MailSnippetTest {
    private static final Brand BRAND =
            BrandExample.brand("Föhr & <b>\"Söhne\"</b>", "Night <i> 0B2A4A", "Teal 0F7C7A", "Orange F2682A");

    private static org.jsoup.nodes.Document opened() {
        return Jsoup.parse(new String(BrandExample.written(new MailSnippet(), BRAND), StandardCharsets.UTF_8));
    }

    @Test
    void needsNoStylesheetAndLoadsNothing() {
        assertThat(opened().select("style, link, script, img")).isEmpty();
        assertThat(opened().select("h1").text()).isEqualTo("Föhr & <b>\"Söhne\"</b>");
    }

    @Test
    void namesWhatBuildersOfSitesAndMailsAskFor() {
        Specimen specimen = Specimen.of(BRAND.look());
        var rows = opened().select("table table:last-of-type tr");
        assertThat(rows.stream().map(row -> row.select("td").get(1).text()))
                .contains("Page", "Heading", "Link", "Visited link", "Button", "Text on a button", "OF Night <i>");
        var button = rows.stream()
                .filter(row -> row.select("td").get(1).text().equals("Button"))
                .findFirst()
                .orElseThrow();
        assertThat(button.select("td").get(2).text()).isEqualTo(specimen.lead().hex());
        assertThat(button.select("td").get(0).attr("bgcolor"))
                .isEqualTo(specimen.lead().hex());
    }
}
