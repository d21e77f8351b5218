package app.zumbido.core.brand;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.TextColors;
import app.zumbido.core.inspect.House;
import app.zumbido.core.palette.Ladder;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.TintStep;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.TypeRole;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a look allows in files. */
public final class HouseOf {
    private HouseOf() {}

    /**
     * @param standIns families that may be seen instead of the brand's
     * @param known families that computers have, or that files are at hand of
     */
    public static House look(Look look, WcagLevel level, Set<String> standIns, Set<String> known, boolean hasLogo) {
        Palette usable = look.brand().usable();
        Map<ThemeSlot, Rgb> slots = look.colors();
        return new House(
                slots,
                look.theme().ground(),
                usable.swatches().stream()
                        .map(swatch -> new House.Swatch(swatch.name(), swatch.color()))
                        .toList(),
                steps(usable, slots),
                colors(look, Role.OFF_LIMITS),
                colors(look, Role.TINTS_OFF_LIMITS),
                jobs(look),
                letters(look.brand().type(), standIns, known),
                level,
                hasLogo);
    }

    private static Map<Rgb, Rgb> steps(Palette usable, Map<ThemeSlot, Rgb> slots) {
        Map<Rgb, Rgb> steps = new HashMap<>();
        for (Rgb base : slots.values()) {
            for (TintStep step : TintStep.offeredFor(base)) {
                List.of(step.apply(base), step.inDocuments(base), step.inWorkbooks(base))
                        .forEach(color -> steps.putIfAbsent(color, base));
            }
        }
        for (Swatch swatch : usable.swatches()) {
            Ladder.of(swatch.color(), Ladder.USUAL).steps().forEach(color -> steps.putIfAbsent(color, swatch.color()));
        }
        return steps;
    }

    private static Set<Rgb> colors(Look look, Role role) {
        return look.roles().of(role).stream()
                .map(id -> look.palette().get(id).color())
                .collect(Collectors.toSet());
    }

    private static Optional<Rgb> color(Look look, Role role) {
        return look.roles().first(role).map(id -> look.palette().get(id).color());
    }

    private static House.Jobs jobs(Look look) {
        Roles roles = look.roles();
        Palette palette = look.palette();
        Optional<ThemedLook> themed =
                look.theme().unfilled().isEmpty() ? Optional.of(ThemedLook.of(look)) : Optional.empty();
        Map<ThemeSlot, Rgb> slots = look.colors();
        // What the pages are made of is no series on them, whatever the order says.
        Optional<Rgb> page = Optional.ofNullable(slots.get(look.theme().ground().page()));
        List<Rgb> ofCharts = roles.of(Role.CHART).stream()
                .map(id -> palette.get(id).color())
                .filter(color -> page.filter(it -> Difference.between(it, color) < Difference.TOLD_APART)
                        .isEmpty())
                .toList();
        List<Rgb> series = new ArrayList<>(ofCharts);
        themed.ifPresent(it -> it.series().stream()
                .map(color -> color.in(slots))
                .filter(color ->
                        series.stream().allMatch(other -> Difference.between(other, color) >= Difference.TOLD_APART))
                .forEach(series::add));
        Optional<Rgb> highlight = color(look, Role.HIGHLIGHT);
        return new House.Jobs(
                color(look, Role.MAIN),
                roles.of(Role.SECONDARY).stream()
                        .map(id -> palette.get(id).color())
                        .toList(),
                highlight,
                Stream.concat(
                                Optional.ofNullable(
                                        slots.get(look.theme().ground().text()))
                                        .stream(),
                                TextColors.of(palette, roles, look.theme()).stream())
                        .distinct()
                        .toList(),
                color(look, Role.BOX_FILL).or(() -> themed.map(it -> it.pale().in(slots))),
                themed.map(it -> it.lead().in(slots)),
                themed.map(it -> it.tableHead().in(slots)),
                themed.map(it -> it.band().in(slots)),
                series.stream()
                        .filter(color -> highlight.filter(color::equals).isEmpty())
                        .toList());
    }

    private static House.Letters letters(FontSet type, Set<String> standIns, Set<String> known) {
        Set<String> allowed = new HashSet<>();
        type.families().forEach(family -> allowed.add(family.name().toLowerCase(Locale.ROOT)));
        type.roles()
                .values()
                .forEach(lettering ->
                        lettering.standIns().values().forEach(name -> allowed.add(name.toLowerCase(Locale.ROOT))));
        standIns.forEach(name -> allowed.add(name.toLowerCase(Locale.ROOT)));
        return new House.Letters(
                Set.copyOf(allowed),
                known.stream().map(name -> name.toLowerCase(Locale.ROOT)).collect(Collectors.toSet()),
                type.get(TypeRole.HEADING).family(),
                type.get(TypeRole.BODY).family(),
                type.get(TypeRole.HEADING).sizes().slides(),
                type.get(TypeRole.HEADING).sizes().letters());
    }
}
