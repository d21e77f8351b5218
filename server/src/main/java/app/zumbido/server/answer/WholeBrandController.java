package app.zumbido.server.answer;

import app.zumbido.core.brand.Brand;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.trail.BrandKeeper;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A brand as it stands, as it stood, and the ways between. */
@RestController
@RequestMapping("/api/brands/{id}")
class WholeBrandController {
    private final BrandKeeper keeper;

    WholeBrandController(BrandKeeper keeper) {
        this.keeper = keeper;
    }

    @GetMapping
    ResponseEntity<BrandResponse> brand(@PathVariable UUID id) {
        return BrandResponse.answer(keeper.load(id));
    }

    @PostMapping("/undo")
    ResponseEntity<BrandResponse> undo(@PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.undo(id, ifMatch));
    }

    @PostMapping("/redo")
    ResponseEntity<BrandResponse> redo(@PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.redo(id, ifMatch));
    }

    /** Goes to any step on the trail. */
    @PostMapping("/trail/{revision}/return")
    ResponseEntity<BrandResponse> goTo(
            @PathVariable UUID id, @PathVariable long revision, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.goTo(id, ifMatch, revision));
    }

    /**
     * What the specimens looked like after a step.
     *
     * @param theme the one that is meant; the first of that time, if it is absent or was not there yet
     */
    @GetMapping("/trail/{revision}/specimen")
    SpecimenResponse specimen(
            @PathVariable UUID id, @PathVariable long revision, @RequestParam(required = false) @Nullable UUID theme) {
        Brand brand = keeper.asOf(id, revision);
        boolean there = theme != null && brand.themes().find(theme).isPresent();
        return SpecimenResponse.of(there ? brand.look(theme) : brand.look());
    }
}
