package app.zumbido.core.palette;

import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.List;

/**
 * A darker and a lighter partner for each of three bases, and three brighter variants of the first: the sheet of twelve.
 * The steps were set by eye on OKLCH; common practice, no published source.
 *
 * @param tickets two rows of six, row after row
 */
public record Companions(List<Ticket> tickets) {
    public static final int BASES = 3;

    private static final double DARKER = 0.16;
    private static final double LIGHTER = 0.2;
    /** A partner keeps its distance from black and white by going only so far of what is left; share. */
    private static final double MOST_OF_THE_REST = 0.55;

    private static final double CHROMA_OF_DARKER = 0.9;
    private static final double CHROMA_OF_LIGHTER = 0.6;

    /** What a brighter variant adds to lightness and chroma, and turns the hue by; OKLCH and degrees. */
    private static final double[][] BRIGHTER = {{0.07, 0.05, 0}, {0.13, 0.06, -12}, {0.13, 0.06, 12}};

    public Companions {
        tickets = List.copyOf(tickets);
    }

    /** What a ticket of the sheet is. */
    public enum Part {
        BASE,
        DARKER,
        LIGHTER,
        BRIGHTER
    }

    /** @param base number of the base that it belongs to, 0 first */
    public record Ticket(Rgb color, Part part, int base) {}

    /** @throws IllegalArgumentException unless there are three */
    public static Companions of(List<Rgb> bases) {
        if (bases.size() != BASES) {
            throw new IllegalArgumentException("Companions are made from " + BASES + " bases");
        }
        List<Ticket> tickets = new ArrayList<>();
        for (int i = 0; i < BASES; i++) {
            tickets.add(new Ticket(bases.get(i), Part.BASE, i));
            tickets.add(new Ticket(darker(bases.get(i)), Part.DARKER, i));
            tickets.add(new Ticket(lighter(bases.get(i)), Part.LIGHTER, i));
        }
        for (double[] step : BRIGHTER) {
            tickets.add(new Ticket(brighter(bases.get(0), step), Part.BRIGHTER, 0));
        }
        return new Companions(tickets);
    }

    static Rgb darker(Rgb base) {
        Oklch from = Oklch.of(base);
        double step = Math.min(DARKER, from.l() * MOST_OF_THE_REST);
        return GamutMapping.toRgb(new Oklch(from.l() - step, from.c() * CHROMA_OF_DARKER, from.hue()));
    }

    static Rgb lighter(Rgb base) {
        Oklch from = Oklch.of(base);
        double step = Math.min(LIGHTER, (1 - from.l()) * MOST_OF_THE_REST);
        return GamutMapping.toRgb(new Oklch(from.l() + step, from.c() * CHROMA_OF_LIGHTER, from.hue()));
    }

    private static Rgb brighter(Rgb base, double[] step) {
        Oklch from = Oklch.of(base);
        double lightness = from.l() + Math.min(step[0], (1 - from.l()) * MOST_OF_THE_REST);
        return GamutMapping.toRgb(new Oklch(
                lightness,
                from.hue().isPresent() ? from.c() + step[1] : from.c(),
                from.hue().map(hue -> Degrees.of(hue.value() + step[2]))));
    }
}
