package app.zumbido.server.contrast;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.ComposedStandings;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.core.palette.Palette;
import app.zumbido.server.contrast.GroundsResponse.NamedColorResponse;
import app.zumbido.server.contrast.GroundsResponse.Places;
import app.zumbido.server.contrast.GroundsResponse.StandingResponse;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A gradient or a picture of the brand with what is laid over it.
 *
 * @param stops hexes; none over a picture
 * @param angle degrees clockwise from upwards
 * @param source id of the picture beneath
 * @param worst where its own text is hardest to read; absent over a picture, which is judged by itself
 * @param may what text may have there, judged where each is hardest to read; none over a picture
 * @param mayNot what it may not; none over a picture
 */
record ComposedGroundResponse(
        UUID id,
        String name,
        List<String> stops,
        boolean radial,
        int angle,
        @Nullable UUID source,
        @Nullable OverlayResponse overlay,
        NamedColorResponse text,
        @Nullable WorstResponse worst,
        List<StandingResponse> may,
        List<StandingResponse> mayNot) {
    /** A solid laid over a ground. @param alpha opacity, 0 to 1 */
    record OverlayResponse(String hex, double alpha) {
        static OverlayResponse of(Overlay overlay) {
            return new OverlayResponse(overlay.color().hex(), overlay.opacity().value());
        }
    }

    static ComposedGroundResponse of(
            ComposedGround ground,
            Optional<ComposedStandings> standings,
            Brand brand,
            ColorNames names,
            Places places) {
        Palette palette = brand.palette();
        Rgb text = ground.text().resolve(palette);
        ComposedGround.Base.OfGradient gradient =
                ground.base() instanceof ComposedGround.Base.OfGradient beneath ? beneath : null;
        return new ComposedGroundResponse(
                ground.id(),
                ground.name(),
                gradient == null
                        ? List.of()
                        : gradient.gradient(palette).stops().stream()
                                .map(Rgb::hex)
                                .toList(),
                gradient != null && gradient.radial(),
                gradient == null ? 0 : gradient.angle(),
                ground.base() instanceof ComposedGround.Base.OfPicture picture ? picture.source() : null,
                ground.overlay(palette).map(OverlayResponse::of).orElse(null),
                NamedColorResponse.of(text, names),
                ground.worst(text, palette).map(WorstResponse::of).orElse(null),
                standings
                        .map(found -> StandingResponse.allOf(found.may(), places))
                        .orElse(List.of()),
                standings
                        .map(found -> StandingResponse.allOf(found.mayNot(), places))
                        .orElse(List.of()));
    }
}
