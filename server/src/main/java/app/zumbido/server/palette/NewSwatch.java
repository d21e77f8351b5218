package app.zumbido.server.palette;

import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.palette.WorkingName;
import app.zumbido.server.http.Given;
import app.zumbido.server.http.PlainName;
import jakarta.validation.Valid;
import jakarta.validation.constraints.AssertTrue;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
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
 * @param step a place on the ladder of a swatch that it follows; its color is then what the ladder has there
 * @param group absent: the core
 * @param sameAs a swatch that it is the same color as: no new one is made, only the place is kept with that one
 */
public record NewSwatch(
        @NotNull @Size(max = 60) String hex,
        @Nullable @PlainName(max = Swatch.LONGEST_NAME) String name,
        @Nullable @Valid NewOrigin origin,
        @Nullable @Valid NewStep step,
        @Nullable @PlainName(max = Group.LONGEST_NAME) String group,
        @Nullable UUID sameAs) {
    /**
     * @param base the swatch whose ladder it is
     * @param away how far from the base: to the light end 1, to the dark one -1
     */
    public record NewStep(
            @NotNull UUID base,
            @NotNull @DecimalMin("-1") @DecimalMax("1") Double away) {
        /** A step that is the base itself would follow nothing. */
        @AssertTrue(message = "must lie away from its base, so that it is not 0")
        boolean isOffBase() {
            return away == null || away != 0;
        }

        Paint.OnLadder step() {
            return new Paint.OnLadder(new SwatchId(base), away);
        }
    }

    /** @return the names that are taken */
    public static Set<String> namesOf(Palette palette) {
        Set<String> names = new HashSet<>();
        palette.swatches().forEach(swatch -> names.add(swatch.name()));
        return names;
    }

    /**
     * @param palette the one that it joins
     * @param names those that are taken; its own joins them
     * @param id of the new swatch
     * @throws app.zumbido.server.http.NotAColorException if the code is none
     */
    public Swatch swatch(Palette palette, Set<String> names, UUID id) {
        List<Origin> origins =
                Optional.ofNullable(origin).map(NewOrigin::toOrigin).stream().toList();
        Group part = group == null ? Group.CORE : new Group(group.strip());
        if (!palette.groups().contains(part)) {
            throw new GroupException("There is no group " + part.name());
        }
        Swatch plain =
                Swatch.of(new SwatchId(id), "?", Given.color(hex), origins).in(part);
        Swatch swatch = step == null
                ? plain
                : plain.following(
                        step.step(), palette.get(new SwatchId(step.base())).color());
        String own = name == null ? WorkingName.of(swatch.color(), names) : name.strip();
        names.add(own);
        return swatch.withName(own);
    }
}
