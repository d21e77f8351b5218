package app.zumbido.formats.office.pages;

import static app.zumbido.formats.office.pages.DocumentStyles.BULLET;
import static app.zumbido.formats.office.pages.DocumentStyles.CALLOUT;
import static app.zumbido.formats.office.pages.DocumentStyles.CAPTION;
import static app.zumbido.formats.office.pages.DocumentStyles.NUMBER;
import static app.zumbido.formats.office.pages.DocumentStyles.QUOTE;
import static app.zumbido.formats.office.pages.DocumentStyles.SMALL;
import static app.zumbido.formats.office.pages.DocumentStyles.SUBTITLE;
import static app.zumbido.formats.office.pages.DocumentStyles.TITLE;
import static app.zumbido.formats.office.pages.DocumentStyles.heading;
import static app.zumbido.formats.office.pages.WordXml.paragraph;
import static app.zumbido.formats.office.pages.WordXml.run;
import static app.zumbido.formats.office.pages.WordXml.text;

import app.zumbido.formats.office.SpecimenPicture;
import app.zumbido.formats.office.SpecimenTable;
import java.util.List;

/** What stands in documents that show how a brand's documents look; people write over it. */
final class SpecimenText {
    /** A name that is reserved for examples: RFC 2606. */
    private static final String ADDRESS = "https://example.org/";

    private static final int PICTURE_WIDTH = 1280;
    private static final int PICTURE_HEIGHT = 520;

    private SpecimenText() {}

    static String letter(DocumentPackage pack) {
        return text(SMALL, "Name of the receiver")
                + text(SMALL, "Street and number")
                + text(SMALL, "Town")
                + text("", "")
                + text(SMALL, "Town, the day")
                + text("", "")
                + text(heading(2), "What this letter is about")
                + text("", "Dear reader,")
                + text(
                        "",
                        "The first page of a letter carries the whole logo, the next ones carry the name and the symbol. "
                                + "Write over these lines: their letters, sizes and colours are set by styles, and the styles follow "
                                + "the theme.")
                + paragraph("", run("What somebody should do stands in a short list:"))
                + text(BULLET, "open the template, not an old letter")
                + text(BULLET, "choose styles instead of setting letters by hand")
                + paragraph(
                        "",
                        run("Links are made like this one: "),
                        link(pack, "example.org"),
                        run(". A box holds what must not be overlooked:"))
                + text(CALLOUT, "Answers reach us until the end of the month.")
                + text("", "With kind regards,")
                + text("", "")
                + text("", "Your name")
                + Paper.section(pack.references(), "", 1);
    }

    static String report(DocumentPackage pack) {
        return text(TITLE, "Report")
                + text(
                        SUBTITLE,
                        "What a report of " + pack.look().look().brand().name() + " looks like")
                + text(
                        "",
                        "The opening paragraph says in three lines what the report is about and for whom it was written. "
                                + "Whoever reads nothing else has read the main thing.")
                + text(heading(1), "Headings lead through the text")
                + text(
                        "",
                        "The first level opens a chapter. Text stands beneath it in lines that the eye still finds its way "
                                + "back from.")
                + text(heading(2), "The second level divides a chapter")
                + text(BULLET, "A point of a list")
                + text(BULLET + "2", "what belongs to it")
                + text(BULLET + "3", "and what explains that")
                + text(NUMBER, "First this")
                + text(NUMBER, "then that")
                + text(heading(3), "The third level names a detail")
                + text("", "Tables have a head, bands and a sum:")
                + table()
                + text(CAPTION, "Table 1: figures, invented")
                + text(heading(4), "The fourth level is rarely needed")
                + text(QUOTE, "A quotation stands apart from the text.")
                + text(CALLOUT, "A box holds the one thing that nobody should overlook.")
                + paragraph("", picture(pack))
                + text(CAPTION, "Figure 1: put a photograph of your own in its place")
                + paragraph("", run("Links look like this: "), link(pack, "example.org"), run("."))
                + Paper.section(pack.references(), "", 1);
    }

    /** A title over the whole width, then two columns. */
    static String newsletter(DocumentPackage pack) {
        return text(TITLE, "News")
                + text(SUBTITLE, "From " + pack.look().look().brand().name())
                + paragraph("", picture(pack))
                + "<w:p><w:pPr><w:pStyle w:val=\"" + CAPTION + "\"/>"
                + Paper.section(pack.references(), "continuous", 1)
                + "</w:pPr>" + run("What the picture shows") + "</w:p>"
                + text(heading(2), "The first story")
                + text(
                        "",
                        "It begins in the left column and runs on in the right one. Paragraphs are short, since columns are "
                                + "narrow, and every story has a heading that says what is new.")
                + text("", "A second paragraph says what follows from it, and who can be asked.")
                + text(CALLOUT, "One date, in a box.")
                + text(heading(2), "The second story")
                + text("", "It is shorter than the first one. A list helps where several things happen:")
                + text(BULLET, "the first of them")
                + text(BULLET, "the second")
                + text(BULLET, "the last")
                + text(heading(2), "And what else")
                + paragraph("", run("Everything more is at "), link(pack, "example.org"), run("."))
                + text(QUOTE, "A voice from among the readers.")
                + Paper.section("", "continuous", 2);
    }

    private static String link(DocumentPackage pack, String shown) {
        String id = pack.zip().linkOutside(DocumentPackage.MAIN, "hyperlink", ADDRESS);
        return "<w:hyperlink r:id=\"" + id + "\"><w:r><w:rPr><w:rStyle w:val=\"" + DocumentStyles.LINK
                + "\"/></w:rPr><w:t>" + shown + "</w:t></w:r></w:hyperlink>";
    }

    private static String picture(DocumentPackage pack) {
        return pack.picture(
                SpecimenPicture.of(pack.look(), PICTURE_WIDTH, PICTURE_HEIGHT),
                "Hills at dusk",
                (double) PICTURE_WIDTH / PICTURE_HEIGHT,
                (long) Paper.MEASURE * Paper.UNITS);
    }

    private static String table() {
        int first = Paper.MEASURE * 2 / 5;
        int other = (Paper.MEASURE - first) / 3;
        StringBuilder xml = new StringBuilder("<w:tbl><w:tblPr><w:tblStyle w:val=\"" + DocumentStyles.TABLE + "\"/>"
                + "<w:tblW w:w=\"5000\" w:type=\"pct\"/><w:tblLook w:val=\"0460\" w:firstRow=\"1\" w:lastRow=\"1\" "
                + "w:firstColumn=\"0\" w:lastColumn=\"0\" w:noHBand=\"0\" w:noVBand=\"1\"/></w:tblPr><w:tblGrid>");
        for (int column = 0; column < SpecimenTable.CELLS.get(0).size(); column++) {
            xml.append("<w:gridCol w:w=\"%d\"/>".formatted(column == 0 ? first : other));
        }
        xml.append("</w:tblGrid>");
        for (List<String> row : SpecimenTable.CELLS) {
            xml.append("<w:tr>");
            for (int column = 0; column < row.size(); column++) {
                String right = column == 0 ? "" : "<w:pPr><w:jc w:val=\"right\"/></w:pPr>";
                xml.append("<w:tc><w:tcPr><w:tcW w:w=\"%d\" w:type=\"dxa\"/></w:tcPr><w:p>%s%s</w:p></w:tc>"
                        .formatted(column == 0 ? first : other, right, run(row.get(column))));
            }
            xml.append("</w:tr>");
        }
        return xml.append("</w:tbl>").toString();
    }
}
