package app.zumbido.server.delivery;

import app.zumbido.core.handover.PlaceOfUse;
import app.zumbido.server.http.PlainName;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Where a brand is set up by hand, and what must be redone there. They stand beside the brand and need no If-Match. */
@RestController
@RequestMapping("/api/brands/{id}/places")
class PlaceController {
    private final Places places;

    PlaceController(Places places) {
        this.places = places;
    }

    @GetMapping
    List<PlaceResponse> list(@PathVariable UUID id) {
        return places.ofBrand(id);
    }

    @GetMapping("/{place}")
    PlaceResponse find(@PathVariable UUID id, @PathVariable UUID place) {
        return places.find(id, place);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<PlaceResponse> add(@PathVariable UUID id, @Valid @RequestBody PlaceRequest request) {
        PlaceResponse added = places.add(id, request.name(), request.kind(), request.swatches(), request.withLogo());
        return ResponseEntity.created(URI.create("/api/brands/" + id + "/places/" + added.id()))
                .body(added);
    }

    @PutMapping("/{place}")
    PlaceResponse change(@PathVariable UUID id, @PathVariable UUID place, @Valid @RequestBody PlaceRequest request) {
        return places.change(id, place, request.name(), request.kind(), request.swatches(), request.withLogo());
    }

    /** Somebody has typed in there what is right now. */
    @PostMapping("/{place}/redone")
    PlaceResponse redone(@PathVariable UUID id, @PathVariable UUID place) {
        return places.redone(id, place);
    }

    @DeleteMapping("/{place}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @PathVariable UUID place) {
        places.remove(id, place);
    }

    /** Takes the removal back. */
    @PostMapping("/{place}/put-back")
    PlaceResponse putBack(@PathVariable UUID id, @PathVariable UUID place) {
        return places.putBack(id, place);
    }

    /**
     * @param name 1 to 80 characters
     * @param swatches ids of those that are typed in there; absent: all that may be used, or as before
     * @param logo whether the logo is put in there, too
     */
    record PlaceRequest(
            @NotNull @PlainName(max = PlaceOfUse.LONGEST_NAME)
            String name,

            @NotNull PlaceOfUse.Kind kind,
            @Size(max = PlaceOfUse.MOST_GIVEN) @Nullable List<@NotNull UUID> swatches,
            @Nullable Boolean logo) {
        /** @return what is not said is no */
        boolean withLogo() {
            return logo != null && logo;
        }
    }
}
