package app.zumbido.server.contrast;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.WorstPlace;
import org.jspecify.annotations.Nullable;

/**
 * Where a text is hardest to read, at level AA.
 *
 * @param hex what is seen there, overlay included
 * @param ratio unrounded
 * @param place on a gradient: 0 at the first stop to 1 at the last
 * @param x on a picture: pixels from the left
 * @param y on a picture: pixels from the top
 */
public record WorstResponse(
        String hex,
        double ratio,
        boolean text,
        boolean largeText,
        @Nullable Double place,
        @Nullable Integer x,
        @Nullable Integer y) {
    static WorstResponse of(WorstPlace.OnGradient worst) {
        return of(worst.ground(), worst.ratio(), worst.place(), null, null);
    }

    public static WorstResponse of(WorstPlace.OnPicture worst) {
        return of(worst.ground(), worst.ratio(), null, worst.x(), worst.y());
    }

    private static WorstResponse of(
            Rgb ground, ContrastRatio ratio, @Nullable Double place, @Nullable Integer x, @Nullable Integer y) {
        return new WorstResponse(
                ground.hex(),
                ratio.value(),
                ratio.reaches(WcagLevel.AA.text()),
                ratio.reaches(WcagLevel.AA.largeText()),
                place,
                x,
                y);
    }
}
