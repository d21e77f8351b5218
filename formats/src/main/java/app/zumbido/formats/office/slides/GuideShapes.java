package app.zumbido.formats.office.slides;

import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.layout.Lettered;
import app.zumbido.core.guide.layout.Mark;
import app.zumbido.core.guide.layout.Painter;
import app.zumbido.core.guide.layout.Part;
import app.zumbido.core.guide.layout.Tag;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.guide.Guide;
import app.zumbido.formats.layouts.Box;
import app.zumbido.formats.office.SchemeColors;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The parts of a guide as shapes of a slide. Source: ECMA-376 Part 1, 19.3.1 and 20.1. */
final class GuideShapes {
    /** English Metric Units. */
    static final int POINT = 12_700;

    private static final int SIXTY_THOUSANDTHS = 60_000;
    private static final String FULL = "\u25A0";
    private static final String HOLLOW = "\u25A1";
    /** A colour that is told from the page by less is shown as an outline. */
    private static final double PALE = 1.2;

    private static final String TABLE = "http://schemas.openxmlformats.org/drawingml/2006/table";

    private final Shapes shapes;
    private final ThemedLook look;
    private final SchemeColors colors;
    private final Guide guide;
    private final GuideMedia media;
    private final String slide;
    private final Box place;

    GuideShapes(Shapes shapes, ThemedLook look, Guide guide, GuideMedia media, String slide, Box place) {
        this.shapes = shapes;
        this.look = look;
        this.colors = new SchemeColors(look.ground());
        this.guide = guide;
        this.media = media;
        this.slide = slide;
        this.place = place;
    }

    void draw(List<Part> parts) {
        parts.forEach(this::draw);
    }

    private void draw(Part part) {
        switch (part.tag()) {
            case FIGURE -> figure(part);
            case TABLE -> table(part);
            default -> {
                Ink ink = new Ink(part.tag().name());
                part.marks().stream()
                        .filter(mark -> !(mark instanceof Mark.Words))
                        .forEach(mark -> mark.drawnBy(ink));
                shapes.append(ink.written());
                text(part);
                draw(part.parts());
            }
        }
    }

    /** A group with what is said in its place; text in it stays text. */
    private void figure(Part part) {
        int id = shapes.next();
        Ink ink = new Ink("Figure");
        part.drawn().filter(mark -> !(mark instanceof Mark.Words)).forEach(mark -> mark.drawnBy(ink));
        String inside = ink.written()
                + part.all().map(this::textBox).flatMap(Optional::stream).collect(Collectors.joining());
        if (!inside.isEmpty()) {
            Box box = box(part.box());
            shapes.append(
                    """
                    <p:grpSp><p:nvGrpSpPr><p:cNvPr id="%d" name="Figure" descr="%s"/><p:cNvGrpSpPr/><p:nvPr/></p:nvGrpSpPr>\
                    <p:grpSpPr><a:xfrm><a:off x="%4$d" y="%5$d"/><a:ext cx="%6$d" cy="%7$d"/><a:chOff x="%4$d" y="%5$d"/>\
                    <a:chExt cx="%6$d" cy="%7$d"/></a:xfrm></p:grpSpPr>%3$s</p:grpSp>""".formatted(id, Xml.text(part.words()), inside, box.x(), box.y(), box.width(), box.height()));
        }
    }

    private void text(Part part) {
        textBox(part).ifPresent(shapes::append);
    }

