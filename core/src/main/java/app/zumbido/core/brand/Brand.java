package app.zumbido.core.brand;

import app.zumbido.core.palette.Palette;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.Theme;
import java.util.Optional;
import java.util.UUID;

/**
 * One client with everything that is decided about its look.
 *
 * @param revision grows by one with every change, 1 at first; never comes twice
 * @param name 1 to 120 characters
 * @param shortCode the letters put in front of a swatch's name in what is handed over
 */
public record Brand(
        UUID id, long revision, String name, Optional<String> shortCode, Palette palette, Roles roles, Theme theme) {
    public static final int LONGEST_NAME = 120;
    public static final int LONGEST_SHORT_CODE = 8;

    public Brand {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A brand's name has 1 to " + LONGEST_NAME + " characters");
        }
        if (shortCode
                .filter(code -> !code.matches("[A-Z0-9]{1," + LONGEST_SHORT_CODE + "}"))
                .isPresent()) {
            throw new IllegalArgumentException(
                    "A short code has 1 to " + LONGEST_SHORT_CODE + " capital letters or digits");
        }
    }

    public static Brand begin(UUID id, String name, Optional<String> shortCode, UUID themeId) {
        return BrandDefaults.USUAL.begin(id, name, shortCode, themeId);
    }

    /** A brand of its own that begins as this one stands. */
    public Brand copy(UUID newId, UUID newThemeId, String newName) {
        return new Brand(newId, 1, newName, shortCode, palette, roles, theme.under(newThemeId));
    }

    /** @return what its theme is called until somebody names it */
    public String usualThemeName() {
        return themeName(name);
    }

    static String themeName(String brandName) {
        return brandName.length() > Theme.LONGEST_NAME ? brandName.substring(0, Theme.LONGEST_NAME) : brandName;
    }

    /** @return the palette without what is off-limits */
    public Palette usable() {
        return roles.usable(palette);
    }

    /** @throws app.zumbido.core.palette.UnknownSwatchException if the change speaks of a swatch that is not there */
    public Brand apply(Change change) {
        return change.applyTo(this).at(revision + 1);
    }

    /** The same brand under another revision, as undo and redo need it. */
    public Brand at(long newRevision) {
        return new Brand(id, newRevision, name, shortCode, palette, roles, theme);
    }

    Brand withName(String newName) {
        return new Brand(id, revision, newName, shortCode, palette, roles, theme);
    }

    Brand withShortCode(Optional<String> newShortCode) {
        return new Brand(id, revision, name, newShortCode, palette, roles, theme);
    }

    Brand with(Palette newPalette) {
        return new Brand(id, revision, name, shortCode, newPalette, roles, theme);
    }

    Brand with(Roles newRoles) {
        return new Brand(id, revision, name, shortCode, palette, newRoles, theme);
    }

    Brand with(Theme newTheme) {
        return new Brand(id, revision, name, shortCode, palette, roles, newTheme);
    }
}
