package app.zumbido.server.existing;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.inspect.check.FaultKind;
import app.zumbido.formats.existing.FaultReport;
import app.zumbido.formats.existing.FaultWords;
import app.zumbido.server.existing.Checks.Judged;
import app.zumbido.server.existing.ExistingFileController.ExistingFileResponse;
import app.zumbido.server.existing.FaultWire.FaultResponse;
import app.zumbido.server.existing.FaultWire.LeaveRequest;
import app.zumbido.server.existing.FaultWire.MendRequest;
import app.zumbido.server.http.WireNames;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is off in a file, mending it, and leaving it on purpose. */
@RestController
@RequestMapping("/api/brands/{id}/files/{fid}")
class FaultController {
    private static final String SAFE = "safe";

    private final ExistingFiles files;
    private final Checks checks;
    private final PagePictures pictures;
    private final BrandKeeper keeper;

    FaultController(ExistingFiles files, Checks checks, PagePictures pictures, BrandKeeper keeper) {
        this.pictures = pictures;
        this.files = files;
        this.checks = checks;
        this.keeper = keeper;
    }

    /**
     * @param theme the one that the file should wear; absent: the one that is handed over first
     * @param left whether those that were left on purpose are told too
     */
    @GetMapping("/faults")
    List<FaultResponse> faults(
            @PathVariable UUID id,
            @PathVariable UUID fid,
            @RequestParam(defaultValue = "AA") WcagLevel level,
            @RequestParam(required = false) @Nullable UUID theme,
            @RequestParam(defaultValue = "false") boolean left) {
        ExistingFileRow row = files.find(id, fid);
        Look look = keeper.look(id, theme);
        FaultWords words = checks.words(look, level);
        return checks.faults(row, look, level).stream()
                .filter(judged -> left || judged.left().isEmpty())
                .map(judged -> FaultResponse.of(judged, words))
                .toList();
    }

    /** Mends some faults, all of a kind, or all that can be mended without anybody seeing a difference. */
    @PostMapping("/mend")
    ResponseEntity<ExistingFileResponse> mend(
            @PathVariable UUID id,
            @PathVariable UUID fid,
            @RequestParam(defaultValue = "AA") WcagLevel level,
            @RequestParam(required = false) @Nullable UUID theme,
            @Valid @RequestBody MendRequest request) {
        ExistingFileRow row = files.find(id, fid);
        Look look = keeper.look(id, theme);
        Map<String, Integer> ways = request.ways() == null ? Map.of() : request.ways();
        return ExistingFileController.created(
                checks.mend(row, look, level, new Checks.Order(which(request, row, look, level), ways)));
    }

    /**
     * What a page would look like with one fault mended; nothing is kept.
     *
     * @param number 1 for the first
     * @param way which of its ways is gone, 0 first
     */
    @GetMapping(path = "/mend/pages/{number}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> page(
            @PathVariable UUID id,
            @PathVariable UUID fid,
            @PathVariable int number,
            @RequestParam String fault,
            @RequestParam(defaultValue = "0") int way,
            @RequestParam(defaultValue = "AA") WcagLevel level,
            @RequestParam(required = false) @Nullable UUID theme) {
        ExistingFileRow row = files.find(id, fid);
        Look look = keeper.look(id, theme);
        Checks.Order order = new Checks.Order(checks.named(row, look, level, Set.of(fault)), Map.of(fault, way));
        String key = " mended " + look.brand().revision() + look.themeId() + level + fault + " " + way;
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache())
                .contentType(MediaType.IMAGE_PNG)
                .body(pictures.draw(row, key, number, () -> checks.mended(row, look, level, order))
                        .png());
    }

    private Predicate<Judged> which(MendRequest request, ExistingFileRow row, Look look, WcagLevel level) {
        if (request.faults() != null) {
            return checks.named(row, look, level, Set.copyOf(request.faults()));
        }
        String all = request.all() == null ? "" : request.all();
        if (all.equals(SAFE)) {
            return Checks.safe();
        }
        return Arrays.stream(FaultKind.values())
                .filter(kind -> WireNames.of(kind).equals(all))
                .findFirst()
                .map(Checks::ofKind)
                .orElseThrow(() -> ExistingFileException.noSuchFaults(List.of(all)));
    }

    /**
     * What is off, to be passed on; with what was left on purpose.
     *
     * @param format html or csv
     */
    @GetMapping("/report")
    ResponseEntity<byte[]> report(
            @PathVariable UUID id,
            @PathVariable UUID fid,
            @RequestParam(defaultValue = "html") @Pattern(regexp = "html|csv") String format,
            @RequestParam(defaultValue = "AA") WcagLevel level,
            @RequestParam(required = false) @Nullable UUID theme) {
        ExistingFileRow row = files.find(id, fid);
        FaultReport report = checks.report(row, keeper.look(id, theme), level);
        boolean table = format.equals("csv");
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(row.name() + " checked." + format, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(new MediaType("text", table ? "csv" : "html", StandardCharsets.UTF_8))
                .body(table ? report.csv() : report.html());
    }

    /** Leaves a fault on purpose; it is remembered for the next version of the file. */
    @PutMapping("/left/{fault}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(
            @PathVariable UUID id,
            @PathVariable UUID fid,
            @PathVariable String fault,
            @Valid @RequestBody LeaveRequest request) {
        checks.leave(
                files.find(id, fid),
                keeper.look(id, null),
                WcagLevel.AA,
                fault,
                Optional.of(request.because().strip()));
    }

    /** Takes that back. */
    @DeleteMapping("/left/{fault}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable UUID id, @PathVariable UUID fid, @PathVariable String fault) {
        checks.leave(files.find(id, fid), keeper.look(id, null), WcagLevel.AA, fault, Optional.empty());
    }
}
