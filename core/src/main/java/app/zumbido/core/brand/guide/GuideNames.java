package app.zumbido.core.brand.guide;

import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.Place;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** How things are called in what is handed over to people. */
public final class GuideNames {
    private GuideNames() {}

    public static String of(Role role) {
        return switch (role) {
            case MAIN -> "Main";
            case SECONDARY -> "Secondary";
            case HIGHLIGHT -> "Highlight";
            case TEXT -> "Text";
            case TEXT_ON_DARK -> "Text on dark";
            case BOX_FILL -> "Box fill";
            case TABLE_HEAD -> "Head of tables";
            case BAND -> "Every second row of tables";
            case POSITIVE -> "Positive";
            case NEGATIVE -> "Negative";
            case GO -> "Go";
            case CAUTION -> "Caution";
            case STOP -> "Stop";
            case CHART -> "Chart series, in this order";
            case OFF_LIMITS -> "Off-limits";
            case TINTS_OFF_LIMITS -> "Never in tints";
        };
    }

    /** @return what it is for, where the brand has no sentence of its own */
    static String usualSentence(Role role) {
        return switch (role) {
            case MAIN -> "Leads: titles, bullets, icons.";
            case SECONDARY -> "Supports the main colour: subheadings, levels, lines.";
            case HIGHLIGHT -> "For the one thing that matters; it loses its force when it is everywhere.";
            case TEXT -> "Body text on light grounds.";
            case TEXT_ON_DARK -> "Text on dark grounds.";
            case BOX_FILL -> "The quiet ground of boxes and tables.";
            case TABLE_HEAD -> "Heads of tables.";
            case BAND -> "Keeps the rows of a table apart.";
            case POSITIVE -> "Says that something is well.";
            case NEGATIVE -> "Says that something is not.";
            case GO -> "Go, in a set with caution and stop.";
            case CAUTION -> "Caution, in a set with go and stop.";
            case STOP -> "Stop, in a set with go and caution.";
            case CHART -> "The highlight only raises one of them.";
            case OFF_LIMITS -> "Must not be used, though the brand names it.";
            case TINTS_OFF_LIMITS -> "May be used, but none of its tints.";
        };
    }

    /** @return in a word or two, as it stands on a ticket */
    static String onTicket(Role role) {
        return switch (role) {
            case MAIN -> "leads: titles, bullets";
            case SECONDARY -> "supports: subheadings";
            case HIGHLIGHT -> "the one thing";
            case TEXT -> "text";
            case TEXT_ON_DARK -> "text on dark";
            case BOX_FILL -> "boxes";
            case TABLE_HEAD -> "heads of tables";
            case BAND -> "table bands";
            case POSITIVE -> "positive";
            case NEGATIVE -> "negative";
            case GO -> "go";
            case CAUTION -> "caution";
            case STOP -> "stop";
            case CHART, OFF_LIMITS, TINTS_OFF_LIMITS -> "";
        };
    }

    public static String of(ThemeSlot slot) {
        return switch (slot) {
            case DARK_1 -> "Dark 1";
            case LIGHT_1 -> "Light 1";
            case DARK_2 -> "Dark 2";
            case LIGHT_2 -> "Light 2";
            case ACCENT_1 -> "Accent 1";
            case ACCENT_2 -> "Accent 2";
            case ACCENT_3 -> "Accent 3";
            case ACCENT_4 -> "Accent 4";
            case ACCENT_5 -> "Accent 5";
            case ACCENT_6 -> "Accent 6";
            case HYPERLINK -> "Hyperlink";
            case FOLLOWED_HYPERLINK -> "Followed hyperlink";
        };
    }

    static String of(LogoForm form) {
        return switch (form) {
            case PRIMARY -> "Primary";
            case SHORT -> "Short form";
            case SUBMARK -> "Submark";
            case ICON -> "Icon";
        };
    }

    /** Common practice, no published source. */
    static String usualUse(LogoForm form) {
        return switch (form) {
            case PRIMARY -> "wherever there is room";
            case SHORT -> "narrow places";
            case SUBMARK -> "round and square places";
            case ICON -> "sites and apps";
        };
    }

    static String of(LogoVersion version) {
        return switch (version) {
            case LIGHT -> "in its colours";
            case DARK -> "for dark grounds";
            case ONE_DARK -> "in one dark colour";
            case ONE_LIGHT -> "in one light colour";
        };
    }

    static String of(Place place) {
        return switch (place) {
            case SLIDES -> "slides";
            case LETTERS -> "letters";
            case MAIL -> "mail";
            case SITE -> "the site";
        };
    }

    /** @return as it is printed; a ratio that fails never looks as if it passed */
    static String ratio(double ratio) {
        return BigDecimal.valueOf(ratio).setScale(1, RoundingMode.DOWN).toPlainString() + ":1";
    }

    static String number(double value) {
        return BigDecimal.valueOf(value)
                .setScale(1, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    static String percent(double fraction) {
        return Math.round(fraction * 100) + " %";
    }
}
