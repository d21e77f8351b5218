package app.zumbido.server.palette;

import app.zumbido.core.color.Vision;
import app.zumbido.core.palette.Gap;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.WorkingName;
import app.zumbido.server.http.WireNames;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A colour that the palette lacks.
 *
 * @param name what it would be called
 * @param base name of the swatch that it goes with
 * @param nearest name of the swatch that it is hardest to tell from
 * @param eyes those for whom it is hardest: normal, protan, deutan or tritan
 * @param difference as those eyes see it; ΔE00
 * @param onWhite contrast ratio on white, unrounded
 */
record GapResponse(
        String hex,
        String ink,
        String name,
        Gap.Reason reason,
        @Nullable String base,
        @Nullable String nearest,
        String eyes,
        double difference,
        double onWhite) {
    static GapResponse of(Gap gap, Set<String> takenNames) {
        return new GapResponse(
                gap.color().hex(),
                gap.color().ink().hex(),
                WorkingName.of(gap.color(), takenNames),
                gap.reason(),
                gap.base().map(Swatch::name).orElse(null),
                gap.nearest().map(Swatch::name).orElse(null),
                words(gap.eyes()),
                gap.difference(),
                gap.onWhite());
    }

    private static String words(Vision eyes) {
        return WireNames.of(eyes);
    }
}
