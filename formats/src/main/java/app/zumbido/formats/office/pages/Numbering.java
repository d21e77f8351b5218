package app.zumbido.formats.office.pages;

import app.zumbido.core.brand.TemplateDesign.BulletKind;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.formats.delivery.Xml;

/** Bullets and numbers of lists, three levels of each. Source: ECMA-376 Part 1, 17.9. */
final class Numbering {
    private static final int LEVELS = 3;
    private static final int INDENT = 284;

    private Numbering() {}

    static String xml(ThemedLook look) {
        String color = new WordXml(look).color(look.inks(look.page()).accent());
        BulletKind bullets = look.look().brand().template().bullets();
        StringBuilder signs = new StringBuilder();
        StringBuilder numbers = new StringBuilder();
        for (int level = 0; level < LEVELS; level++) {
            String deeper = level == 0 ? "" : String.valueOf(level + 1);
            signs.append(level(level, "bullet", DocumentStyles.BULLET + deeper, bullets.sign(level), color));
            numbers.append(level(
                    level,
                    level == 1 ? "lowerLetter" : "decimal",
                    DocumentStyles.NUMBER + deeper,
                    "%" + (level + 1) + ".",
                    color));
        }
        return Xml.HEAD + "<w:numbering " + WordXml.NAMESPACES + ">" + list(1, signs) + list(2, numbers)
                + "<w:num w:numId=\"1\"><w:abstractNumId w:val=\"1\"/></w:num>"
                + "<w:num w:numId=\"2\"><w:abstractNumId w:val=\"2\"/></w:num></w:numbering>";
    }

    private static String list(int id, StringBuilder levels) {
        return "<w:abstractNum w:abstractNumId=\"" + id + "\"><w:multiLevelType w:val=\"multilevel\"/>" + levels
                + "</w:abstractNum>";
    }

    private static String level(int level, String format, String style, String sign, String letters) {
        return """
                <w:lvl w:ilvl="%d"><w:start w:val="1"/><w:numFmt w:val="%s"/><w:pStyle w:val="%s"/><w:lvlText w:val="%s"/>\
                <w:lvlJc w:val="left"/><w:pPr><w:ind w:left="%d" w:hanging="%d"/></w:pPr><w:rPr>%s</w:rPr></w:lvl>""".formatted(level, format, style, sign, INDENT * (level + 1), INDENT, letters);
    }
}
