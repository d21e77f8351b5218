package app.zumbido.core.guide.layout;

import java.util.List;
import java.util.Optional;

/** What stands at the foot of every page; nobody reads it out. */
final class Foot {
    private Foot() {}

    static Part of(String words, int number, double width, double height, double margin, Setting setting) {
        Lettered style = setting.small();
        double line = Setting.line(style);
        double top = height - margin * 0.5 - line / 2;
        double cap = setting.measurer().capHeight(style);
        String page = String.valueOf(number);
        double pageWide = setting.measurer().width(style, page);
        double room = width - 2 * margin - pageWide - setting.base();
        String first = Lines.of(words, style, room, setting.measurer()).get(0).text();
        double wide = Math.min(room, setting.measurer().width(style, first));
        double baseline = top + (line + cap) / 2;
        return new Part(
                Tag.ARTIFACT,
                new Box(margin, top, width - 2 * margin, line),
                List.of(
                        new Mark.Words(
                                new Box(margin, top, wide, line),
                                baseline,
                                first,
                                style,
                                setting.inks().quiet()),
                        new Mark.Words(
                                new Box(width - margin - pageWide, top, pageWide, line),
                                baseline,
                                page,
                                style,
                                setting.inks().quiet())),
                List.of(),
                "",
                Optional.empty());
    }
}
