package app.zumbido.formats.office;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.brand.ThemedRun;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.StandIn;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Letters;
import app.zumbido.formats.delivery.Xml;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A theme part. Source: ECMA-376 Part 1, 14.2.7 and 20.1.6. */
public final class ThemeXml {
    public static final String TYPE = "theme+xml";
    /** How many fills, lines and effects a theme has at least; the first is what shapes have. */
    private static final int STYLES = 3;
    /** Pitch in the lower half of the byte, family in the upper one: ECMA-376 Part 1, 21.1.2.3.7. */
    private static final int FIXED = 1;

    private static final int VARIABLE = 2;
    private static final int ROMAN = 0x10;
    private static final int SWISS = 0x20;
    private static final int MODERN = 0x30;
    private static final int SCRIPT = 0x40;

    private ThemeXml() {}

    /** @param assets what is known about the faces, so that programs can choose another where one is missing */
    public static String of(ThemedLook look, Assets assets) {
        String name = Xml.text(look.look().theme().name());
        return Xml.HEAD
                + """
                <a:theme xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" name="%s"><a:themeElements>\
                <a:clrScheme name="%s">%s</a:clrScheme>%s<a:fmtScheme name="%s">%s</a:fmtScheme></a:themeElements>\
                <a:objectDefaults>%s</a:objectDefaults><a:extraClrSchemeLst/>%s</a:theme>""".formatted(
                                name,
                                name,
                                colors(look),
                                fonts(look, assets),
                                name,
                                styles(look),
                                defaults(look),
                                palette(look));
    }

    /** The palette under its names, which programs offer beside the theme. Source: ECMA-376 Part 1, 20.1.6.3 (custClrLst). */
    private static String palette(ThemedLook look) {
        Brand brand = look.look().brand();
        String code = brand.shortCode().map(letters -> letters + " ").orElse("");
        String colors = brand.usable().swatches().stream()
                .map(swatch -> "<a:custClr name=\"%s\"><a:srgbClr val=\"%s\"/></a:custClr>"
                        .formatted(
                                Xml.text(code + swatch.name()), swatch.color().digits()))
                .collect(Collectors.joining());
        return colors.isEmpty() ? "" : "<a:custClrLst>" + colors + "</a:custClrLst>";
    }

    private static String colors(ThemedLook look) {
        return Stream.of(ThemeSlot.values())
                .map(slot -> "<a:%s><a:srgbClr val=\"%s\"/></a:%s>"
                        .formatted(slot.code(), look.colors().get(slot).digits(), slot.code()))
                .collect(Collectors.joining());
    }

    /**
     * A theme has no place for the name of a stand-in, so the scheme's own name carries it for people, and programs get what
     * they choose by: classification and pitch.
     */
    private static String fonts(ThemedLook look, Assets assets) {
        FontPair pair = look.look().brand().type().pair();
        Optional<Letters> heading = assets.letters(TypeRole.HEADING);
        Optional<Letters> body = assets.letters(TypeRole.BODY);
        Optional<String> instead = heading.flatMap(ThemeXml::onSlides)
                .flatMap(one -> body.flatMap(ThemeXml::onSlides).map(other -> ", else " + one + " and " + other));
        return """
                <a:fontScheme name="%s"><a:majorFont>%s<a:ea typeface=""/><a:cs typeface=""/></a:majorFont>\
                <a:minorFont>%s<a:ea typeface=""/><a:cs typeface=""/></a:minorFont></a:fontScheme>""".formatted(
                        Xml.text(look.look().theme().name() + instead.orElse("")),
                        latin(pair.heading().name(), heading),
                        latin(pair.body().name(), body));
    }

    private static Optional<String> onSlides(Letters letters) {
        return letters.standIns().stream()
                .filter(standIn -> standIn.place() == Place.SLIDES)
                .map(StandIn::face)
                .map(face -> face.family())
                .findFirst();
    }

    private static String latin(String family, Optional<Letters> letters) {
        String known = letters.map(found -> panose(found.panose()) + " pitchFamily=\"" + pitchFamily(found) + "\"")
                .orElse("");
        return "<a:latin typeface=\"%s\"%s/>".formatted(Xml.text(family), known);
    }

    private static String panose(List<Integer> figures) {
        return figures.get(0) == 0
                ? ""
                : figures.stream().map("%02X"::formatted).collect(Collectors.joining("", " panose=\"", "\""));
    }

    private static int pitchFamily(Letters letters) {
        return switch (letters.face().kind()) {
            case SERIF, SLAB, DISPLAY -> ROMAN | VARIABLE;
            case SANS, CONDENSED, ROUNDED -> SWISS | VARIABLE;
            case MONO -> MODERN | FIXED;
            case SCRIPT -> SCRIPT | VARIABLE;
        };
    }

    /** The gradients that the brand has kept stand behind the plain fill; where it has fewer, its title's and that one again. */
    private static String styles(ThemedLook look) {
        SchemeColors names = new SchemeColors(look.ground());
        List<ThemedRun> runs = Stream.concat(look.kept().stream(), Stream.of(look.titleRun()))
                .distinct()
                .toList();
        String plain = "<a:solidFill><a:schemeClr val=\"phClr\"/></a:solidFill>";
        StringBuilder fills = new StringBuilder(plain);
        for (int i = 1; i < Math.max(STYLES, runs.size() + 1); i++) {
            fills.append(Gradients.fill(runs.get(Math.min(i, runs.size()) - 1), names, 0));
        }
        String line =
                "<a:ln w=\"%d\" cap=\"flat\" cmpd=\"sng\" algn=\"ctr\">" + plain + "<a:prstDash val=\"solid\"/></a:ln>";
        return "<a:fillStyleLst>" + fills + "</a:fillStyleLst><a:lnStyleLst>"
                + Stream.of(9_525, 19_050, 28_575).map(line::formatted).collect(Collectors.joining())
                + "</a:lnStyleLst><a:effectStyleLst>"
                + "<a:effectStyle><a:effectLst/></a:effectStyle>".repeat(STYLES)
                + "</a:effectStyleLst><a:bgFillStyleLst>"
                + plain.repeat(2)
                + Gradients.fill(look.titleRun(), names, 0) + "</a:bgFillStyleLst>";
    }

    /** What shapes and lines that somebody draws begin with: the main colour, and what reads on it. */
    private static String defaults(ThemedLook look) {
        SchemeColors names = new SchemeColors(look.ground());
        SlotColor text = look.on(look.lead());
        return """
                <a:spDef><a:spPr>%s<a:ln><a:noFill/></a:ln></a:spPr><a:bodyPr rtlCol="0" anchor="ctr"/>\
                <a:lstStyle><a:defPPr algn="ctr"><a:defRPr>%s</a:defRPr></a:defPPr></a:lstStyle></a:spDef>\
                <a:lnDef><a:spPr><a:ln w="19050">%s</a:ln></a:spPr><a:bodyPr/><a:lstStyle/></a:lnDef>""".formatted(names.fill(look.lead()), names.fill(text), names.fill(look.lead()));
    }
}
