package app.zumbido.core.contrast;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Painted;
import app.zumbido.core.palette.Palette;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * A gradient or a picture, with a solid laid over it or not, and the text on top: part of the brand under a name.
 *
 * @param name 1 to 80 characters
 * @param base what lies beneath
 * @param text what is written on it
 */
public record ComposedGround(UUID id, String name, Base base, Optional<Laid> laid, Paint text)
        implements Painted<ComposedGround> {
    public static final int LONGEST_NAME = 80;

    public ComposedGround {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A ground's name has 1 to " + LONGEST_NAME + " characters");
        }
    }

    /** What lies beneath. */
    public sealed interface Base extends Painted<Base> {
        /**
         * @param stops two or three, at even distances
         * @param angle degrees clockwise from upwards, 0 to 359; of no meaning for a radial one
         */
        record OfGradient(List<Paint> stops, boolean radial, int angle) implements Base {
            public OfGradient {
                stops = List.copyOf(stops);
                if (stops.size() < Gradient.FEWEST || stops.size() > Gradient.MOST || angle < 0 || angle > 359) {
                    throw new IllegalArgumentException("A gradient has two or three stops and an angle of 0 to 359");
                }
            }

            public Gradient gradient(Palette palette) {
                return new Gradient(
                        stops.stream().map(stop -> stop.resolve(palette)).toList());
            }

            @Override
            public Base repainted(UnaryOperator<Paint> change) {
                return new OfGradient(stops.stream().map(change).toList(), radial, angle);
            }
        }

        /** @param source id of a picture on the brand's sheet */
        record OfPicture(UUID source) implements Base {
            @Override
            public Base repainted(UnaryOperator<Paint> change) {
                return this;
            }
        }
    }

    /** @param opacity how much of it shows; 0.7 lets 30 % of what lies beneath through */
    public record Laid(Paint color, Fraction opacity) implements Painted<Laid> {
        public Overlay overlay(Palette palette) {
            return new Overlay(color.resolve(palette), opacity);
        }

        @Override
        public Laid repainted(UnaryOperator<Paint> change) {
            return new Laid(change.apply(color), opacity);
        }
    }

    public Optional<Overlay> overlay(Palette palette) {
        return laid.map(solid -> solid.overlay(palette));
    }

    /** @return where a text is hardest to read; nothing over a picture, which has to be looked at pixel by pixel */
    public Optional<WorstPlace.OnGradient> worst(Rgb written, Palette palette) {
        return way(palette).map(way -> way.worst(written));
    }

    Optional<WorstPlace.Way> way(Palette palette) {
        return base instanceof Base.OfGradient gradient
                ? Optional.of(WorstPlace.Way.along(gradient.gradient(palette), overlay(palette)))
                : Optional.empty();
    }

    @Override
    public ComposedGround repainted(UnaryOperator<Paint> change) {
        return new ComposedGround(
                id, name, base.repainted(change), laid.map(solid -> solid.repainted(change)), change.apply(text));
    }

    /** The same with another picture beneath. */
    public ComposedGround over(UUID picture) {
        return new ComposedGround(id, name, new Base.OfPicture(picture), laid, text);
    }
}
