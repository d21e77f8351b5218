package app.zumbido.formats.office.sheets;

import app.zumbido.core.brand.ThemedInks;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.TypeRole;
import java.util.Optional;

/**
 * The named styles of cells that people choose from. Programs know them by their numbers; how they look is the brand's. Source
 * of the numbers: ECMA-376 Part 1, 18.8.7 (cellStyle, builtinId).
 */
public enum CellStyle {
    NORMAL("Normal", 0),
    TITLE("Title", 15),
    HEADING_1("Heading 1", 16),
    HEADING_2("Heading 2", 17),
    HEADING_3("Heading 3", 18),
    HEADING_4("Heading 4", 19),
    TOTAL("Total", 25),
    GOOD("Good", 26),
    BAD("Bad", 27),
    NEUTRAL("Neutral", 28),
    NOTE("Note", 10),
    EXPLANATION("Explanatory Text", 53),
    INPUT("Input", 20),
    LINK("Hyperlink", 8),
    FOLLOWED_LINK("Followed Hyperlink", 9);

    private static final double MIDDLE = 0.85;

    private final String called;
    private final int builtin;

    CellStyle(String called, int builtin) {
        this.called = called;
        this.builtin = builtin;
    }

    public String called() {
        return called;
    }

    int builtin() {
        return builtin;
    }

    /**
     * How a style looks.
     *
     * @param role whose face and weight it has
     * @param points of the letters
     * @param line beneath, or above where it is a sum
     */
    public record Drawn(
            TypeRole role,
            double points,
            boolean bold,
            boolean italic,
            boolean underlined,
            SlotColor text,
            Optional<SlotColor> fill,
            Optional<SlotColor> line) {}

    public Drawn drawn(ThemedLook look) {
        ThemedInks inks = look.inks(look.page());
        double body = size(look, TypeRole.BODY);
        double heading = size(look, TypeRole.SUBHEADING);
        return switch (this) {
            case NORMAL -> plain(TypeRole.BODY, body, inks.text());
            case TITLE -> heading(size(look, TypeRole.HEADING) * MIDDLE, inks.heading());
            case HEADING_1 -> lined(heading, inks.heading(), look.lead());
            case HEADING_2 -> lined((heading + body) / 2, inks.subheading(), look.second());
            case HEADING_3 -> heading(body, inks.heading());
            case HEADING_4 -> heading(body, inks.subheading());
            case TOTAL ->
                new Drawn(
                        TypeRole.BODY,
                        body,
                        true,
                        false,
                        false,
                        inks.text(),
                        Optional.empty(),
                        Optional.of(look.lead()));
            case GOOD -> filled(look, look.tintOf(Role.POSITIVE, Role.GO).orElse(look.tint(look.second())));
            case BAD -> filled(look, look.tintOf(Role.NEGATIVE, Role.STOP).orElse(look.tint(look.highlight())));
            case NEUTRAL -> filled(look, look.tintOf(Role.CAUTION).orElse(look.band()));
            case NOTE -> filled(look, look.pale());
            case INPUT -> filled(look, look.tint(look.lead()));
            case EXPLANATION ->
                new Drawn(TypeRole.BODY, body, false, true, false, inks.quiet(), Optional.empty(), Optional.empty());
            case LINK -> link(body, SlotColor.of(ThemeSlot.HYPERLINK));
            case FOLLOWED_LINK -> link(body, SlotColor.of(ThemeSlot.FOLLOWED_HYPERLINK));
        };
    }

    private static double size(ThemedLook look, TypeRole role) {
        return look.look().brand().type().get(role).sizes().letters();
    }

    private static Drawn plain(TypeRole role, double points, SlotColor text) {
        return new Drawn(role, points, false, false, false, text, Optional.empty(), Optional.empty());
    }

    private static Drawn heading(double points, SlotColor text) {
        return new Drawn(TypeRole.HEADING, points, true, false, false, text, Optional.empty(), Optional.empty());
    }

    private static Drawn lined(double points, SlotColor text, SlotColor line) {
        return new Drawn(TypeRole.HEADING, points, true, false, false, text, Optional.empty(), Optional.of(line));
    }

    private static Drawn link(double points, SlotColor text) {
        return new Drawn(TypeRole.BODY, points, false, false, true, text, Optional.empty(), Optional.empty());
    }

    private static Drawn filled(ThemedLook look, SlotColor fill) {
        return new Drawn(
                TypeRole.BODY,
                size(look, TypeRole.BODY),
                false,
                false,
                false,
                look.inks(fill).text(),
                Optional.of(fill),
                Optional.empty());
    }
}
