package app.zumbido.server.existing;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.recolor.Deal;
import app.zumbido.core.recolor.Graphic;
import app.zumbido.formats.recolor.GraphicFile;
import app.zumbido.server.existing.ExistingFileController.ExistingFileResponse;
import app.zumbido.server.existing.RecolorWire.AreasResponse;
import app.zumbido.server.existing.RecolorWire.DealRequest;
import app.zumbido.server.existing.RecolorWire.DealResponse;
import app.zumbido.server.existing.RecolorWire.DealsResponse;
import app.zumbido.server.existing.RecolorWire.DuotoneRequest;
import app.zumbido.server.existing.RecolorWire.MarkedFrameRequest;
import app.zumbido.server.existing.RecolorWire.RecolorRequest;
import app.zumbido.server.existing.RecolorWire.SetMember;
import app.zumbido.server.existing.RecolorWire.WeighRequest;
import app.zumbido.server.http.FileStem;
import app.zumbido.server.http.Given;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Graphics that take the brand's colours. */
@RestController
@RequestMapping("/api/brands/{id}/files/{fid}")
class RecolorController {
    private final ExistingFiles files;
    private final Recoloring recoloring;
    private final Deals deals;
    private final Graphics graphics;
    private final BrandKeeper keeper;

    RecolorController(ExistingFiles files, Recoloring recoloring, Deals deals, Graphics graphics, BrandKeeper keeper) {
        this.files = files;
        this.recoloring = recoloring;
        this.deals = deals;
        this.graphics = graphics;
        this.keeper = keeper;
    }

    private List<ExistingFileRow> rows(UUID id, UUID fid, @Nullable List<UUID> with) {
        List<ExistingFileRow> rows = new ArrayList<>(List.of(files.find(id, fid)));
        if (with != null) {
            with.stream()
                    .distinct()
                    .filter(other -> !other.equals(fid))
                    .forEach(other -> rows.add(files.find(id, other)));
        }
        return rows;
    }

    private Brand brand(UUID id) {
        return keeper.look(id, null).brand();
    }

    /**
     * The colours of a graphic with where each is seen best.
     *
     * @param difference how near colours lie that count as one; ΔE00, 0 to 30, usually 3
     * @param with other graphics that take the same mapping
     * @param marked where what takes part lies, x, y, width and height in shares; absent: everything does
     */
    @GetMapping("/areas")
    AreasResponse areas(
            @PathVariable UUID id,
            @PathVariable UUID fid,
            @RequestParam(required = false) @Min(0) @Max(30) @Nullable Double difference,
            @RequestParam(required = false) @Nullable List<UUID> with,
            @RequestParam(required = false) @Nullable List<String> marked) {
        ExistingFileRow row = files.find(id, fid);
        GraphicFile graphic = graphics.of(row);
        if (graphic.isPhotograph()) {
            return AreasResponse.photograph(graphic);
        }
        Deals.Wish wish = RecolorWire.wish(difference, MarkedFrameRequest.parse(marked));
        return AreasResponse.of(graphic, deals.areas(rows(id, fid, with), wish), deals.areas(List.of(row), wish));
    }

    /** Arrangements of the brand's colours over the graphic, best first, none twice; fewer where no more differ visibly. */
    @PostMapping("/deals")
    DealsResponse deals(@PathVariable UUID id, @PathVariable UUID fid, @Valid @RequestBody DealRequest request) {
        List<ExistingFileRow> rows = rows(id, fid, request.with());
        Deals.Wish wish = RecolorWire.wish(request);
        Graphic areas = deals.areas(rows, wish);
        int count = request.count() == null ? 1 : request.count();
        return new DealsResponse(deals.deals(rows, brand(id), wish, count).stream()
                .map(deal -> DealResponse.of(deal, areas))
                .toList());
    }

    /** What an arrangement that somebody made costs, and where touching areas are told apart less than before. */
    @PostMapping("/deals/weigh")
    DealResponse weigh(@PathVariable UUID id, @PathVariable UUID fid, @Valid @RequestBody WeighRequest request) {
        List<ExistingFileRow> rows = rows(id, fid, request.wish().with());
        Deals.Wish wish = RecolorWire.wish(request.wish());
        Deal deal = deals.weigh(rows, brand(id), wish, RecolorWire.mapping(request.mapping()));
        return DealResponse.of(deal, deals.areas(rows, wish));
    }

    /** Writes the colours in; a drawing keeps everything else to the byte, a picture becomes a PNG. */
    @PostMapping("/recolor")
    ResponseEntity<ExistingFileResponse> recolor(
            @PathVariable UUID id, @PathVariable UUID fid, @Valid @RequestBody RecolorRequest request) {
        return ExistingFileController.created(recoloring.recolor(
                files.find(id, fid),
                brand(id),
                RecolorWire.mapping(request.mapping()),
                RecolorWire.frames(request.marked()),
                Boolean.TRUE.equals(request.variables())));
    }

    /**
     * What it would look like; nothing is kept.
     *
     * @param mapping what colours become, as in {@code 24406E-0F7C7A}
     * @param marked where what takes part lies, as in {@code 0.1,0.1,0.5,0.5}: x, y, width and height in shares
     * @param side the longer side of the picture; pixels
     */
    @GetMapping(path = "/recolor/picture", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> picture(
            @PathVariable UUID id,
            @PathVariable UUID fid,
            @RequestParam(required = false) @Nullable List<String> mapping,
            @RequestParam(required = false) @Nullable List<String> marked,
            @RequestParam(defaultValue = "900") @Min(16) @Max(1200) int side) {
        Map<Rgb, Rgb> becomes = new LinkedHashMap<>();
        if (mapping != null) {
            for (String pair : mapping) {
                int dash = pair.indexOf('-');
                becomes.put(Given.color(pair.substring(0, Math.max(0, dash))), Given.color(pair.substring(dash + 1)));
            }
        }
        ExistingFileRow row = files.find(id, fid);
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache())
                .contentType(MediaType.IMAGE_PNG)
                .body(recoloring.preview(row, becomes, MarkedFrameRequest.parse(marked), side));
    }

    /**
     * The graphic as a PNG file.
     *
     * @param scale how many pixels for one of its own, 1 to 4; pictures of pixels only come in their own
     */
    @GetMapping(path = "/png", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> asPng(
            @PathVariable UUID id,
            @PathVariable UUID fid,
            @RequestParam(defaultValue = "1") @Min(1) @Max(4) int scale) {
        ExistingFileRow row = files.find(id, fid);
        String name = FileStem.of(row.name().replaceAll("\\.[^.]{1,5}$", "")) + (scale == 1 ? "" : "@" + scale + "x")
                + ".png";
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(MediaType.IMAGE_PNG)
                .body(recoloring.png(row, scale));
    }

    /** A photograph in two colours, as a new file. */
    @PostMapping("/duotone")
    ResponseEntity<ExistingFileResponse> duotone(
            @PathVariable UUID id, @PathVariable UUID fid, @Valid @RequestBody DuotoneRequest request) {
        return ExistingFileController.created(
                recoloring.duotone(files.find(id, fid), Given.color(request.dark()), Given.color(request.light())));
    }

    /** Other graphics that share most of this one's colours: they were drawn as a set. */
    @GetMapping("/set")
    List<SetMember> set(@PathVariable UUID id, @PathVariable UUID fid) {
        return recoloring.set(files.find(id, fid)).stream()
                .map(row -> new SetMember(row.id(), row.name()))
                .toList();
    }
}
