package app.zumbido.server.contrast;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.LadderStep;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.SwatchId;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A colour in three columns.
 *
 * @param swatch that it follows; none for a colour of its own
 * @param away its place on the ladder of the swatch; none for the swatch itself
 * @param hex the colour of its own
 */
public record PaintColumns(
        @Nullable UUID swatch,
        @Nullable Double away,
        @Nullable String hex) {
    public static PaintColumns of(Paint paint) {
        return paint.match(
                p -> new PaintColumns(p.swatch().value(), null, null),
                p -> new PaintColumns(p.step().base().value(), p.step().away(), null),
                p -> new PaintColumns(null, null, p.color().hex()));
    }

    public Paint paint() {
        if (swatch == null) {
            return new Paint.Fixed(Rgb.ofHex(Objects.requireNonNull(hex)));
        }
        SwatchId id = new SwatchId(swatch);
        return away == null ? new Paint.OfSwatch(id) : new Paint.OnLadder(new LadderStep(id, away));
    }
}
