package app.zumbido.server.palette;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A row of the table swatch_origin.
 *
 * @param position among the places of its swatch, 0 first
 * @param x pixels from the left
 * @param y pixels from the top
 * @param area side of the square that was averaged, in pixels
 */
public record OriginRow(
        UUID brandId,
        UUID swatchId,
        int position,
        String source,
        @Nullable Integer x,
        @Nullable Integer y,
        @Nullable Integer area) {}
