package app.zumbido.server.type;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
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

/** Faces at hand. They stand beside the brands, so that many files can come at once. */
@RestController
@RequestMapping("/api/fonts")
class FontController {
    private static final MediaType PART = new MediaType("font", "woff2");
    private static final MediaType WHOLE = new MediaType("font", "sfnt");

    private final Fonts fonts;

    FontController(Fonts fonts) {
        this.fonts = fonts;
    }

    /** @param brand also those that this brand alone has */
    @GetMapping
    List<FontResponse> list(@RequestParam(required = false) @Nullable UUID brand) {
        return fonts.at(brand).stream().map(FontResponse::of).toList();
    }

    /**
     * Takes the faces of a TTF, OTF or TTC file.
     *
     * @param brand the brand that has it alone; absent: every brand has it
     */
    @ResponseStatus(HttpStatus.CREATED)
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ResponseEntity<AddedFontResponse> add(
            @RequestParam(required = false) @Nullable UUID brand, @RequestPart("file") MultipartFile file)
            throws IOException {
        String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
        List<FaceAtHand> added;
        try (InputStream content = file.getInputStream()) {
            added = fonts.add(brand, name, content);
        }
        return ResponseEntity.created(URI.create("/api/fonts/" + added.get(0).id()))
                .body(AddedFontResponse.of(added));
    }

    @GetMapping("/{fid}")
    FontResponse font(@PathVariable String fid) {
        return FontResponse.of(fonts.find(fid));
    }

    /** Takes an own face away; brands that are set in it keep its name. */
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @DeleteMapping("/{fid}")
    void remove(@PathVariable UUID fid) {
        fonts.remove(fid);
    }

    @ResponseStatus(HttpStatus.NO_CONTENT)
    @PostMapping("/{fid}/return")
    void putBack(@PathVariable UUID fid) {
        fonts.putBack(fid);
    }

    /** The whole file that the face is in. */
    @GetMapping("/{fid}/file")
    ResponseEntity<byte[]> file(@PathVariable String fid) {
        return unchanging(WHOLE, fonts.file(fid));
    }

    /**
     * The face as browsers take it.
     *
     * @param part which one of its parts, 0 first
     */
    @GetMapping("/{fid}/parts/{part}")
    ResponseEntity<byte[]> part(@PathVariable String fid, @PathVariable int part) {
        return unchanging(Fonts.isShipped(fid) ? PART : WHOLE, fonts.part(fid, part));
    }

    /** A face never changes under its id, so that browsers may keep it. */
    private static ResponseEntity<byte[]> unchanging(MediaType type, byte[] bytes) {
        return ResponseEntity.ok()
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
                .contentType(type)
                .body(bytes);
    }

    /** @param others further faces of the same file, where it is a collection */
    record AddedFontResponse(@JsonUnwrapped FontResponse first, List<FontResponse> others) {
        static AddedFontResponse of(List<FaceAtHand> added) {
            List<FontResponse> all = added.stream().map(FontResponse::of).toList();
            return new AddedFontResponse(all.get(0), all.subList(1, all.size()));
        }
    }
}
