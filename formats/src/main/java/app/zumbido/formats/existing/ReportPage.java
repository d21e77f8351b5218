package app.zumbido.formats.existing;

import app.zumbido.core.color.Rgb;
import app.zumbido.formats.delivery.Xml;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

/** A page that stands by itself, with headings, paragraphs and tables; whatever is put in is escaped. */
final class ReportPage {
    private static final String STYLE = "body{font:16px/1.4 sans-serif;max-width:60em;margin:2em auto;padding:0 1em;"
            + "color:#161616;background:#fff}table{border-collapse:collapse;width:100%}td,th{border-bottom:1px solid #a9a9a9;"
            + "padding:.35em .6em .35em 0;text-align:left;vertical-align:top}h2{margin:1.6em 0 .4em}"
            + "i{display:inline-block;width:1.2em;height:1.2em;border:1px solid #a9a9a9;vertical-align:-.2em}";

    private final StringBuilder html = new StringBuilder();

    /** What stands in a cell: a colour that is shown, and words. */
    record Cell(Optional<Rgb> color, String words) {
        static Cell of(String words) {
            return new Cell(Optional.empty(), words);
        }

        static Cell of(Rgb color, String words) {
            return new Cell(Optional.of(color), words);
        }
    }

    ReportPage(String title, String heading) {
        html.append("<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"utf-8\"><title>")
                .append(Xml.text(title))
                .append("</title><style>")
                .append(STYLE)
                .append("</style></head><body><h1>")
                .append(Xml.text(heading))
                .append("</h1>");
    }

    void heading(String text) {
        html.append("<h2>").append(Xml.text(text)).append("</h2>");
    }

    void paragraph(String text) {
        html.append("<p>").append(Xml.text(text)).append("</p>");
    }

    void list(List<String> items) {
        html.append("<ul>");
        items.forEach(item -> html.append("<li>").append(Xml.text(item)).append("</li>"));
        html.append("</ul>");
    }

    void tableHead(String... columns) {
        html.append("<table><tr>");
        for (String column : columns) {
            html.append("<th scope=\"col\">").append(Xml.text(column)).append("</th>");
        }
        html.append("</tr>");
    }

    void row(Cell... cells) {
        html.append("<tr>");
        for (Cell cell : cells) {
            html.append("<td>");
            cell.color()
                    .ifPresent(color -> html.append("<i style=\"background:")
                            .append(color.hex())
                            .append("\"></i> "));
            html.append(Xml.text(cell.words())).append("</td>");
        }
        html.append("</tr>");
    }

    void tableEnd() {
        html.append("</table>");
    }

    byte[] bytes() {
        return html.append("</body></html>\n").toString().getBytes(StandardCharsets.UTF_8);
    }
}
