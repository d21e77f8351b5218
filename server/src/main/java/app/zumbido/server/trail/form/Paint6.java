package app.zumbido.server.trail.form;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.SwatchId;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.UUID;

/** A reference to a colour. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @Type(name = "swatch", value = Paint6.OfSwatch.class),
    @Type(name = "ladder", value = Paint6.Ladder.class),
    @Type(name = "shifted", value = Paint6.Shifted.class),
    @Type(name = "fixed", value = Paint6.Fixed.class)
})
sealed interface Paint6 {
    Paint paint();

    static Paint6 of(Paint paint) {
        return paint.match(
                p -> new OfSwatch(p.swatch().value()),
                p -> Ladder.of(p),
                p -> new Shifted(p.base().value(), p.lightness()),
                p -> new Fixed(p.color().hex()));
    }

    record OfSwatch(UUID swatch) implements Paint6 {
        @Override
        public Paint paint() {
            return new Paint.OfSwatch(new SwatchId(swatch));
        }
    }

    /** @param away share of the way from the base to the light end, or below 0 to the dark one */
    record Ladder(UUID base, double away) implements Paint6 {
        static Ladder of(Paint.OnLadder step) {
            return new Ladder(step.base().value(), step.away());
        }

        @Override
        public Paint.OnLadder paint() {
            return new Paint.OnLadder(new SwatchId(base), away);
        }
    }

    /** @param lightness what is added to the OKLCH lightness */
    record Shifted(UUID base, double lightness) implements Paint6 {
        @Override
        public Paint paint() {
            return new Paint.Shifted(new SwatchId(base), lightness);
        }
    }

    /** @param color as {@code #RRGGBB} */
    record Fixed(String color) implements Paint6 {
        @Override
        public Paint paint() {
            return new Paint.Fixed(Rgb.ofHex(color));
        }
    }
}
