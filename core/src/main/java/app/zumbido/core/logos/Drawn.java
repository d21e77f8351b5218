package app.zumbido.core.logos;

import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Painted;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;

/** Where a form of a logo comes from. */
public sealed interface Drawn extends Painted<Drawn> {
    /** Initials on an icon; more cannot be read at 16 pixels (common practice, no published source). */
    int MOST_INITIALS = 3;

    int MOST_CUTTINGS = 400;

    /**
     * @param source id of a picture on the brand's sheet
     * @param trimmed without its empty margins
     */
    record OfFile(UUID source, boolean trimmed) implements Drawn {}

    /** Another form without what lies within the cuttings. */
    record LeftOut(LogoForm of, List<Cutting> cuttings) implements Drawn {
        public LeftOut {
            cuttings = List.copyOf(cuttings);
            if (cuttings.isEmpty() || cuttings.size() > MOST_CUTTINGS) {
                throw new IllegalArgumentException("1 to " + MOST_CUTTINGS + " parts are left out");
            }
        }
    }

    /** What of another form lies within the cutting. */
    record CutOut(LogoForm of, Cutting cutting) implements Drawn {}

    /** Another form on a ground of its own. */
    record OnGround(LogoForm of, Paint ground, IconShape shape) implements Drawn {
        @Override
        public Drawn repainted(UnaryOperator<Paint> change) {
            return new OnGround(of, change.apply(ground), shape);
        }
    }

    /** Letters in the face of the logo, on a ground of their own. */
    record OfInitials(String letters, Paint ground, IconShape shape) implements Drawn {
        public OfInitials {
            int length = letters.codePointCount(0, letters.length());
            if (letters.isBlank() || length > MOST_INITIALS) {
                throw new IllegalArgumentException("An icon shows 1 to " + MOST_INITIALS + " letters");
            }
        }

        @Override
        public Drawn repainted(UnaryOperator<Paint> change) {
            return new OfInitials(letters, change.apply(ground), shape);
        }
    }

    /** Whether both are the same picture, with its margins or without. */
    default boolean isSamePicture(Drawn other) {
        return this instanceof OfFile one
                && other instanceof OfFile another
                && one.source().equals(another.source());
    }

    /** @return the form that it is made of, if it is made of one */
    default Optional<LogoForm> madeOf() {
        if (this instanceof LeftOut left) {
            return Optional.of(left.of());
        }
        if (this instanceof CutOut cut) {
            return Optional.of(cut.of());
        }
        return this instanceof OnGround stands ? Optional.of(stands.of()) : Optional.empty();
    }

    @Override
    default Drawn repainted(UnaryOperator<Paint> change) {
        return this;
    }
}
