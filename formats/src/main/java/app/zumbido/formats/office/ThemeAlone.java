package app.zumbido.formats.office;

import app.zumbido.core.brand.Look;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.formats.delivery.FolderWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.ThemedWriter;
import app.zumbido.formats.delivery.Xml;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Colours and fonts without layouts, to load into what exists: the smallest slides, document and workbook that carry a theme,
 * the bare theme part, and a page that says what to do with them.
 */
public final class ThemeAlone implements FolderWriter, ThemedWriter {
    private static final String OFFICE = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
    private static final String SLIDES = "xmlns:a=\"http://schemas.openxmlformats.org/drawingml/2006/main\" xmlns:r=\""
            + OFFICE + "\" xmlns:p=\"http://schemas.openxmlformats.org/presentationml/2006/main\"";
    private static final String NOTHING = "<p:cSld><p:spTree><p:nvGrpSpPr><p:cNvPr id=\"1\" name=\"\"/><p:cNvGrpSpPr/>"
            + "<p:nvPr/></p:nvGrpSpPr><p:grpSpPr/></p:spTree></p:cSld>";

    @Override
    public String kind() {
        return "theme";
    }

    @Override
    public String ending() {
        return "-theme.zip";
    }

    @Override
    public Map<String, byte[]> files(Order order) throws IOException {
        ThemedLook look = ThemedLook.of(order.look());
        String theme = ThemeXml.of(look, order.assets());
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("how-to.txt", howTo(order.look()).getBytes(StandardCharsets.UTF_8));
        files.put("theme.potx", slides(look, theme));
        files.put("theme.dotx", document(theme));
        files.put("theme.xltx", workbook(look, theme));
        files.put("theme1.xml", theme.getBytes(StandardCharsets.UTF_8));
        return files;
    }

    private static String howTo(Look look) {
        return """
                The theme of %s: twelve colours and two fonts, nothing else.

                theme.potx   for slides: open the presentation that exists, choose 'browse for themes' where its designs are
                             listed, and choose this file. Layouts and pictures stay as they are.
                theme.dotx   for letters: the same where the designs of a document are listed.
                theme.xltx   for workbooks: the same where the themes of a workbook are listed.
                theme1.xml   the bare part, for those who build files by program.

                To let everything new start with it: open the file, and save it as a template under the name and in the
                folder that your program looks in for its standard one; its help names them under 'default template'.

                Whatever was coloured through the theme follows. What was coloured by hand stays as it was.
                """.formatted(look.brand().name());
    }

    private static byte[] slides(ThemedLook look, String theme) throws IOException {
        OfficeZip zip = new OfficeZip();
        String main = "/ppt/presentation.xml";
        String master = "/ppt/slideMasters/slideMaster1.xml";
        String layout = "/ppt/slideLayouts/slideLayout1.xml";
        zip.link(OfficeZip.ROOT, "officeDocument", main);
        String toMaster = zip.link(main, "slideMaster", master);
        zip.link(main, "theme", "/ppt/theme/theme1.xml");
        String toLayout = zip.link(master, "slideLayout", layout);
        zip.link(master, "theme", "/ppt/theme/theme1.xml");
        zip.link(layout, "slideMaster", master);
        zip.put("/ppt/theme/theme1.xml", ThemeXml.TYPE, theme);
        zip.put(main, "presentationml.template.main+xml", Xml.HEAD + """
                <p:presentation %s><p:sldMasterIdLst><p:sldMasterId id="2147483648" r:id="%s"/></p:sldMasterIdLst>\
                <p:sldSz cx="12192000" cy="6858000"/><p:notesSz cx="6858000" cy="9144000"/></p:presentation>""".formatted(SLIDES, toMaster));
        zip.put(
                master,
                "presentationml.slideMaster+xml",
                Xml.HEAD + """
                <p:sldMaster %s>%s%s<p:sldLayoutIdLst><p:sldLayoutId id="2147483649" r:id="%s"/></p:sldLayoutIdLst>\
                </p:sldMaster>""".formatted(SLIDES, NOTHING, ColorMaps.ofMaster(look.ground()), toLayout));
        zip.put(
                layout,
                "presentationml.slideLayout+xml",
                Xml.HEAD + """
                <p:sldLayout %s type="blank">%s<p:clrMapOvr><a:masterClrMapping/></p:clrMapOvr></p:sldLayout>""".formatted(SLIDES, NOTHING.replace("<p:cSld>", "<p:cSld name=\"Blank\">")));
        return bytes(zip);
    }

