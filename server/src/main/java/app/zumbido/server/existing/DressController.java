package app.zumbido.server.existing;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.dress.DressLine;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.server.existing.DressWire.DressPlanResponse;
import app.zumbido.server.existing.DressWire.DressRequest;
import app.zumbido.server.existing.DressWire.FileColorResponse;
import app.zumbido.server.existing.DressWire.MappedColor;
import app.zumbido.server.existing.Dressings.Wishes;
import app.zumbido.server.existing.ExistingFileController.ExistingFileResponse;
import app.zumbido.server.http.Given;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Putting the brand on a file: what its colours become, what is told before, and doing it. */
@RestController
@RequestMapping("/api/brands/{id}/files/{fid}")
class DressController {
    private final ExistingFiles files;
    private final Dressings dressings;
    private final PagePictures pictures;
    private final BrandKeeper keeper;

    DressController(ExistingFiles files, Dressings dressings, PagePictures pictures, BrandKeeper keeper) {
        this.pictures = pictures;
        this.files = files;
        this.dressings = dressings;
        this.keeper = keeper;
    }

    /**
     * Each colour of the file once, most used first.
     *
     * @param theme the one that the file is dressed in; absent: the one that is handed over first
     */
    @GetMapping("/colors")
    List<FileColorResponse> colors(
            @PathVariable UUID id, @PathVariable UUID fid, @RequestParam(required = false) @Nullable UUID theme) {
        Map<Rgb, List<DressLine>> byColor = new LinkedHashMap<>();
        Look look = keeper.look(id, theme);
        for (DressLine line : dressings.colors(files.find(id, fid), look)) {
            byColor.computeIfAbsent(line.color(), color -> new ArrayList<>()).add(line);
        }
        boolean filled = look.theme().unfilled().isEmpty();
        return byColor.values().stream()
                .map(lines -> FileColorResponse.of(lines, filled))
                .sorted((one, other) -> Integer.compare(other.count(), one.count()))
                .toList();
    }

    /** What will be done, and what is told before anything is. */
    @PostMapping("/dress/plan")
    DressPlanResponse plan(
            @PathVariable UUID id,
            @PathVariable UUID fid,
            @RequestParam(required = false) @Nullable UUID theme,
            @Valid @RequestBody DressRequest request) {
        return DressPlanResponse.of(dressings.plan(files.find(id, fid), keeper.look(id, theme), wishes(request)));
    }

    /** Writes theme and fonts in, brings colours by hand to slots, and puts the logo in the place of the old one. */
    @PostMapping("/dress")
    ResponseEntity<ExistingFileResponse> dress(
            @PathVariable UUID id,
            @PathVariable UUID fid,
            @RequestParam(required = false) @Nullable UUID theme,
            @Valid @RequestBody DressRequest request) {
        return ExistingFileController.created(
                dressings.dress(files.find(id, fid), keeper.look(id, theme), wishes(request)));
    }

    /**
     * What a page would look like; nothing is kept.
     *
     * @param number 1 for the first
     * @param mapping what colours become, as in {@code 24406E-accent1}
     */
    @GetMapping(path = "/dress/pages/{number}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> page(
            @PathVariable UUID id,
            @PathVariable UUID fid,
            @PathVariable int number,
            @RequestParam(required = false) @Nullable UUID theme,
            @RequestParam(required = false) @Nullable List<String> mapping,
            @RequestParam(required = false) @Nullable List<String> leftMasters,
            @RequestParam(required = false) @Nullable Boolean leftLogos,
            @RequestParam(required = false) @Nullable Boolean smallerHeadings,
            @RequestParam(required = false) @Nullable Boolean templateMaster) {
        ExistingFileRow row = files.find(id, fid);
        Look look = keeper.look(id, theme);
        List<MappedColor> mapped = mapping == null
                ? List.of()
                : mapping.stream().map(MappedColor::parse).toList();
        Wishes wishes = wishes(new DressRequest(mapped, leftMasters, leftLogos, smallerHeadings, templateMaster));
        String key = " dressed " + look.brand().revision() + look.themeId() + wishes;
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache())
                .contentType(MediaType.IMAGE_PNG)
                .body(pictures.draw(row, key, number, () -> dressings.dressed(row, look, wishes))
                        .png());
    }

    private static Wishes wishes(DressRequest request) {
        Map<Rgb, ThemeSlot> mapping = new LinkedHashMap<>();
        if (request.mapping() != null) {
            for (MappedColor mapped : request.mapping()) {
                mapping.put(
                        Given.color(mapped.from()),
                        ThemeSlot.ofCode(mapped.slot())
                                .orElseThrow(() -> ExistingFileException.unknownSlot(mapped.slot())));
            }
        }
        return new Wishes(
                mapping,
                request.leftMasters() == null ? Set.of() : Set.copyOf(request.leftMasters()),
                Boolean.TRUE.equals(request.leftLogos()),
                Boolean.TRUE.equals(request.smallerHeadings()),
                Boolean.TRUE.equals(request.templateMaster()));
    }
}
