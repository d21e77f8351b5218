package app.zumbido.server.trail.form;

import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.Palette;
import java.util.List;

/**
 * @param groups names of all of them, in their order
 * @param asides keys of the remarks that somebody has put aside
 */
record Palette6(List<Swatch6> swatches, List<String> groups, List<String> asides) {
    static Palette6 of(Palette palette) {
        return new Palette6(
                palette.swatches().stream().map(Swatch6::of).toList(),
                palette.groups().stream().map(Group::name).toList(),
                palette.asides());
    }

    Palette palette() {
        return new Palette(
                swatches.stream().map(Swatch6::swatch).toList(),
                groups.stream().map(Group::new).toList(),
                asides);
    }
}
