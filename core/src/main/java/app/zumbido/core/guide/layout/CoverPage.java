package app.zumbido.core.guide.layout;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.Block.Cover;
import app.zumbido.core.guide.Block.Portion;
import app.zumbido.core.guide.SectionKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The title: a page of its own, or the head of a single one. */
final class CoverPage {
    /** Of the page: how much of it the main colour fills. */
    private static final double COLORED = 0.85;

    private static final double STRIP = 0.14;
    private static final double TITLE = 3.6;
    private static final double NAME = 3;

    private CoverPage() {}

    static Page page(Cover cover, double width, double height, double margin, Setting setting) {
        double tall = height * COLORED;
        double strip = cover.portions().size() > 1 ? height * STRIP : 0;
        Box ground = new Box(0, 0, width, tall);
        List<Mark> marks = new ArrayList<>(List.of(new Mark.Fill(ground, cover.ground())));
        if (strip > 0) {
            marks.addAll(strip(cover.portions(), new Box(0, tall - strip, width, strip)));
        }
        double inner = width - 2 * margin;
        Box head = new Box(margin, margin, inner * 0.72, height * 0.2);
        List<Part> parts = new ArrayList<>(List.of(mark(cover, head, setting)));
        List<Part> words = words(cover, margin, 0, inner * 0.8, setting);
        double wordsTall = words.get(words.size() - 1).box().bottom();
        double y = Math.max(parts.get(0).box().bottom() + margin * 0.4, tall - strip - margin * 0.8 - wordsTall);
        words.forEach(part -> parts.add(part.moved(0, y)));
        if (!cover.contact().isEmpty()) {
            parts.add(Lines.set(
                    Tag.P,
                    cover.contact(),
                    setting.small(),
                    setting.inks().quiet(),
                    margin,
                    tall + (height - tall) * 0.25,
                    inner,
                    setting));
        }
        Part section =
                new Part(Tag.SECTION, new Box(0, 0, width, height), marks, parts, "", Optional.of(SectionKind.TITLE));
        return new Page(1, width, height, setting.inks().page(), List.of(section));
    }

    /** @return the same as a band, as wide as its place */
    static Part band(Cover cover, Setting setting) {
        double padding = setting.base() * 1.6;
        double half = (setting.width() - 3 * padding) / 2;
        Part mark = mark(cover, new Box(padding, padding, half, setting.base() * 5.5), setting);
        List<Part> words = words(cover, 2 * padding + half, padding, half, setting);
        double bottom =
                Math.max(mark.box().bottom(), words.get(words.size() - 1).box().bottom()) + padding;
        double strip = cover.portions().size() > 1 ? setting.base() * 1.4 : 0;
        Box box = new Box(0, 0, setting.width(), bottom + strip);
        List<Mark> marks = new ArrayList<>(List.of(new Mark.Fill(box, cover.ground())));
        if (strip > 0) {
            marks.addAll(strip(cover.portions(), new Box(0, bottom, setting.width(), strip)));
        }
        List<Part> parts = new ArrayList<>(List.of(mark));
        parts.addAll(words);
        return Part.item(Tag.GROUP, box, marks, parts);
    }

    /** The first portion is the ground itself. */
    private static List<Mark> strip(List<Portion> portions, Box box) {
        List<Mark> marks = new ArrayList<>();
        double all = portions.stream().mapToDouble(Portion::percent).sum();
        double x = box.x();
        for (Portion portion : portions) {
            double wide = all > 0 ? box.width() * portion.percent() / all : 0;
            if (x > box.x()) {
                marks.add(new Mark.Fill(new Box(x, box.y(), wide, box.height()), portion.color()));
            }
            x += wide;
        }
        return marks;
    }

    /** The logo, or the name where there is none. */
    private static Part mark(Cover cover, Box place, Setting setting) {
        return cover.logo()
                .map(logo -> {
                    Box middle = place.fitting(logo.ratio());
                    Box box = new Box(place.x(), place.y(), middle.width(), middle.height());
                    return Part.figure(box, List.of(LogoRows.mark(box, logo, 0)), "Logo of " + cover.name());
                })
                .orElseGet(() -> {
                    Lettered style = setting.heading(NAME);
                    double needed = setting.measurer().width(style, cover.name());
                    Lettered fitting = needed > place.width() * 2 ? setting.heading(NAME / 2) : style;
                    return Lines.set(
                            Tag.P, cover.name(), fitting, cover.ink(), place.x(), place.y(), place.width(), setting);
                });
    }

    private static List<Part> words(Cover cover, double x, double y, double width, Setting setting) {
        Rgb ink = cover.ink();
        List<Part> parts = new ArrayList<>();
        parts.add(Lines.set(Tag.H1, cover.title(), setting.heading(TITLE), ink, x, y, width, setting));
        for (String line : cover.lines()) {
            double top = parts.get(parts.size() - 1).box().bottom() + setting.base() * 0.35;
            parts.add(Lines.set(Tag.P, line, setting.body().sized(setting.base() * 1.2), ink, x, top, width, setting));
        }
        return parts;
    }
}
