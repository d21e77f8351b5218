package app.zumbido.core.theme;

import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * In which order a theme takes up the swatches: that of charts where the brand says it, since accents are the series of
 * charts; then the main and secondary colours, then the palette. What carries a meaning, and the highlight, come last.
 */
final class OrderOfUse {
    private static final List<Role> LAST =
            List.of(Role.POSITIVE, Role.NEGATIVE, Role.GO, Role.CAUTION, Role.STOP, Role.HIGHLIGHT);

    private OrderOfUse() {}

    /** @param usable the palette without what must not be used */
    static List<SwatchId> of(Palette usable, Roles roles, SuggestionPolicy.Highlight highlight) {
        Set<SwatchId> order = new LinkedHashSet<>();
        for (Role role : List.of(Role.CHART, Role.MAIN, Role.SECONDARY)) {
            order.addAll(roles.of(role));
        }
        Set<SwatchId> last = new LinkedHashSet<>();
        LAST.forEach(role -> last.addAll(roles.of(role)));
        if (highlight == SuggestionPolicy.Highlight.IN_ORDER_OF_USE) {
            last.removeAll(roles.of(Role.HIGHLIGHT));
        }
        last.removeAll(order);
        usable.swatches().stream()
                .map(Swatch::id)
                .filter(id -> !last.contains(id))
                .forEach(order::add);
        order.addAll(last);
        // A highlight has one place of its own, whatever else it is used for.
        if (highlight == SuggestionPolicy.Highlight.LAST) {
            roles.first(Role.HIGHLIGHT).ifPresent(one -> {
                order.remove(one);
                order.add(one);
            });
        }
        return order.stream().filter(id -> usable.find(id).isPresent()).toList();
    }
}
