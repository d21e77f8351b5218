package app.zumbido.formats.office.slides;

import app.zumbido.core.brand.TemplateDesign.BulletKind;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.layouts.TextLook;
import app.zumbido.formats.office.SchemeColors;
import java.util.Optional;

/** Sizes, weights, capitals and tracking of a brand as styles of paragraphs. Source: ECMA-376 Part 1, 21.1.2.4. */
final class SlideType {
    /** Sizes and tracking are in hundredths of a point (21.1.2.3.2). */
    private static final int HUNDREDTHS = 100;

    private static final int SMALLEST = 1000;
    private static final int THOUSANDTHS_OF_AN_EM = 1000;
    /** English Metric Units of a point. */
    private static final int POINT = 12_700;
    /** Each level of the body over the first one. */
    private static final double[] LEVELS = {1, 5.0 / 6, 3.0 / 4, 2.0 / 3, 2.0 / 3};
    /** Levels that the standard has. */
    private static final int ALL_LEVELS = 9;

    private final FontSet type;
    private final SchemeColors colors;

    SlideType(FontSet type, SchemeColors colors) {
        this.type = type;
        this.colors = colors;
    }

    /** @return a paragraph without a bullet, in the brand's own size */
    String plain(TypeRole role, SlotColor color) {
        return plain(new TextLook(role, 1, color, false, Optional.empty()));
    }

    /** @return a paragraph without a bullet */
    String plain(TextLook look) {
        return "<a:lvl1pPr marL=\"0\" indent=\"0\" algn=\"%s\"><a:lnSpc><a:spcPct val=\"%d\"/></a:lnSpc>"
                        .formatted(look.toTheRight() ? "r" : "l", look.role() == TypeRole.BODY ? 110_000 : 95_000)
                + "<a:spcBef><a:spcPts val=\"0\"/></a:spcBef><a:buNone/>"
                + letters(look.role(), look.times(), look.color()) + "</a:lvl1pPr>";
    }

    /** @return the levels of a list */
    String list(BulletKind bullets, SlotColor color, SlotColor led) {
        double em = type.get(TypeRole.BODY).sizes().slides();
        StringBuilder levels = new StringBuilder();
        for (int level = 0; level < ALL_LEVELS; level++) {
            long indent = Math.round(em * POINT);
            levels.append("""
                    <a:lvl%dpPr marL="%d" indent="-%d" algn="l" defTabSz="914400" rtl="0" eaLnBrk="1" latinLnBrk="0" \
                    hangingPunct="1"><a:lnSpc><a:spcPct val="110000"/></a:lnSpc><a:spcBef><a:spcPts val="%d"/></a:spcBef>\
                    <a:buClr>%s</a:buClr><a:buFontTx/><a:buChar char="%s"/>%s</a:lvl%dpPr>""".formatted(
                            level + 1,
                            indent * (level + 1),
                            indent,
                            level == 0 ? 600 : 300,
                            colors.color(led),
                            bullets.sign(level),
                            letters(TypeRole.BODY, LEVELS[Math.min(level, LEVELS.length - 1)], color),
                            level + 1));
        }
        return levels.toString();
    }

    /** @return what a run is set in */
    private String letters(TypeRole role, double times, SlotColor color) {
        Lettering lettering = type.get(role);
        double points = Math.rint(lettering.sizes().slides() * times);
        String capitals = lettering.capitals() == Capitals.ALL_CAPITALS ? " cap=\"all\"" : "";
        int spacing = (int) Math.rint(points * HUNDREDTHS * lettering.tracking() / THOUSANDTHS_OF_AN_EM);
        return "<a:defRPr sz=\"%d\" b=\"%d\" i=\"%d\"%s%s kern=\"1200\">%s%s</a:defRPr>"
                .formatted(
                        Math.max(SMALLEST, (int) points * HUNDREDTHS),
                        lettering.weight() >= (Lettering.REGULAR + Lettering.BOLD) / 2 ? 1 : 0,
                        lettering.italic() ? 1 : 0,
                        capitals,
                        spacing == 0 ? "" : " spc=\"" + spacing + "\"",
                        colors.fill(color),
                        faces(role));
    }

    /** A theme holds two fonts: a subheading in a third one is the only family that stands in a style by its name. */
    private String faces(TypeRole role) {
        String family = type.get(role).family();
        if (role == TypeRole.BODY) {
            return theme("mn");
        }
        if (family.equals(type.get(TypeRole.HEADING).family())) {
            return theme("mj");
        }
        return family.equals(type.get(TypeRole.BODY).family())
                ? theme("mn")
                : "<a:latin typeface=\"" + Xml.text(family) + "\"/>";
    }

    private static String theme(String font) {
        return "<a:latin typeface=\"+%s-lt\"/><a:ea typeface=\"+%s-ea\"/><a:cs typeface=\"+%s-cs\"/>"
                .formatted(font, font, font);
    }
}
