package app.zumbido.server.contrast;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.server.http.Given;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * A solid laid over a ground.
 *
 * @param alpha opacity, 0 to 1
 */
public record OverlayRequest(
        @NotNull @Size(max = 60) String hex,
        @NotNull @DecimalMin("0") @DecimalMax("1") Double alpha) {
    public Overlay overlay() {
        return new Overlay(Given.color(hex), Fraction.of(alpha));
    }
}