    /** The lines of a part as one frame; they are broken where the guide breaks them. */
    private Optional<String> textBox(Part part) {
        List<Mark.Words> lines = part.marks().stream()
                .filter(Mark.Words.class::isInstance)
                .map(Mark.Words.class::cast)
                .toList();
        if (lines.isEmpty()) {
            return Optional.empty();
        }
        Mark.Words first = lines.get(0);
        app.zumbido.core.guide.layout.Box around = new app.zumbido.core.guide.layout.Box(
                first.box().x(),
                first.box().y(),
                lines.stream().mapToDouble(line -> line.box().width()).max().orElseThrow(),
                lines.get(lines.size() - 1).box().bottom() - first.box().y());
        String runs = lines.stream()
                .map(line -> "<a:r>" + properties(line.style(), line.ink()) + "<a:t>" + Xml.text(line.text())
                        + "</a:t></a:r>")
                .collect(Collectors.joining("<a:br>" + properties(first.style(), first.ink()) + "</a:br>"));
        long spacing = Math.round(first.box().height() * 100);
        return Optional.of("""
                <p:sp><p:nvSpPr><p:cNvPr id="%d" name="Text"/><p:cNvSpPr txBox="1"/><p:nvPr/></p:nvSpPr><p:spPr>%s\
                <a:prstGeom prst="rect"><a:avLst/></a:prstGeom><a:noFill/></p:spPr><p:txBody>\
                <a:bodyPr wrap="none" lIns="0" tIns="0" rIns="0" bIns="0" anchor="ctr"><a:noAutofit/></a:bodyPr><a:lstStyle/>\
                <a:p><a:pPr><a:lnSpc><a:spcPts val="%d"/></a:lnSpc></a:pPr>%s</a:p></p:txBody></p:sp>""".formatted(shapes.next(), LayoutXml.transform("a", box(around)), spacing, runs));
    }

    private String properties(Lettered style, Rgb ink) {
        Lettering lettering = look.look().brand().type().get(style.role());
        boolean bold = style.strong() && style.role() == TypeRole.BODY || lettering.weight() >= Lettering.BOLD - 100;
        String face = switch (style.role()) {
            case HEADING, LOGO -> "+mj-lt";
            case BODY -> "+mn-lt";
            case SUBHEADING -> lettering.family();
        };
        return "<a:rPr lang=\"en-GB\" sz=\"%d\"%s%s%s%s>%s<a:latin typeface=\"%s\"/></a:rPr>"
                .formatted(
                        Math.round(style.size() * 100),
                        bold ? " b=\"1\"" : " b=\"0\"",
                        lettering.italic() ? " i=\"1\"" : "",
                        lettering.capitals() == Capitals.ALL_CAPITALS ? " cap=\"all\"" : "",
                        lettering.tracking() == 0
                                ? ""
                                : " spc=\"%d\"".formatted(Math.round(lettering.tracking() * style.size() / 10)),
                        fill(ink),
                        Xml.text(face));
    }

    /** A colour of the theme where it is one, so that it follows when the theme changes; else the colour itself. */
    private String color(Rgb color) {
        return Stream.of(ThemeSlot.values())
                .filter(slot -> slot != ThemeSlot.HYPERLINK && slot != ThemeSlot.FOLLOWED_HYPERLINK)
                .filter(slot -> color.equals(look.colors().get(slot)))
                .findFirst()
                .map(slot -> colors.color(SlotColor.of(slot)))
                .orElseGet(() -> "<a:srgbClr val=\"%s\"/>".formatted(color.digits()));
    }

    private String fill(Rgb color) {
        return "<a:solidFill>" + color(color) + "</a:solidFill>";
    }

    private Box box(app.zumbido.core.guide.layout.Box box) {
        return new Box(
                place.x() + Math.round(box.x() * POINT),
                place.y() + Math.round(box.y() * POINT),
                Math.round(box.width() * POINT),
                Math.round(box.height() * POINT));
    }

