package app.zumbido.server.answer;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Contradictions;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Proportion;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the swatches are for.
 *
 * @param roles every role in the order of importance, those that nobody has too
 */
public record RolesResponse(
        List<RoleResponse> roles, ProportionResponse proportion, List<ContradictionResponse> contradictions) {
    public static RolesResponse of(Brand brand) {
        Roles roles = brand.roles();
        return new RolesResponse(
                Arrays.stream(Role.values())
                        .map(role -> new RoleResponse(
                                role,
                                roles.of(role).stream().map(SwatchId::value).toList(),
                                role.most() > 1,
                                roles.words().getOrDefault(role, "")))
                        .toList(),
                ProportionResponse.of(roles.proportion()),
                Contradictions.of(brand).stream().map(ContradictionResponse::of).toList());
    }

    /**
     * @param several whether it takes more than one
     * @param words what it is for in the brand's own sentence; empty where the usual one will do
     */
    record RoleResponse(Role role, List<UUID> swatches, boolean several, String words) {}

    /** Percent of a page; together 100. */
    record ProportionResponse(int main, int secondary, int highlight) {
        static ProportionResponse of(Proportion proportion) {
            return new ProportionResponse(proportion.main(), proportion.secondary(), proportion.highlight());
        }
    }

    /**
     * @param swatch its name
     * @param role the role concerned, if it is one
     * @param theme name of the theme that the slot is of
     * @param slot the slot concerned, if it is one
     * @param ratio contrast where it is a matter of that, unrounded
     */
    record ContradictionResponse(
            Contradictions.Kind kind,
            String swatch,
            @Nullable Role role,
            @Nullable String theme,
            @Nullable String slot,
            @Nullable Double ratio) {
        static ContradictionResponse of(Contradictions.Contradiction contradiction) {
            return new ContradictionResponse(
                    contradiction.kind(),
                    contradiction.swatch().name(),
                    contradiction.role().orElse(null),
                    contradiction.theme().map(Theme::name).orElse(null),
                    contradiction.slot().map(ThemeSlot::code).orElse(null),
                    contradiction.ratio().map(ContrastRatio::value).orElse(null));
        }
    }
}
