package app.zumbido.formats.existing;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Standing.On;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Written;
import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.ooxml.DrawnPage;
import app.zumbido.formats.ooxml.DrawnPage.Placed;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A page of a document in a simple form: its paragraphs beneath each other, in their colours, faces and sizes, on what they
 * stand on. Where its lines break is left to programs.
 */
final class PlainPage {
    private static final int WIDTH = 680;
    private static final int LEAST_HEIGHT = 960;
    private static final int MOST_HEIGHT = 4000;
    private static final int MARGIN = 56;
    /** Pixels a point, so that a page of A4 fills the width. */
    private static final double SCALE = 680 / 595.0;

    private static final double USUAL_POINTS = 11;
    private static final double LINE = 1.3;
    private static final String SIMPLE = "drawn in a simple form";

    private final List<Paragraph> paragraphs;
    private final Rgb paper;
    private final List<Placed> places = new ArrayList<>();

    /** What is written together. */
    private record Paragraph(String thing, int number, Optional<Rgb> ground, List<Use> runs) {}

    private PlainPage(List<Paragraph> paragraphs, Rgb paper) {
        this.paragraphs = paragraphs;
        this.paper = paper;
    }

    /** @return nothing if the file has no such page */
    static Optional<DrawnPage> draw(Findings findings, int number) {
        boolean paged = !findings.pages().isEmpty();
        if (number < 1 || number > Math.max(1, findings.pages().size())) {
            return Optional.empty();
        }
        List<Use> uses = findings.uses().stream()
                .filter(use -> !paged || use.place().page().equals(OptionalInt.of(number)))
                .toList();
        Rgb paper = uses.stream()
                .filter(use -> use.purpose() == Purpose.PAGE_GROUND)
                .map(Use::color)
                .findFirst()
                .or(() -> uses.stream()
                        .filter(use -> use.standing().on() == On.PAGE)
                        .flatMap(use -> use.grounds().stream())
                        .findFirst())
                .orElse(Rgb.WHITE);
        return Optional.of(new PlainPage(paragraphs(uses), paper).drawn());
    }

    private static List<Paragraph> paragraphs(List<Use> uses) {
        List<Paragraph> paragraphs = new ArrayList<>();
        for (Use use : uses) {
            if (use.what() != ColorUse.TEXT) {
                continue;
            }
            int number = use.place().paragraph().orElse(paragraphs.size());
            Paragraph last = paragraphs.isEmpty() ? null : paragraphs.get(paragraphs.size() - 1);
            if (last == null
                    || last.number() != number
                    || !last.thing().equals(use.place().thing())) {
                Optional<Rgb> ground = use.standing().on() == On.PAGE
                        ? Optional.empty()
                        : use.grounds().stream().findFirst();
                last = new Paragraph(use.place().thing(), number, ground, new ArrayList<>());
                paragraphs.add(last);
            }
            last.runs().add(use);
        }
        return paragraphs;
    }

    private DrawnPage drawn() {
        int height = Math.max(LEAST_HEIGHT, Math.min(MOST_HEIGHT, layout(Optional.empty()) + MARGIN));
        BufferedImage image = new BufferedImage(WIDTH, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = Pens.on(image);
        graphics.setColor(color(paper));
        graphics.fillRect(0, 0, WIDTH, height);
        layout(Optional.of(graphics));
        Pens.note(SIMPLE, graphics, MARGIN, height - 20);
        graphics.dispose();
        return new DrawnPage(
                PngImage.encode(image),
                places.stream()
                        .map(place -> new Placed(0, place.paragraph(), place.thing(), shares(place.frame(), height)))
                        .toList());
    }

    private static Frame shares(Frame pixels, int height) {
        return new Frame(pixels.x() / WIDTH, pixels.y() / height, pixels.width() / WIDTH, pixels.height() / height);
    }

    private static Color color(Rgb rgb) {
        return new Color(rgb.packed());
    }

    /** @param pen nothing: only to know how much room is needed @return pixels from the top */
    private int layout(Optional<Graphics2D> pen) {
        places.clear();
        Graphics2D graphics = pen.orElseGet(() -> Pens.on(new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB)));
        int y = MARGIN;
        for (Paragraph paragraph : paragraphs) {
            if (y > MOST_HEIGHT) {
                break;
            }
            // Twice: what lies behind is as tall as what is written.
            int bottom = write(paragraph, y, graphics, false);
            if (pen.isPresent() && paragraph.ground().isPresent()) {
                graphics.setColor(color(paragraph.ground().get()));
                graphics.fillRect(MARGIN - 6, y, WIDTH - 2 * MARGIN + 12, bottom - y);
            }
            write(paragraph, y, graphics, pen.isPresent());
            places.add(new Placed(
                    0,
                    paragraph.number(),
                    paragraph.thing(),
                    new Frame(MARGIN - 4, y, WIDTH - 2.0 * MARGIN + 8, bottom - y)));
            y = bottom + (paragraph.ground().isPresent() ? 0 : 6);
        }
        return y;
    }

    private int write(Paragraph paragraph, int top, Graphics2D graphics, boolean draws) {
        int x = MARGIN;
        int y = top;
        int tallest = 0;
        for (Use run : paragraph.runs()) {
            Written written = run.written().orElse(null);
            double points = written == null || written.points() <= 0 ? USUAL_POINTS : written.points();
            Font font = Pens.font(
                    written == null ? "" : written.family(), points * SCALE, written != null && written.bold());
            FontMetrics metrics = graphics.getFontMetrics(font);
            int line = (int) Math.ceil(points * SCALE * LINE);
            tallest = Math.max(tallest, line);
            String text = written == null || written.text().isEmpty() ? paragraph.thing() : written.text();
            for (String word : text.split("(?<= )")) {
                int width = metrics.stringWidth(word);
                if (x + width > WIDTH - MARGIN && x > MARGIN) {
                    x = MARGIN;
                    y += tallest;
                }
                if (draws) {
                    graphics.setFont(font);
                    graphics.setColor(color(run.color()));
                    graphics.drawString(word, x, y + (int) (points * SCALE));
                }
                x += width;
            }
        }
        return y + Math.max(tallest, 8);
    }
}
