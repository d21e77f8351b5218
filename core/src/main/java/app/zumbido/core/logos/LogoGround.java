package app.zumbido.core.logos;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Gradient;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.core.contrast.WorstPlace;
import app.zumbido.core.image.Pixels;
import java.util.List;
import java.util.Optional;

/** Something that a logo stands on. */
public sealed interface LogoGround {
    /**
     * Where a colour is hardest to see.
     *
     * @param seen what the ground is there, overlay included
     * @param spot nothing where the ground is the same everywhere
     */
    record Worst(ContrastRatio ratio, Rgb seen, Optional<Spot> spot) {}

    /** @param x along a gradient, or from the left of a picture; 0 to 1 @param y from the top of a picture; 0 to 1 */
    record Spot(double x, double y) {}

    Worst worst(Rgb color);

    /** @return the same with another solid laid over it, in place of what lies there */
    LogoGround under(Overlay overlay);

    record Flat(Rgb color) implements LogoGround {
        @Override
        public Worst worst(Rgb other) {
            return new Worst(ContrastRatio.between(other, color), color, Optional.empty());
        }

        @Override
        public LogoGround under(Overlay overlay) {
            return new Along(new Gradient(List.of(color, color)), Optional.of(overlay));
        }
    }

    record Along(Gradient gradient, Optional<Overlay> overlay) implements LogoGround {
        @Override
        public Worst worst(Rgb color) {
            WorstPlace.OnGradient worst = WorstPlace.on(gradient, overlay, color);
            return new Worst(worst.ratio(), worst.ground(), Optional.of(new Spot(worst.place(), 0)));
        }

        @Override
        public LogoGround under(Overlay other) {
            return new Along(gradient, Optional.of(other));
        }
    }

    /** @param picture small: single pixels of a large one are not what the eye sees */
    record Over(Pixels picture, Optional<Overlay> overlay) implements LogoGround {
        @Override
        public Worst worst(Rgb color) {
            WorstPlace.OnPicture worst = WorstPlace.on(picture, overlay, color);
            return new Worst(
                    worst.ratio(),
                    worst.ground(),
                    Optional.of(new Spot((worst.x() + 0.5) / picture.width(), (worst.y() + 0.5) / picture.height())));
        }

        @Override
        public LogoGround under(Overlay other) {
            return new Over(picture, Optional.of(other));
        }

        /** @return the part of the picture where a logo in that corner, or in the middle, stands */
        public Over at(Corner corner) {
            int width = Math.max(1, (int) Math.round(picture.width() * Corner.WIDE));
            int height = Math.max(1, (int) Math.round(picture.height() * Corner.TALL));
            return new Over(
                    picture.crop(
                            (int) Math.round((picture.width() - width) * corner.x()),
                            (int) Math.round((picture.height() - height) * corner.y()),
                            width,
                            height),
                    overlay);
        }
    }
}
