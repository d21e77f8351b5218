package app.zumbido.core.type;

import app.zumbido.core.roles.Role;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * How a brand is set.
 *
 * @param roles the logo's is there only where the logo has a face of its own
 * @param languages that the brand writes in, at least one; the first says which text lines are measured with
 */
public record FontSet(Map<TypeRole, Lettering> roles, List<Language> languages) {
    /** Three faces at most (common practice, no published source). */
    public static final int MOST_FACES = 3;

    public static final FontSet TO_BEGIN_WITH = FontSet.usual(
            new FontFamily("Source Serif 4", FaceKind.SERIF),
            new FontFamily("Source Sans 3", FaceKind.SANS),
            TypeScale.MAJOR_THIRD);

    public FontSet {
        Map<TypeRole, Lettering> inOrder = new EnumMap<>(TypeRole.class);
        inOrder.putAll(roles);
        for (TypeRole role : EnumSet.complementOf(EnumSet.of(TypeRole.LOGO))) {
            if (!inOrder.containsKey(role)) {
                throw new IllegalArgumentException("Nothing says how " + role + " is set");
            }
        }
        if (languages.isEmpty()) {
            throw new IllegalArgumentException("A brand writes in one language at least");
        }
        roles = Collections.unmodifiableMap(inOrder);
        languages = languages.stream().distinct().toList();
    }

    /** A heading in one family and a body in the other, the subheading as the heading, on a scale over the usual body. */
    public static FontSet usual(FontFamily heading, FontFamily body, TypeScale scale) {
        Sizes text = new Sizes(20, 11, 16);
        Map<TypeRole, Lettering> roles = new EnumMap<>(TypeRole.class);
        roles.put(
                TypeRole.HEADING,
                Lettering.of(
                        heading.name(),
                        heading.kind(),
                        Lettering.BOLD,
                        Optional.empty(),
                        scale.of(TypeRole.HEADING, text)));
        roles.put(
                TypeRole.SUBHEADING,
                Lettering.of(
                        heading.name(),
                        heading.kind(),
                        Lettering.BOLD,
                        Optional.of(Role.MAIN),
                        scale.of(TypeRole.SUBHEADING, text)));
        roles.put(TypeRole.BODY, Lettering.of(body.name(), body.kind(), Lettering.REGULAR, Optional.empty(), text));
        return new FontSet(roles, List.of(Language.ENGLISH));
    }

    public Lettering get(TypeRole role) {
        Lettering lettering = roles.get(role);
        return lettering != null ? lettering : get(TypeRole.HEADING);
    }

    public Optional<Lettering> logo() {
        return Optional.ofNullable(roles.get(TypeRole.LOGO));
    }

    /** @return the two that a theme holds */
    public FontPair pair() {
        return new FontPair(
                get(TypeRole.HEADING).fontFamily(), get(TypeRole.BODY).fontFamily());
    }

    public FontSet with(TypeRole role, Lettering lettering) {
        Map<TypeRole, Lettering> changed = new EnumMap<>(roles);
        changed.put(role, lettering);
        return new FontSet(changed, languages);
    }

    public FontSet withoutLogo() {
        Map<TypeRole, Lettering> changed = new EnumMap<>(roles);
        changed.remove(TypeRole.LOGO);
        return new FontSet(changed, languages);
    }

    /** @return heading and subheading in the one family, body in the other, everything else as it was */
    public FontSet in(FontPair pair) {
        return with(TypeRole.HEADING, get(TypeRole.HEADING).in(pair.heading()))
                .with(TypeRole.SUBHEADING, get(TypeRole.SUBHEADING).in(pair.heading()))
                .with(TypeRole.BODY, get(TypeRole.BODY).in(pair.body()));
    }

    /** @return with sizes on the scale over the body as it stands */
    public FontSet on(TypeScale scale) {
        Sizes body = get(TypeRole.BODY).sizes();
        return each((role, lettering) -> lettering.sized(scale.of(role, body)));
    }

    public FontSet writing(List<Language> others) {
        return new FontSet(roles, others);
    }

    /** @return the families in use, the heading's first */
    public List<FontFamily> families() {
        return roles.values().stream().map(Lettering::fontFamily).distinct().toList();
    }

    private FontSet each(BiFunction<TypeRole, Lettering, Lettering> change) {
        Map<TypeRole, Lettering> changed = new EnumMap<>(roles);
        changed.replaceAll(change);
        return new FontSet(changed, languages);
    }
}
