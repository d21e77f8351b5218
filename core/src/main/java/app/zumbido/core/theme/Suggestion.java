package app.zumbido.core.theme;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Roles;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * All twelve slots filled from a palette and its roles at the least cost. The cost separates: the links depend on the
 * four text slots, the accents on the page, so each part is solved exactly in turn. The weights are judgement; common
 * practice, no published source.
 *
 * @param settings every slot that is not kept, with a fill and a reason
 * @param givenUp what the best of all assignments still costs, in the order of the slots
 * @param leftOut colours that could be seen on the page and stand in no accent, in the order of use
 */
public record Suggestion(Map<ThemeSlot, SlotSetting> settings, List<GivenUp> givenUp, List<SwatchId> leftOut) {
    public Suggestion {
        settings = Collections.unmodifiableMap(new EnumMap<>(settings));
        givenUp = List.copyOf(givenUp);
        leftOut = List.copyOf(leftOut);
    }

    /** @return every slot for a palette that nothing is said about yet */
    public static Map<ThemeSlot, SlotSetting> from(Palette palette) {
        return of(palette, Roles.NONE, PageGround.LIGHT, SuggestionPolicy.USUAL).settings();
    }

    /** @param ground what the pages of the theme stand on */
    public static Suggestion of(Palette palette, Roles roles, PageGround ground, SuggestionPolicy policy) {
        return of(palette, roles, ground, Map.of(), policy);
    }

    /** What stands in kept accents of the theme is not suggested for another. */
    public static Suggestion of(Palette palette, Roles roles, Theme theme, SuggestionPolicy policy) {
        Map<ThemeSlot, Rgb> colors = theme.resolve(palette);
        colors.keySet().retainAll(policy.kept());
        colors.keySet().retainAll(ThemeSlot.ACCENTS);
        return of(palette, roles, theme.ground(), colors, policy);
    }

    private static Suggestion of(
            Palette palette, Roles roles, PageGround ground, Map<ThemeSlot, Rgb> keptAccents, SuggestionPolicy policy) {
        List<Ink> brand = Ink.allOf(palette, roles, policy.highlight());
        TextBlock text = TextBlock.best(brand, ground);
        Bill bill = Bill.itemised();
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(text.settings());
        text.charge(bill);
        Accents accents = Accents.of(brand, text, keptAccents, policy);
        settings.putAll(accents.settings());
        accents.charge(bill);
        settings.putAll(
                switch (policy.links()) {
                    case BRAND -> {
                        Links links = Links.best(brand, text);
                        links.charge(bill, text);
                        yield links.settings();
                    }
                    case CUSTOMARY -> Links.customary();
                });
        settings.keySet().removeAll(policy.kept());
        return new Suggestion(
                settings,
                bill.lines().stream()
                        .filter(line -> !policy.kept().contains(line.slot()))
                        .toList(),
                accents.leftOut().stream()
                        .flatMap(ink -> ink.paint().follows().stream())
                        .toList());
    }
}
