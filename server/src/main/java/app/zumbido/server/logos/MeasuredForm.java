package app.zumbido.server.logos;

import app.zumbido.core.logos.LogoMeasures;
import app.zumbido.formats.logos.LogoDrawing;
import app.zumbido.formats.logos.LogoPiece;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What is measured on a form.
 *
 * @param strokes its width, in thicknesses of its thinnest stroke; 0 of one that shows nothing
 * @param clear clear space that it asks for, in its heights
 */
record MeasuredForm(double ratio, double strokes, List<LogoPiece> pieces, double clear) {
    /** Fewer pieces that stand together are no line of letters. */
    private static final int FEWEST_LETTERS = 3;
    /** Around a mark without letters; of its height (common practice, no published source). */
    private static final double USUAL = 0.25;
    /** Of more pieces nobody chooses one. */
    private static final int MOST_PIECES = 400;

    static MeasuredForm of(LogoDrawing drawing) {
        double thinnest = drawing.thinnestStroke();
        List<LogoPiece> pieces = drawing.pieces();
        return new MeasuredForm(
                drawing.width() / drawing.height(),
                thinnest > 0 ? drawing.width() / thinnest : 0,
                pieces.size() > MOST_PIECES ? List.of() : pieces,
                letters(pieces));
    }

    /** As high as a letter is: the middle one of the line with the tallest letters. */
    private static double letters(List<LogoPiece> pieces) {
        Map<Integer, List<LogoPiece>> groups = pieces.stream().collect(Collectors.groupingBy(LogoPiece::group));
        return groups.values().stream()
                .filter(group -> group.size() >= FEWEST_LETTERS)
                .map(MeasuredForm::middleHeight)
                .max(Comparator.naturalOrder())
                .orElse(USUAL);
    }

    private static double middleHeight(List<LogoPiece> line) {
        return line.stream()
                .map(piece -> piece.box().height())
                .sorted()
                .toList()
                .get(line.size() / 2);
    }

    double leastMillimetres() {
        return LogoMeasures.leastMillimetres(strokes);
    }

    int leastPixels() {
        return LogoMeasures.leastPixels(strokes);
    }
}
