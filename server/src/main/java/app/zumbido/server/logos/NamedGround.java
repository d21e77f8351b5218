package app.zumbido.server.logos;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.logos.LogoGround;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;

/**
 * Something that the logo is looked at on.
 *
 * @param id of what is composed; nothing for a plain color
 * @param angle of a gradient, degrees clockwise from upwards
 * @param source id of the picture beneath
 */
record NamedGround(
        Optional<UUID> id, String name, LogoGround ground, boolean radial, int angle, Optional<UUID> source) {
    /** With more colours nobody looks at all of them. */
    private static final int MOST_COLORS = 60;

    private static final Set<ThemeSlot> GROUND_SLOTS =
            EnumSet.of(ThemeSlot.LIGHT_1, ThemeSlot.LIGHT_2, ThemeSlot.DARK_1, ThemeSlot.DARK_2);

    /**
     * @param pictures by id of a source what it shows, made small
     * @return usable swatches, slots that are grounds, and what is composed; each colour once
     */
    static List<NamedGround> of(Look look, Function<UUID, Pixels> pictures) {
        List<NamedGround> grounds = new ArrayList<>();
        Set<Rgb> known = new HashSet<>();
        for (Swatch swatch : look.brand().usable().swatches()) {
            if (known.size() < MOST_COLORS && known.add(swatch.color())) {
                grounds.add(flat(swatch.name(), swatch.color()));
            }
        }
        for (Map.Entry<ThemeSlot, Rgb> slot : look.colors().entrySet()) {
            if (GROUND_SLOTS.contains(slot.getKey()) && known.add(slot.getValue())) {
                grounds.add(flat(slot.getKey().code(), slot.getValue()));
            }
        }
        if (known.isEmpty()) {
            grounds.add(flat("White", Rgb.WHITE));
            grounds.add(flat("Black", Rgb.BLACK));
        }
        for (ComposedGround composed : look.brand().grounds().composed()) {
            grounds.add(of(composed, look, pictures));
        }
        return grounds;
    }

    private static NamedGround flat(String name, Rgb color) {
        return new NamedGround(Optional.empty(), name, new LogoGround.Flat(color), false, 0, Optional.empty());
    }

    private static NamedGround of(ComposedGround composed, Look look, Function<UUID, Pixels> pictures) {
        Optional<Overlay> overlay = composed.overlay(look.palette());
        if (composed.base() instanceof ComposedGround.Base.OfGradient gradient) {
            return new NamedGround(
                    Optional.of(composed.id()),
                    composed.name(),
                    new LogoGround.Along(gradient.gradient(look.palette()), overlay),
                    gradient.radial(),
                    gradient.angle(),
                    Optional.empty());
        }
        UUID source = ((ComposedGround.Base.OfPicture) composed.base()).source();
        return new NamedGround(
                Optional.of(composed.id()),
                composed.name(),
                new LogoGround.Over(pictures.apply(source), overlay),
                false,
                0,
                Optional.of(source));
    }

    /** A picture that is only looked at. */
    static NamedGround of(UUID source, String name, Pixels picture) {
        return new NamedGround(
                Optional.of(source),
                name,
                new LogoGround.Over(picture, Optional.empty()),
                false,
                0,
                Optional.of(source));
    }
}
