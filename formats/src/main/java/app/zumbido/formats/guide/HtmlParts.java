package app.zumbido.formats.guide;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.guide.layout.Box;
import app.zumbido.core.guide.layout.Inks;
import app.zumbido.core.guide.layout.Lettered;
import app.zumbido.core.guide.layout.Mark;
import app.zumbido.core.guide.layout.Part;
import app.zumbido.core.guide.layout.Tag;
import app.zumbido.core.type.TypeRole;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Turns the parts of a laid-out board into elements that flow: what means something keeps its meaning, figures their drawing. */
final class HtmlParts {
    /** Of text that only reads when it is large: 18 pt, in CSS pixels (WCAG 2.2, large scale). */
    private static final double LARGE = 24;
    /** Narrower, what stands in a row folds; CSS pixels. */
    private static final double NARROWEST = 150;
    /** On a telephone a ticket is not as high as it is wide on a sheet; CSS pixels. */
    private static final double MOST_HEIGHT = 190;

    private final Guide guide;
    private final Inks inks;
    private final WebFaces faces;
    private final Markup html = new Markup();
    private final SvgPainter painter;

    HtmlParts(Guide guide, WebFaces faces, WebLogos logos) {
        this.guide = guide;
        this.inks = guide.content().inks();
        this.faces = faces;
        painter = new SvgPainter(guide, faces, logos, html);
    }

    String written() {
        return html.toString();
    }

    /** Gathers the letters, before anything is written in them. */
    void used(Part part) {
        part.drawn()
                .filter(Mark.Words.class::isInstance)
                .map(Mark.Words.class::cast)
                .forEach(words -> faces.use(words.style(), words.text() + " "));
    }

    void part(Part part) {
        part(part, inks.page());
    }

    /** @param ground that it stands on */
    private void part(Part part, Rgb ground) {
        switch (part.tag()) {
            case SECTION -> section(part);
            case GROUP -> group(part, ground);
            case H1, H2, H3 -> heading(part);
            case P -> words("p", part, ground);
            case SPAN -> words("span", part, ground);
            case LINK -> {
                html.open("p")
                        .open("a", "href", part.words())
                        .text(part.text())
                        .close()
                        .close()
                        .line();
            }
            case CODE -> code(part, ground);
            case LIST -> list(part, ground);
            case ITEM -> part.parts().forEach(inner -> part(inner, ground));
            case TABLE -> table(part);
            case FIGURE -> figure(part);
            case ROW, COLUMN_HEAD, ROW_HEAD, CELL -> part.parts().forEach(inner -> part(inner, ground));
            case CONTENTS, CONTENTS_LINE, ARTIFACT -> {
                // A page for the web has no pages.
            }
        }
    }

    private void section(Part part) {
        html.open("section", "id", part.section().map(kind -> kind.code()).orElse(""))
                .line();
        part.parts().forEach(inner -> part(inner, inks.page()));
        html.close().line();
    }

    private static Optional<Rgb> filled(Part part) {
        return part.marks().stream()
                .filter(Mark.Fill.class::isInstance)
                .map(mark -> ((Mark.Fill) mark).color())
                .findFirst();
    }

    private void group(Part part, Rgb ground) {
        Optional<Rgb> fill = filled(part);
        if (fill.isPresent()) {
            html.open(
                            "div",
                            "class",
                            "cover",
                            "style",
                            "background:" + fill.get().hex())
                    .line();
            part.parts().forEach(inner -> part(inner, fill.get()));
            html.close().line();
            return;
        }
        boolean row = isRow(part);
        html.open("div", "class", row ? "row" : "stack").line();
        for (Part inner : part.parts()) {
            if (row) {
                html.open(
                        "div",
                        "style",
                        share(inner.box(), part.box().width()) + ";max-width:"
                                + Markup.number(inner.box().width()) + "px");
                part(inner, ground);
                html.close().line();
            } else {
                part(inner, ground);
            }
        }
        html.close().line();
    }

    /** Things beside each other, or a single one that does not fill its row. */
    private static boolean isRow(Part group) {
        List<Part> parts = group.parts();
        return parts.size() > 1
                ? parts.get(1).box().y() < parts.get(0).box().bottom() - 1
                : parts.size() == 1 && parts.get(0).box().width() < group.box().width() - 1;
    }

    /** As wide as on the board in proportion, but never too narrow to be read. */
    private static String share(Box box, double of) {
        return "flex:" + Markup.number(box.width()) + " 1 calc(" + Markup.number(box.width() / of * 100)
                + "% - 10px);min-width:min(100%," + Markup.number(Math.min(box.width(), NARROWEST)) + "px)";
    }

    private void heading(Part part) {
        Mark.Words first = words(part).findFirst().orElseThrow();
        double size = first.style().size();
        html.open(
                        part.tag().name().toLowerCase(Locale.ROOT),
                        "style",
                        faces.css(first.style()) + ";font-size:clamp(" + Markup.number(Math.min(size, 20)) + "px,"
                                + Markup.number(size / 8) + "vw," + Markup.number(size) + "px);color:"
                                + first.ink().hex())
                .text(part.text())
                .close()
                .line();
    }

    private static Stream<Mark.Words> words(Part part) {
        return part.drawn().filter(Mark.Words.class::isInstance).map(Mark.Words.class::cast);
    }

