package app.zumbido.formats.known;

import app.zumbido.core.color.Rgb;
import app.zumbido.formats.known.KnownColor.Part;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Chips in rows with a printed label at each. */
final class ChipSheet {
    private ChipSheet() {}

    /** @return the ground first, then the chips in reading order */
    static List<KnownColor> draw(Canvas canvas, Random random, int columns, int rows) {
        Tints tints = new Tints(random);
        Rgb ground = random.nextInt(4) == 0 ? tints.pale() : Rgb.WHITE;
        canvas.ground(ground);
        List<KnownColor> known = new ArrayList<>();
        known.add(new KnownColor(ground, Part.GROUND, 0.5));
        List<Rgb> used = new ArrayList<>(List.of(ground));
        double cellWide = canvas.width * 0.9 / columns;
        double cellHigh = canvas.height * 0.86 / rows;
        int form = random.nextInt(3);
        boolean inside = random.nextBoolean();
        Rgb ink = random.nextBoolean() ? Rgb.BLACK : Rgb.ofHex("3A3A3A");
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                Rgb rgb = tints.apartFrom(used, 7, tints::any);
                used.add(rgb);
                known.add(new KnownColor(rgb, Part.CHIP, 0.3 / columns / rows));
                double x = canvas.width * 0.05 + column * cellWide + cellWide * 0.1;
                double y = canvas.height * 0.07 + row * cellHigh + cellHigh * 0.06;
                double wide = cellWide * 0.8;
                double high = cellHigh * 0.66;
                canvas.fill(form(form, x, y, wide, high), rgb);
                double labelY = inside ? y + high * 0.7 : y + high * 1.08;
                Rgb label = inside ? rgb.ink() : ink;
                canvas.letters(random, x + wide * 0.15, labelY, Math.max(9, high * 0.12), 5, label, 1.6);
            }
        }
        return known;
    }

    /** One row that fills the picture, with a label on each. */
    static List<KnownColor> touching(Canvas canvas, Random random, int columns) {
        Tints tints = new Tints(random);
        List<KnownColor> known = new ArrayList<>();
        List<Rgb> used = new ArrayList<>();
        for (int column = 0; column < columns; column++) {
            Rgb rgb = tints.apartFrom(used, 9, tints::any);
            used.add(rgb);
            known.add(new KnownColor(rgb, Part.CHIP, 1.0 / columns));
            int left = canvas.width * column / columns;
            int right = canvas.width * (column + 1) / columns;
            canvas.fill(new Rectangle2D.Double(left, 0, right - left, canvas.height), rgb);
            canvas.letters(random, left + 10, canvas.height * 0.86, 12, 5, rgb.ink(), 1.6);
        }
        return known;
    }

    /** Each chip lies on a card of one size and colour, with its label beneath it on the card. */
    static List<KnownColor> onCards(Canvas canvas, Random random, int columns, int rows) {
        Tints tints = new Tints(random);
        Rgb card = Rgb.ofHex("E6E6E4");
        canvas.ground(Rgb.WHITE);
        List<KnownColor> known = new ArrayList<>(List.of(new KnownColor(Rgb.WHITE, Part.GROUND, 0.3)));
        List<Rgb> used = new ArrayList<>(List.of(Rgb.WHITE, card));
        double cellWide = canvas.width * 0.94 / columns;
        double cellHigh = canvas.height * 0.94 / rows;
        for (int i = 0; i < columns * rows; i++) {
            Rgb rgb = tints.apartFrom(used, 9, tints::any);
            used.add(rgb);
            known.add(new KnownColor(rgb, Part.CHIP, 0.4 / columns / rows));
            double x = canvas.width * 0.03 + i % columns * cellWide + cellWide * 0.06;
            double y = canvas.height * 0.03 + i / columns * cellHigh + cellHigh * 0.04;
            canvas.fill(new Rectangle2D.Double(x, y, cellWide * 0.88, cellHigh * 0.9), card);
            canvas.fill(new Rectangle2D.Double(x + 4, y + 4, cellWide * 0.88 - 8, cellHigh * 0.6), rgb);
            canvas.letters(random, x + 10, y + cellHigh * 0.7, 12, 5, Rgb.ofHex("3A3A3A"), 1.6);
        }
        return known;
    }

    private static Shape form(int form, double x, double y, double wide, double high) {
        return switch (form) {
            case 0 -> new Rectangle2D.Double(x, y, wide, high);
            case 1 -> new RoundRectangle2D.Double(x, y, wide, high, 24, 24);
            default ->
                new Ellipse2D.Double(
                        x + (wide - Math.min(wide, high)) / 2, y, Math.min(wide, high), Math.min(wide, high));
        };
    }
}
