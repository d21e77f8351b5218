package app.zumbido.formats.existing;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.inspect.check.FaultKind;
import app.zumbido.formats.existing.ReportPage.Cell;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What is off in a file, to be passed on: a page that stands by itself, or a table for spreadsheets.
 *
 * @param file what it is called
 * @param brand whose rules it was checked against
 */
public record FaultReport(String file, String brand, List<Line> lines, FaultWords words) {
    /** @param because why it was left on purpose; nothing if it was not */
    public record Line(Fault fault, Optional<String> because) {}

    public FaultReport {
        lines = List.copyOf(lines);
    }

    /** @return one row a fault, with a header. Source: RFC 4180 */
    public byte[] csv() {
        StringBuilder csv = new StringBuilder("page,place,kind,color,ground,ratio,reason,mending,left because\r\n");
        for (Line line : lines) {
            Fault fault = line.fault();
            csv.append(String.join(
                            ",",
                            fault.place().page().isPresent()
                                    ? Integer.toString(fault.place().page().getAsInt())
                                    : "",
                            cell(fault.place().thing()),
                            cell(FaultWords.kind(fault.kind())),
                            fault.color().map(Rgb::digits).orElse(""),
                            fault.ground().map(Rgb::digits).orElse(""),
                            fault.ratio()
                                    .map(ratio -> Double.toString(ratio.value()))
                                    .orElse(""),
                            cell(words.reason(fault)),
                            cell(mending(fault)),
                            cell(line.because().orElse(""))))
                    .append("\r\n");
        }
        return csv.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** What begins like a formula would be one in a spreadsheet. */
    private static String cell(String text) {
        String safe = !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
        return "\"" + safe.replace("\"", "\"\"") + "\"";
    }

    private String mending(Fault fault) {
        return fault.mendings().stream()
                .findFirst()
                .map(way -> FaultWords.mending(way) + ": " + words.outcome(way))
                .orElse("by hand");
    }

    /** @return kinds first, then the faults one by one */
    public byte[] html() {
        Map<FaultKind, List<Line>> byKind = lines.stream()
                .collect(Collectors.groupingBy(line -> line.fault().kind(), TreeMap::new, Collectors.toList()));
        ReportPage page = new ReportPage(file + " checked", file);
        page.paragraph("Checked against " + brand + ": " + lines.size() + (lines.size() == 1 ? " fault" : " faults"));
        byKind.forEach((kind, some) -> section(kind, some, page));
        return page.bytes();
    }

    private void section(FaultKind kind, List<Line> some, ReportPage page) {
        page.heading(some.size() + " " + FaultWords.kind(kind));
        page.tableHead("Where", "Why", "How it is mended");
        for (Line line : some) {
            Fault fault = line.fault();
            String text = fault.text().isEmpty() ? "" : ": “" + fault.text() + "”";
            page.row(
                    Cell.of(FaultWords.place(fault) + text),
                    new Cell(fault.color(), words.reason(fault)),
                    Cell.of(line.because()
                            .map(why -> "Left on purpose" + (why.isEmpty() ? "" : ": " + why))
                            .orElseGet(() -> mending(fault))));
        }
        page.tableEnd();
    }
}
