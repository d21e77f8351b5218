package app.zumbido.server.color;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Vision;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How others see; the page paints with it. */
@RestController
class VisionController {
    /** Rows of the matrix of three channels. */
    private static final int CHANNELS = 3;

    /**
     * @param eyes normal, protan, deutan, tritan or grey
     * @param strength 0 for none to 1 for all of it
     */
    @GetMapping("/api/vision/{eyes}")
    VisionResponse vision(
            @PathVariable Vision eyes,
            @RequestParam(defaultValue = "1") @DecimalMin("0") @DecimalMax("1") double strength) {
        double[] matrix = eyes.matrix(Fraction.of(strength));
        List<Double> values = new ArrayList<>();
        for (int row = 0; row < CHANNELS; row++) {
            for (int column = 0; column < CHANNELS; column++) {
                values.add(matrix[row * CHANNELS + column]);
            }
            values.add(0.0);
            values.add(0.0);
        }
        values.addAll(List.of(0.0, 0.0, 0.0, 1.0, 0.0));
        return new VisionResponse(values);
    }

    /** @param values twenty numbers of an SVG feColorMatrix in linearRGB, rows first; source: Filter Effects Level 1, 9.5 */
    record VisionResponse(List<Double> values) {}
}
