package app.zumbido.formats.known;

import app.zumbido.formats.known.KnownPicture.Family;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** All pictures of one seed: about ninety, of every family. */
public final class Gallery {
    private static final int WIDTH = 640;
    private static final int HEIGHT = 440;

    private final Random random;
    private final List<KnownPicture> pictures = new ArrayList<>();

    private Gallery(long seed) {
        random = new Random(seed);
    }

    /** @param seed another one gives other pictures of the same kinds */
    public static List<KnownPicture> of(long seed) {
        return of(seed, 3);
    }

    /** @param rounds how many of each kind, or nearly */
    static List<KnownPicture> of(long seed, int rounds) {
        Gallery gallery = new Gallery(seed);
        for (int round = 0; round < rounds; round++) {
            gallery.flat();
            gallery.degraded();
            gallery.gradients();
            gallery.chips();
            gallery.scenes();
        }
        // Kinds that came later stand last, so that all before them stay as they were.
        for (int round = 0; round < rounds; round++) {
            gallery.degraded(
                    "thin-again",
                    gallery.art().ground().symbolAndName(2).thinLetteringAgain(2 + gallery.random.nextDouble() * 1.5));
        }
        gallery.letteredGradients();
        gallery.tightChips();
        return List.copyOf(gallery.pictures);
    }

    private FlatArt art() {
        double scale = 0.7 + random.nextDouble();
        return new FlatArt(random, (int) (WIDTH * scale), (int) (HEIGHT * scale));
    }

    private void flat() {
        flat("symbol", art().ground().symbolAndName(3));
        flat("symbol-on-nothing", art().nothingBehind().symbolAndName(2));
        flat("bars", art().ground().bars(3 + random.nextInt(4)));
        flat("close", art().ground().symbolAndName(2).closePair());
        flat("blacks", art().ground().symbolAndName(1).blackAndNearBlack());
        flat("accent", art().ground().symbolAndName(2).accent());
        flat("thin", art().ground().symbolAndName(1).thinLettering(1.5 + random.nextDouble() * 1.5));
        flat("shadow", art().ground().badgeWithShadow().accent());
        flat("pattern", art().ground().pattern(2 + random.nextInt(3)));
    }

    private void flat(String name, FlatArt art) {
        add(name, Family.FLAT, Wear.png(art.canvas.image), art.colors());
    }

    private void degraded() {
        degraded("symbol", art().ground().symbolAndName(3));
        degraded("bars", art().ground().bars(3 + random.nextInt(3)));
        degraded("close", art().ground().symbolAndName(2).closePair());
        degraded("accent", art().ground().symbolAndName(2).accent());
        degraded("blacks", art().ground().symbolAndName(1).blackAndNearBlack());
        degraded("shadow", art().ground().badgeWithShadow().accent());
        degraded("thin", art().ground().symbolAndName(1).thinLettering(2 + random.nextDouble() * 1.5));
        degraded("pattern", art().ground().pattern(3));
        FlatArt scanned = art().ground().symbolAndName(3);
        BufferedImage scan = Wear.noisy(Wear.blurred(scanned.canvas.image, 0.8), random, 2 + random.nextDouble() * 3);
        add("scan", Family.DEGRADED, Wear.jpeg(scan, 85), scanned.colors());
    }

    private void degraded(String name, FlatArt art) {
        BufferedImage image = art.canvas.image;
        int quality = 60 + random.nextInt(31);
        String how = "q" + quality;
        switch (random.nextInt(3)) {
            case 0 -> {
                double factor = 0.45 + 0.4 * random.nextDouble();
                image = Wear.scaled(image, factor);
                how += String.format("-scaled%.2f", factor);
            }
            case 1 -> {
                image = Wear.blurred(image, 0.7 + 0.6 * random.nextDouble());
                how += "-blurred";
            }
            default -> {}
        }
        add(name + "-" + how, Family.DEGRADED, Wear.jpeg(image, quality), art.colors());
    }

    private void gradients() {
        for (int i = 0; i < 4; i++) {
            Canvas canvas = new Canvas(WIDTH, HEIGHT);
            boolean radial = i % 2 == 1;
            int stops = i == 3 ? 3 : 2 + random.nextInt(2);
            List<KnownColor> colors = Gradation.draw(canvas, random, stops, radial);
            boolean jpeg = i > 1;
            byte[] file = jpeg ? Wear.jpeg(canvas.image, 75 + random.nextInt(20)) : Wear.png(canvas.image);
            String name = stops + (radial ? "-radial" : "-linear") + (jpeg ? "-jpeg" : "");
            add(name, Family.GRADIENT, file, colors);
        }
    }

    private void chips() {
        for (int i = 0; i < 4; i++) {
            Canvas canvas = new Canvas(WIDTH + 160, HEIGHT + 160);
            int columns = 3 + random.nextInt(4);
            int rows = 1 + random.nextInt(4);
            List<KnownColor> colors = ChipSheet.draw(canvas, random, columns, rows);
            boolean jpeg = i > 1;
            byte[] file = jpeg ? Wear.jpeg(canvas.image, 75 + random.nextInt(20)) : Wear.png(canvas.image);
            add(columns + "x" + rows + (jpeg ? "-jpeg" : ""), Family.CHIPS, file, colors);
        }
    }

    private void letteredGradients() {
        for (int i = 0; i < 4; i++) {
            Canvas canvas = new Canvas(WIDTH, HEIGHT);
            int stops = 2 + i % 2;
            List<KnownColor> colors = Gradation.lettered(canvas, random, stops, i > 1);
            add(stops + "-lettered" + (i > 1 ? "-diagonal" : ""), Family.GRADIENT, Wear.png(canvas.image), colors);
        }
    }

    /** Chips that touch and fill the picture, and chips on cards. */
    private void tightChips() {
        for (int i = 0; i < 4; i++) {
            Canvas canvas = new Canvas(WIDTH + 160, HEIGHT);
            int columns = 3 + random.nextInt(4);
            boolean cards = i % 2 == 1;
            List<KnownColor> colors =
                    cards ? ChipSheet.onCards(canvas, random, columns, 2) : ChipSheet.touching(canvas, random, columns);
            boolean jpeg = i > 1;
            byte[] file = jpeg ? Wear.jpeg(canvas.image, 80 + random.nextInt(15)) : Wear.png(canvas.image);
            add(columns + (cards ? "x2-cards" : "-touching") + (jpeg ? "-jpeg" : ""), Family.CHIPS, file, colors);
        }
    }

    private void scenes() {
        for (int i = 0; i < 5; i++) {
            Canvas canvas = new Canvas(WIDTH, HEIGHT);
            List<KnownColor> colors = new Scene(random, WIDTH, HEIGHT).draw(canvas);
            add("scene", Family.SCENE, Wear.jpeg(canvas.image, 80 + random.nextInt(15)), colors);
        }
    }

    private void add(String name, Family family, byte[] file, List<KnownColor> colors) {
        pictures.add(new KnownPicture(pictures.size() + "-" + name, family, file, colors));
    }
}
