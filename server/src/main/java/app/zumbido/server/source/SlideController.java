package app.zumbido.server.source;

import app.zumbido.core.brand.Look;
import app.zumbido.server.trail.BrandKeeper;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Slides of a deck on the sheet, as they are and as they would look in a theme of the brand or of another one. */
@RestController
@RequestMapping("/api/brands/{id}/sources/{sid}/slides")
class SlideController {
    private final SourceSlides slides;
    private final BrandKeeper keeper;

    SlideController(SourceSlides slides, BrandKeeper keeper) {
        this.slides = slides;
        this.keeper = keeper;
    }

    @GetMapping
    SlidesResponse slides(@PathVariable UUID id, @PathVariable UUID sid) {
        return new SlidesResponse(slides.slides(id, sid));
    }

    /**
     * @param number 1 for the first
     * @param theme the one that it is shown in; absent: as the deck is
     * @param worn the brand whose theme that is; absent: the one that the deck stands beside
     */
    @GetMapping(path = "/{number}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> slide(
            @PathVariable UUID id,
            @PathVariable UUID sid,
            @PathVariable int number,
            @RequestParam(required = false) @Nullable UUID theme,
            @RequestParam(required = false) @Nullable UUID worn) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache())
                .contentType(MediaType.IMAGE_PNG)
                .body(slides.slide(id, sid, number, dress(worn == null ? id : worn, theme)));
    }

    private Optional<Look> dress(UUID id, @Nullable UUID theme) {
        return Optional.ofNullable(theme).map(one -> keeper.look(id, one));
    }

    record SlidesResponse(int count) {}
}