    /** A table that can be worked on; the colours before its words are shapes upon it. */
    private void table(Part part) {
        List<Part> rows = part.parts();
        List<Part> first = rows.get(0).parts();
        boolean head = first.stream().anyMatch(cell -> cell.tag() == Tag.COLUMN_HEAD);
        StringBuilder table =
                new StringBuilder("<a:tbl><a:tblPr%s/><a:tblGrid>".formatted(head ? " firstRow=\"1\"" : ""));
        List<Double> widths = new ArrayList<>();
        for (int i = 0; i < first.size(); i++) {
            double right = i + 1 < first.size()
                    ? first.get(i + 1).box().x()
                    : part.box().right();
            widths.add(Math.max(1, right - first.get(i).box().x()));
        }
        boolean stacked =
                first.size() > 1 && first.get(1).box().y() > first.get(0).box().y();
        if (stacked) {
            draw(rows);
            return;
        }
        widths.forEach(width -> table.append("<a:gridCol w=\"%d\"/>".formatted(Math.round(width * POINT))));
        table.append("</a:tblGrid>");
        rows.forEach(row -> table.append(row(row)));
        table.append("</a:tbl>");
        shapes.append("""
                <p:graphicFrame><p:nvGraphicFramePr><p:cNvPr id="%d" name="Table"/><p:cNvGraphicFramePr>\
                <a:graphicFrameLocks noGrp="1"/></p:cNvGraphicFramePr><p:nvPr/></p:nvGraphicFramePr>%s<a:graphic>\
                <a:graphicData uri="%s">%s</a:graphicData></a:graphic></p:graphicFrame>""".formatted(shapes.next(), LayoutXml.transform("p", box(part.box())), TABLE, table));
    }

    private String row(Part row) {
        StringBuilder xml = new StringBuilder(
                "<a:tr h=\"%d\">".formatted(Math.round(row.box().height() * POINT)));
        for (Part cell : row.parts()) {
            Mark.Words words = cell.drawn()
                    .filter(Mark.Words.class::isInstance)
                    .map(Mark.Words.class::cast)
                    .findFirst()
                    .orElseThrow();
            Rgb rule = ((Mark.Fill) row.marks().get(0)).color();
            long thick = Math.round(row.marks().get(0).box().height() * POINT);
            xml.append("<a:tc><a:txBody><a:bodyPr/><a:lstStyle/><a:p>%s<a:r>%s<a:t>%s</a:t></a:r></a:p></a:txBody>"
                    .formatted(chip(cell, words), properties(words.style(), words.ink()), Xml.text(cell.text())));
            xml.append("<a:tcPr marL=\"0\" marR=\"0\" marT=\"0\" marB=\"0\" anchor=\"ctr\">");
            xml.append("<a:lnL><a:noFill/></a:lnL><a:lnR><a:noFill/></a:lnR><a:lnT><a:noFill/></a:lnT>");
            xml.append("<a:lnB w=\"%d\">%s</a:lnB><a:noFill/></a:tcPr></a:tc>".formatted(thick, fill(rule)));
        }
        return xml.append("</a:tr>").toString();
    }

    /** The colour before the words, as a letter: so it stays where it belongs, however high a row gets. */
    private String chip(Part cell, Mark.Words words) {
        return cell.marks().stream()
                .filter(Mark.Fill.class::isInstance)
                .map(mark -> ((Mark.Fill) mark).color())
                .findFirst()
                .map(color -> {
                    boolean pale =
                            ContrastRatio.between(color, guide.content().inks().page())
                                            .value()
                                    < PALE;
                    Rgb ink = pale ? words.ink() : color;
                    return "<a:r>%s<a:t>%s  </a:t></a:r>"
                            .formatted(properties(words.style(), ink), pale ? HOLLOW : FULL);
                })
                .orElse("");
    }

    /** Gathers shapes that are no text. */
    private final class Ink implements Painter {
        private final StringBuilder xml = new StringBuilder();
        private final String name;

        Ink(String name) {
            this.name =
                    name.charAt(0) + name.substring(1).toLowerCase(Locale.ROOT).replace('_', ' ');
        }

        String written() {
            return xml.toString();
        }

        private void shape(Box box, String more, String fill, String line) {
            xml.append("""
                    <p:sp><p:nvSpPr><p:cNvPr id="%d" name="%s"/><p:cNvSpPr/><p:nvPr/></p:nvSpPr><p:spPr>%s\
                    <a:prstGeom prst="%s"><a:avLst/></a:prstGeom>%s%s</p:spPr></p:sp>""".formatted(shapes.next(), name, LayoutXml.transform("a", box), more, fill, line));
        }

        private String line(Rgb color, double thickness, boolean dashed) {
            return "<a:ln w=\"%d\">%s%s</a:ln>"
                    .formatted(
                            Math.round(thickness * POINT),
                            fillOf(color),
                            dashed ? "<a:prstDash val=\"sysDash\"/>" : "");
        }

