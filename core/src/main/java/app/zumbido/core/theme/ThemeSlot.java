package app.zumbido.core.theme;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The twelve colours that document programs know, in the standard's order. Source: ECMA-376 Part 1, 20.1.6.2
 * (clrScheme).
 */
public enum ThemeSlot {
    DARK_1("dk1"),
    LIGHT_1("lt1"),
    DARK_2("dk2"),
    LIGHT_2("lt2"),
    ACCENT_1("accent1"),
    ACCENT_2("accent2"),
    ACCENT_3("accent3"),
    ACCENT_4("accent4"),
    ACCENT_5("accent5"),
    ACCENT_6("accent6"),
    HYPERLINK("hlink"),
    FOLLOWED_HYPERLINK("folHlink");

    public static final List<ThemeSlot> ACCENTS = List.of(ACCENT_1, ACCENT_2, ACCENT_3, ACCENT_4, ACCENT_5, ACCENT_6);

    /** What text stands on and is made of. */
    public static final List<ThemeSlot> GROUNDS = List.of(LIGHT_1, LIGHT_2, DARK_1, DARK_2);

    /** As workbooks count them, light and dark changed over. Source: ECMA-376 Part 1, 18.8.3 (color, theme). */
    public static final List<ThemeSlot> IN_WORKBOOKS = List.of(
            LIGHT_1,
            DARK_1,
            LIGHT_2,
            DARK_2,
            ACCENT_1,
            ACCENT_2,
            ACCENT_3,
            ACCENT_4,
            ACCENT_5,
            ACCENT_6,
            HYPERLINK,
            FOLLOWED_HYPERLINK);

    private final String code;

    ThemeSlot(String code) {
        this.code = code;
    }

    /** @return the standard's short name, as in {@code accent1} */
    public String code() {
        return code;
    }

    public static Optional<ThemeSlot> ofCode(String code) {
        return Arrays.stream(values()).filter(slot -> slot.code.equals(code)).findFirst();
    }
}
