package app.zumbido.formats.guide;

import app.zumbido.core.guide.layout.Box;
import app.zumbido.core.guide.layout.Page;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;

/**
 * Where the points of a page lie on its sheet: PDF counts from the lower left corner upwards.
 *
 * @param around between the edge of the sheet and that of the page, in points
 * @param bleed how far beyond the edge of the page it is printed, in points
 */
record PageSpace(Page page, double around, double bleed) {
    /** What reaches the edge so nearly is meant to reach it. */
    private static final double AT_THE_EDGE = 0.01;

    double x(double x) {
        return around + x;
    }

    double y(double y) {
        return around + page.height() - y;
    }

    Point2D place(Point2D point) {
        return new Point2D.Double(x(point.getX()), y(point.getY()));
    }

    AffineTransform transform() {
        return new AffineTransform(1, 0, 0, -1, around, around + page.height());
    }

    double width() {
        return page.width() + 2 * around;
    }

    double height() {
        return page.height() + 2 * around;
    }

    /** @return what reaches the edge of the page, printed beyond it, so that no white shows where it is cut */
    Box bleeding(Box box) {
        if (bleed == 0) {
            return box;
        }
        double left = box.x() <= AT_THE_EDGE ? bleed : 0;
        double top = box.y() <= AT_THE_EDGE ? bleed : 0;
        double right = box.right() >= page.width() - AT_THE_EDGE ? bleed : 0;
        double bottom = box.bottom() >= page.height() - AT_THE_EDGE ? bleed : 0;
        return new Box(box.x() - left, box.y() - top, box.width() + left + right, box.height() + top + bottom);
    }
}
