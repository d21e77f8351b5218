package app.zumbido.formats.existing;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.inspect.check.FaultKind;
import app.zumbido.formats.delivery.Xml;
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
        StringBuilder html = new StringBuilder(
                        "<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"utf-8\"><title>")
                .append(Xml.text(file))
                .append(" checked</title><style>")
                .append(STYLE)
                .append("</style></head><body><h1>")
                .append(Xml.text(file))
                .append("</h1><p>Checked against ")
                .append(Xml.text(brand))
                .append(": ")
                .append(lines.size())
                .append(lines.size() == 1 ? " fault" : " faults")
                .append("</p>");
        byKind.forEach((kind, some) -> section(kind, some, html));
        return html.append("</body></html>\n").toString().getBytes(StandardCharsets.UTF_8);
    }

    private static final String STYLE = "body{font:16px/1.4 sans-serif;max-width:60em;margin:2em auto;padding:0 1em;"
            + "color:#161616;background:#fff}table{border-collapse:collapse;width:100%}td,th{border-bottom:1px solid #a9a9a9;"
            + "padding:.35em .6em .35em 0;text-align:left;vertical-align:top}h2{margin:1.6em 0 .4em}"
            + "i{display:inline-block;width:1.2em;height:1.2em;border:1px solid #a9a9a9;vertical-align:-.2em}";

    private void section(FaultKind kind, List<Line> some, StringBuilder html) {
        html.append("<h2>")
                .append(some.size())
                .append(" ")
                .append(Xml.text(FaultWords.kind(kind)))
                .append(
                        "</h2><table><tr><th scope=\"col\">Where</th><th scope=\"col\">Why</th><th scope=\"col\">How it is mended</th></tr>");
        for (Line line : some) {
            Fault fault = line.fault();
            html.append("<tr><td>")
                    .append(Xml.text(FaultWords.place(fault)))
                    .append(fault.text().isEmpty() ? "" : "<br>“" + Xml.text(fault.text()) + "”")
                    .append("</td><td>")
                    .append(fault.color()
                            .map(color -> "<i style=\"background:" + color.hex() + "\"></i> ")
                            .orElse(""))
                    .append(Xml.text(words.reason(fault)))
                    .append("</td><td>")
                    .append(Xml.text(line.because()
                            .map(why -> "Left on purpose" + (why.isEmpty() ? "" : ": " + why))
                            .orElseGet(() -> mending(fault))))
                    .append("</td></tr>");
        }
        html.append("</table>");
    }
}
