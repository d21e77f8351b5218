package app.zumbido.server.contrast;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A row of the table gradient_stop. */
public record GradientStopRow(
        UUID brandId,
        UUID groundId,
        int position,
        @Nullable UUID swatchId,
        @Nullable Double away,
        @Nullable String hex) {
    public PaintColumns color() {
        return new PaintColumns(swatchId, away, hex);
    }
}
