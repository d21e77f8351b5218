package app.zumbido.server.logos;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Gradient;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.core.logos.Corner;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoGround;
import app.zumbido.core.logos.LogoStanding;
import app.zumbido.core.logos.LogoVersion;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One version of a form on a ground.
 *
 * @param ground its name
 * @param hex of the ground, where the version is seen least
 * @param ratio of the part that is seen least; unrounded
 * @param reads whether every part that counts has 3:1 everywhere. Source: WCAG 2.2, 1.4.11
 * @param chosen whether it is the version to be used there
 * @param part hex of the part that is seen least
 * @param x along a gradient, or from the left of a picture, where it is seen least; 0 to 1
 * @param y from the top of a picture; 0 to 1
 * @param corner of a picture where it reads although it does not everywhere
 * @param remedy what to lay over the ground where no version reads
 * @param composed what the ground is made of; absent for a plain color
 */
record LogoGroundResponse(
        String ground,
        String hex,
        LogoForm form,
        LogoVersion version,
        double ratio,
        boolean reads,
        boolean chosen,
        String part,
        @Nullable Double x,
        @Nullable Double y,
        @Nullable Corner corner,
        @Nullable LayOverResponse remedy,
        @Nullable LogoOnComposedResponse composed) {
    static LogoGroundResponse of(
            NamedGround named, LogoStanding standing, boolean chosen, StandingsOnGrounds.@Nullable Remedy remedy) {
        Optional<LogoGround.Spot> spot = standing.worst().spot();
        return new LogoGroundResponse(
                named.name(),
                standing.worst().seen().hex(),
                standing.form(),
                standing.version(),
                standing.ratio().value(),
                standing.reads(),
                chosen,
                standing.part().hex(),
                spot.map(LogoGround.Spot::x).orElse(null),
                spot.map(LogoGround.Spot::y).orElse(null),
                standing.corner().orElse(null),
                remedy == null ? null : LayOverResponse.of(remedy),
                named.id().map(id -> LogoOnComposedResponse.of(id, named)).orElse(null));
    }

    /** @param alpha opacity, 0 to 1 @param version that reads then */
    record LayOverResponse(String hex, double alpha, LogoVersion version) {
        static LayOverResponse of(StandingsOnGrounds.Remedy remedy) {
            return new LayOverResponse(
                    remedy.overlay().color().hex(), remedy.overlay().opacity().value(), remedy.version());
        }
    }

    /**
     * @param stops hexes; none over a picture
     * @param angle degrees clockwise from upwards
     * @param source id of the picture beneath
     * @param laid the solid that lies over it
     */
    record LogoOnComposedResponse(
            UUID id,
            List<String> stops,
            boolean radial,
            int angle,
            @Nullable UUID source,
            @Nullable LaidSolidResponse laid) {
        static LogoOnComposedResponse of(UUID id, NamedGround named) {
            Optional<Gradient> gradient =
                    named.ground() instanceof LogoGround.Along along ? Optional.of(along.gradient()) : Optional.empty();
            Optional<Overlay> overlay = named.ground() instanceof LogoGround.Along along
                    ? along.overlay()
                    : ((LogoGround.Over) named.ground()).overlay();
            return new LogoOnComposedResponse(
                    id,
                    gradient.map(found -> found.stops().stream().map(Rgb::hex).toList())
                            .orElse(List.of()),
                    named.radial(),
                    named.angle(),
                    named.source().orElse(null),
                    overlay.map(LaidSolidResponse::of).orElse(null));
        }
    }

    /** @param alpha opacity, 0 to 1 */
    record LaidSolidResponse(String hex, double alpha) {
        static LaidSolidResponse of(Overlay overlay) {
            return new LaidSolidResponse(
                    overlay.color().hex(), overlay.opacity().value());
        }
    }
}
