package app.zumbido.formats.logos;

import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Takes a shape apart into what hangs together; holes stay with what they are in. */
final class Islands {
    /** Of more than that nobody chooses one. */
    private static final int MOST = 400;

    private Islands() {}

    /** @return the shape itself where it is in one piece, or in too many */
    static List<Shape> of(Shape shape) {
        List<Loop> loops = loops(new Area(shape));
        if (loops.size() < 2 || loops.size() > MOST) {
            return List.of(shape);
        }
        // Those that enclose others come first.
        loops.sort(Comparator.comparingDouble(Loop::size).reversed());
        List<Path2D> islands = new ArrayList<>();
        List<Integer> islandOf = new ArrayList<>();
        List<Boolean> hole = new ArrayList<>();
        for (int i = 0; i < loops.size(); i++) {
            Optional<Integer> outer = innermostAround(loops, i);
            boolean isHole = outer.filter(around -> !hole.get(around)).isPresent();
            hole.add(isHole);
            if (isHole) {
                int island = islandOf.get(outer.orElseThrow());
                islands.get(island).append(loops.get(i).path(), false);
                islandOf.add(island);
            } else {
                islands.add((Path2D) loops.get(i).path().clone());
                islandOf.add(islands.size() - 1);
            }
        }
        return List.copyOf(islands);
    }

    private record Loop(Path2D path, Point2D start, Rectangle2D box) {
        double size() {
            return box.getWidth() * box.getHeight();
        }
    }

    private static Optional<Integer> innermostAround(List<Loop> loops, int index) {
        Loop loop = loops.get(index);
        for (int other = index - 1; other >= 0; other--) {
            Loop around = loops.get(other);
            if (around.box().contains(loop.box()) && around.path().contains(loop.start())) {
                return Optional.of(other);
            }
        }
        return Optional.empty();
    }

    private static List<Loop> loops(Area area) {
        List<Loop> loops = new ArrayList<>();
        Path2D path = new Path2D.Double();
        Point2D start = new Point2D.Double();
        double[] at = new double[6];
        for (PathIterator lines = area.getPathIterator(null); !lines.isDone(); lines.next()) {
            switch (lines.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> {
                    path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
                    start = new Point2D.Double(at[0], at[1]);
                    path.moveTo(at[0], at[1]);
                }
                case PathIterator.SEG_LINETO -> path.lineTo(at[0], at[1]);
                case PathIterator.SEG_QUADTO -> path.quadTo(at[0], at[1], at[2], at[3]);
                case PathIterator.SEG_CUBICTO -> path.curveTo(at[0], at[1], at[2], at[3], at[4], at[5]);
                default -> {
                    path.closePath();
                    loops.add(new Loop(path, start, path.getBounds2D()));
                }
            }
        }
        loops.removeIf(loop -> loop.size() == 0);
        return loops;
    }
}
