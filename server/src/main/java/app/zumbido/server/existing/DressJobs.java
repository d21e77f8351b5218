package app.zumbido.server.existing;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.existing.DressReport;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.server.existing.Dressings.Plan;
import app.zumbido.server.existing.Dressings.Wishes;
import app.zumbido.server.http.FileStem;
import app.zumbido.server.http.Given;
import app.zumbido.server.job.JobMaker;
import app.zumbido.server.job.JobRequest;
import app.zumbido.server.job.JobWork;
import app.zumbido.server.trail.BrandKeeper;
import java.io.IOException;
import java.io.OutputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Many files are dressed one after the other, with one report. Those that are done stay when the job is stopped. */
@Component
class DressJobs implements JobMaker {
    private final ExistingFiles files;
    private final Dressings dressings;
    private final Checks checks;
    private final BrandKeeper keeper;

    DressJobs(ExistingFiles files, Dressings dressings, Checks checks, BrandKeeper keeper) {
        this.files = files;
        this.dressings = dressings;
        this.checks = checks;
        this.keeper = keeper;
    }

    @Override
    public String kind() {
        return "files";
    }

    @Override
    public JobWork make(JobRequest request) {
        Look look = keeper.look(request.brandId(), request.themeId());
        List<ThemeSlot> unfilled = look.theme().unfilled();
        if (!unfilled.isEmpty()) {
            throw ExistingFileException.themeUnfilled(unfilled);
        }
        List<String> items = request.items() == null ? List.of() : request.items();
        List<ExistingFileRow> rows = items.stream()
                .map(item -> files.find(request.brandId(), id(item)))
                .toList();
        Map<Rgb, ThemeSlot> mapping = new HashMap<>();
        if (request.mapping() != null) {
            request.mapping()
                    .forEach((hex, slot) -> mapping.put(
                            Given.color(hex),
                            ThemeSlot.ofCode(slot).orElseThrow(() -> ExistingFileException.unknownSlot(slot))));
        }
        return new Dressed(look, rows, mapping);
    }

    private static UUID id(String text) {
        try {
            return UUID.fromString(text);
        } catch (IllegalArgumentException e) {
            throw new UnknownFileException(new UUID(0, 0));
        }
    }

    /** The work on some files of one brand. */
    private final class Dressed implements JobWork {
        private final Look look;
        private final List<ExistingFileRow> rows;
        private final Map<Rgb, ThemeSlot> mapping;

        Dressed(Look look, List<ExistingFileRow> rows, Map<Rgb, ThemeSlot> mapping) {
            this.look = look;
            this.rows = rows;
            this.mapping = mapping;
        }

        @Override
        public String fileName() {
            return FileStem.of(look.brand().name()) + "-files-dressed.html";
        }

        @Override
        public String mediaType() {
            return "text/html;charset=UTF-8";
        }

        @Override
        public int steps() {
            return Math.max(1, rows.size());
        }

        @Override
        public void write(OutputStream out, Runnable step) throws IOException {
            DressReport report = new DressReport(look.brand().name());
            for (ExistingFileRow row : rows) {
                try {
                    report.add(dress(row));
                } catch (UnreadableImageException e) {
                    report.refuse(row.name(), String.valueOf(e.getMessage()));
                }
                step.run();
            }
            out.write(report.html(checks.words(look, WcagLevel.AA)));
        }

        /** A mapping is for all of the files; one that lacks a colour is dressed without it. */
        private DressReport.Entry dress(ExistingFileRow row) {
            Set<Rgb> known = dressings.known(row);
            Map<Rgb, ThemeSlot> own = new HashMap<>(mapping);
            own.keySet().retainAll(known);
            Wishes wishes = new Wishes(own, Set.of(), false, false, false);
            Plan plan = dressings.plan(row, look, wishes);
            ExistingFileRow dressed = dressings.dress(row, look, wishes);
            List<Fault> faults = checks.faults(dressed, look, WcagLevel.AA).stream()
                    .filter(judged -> judged.left().isEmpty())
                    .map(Checks.Judged::fault)
                    .toList();
            return new DressReport.Entry(
                    row.name(),
                    plan.table().stream()
                            .map(line -> new DressReport.Line(line, plan.seen(line)))
                            .toList(),
                    plan.warnings(),
                    faults);
        }
    }
}
