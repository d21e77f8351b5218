package app.zumbido.server.contrast;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.Pair;
import app.zumbido.core.palette.Swatch;
import app.zumbido.server.trail.BrandKeeper;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PairsController {
    private final BrandKeeper keeper;

    PairsController(BrandKeeper keeper) {
        this.keeper = keeper;
    }

    /** Every color of the palette on every other. */
    @GetMapping("/api/brands/{id}/pairs")
    List<PairResponse> pairs(@PathVariable UUID id, @RequestParam(defaultValue = "AA") WcagLevel level) {
        List<Rgb> colors = keeper.load(id).brand().palette().swatches().stream()
                .map(Swatch::color)
                .toList();
        return Pair.all(colors, level).stream().map(PairResponse::of).toList();
    }

    /**
     * @param ratio unrounded, 1 to 21
     * @param largeText from 18 pt, or 14 pt bold
     */
    record PairResponse(
            String foreground, String background, double ratio, boolean text, boolean largeText, boolean graphics) {
        static PairResponse of(Pair pair) {
            return new PairResponse(
                    pair.foreground().hex(),
                    pair.background().hex(),
                    pair.ratio().value(),
                    pair.text(),
                    pair.largeText(),
                    pair.graphics());
        }
    }
}
