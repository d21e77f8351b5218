package app.zumbido.formats.parcel;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Look;
import app.zumbido.core.brand.Specimen;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.type.FontStack;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Xml;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** The page that lies on top of a parcel, in the brand's own look: what each file is for, and how it is put in place. */
final class ContentsPage {
    /** A folder of very many files is named as a whole. */
    private static final int MOST_NAMED = 6;

    private ContentsPage() {}

    /** @param paths of the files that belong to it */
    record Line(Item item, String label, List<String> paths) {}

    static String of(Look look, List<Line> lines) {
        Brand brand = look.brand();
        Specimen specimen = Specimen.of(look);
        String name = Xml.text(brand.name());
        StringBuilder html = new StringBuilder("""
                <!doctype html>
                <html lang="en">
                <head>
                <meta charset="utf-8">
                <meta name="viewport" content="width=device-width, initial-scale=1">
                <title>%1$s: contents</title>
                <style>
                body{margin:0;background:%2$s;color:%3$s;font:16px/1.5 %4$s}
                header{background:%5$s;color:%6$s;padding:40px 48px}
                main{max-width:760px;padding:24px 48px 64px}
                h1{margin:0;font:700 36px/1.15 %7$s}
                h2{margin:32px 0 4px;font:700 20px/1.3 %7$s;color:%8$s}
                p{margin:4px 0}
                ul{margin:6px 0;padding-left:20px}
                a{color:%9$s}
                .row{display:flex;margin-top:20px}
                .row i{flex:1;height:28px;border:2px solid #FFFFFF}
                </style>
                </head>
                <body>
                <header><h1>%1$s</h1><p>What is in this folder, and what each file is for.</p></header>
                <main>
                """.formatted(
                        name,
                        specimen.pages().get(0).hex(),
                        specimen.texts().get(0).hex(),
                        face(brand, TypeRole.BODY),
                        specimen.lead().hex(),
                        specimen.onLead().hex(),
                        face(brand, TypeRole.HEADING),
                        specimen.lettered().get(TypeRole.HEADING).hex(),
                        specimen.link().hex()));
        html.append("<div class=\"row\">");
        for (Swatch swatch : brand.usable().swatches()) {
            html.append("<i title=\"").append(Xml.text(swatch.name())).append("\" style=\"background:");
            html.append(swatch.color().hex()).append("\"></i>");
        }
        html.append("</div>\n");
        Set<Item> items = lines.stream().map(Line::item).collect(Collectors.toCollection(LinkedHashSet::new));
        for (Item item : items) {
            html.append("<h2>").append(item.name()).append("</h2>\n<p>").append(Xml.text(item.use()));
            html.append("</p>\n<ul>\n");
            lines.stream().filter(line -> line.item().equals(item)).forEach(line -> html.append(listed(line)));
            html.append("</ul>\n");
        }
        return html.append("</main>\n</body>\n</html>\n").toString();
    }

    private static String listed(Line line) {
        if (line.paths().size() > MOST_NAMED) {
            return "<li><a href=\"%s/\">%s</a>, %d files</li>\n"
                    .formatted(
                            line.item().folder(),
                            line.item().folder(),
                            line.paths().size());
        }
        return line.paths().stream()
                .map(path -> "<li><a href=\"%1$s\">%1$s</a>%2$s</li>\n"
                        .formatted(Xml.text(path), line.paths().size() == 1 ? ", " + Xml.text(line.label()) : ""))
                .collect(Collectors.joining());
    }

    private static String face(Brand brand, TypeRole role) {
        return FontStack.of(brand.type().get(role)).css().replace("<", "\\3c ");
    }
}
