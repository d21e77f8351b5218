package app.zumbido.core.guide.layout;

import java.util.ArrayList;
import java.util.List;

/** The page that says what stands where; every line of it leads there. */
final class ContentsPage {
    private static final String TITLE = "Contents";

    private ContentsPage() {}

    private record Line(Part heading, int page) {}

    static Page of(
            List<Page> pages, int number, double width, double height, double margin, Setting setting, String footer) {
        List<Line> lines = new ArrayList<>();
        for (Page page : pages) {
            page.all()
                    .filter(part -> part.tag() == Tag.SECTION)
                    .flatMap(section -> section.parts().stream().limit(1))
                    .filter(first -> first.tag() == Tag.H1 || first.tag() == Tag.H2)
                    .forEach(title -> lines.add(new Line(title, page.number())));
        }
        Part title = Lines.set(
                Tag.H1, TITLE, setting.title(), setting.inks().heading(), margin, margin, setting.width(), setting);
        double top = title.box().bottom() + setting.gap();
        double room = margin + setting.height() - top;
        double line = Math.min(setting.base() * 2, room / Math.max(1, lines.size()));
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            parts.add(line(lines.get(i), top + i * line, line, margin, setting));
        }
        Box box = new Box(margin, top, setting.width(), lines.size() * line);
        return new Page(
                number,
                width,
                height,
                setting.inks().page(),
                List.of(
                        title,
                        Part.holding(Tag.CONTENTS, box, parts),
                        Foot.of(footer, number, width, height, margin, setting)));
    }

    private static Part line(Line line, double y, double height, double margin, Setting setting) {
        boolean chapter = line.heading().tag() == Tag.H1;
        double indent = chapter ? 0 : setting.base() * 1.5;
        Lettered wanted = chapter ? setting.strong() : setting.body();
        Lettered style = wanted.sized(Math.min(wanted.size(), height * 0.8));
        String page = String.valueOf(line.page());
        double pageWide = setting.measurer().width(style, page);
        double room = setting.width() - indent - pageWide - setting.base();
        String text = Lines.of(line.heading().text(), style, room, setting.measurer())
                .get(0)
                .text();
        double baseline = y + (height + setting.measurer().capHeight(style)) / 2;
        Box words =
                new Box(margin + indent, y, Math.min(room, setting.measurer().width(style, text)), height);
        Box figure = new Box(margin + setting.width() - pageWide, y, pageWide, height);
        return Part.of(
                        Tag.CONTENTS_LINE,
                        new Box(margin, y, setting.width(), height),
                        List.of(
                                new Mark.Words(
                                        words,
                                        baseline,
                                        text,
                                        style,
                                        setting.inks().text()),
                                new Mark.Words(
                                        figure,
                                        baseline,
                                        page,
                                        style,
                                        setting.inks().text())))
                .saying(page);
    }
}
