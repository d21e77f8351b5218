package app.zumbido.server.color;

import app.zumbido.core.color.Compositing;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.Pair;
import app.zumbido.server.problem.Given;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ColorController {
    /** @param code hex digits, as a path cannot carry {@code #}; {@code rgb()} is taken too */
    @GetMapping("/color/{code}")
    ColorResponse color(@PathVariable String code) {
        return ColorResponse.of(Given.color(code));
    }

    @PostMapping("/contrast")
    ContrastResponse contrast(@Valid @RequestBody ContrastRequest request) {
        Pair pair = Pair.of(Given.color(request.foreground()), request.ground(), WcagLevel.AA);
        return new ContrastResponse(pair.ratio().value(), pair.text(), pair.largeText(), pair.graphics());
    }

    /** @param overlay laid over the background before the foreground is judged on it */
    record ContrastRequest(
            @NotNull @Size(max = 60) String foreground,
            @NotNull @Size(max = 60) String background,
            @Nullable @Valid OverlayRequest overlay) {
        Rgb ground() {
            Rgb ground = Given.color(background);
            return overlay == null
                    ? ground
                    : Compositing.over(Given.color(overlay.hex()), Fraction.of(overlay.alpha()), ground);
        }
    }

    /** @param alpha opacity, 0 to 1 */
    record OverlayRequest(
            @NotNull @Size(max = 60) String hex,
            @NotNull @DecimalMin("0") @DecimalMax("1") Double alpha) {}

    /**
     * Verdicts at level AA.
     *
     * @param ratio unrounded, 1 to 21
     * @param largeText from 18 pt, or 14 pt bold
     */
    record ContrastResponse(double ratio, boolean text, boolean largeText, boolean graphics) {}
}
