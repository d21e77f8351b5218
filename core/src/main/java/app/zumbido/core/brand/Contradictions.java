package app.zumbido.core.brand;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where a brand says one thing and does another. */
public final class Contradictions {
    /** What is told. */
    public enum Kind {
        /** Text and what is filled beneath it are too much alike to read. */
        TEXT_ON_FILL,
        /** Text on dark does not read on the text colour or the main one. */
        TEXT_ON_DARK_UNREADABLE,
        /** The highlight loses its force where it has another role too. */
        HIGHLIGHT_ELSEWHERE,
        OFF_LIMITS_IN_ROLE,
        OFF_LIMITS_IN_SLOT,
        /** A tint of it is used, though its tints must not be. */
        TINT_IN_PALETTE,
        TINT_IN_SLOT
    }

    /**
     * One of them.
     *
     * @param role the role concerned, if it is one
     * @param theme the theme that the slot is of
     * @param slot the slot concerned, if it is one
     * @param ratio contrast, where it is a matter of that
     */
    public record Contradiction(
            Kind kind,
            Swatch swatch,
            Optional<Role> role,
            Optional<Theme> theme,
            Optional<ThemeSlot> slot,
            Optional<ContrastRatio> ratio) {}

    private final Brand brand;
    private final List<Contradiction> found = new ArrayList<>();

    private Contradictions(Brand brand) {
        this.brand = brand;
    }

    public static List<Contradiction> of(Brand brand) {
        Contradictions contradictions = new Contradictions(brand);
        contradictions.text();
        contradictions.highlight();
        contradictions.offLimits();
        contradictions.tints();
        return contradictions.found;
    }

    private Optional<Swatch> first(Role role) {
        return brand.roles().first(role).map(brand.palette()::get);
    }

    private void text() {
        unreadable(Role.TEXT, Role.BOX_FILL, Kind.TEXT_ON_FILL);
        unreadable(Role.TEXT, Role.BAND, Kind.TEXT_ON_FILL);
        unreadable(Role.TEXT_ON_DARK, Role.TEXT, Kind.TEXT_ON_DARK_UNREADABLE);
    }

    private void unreadable(Role text, Role ground, Kind kind) {
        Optional<Rgb> under = first(ground).map(Swatch::color);
        first(text)
                .ifPresent(swatch -> under.map(color -> ContrastRatio.between(swatch.color(), color))
                        .filter(ratio -> !ratio.reaches(WcagLevel.AA.text()))
                        .ifPresent(ratio -> found.add(new Contradiction(
                                kind,
                                swatch,
                                Optional.of(ground),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.of(ratio)))));
    }

    private void highlight() {
        for (Role role : List.of(Role.MAIN, Role.SECONDARY, Role.TEXT, Role.BOX_FILL, Role.CHART)) {
            first(Role.HIGHLIGHT)
                    .filter(swatch -> brand.roles().of(role).contains(swatch.id()))
                    .ifPresent(swatch -> add(Kind.HIGHLIGHT_ELSEWHERE, swatch, role));
        }
    }

    private void add(Kind kind, Swatch swatch, Role role) {
        found.add(new Contradiction(
                kind, swatch, Optional.of(role), Optional.empty(), Optional.empty(), Optional.empty()));
    }

    private void add(Kind kind, Swatch swatch, Theme theme, ThemeSlot slot) {
        found.add(new Contradiction(
                kind, swatch, Optional.empty(), Optional.of(theme), Optional.of(slot), Optional.empty()));
    }

    private void offLimits() {
        Roles roles = brand.roles();
        for (SwatchId id : roles.offLimits()) {
            Swatch swatch = brand.palette().get(id);
            for (Role role : Role.values()) {
                if (!role.forbids() && roles.of(role).contains(id)) {
                    add(Kind.OFF_LIMITS_IN_ROLE, swatch, role);
                }
            }
            brand.themes()
                    .all()
                    .forEach(theme -> theme.slots()
                            .forEach((slot, setting) -> setting.paint()
                                    .filter(paint -> paint.follows(id))
                                    .ifPresent(used -> add(Kind.OFF_LIMITS_IN_SLOT, swatch, theme, slot))));
        }
    }

    private void tints() {
        for (SwatchId id : brand.roles().of(Role.TINTS_OFF_LIMITS)) {
            Swatch swatch = brand.palette().get(id);
            if (brand.palette().swatches().stream().anyMatch(other -> other.follows(id))) {
                found.add(new Contradiction(
                        Kind.TINT_IN_PALETTE,
                        swatch,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
            }
            brand.themes()
                    .all()
                    .forEach(theme -> theme.slots().forEach((slot, setting) -> {
                        setting.paint()
                                .filter(paint -> paint.follows(id) && !(paint instanceof Paint.OfSwatch))
                                .ifPresent(tint -> add(Kind.TINT_IN_SLOT, swatch, theme, slot));
                    }));
        }
    }
}
