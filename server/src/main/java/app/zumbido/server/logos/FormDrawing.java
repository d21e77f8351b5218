package app.zumbido.server.logos;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.logos.Icon;
import app.zumbido.formats.logos.LogoDrawing;
import app.zumbido.formats.logos.Logos;

/** A form of a logo as it is drawn, and as we make its versions. */
sealed interface FormDrawing {
    /** @return as painted shapes, an icon as large as it gets */
    LogoDrawing drawing();

    /** @param version any but the one for light grounds, which is the form itself */
    FormDrawing made(LogoVersion version, Tones tones);

    LogoPicture picture();

    /** @return what of it can be used to make other forms */
    default LogoDrawing mark() {
        return drawing();
    }

    record Mark(LogoDrawing drawing) implements FormDrawing {
        @Override
        public FormDrawing made(LogoVersion version, Tones tones) {
            return switch (version) {
                case LIGHT -> this;
                case DARK -> new Mark(Logos.forDark(drawing, tones.dark()));
                case ONE_DARK -> new Mark(Logos.oneColor(drawing, tones.dark()));
                case ONE_LIGHT -> new Mark(Logos.oneColor(drawing, tones.light()));
            };
        }

        @Override
        public LogoPicture picture() {
            return new LogoPicture() {
                @Override
                public double ratio() {
                    return drawing.width() / drawing.height();
                }

                @Override
                public byte[] svg() {
                    return drawing.svg();
                }

                @Override
                public byte[] png(int width) {
                    return drawing.png(width);
                }
            };
        }
    }

    /** A mark on a ground of its own; which colours it has there is worked out once. */
    final class OnGround implements FormDrawing {
        private static final int LARGEST = Icon.SIZES.get(Icon.SIZES.size() - 1);

        private final LogoDrawing mark;
        private final IconShape shape;
        private final Icon icon;
        private final LogoDrawing drawing;

        /** @param mark in its own colours */
        OnGround(LogoDrawing mark, Rgb ground, IconShape shape) {
            this.mark = mark;
            this.shape = shape;
            icon = Icon.of(mark, ground, shape);
            drawing = icon.at(LARGEST);
        }

        @Override
        public LogoDrawing drawing() {
            return drawing;
        }

        @Override
        public LogoDrawing mark() {
            return mark;
        }

        /** For dark grounds the ground is the light one. */
        @Override
        public FormDrawing made(LogoVersion version, Tones tones) {
            return switch (version) {
                case LIGHT -> this;
                case DARK -> new OnGround(mark, tones.light(), shape);
                case ONE_DARK -> new Mark(icon.oneColor(LARGEST, tones.dark()));
                case ONE_LIGHT -> new Mark(icon.oneColor(LARGEST, tones.light()));
            };
        }

        @Override
        public LogoPicture picture() {
            return new LogoPicture() {
                @Override
                public double ratio() {
                    return 1;
                }

                @Override
                public byte[] svg() {
                    return drawing.svg();
                }

                @Override
                public byte[] png(int width) {
                    return icon.png(width);
                }
            };
        }
    }
}
