package app.zumbido.server.existing;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.inspect.check.FaultKind;
import app.zumbido.core.inspect.check.Mending;
import app.zumbido.formats.existing.FaultReport;
import app.zumbido.formats.existing.FaultWords;
import app.zumbido.server.existing.Checks.Judged;
import app.zumbido.server.existing.ExistingFileController.ExistingFileResponse;
import app.zumbido.server.http.WireNames;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
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

    /**
     * @param faults ids of those that are mended
     * @param all safe, or a kind; where faults are named it is not looked at
     * @param ways by the id of a fault which of its ways is gone, 0 first; absent: the first
     */
    record MendRequest(
            @Nullable @Size(max = 20_000) List<String> faults,
            @Nullable String all,
            @Nullable Map<String, Integer> ways) {}

    /** @param because may be empty */
    record LeaveRequest(@NotNull @Size(max = 200) String because) {}

    /**
     * @param kind by-hand, near-brand, outside, off-limits, contrast, highlight, hierarchy, too-many, too-few, clash,
     *     chart-order, chart-alike, tints-first, font-outside, font-missing, size, logo-missing, logo-stretched, logo-ground
     * @param title what all faults of the kind are
     * @param reason why it is one, in one sentence
     * @param where it is, in plain words
     * @param page 1 first; absent where the file does not say where its pages end
     * @param place what it is in, in the file's own words
     * @param shape number of the shape on its page
     * @param paragraph in it, 0 first
     * @param frame about where on the page it is, in shares of it; its places tell exactly
     * @param text what is written there
     * @param pages on how many it is seen
     * @param hex the colour that is off
     * @param ground what it really stands on
     * @param ratio of the two, unrounded
     * @param measure of near-brand and outside ΔE00, of too-many and highlight a number, of size points, of a logo how much
     *     too wide it is
     * @param needed what ratio or measure should be
     * @param other a second colour that takes part
     * @param word a family, a slot or a series
     * @param safe whether mending changes nothing that anybody sees
     * @param perhaps whether it needs judgement
     * @param mendings ways to mend it, the best first
     * @param left whether it was left on purpose, and why
     */
    record FaultResponse(
            String id,
            String kind,
            String title,
            String reason,
            String where,
            @Nullable Integer page,
            String place,
            @Nullable Integer shape,
            @Nullable Integer paragraph,
            @Nullable FrameResponse frame,
            String text,
            int pages,
            @Nullable String hex,
            @Nullable String ground,
            @Nullable Double ratio,
            @Nullable Double measure,
            @Nullable Double needed,
            @Nullable String other,
            @Nullable String word,
            boolean safe,
            boolean perhaps,
            List<MendingResponse> mendings,
            @Nullable LeftResponse left) {
        static FaultResponse of(Judged judged, FaultWords words) {
            Fault fault = judged.fault();
            Place place = fault.place();
            return new FaultResponse(
                    fault.id(),
                    WireNames.of(fault.kind()),
                    FaultWords.kind(fault.kind()),
                    words.reason(fault),
                    FaultWords.place(fault),
                    place.page().isPresent() ? place.page().getAsInt() : null,
                    place.thing(),
                    place.shape().isPresent() ? place.shape().getAsInt() : null,
                    place.paragraph().isPresent() ? place.paragraph().getAsInt() : null,
                    place.frame().map(FrameResponse::of).orElse(null),
                    fault.text(),
                    fault.pages(),
                    fault.color().map(Rgb::hex).orElse(null),
                    fault.ground().map(Rgb::hex).orElse(null),
                    fault.ratio().map(ContrastRatio::value).orElse(null),
                    number(fault.measure()),
                    number(fault.needed()),
                    fault.other().map(Rgb::hex).orElse(null),
                    fault.word().orElse(null),
                    fault.safe(),
                    fault.perhaps(),
                    fault.mendings().stream()
                            .map(mending -> MendingResponse.of(mending, words))
                            .toList(),
                    judged.left()
                            .map(left -> new LeftResponse(left.because(), left.leftAt()))
                            .orElse(null));
        }

        private static @Nullable Double number(OptionalDouble number) {
            return number.isPresent() ? number.getAsDouble() : null;
        }
    }

    /** Shares of the page, from its upper left corner. */
    record FrameResponse(double x, double y, double width, double height) {
        static FrameResponse of(Frame frame) {
            return new FrameResponse(frame.x(), frame.y(), frame.width(), frame.height());
        }
    }

    /**
     * @param kind through-slot, nearest-brand, slot-that-is-meant, until-read, font-of-brand, size-of-brand, large-enough,
     *     chart-in-order, show-graphics, in-proportion or logo-for-ground
     * @param title what is done
     * @param outcome what comes of it
     * @param hex what is seen then
     * @param slot by which it follows the theme
     * @param ratio to what it stands on, unrounded
     * @param word a family, a size or a version
     */
    record MendingResponse(
            String kind,
            String title,
            String outcome,
            @Nullable String hex,
            @Nullable String slot,
            @Nullable Double ratio,
            @Nullable String word) {
        static MendingResponse of(Mending mending, FaultWords words) {
            return new MendingResponse(
                    WireNames.of(mending.kind()),
                    FaultWords.mending(mending),
                    words.outcome(mending),
                    mending.color().map(Rgb::hex).orElse(null),
                    mending.slot().map(slot -> slot.slot().code()).orElse(null),
                    mending.ratio().map(ContrastRatio::value).orElse(null),
                    mending.word().filter(word -> !word.isEmpty()).orElse(null));
        }
    }

    record LeftResponse(String because, Instant at) {}
}
