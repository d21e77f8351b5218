package app.zumbido.server.palette;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.palette.WorkingName;
import app.zumbido.server.problem.Given;
import app.zumbido.server.problem.PlainName;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A color that joins the palette.
 *
 * @param hex six or three digits with or without {@code #}, or {@code rgb()}
 * @param name absent: a working name is made from the color
 * @param sameAs a swatch that it is the same color as: no new one is made, only the place is kept with that one
 */
public record NewSwatch(
        @NotNull @Size(max = 60) String hex,
        @Nullable @PlainName(max = Swatch.LONGEST_NAME) String name,
        @Nullable @Valid NewOrigin origin,
        @Nullable UUID sameAs) {
    /** @return the names that are taken */
    public static Set<String> namesOf(Brand brand) {
        Set<String> names = new HashSet<>();
        brand.palette().swatches().forEach(swatch -> names.add(swatch.name()));
        return names;
    }

    /**
     * @param names those that are taken; its own joins them
     * @param id of the new swatch
     * @throws app.zumbido.server.problem.NotAColorException if the code is none
     */
    public Swatch swatch(Set<String> names, UUID id) {
        Rgb color = Given.color(hex);
        String own = name == null ? WorkingName.of(color, names) : name.strip();
        names.add(own);
        List<Origin> origins =
                Optional.ofNullable(origin).map(NewOrigin::toOrigin).stream().toList();
        return new Swatch(new SwatchId(id), own, color, origins);
    }
}
