package app.zumbido.core.type.match;

import java.util.List;

/**
 * How far a word lies from the same word in another face: both are drawn equally tall, letter beside letter, slightly blurred,
 * and what differs is counted over what is there. 0 is the same, 1 nothing in common.
 */
public final class WordMatch {
    /** From here on no face is said to be near; errs in about one of ten cases both ways. */
    public static final double NONE_OF_THEM = 0.075;

    private static final double[] SHIFTS = {-0.5, 0, 0.5};
    private static final double[] NO_SHIFT = {0};
    /** Pixels by which the edge of a word may lie farther out than it seems. */
    private static final double[] EDGES = {-0.3, 0, 0.5};

    private static final double FAR = 1;

    private WordMatch() {}

    /** @param text its letters as they are drawn, without blanks */
    public static double distance(DrawnWord word, String text, WordDrawer face) {
        return distance(word, text, face, new Closeness(0, 0, NO_SHIFT, false));
    }

    /** The same where thin strokes at the edges of letters may have faded, so that the word is taller than it looks. */
    static double closest(DrawnWord word, String text, WordDrawer face) {
        double best = distance(word, text, face, new Closeness(0, 0, SHIFTS, true));
        for (double higher : EDGES) {
            for (double lower : EDGES) {
                best = Math.min(best, distance(word, text, face, new Closeness(-higher, lower, SHIFTS, false)));
            }
        }
        return best;
    }

    private static double distance(DrawnWord word, String text, WordDrawer face, Closeness close) {
        String letters = text.replace(" ", "");
        if (letters.isEmpty() || !face.has(letters)) {
            return FAR;
        }
        double tall = face.top(letters) + face.bottom(letters);
        if (tall <= 0) {
            return FAR;
        }
        double em = (word.bottom() - word.top() + close.lower() - close.higher()) / tall;
        double baseline = word.top() + close.higher() + face.top(letters) * em;
        List<String> each = letters.codePoints().mapToObj(Character::toString).toList();
        List<Piece> pieces = word.pieces();
        int height = word.ink().height();
        if (pieces.size() == each.size() && !close.asOne()) {
            return byLetter(pieces, each, em, baseline, height, face, close.shifts());
        }
        Ink drawn = face.draw(text.strip(), em, baseline, height, 0, 0);
        List<Piece> theirs = Piece.of(drawn);
        double whole = whole(word, text.strip(), em, baseline, face, close.shifts());
        return theirs.size() == pieces.size() ? Math.min(byPiece(pieces, theirs), whole) : whole;
    }

    /**
     * How closely is looked.
     *
     * @param higher by how many pixels the upper edge of the word lies lower than it seems; negative: higher
     * @param lower by how many the lower edge lies lower
     * @param shifts of each letter to the right that are tried, in pixels
     * @param asOne whether pieces are not taken for letters, even where there are as many
     */
    private record Closeness(double higher, double lower, double[] shifts, boolean asOne) {}

    private static double byLetter(
            List<Piece> pieces,
            List<String> letters,
            double em,
            double baseline,
            int height,
            WordDrawer face,
            double[] shifts) {
        Sum sum = new Sum();
        for (int i = 0; i < pieces.size(); i++) {
            Ink wanted = pieces.get(i).ink();
            double center = wanted.centroidX();
            Ink plain = face.draw(letters.get(i), em, baseline, height, 0, 0);
            double offset = center - plain.centroidX();
            double best = FAR;
            Ink blurred = wanted.blurred();
            for (double shift : shifts) {
                double at = offset + shift;
                int whole = (int) Math.floor(at);
                Ink drawn = face.draw(letters.get(i), em, baseline, height, 0, at - whole);
                best = Math.min(best, apart(blurred, drawn.blurred(), whole));
            }
            sum.add(best, wanted.sum());
        }
        return sum.mean();
    }

    private static double byPiece(List<Piece> pieces, List<Piece> theirs) {
        Sum sum = new Sum();
        for (int i = 0; i < pieces.size(); i++) {
            Ink wanted = pieces.get(i).ink();
            sum.add(aligned(wanted, theirs.get(i).ink()), wanted.sum());
        }
        return sum.mean();
    }

    /** Letters that touch or fall apart: as one, with as much between them as makes the word equally wide. */
    private static double whole(
            DrawnWord word, String text, double em, double baseline, WordDrawer face, double[] shifts) {
        int gaps = text.codePointCount(0, text.length()) - 1;
        double wider = word.right() - word.left() - face.width(text) * em;
        double spacing = gaps == 0 ? 0 : wider / gaps / em;
        int height = word.ink().height();
        Ink blurred = word.ink().blurred();
        // Letters are drawn from x 1 on.
        double offset = word.left() - 1;
        double best = FAR;
        for (double shift : shifts) {
            int whole = (int) Math.floor(offset + shift);
            Ink drawn = face.draw(text, em, baseline, height, spacing, offset + shift - whole);
            best = Math.min(best, apart(blurred, drawn.blurred(), whole));
        }
        return best;
    }

    private static double aligned(Ink wanted, Ink drawn) {
        Ink one = wanted.blurred();
        Ink other = drawn.blurred();
        int offset = (int) Math.round(wanted.centroidX() - drawn.centroidX());
        double best = FAR;
        for (int shift = offset - 1; shift <= offset + 1; shift++) {
            best = Math.min(best, apart(one, other, shift));
        }
        return best;
    }

    /** @param shift of the other one to the right */
    private static double apart(Ink one, Ink other, int shift) {
        int left = Math.min(0, shift);
        int right = Math.max(one.width(), other.width() + shift);
        int height = Math.max(one.height(), other.height());
        double differing = 0;
        double all = 0;
        for (int y = 0; y < height; y++) {
            for (int x = left; x < right; x++) {
                float a = one.at(x, y);
                float b = other.at(x - shift, y);
                differing += Math.abs(a - b);
                all += a + b;
            }
        }
        return all == 0 ? FAR : differing / all;
    }

    /** Small letters count less, but not as little as their ink. */
    private static final class Sum {
        private double weighted;
        private double weights;

        void add(double distance, double ink) {
            double weight = Math.sqrt(ink);
            weighted += weight * distance;
            weights += weight;
        }

        double mean() {
            return weights == 0 ? FAR : weighted / weights;
        }
    }
}
