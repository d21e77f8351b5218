package app.zumbido.server.answer;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Paint;
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
 * @param spotInk reference of a ready-mixed ink; empty if there is none
 * @param step the place on the ladder of another that it follows; absent if it stands on its own
 * @param offLimits whether it must not be used
 */
public record SwatchResponse(
        UUID id,
        String name,
        String hex,
        String ink,
        List<OriginResponse> origins,
        String group,
        String spotInk,
        String note,
        @Nullable LadderPlaceResponse step,
        boolean offLimits) {
    public static SwatchResponse of(Swatch swatch, Roles roles) {
        Rgb color = swatch.color();
        return new SwatchResponse(
                swatch.id().value(),
                swatch.name(),
                color.hex(),
                color.ink().hex(),
                swatch.origins().stream().map(OriginResponse::of).toList(),
                swatch.group().name(),
                swatch.notes().spotInk(),
                swatch.notes().note(),
                swatch.step().map(LadderPlaceResponse::of).orElse(null),
                roles.isOffLimits(swatch.id()));
    }

    /** @param away how far from the base: to the light end 1, to the dark one -1 */
    public record LadderPlaceResponse(UUID base, double away) {
        static LadderPlaceResponse of(Paint.OnLadder step) {
            return new LadderPlaceResponse(step.base().value(), step.away());
        }
    }

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
