package app.zumbido.core.contrast;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A pair that the specimens show, so that it counts.
 *
 * @param kind what stands there
 * @param foreground the slot that it is painted with
 * @param ground the slot that it stands on
 */
public record UsedPair(Kind kind, ThemeSlot foreground, ThemeSlot ground, Pair pair) {
    /** What stands on the ground. */
    public enum Kind {
        TEXT,
        LINK,
        /** Lines, columns, bullets. */
        GRAPHICS
    }

    /** Whether it is good enough for what it is. */
    public boolean passes() {
        return kind == Kind.GRAPHICS ? pair.graphics() : pair.text();
    }

    /** @return every pair of slots that are set, grounds and texts first; on an accent the better of Dark 1 and Light 1 */
    public static List<UsedPair> of(Theme theme, Palette palette, WcagLevel level) {
        Map<ThemeSlot, Rgb> colors = theme.resolve(palette);
        Collector pairs = new Collector(colors, level, new ArrayList<>());
        PageGround page = theme.ground();
        for (ThemeSlot ground : page.pages()) {
            page.texts().forEach(text -> pairs.add(Kind.TEXT, text, ground));
            pairs.add(Kind.LINK, ThemeSlot.HYPERLINK, ground);
            pairs.add(Kind.LINK, ThemeSlot.FOLLOWED_HYPERLINK, ground);
        }
        // The layout of the other ground.
        pairs.add(Kind.TEXT, page.page(), page.text());
        for (ThemeSlot accent : ThemeSlot.ACCENTS) {
            pairs.add(Kind.GRAPHICS, accent, page.page());
            pairs.addBetter(accent);
        }
        return pairs.found();
    }

    private record Collector(Map<ThemeSlot, Rgb> colors, WcagLevel level, List<UsedPair> found) {
        void add(Kind kind, ThemeSlot foreground, ThemeSlot ground) {
            Rgb on = colors.get(foreground);
            Rgb under = colors.get(ground);
            if (on != null && under != null) {
                found.add(new UsedPair(kind, foreground, ground, Pair.of(on, under, level)));
            }
        }

        void addBetter(ThemeSlot ground) {
            List<UsedPair> both = new ArrayList<>();
            Collector tried = new Collector(colors, level, both);
            tried.add(Kind.TEXT, ThemeSlot.DARK_1, ground);
            tried.add(Kind.TEXT, ThemeSlot.LIGHT_1, ground);
            both.stream()
                    .max((one, other) ->
                            one.pair().ratio().compareTo(other.pair().ratio()))
                    .ifPresent(found::add);
        }
    }
}
