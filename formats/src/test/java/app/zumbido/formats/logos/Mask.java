package app.zumbido.formats.logos;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.ArrayDeque;
import java.util.Deque;

/** What a logo covers, drawn pixel by pixel: another hand than areas and outlines. */
record Mask(int side, boolean[] covered) {
    private static final int SIDE = 400;

    /** @param white whether what is nearly white counts as covered */
    static Mask of(LogoDrawing logo, boolean white) {
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, SIDE, SIDE);
        graphics.scale(SIDE / logo.width(), SIDE / logo.height());
        logo.shapes().forEach(painted -> {
            boolean shows = !painted.fill().hex().equals("#FFFFFF") || white;
            graphics.setColor(shows ? Color.BLACK : Color.WHITE);
            graphics.fill(painted.shape());
        });
        graphics.dispose();
        boolean[] covered = new boolean[SIDE * SIDE];
        for (int i = 0; i < covered.length; i++) {
            covered[i] = (image.getRGB(i % SIDE, i / SIDE) & 0xFF) < 128;
        }
        return new Mask(SIDE, covered);
    }

    int area() {
        int area = 0;
        for (boolean one : covered) {
            area += one ? 1 : 0;
        }
        return area;
    }

    /** @return grown and then shrunk by as many pixels: gaps narrower than twice as much are gone */
    Mask closed(int radius) {
        return moved(radius, true).moved(radius, false);
    }

    private Mask moved(int radius, boolean out) {
        boolean[] moved = covered.clone();
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                if (covered[y * side + x] != out) {
                    continue;
                }
                for (int dy = -radius; dy <= radius; dy++) {
                    for (int dx = -radius; dx <= radius; dx++) {
                        boolean inside = x + dx >= 0 && y + dy >= 0 && x + dx < side && y + dy < side;
                        if (inside && dx * dx + dy * dy <= radius * radius) {
                            moved[(y + dy) * side + x + dx] = out;
                        }
                    }
                }
            }
        }
        return new Mask(side, moved);
    }

    /** @return pixels that only one of both covers */
    int differing(Mask other) {
        int differing = 0;
        for (int i = 0; i < covered.length; i++) {
            differing += covered[i] != other.covered[i] ? 1 : 0;
        }
        return differing;
    }

    /** @return how many pieces of more than a few pixels hang together */
    int pieces() {
        boolean[] seen = new boolean[covered.length];
        int pieces = 0;
        for (int start = 0; start < covered.length; start++) {
            if (covered[start] && !seen[start]) {
                pieces += flood(seen, start) > 12 ? 1 : 0;
            }
        }
        return pieces;
    }

    private int flood(boolean[] seen, int start) {
        Deque<Integer> waiting = new ArrayDeque<>();
        waiting.add(start);
        seen[start] = true;
        int size = 0;
        while (!waiting.isEmpty()) {
            int at = waiting.remove();
            size++;
            int x = at % side;
            int[] neighbours = {at - side, at + side, x > 0 ? at - 1 : -1, x < side - 1 ? at + 1 : -1};
            for (int next : neighbours) {
                if (next >= 0 && next < covered.length && covered[next] && !seen[next]) {
                    seen[next] = true;
                    waiting.add(next);
                }
            }
        }
        return size;
    }
}
