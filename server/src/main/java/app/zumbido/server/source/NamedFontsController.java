package app.zumbido.server.source;

import app.zumbido.core.type.NamedFonts;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which fonts a manual means. */
@RestController
@RequestMapping("/api/brands/{id}/sources/{sid}/fonts")
class NamedFontsController {
    private final ManualFonts manuals;

    NamedFontsController(ManualFonts manuals) {
        this.manuals = manuals;
    }

    /** Of the whole document that the page is of; both are absent where it means none. */
    @GetMapping
    NamedFontsResponse fonts(@PathVariable UUID id, @PathVariable UUID sid) {
        return manuals.of(id, sid).map(NamedFontsResponse::of).orElseGet(() -> new NamedFontsResponse(null, null));
    }

    /** @param heading family of headings @param body family of text */
    record NamedFontsResponse(
            @Nullable String heading, @Nullable String body) {
        static NamedFontsResponse of(NamedFonts.Pair pair) {
            return new NamedFontsResponse(pair.heading(), pair.body());
        }
    }
}
