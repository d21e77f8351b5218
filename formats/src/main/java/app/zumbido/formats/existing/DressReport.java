package app.zumbido.formats.existing;

import app.zumbido.core.brand.guide.GuideNames;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.inspect.dress.DressLine;
import app.zumbido.core.inspect.dress.DressWarning;
import app.zumbido.formats.delivery.Xml;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** What was done to several files, to be passed on: a page that stands by itself. */
public final class DressReport {
    private static final String STYLE = "body{font:16px/1.4 sans-serif;max-width:60em;margin:2em auto;padding:0 1em;"
            + "color:#161616;background:#fff}table{border-collapse:collapse;width:100%}td,th{border-bottom:1px solid #a9a9a9;"
            + "padding:.35em .6em .35em 0;text-align:left;vertical-align:top}h2{margin:1.6em 0 .4em}"
            + "i{display:inline-block;width:1.2em;height:1.2em;border:1px solid #a9a9a9;vertical-align:-.2em}";

    private final String brand;
    private final List<Entry> entries = new ArrayList<>();

    /**
     * One file.
     *
     * @param faults that are still in it
     * @param seen what a line has become
     */
    public record Entry(String file, List<Line> lines, List<DressWarning> warnings, List<Fault> faults) {}

    /** A colour and what it has become. */
    public record Line(DressLine line, Rgb seen) {}

    /** A file that could not be dressed, and why. */
    private record Refused(String file, String why) {}

    private final List<Refused> refused = new ArrayList<>();

    /** @param brand that they wear from now on */
    public DressReport(String brand) {
        this.brand = brand;
    }

    public void add(Entry entry) {
        entries.add(entry);
    }

    public void refuse(String file, String why) {
        refused.add(new Refused(file, why));
    }

    public byte[] html(FaultWords words) {
        StringBuilder html = new StringBuilder(
                        "<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"utf-8\"><title>")
                .append(Xml.text(brand))
                .append(": files dressed</title><style>")
                .append(STYLE)
                .append("</style></head><body><h1>")
                .append(Xml.text(brand))
                .append("</h1><p>")
                .append(entries.size())
                .append(entries.size() == 1 ? " file dressed" : " files dressed")
                .append(refused.isEmpty() ? "" : ", " + refused.size() + " refused")
                .append("</p>");
        refused.forEach(one -> html.append("<p><b>")
                .append(Xml.text(one.file()))
                .append("</b>: ")
                .append(Xml.text(one.why()))
                .append("</p>"));
        entries.forEach(entry -> section(entry, words, html));
        return html.append("</body></html>\n").toString().getBytes(StandardCharsets.UTF_8);
    }

    private static void section(Entry entry, FaultWords words, StringBuilder html) {
        html.append("<h2>").append(Xml.text(entry.file())).append("</h2>");
        html.append("<table><tr><th scope=\"col\">Old</th><th scope=\"col\">How often, what for</th>"
                + "<th scope=\"col\">New</th><th scope=\"col\">Because</th></tr>");
        for (Line one : entry.lines()) {
            DressLine line = one.line();
            html.append("<tr><td>")
                    .append(ticket(line.color()))
                    .append("</td><td>")
                    .append(line.count())
                    .append(" ")
                    .append(Xml.text(DressWords.what(line)))
                    .append("</td><td>")
                    .append(ticket(one.seen()))
                    .append(" ")
                    .append(GuideNames.of(line.becomes().slot()))
                    .append("</td><td>")
                    .append(Xml.text(DressWords.because(line)))
                    .append("</td></tr>");
        }
        html.append("</table>");
        entry.warnings()
                .forEach(warning -> html.append("<p>")
                        .append(Xml.text(DressWords.warning(warning)))
                        .append("</p>"));
        html.append("<p>")
                .append(entry.faults().isEmpty() ? "Nothing is off in it now." : "Still to look at:")
                .append("</p><ul>");
        entry.faults()
                .forEach(fault -> html.append("<li>")
                        .append(Xml.text(FaultWords.place(fault) + ": " + words.reason(fault)))
                        .append("</li>"));
        html.append("</ul>");
    }

    private static String ticket(Rgb color) {
        return "<i style=\"background:" + color.hex() + "\"></i> " + color.digits();
    }
}
