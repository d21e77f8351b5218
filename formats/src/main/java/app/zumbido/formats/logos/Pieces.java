package app.zumbido.formats.logos;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.Cutting;
import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;

/** Takes a logo apart into its pieces, finds those that stand together, and puts some of them together again. */
final class Pieces {
    /** Letters of a line stand nearer than this; of the lower one's height. */
    private static final double BESIDE = 0.55;
    /** A line of letters holds nothing that is taller than this many of its smallest letters. */
    private static final double TALLER = 2.6;
    /** Of the smaller one's height: letters of one line share so much of it. */
    private static final double LEVEL = 0.5;
    /** A dot stands nearer above its letter; of the letter's height. */
    private static final double ABOVE = 0.5;

    /** Wider than any letter; in heights. Such a piece belongs to what it stands near beneath or above. */
    private static final double WIDE = 2.5;

    private static final double BENEATH = 0.2;
    /** A dot is so much lower than its letter at most. */
    private static final double DOT = 0.45;

    private Pieces() {}

    private record Piece(PaintedShape painted, Rectangle2D box) {}

    static List<LogoPiece> of(LogoDrawing logo) {
        List<Piece> pieces = pieces(logo);
        int[] groups = groups(pieces);
        List<LogoPiece> found = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Rgb color = pieces.get(i).painted().fill();
            cutting(pieces.get(i).box(), logo).ifPresent(place(found, color, groups[i]));
        }
        return found;
    }

    private static Consumer<Cutting> place(List<LogoPiece> found, Rgb color, int group) {
        return box -> found.add(new LogoPiece(color, box, group));
    }

    private static List<Piece> pieces(LogoDrawing logo) {
        List<Piece> pieces = new ArrayList<>();
        for (PaintedShape painted : logo.shapes()) {
            for (Shape island : Islands.of(painted.shape())) {
                pieces.add(new Piece(painted.shaped(island), island.getBounds2D()));
            }
        }
        return pieces;
    }

    private static Optional<Cutting> cutting(Rectangle2D box, LogoDrawing logo) {
        Rectangle2D seen = box.createIntersection(new Rectangle2D.Double(0, 0, logo.width(), logo.height()));
        return seen.isEmpty()
                ? Optional.empty()
                : Optional.of(new Cutting(
                        seen.getX() / logo.width(),
                        seen.getY() / logo.height(),
                        Math.min(seen.getWidth() / logo.width(), 1 - seen.getX() / logo.width()),
                        Math.min(seen.getHeight() / logo.height(), 1 - seen.getY() / logo.height())));
    }

    /** @return without the pieces that lie in one of the cuttings */
    static LogoDrawing without(LogoDrawing logo, List<Cutting> cuttings) {
        return keeping(logo, box -> cuttings.stream().noneMatch(cutting -> cutting.holds(box)));
    }

    /** @return the pieces that lie mostly in the cutting, whole; where none does, what lies in it is cut off */
    static LogoDrawing within(LogoDrawing logo, Cutting cutting) {
        LogoDrawing whole = keeping(logo, cutting::holdsMostOf);
        return whole.shapes().isEmpty() ? cropped(logo, cutting) : whole;
    }

    private static LogoDrawing keeping(LogoDrawing logo, Predicate<Cutting> kept) {
        List<PaintedShape> shapes = new ArrayList<>();
        for (PaintedShape painted : logo.shapes()) {
            List<Piece> pieces = pieces(new LogoDrawing(logo.width(), logo.height(), List.of(painted)));
            List<Piece> left = pieces.stream()
                    .filter(piece -> cutting(piece.box(), logo).filter(kept).isPresent())
                    .toList();
            if (left.size() == pieces.size()) {
                shapes.add(painted);
            } else {
                left.forEach(piece -> shapes.add(piece.painted()));
            }
        }
        return new LogoDrawing(logo.width(), logo.height(), shapes).trimmed();
    }

    private static LogoDrawing cropped(LogoDrawing logo, Cutting cutting) {
        Area frame = new Area(new Rectangle2D.Double(
                cutting.x() * logo.width(),
                cutting.y() * logo.height(),
                cutting.width() * logo.width(),
                cutting.height() * logo.height()));
        List<PaintedShape> shapes = new ArrayList<>();
        for (PaintedShape painted : logo.shapes()) {
            Area cut = new Area(painted.shape());
            cut.intersect(frame);
            if (!cut.isEmpty()) {
                shapes.add(painted.shaped(cut));
            }
        }
        return new LogoDrawing(logo.width(), logo.height(), shapes).trimmed();
    }

    private static boolean isWide(Rectangle2D box) {
        return box.getWidth() > WIDE * box.getHeight();
    }

    /** @return by piece the number of what it stands together with */
    private static int[] groups(List<Piece> pieces) {
        int[] group = new int[pieces.size()];
        Arrays.setAll(group, i -> i);
        for (int one = 0; one < group.length; one++) {
            for (int other = 0; other < one; other++) {
                if (group[one] != group[other]
                        && together(pieces.get(one).box(), pieces.get(other).box())) {
                    int kept = group[other];
                    int gone = group[one];
                    Arrays.setAll(group, i -> group[i] == gone ? kept : group[i]);
                }
            }
        }
        return numbered(group, pieces);
    }

    private static boolean together(Rectangle2D one, Rectangle2D other) {
        double taller = Math.max(one.getHeight(), other.getHeight());
        double lower = Math.min(one.getHeight(), other.getHeight());
        double gap = Math.max(one.getX(), other.getX()) - Math.min(one.getMaxX(), other.getMaxX());
        double fall = Math.max(one.getY(), other.getY()) - Math.min(one.getMaxY(), other.getMaxY());
        boolean letters = -fall >= LEVEL * lower && gap <= BESIDE * lower && taller <= TALLER * lower;
        Rectangle2D dot = one.getHeight() < other.getHeight() ? one : other;
        boolean dotted = -gap >= LEVEL * Math.min(one.getWidth(), other.getWidth())
                && fall <= ABOVE * taller
                && lower <= DOT * taller
                && dot.getY() < Math.max(one.getY(), other.getY());
        boolean stacked = -gap >= LEVEL * Math.min(one.getWidth(), other.getWidth())
                && fall <= BENEATH * taller
                && (isWide(one) || isWide(other));
        return gap < 0 && fall < 0 || letters || dotted || stacked;
    }

    /** Groups are counted as they are read, from the upper left. */
    private static int[] numbered(int[] group, List<Piece> pieces) {
        List<Integer> order = Arrays.stream(group)
                .distinct()
                .boxed()
                .sorted(Comparator.comparingDouble(
                                (Integer one) -> box(one, group, pieces).getX())
                        .thenComparingDouble(one -> box(one, group, pieces).getY()))
                .toList();
        return Arrays.stream(group).map(order::indexOf).toArray();
    }

    private static Rectangle2D box(int number, int[] group, List<Piece> pieces) {
        Rectangle2D all = null;
        for (int i = 0; i < group.length; i++) {
            if (group[i] == number) {
                Rectangle2D box = pieces.get(i).box();
                all = all == null ? box : all.createUnion(box);
            }
        }
        return Objects.requireNonNull(all);
    }
}
