package app.zumbido.core.guide.layout;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.core.guide.MoodPicture;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Something that is drawn. */
public sealed interface Mark {
    Box box();

    Mark moved(double dx, double dy);

    void drawnBy(Painter painter);

    /**
     * @param baseline from the top of the page
     * @param glued whether its last word goes on in the next line
     */
    record Words(Box box, double baseline, String text, Lettered style, Rgb ink, boolean glued) implements Mark {
        /** A line that stands by itself. */
        Words(Box box, double baseline, String text, Lettered style, Rgb ink) {
            this(box, baseline, text, style, ink, false);
        }

        @Override
        public Words moved(double dx, double dy) {
            return new Words(box.moved(dx, dy), baseline + dy, text, style, ink, glued);
        }

        @Override
        public void drawnBy(Painter painter) {
            painter.words(this);
        }
    }

    record Fill(Box box, Rgb color) implements Mark {
        @Override
        public Fill moved(double dx, double dy) {
            return new Fill(box.moved(dx, dy), color);
        }

        @Override
        public void drawnBy(Painter painter) {
            painter.fill(this);
        }
    }

    /** A line along the inside of a box. */
    record Outline(Box box, Rgb color, double thickness, boolean dashed) implements Mark {
        @Override
        public Outline moved(double dx, double dy) {
            return new Outline(box.moved(dx, dy), color, thickness, dashed);
        }

        @Override
        public void drawnBy(Painter painter) {
            painter.outline(this);
        }
    }

    /** @param rising from the lower left to the upper right corner of the box, otherwise from the upper left to the lower right */
    record Line(Box box, boolean rising, Rgb color, double thickness) implements Mark {
        @Override
        public Line moved(double dx, double dy) {
            return new Line(box.moved(dx, dy), rising, color, thickness);
        }

        @Override
        public void drawnBy(Painter painter) {
            painter.line(this);
        }
    }

    /** @param angle degrees clockwise from upwards, as in CSS */
    record Ramp(Box box, List<Rgb> stops, boolean radial, int angle) implements Mark {
        public Ramp {
            stops = List.copyOf(stops);
        }

        @Override
        public Ramp moved(double dx, double dy) {
            return new Ramp(box.moved(dx, dy), stops, radial, angle);
        }

        @Override
        public void drawnBy(Painter painter) {
            painter.ramp(this);
        }
    }

    /** @param crop what of the picture fills the box */
    record Picture(Box box, UUID source, MoodPicture.Crop crop, Optional<Overlay> overlay) implements Mark {
        @Override
        public Picture moved(double dx, double dy) {
            return new Picture(box.moved(dx, dy), source, crop, overlay);
        }

        @Override
        public void drawnBy(Painter painter) {
            painter.picture(this);
        }
    }

    /** @param turned degrees clockwise around the middle of the box; a box of another shape stretches it */
    record LogoMark(Box box, LogoForm form, LogoVersion version, double turned) implements Mark {
        @Override
        public LogoMark moved(double dx, double dy) {
            return new LogoMark(box.moved(dx, dy), form, version, turned);
        }

        @Override
        public void drawnBy(Painter painter) {
            painter.logo(this);
        }
    }
}
