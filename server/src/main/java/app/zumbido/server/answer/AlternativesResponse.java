package app.zumbido.server.answer;

import app.zumbido.core.brand.Alternative;
import app.zumbido.core.brand.Alternatives;
import app.zumbido.core.brand.Brand;
import java.util.List;
import java.util.UUID;

/**
 * Every palette of the brand by its name.
 *
 * @param inForce name of the one that all stands on
 * @param others those that are kept beside it, in the order in which they were kept
 */
record AlternativesResponse(String inForce, List<AlternativeResponse> others) {
    static AlternativesResponse of(Brand brand) {
        Alternatives alternatives = brand.alternatives();
        return new AlternativesResponse(
                alternatives.inForce(),
                alternatives.others().stream().map(AlternativeResponse::of).toList());
    }

    /** @param colors of its swatches, in their order, as hexes */
    record AlternativeResponse(UUID id, String name, List<String> colors) {
        static AlternativeResponse of(Alternative alternative) {
            return new AlternativeResponse(
                    alternative.id(),
                    alternative.name(),
                    alternative.palette().swatches().stream()
                            .map(swatch -> swatch.color().hex())
                            .toList());
        }
    }
}
