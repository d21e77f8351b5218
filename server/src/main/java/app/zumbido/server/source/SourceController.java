package app.zumbido.server.source;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.WorstPlace;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Order;
import app.zumbido.core.extraction.Place;
import app.zumbido.core.extraction.Proposal;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.palette.Swatch;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.contrast.OverlayRequest;
import app.zumbido.server.contrast.WorstResponse;
import app.zumbido.server.http.Given;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.WireNames;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@RequestMapping("/api/brands/{id}")
class SourceController {
    private final SourceService service;
    private final SourcePixels pixels;

    SourceController(SourceService service, SourcePixels pixels) {
        this.service = service;
        this.pixels = pixels;
    }

    @GetMapping("/sources")
    List<SourceResponse> list(@PathVariable UUID id) {
        return service.list(id).stream().map(SourceResponse::of).toList();
    }

    @GetMapping("/sources/{sid}")
    SourceResponse source(@PathVariable UUID id, @PathVariable UUID sid) {
        return SourceResponse.of(service.find(id, sid));
    }

    @ResponseStatus(HttpStatus.CREATED)
    @PostMapping(path = "/sources", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ResponseEntity<SourceResponse> add(@PathVariable UUID id, @RequestPart("file") MultipartFile file)
            throws IOException {
        String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
        SourceRow row;
        try (InputStream content = file.getInputStream()) {
            row = service.find(id, service.add(id, name, content));
        }
        return ResponseEntity.created(URI.create("/api/brands/" + id + "/sources/" + row.id()))
                .body(SourceResponse.of(row));
    }

    /**
     * @param count the most to show, the ground not counted; absent: the machine decides
     * @param order absent: a sheet of chips in reading order, anything else by coverage
     */
    @GetMapping("/sources/{sid}/proposals")
    ProposalsResponse proposals(
            @PathVariable UUID id,
            @PathVariable UUID sid,
            @RequestParam(required = false) @Min(1) @Max(64) @Nullable Integer count,
            @RequestParam(required = false) @Nullable Order order,
            @RequestParam(required = false) @Nullable Reading reading) {
        Extraction extraction = service.extraction(id, sid, Optional.ofNullable(reading));
        Order asked = order == null ? extraction.usualOrder() : order;
        Map<Rgb, String> names = service.names(id, sid);
        Function<Rgb, Optional<Swatch>> sameAs = service.sameAs(id);
        return ProposalsResponse.of(
                extraction,
                asked,
                extraction.shown(Optional.ofNullable(count), asked).stream()
                        .map(proposal -> ProposalResponse.of(
                                proposal,
                                names.get(proposal.color()),
                                sameAs.apply(proposal.color()).orElse(null)))
                        .toList());
    }

    @GetMapping(path = "/sources/{sid}/picture", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable UUID id, @PathVariable UUID sid) {
        return unchanging(pixels.picture(id, sid));
    }

    @GetMapping(path = "/sources/{sid}/region/{hex}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> region(
            @PathVariable UUID id,
            @PathVariable UUID sid,
            @PathVariable String hex,
            @RequestParam(required = false) @Nullable Reading reading) {
        return unchanging(pixels.region(id, sid, Optional.ofNullable(reading), Given.color(hex)));
    }

    /** A source never changes, so what is made of it may be kept by the browser. */
    private static ResponseEntity<byte[]> unchanging(byte[] png) {
        return ResponseEntity.ok()
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
                .contentType(MediaType.IMAGE_PNG)
                .body(png);
    }

    /** What a file lists that shows no picture. */
    @GetMapping("/sources/{sid}/inventory")
    InventoryResponse inventory(@PathVariable UUID id, @PathVariable UUID sid) {
        return InventoryResponse.of(service.inventory(id, sid));
    }

    /** The theme of such a file becomes the brand's. */
    @PostMapping("/sources/{sid}/theme")
    ResponseEntity<BrandResponse> takeTheme(
            @PathVariable UUID id, @PathVariable UUID sid, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(service.takeTheme(id, sid, ifMatch));
    }

    /** A part of a picture, for the mood board, as a source of its own. */
    @ResponseStatus(HttpStatus.CREATED)
    @PostMapping("/sources/{sid}/crops")
    ResponseEntity<SourceResponse> crop(
            @PathVariable UUID id, @PathVariable UUID sid, @Valid @RequestBody CropRequest request) {
        SourceRow row = service.crop(id, sid, new Place(request.x(), request.y()), request.width(), request.height());
        return ResponseEntity.created(URI.create("/api/brands/" + id + "/sources/" + row.id()))
                .body(SourceResponse.of(row));
    }

    /** Judges a text over the picture where it is hardest to read. */
    @PostMapping("/sources/{sid}/contrast")
    WorstResponse judge(
            @PathVariable UUID id, @PathVariable UUID sid, @Valid @RequestBody TextOverPictureRequest request) {
        return WorstResponse.of(pixels.worstPlace(
                id,
                sid,
                Optional.ofNullable(request.frame()).map(FrameRequest::frame),
                Optional.ofNullable(request.overlay()).map(OverlayRequest::overlay),
                Given.color(request.text())));
    }

    /** Takes it off the sheet. */
    @DeleteMapping("/sources/{sid}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @PathVariable UUID sid) {
        service.remove(id, sid);
    }

    /** Puts back what was taken off. */
    @PostMapping("/sources/{sid}/return")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putBack(@PathVariable UUID id, @PathVariable UUID sid) {
        service.putBack(id, sid);
    }

    /**
     * @param overlay laid between the picture and the text
     * @param frame of the text; absent: anywhere on the picture
     */
    record TextOverPictureRequest(
            @Nullable @Valid FrameRequest frame,
            @Nullable @Valid OverlayRequest overlay,
            @NotNull @Size(max = 60) String text) {}

    /**
     * A part of the picture, in pixels; what reaches beyond the picture is cut off.
     *
     * @param x of the left edge
     * @param y of the upper edge
     */
    record FrameRequest(
            @NotNull @Min(0) Integer x,
            @NotNull @Min(0) Integer y,
            @NotNull @Min(1) Integer width,
            @NotNull @Min(1) Integer height) {
        WorstPlace.Frame frame() {
            return new WorstPlace.Frame(x, y, width, height);
        }
    }

    /**
     * @param width in pixels; absent if the file shows no picture
     * @param height in pixels; absent if the file shows no picture
     * @param crop whether it is a part cut out of another, for the mood board
     */
    record SourceResponse(
            UUID id,
            String name,
            String kind,
            @Nullable Integer width,
            @Nullable Integer height,
            boolean crop,
            Instant addedAt) {
        static SourceResponse of(SourceRow row) {
            return new SourceResponse(
                    row.id(), row.name(), row.kind(), row.width(), row.height(), row.isCrop(), row.addedAt());
        }
    }

    /**
     * @param reading artwork or photograph
     * @param order coverage, place, lightness or hue
     * @param sheet whether it is a sheet of chips
     * @param transparentGround whether the picture stands on nothing
     */
    record ProposalsResponse(
            String reading, String order, boolean sheet, boolean transparentGround, List<ProposalResponse> proposals) {
        static ProposalsResponse of(Extraction extraction, Order order, List<ProposalResponse> shown) {
            return new ProposalsResponse(
                    WireNames.of(extraction.reading()),
                    WireNames.of(order),
                    extraction.sheet(),
                    extraction.transparentGround(),
                    shown);
        }
    }

    /**
     * @param coverage share of the whole picture, 0 to 1
     * @param x pixels from the left
     * @param y pixels from the top
     * @param name as the file itself calls it
     * @param sameAs the swatch that nobody could tell from it
     */
    record ProposalResponse(
            String hex,
            String ink,
            double coverage,
            boolean ground,
            int x,
            int y,
            @Nullable String name,
            @Nullable UUID sameAs) {
        static ProposalResponse of(Proposal proposal, @Nullable String name, @Nullable Swatch same) {
            return new ProposalResponse(
                    proposal.color().hex(),
                    proposal.color().ink().hex(),
                    proposal.coverage().value(),
                    proposal.ground(),
                    proposal.place().x(),
                    proposal.place().y(),
                    name,
                    same == null ? null : same.id().value());
        }
    }

    /**
     * @param x of the left edge, in pixels
     * @param y of the upper edge, in pixels
     * @param width in pixels
     * @param height in pixels
     */
    record CropRequest(
            @NotNull @Min(0) Integer x,
            @NotNull @Min(0) Integer y,
            @NotNull @Min(1) Integer width,
            @NotNull @Min(1) Integer height) {}
}
