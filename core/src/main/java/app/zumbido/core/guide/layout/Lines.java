package app.zumbido.core.guide.layout;

import app.zumbido.core.color.Rgb;
import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Breaks text into lines that are no wider than their place. */
final class Lines {
    /** What widths may be too large by, from rounding; points. */
    private static final double SLACK = 0.001;

    private Lines() {}

    /** @param glued whether its last word goes on in the next one */
    record Line(String text, boolean glued) {}

    /** @return at least one line; a word that is wider than all is broken where it has to be */
    static List<Line> of(String text, Lettered style, double width, Measurer measurer) {
        List<Line> lines = new ArrayList<>();
        for (String paragraph : text.split("\n", -1)) {
            lines.addAll(paragraph(paragraph.strip(), style, width, measurer));
        }
        return lines;
    }

    private static List<Line> paragraph(String text, Lettered style, double width, Measurer measurer) {
        if (measurer.width(style, text) <= width + SLACK) {
            return List.of(new Line(text, false));
        }
        List<Line> lines = new ArrayList<>();
        BreakIterator places = BreakIterator.getLineInstance(Locale.ROOT);
        places.setText(text);
        int start = 0;
        int last = 0;
        for (int end = places.next(); end != BreakIterator.DONE; end = places.next()) {
            if (fits(text.substring(start, end), style, width, measurer)) {
                last = end;
                continue;
            }
            if (last > start) {
                lines.add(new Line(text.substring(start, last).strip(), !endsInBlank(text, last)));
                start = last;
            }
            while (!fits(text.substring(start, end), style, width, measurer)) {
                int cut = widest(text, start, end, style, width, measurer);
                lines.add(new Line(text.substring(start, cut), true));
                start = cut;
            }
            last = end;
        }
        if (start < text.length()) {
            lines.add(new Line(text.substring(start).strip(), false));
        }
        return lines;
    }

    /** Text is broken behind blanks, and behind hyphens that are no blanks. */
    private static boolean endsInBlank(String text, int end) {
        return Character.isWhitespace(text.charAt(end - 1));
    }

    private static boolean fits(String part, Lettered style, double width, Measurer measurer) {
        return measurer.width(style, part.stripTrailing()) <= width + SLACK;
    }

    /** Whole characters as a reader sees them; one at least, so that it ends. */
    private static int widest(String text, int start, int end, Lettered style, double width, Measurer measurer) {
        BreakIterator letters = BreakIterator.getCharacterInstance(Locale.ROOT);
        letters.setText(text);
        int cut = letters.following(start);
        for (int next = cut;
                next != BreakIterator.DONE && next <= end && fits(text.substring(start, next), style, width, measurer);
                next = letters.next()) {
            cut = next;
        }
        return cut;
    }

    /** @return a paragraph at that place, as high as it gets */
    static Part set(Tag tag, String text, Lettered style, Rgb ink, double x, double y, double width, Setting setting) {
        List<Line> lines = of(text, style, width, setting.measurer());
        return set(tag, lines, style, ink, x, y, width, setting);
    }

    static Part set(
            Tag tag, List<Line> lines, Lettered style, Rgb ink, double x, double y, double width, Setting setting) {
        double line = Setting.line(style);
        double cap = setting.measurer().capHeight(style);
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            double top = y + i * line;
            Line set = lines.get(i);
            double wide = Math.min(width, setting.measurer().width(style, set.text()));
            marks.add(new Mark.Words(
                    new Box(x, top, wide, line), top + (line + cap) / 2, set.text(), style, ink, set.glued()));
        }
        return new Part(tag, new Box(x, y, width, lines.size() * line), marks, List.of(), "", Optional.empty());
    }
}
