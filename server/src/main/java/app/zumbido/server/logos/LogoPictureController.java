package app.zumbido.server.logos;

import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.Duration;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the forms of a logo look like. */
@RestController
@RequestMapping("/api/brands/{id}/logos")
class LogoPictureController {
    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");
    private static final int MOST_WIDTH = 4000;

    private final LogoService service;

    LogoPictureController(LogoService service) {
        this.service = service;
    }

    /** A drawing of plain paths, or a picture on a transparent ground. */
    enum Format {
        SVG,
        PNG
    }

    /**
     * @param width of a PNG, in pixels; its height follows
     * @param key of the logo as the brand tells it; with it the picture never changes
     */
    @GetMapping("/{form}/picture")
    ResponseEntity<byte[]> picture(
            @PathVariable UUID id,
            @PathVariable LogoForm form,
            @RequestParam(defaultValue = "light") LogoVersion version,
            @RequestParam(defaultValue = "png") Format format,
            @RequestParam(defaultValue = "600") @Min(1) @Max(MOST_WIDTH) int width,
            @RequestParam(required = false) @Nullable String key) {
        if (format == Format.SVG) {
            // Nothing of the file that came in: only outlines and colours.
            return ResponseEntity.ok()
                    .cacheControl(lasting(id, key))
                    .contentType(SVG)
                    .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"logo.svg\"")
                    .body(service.svg(id, form, version));
        }
        return png(id, service.png(id, form, version, width), key);
    }

    /** @param size 16, 32, 48, 180, 192 or 512 pixels */
    @GetMapping("/icon")
    ResponseEntity<byte[]> icon(
            @PathVariable UUID id, @RequestParam int size, @RequestParam(required = false) @Nullable String key) {
        return png(id, service.icon(id, size), key);
    }

    private ResponseEntity<byte[]> png(UUID id, byte[] png, @Nullable String key) {
        return ResponseEntity.ok()
                .cacheControl(lasting(id, key))
                .contentType(MediaType.IMAGE_PNG)
                .body(png);
    }

    /** With the key of another state the picture would be kept as what it is not: the brand may have changed meanwhile. */
    private CacheControl lasting(UUID id, @Nullable String key) {
        return service.isKey(id, key)
                ? CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable()
                : CacheControl.noStore();
    }
}