        private String fillOf(Rgb color) {
            return GuideShapes.this.fill(color);
        }

        @Override
        public void words(Mark.Words words) {
            // Text is gathered by its part.
        }

        @Override
        public void fill(Mark.Fill fill) {
            if (fill.box().width() > 0 && fill.box().height() > 0) {
                shape(box(fill.box()), "rect", fillOf(fill.color()), "<a:ln><a:noFill/></a:ln>");
            }
        }

        @Override
        public void outline(Mark.Outline outline) {
            shape(
                    box(outline.box().inset(outline.thickness() / 2)),
                    "rect",
                    "<a:noFill/>",
                    line(outline.color(), outline.thickness(), outline.dashed()));
        }

        @Override
        public void line(Mark.Line line) {
            String transform = LayoutXml.transform("a", box(line.box()));
            xml.append("""
                    <p:cxnSp><p:nvCxnSpPr><p:cNvPr id="%d" name="Line"/><p:cNvCxnSpPr/><p:nvPr/></p:nvCxnSpPr><p:spPr>%s\
                    <a:prstGeom prst="line"><a:avLst/></a:prstGeom>%s</p:spPr></p:cxnSp>""".formatted(
                            shapes.next(),
                            line.rising() ? transform.replaceFirst("<a:xfrm", "<a:xfrm flipV=\"1\"") : transform,
                            line(line.color(), line.thickness(), false)));
        }

        @Override
        public void ramp(Mark.Ramp ramp) {
            StringBuilder stops = new StringBuilder();
            int last = ramp.stops().size() - 1;
            for (int i = 0; i <= last; i++) {
                stops.append("<a:gs pos=\"%d\">%s</a:gs>"
                        .formatted(100_000 / last * i, color(ramp.stops().get(i))));
            }
            // The angle of CSS begins upwards, that of drawings to the right.
            String way = ramp.radial()
                    ? "<a:path path=\"circle\"><a:fillToRect l=\"50000\" t=\"50000\" r=\"50000\" b=\"50000\"/></a:path>"
                    : "<a:lin ang=\"%d\" scaled=\"0\"/>"
                            .formatted(Math.floorMod(ramp.angle() - 90, 360) * SIXTY_THOUSANDTHS);
            shape(
                    box(ramp.box()),
                    "rect",
                    "<a:gradFill rotWithShape=\"1\"><a:gsLst>%s</a:gsLst>%s</a:gradFill>".formatted(stops, way),
                    "<a:ln><a:noFill/></a:ln>");
        }

        @Override
        public void picture(Mark.Picture picture) {
            media.picture(slide, picture).ifPresent(id -> picture("Picture", box(picture.box()), id, "", 0));
        }

        private void picture(String called, Box box, String embedded, String drawing, double turned) {
            String transform = LayoutXml.transform("a", box);
            String placed = turned == 0
                    ? transform
                    : transform.replaceFirst(
                            "<a:xfrm",
                            "<a:xfrm rot=\"%d\""
                                    .formatted(Math.floorMod(Math.round(turned * SIXTY_THOUSANDTHS), 21_600_000L)));
            xml.append("""
                    <p:pic><p:nvPicPr><p:cNvPr id="%d" name="%2$s" descr="%2$s"/><p:cNvPicPr/><p:nvPr/></p:nvPicPr>\
                    <p:blipFill><a:blip r:embed="%3$s">%4$s</a:blip><a:srcRect/><a:stretch><a:fillRect/></a:stretch></p:blipFill>\
                    <p:spPr>%5$s<a:prstGeom prst="rect"><a:avLst/></a:prstGeom></p:spPr></p:pic>""".formatted(shapes.next(), called, embedded, drawing, placed));
        }

        @Override
        public void logo(Mark.LogoMark logo) {
            Box box = box(logo.box());
            media.logo(slide, logo, box)
                    .ifPresent(ids -> picture("Logo", box, ids.painted(), Shapes.drawing(ids.drawn()), logo.turned()));
        }
    }
}
