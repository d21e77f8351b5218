package app.zumbido.server.contrast;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Clash;
import app.zumbido.core.contrast.ClashRemedy;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.palette.Swatch;
import app.zumbido.server.contrast.GroundsResponse.NamedColorResponse;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Vivid colours that vibrate side by side, and what helps. */
@RestController
class ClashController {
    private static final int MOST = 500;

    private final BrandKeeper keeper;

    ClashController(BrandKeeper keeper) {
        this.keeper = keeper;
    }

    /**
     * Every two usable swatches that vibrate side by side, in the order of the palette.
     *
     * @param most how many; a palette of very many vivid colors has thousands
     */
    @GetMapping("/api/brands/{id}/contrast/clashes")
    ClashesResponse clashes(@PathVariable UUID id, @RequestParam(defaultValue = "60") @Min(1) @Max(MOST) int most) {
        Brand brand = keeper.load(id).brand();
        List<Rgb> colors =
                brand.usable().swatches().stream().map(Swatch::color).distinct().toList();
        ColorNames names = new ColorNames(brand.look());
        List<ClashResponse> clashes = new ArrayList<>();
        int total = 0;
        for (int i = 0; i < colors.size(); i++) {
            for (int j = i + 1; j < colors.size(); j++) {
                if (Clash.between(colors.get(i), colors.get(j))) {
                    total++;
                    if (clashes.size() < most) {
                        clashes.add(ClashResponse.of(colors.get(i), colors.get(j), brand, names));
                    }
                }
            }
        }
        return new ClashesResponse(clashes, total);
    }

    /** @param total how many there are, also those that are not listed */
    record ClashesResponse(List<ClashResponse> clashes, int total) {}

    /**
     * @param left why it is left as it is; absent if it is not
     * @param remedies the least cost first
     */
    record ClashResponse(
            NamedColorResponse one,
            NamedColorResponse other,
            @Nullable String left,
            List<ClashRemedyResponse> remedies) {
        static ClashResponse of(Rgb one, Rgb other, Brand brand, ColorNames names) {
            String left = brand.grounds()
                    .find(one, other, brand.palette())
                    .filter(rule -> rule.kind() == PairRule.Kind.LEFT)
                    .map(PairRule::reason)
                    .orElse(null);
            return new ClashResponse(
                    NamedColorResponse.of(one, names),
                    NamedColorResponse.of(other, names),
                    left,
                    ClashRemedy.of(one, other).stream()
                            .map(remedy -> ClashRemedyResponse.of(remedy, names))
                            .toList());
        }
    }

    /** @param cost how far the color moves; ΔE00 */
    record ClashRemedyResponse(ClashRemedy.Kind kind, NamedColorResponse from, String to, double cost) {
        static ClashRemedyResponse of(ClashRemedy remedy, ColorNames names) {
            return new ClashRemedyResponse(
                    remedy.kind(),
                    NamedColorResponse.of(remedy.from(), names),
                    remedy.to().hex(),
                    remedy.cost());
        }
    }
}
