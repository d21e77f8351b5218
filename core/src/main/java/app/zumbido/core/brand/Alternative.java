package app.zumbido.core.brand;

import app.zumbido.core.contrast.GroundRules;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.Themes;
import java.util.UUID;

/**
 * A palette that a brand could have instead of the one in force, as before a decision or for a campaign, with all that is
 * decided on it.
 *
 * @param name 1 to 80 characters
 */
public record Alternative(UUID id, String name, Palette palette, Roles roles, Themes themes, GroundRules grounds) {
    public static final int LONGEST_NAME = 80;

    public Alternative {
        requireName(name);
        Brand.requireKnown(palette, roles, themes, grounds);
    }

    /** @return what is in force, under a name */
    static Alternative of(Brand brand, UUID id, String name) {
        return new Alternative(id, name, brand.palette(), brand.roles(), brand.themes(), brand.grounds());
    }

    Alternative withName(String newName) {
        return new Alternative(id, newName, palette, roles, themes, grounds);
    }

    Alternative with(Themes newThemes) {
        return new Alternative(id, name, palette, roles, newThemes, grounds);
    }

    Alternative with(GroundRules newGrounds) {
        return new Alternative(id, name, palette, roles, themes, newGrounds);
    }

    static void requireName(String name) {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A palette's name has 1 to " + LONGEST_NAME + " characters");
        }
    }
}
