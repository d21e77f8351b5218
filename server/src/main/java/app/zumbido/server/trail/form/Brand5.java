package app.zumbido.server.trail.form;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The fifth version: several themes, and what is decided about grounds. */
record Brand5(
        UUID id,
        long revision,
        String name,
        @Nullable String shortCode,
        Brand2.Palette3 palette,
        Roles4 roles,
        List<Theme5> themes,
        Grounds5 grounds)
        implements BrandForm {
    @Override
    public Brand6 next() {
        return new Brand6(
                id,
                revision,
                name,
                shortCode,
                new Palette6(
                        palette.swatches().stream().map(Swatch1::next).toList(), palette.groups(), palette.asides()),
                roles,
                themes.stream().map(Theme5::next).toList(),
                grounds.next());
    }

    record Theme5(UUID id, String name, String ground, Fonts1 fonts, Map<String, Brand1.Slot1> slots) {
        Brand6.Theme6 next() {
            Map<String, Slot6> painted = new TreeMap<>();
            slots.forEach((slot, setting) ->
                    painted.put(slot, new Slot6(setting.fill().next(), setting.reason())));
            return new Brand6.Theme6(id, name, ground, fonts, painted);
        }
    }
}
