package app.zumbido.core.brand;

import app.zumbido.core.contrast.GroundRules;
import app.zumbido.core.guide.GuideDesign;
import app.zumbido.core.logos.LogoSet;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.Themes;
import app.zumbido.core.type.FontSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What every new brand begins with.
 *
 * @param groups own parts of the palette, after the usual ones
 */
public record BrandDefaults(FontSet type, List<Group> groups) {
    public static final BrandDefaults USUAL = new BrandDefaults(FontSet.TO_BEGIN_WITH, List.of());

    public BrandDefaults {
        groups = List.copyOf(groups);
    }

    public Brand begin(UUID id, String name, Optional<String> shortCode, UUID themeId) {
        List<Group> all = new ArrayList<>(Group.USUAL);
        all.addAll(groups);
        Theme theme = Theme.empty(themeId, Brand.themeName(name));
        Palette palette = new Palette(List.of(), all, List.of());
        return new Brand(
                id,
                1,
                name,
                shortCode,
                palette,
                Roles.NONE,
                Themes.of(theme),
                GroundRules.NONE,
                type,
                LogoSet.NONE,
                TemplateDesign.USUAL,
                GuideDesign.USUAL,
                Alternatives.NONE);
    }
}
