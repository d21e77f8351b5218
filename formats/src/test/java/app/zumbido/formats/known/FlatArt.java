package app.zumbido.formats.known;

import app.zumbido.core.color.Rgb;
import app.zumbido.formats.known.KnownColor.Part;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Logos and badges of flat colours. */
final class FlatArt {
    /** How far colours lie apart unless they are a close pair; ΔE00. */
    private static final double APART = 14;

    final Canvas canvas;
    private final Random random;
    private final Tints tints;
    private final List<KnownColor> colors = new ArrayList<>();
    private final List<Rgb> used = new ArrayList<>();

    FlatArt(Random random, int width, int height) {
        this.random = random;
        tints = new Tints(random);
        canvas = new Canvas(width, height);
    }

    /** The colours with the share that each has by now. */
    List<KnownColor> colors() {
        return colors.stream()
                .map(c -> new KnownColor(c.color(), c.part(), canvas.share(c.color())))
                .toList();
    }

    private Rgb use(Rgb rgb, Part part) {
        colors.add(new KnownColor(rgb, part, 0));
        used.add(rgb);
        return rgb;
    }

    private Rgb next() {
        return use(tints.apartFrom(used, APART, tints::any), Part.FLAT);
    }

    /** White, pale, or a brand colour. */
    FlatArt ground() {
        Rgb rgb = switch (random.nextInt(4)) {
            case 0, 1 -> Rgb.WHITE;
            case 2 -> tints.pale();
            default -> tints.any();
        };
        canvas.ground(use(rgb, Part.GROUND));
        return this;
    }

    FlatArt nothingBehind() {
        return this;
    }

    /** Overlapping round and angular shapes, with lettering beneath. */
    FlatArt symbolAndName(int shapes) {
        double w = canvas.width;
        double h = canvas.height;
        for (int i = 0; i < shapes; i++) {
            double size = h * (0.45 - 0.07 * i);
            double x = w * (0.1 + 0.18 * i) + random.nextDouble() * 20;
            double y = h * (0.08 + 0.06 * i);
            Rgb rgb = next();
            switch (random.nextInt(4)) {
                case 0 -> canvas.fill(new Ellipse2D.Double(x, y, size, size), rgb);
                case 1 -> canvas.fill(new RoundRectangle2D.Double(x, y, size, size * 0.8, 30, 30), rgb);
                case 2 -> canvas.fill(polygon(x + size / 2, y + size / 2, size / 2, 3 + random.nextInt(5)), rgb);
                default ->
                    canvas.stroke(
                            new Arc2D.Double(
                                    x + size * 0.1, y + size * 0.1, size * 0.8, size * 0.8, 20, 300, Arc2D.OPEN),
                            rgb,
                            size * 0.16);
            }
        }
        canvas.letters(random, w * 0.1, h * 0.72, h * 0.16, 6, next(), h * 0.035);
        return this;
    }

    FlatArt bars(int count) {
        for (int i = 0; i < count; i++) {
            double y = canvas.height * (0.2 + 0.6 * i / count);
            canvas.fill(
                    new Rectangle2D.Double(canvas.width * 0.1, y, canvas.width * 0.8, canvas.height * 0.6 / count - 6),
                    next());
        }
        return this;
    }

    FlatArt closePair() {
        Rgb one = use(tints.apartFrom(used, APART, tints::any), Part.CLOSE);
        Rgb other = use(tints.besides(one), Part.CLOSE);
        double side = canvas.height * 0.3;
        double y = canvas.height * 0.62;
        canvas.fill(new Rectangle2D.Double(canvas.width * 0.55, y, side, side), one);
        canvas.fill(new Rectangle2D.Double(canvas.width * 0.55 + side, y, side, side), other);
        return this;
    }

    /** Black with a near-black upon it; both are really there. */
    FlatArt blackAndNearBlack() {
        double side = canvas.height * 0.3;
        canvas.fill(
                new Rectangle2D.Double(canvas.width * 0.7, canvas.height * 0.1, side, side),
                use(Rgb.BLACK, Part.CLOSE));
        canvas.fill(
                new Ellipse2D.Double(
                        canvas.width * 0.7 + side * 0.25, canvas.height * 0.1 + side * 0.25, side / 2, side / 2),
                use(Rgb.ofHex("1F2226"), Part.CLOSE));
        return this;
    }

    /** A round dot of a vivid colour; 0.3 to 1.5 % of the picture. */
    FlatArt accent() {
        double share = 0.003 + 0.012 * random.nextDouble();
        double across = Math.sqrt(share * canvas.width * canvas.height * 4 / Math.PI);
        Rgb rgb = use(tints.apartFrom(used, 20, tints::vivid), Part.FLAT);
        canvas.fill(new Ellipse2D.Double(canvas.width * 0.86, canvas.height * 0.78, across, across), rgb);
        return this;
    }

    /** @param wide of the strokes, in pixels */
    FlatArt thinLettering(double wide) {
        Rgb rgb = use(tints.apartFrom(used, 25, random.nextBoolean() ? tints::dark : tints::any), Part.THIN);
        for (int line = 0; line < 2; line++) {
            double high = Math.max(10, wide * 8);
            canvas.letters(random, canvas.width * 0.08, canvas.height * 0.9 - line * high * 1.5, high, 14, rgb, wide);
        }
        return this;
    }

    /** The same in a colour that is there already: nothing more is to be found. */
    FlatArt thinLetteringAgain(double wide) {
        Rgb rgb = used.get(used.size() - 1);
        double high = Math.max(10, wide * 8);
        canvas.letters(random, canvas.width * 0.08, canvas.height * 0.03, high, 14, rgb, wide);
        return this;
    }

    /** Everything drawn next lies over a soft shadow of this badge. */
    FlatArt badgeWithShadow() {
        var shape = new RoundRectangle2D.Double(
                canvas.width * 0.12, canvas.height * 0.12, canvas.width * 0.5, canvas.height * 0.45, 40, 40);
        canvas.shadow(
                shape, 4 + 4 * random.nextDouble(), 5 + 6 * random.nextDouble(), 0.25 + 0.2 * random.nextDouble());
        canvas.fill(shape, next());
        canvas.letters(
                random,
                canvas.width * 0.2,
                canvas.height * 0.22,
                canvas.height * 0.2,
                3,
                next(),
                canvas.height * 0.045);
        return this;
    }

    /** Many small tiles of a few colours. */
    FlatArt pattern(int count) {
        List<Rgb> tiles = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            tiles.add(next());
        }
        double side = canvas.height / 14.0;
        for (int row = 2; row < 9; row++) {
            for (int column = 2; column < 16; column++) {
                Rgb rgb = tiles.get(random.nextInt(count));
                double x = column * side * 1.25;
                double y = row * side * 1.2;
                if (random.nextBoolean()) {
                    canvas.fill(new Ellipse2D.Double(x, y, side, side), rgb);
                } else {
                    canvas.fill(polygon(x + side / 2, y + side / 2, side / 2, 4), rgb);
                }
            }
        }
        return this;
    }

    private static Path2D polygon(double x, double y, double radius, int corners) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners + 0.3;
            if (i == 0) {
                path.moveTo(x + radius * Math.cos(angle), y + radius * Math.sin(angle));
            } else {
                path.lineTo(x + radius * Math.cos(angle), y + radius * Math.sin(angle));
            }
        }
        path.closePath();
        return path;
    }
}
