package app.zumbido.server.existing;

import app.zumbido.core.inspect.Frame;
import app.zumbido.formats.delivery.FolderZip;
import app.zumbido.formats.ooxml.DrawnPage;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
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
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Files that exist, beside a brand. */
@RestController
@RequestMapping("/api/brands/{id}/files")
class ExistingFileController {
    private static final Map<String, String> MEDIA_TYPES = Map.ofEntries(
            Map.entry("pptx", "application/vnd.openxmlformats-officedocument.presentationml.presentation"),
            Map.entry("docx", "application/vnd.openxmlformats-officedocument.wordprocessingml.document"),
            Map.entry("xlsx", "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"),
            Map.entry("odp", "application/vnd.oasis.opendocument.presentation"),
            Map.entry("odt", "application/vnd.oasis.opendocument.text"),
            Map.entry("ods", "application/vnd.oasis.opendocument.spreadsheet"),
            Map.entry("svg", "image/svg+xml"),
            Map.entry("png", "image/png"),
            Map.entry("jpeg", "image/jpeg"),
            Map.entry("gif", "image/gif"),
            Map.entry("bmp", "image/bmp"),
            Map.entry("webp", "image/webp"));

    private final ExistingFiles files;
    private final PagePictures pictures;

    ExistingFileController(ExistingFiles files, PagePictures pictures) {
        this.files = files;
        this.pictures = pictures;
    }

    /** Oldest first. */
    @GetMapping
    List<ExistingFileResponse> list(@PathVariable UUID id) {
        return files.list(id).stream().map(ExistingFileResponse::of).toList();
    }

    @GetMapping("/{fid}")
    ExistingFileResponse file(@PathVariable UUID id, @PathVariable UUID fid) {
        return ExistingFileResponse.of(files.find(id, fid));
    }

    /** A presentation, document or workbook, or a template of one; a drawing or a picture. The next version of a file is recognised. */
    @ResponseStatus(HttpStatus.CREATED)
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ResponseEntity<ExistingFileResponse> add(@PathVariable UUID id, @RequestPart("file") MultipartFile file)
            throws IOException {
        String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
        try (InputStream content = file.getInputStream()) {
            return created(files.add(id, name, content));
        }
    }

    /** Several files in one. @param files their ids */
    @GetMapping(path = "/zip", produces = "application/zip")
    ResponseEntity<byte[]> zip(@PathVariable UUID id, @RequestParam @Size(min = 1, max = 60) List<UUID> files)
            throws IOException {
        Map<String, byte[]> packed = new LinkedHashMap<>();
        for (UUID fid : files) {
            ExistingFileRow row = this.files.find(id, fid);
            String name = row.name();
            for (int number = 2; packed.containsKey(name); number++) {
                name = number + "-" + row.name();
            }
            packed.put(name, this.files.content(row));
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        FolderZip.write(out, packed);
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("graphics.zip")
                                .build()
                                .toString())
                .body(out.toByteArray());
    }

    static ResponseEntity<ExistingFileResponse> created(ExistingFileRow row) {
        return ResponseEntity.created(URI.create("/api/brands/" + row.brandId() + "/files/" + row.id()))
                .body(ExistingFileResponse.of(row));
    }

    /** Takes it away. */
    @DeleteMapping("/{fid}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @PathVariable UUID fid) {
        files.remove(id, fid);
    }

    /** Puts back what was taken away. */
    @PostMapping("/{fid}/return")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putBack(@PathVariable UUID id, @PathVariable UUID fid) {
        files.putBack(id, fid);
    }

    /** The file as it is. */
    @GetMapping("/{fid}/content")
    ResponseEntity<byte[]> content(@PathVariable UUID id, @PathVariable UUID fid) {
        ExistingFileRow row = files.find(id, fid);
        String disposition = ContentDisposition.attachment()
                .filename(row.name(), StandardCharsets.UTF_8)
                .build()
                .toString();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .contentType(MediaType.parseMediaType(MEDIA_TYPES.get(row.kind())))
                .body(files.content(row));
    }

    /**
     * What a page looks like.
     *
     * @param number 1 for the first
     */
    @GetMapping(path = "/{fid}/pages/{number}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> page(@PathVariable UUID id, @PathVariable UUID fid, @PathVariable int number) {
        return ResponseEntity.ok()
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
                .contentType(MediaType.IMAGE_PNG)
                .body(pictures.draw(files.find(id, fid), number).png());
    }

    /**
     * Where the paragraphs of a page have come to stand.
     *
     * @param number 1 for the first
     */
    @GetMapping("/{fid}/pages/{number}/places")
    List<PagePlaceResponse> places(@PathVariable UUID id, @PathVariable UUID fid, @PathVariable int number) {
        return pictures.draw(files.find(id, fid), number).places().stream()
                .map(PagePlaceResponse::of)
                .toList();
    }

    /**
     * Shares of the page, from its upper left corner.
     *
     * @param shape its number on the page; 0 where shapes have none
     * @param paragraph 0 first
     * @param thing what it is in, in the file's own words; empty of slides
     */
    record PagePlaceResponse(int shape, int paragraph, String thing, double x, double y, double width, double height) {
        static PagePlaceResponse of(DrawnPage.Placed place) {
            Frame frame = place.frame();
            return new PagePlaceResponse(
                    place.shape(),
                    place.paragraph(),
                    place.thing(),
                    frame.x(),
                    frame.y(),
                    frame.width(),
                    frame.height());
        }
    }

    /**
     * @param lineage the first version of the same file
     * @param kind pptx, docx, xlsx, odp, odt, ods, svg, png, jpeg, gif, bmp or webp
     * @param madeBy mend, dress or recolor; absent of what came in
     * @param madeFrom the file that it was made from
     */
    record ExistingFileResponse(
            UUID id,
            UUID lineage,
            @NotBlank String name,
            String kind,
            int pages,
            @Nullable String madeBy,
            @Nullable UUID madeFrom,
            Instant addedAt) {
        static ExistingFileResponse of(ExistingFileRow row) {
            return new ExistingFileResponse(
                    row.id(),
                    row.lineage(),
                    row.name(),
                    row.kind(),
                    row.pages(),
                    row.madeBy(),
                    row.madeFrom(),
                    row.addedAt());
        }
    }
}
