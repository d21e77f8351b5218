package app.zumbido.server.palette;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Roles;
import java.util.List;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A swatch as the page shows it.
 *
 * @param ink hex of what is written on it
 * @param origins every place where it was found
 * @param offLimits whether it must not be used
 */
public record SwatchResponse(
        UUID id,
        String name,
        String hex,
        String ink,
        CodesResponse codes,
        List<OriginResponse> origins,
        boolean offLimits) {
    public static SwatchResponse of(Swatch swatch, Roles roles) {
        Rgb color = swatch.color();
        return new SwatchResponse(
                swatch.id().value(),
                swatch.name(),
                color.hex(),
                color.ink().hex(),
                new CodesResponse(color.digits(), ColorCode.rgbFunction(color), ColorCode.hslFunction(color)),
                swatch.origins().stream().map(OriginResponse::of).toList(),
                roles.isOffLimits(swatch.id()));
    }

    /** The codes that are copied, exactly as shown. */
    public record CodesResponse(String hex, String rgb, String hsl) {}

    /**
     * @param source name of the picture
     * @param x pixels from the left
     * @param y pixels from the top
     * @param area side of the square that was averaged, in pixels
     */
    public record OriginResponse(
            String source,
            @Nullable Integer x,
            @Nullable Integer y,
            @Nullable Integer area) {
        static OriginResponse of(Origin origin) {
            return new OriginResponse(
                    origin.source(), nullable(origin.x()), nullable(origin.y()), nullable(origin.area()));
        }

        private static @Nullable Integer nullable(OptionalInt value) {
            return value.isPresent() ? value.getAsInt() : null;
        }
    }
}
