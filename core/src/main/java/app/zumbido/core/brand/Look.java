package app.zumbido.core.brand;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import java.util.Map;
import java.util.UUID;

/** A brand seen in one of its themes: what specimens, template and guide are made from. */
public record Look(Brand brand, UUID themeId) {
    /** @throws app.zumbido.core.theme.UnknownThemeException if the brand has no theme of that id */
    public Look {
        brand.themes().get(themeId);
    }

    public Theme theme() {
        return brand.themes().get(themeId);
    }

    public Palette palette() {
        return brand.palette();
    }

    public Roles roles() {
        return brand.roles();
    }

    /** @return the colours of the slots that are set */
    public Map<ThemeSlot, Rgb> colors() {
        return theme().resolve(palette());
    }

    /** @return the same on paper, which is light whatever slides stand on */
    public Look onPaper() {
        return new Look(brand.with(brand.themes().changing(themeId, it -> it.on(PageGround.LIGHT))), themeId);
    }

    /** Whether its theme is the one that is handed over first. */
    public boolean isFirst() {
        return brand.themes().first().id().equals(themeId);
    }
}
