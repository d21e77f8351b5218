package app.zumbido.formats.known;

import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Rgb;
import app.zumbido.formats.known.KnownColor.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Supplier;

/** A view as a camera would see it: textured areas, light that falls off, grain, and small vivid things. */
final class Scene {
    private final int width;
    private final int height;
    private final Random random;
    private final Tints tints;
    private final int[] part;
    private final List<Rgb> colors = new ArrayList<>();
    private final List<KnownColor.Part> parts = new ArrayList<>();

    Scene(Random random, int width, int height) {
        this.random = random;
        this.width = width;
        this.height = height;
        tints = new Tints(random);
        part = new int[width * height];
    }

    private int add(Rgb rgb, Part what) {
        colors.add(rgb);
        parts.add(what);
        return colors.size() - 1;
    }

    private Rgb apart(Supplier<Rgb> draw) {
        return tints.apartFrom(colors, 16, draw);
    }

    /** Three to five bands with an uneven border, then blocks, then a vivid thing or two. */
    List<KnownColor> draw(Canvas canvas) {
        int bands = 3 + random.nextInt(2);
        for (int band = 0; band < bands; band++) {
            boolean neutral = band == 1;
            int index = add(apart(neutral ? tints::neutral : tints::any), neutral ? Part.NEUTRAL : Part.THING);
            double top = (double) band / bands;
            double phase = random.nextDouble() * 6;
            for (int x = 0; x < width; x++) {
                double edge = top + (band == 0 ? 0 : 0.03 * Math.sin(phase + 9.0 * x / width));
                for (int y = (int) Math.max(0, edge * height); y < height; y++) {
                    part[y * width + x] = index;
                }
            }
        }
        int things = 1 + random.nextInt(2);
        for (int i = 0; i < things; i++) {
            block(add(apart(tints::any), Part.THING), 0.04 + 0.05 * random.nextDouble(), false);
        }
        int vivid = 1 + random.nextInt(2);
        for (int i = 0; i < vivid; i++) {
            block(add(apart(tints::vivid), Part.VIVID), 0.005 + 0.006 * random.nextDouble(), true);
        }
        paint(canvas);
        return known();
    }

    private void block(int index, double share, boolean round) {
        double side = Math.sqrt(share * width * height);
        int left = (int) (width * 0.1 + random.nextDouble() * width * 0.7);
        int top = (int) (height * 0.15 + random.nextDouble() * height * 0.6);
        for (int y = 0; y < side * (round ? 1.13 : 1); y++) {
            for (int x = 0; x < side * (round ? 1.13 : 1); x++) {
                double r = Math.hypot(x - side * 0.565, y - side * 0.565);
                if ((!round || r <= side * 0.565) && left + x < width && top + y < height) {
                    part[(top + y) * width + left + x] = index;
                }
            }
        }
    }

    private void paint(Canvas canvas) {
        double[][] texture = new double[colors.size()][];
        double[] rough = new double[colors.size()];
        for (int i = 0; i < colors.size(); i++) {
            texture[i] = grain(8 + random.nextInt(40));
            rough[i] = parts.get(i) == Part.VIVID ? 0.015 : 0.01 + 0.035 * random.nextDouble();
        }
        Oklab[] bases = colors.stream().map(Oklab::of).toArray(Oklab[]::new);
        int[] samples = Canvas.samples(canvas.image);
        for (int i = 0; i < samples.length; i++) {
            int index = part[i];
            Oklab base = bases[index];
            double light = 0.03 * (0.5 - (double) (i / width) / height)
                    + rough[index] * texture[index][i]
                    + 0.012 * random.nextGaussian();
            Oklab seen = new Oklab(
                    Math.max(0, Math.min(1, base.l() + light)),
                    base.a() + 0.006 * random.nextGaussian(),
                    base.b() + 0.006 * random.nextGaussian());
            samples[i] = 0xFF000000 | seen.toLinear().toRgb().packed();
        }
    }

    /** Uneven by waves of a length and by finer ones; about -1 to 1. */
    private double[] grain(int length) {
        double[] sum = new double[width * height];
        for (int octave = 0; octave < 3; octave++) {
            int step = Math.max(2, length >> octave);
            int across = width / step + 3;
            double[] knots =
                    random.doubles((long) across * (height / step + 3), -1, 1).toArray();
            for (int y = 0; y < height; y++) {
                for (int x = 0; x < width; x++) {
                    int at = y / step * across + x / step;
                    double fx = (double) (x % step) / step;
                    double fy = (double) (y % step) / step;
                    double upper = knots[at] * (1 - fx) + knots[at + 1] * fx;
                    double lower = knots[at + across] * (1 - fx) + knots[at + across + 1] * fx;
                    sum[y * width + x] += (upper * (1 - fy) + lower * fy) / (1 << octave);
                }
            }
        }
        return sum;
    }

    private List<KnownColor> known() {
        long[] sizes = new long[colors.size()];
        for (int index : part) {
            sizes[index]++;
        }
        List<KnownColor> known = new ArrayList<>();
        for (int i = 0; i < colors.size(); i++) {
            known.add(new KnownColor(colors.get(i), parts.get(i), (double) sizes[i] / part.length));
        }
        // What others hide almost wholly is not in the picture.
        known.removeIf(k -> k.share() < 0.003);
        return known;
    }
}