    private void words(String element, Part part, Rgb ground) {
        Optional<Mark.Words> first = words(part).findFirst();
        if (first.isPresent()) {
            html.open(element, "style", style(first.get(), ground))
                    .text(part.text())
                    .close()
                    .line();
        }
    }

    private String style(Mark.Words words, Rgb ground) {
        Lettered style = words.style();
        boolean reads = ContrastRatio.between(words.ink(), ground).reaches(WcagLevel.AA.text());
        double size = reads ? style.size() : Math.max(LARGE, style.size());
        String set = style.role() == TypeRole.BODY && !style.strong() ? "" : faces.css(style) + ";";
        boolean large = size > LARGE;
        String sized = large
                ? "clamp(" + Markup.number(LARGE) + "px," + Markup.number(size / 8) + "vw," + Markup.number(size)
                        + "px)"
                : Markup.number(size) + "px";
        return set + "font-size:" + sized
                + (words.ink().equals(inks.text())
                        ? ""
                        : ";color:" + words.ink().hex()) + (large ? ";line-height:1.2" : "");
    }

    private void code(Part part, Rgb ground) {
        Optional<Rgb> fill = filled(part);
        Mark.Words words = words(part).findFirst().orElseThrow();
        String color =
                words.ink().equals(inks.text()) ? "" : "color:" + words.ink().hex();
        String under = fill.map(rgb -> "background:" + rgb.hex() + ";").orElse("");
        html.open("code", "style", under + color).text(part.text()).close().line();
    }

    private void list(Part part, Rgb ground) {
        boolean bars = part.parts().stream()
                .anyMatch(item -> item.parts().stream().anyMatch(inner -> inner.tag() == Tag.SPAN));
        boolean steps = part.parts().stream().allMatch(item -> filled(item).isEmpty());
        html.open("ul", "class", bars ? "bars" : steps ? "" : "row tickets").line();
        for (Part item : part.parts()) {
            Optional<Rgb> fill = filled(item);
            String outline = item.marks().stream()
                    .filter(Mark.Outline.class::isInstance)
                    .map(mark -> ";outline:1px solid "
                            + ((Mark.Outline) mark).color().hex() + ";outline-offset:-1px")
                    .findFirst()
                    .orElse("");
            String style = fill.map(rgb -> "background:" + rgb.hex() + outline).orElse("")
                    + (bars || steps
                            ? ""
                            : ";min-height:" + Markup.number(Math.min(item.box().height(), MOST_HEIGHT)) + "px;"
                                    + share(item.box(), part.box().width()));
            html.open("li", "class", fill.isPresent() ? "filled" : "", "style", style)
                    .line();
            if (steps) {
                steps(item);
            } else {
                item.parts().forEach(inner -> part(inner, fill.orElse(ground)));
            }
            html.close().line();
        }
        html.close().line();
    }

    private void steps(Part item) {
        item.parts().stream().filter(inner -> inner.tag() != Tag.CODE).forEach(inner -> part(inner, inks.page()));
        html.open("div", "class", "steps").line();
        item.parts().stream().filter(inner -> inner.tag() == Tag.CODE).forEach(inner -> part(inner, inks.page()));
        html.close().line();
    }

    private void table(Part part) {
        String about = part.parts().isEmpty() ? "" : part.parts().get(0).text();
        html.open("div", "class", "table", "tabindex", "0", "role", "group", "aria-label", "Table: " + about);
        html.open("table").line();
        boolean head = false;
        boolean body = false;
        for (Part row : part.parts()) {
            boolean heads = row.parts().stream().anyMatch(cell -> cell.tag() == Tag.COLUMN_HEAD);
            if (heads && !head) {
                html.open("thead");
                row(row);
                html.close().line();
                head = true;
            } else if (!heads) {
                if (!body) {
                    html.open("tbody");
                    body = true;
                }
                row(row);
            }
        }
        if (body) {
            html.close();
        }
        html.close().close().line();
    }

    private void row(Part row) {
        html.open("tr");
        for (Part cell : row.parts()) {
            boolean head = cell.tag() != Tag.CELL;
            html.open(
                    head ? "th" : "td",
                    "scope",
                    cell.tag() == Tag.COLUMN_HEAD ? "col" : cell.tag() == Tag.ROW_HEAD ? "row" : "");
            filled(cell)
                    .ifPresent(color ->
                            html.open("i", "style", "background:" + color.hex()).close());
            boolean code = cell.parts().stream().anyMatch(inner -> inner.tag() == Tag.CODE);
            if (code && !cell.text().isEmpty()) {
                html.open("code").text(cell.text()).close();
            } else {
                html.text(cell.text());
            }
            html.close();
        }
        html.close().line();
    }

    private void figure(Part part) {
        Box box = part.box();
        html.open("figure")
                .open(
                        "svg",
                        "viewBox",
                        Markup.number(box.x()) + " " + Markup.number(box.y()) + " " + Markup.number(box.width()) + " "
                                + Markup.number(box.height()),
                        "role",
                        "img",
                        "aria-label",
                        part.words());
        part.drawn().forEach(mark -> mark.drawnBy(painter));
        html.close().close().line();
    }
}
