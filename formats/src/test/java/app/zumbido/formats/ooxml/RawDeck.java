package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.TextParts;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;

/** A deck of one slide, written letter by letter, for what libraries do not write. Source: ECMA-376 Part 1, 13.3 and 19. */
final class RawDeck {
    private static final String RELATIONSHIPS = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
    private static final String NAMES = " xmlns:a='http://schemas.openxmlformats.org/drawingml/2006/main'"
            + " xmlns:p='http://schemas.openxmlformats.org/presentationml/2006/main' xmlns:r='" + RELATIONSHIPS + "'";

    private final Map<String, String> parts = new LinkedHashMap<>();

    RawDeck() {
        parts.put(
                "[Content_Types].xml", "<Types xmlns='http://schemas.openxmlformats.org/package/2006/content-types'/>");
        relations("", "officeDocument", "ppt/presentation.xml");
        parts.put(
                "ppt/presentation.xml",
                "<p:presentation" + NAMES + "><p:sldMasterIdLst><p:sldMasterId id='9' r:id='r1'/></p:sldMasterIdLst>"
                        + "<p:sldIdLst><p:sldId id='256' r:id='r2'/></p:sldIdLst></p:presentation>");
        relations(
                "ppt/presentation.xml",
                "slideMaster",
                "slideMasters/master.xml",
                "slide",
                "slides/slide.xml",
                "tableStyles",
                "tableStyles.xml");
        relations(
                "ppt/slides/slide.xml",
                "slideLayout",
                "../slideLayouts/layout.xml",
                "chart",
                "../charts/chart.xml",
                "diagramData",
                "../diagrams/data.xml",
                "diagramDrawing",
                "../diagrams/drawing.xml");
        relations("ppt/slideLayouts/layout.xml", "slideMaster", "../slideMasters/master.xml");
        relations("ppt/slideMasters/master.xml", "theme", "../theme/theme.xml");
        theme("");
        master("", "");
        layout("");
        slide("", "");
        tableStyles("");
        chart("");
        diagram("");
    }

    private void relations(String part, String... typesAndTargets) {
        StringBuilder list = new StringBuilder(
                "<Relationships xmlns='http://schemas.openxmlformats.org/package/2006/relationships'>");
        for (int i = 0; i < typesAndTargets.length; i += 2) {
            list.append("<Relationship Id='r")
                    .append(i / 2 + 1)
                    .append("' Type='")
                    .append(RELATIONSHIPS)
                    .append('/')
                    .append(typesAndTargets[i])
                    .append("' Target='")
                    .append(typesAndTargets[i + 1])
                    .append("'/>");
        }
        int slash = part.lastIndexOf('/') + 1;
        parts.put(
                part.substring(0, slash) + "_rels/" + part.substring(slash) + ".rels",
                list.append("</Relationships>").toString());
    }

    /** Slots as their numbers: dark 1 is 000001, accent 1 is 000005, followed link 00000C. */
    RawDeck theme(String formats) {
        StringBuilder slots = new StringBuilder();
        String[] codes = {
            "dk1",
            "lt1",
            "dk2",
            "lt2",
            "accent1",
            "accent2",
            "accent3",
            "accent4",
            "accent5",
            "accent6",
            "hlink",
            "folHlink"
        };
        for (int i = 0; i < codes.length; i++) {
            slots.append(String.format("<a:%s><a:srgbClr val='%06X'/></a:%s>", codes[i], i + 1, codes[i]));
        }
        parts.put(
                "ppt/theme/theme.xml",
                "<a:theme" + NAMES + " name='Raw'><a:themeElements><a:clrScheme name='Raw'>" + slots
                        + "</a:clrScheme><a:fmtScheme>" + formats + "</a:fmtScheme></a:themeElements></a:theme>");
        return this;
    }

    RawDeck master(String shapes, String textStyles) {
        parts.put(
                "ppt/slideMasters/master.xml",
                "<p:sldMaster" + NAMES + "><p:cSld><p:spTree>" + shapes + "</p:spTree></p:cSld>"
                        + "<p:clrMap bg1='lt1' tx1='dk1' bg2='lt2' tx2='dk2' accent1='accent1' accent2='accent2'"
                        + " accent3='accent3' accent4='accent4' accent5='accent5' accent6='accent6' hlink='hlink'"
                        + " folHlink='folHlink'/><p:txStyles>" + textStyles + "</p:txStyles></p:sldMaster>");
        return this;
    }

    RawDeck layout(String shapes) {
        parts.put(
                "ppt/slideLayouts/layout.xml",
                "<p:sldLayout" + NAMES + "><p:cSld><p:spTree>" + shapes + "</p:spTree></p:cSld></p:sldLayout>");
        return this;
    }

    /** @param behind what stands after the shapes, as an overriding map */
    RawDeck slide(String content, String behind) {
        parts.put("ppt/slides/slide.xml", "<p:sld" + NAMES + "><p:cSld>" + content + "</p:cSld>" + behind + "</p:sld>");
        return this;
    }

    RawDeck tableStyles(String styles) {
        parts.put("ppt/tableStyles.xml", "<a:tblStyleLst" + NAMES + ">" + styles + "</a:tblStyleLst>");
        return this;
    }

    RawDeck chart(String series) {
        parts.put(
                "ppt/charts/chart.xml",
                "<c:chartSpace xmlns:c='http://schemas.openxmlformats.org/drawingml/2006/chart'" + NAMES
                        + "><c:chart><c:plotArea><c:barChart>" + series
                        + "</c:barChart></c:plotArea></c:chart></c:chartSpace>");
        return this;
    }

    RawDeck diagram(String shapes) {
        parts.put(
                "ppt/diagrams/data.xml",
                "<d:dataModel xmlns:d='d'><d:extLst><a:ext" + NAMES
                        + "><x:dataModelExt xmlns:x='x' relId='r4'/></a:ext></d:extLst></d:dataModel>");
        parts.put(
                "ppt/diagrams/drawing.xml",
                "<x:drawing xmlns:x='x'" + NAMES + "><x:spTree>" + shapes + "</x:spTree></x:drawing>");
        return this;
    }

    static String shape(String name, String placeholder, String properties, String paragraphs) {
        return "<p:sp><p:nvSpPr><p:cNvPr id='2' name='" + name + "'/><p:cNvSpPr/><p:nvPr>" + placeholder
                + "</p:nvPr></p:nvSpPr>" + properties + "<p:txBody><a:bodyPr/>" + paragraphs + "</p:txBody></p:sp>";
    }

    static String run(String properties) {
        return "<a:p><a:r><a:rPr>" + properties + "</a:rPr><a:t>x</a:t></a:r></a:p>";
    }

    static String frame(String data) {
        return "<p:graphicFrame><p:nvGraphicFramePr><p:cNvPr id='7' name='Frame'/></p:nvGraphicFramePr><a:graphic>"
                + "<a:graphicData>" + data + "</a:graphicData></a:graphic></p:graphicFrame>";
    }

    byte[] bytes() throws IOException {
        return TextParts.zip(parts);
    }
}
