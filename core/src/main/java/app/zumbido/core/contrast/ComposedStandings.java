package app.zumbido.core.contrast;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.Theme;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What may stand on a gradient of the brand, judged where each colour is hardest to read.
 *
 * @param may what text may have there, the highest ratio first
 * @param mayNot what it may not
 */
public record ComposedStandings(ComposedGround ground, List<Standing> may, List<Standing> mayNot) {
    public ComposedStandings {
        may = List.copyOf(may);
        mayNot = List.copyOf(mayNot);
    }

    /** @return one for each gradient; pictures have to be looked at pixel by pixel, so they are not among them */
    public static List<ComposedStandings> of(
            Palette palette, Roles roles, Theme theme, GroundRules rules, WcagLevel level) {
        List<ComposedStandings> standings = new ArrayList<>();
        for (ComposedGround ground : rules.composed()) {
            ground.way(palette).ifPresent(way -> standings.add(of(ground, way, palette, roles, theme, level)));
        }
        return standings;
    }

    private static ComposedStandings of(
            ComposedGround ground, WorstPlace.Way way, Palette palette, Roles roles, Theme theme, WcagLevel level) {
        List<Standing> may = new ArrayList<>();
        List<Standing> mayNot = new ArrayList<>();
        Rgb written = ground.text().resolve(palette);
        for (Rgb color : Ground.colors(palette, roles, theme)) {
            ContrastRatio ratio = way.worst(color).ratio();
            Standing standing = new Standing(
                    color, ratio, Standing.Verdict.of(ratio, level), color.equals(written), false, Optional.empty());
            (standing.isAllowed() ? may : mayNot).add(standing);
        }
        Comparator<Standing> highest = Comparator.comparing(Standing::ratio).reversed();
        may.sort(highest);
        mayNot.sort(highest);
        return new ComposedStandings(ground, may, mayNot);
    }
}
