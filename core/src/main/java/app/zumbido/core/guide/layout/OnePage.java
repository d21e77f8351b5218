package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.Chapter;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.Sheet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The most important sections on a single page: title and colours across, everything else in columns. */
final class OnePage {
    private static final Set<SectionKind> ACROSS_UPRIGHT = EnumSet.of(SectionKind.TITLE, SectionKind.COLORS);
    /** A sheet that lies has no height for colours across all of it. */
    private static final Set<SectionKind> ACROSS_LYING = EnumSet.of(SectionKind.TITLE);

    private final Sheet sheet;
    private final Setting setting;
    private final double margin;
    private final String footer;
    private final int columns;
    private final Set<SectionKind> across;

    OnePage(Sheet sheet, Inks inks, Measurer measurer, String footer) {
        this.sheet = sheet;
        this.footer = footer;
        margin = Setting.margin(sheet, true);
        double base = Setting.base(sheet, true);
        setting = new Setting(
                sheet.width() - 2 * margin,
                sheet.height() - 2 * margin,
                base,
                Setting.gap(base, sheet.spacing(), true),
                Setting.Density.COMPACT,
                inks,
                measurer);
        boolean lies = sheet.width() > sheet.height();
        columns = lies ? 3 : 2;
        across = lies ? ACROSS_LYING : ACROSS_UPRIGHT;
    }

    /** First as much as fits in short, then what has room left as a whole. */
    Page of(List<Chapter> chapters) {
        Map<SectionKind, Chapter> chosen = new EnumMap<>(SectionKind.class);
        for (boolean whole : new boolean[] {false, true}) {
            for (SectionKind kind : SectionKind.byImportance()) {
                chapters.stream()
                        .filter(chapter -> chapter.section().kind() == kind)
                        .filter(chapter -> !whole || chosen.containsKey(kind))
                        .forEach(chapter -> choose(whole ? chapter : chapter.inShort(), chosen, chapters));
            }
        }
        List<Part> best = laid(ordered(chosen, chapters));
        List<Part> parts = new ArrayList<>(
                best.stream().map(part -> part.moved(margin, margin)).toList());
        parts.add(Foot.of(footer, 1, sheet.width(), sheet.height(), margin, setting));
        return new Page(1, sheet.width(), sheet.height(), setting.inks().page(), parts);
    }

    /** Takes a section where everything fits with it. */
    private void choose(Chapter chapter, Map<SectionKind, Chapter> chosen, List<Chapter> chapters) {
        SectionKind kind = chapter.section().kind();
        Map<SectionKind, Chapter> tried = new EnumMap<>(SectionKind.class);
        tried.putAll(chosen);
        tried.put(kind, chapter);
        if (Assembly.around(laid(ordered(tried, chapters))).bottom() <= setting.height()) {
            chosen.put(kind, chapter);
        }
    }

    /** What stands across comes first, so that nothing beside it is left empty. */
    private List<Chapter> ordered(Map<SectionKind, Chapter> chosen, List<Chapter> chapters) {
        return chapters.stream()
                .map(chapter -> chapter.section().kind())
                .filter(chosen::containsKey)
                .sorted(Comparator.comparing(kind -> !across.contains(kind)))
                .map(chosen::get)
                .toList();
    }

    private List<Part> laid(List<Chapter> chapters) {
        double seam = 2 * setting.base();
        double wide = (setting.width() - seam * (columns - 1)) / columns;
        double[] bottoms = new double[columns];
        List<Part> parts = new ArrayList<>();
        for (Chapter chapter : chapters) {
            boolean wholeWidth = across.contains(chapter.section().kind());
            double width = wholeWidth ? setting.width() : wide;
            Part part = section(chapter, width);
            int column = wholeWidth ? 0 : shortest(bottoms);
            double from = wholeWidth ? Arrays.stream(bottoms).max().orElse(0) : bottoms[column];
            double y = from == 0 ? 0 : from + setting.gap() * 1.6;
            parts.add(part.moved(column * (wide + seam), y));
            double bottom = y + part.box().height();
            Arrays.fill(bottoms, wholeWidth ? 0 : column, wholeWidth ? columns : column + 1, bottom);
        }
        return parts;
    }

    private Part section(Chapter chapter, double width) {
        Setting place = setting.within(width);
        return GuideLayout.cover(chapter)
                .map(cover -> {
                    Part band = CoverPage.band(cover, place);
                    return new Part(
                            Tag.SECTION,
                            band.box(),
                            List.of(),
                            List.of(band),
                            "",
                            Optional.of(chapter.section().kind()));
                })
                .orElseGet(() -> Assembly.section(chapter.section().kind(), Blocks.of(chapter, true, place), width));
    }

    private static int shortest(double[] bottoms) {
        int column = 0;
        for (int i = 1; i < bottoms.length; i++) {
            column = bottoms[i] < bottoms[column] - 0.5 ? i : column;
        }
        return column;
    }
}
