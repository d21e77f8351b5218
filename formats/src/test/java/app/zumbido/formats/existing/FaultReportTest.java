package app.zumbido.formats.existing;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.check.Check;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.inspect.check.FaultKind;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;

class FaultReportTest {
    private static final PlantingBrands BRAND = PlantingBrands.of(new Random(2));

    private static FaultReport report(List<FaultReport.Line> lines) {
        return new FaultReport("visits <2>.pptx", "Kestrin & Co", lines, new FaultWords(BRAND.house()));
    }

    private static List<FaultReport.Line> planted() throws IOException {
        Planted planted = PlantedDecks.of(BRAND, new Random(2), PlantedDecks.KINDS);
        try (ExistingFile file = ExistingFile.open(planted.file())) {
            return Check.of(file.findings(), BRAND.house(), new FileLogos(file, BRAND.assets())).stream()
                    .map(fault -> new FaultReport.Line(fault, Optional.empty()))
                    .toList();
        }
    }

    /** Read by another library. */
    @Test
    void saysEveryFaultInOneSentenceUnderItsKind() throws IOException {
        List<FaultReport.Line> lines = planted();
        Set<FaultKind> kinds = EnumSet.noneOf(FaultKind.class);
        lines.forEach(line -> kinds.add(line.fault().kind()));
        assertThat(kinds).hasSize(FaultKind.values().length);
        Document page = Jsoup.parse(new String(report(lines).html(), StandardCharsets.UTF_8));
        assertThat(page.select("h1").text()).isEqualTo("visits <2>.pptx");
        assertThat(page.select("h2")).hasSize(kinds.size());
        assertThat(page.select("tr:has(td)")).hasSize(lines.size());
        assertThat(page.select("td:nth-child(2)")).noneMatch(cell -> cell.text().isBlank());
        assertThat(page.text()).doesNotContain("Optional").doesNotContain("%s");
    }

    /** What begins like a formula would be one in a spreadsheet. */
    @Test
    void quotesInTheTableWhatSpreadsheetsWouldCompute() {
        Fault fault = new Fault(
                "1",
                FaultKind.OFF_LIMITS,
                Place.on(3, "ppt/slides/slide3.xml", "=SUM(A1)"),
                "",
                1,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                List.of());
        String csv = new String(
                report(List.of(new FaultReport.Line(fault, Optional.of("the \"sponsor\""))))
                        .csv(),
                StandardCharsets.UTF_8);
        assertThat(csv.split("\r\n")).hasSize(2);
        assertThat(csv).contains("3,\"'=SUM(A1)\",\"off-limits\"").endsWith("\"the \"\"sponsor\"\"\"\r\n");
    }
}
