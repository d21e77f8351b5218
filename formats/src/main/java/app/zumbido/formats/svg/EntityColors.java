package app.zumbido.formats.svg;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Spot;
import app.zumbido.formats.css.CssColors;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Colours that a drawing keeps in entities, as older drawing programs do with whole styles. Source: W3C XML 1.0, 4.2.
 */
final class EntityColors {
    /** Entities stand in the document type, before the drawing. */
    private static final int HEAD = 200_000;

    private static final Pattern ENTITY =
            Pattern.compile("<!ENTITY\\s{1,20}[^\\s%\"']{1,100}\\s{1,20}(?:\"([^\"]{0,20000})\"|'([^']{0,20000})')");

    private static final Pattern DECLARED = Pattern.compile(
            "(fill|stroke|color|stop-color|flood-color|lighting-color)\\s{0,9}:\\s{0,9}(#[0-9A-Fa-f]{3,8}|[a-zA-Z]{3,25}|rgba?\\([^()]{0,60}\\))");

    private EntityColors() {}

    static List<SvgPaint> in(String text) {
        List<SvgPaint> paints = new ArrayList<>();
        int start = text.indexOf("<!DOCTYPE");
        if (start < 0) {
            return paints;
        }
        Matcher entity = ENTITY.matcher(text).region(start, Math.min(text.length(), start + HEAD));
        while (entity.find()) {
            int group = entity.group(1) == null ? 2 : 1;
            add(text, entity.start(group), entity.end(group), paints);
        }
        return paints;
    }

    private static void add(String text, int from, int to, List<SvgPaint> paints) {
        Optional<Rgb> whole = CssColors.of(text.substring(from, to));
        whole.ifPresent(color -> paints.add(SvgPaint.at(new Spot("", from, to), color, "fill", "entity")));
        Matcher declared = DECLARED.matcher(text).region(from, to);
        while (declared.find() && whole.isEmpty()) {
            int start = declared.start(2);
            int end = declared.end(2);
            String property = declared.group(1);
            CssColors.of(declared.group(2))
                    .ifPresent(color -> paints.add(SvgPaint.at(new Spot("", start, end), color, property, "entity")));
        }
    }
}