    private static byte[] document(String theme) throws IOException {
        OfficeZip zip = new OfficeZip();
        String main = "/word/document.xml";
        String space = "xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\"";
        zip.link(OfficeZip.ROOT, "officeDocument", main);
        zip.link(main, "theme", "/word/theme/theme1.xml");
        zip.link(main, "styles", "/word/styles.xml");
        zip.put(
                main,
                "wordprocessingml.template.main+xml",
                Xml.HEAD + "<w:document " + space + "><w:body><w:p/></w:body></w:document>");
        zip.put("/word/theme/theme1.xml", ThemeXml.TYPE, theme);
        zip.put("/word/styles.xml", "wordprocessingml.styles+xml", Xml.HEAD + "<w:styles " + space + """
                ><w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:asciiTheme="minorHAnsi" w:hAnsiTheme="minorHAnsi"/></w:rPr>\
                </w:rPrDefault></w:docDefaults><w:style w:type="paragraph" w:default="1" w:styleId="Normal">\
                <w:name w:val="Normal"/></w:style></w:styles>""");
        return bytes(zip);
    }

    private static byte[] workbook(ThemedLook look, String theme) throws IOException {
        OfficeZip zip = new OfficeZip();
        String main = "/xl/workbook.xml";
        String space = "xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\" xmlns:r=\"" + OFFICE + "\"";
        zip.link(OfficeZip.ROOT, "officeDocument", main);
        String sheet = zip.link(main, "worksheet", "/xl/worksheets/sheet1.xml");
        zip.link(main, "theme", "/xl/theme/theme1.xml");
        zip.link(main, "styles", "/xl/styles.xml");
        zip.put(
                main,
                "spreadsheetml.template.main+xml",
                Xml.HEAD + "<workbook " + space + "><sheets><sheet name=\"Sheet 1\" sheetId=\"1\" r:id=\"" + sheet
                        + "\"/></sheets></workbook>");
        zip.put(
                "/xl/worksheets/sheet1.xml",
                "spreadsheetml.worksheet+xml",
                Xml.HEAD + "<worksheet " + space + "><sheetData/></worksheet>");
        zip.put("/xl/theme/theme1.xml", ThemeXml.TYPE, theme);
        zip.put(
                "/xl/styles.xml",
                "spreadsheetml.styles+xml",
                Xml.HEAD
                        + """
                <styleSheet %s><fonts count="1"><font><sz val="11"/><color theme="1"/><name val="%s"/><family val="2"/>\
                <scheme val="minor"/></font></fonts><fills count="2"><fill><patternFill patternType="none"/></fill><fill>\
                <patternFill patternType="gray125"/></fill></fills><borders count="1"><border><left/><right/><top/><bottom/>\
                <diagonal/></border></borders><cellStyleXfs count="1"><xf numFmtId="0" fontId="0" fillId="0" borderId="0"/>\
                </cellStyleXfs><cellXfs count="1"><xf numFmtId="0" fontId="0" fillId="0" borderId="0" xfId="0"/></cellXfs>\
                <cellStyles count="1"><cellStyle name="Normal" xfId="0" builtinId="0"/></cellStyles></styleSheet>""".formatted(
                                space,
                                Xml.text(
                                        look.look().brand().type().pair().body().name())));
        return bytes(zip);
    }

    private static byte[] bytes(OfficeZip zip) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        zip.write(out);
        return out.toByteArray();
    }
}
