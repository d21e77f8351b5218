package app.zumbido.formats.office.pages;

/** The page that documents are laid out for, ISO A4; twentieths of a point. Source: ISO 216. */
final class Paper {
    static final int WIDTH = 11_906;
    static final int HEIGHT = 16_838;
    static final int MARGIN = 1_304;
    static final int TOP = 1_700;
    /** Between the margins. */
    static final int MEASURE = WIDTH - 2 * MARGIN;
    /** English Metric Units of a twentieth of a point. */
    static final int UNITS = 635;

    private Paper() {}

    /** @param references to headers and footers @param columns how many stand side by side */
    static String section(String references, String type, int columns) {
        String several = columns > 1 ? " w:num=\"" + columns + "\"" : "";
        return """
                <w:sectPr>%s%s<w:pgSz w:w="%d" w:h="%d"/><w:pgMar w:top="%d" w:right="%d" w:bottom="1418" w:left="%d" \
                w:header="680" w:footer="567" w:gutter="0"/><w:cols%s w:space="454"/>%s</w:sectPr>""".formatted(
                        references,
                        type.isEmpty() ? "" : "<w:type w:val=\"" + type + "\"/>",
                        WIDTH,
                        HEIGHT,
                        TOP,
                        MARGIN,
                        MARGIN,
                        several,
                        references.isEmpty() ? "" : "<w:titlePg/>");
    }
}
