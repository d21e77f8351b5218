package app.zumbido.core.inspect.dress;

import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.FoundPage;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Written;
import app.zumbido.core.inspect.dress.DressWarning.Kind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What is told before a file is dressed. */
public final class DressWarnings {
    /** Widescreen and 4:3 are told apart by half of what lies between them. */
    private static final double SAME_RATIO = 0.05;

    private DressWarnings() {}

    /** Tells how long a line is. */
    @FunctionalInterface
    public interface Measure {
        /** @return in points */
        double width(Written run);
    }

    /**
     * What is known about a presentation besides its colours.
     *
     * @param ratio width for one unit of height of its slides; 0 of another kind of file
     * @param templateRatio the same of the brand's template
     * @param masters names
     */
    public record Shape(double ratio, double templateRatio, List<String> masters) {}

    /**
     * @param before lengths in the faces that the file has
     * @param after lengths in the brand's heading face
     */
    public static List<DressWarning> of(
            Findings findings, Shape shape, List<OldLogo> logos, Measure before, Measure after) {
        List<DressWarning> warnings = new ArrayList<>();
        if (findings.slots().isEmpty()) {
            warnings.add(new DressWarning(Kind.NO_THEME, List.of(), List.of(), 1));
        }
        if (shape.ratio() > 0 && Math.abs(shape.ratio() / shape.templateRatio() - 1) > SAME_RATIO) {
            warnings.add(new DressWarning(Kind.OTHER_SIZE, List.of(), List.of(), 1));
        }
        if (shape.masters().size() > 1) {
            warnings.add(new DressWarning(
                    Kind.SEVERAL_MASTERS,
                    List.of(),
                    shape.masters(),
                    shape.masters().size()));
        }
        List<Integer> hidden = findings.pages().stream()
                .filter(page -> page.hiding().isPresent())
                .map(FoundPage::number)
                .toList();
        add(Kind.HIDDEN_GRAPHICS, hidden, warnings);
        add(
                Kind.HEADINGS_WRAP,
                Headings.wrapping(findings, before, after).stream()
                        .map(Headings.Heading::page)
                        .distinct()
                        .toList(),
                warnings);
        List<OldLogo> old = logos.stream().filter(logo -> !logo.own()).toList();
        if (!old.isEmpty()) {
            warnings.add(new DressWarning(Kind.OLD_LOGO, pages(old), List.of(), old.size()));
        }
        fonts(findings, warnings);
        long pictures = findings.pictures().stream()
                .filter(picture ->
                        logos.stream().noneMatch(logo -> logo.picture().equals(picture)))
                .count();
        if (pictures > 0) {
            warnings.add(new DressWarning(
                    Kind.PICTURES,
                    findings.pictures().stream()
                            .filter(picture -> logos.stream()
                                    .noneMatch(logo -> logo.picture().equals(picture)))
                            .flatMap(picture -> picture.place().page().stream().boxed())
                            .distinct()
                            .toList(),
                    List.of(),
                    (int) pictures));
        }
        return warnings;
    }

    private static List<Integer> pages(List<OldLogo> logos) {
        return logos.stream()
                .flatMap(logo -> logo.picture().place().page().stream().boxed())
                .distinct()
                .toList();
    }

    private static void add(Kind kind, List<Integer> pages, List<DressWarning> warnings) {
        if (!pages.isEmpty()) {
            warnings.add(new DressWarning(kind, pages, List.of(), pages.size()));
        }
    }

    private static void fonts(Findings findings, List<DressWarning> warnings) {
        Map<String, Integer> families = new LinkedHashMap<>();
        for (Use use : findings.uses()) {
            use.written().filter(Written::byHand).ifPresent(it -> families.merge(it.family(), 1, Integer::sum));
        }
        if (!families.isEmpty()) {
            warnings.add(new DressWarning(
                    Kind.FONTS_BY_HAND,
                    List.of(),
                    List.copyOf(families.keySet()),
                    families.values().stream().mapToInt(Integer::intValue).sum()));
        }
    }
}
