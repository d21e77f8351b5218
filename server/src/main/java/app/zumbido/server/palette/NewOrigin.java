package app.zumbido.server.palette;

import app.zumbido.core.palette.Origin;
import app.zumbido.server.http.PlainName;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * Where a color was taken from.
 *
 * @param source name of the picture
 * @param x pixels from the left
 * @param y pixels from the top
 * @param area side of the square that was averaged, in pixels
 */
record NewOrigin(
        @NotNull @PlainName(max = 255) String source,
        @Nullable @Min(0) Integer x,
        @Nullable @Min(0) Integer y,
        @Nullable @Min(1) @Max(31) Integer area) {
    Origin toOrigin() {
        return new Origin(
                source,
                x == null ? OptionalInt.empty() : OptionalInt.of(x),
                y == null ? OptionalInt.empty() : OptionalInt.of(y),
                area == null ? OptionalInt.empty() : OptionalInt.of(area));
    }
}
