package app.zumbido.server.delivery;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.handover.PlaceOfUse;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Where the brand is set up by hand.
 *
 * @param given the colours as they were typed in there
 * @param redo what has changed since and must be typed in anew
 * @param logo whether the logo was given to that place
 * @param redoLogo whether it looks otherwise now
 */
record PlaceResponse(
        UUID id,
        String name,
        PlaceOfUse.Kind kind,
        List<GivenColor> given,
        List<RedoResponse> redo,
        boolean logo,
        boolean redoLogo) {
    record GivenColor(UUID swatchId, String name, String hex) {}

    /** @param now absent: the brand has that colour no more */
    record RedoResponse(
            UUID swatchId,
            String name,
            String before,
            @Nullable String now) {}

    /** @param logoNow a key of the logo as it looks */
    static PlaceResponse of(PlaceOfUse place, Brand brand, Optional<String> logoNow) {
        return new PlaceResponse(
                place.id(),
                place.name(),
                place.kind(),
                place.given().stream()
                        .map(one -> new GivenColor(
                                one.swatch().value(), one.name(), one.color().hex()))
                        .toList(),
                place.redo(brand).stream()
                        .map(redo -> new RedoResponse(
                                redo.given().swatch().value(),
                                redo.given().name(),
                                redo.given().color().hex(),
                                redo.now().map(color -> color.hex()).orElse(null)))
                        .toList(),
                place.logo().isPresent(),
                place.wantsLogo(logoNow));
    }
}
