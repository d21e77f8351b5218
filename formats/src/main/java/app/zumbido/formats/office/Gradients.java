package app.zumbido.formats.office;

import app.zumbido.core.brand.ThemedRun;

/** Gradients of colours of a theme. Source: ECMA-376 Part 1, 20.1.8.33 (gradFill). */
public final class Gradients {
    private static final int WHOLE = 100_000;
    private static final int SIXTY_THOUSANDTHS = 60_000;

    private Gradients() {}

    /** @param angle degrees clockwise from rightwards */
    public static String fill(ThemedRun run, SchemeColors colors, int angle) {
        StringBuilder stops = new StringBuilder();
        int last = run.stops().size() - 1;
        for (int i = 0; i <= last; i++) {
            stops.append("<a:gs pos=\"%d\">%s</a:gs>"
                    .formatted(WHOLE / last * i, colors.color(run.stops().get(i))));
        }
        return "<a:gradFill rotWithShape=\"1\"><a:gsLst>%s</a:gsLst><a:lin ang=\"%d\" scaled=\"0\"/></a:gradFill>"
                .formatted(stops, angle * SIXTY_THOUSANDTHS);
    }
}
