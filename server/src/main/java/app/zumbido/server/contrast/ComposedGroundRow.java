package app.zumbido.server.contrast;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A row of the table composed_ground.
 *
 * @param sourceId the picture beneath; none for a gradient
 * @param angle degrees clockwise from upwards
 * @param opacity of what is laid over it; none where nothing is
 */
public record ComposedGroundRow(
        UUID brandId,
        UUID id,
        int position,
        String name,
        @Nullable UUID sourceId,
        boolean radial,
        int angle,
        @Nullable UUID laidSwatch,
        @Nullable Double laidAway,
        @Nullable String laidHex,
        @Nullable Double opacity,
        @Nullable UUID textSwatch,
        @Nullable Double textAway,
        @Nullable String textHex) {
    public PaintColumns laid() {
        return new PaintColumns(laidSwatch, laidAway, laidHex);
    }

    public PaintColumns text() {
        return new PaintColumns(textSwatch, textAway, textHex);
    }
}
