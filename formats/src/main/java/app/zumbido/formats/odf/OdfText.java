package app.zumbido.formats.odf;

import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Xml;
import java.util.Locale;

/** Letters, colours and lengths as OpenDocument writes them. Source: OASIS OpenDocument 1.3, Part 3, 20. */
record OdfText(ThemedLook look) {
    private static final double UNITS_OF_A_CENTIMETRE = 360_000;
    private static final int THOUSANDTHS_OF_AN_EM = 1000;

    String code(SlotColor color) {
        return "#" + color.in(look.colors()).digits().toLowerCase(Locale.ROOT);
    }

    /** @param units English Metric Units */
    static String cm(long units) {
        return String.format(Locale.ROOT, "%.3fcm", units / UNITS_OF_A_CENTIMETRE);
    }

    static String points(double points) {
        return String.format(Locale.ROOT, "%.1fpt", points);
    }

    FontSet type() {
        return look.look().brand().type();
    }

    /** @return properties of text */
    String letters(TypeRole role, double points, SlotColor color) {
        Lettering lettering = type().get(role);
        String weight = lettering.weight() >= (Lettering.REGULAR + Lettering.BOLD) / 2 ? "bold" : "normal";
        String capitals = lettering.capitals() == Capitals.ALL_CAPITALS ? " fo:text-transform=\"uppercase\"" : "";
        String spacing = lettering.tracking() == 0
                ? ""
                : " fo:letter-spacing=\"" + points(points * lettering.tracking() / THOUSANDTHS_OF_AN_EM) + "\"";
        return "<style:text-properties style:font-name=\"%s\" fo:font-size=\"%s\" fo:font-weight=\"%s\" fo:font-style=\"%s\" fo:color=\"%s\"%s%s/>"
                .formatted(
                        Xml.text(lettering.family()),
                        points(points),
                        weight,
                        lettering.italic() ? "italic" : "normal",
                        code(color),
                        capitals,
                        spacing);
    }
}
