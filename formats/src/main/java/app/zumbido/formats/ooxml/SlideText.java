package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Frame;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * About where the paragraphs of a shape stand in it, reckoned from the number of their letters: good enough to tell what is
 * behind them. Whoever draws them knows it exactly.
 */
final class SlideText {
    /** Of an em; common practice, no published source. */
    private static final double LETTER = 0.5;

    private static final double LINE = 1.2;
    private static final double INSET_ACROSS = 7.2;
    private static final double INSET_DOWN = 3.6;
    private static final double EMU_A_POINT = 12_700;

    private final Frame shape;
    private final double pagePointsWide;
    private final double pagePointsTall;

    /** A paragraph with something written in it. */
    record Paragraph(Node node, int letters, double points) {}

    SlideText(Frame shape, double pageWidth, double pageHeight) {
        this.shape = shape;
        this.pagePointsWide = pageWidth / EMU_A_POINT;
        this.pagePointsTall = pageHeight / EMU_A_POINT;
    }

    /** @return points that a line has in a shape */
    static double room(Frame shape, double pageWidth) {
        return Math.max(1, shape.width() * pageWidth / EMU_A_POINT - 2 * INSET_ACROSS);
    }

    /**
     * @param anchor {@code t}, {@code ctr} or {@code b}
     * @return one for each paragraph
     */
    List<Frame> frames(List<Paragraph> paragraphs, String anchor) {
        double width = room(shape, pagePointsWide * EMU_A_POINT);
        List<Double> heights = new ArrayList<>();
        for (Paragraph paragraph : paragraphs) {
            double lines = Math.max(1, Math.ceil(paragraph.letters() * LETTER * paragraph.points() / width));
            heights.add(lines * LINE * paragraph.points());
        }
        double all = heights.stream().mapToDouble(Double::doubleValue).sum();
        double free = shape.height() * pagePointsTall - 2 * INSET_DOWN - all;
        double down = INSET_DOWN + (anchor.equals("b") ? free : anchor.equals("ctr") ? free / 2 : 0);
        double from = shape.y() * pagePointsTall + down;
        List<Frame> frames = new ArrayList<>();
        for (int i = 0; i < paragraphs.size(); i++) {
            Paragraph paragraph = paragraphs.get(i);
            double across = Math.min(width, paragraph.letters() * LETTER * paragraph.points());
            double left = shape.x() + (INSET_ACROSS + aligned(paragraph.node()) * (width - across)) / pagePointsWide;
            frames.add(
                    new Frame(left, from / pagePointsTall, across / pagePointsWide, heights.get(i) / pagePointsTall));
            from += heights.get(i);
        }
        return frames;
    }

    private static double aligned(Node paragraph) {
        Optional<String> alignment = paragraph.child("pPr").flatMap(node -> node.attribute("algn"));
        return alignment
                .map(said -> said.equals("ctr") ? 0.5 : said.equals("r") ? 1 : 0.0)
                .orElse(0.0);
    }
}
