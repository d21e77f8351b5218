package app.zumbido.formats.existing;

import app.zumbido.core.brand.guide.GuideNames;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.inspect.dress.DressLine;
import app.zumbido.core.inspect.dress.DressWarning;
import app.zumbido.formats.existing.ReportPage.Cell;
import java.util.ArrayList;
import java.util.List;

/** What was done to several files, to be passed on: a page that stands by itself. */
public final class DressReport {
    private final String brand;
    private final List<Entry> entries = new ArrayList<>();

    /**
     * One file.
     *
     * @param faults that are still in it
     * @param seen what a line has become
     */
    public record Entry(String file, List<Line> lines, List<DressWarning> warnings, List<Fault> faults) {}

    /** A colour and what it has become. */
    public record Line(DressLine line, Rgb seen) {}

    /** A file that could not be dressed, and why. */
    private record Refused(String file, String why) {}

    private final List<Refused> refused = new ArrayList<>();

    /** @param brand that they wear from now on */
    public DressReport(String brand) {
        this.brand = brand;
    }

    public void add(Entry entry) {
        entries.add(entry);
    }

    public void refuse(String file, String why) {
        refused.add(new Refused(file, why));
    }

    public byte[] html(FaultWords words) {
        ReportPage page = new ReportPage(brand + ": files dressed", brand);
        page.paragraph(entries.size()
                + (entries.size() == 1 ? " file dressed" : " files dressed")
                + (refused.isEmpty() ? "" : ", " + refused.size() + " refused"));
        refused.forEach(one -> page.paragraph(one.file() + ": " + one.why()));
        entries.forEach(entry -> section(entry, words, page));
        return page.bytes();
    }

    private static void section(Entry entry, FaultWords words, ReportPage page) {
        page.heading(entry.file());
        page.tableHead("Old", "How often, what for", "New", "Because");
        for (Line one : entry.lines()) {
            DressLine line = one.line();
            page.row(
                    Cell.of(line.color(), line.color().digits()),
                    Cell.of(line.count() + " " + DressWords.what(line)),
                    Cell.of(
                            one.seen(),
                            one.seen().digits() + " "
                                    + GuideNames.of(line.becomes().slot())),
                    Cell.of(DressWords.because(line)));
        }
        page.tableEnd();
        entry.warnings().forEach(warning -> page.paragraph(DressWords.warning(warning)));
        page.paragraph(entry.faults().isEmpty() ? "Nothing is off in it now." : "Still to look at:");
        page.list(entry.faults().stream()
                .map(fault -> FaultWords.place(fault) + ": " + words.reason(fault))
                .toList());
    }
}
