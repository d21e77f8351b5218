package app.zumbido.formats.office.pages;

import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.delivery.Xml;

/**
 * Colours and text of word processing. A colour is a reference into the theme; the code beside it is what programs show that
 * know no themes. Source: ECMA-376 Part 1, 17.3.2.6 and 17.18.97.
 */
record WordXml(ThemedLook look) {
    static final String NAMESPACES = "xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\" "
            + "xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\" "
            + "xmlns:wp=\"http://schemas.openxmlformats.org/drawingml/2006/wordprocessingDrawing\" "
            + "xmlns:a=\"http://schemas.openxmlformats.org/drawingml/2006/main\" "
            + "xmlns:pic=\"http://schemas.openxmlformats.org/drawingml/2006/picture\"";

    String color(SlotColor color) {
        return "<w:color " + attributes("val", "theme", "Color", color) + "/>";
    }

    String shade(SlotColor color) {
        return "<w:shd w:val=\"clear\" w:color=\"auto\" " + attributes("fill", "themeFill", "", color) + "/>";
    }

    /** @param side as in {@code bottom} @param eighths of a point */
    String border(String side, SlotColor color, int eighths, int space) {
        return "<w:%s w:val=\"single\" w:sz=\"%d\" w:space=\"%d\" %s/>"
                .formatted(side, eighths, space, attributes("color", "theme", "Color", color));
    }

    private String attributes(String code, String theme, String word, SlotColor color) {
        String step = color.step()
                .map(tint ->
                        " w:%s%s=\"%02X\"".formatted(theme, tint.isLighter() ? "Tint" : "Shade", tint.documentValue()))
                .orElse("");
        String shown = color.step()
                .map(tint -> tint.inDocuments(look.colors().get(color.slot())))
                .orElseGet(() -> color.in(look.colors()))
                .digits();
        return "w:%s=\"%s\" w:%s%s=\"%s\"%s".formatted(code, shown, theme, word, name(color.slot()), step);
    }

    /** Text and pages by what they do: settings say which slot that is. */
    private static String name(ThemeSlot slot) {
        return switch (slot) {
            case DARK_1 -> "text1";
            case LIGHT_1 -> "background1";
            case DARK_2 -> "text2";
            case LIGHT_2 -> "background2";
            case HYPERLINK -> "hyperlink";
            case FOLLOWED_HYPERLINK -> "followedHyperlink";
            default -> slot.code();
        };
    }

    /** @param style id of a style of paragraphs; empty: the usual one */
    static String paragraph(String style, String... runs) {
        String properties = style.isEmpty() ? "" : "<w:pPr><w:pStyle w:val=\"" + style + "\"/></w:pPr>";
        return "<w:p>" + properties + String.join("", runs) + "</w:p>";
    }

    static String run(String text) {
        return "<w:r><w:t xml:space=\"preserve\">" + Xml.text(text) + "</w:t></w:r>";
    }

    static String text(String style, String text) {
        return paragraph(style, run(text));
    }
}
