package app.zumbido.core.handover;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Where somebody has set the brand up by hand: a site, a mail tool, a print house.
 *
 * @param name 1 to 80 characters
 * @param given what was typed in there
 * @param logo a key of the logo as it was given to that place; nothing: it was not given there
 */
public record PlaceOfUse(UUID id, String name, Kind kind, List<Given> given, Optional<String> logo) {
    public static final int LONGEST_NAME = 80;
    /** More are a list that nobody follows. */
    public static final int MOST_GIVEN = 200;

    public PlaceOfUse {
        given = List.copyOf(given);
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A place's name has 1 to " + LONGEST_NAME + " characters");
        }
        if (given.size() > MOST_GIVEN) {
            throw new IllegalArgumentException("A place was given " + MOST_GIVEN + " colours at most");
        }
    }

    /** What it is. */
    public enum Kind {
        SITE,
        MAIL,
        VIDEO,
        PRINT,
        OTHER
    }

    /** @param color as it was then */
    public record Given(SwatchId swatch, String name, Rgb color) {}

    /**
     * Something to redo there by hand.
     *
     * @param now nothing: the brand has that colour no more
     */
    public record Redo(Given given, Optional<Rgb> now) {}

    /** @return what has changed since, in the order in which it was given */
    public List<Redo> redo(Brand brand) {
        List<Redo> redo = new ArrayList<>();
        for (Given one : given) {
            Optional<Rgb> now = brand.palette().find(one.swatch()).map(Swatch::color);
            if (!now.equals(Optional.of(one.color()))) {
                redo.add(new Redo(one, now));
            }
        }
        return redo;
    }

    /** @param now a key of the logo as it is; nothing: there is none @return whether another logo must be put in there */
    public boolean wantsLogo(Optional<String> now) {
        return logo.isPresent() && !logo.equals(now);
    }

    /**
     * @param logoNow a key of the logo as it is
     * @return as if it had been given all of it today; what the brand has no more is gone
     */
    public PlaceOfUse redone(Brand brand, Optional<String> logoNow) {
        List<Given> fresh = new ArrayList<>();
        for (Given one : given) {
            brand.palette()
                    .find(one.swatch())
                    .ifPresent(swatch -> fresh.add(new Given(swatch.id(), swatch.name(), swatch.color())));
        }
        return new PlaceOfUse(id, name, kind, fresh, logo.isPresent() ? logoNow : Optional.empty());
    }
}
