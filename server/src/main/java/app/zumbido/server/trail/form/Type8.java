package app.zumbido.server.trail.form;

import app.zumbido.core.roles.Role;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.CommonFamily;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.FontPair;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Language;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.Sizes;
import app.zumbido.core.type.TypeRole;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * How a brand is set.
 *
 * @param roles by name of the role
 * @param languages by code
 */
record Type8(Map<String, Lettering8> roles, List<String> languages) {
    static Type8 of(FontSet type) {
        Map<String, Lettering8> roles = new TreeMap<>();
        type.roles().forEach((role, lettering) -> roles.put(role.name(), Lettering8.of(lettering)));
        return new Type8(roles, type.languages().stream().map(Language::code).toList());
    }

    /** Of a brand from before faces had roles: what is not known to be something else is taken for a sans. */
    static Type8 of(Fonts1 fonts) {
        return of(FontSet.TO_BEGIN_WITH.in(new FontPair(family(fonts.heading()), family(fonts.body()))));
    }

    private static FontFamily family(String name) {
        return new FontFamily(
                name, CommonFamily.named(name).map(CommonFamily::kind).orElse(FaceKind.SANS));
    }

    FontSet type() {
        Map<TypeRole, Lettering> letterings = new EnumMap<>(TypeRole.class);
        roles.forEach((role, lettering) -> letterings.put(TypeRole.valueOf(role), lettering.lettering()));
        return new FontSet(
                letterings,
                languages.stream()
                        .map(code -> Language.ofCode(code).orElseThrow())
                        .toList());
    }

    /** @param standIns by name of the place */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Lettering8(
            String family,
            String kind,
            int weight,
            boolean italic,
            String capitals,
            int tracking,
            @Nullable String color,
            double slides,
            double letters,
            double site,
            Map<String, String> standIns) {
        static Lettering8 of(Lettering lettering) {
            Map<String, String> standIns = new TreeMap<>();
            lettering.standIns().forEach((place, family) -> standIns.put(place.name(), family));
            return new Lettering8(
                    lettering.family(),
                    lettering.kind().name(),
                    lettering.weight(),
                    lettering.italic(),
                    lettering.capitals().name(),
                    lettering.tracking(),
                    lettering.color().map(Role::name).orElse(null),
                    lettering.sizes().slides(),
                    lettering.sizes().letters(),
                    lettering.sizes().site(),
                    standIns);
        }

        Lettering lettering() {
            Map<Place, String> chosen = new EnumMap<>(Place.class);
            standIns.forEach((place, instead) -> chosen.put(Place.valueOf(place), instead));
            return new Lettering(
                    family,
                    FaceKind.valueOf(kind),
                    weight,
                    italic,
                    Capitals.valueOf(capitals),
                    tracking,
                    Optional.ofNullable(color).map(Role::valueOf),
                    new Sizes(slides, letters, site),
                    chosen);
        }
    }
}
