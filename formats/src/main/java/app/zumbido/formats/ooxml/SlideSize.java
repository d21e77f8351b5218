package app.zumbido.formats.ooxml;

import org.openxmlformats.schemas.drawingml.x2006.main.CTTransform2D;
import org.openxmlformats.schemas.presentationml.x2006.main.CTGroupShape;
import org.openxmlformats.schemas.presentationml.x2006.main.CTShape;
import org.openxmlformats.schemas.presentationml.x2006.main.CTSlideSize;
import org.openxmlformats.schemas.presentationml.x2006.main.STSlideSizeType;

/**
 * How large slides are. Both are as high, so what stands on them is only laid out across anew: margins stay, columns between
 * them are narrower, letters are as large. Lengths in English Metric Units, 914,400 to the inch.
 */
public enum SlideSize {
    WIDE("wide", "16x9", 12_192_000),
    STANDARD("standard", "4x3", 9_144_000);

    private static final long MARGIN = 609_600;

    private final String kind;
    private final String said;
    private final long width;

    SlideSize(String kind, String said, long width) {
        this.kind = kind;
        this.said = said;
        this.width = width;
    }

    String kind() {
        return kind;
    }

    /** @return as it stands in the name of a file: applying the wrong one spoils graphics */
    String said() {
        return said;
    }

    long width() {
        return width;
    }

    void set(CTSlideSize size) {
        size.setCx((int) width);
        if (this == STANDARD) {
            size.setType(STSlideSizeType.SCREEN_4_X_3);
        }
    }

    /** Parts are drawn for wide slides. */
    void layOut(CTGroupShape shapes) {
        for (CTShape shape : shapes.getSpList()) {
            if (this != WIDE && shape.getSpPr() != null && shape.getSpPr().isSetXfrm()) {
                layOut(shape.getSpPr().getXfrm());
            }
        }
    }

    private void layOut(CTTransform2D place) {
        long left = across(Long.parseLong(String.valueOf(place.getOff().getX())));
        long right = across(Long.parseLong(String.valueOf(place.getOff().getX()))
                + place.getExt().getCx());
        place.getOff().setX(left);
        place.getExt().setCx(right - left);
    }

    /** @param x on a wide slide @return the same within margins that stay as they are */
    private long across(long x) {
        if (x < MARGIN) {
            return x;
        }
        if (x > WIDE.width - MARGIN) {
            return x - WIDE.width + width;
        }
        return MARGIN + Math.round((double) (x - MARGIN) * (width - 2 * MARGIN) / (WIDE.width - 2 * MARGIN));
    }
}
