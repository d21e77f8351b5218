package app.zumbido.formats.existing;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.inspect.Standing.On;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Written;
import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.ooxml.DrawnPage;
import app.zumbido.formats.ooxml.DrawnPage.Placed;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A sheet of a workbook in a simple form: its first cells in columns of one width, in their colours and faces. */
final class PlainSheet {
    private static final int COLUMNS = 10;
    private static final int ROWS = 40;
    private static final int CELL_WIDTH = 92;
    private static final int CELL_HEIGHT = 20;
    private static final int HEAD = 24;
    private static final int WIDTH = HEAD + COLUMNS * CELL_WIDTH;
    private static final int HEIGHT = HEAD + ROWS * CELL_HEIGHT + 20;
    private static final Color RULE = new Color(0xD6D6D6);
    private static final Pattern CELL = Pattern.compile("([A-Z]{1,3})([0-9]{1,7})(:.*)?");

    private PlainSheet() {}

    /** @return nothing if the file has no such sheet */
    static Optional<DrawnPage> draw(Findings findings, int number) {
        if (number < 1 || number > findings.pages().size()) {
            return Optional.empty();
        }
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = Pens.on(image);
        grid(graphics);
        List<Placed> places = new ArrayList<>();
        for (Use use : findings.uses()) {
            boolean here = use.place().page().equals(OptionalInt.of(number));
            Optional<Frame> cell = here ? cell(use.place().thing()) : Optional.empty();
            if (cell.isPresent() && use.what() == ColorUse.TEXT) {
                write(use, cell.get(), graphics);
                places.add(new Placed(0, 0, use.place().thing(), shares(cell.get())));
            }
        }
        Pens.note("the first cells, drawn in a simple form", graphics, HEAD, HEIGHT - 6);
        graphics.dispose();
        return Optional.of(new DrawnPage(PngImage.encode(image), places));
    }

    private static Frame shares(Frame pixels) {
        return new Frame(pixels.x() / WIDTH, pixels.y() / HEIGHT, pixels.width() / WIDTH, pixels.height() / HEIGHT);
    }

    private static void grid(Graphics2D graphics) {
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, WIDTH, HEIGHT);
        graphics.setColor(RULE);
        for (int column = 0; column <= COLUMNS; column++) {
            int x = HEAD + column * CELL_WIDTH;
            graphics.drawLine(x, 0, x, HEIGHT - 20);
        }
        for (int row = 0; row <= ROWS; row++) {
            int y = HEAD + row * CELL_HEIGHT;
            graphics.drawLine(0, y, WIDTH, y);
        }
        for (int column = 0; column < COLUMNS; column++) {
            Pens.note(Character.toString('A' + column), graphics, HEAD + column * CELL_WIDTH + 40, 16);
        }
        for (int row = 0; row < ROWS; row++) {
            Pens.note(Integer.toString(row + 1), graphics, 4, HEAD + row * CELL_HEIGHT + 14);
        }
    }

    /** @param name as in {@code B3} @return in pixels; nothing of what lies beyond the first cells */
    private static Optional<Frame> cell(String name) {
        Matcher matcher = CELL.matcher(name);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        int column = 0;
        for (char letter : matcher.group(1).toCharArray()) {
            column = column * 26 + letter - 'A' + 1;
        }
        int row = Integer.parseInt(matcher.group(2));
        return column > COLUMNS || row > ROWS || row < 1
                ? Optional.empty()
                : Optional.of(new Frame(
                        HEAD + (column - 1) * CELL_WIDTH, HEAD + (row - 1) * CELL_HEIGHT, CELL_WIDTH, CELL_HEIGHT));
    }

    private static void write(Use use, Frame cell, Graphics2D graphics) {
        int x = (int) cell.x();
        int y = (int) cell.y();
        if (use.standing().on() == On.CELL && !use.grounds().isEmpty()) {
            graphics.setColor(color(use.grounds().get(0)));
            graphics.fillRect(x, y, CELL_WIDTH, CELL_HEIGHT);
        }
        Written written = use.written().orElse(null);
        if (written != null) {
            Shape whole = graphics.getClip();
            graphics.clipRect(x, y, CELL_WIDTH, CELL_HEIGHT);
            graphics.setFont(Pens.font(written.family(), Math.min(14, Math.max(7, written.points())), written.bold()));
            graphics.setColor(color(use.color()));
            graphics.drawString(written.text(), x + 4, y + 14);
            graphics.setClip(whole);
        }
    }

    private static Color color(Rgb rgb) {
        return new Color(rgb.packed());
    }
}
