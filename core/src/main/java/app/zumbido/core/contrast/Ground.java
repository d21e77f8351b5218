package app.zumbido.core.contrast;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.Theme;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A colour that others stand on.
 *
 * @param may what text may have there, the highest ratio first
 * @param mayNot what it may not, the highest ratio first
 */
public record Ground(Rgb color, List<Standing> may, List<Standing> mayNot) {
    public Ground {
        may = List.copyOf(may);
        mayNot = List.copyOf(mayNot);
    }

    private record Use(Rgb foreground, Rgb ground) {}

    /** @return every usable swatch, every slot, black and white as grounds: swatches first, each colour once */
    public static List<Ground> of(Palette palette, Roles roles, Theme theme, GroundRules rules, WcagLevel level) {
        return of(palette, roles, theme, rules, level, 0, Integer.MAX_VALUE);
    }

    /**
     * The same, some of them: with very many colours nobody looks at all at once.
     *
     * @param from how many to pass over
     * @param most how many
     */
    public static List<Ground> of(
            Palette palette, Roles roles, Theme theme, GroundRules rules, WcagLevel level, int from, int most) {
        Set<Rgb> colors = colors(palette, roles, theme);
        Set<Use> uses = uses(palette, roles, theme, level);
        Map<Use, PairRule> decided = new HashMap<>();
        rules.pairs()
                .forEach(rule -> decided.putIfAbsent(
                        new Use(rule.text().resolve(palette), rule.ground().resolve(palette)), rule));
        return colors.stream()
                .skip(from)
                .limit(most)
                .map(ground -> ground(ground, colors, uses, decided, level))
                .toList();
    }

    /** @return every usable swatch, every slot, black and white, each colour once */
    public static Set<Rgb> colors(Palette palette, Roles roles, Theme theme) {
        Set<Rgb> colors = new LinkedHashSet<>();
        roles.usable(palette).swatches().forEach(swatch -> colors.add(swatch.color()));
        colors.addAll(theme.resolve(palette).values());
        colors.add(Rgb.WHITE);
        colors.add(Rgb.BLACK);
        return colors;
    }

    private static Ground ground(
            Rgb ground, Set<Rgb> colors, Set<Use> uses, Map<Use, PairRule> decided, WcagLevel level) {
        List<Standing> may = new ArrayList<>();
        List<Standing> mayNot = new ArrayList<>();
        for (Rgb foreground : colors) {
            if (!foreground.equals(ground)) {
                Use use = new Use(foreground, ground);
                ContrastRatio ratio = ContrastRatio.between(foreground, ground);
                Standing standing = new Standing(
                        foreground,
                        ratio,
                        Standing.Verdict.of(ratio, level),
                        uses.contains(use),
                        Clash.between(foreground, ground),
                        Optional.ofNullable(decided.get(use)));
                (standing.isAllowed() ? may : mayNot).add(standing);
            }
        }
        Comparator<Standing> highest = Comparator.comparing(Standing::ratio).reversed();
        may.sort(highest);
        mayNot.sort(highest);
        return new Ground(ground, may, mayNot);
    }

    /** Text that the specimens and the roles use. */
    private static Set<Use> uses(Palette palette, Roles roles, Theme theme, WcagLevel level) {
        Set<Use> uses = new HashSet<>();
        for (UsedPair used : UsedPair.of(theme, palette, level)) {
            if (used.kind() != UsedPair.Kind.GRAPHICS) {
                uses.add(new Use(used.pair().foreground(), used.pair().background()));
            }
        }
        add(uses, palette, roles, Role.TEXT, Role.BOX_FILL);
        add(uses, palette, roles, Role.TEXT_ON_DARK, Role.TEXT);
        return uses;
    }

    private static void add(Set<Use> uses, Palette palette, Roles roles, Role text, Role ground) {
        roles.first(text)
                .map(palette::get)
                .map(Swatch::color)
                .ifPresent(on -> roles.first(ground)
                        .map(palette::get)
                        .map(Swatch::color)
                        .ifPresent(under -> uses.add(new Use(on, under))));
    }

    /** @return how many texts in use cannot be read or must not be used, and are not left on purpose */
    public static int toLookAt(Palette palette, Roles roles, Theme theme, GroundRules rules, WcagLevel level) {
        int flat = (int) uses(palette, roles, theme, level).stream()
                .filter(use -> !use.foreground().equals(use.ground()))
                .filter(use -> {
                    boolean reads = ContrastRatio.between(use.foreground(), use.ground())
                            .reaches(level.largeText());
                    return rules.find(use.foreground(), use.ground(), palette)
                            .map(rule -> reads && rule.kind() == PairRule.Kind.NARROWED)
                            .orElse(!reads);
                })
                .count();
        int composed = (int) rules.composed().stream()
                .flatMap(ground -> ground.worst(ground.text().resolve(palette), palette).stream())
                .filter(worst -> !worst.ratio().reaches(level.largeText()))
                .count();
        return flat + composed;
    }

    /** @return what the brand uses and somebody has to look at */
    public List<Standing> failing() {
        return mayNot.stream().filter(Standing::isToLookAt).toList();
    }
}
