package app.zumbido.formats.existing;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Rounding;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.image.Pixels;
import java.util.Arrays;

/**
 * What a picture looks like from afar: the silhouette of what is on it, stretched to a square, and its colours. Two prints
 * of the same logo are nearly the same, whatever its size and whatever programs made of it.
 *
 * @param ink share of each cell that is covered, 0 to 1
 * @param rgb mean colour of what covers it, three to a cell, 0 to 255
 * @param ratio width for one unit of height of what is on it
 */
record LogoPrint(double[] ink, double[] rgb, double ratio) {
    private static final int SIDE = 24;
    private static final double FULL = 0.85;
    /** Of 255: less is the ground; set by eye. */
    private static final int GROUND = 24;

    /** @return nothing to compare with of a picture on which nothing is */
    static LogoPrint of(Pixels picture) {
        boolean clear =
                picture.at(0, 0) >>> 24 < 128 || picture.at(picture.width() - 1, picture.height() - 1) >>> 24 < 128;
        int ground = picture.at(0, 0);
        int left = picture.width();
        int top = picture.height();
        int right = -1;
        int bottom = -1;
        for (int y = 0; y < picture.height(); y++) {
            for (int x = 0; x < picture.width(); x++) {
                if (covers(picture.at(x, y), clear, ground) > 0.5) {
                    left = Math.min(left, x);
                    right = Math.max(right, x);
                    top = Math.min(top, y);
                    bottom = Math.max(bottom, y);
                }
            }
        }
        if (right < left) {
            return new LogoPrint(new double[SIDE * SIDE], new double[3 * SIDE * SIDE], 0);
        }
        return cells(picture.crop(left, top, right - left + 1, bottom - top + 1), clear, ground);
    }

    private static double covers(int argb, boolean clear, int ground) {
        if (clear) {
            return (argb >>> 24) / 255.0;
        }
        int difference = Math.max(
                Math.abs((argb >> 16 & 0xFF) - (ground >> 16 & 0xFF)),
                Math.max(
                        Math.abs((argb >> 8 & 0xFF) - (ground >> 8 & 0xFF)),
                        Math.abs((argb & 0xFF) - (ground & 0xFF))));
        return difference > GROUND ? 1 : 0;
    }

    private static LogoPrint cells(Pixels part, boolean clear, int ground) {
        double[] ink = new double[SIDE * SIDE];
        double[] rgb = new double[3 * SIDE * SIDE];
        int[] counts = new int[SIDE * SIDE];
        for (int y = 0; y < part.height(); y++) {
            for (int x = 0; x < part.width(); x++) {
                int cell = y * SIDE / part.height() * SIDE + x * SIDE / part.width();
                int argb = part.at(x, y);
                double covered = covers(argb, clear, ground);
                counts[cell]++;
                ink[cell] += covered;
                for (int channel = 0; channel < 3; channel++) {
                    rgb[3 * cell + channel] += covered * (argb >> 16 - 8 * channel & 0xFF);
                }
            }
        }
        for (int cell = 0; cell < ink.length; cell++) {
            for (int channel = 0; channel < 3; channel++) {
                rgb[3 * cell + channel] = ink[cell] > 0 ? rgb[3 * cell + channel] / ink[cell] : 0;
            }
            ink[cell] = counts[cell] > 0 ? ink[cell] / counts[cell] : 0;
        }
        return new LogoPrint(ink, rgb, (double) part.width() / part.height());
    }

    /** Whether it fills its square, so that its silhouette tells nothing. */
    boolean isFull() {
        return Arrays.stream(ink).average().orElse(0) > FULL;
    }

    /** @return how far the silhouettes are apart, 0 for the same to 1 */
    double shapeApart(LogoPrint other) {
        double apart = 0;
        double all = 0;
        for (int i = 0; i < ink.length; i++) {
            apart += Math.abs(ink[i] - other.ink[i]);
            all += ink[i] + other.ink[i];
        }
        return all == 0 ? 1 : apart / all;
    }

    /** @return how far the colours are apart where both are covered, 0 for the same to 1 */
    double colorsApart(LogoPrint other) {
        double apart = 0;
        double all = 0;
        for (int cell = 0; cell < ink.length; cell++) {
            double weight = Math.min(ink[cell], other.ink[cell]);
            for (int channel = 0; channel < 3; channel++) {
                apart += weight * Math.abs(rgb[3 * cell + channel] - other.rgb[3 * cell + channel]);
            }
            all += weight * 3 * 255;
        }
        return all == 0 ? 1 : apart / all;
    }

    /** @return the share of it that stands out from a ground. Source: WCAG 2.2, SC 1.4.11 */
    double seenOn(Rgb ground) {
        double seen = 0;
        double all = 0;
        for (int cell = 0; cell < ink.length; cell++) {
            if (ink[cell] > 0) {
                Rgb color = new Rgb(channel(3 * cell), channel(3 * cell + 1), channel(3 * cell + 2));
                all += ink[cell];
                seen += ContrastRatio.between(color, ground).reaches(WcagLevel.GRAPHICS) ? ink[cell] : 0;
            }
        }
        return all == 0 ? 1 : seen / all;
    }

    private int channel(int at) {
        return Rounding.toByte(rgb[at]);
    }
}
