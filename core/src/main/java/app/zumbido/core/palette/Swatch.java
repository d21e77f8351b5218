package app.zumbido.core.palette;

import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A colour of the brand with a name.
 *
 * @param name 1 to 80 characters
 * @param origins every place where it was found; none if it was entered by its code
 * @param step where it stands on the ladder of another that it follows; nothing if it stands on its own
 * @param group the part of the palette that it belongs to
 */
public record Swatch(
        SwatchId id,
        String name,
        Rgb color,
        List<Origin> origins,
        Optional<Paint.OnLadder> step,
        Group group,
        Notes notes)
        implements Painted<Swatch> {
    public static final int LONGEST_NAME = 80;

    public Swatch {
        origins = List.copyOf(origins);
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A swatch's name has 1 to " + LONGEST_NAME + " characters");
        }
    }

    /** One of the core that follows nothing. */
    public static Swatch of(SwatchId id, String name, Rgb color, List<Origin> origins) {
        return new Swatch(id, name, color, origins, Optional.empty(), Group.CORE, Notes.NONE);
    }

    public Swatch withName(String newName) {
        return new Swatch(id, newName, color, origins, step, group, notes);
    }

    /** With a colour of its own, so that it follows nothing any more. */
    public Swatch withColor(Rgb newColor) {
        return new Swatch(id, name, newColor, origins, Optional.empty(), group, notes);
    }

    /** Keeps the colour that it has. */
    public Swatch onItsOwn() {
        return withColor(color);
    }

    /** @param base the colour of the swatch that it follows from now on */
    public Swatch following(Paint.OnLadder newStep, Rgb base) {
        return new Swatch(id, name, newStep.colorFrom(base), origins, Optional.of(newStep), group, notes);
    }

    /** The step of another ladder, where it is changed to one; its colour is still the old one. */
    @Override
    public Swatch repainted(UnaryOperator<Paint> change) {
        Optional<Paint.OnLadder> changed = step.map(change)
                .flatMap(paint -> paint instanceof Paint.OnLadder other ? Optional.of(other) : Optional.empty());
        return new Swatch(id, name, color, origins, changed, group, notes);
    }

    public Swatch in(Group newGroup) {
        return new Swatch(id, name, color, origins, step, newGroup, notes);
    }

    public Swatch withNotes(Notes newNotes) {
        return new Swatch(id, name, color, origins, step, group, newNotes);
    }

    private Swatch withOrigins(List<Origin> newOrigins) {
        return new Swatch(id, name, color, newOrigins, step, group, notes);
    }

    public Swatch from(Origin newOrigin) {
        return withOrigins(List.of(newOrigin));
    }

    /** A place that is known already is not kept twice. */
    public Swatch alsoFrom(Origin another) {
        if (origins.contains(another)) {
            return this;
        }
        List<Origin> all = new ArrayList<>(origins);
        all.add(another);
        return withOrigins(all);
    }

    /** @return whether it stands on the ladder of that swatch */
    public boolean follows(SwatchId base) {
        return step.filter(taken -> taken.follows(base)).isPresent();
    }
}
