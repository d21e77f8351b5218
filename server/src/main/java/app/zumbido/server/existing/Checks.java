package app.zumbido.server.existing;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.check.Check;
import app.zumbido.core.inspect.check.Edit;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.inspect.check.FaultKind;
import app.zumbido.core.inspect.check.Mending;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.existing.ExistingFile;
import app.zumbido.formats.existing.FaultReport;
import app.zumbido.formats.existing.FaultWords;
import app.zumbido.formats.existing.FileLogos;
import app.zumbido.formats.uses.Changes;
import app.zumbido.server.delivery.BrandFiles;
import app.zumbido.server.existing.ExistingFileMapper.LeftRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What is off in files, and mending it. */
@Service
class Checks {
    private final ExistingFiles files;
    private final BrandFiles brandFiles;
    private final Graphics graphics;

    Checks(ExistingFiles files, BrandFiles brandFiles, Graphics graphics) {
        this.graphics = graphics;
        this.files = files;
        this.brandFiles = brandFiles;
    }

    /** A fault and what was said about it; nothing if it was not left on purpose. */
    record Judged(Fault fault, Optional<LeftRow> left) {}

    /** @return those that were left on purpose too */
    List<Judged> faults(ExistingFileRow row, Look look, WcagLevel level) {
        Map<String, LeftRow> left = files.left(row).stream().collect(Collectors.toMap(LeftRow::fault, it -> it));
        return found(row, look, level).stream()
                .map(fault -> new Judged(fault, Optional.ofNullable(left.get(fault.id()))))
                .toList();
    }

    FaultReport report(ExistingFileRow row, Look look, WcagLevel level) {
        List<FaultReport.Line> lines = faults(row, look, level).stream()
                .map(judged ->
                        new FaultReport.Line(judged.fault(), judged.left().map(LeftRow::because)))
                .toList();
        return new FaultReport(row.name(), look.brand().name(), lines, words(look, level));
    }

    FaultWords words(Look look, WcagLevel level) {
        return new FaultWords(Houses.of(look, brandFiles.assets(look.brand()), level));
    }

    private List<Fault> found(ExistingFileRow row, Look look, WcagLevel level) {
        Findings findings = files.findings(row);
        Assets assets = brandFiles.assets(look.brand());
        House house = Houses.of(look, assets, level);
        try (ExistingFile file = ExistingFile.open(files.content(row))) {
            return Check.of(findings, house, new FileLogos(file, assets, graphics::inside));
        }
    }

    /** Which faults are mended, and by which of their ways. */
    record Order(Predicate<Judged> which, Map<String, Integer> ways) {}

    /** @return the mended file, as a new one */
    ExistingFileRow mend(ExistingFileRow row, Look look, WcagLevel level, Order order) {
        return files.add(row.brandId(), mended(row, look, level, order), new ExistingFiles.Made("mend", row));
    }

    /** @return the file as it would be */
    byte[] mended(ExistingFileRow row, Look look, WcagLevel level, Order order) {
        List<Edit> edits = new ArrayList<>();
        for (Judged judged : faults(row, look, level)) {
            List<Mending> mendings = judged.fault().mendings();
            int way = order.ways().getOrDefault(judged.fault().id(), 0);
            if (order.which().test(judged) && way >= 0 && way < mendings.size()) {
                edits.addAll(mendings.get(way).edits());
            }
        }
        if (edits.isEmpty()) {
            throw ExistingFileException.nothingToMend();
        }
        Assets assets = brandFiles.assets(look.brand());
        try (ExistingFile file = ExistingFile.open(files.content(row))) {
            return file.with(new Changes(edits, Optional.empty(), assets::logo));
        }
    }

    /** @throws ExistingFileException if the file has no fault of one of these ids */
    Predicate<Judged> named(ExistingFileRow row, Look look, WcagLevel level, Set<String> ids) {
        Set<String> known = faults(row, look, level).stream()
                .map(judged -> judged.fault().id())
                .collect(Collectors.toSet());
        List<String> unknown =
                ids.stream().filter(id -> !known.contains(id)).sorted().toList();
        if (!unknown.isEmpty()) {
            throw ExistingFileException.noSuchFaults(unknown);
        }
        return judged -> ids.contains(judged.fault().id());
    }

    static Predicate<Judged> safe() {
        return judged -> judged.fault().safe() && judged.left().isEmpty();
    }

    static Predicate<Judged> ofKind(FaultKind kind) {
        return judged -> judged.fault().kind() == kind && judged.left().isEmpty();
    }

    /** Leaves a fault on purpose, or takes that back. */
    void leave(ExistingFileRow row, Look look, WcagLevel level, String fault, Optional<String> because) {
        named(row, look, level, Set.of(fault));
        because.ifPresentOrElse(reason -> files.leave(row, fault, reason), () -> files.takeBack(row, fault));
    }
}
