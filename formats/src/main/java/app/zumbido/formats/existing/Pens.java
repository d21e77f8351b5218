package app.zumbido.formats.existing;

import app.zumbido.formats.ooxml.PageFonts;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;

/** What simple pages are drawn with. */
final class Pens {
    private static final Color NOTE = new Color(0x5E5E5E);
    private static final int NOTE_SIZE = 10;

    private Pens() {}

    static Graphics2D on(BufferedImage image) {
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        return graphics;
    }

    /** @param family as the file names it; empty for none @param size in pixels */
    static Font font(String family, double size, boolean bold) {
        String drawn = PageFonts.drawn(family.isBlank() ? "Arimo" : family);
        return new Font(drawn, bold ? Font.BOLD : Font.PLAIN, 1).deriveFont((float) Math.min(200, size));
    }

    /** What is ours and not the file's. */
    static void note(String text, Graphics2D graphics, int x, int y) {
        graphics.setFont(font("", NOTE_SIZE, false));
        graphics.setColor(NOTE);
        graphics.drawString(text, x, y);
    }
}
