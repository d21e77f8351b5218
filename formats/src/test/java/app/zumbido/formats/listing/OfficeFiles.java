package app.zumbido.formats.listing;

import app.zumbido.formats.BrandExample;
import app.zumbido.formats.archive.TextParts;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.slides.PresentationTemplate;
import java.awt.Color;
import java.awt.Rectangle;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Map;
import org.apache.poi.sl.usermodel.ShapeType;
import org.apache.poi.ss.usermodel.FillPatternType;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFAutoShape;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFTextRun;
import org.apache.poi.xssf.usermodel.XSSFCellStyle;
import org.apache.poi.xssf.usermodel.XSSFColor;
import org.apache.poi.xssf.usermodel.XSSFFont;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFRun;

/** Small office files with known colours, written by a library. */
final class OfficeFiles {
    private OfficeFiles() {}

    /** A deck in the ferries' theme: two boxes in accent 1 with white words, one orange circle. */
    static byte[] deck() throws IOException {
        byte[] template = BrandExample.written(new PresentationTemplate(SlideSize.WIDE), BrandExample.ferries());
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(template))) {
            XSLFSlide slide = show.getSlides().get(0);
            for (int i = 0; i < 2; i++) {
                XSLFAutoShape box = slide.createAutoShape();
                box.setAnchor(new Rectangle(20, 20 + 60 * i, 200, 50));
                box.setFillColor(new Color(0x0F7C7A));
                XSLFTextRun run = box.setText("To the islands");
                run.setFontColor(Color.WHITE);
            }
            XSLFAutoShape circle = slide.createAutoShape();
            circle.setShapeType(ShapeType.ELLIPSE);
            circle.setAnchor(new Rectangle(300, 20, 50, 50));
            circle.setFillColor(new Color(0xF2682A));
            return bytes(show::write);
        }
    }

    /** @param fill of a shape called Probe on the first slide */
    static byte[] withShape(String fill) throws IOException {
        Map<String, String> parts = TextParts.of(deck());
        parts.computeIfPresent(
                "ppt/slides/slide1.xml",
                (name, slide) -> slide.replace(
                        "</p:spTree>",
                        "<p:sp><p:nvSpPr><p:cNvPr id=\"90\" name=\"Probe\"/><p:cNvSpPr/><p:nvPr/></p:nvSpPr><p:spPr>"
                                + fill + "</p:spPr></p:sp></p:spTree>"));
        return TextParts.zip(parts);
    }

    /** @return the same in the namespaces of the strict form. Source: ISO/IEC 29500-1, annex A and L */
    static byte[] strict(byte[] file) throws IOException {
        Map<String, String> parts = TextParts.of(file);
        parts.replaceAll((name, part) -> part.replace(
                        "http://schemas.openxmlformats.org/officeDocument/2006/relationships",
                        "http://purl.oclc.org/ooxml/officeDocument/relationships")
                .replace(
                        "http://schemas.openxmlformats.org/presentationml/2006/main",
                        "http://purl.oclc.org/ooxml/presentationml/main")
                .replace(
                        "http://schemas.openxmlformats.org/drawingml/2006/main",
                        "http://purl.oclc.org/ooxml/drawingml/main"));
        return TextParts.zip(parts);
    }

    static byte[] document() throws IOException {
        try (XWPFDocument document = new XWPFDocument()) {
            for (String color : new String[] {"0B2A4A", "0B2A4A", "F2682A"}) {
                XWPFRun run = document.createParagraph().createRun();
                run.setColor(color);
                run.setText("Timetable");
            }
            var cell = document.createTable(1, 1).getRow(0).getCell(0);
            cell.setColor("EAF3F2");
            XWPFRun inCell = cell.addParagraph().createRun();
            inCell.setColor("0B2A4A");
            inCell.setText("Monday");
            return bytes(document::write);
        }
    }

    static byte[] workbook() throws IOException {
        try (XSSFWorkbook workbook = new XSSFWorkbook()) {
            XSSFFont font = workbook.createFont();
            font.setColor(new XSSFColor(new byte[] {(byte) 0xFF, (byte) 0xFF, (byte) 0xFF}));
            XSSFCellStyle style = workbook.createCellStyle();
            style.setFont(font);
            style.setFillPattern(FillPatternType.SOLID_FOREGROUND);
            style.setFillForegroundColor(new XSSFColor(new byte[] {0x0F, 0x7C, 0x7A}));
            var row = workbook.createSheet().createRow(0);
            for (int i = 0; i < 3; i++) {
                row.createCell(i).setCellValue("Harbour " + i);
                row.getCell(i).setCellStyle(style);
            }
            row.createCell(3).setCellStyle(style);
            row.createCell(4).setCellValue("plain");
            return bytes(workbook::write);
        }
    }

    static byte[] openDocument() throws IOException {
        String names = " xmlns:office='urn:oasis:names:tc:opendocument:xmlns:office:1.0'"
                + " xmlns:style='urn:oasis:names:tc:opendocument:xmlns:style:1.0'"
                + " xmlns:draw='urn:oasis:names:tc:opendocument:xmlns:drawing:1.0'"
                + " xmlns:fo='urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0'";
        String styles = "<office:document-styles" + names + "><office:styles>"
                + "<draw:gradient draw:name='dusk' draw:display-name='Dusk' draw:start-color='#0b2a4a'"
                + " draw:end-color='#f2682a'/>"
                + "<style:style style:name='Callout_20_box' style:display-name='Callout box' style:family='paragraph'>"
                + "<style:paragraph-properties fo:background-color='#0f7c7a' fo:border='0.5pt solid #5b6670'/>"
                + "<style:text-properties fo:color='#ffffff'/></style:style></office:styles></office:document-styles>";
        String content = "<office:document-content" + names + "><office:automatic-styles>"
                + "<style:style style:name='P1' style:family='paragraph'><style:text-properties fo:color='#0f7c7a'/>"
                + "</style:style></office:automatic-styles></office:document-content>";
        return TextParts.zip(Map.of(
                "mimetype", "application/vnd.oasis.opendocument.text", "styles.xml", styles, "content.xml", content));
    }

    private interface Writing {
        void to(OutputStream out) throws IOException;
    }

    private static byte[] bytes(Writing writing) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        writing.to(out);
        return out.toByteArray();
    }
}
