package app.zumbido.server.source;

import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.BitmapFile;
import app.zumbido.formats.svg.SvgFile;
import java.util.Optional;

/** A file of any kind that colours are read from. */
sealed interface SourceFile {
    /** @return the format, as in {@code png} */
    String kind();

    /** @return in pixels, upright */
    int width();

    /** @return in pixels, upright */
    int height();

    /** @return upright sRGB samples */
    Pixels decode();

    /** @param reading nothing: the machine decides */
    default Extraction extract(Pixels pixels, Optional<Reading> reading) {
        return reading.map(as -> Extraction.from(pixels, as)).orElseGet(() -> Extraction.from(pixels));
    }

    /**
     * Tells the kind by what is in the file and checks it without decoding.
     *
     * @throws app.zumbido.formats.image.UnreadableImageException if it is no picture that can be read
     */
    static SourceFile of(byte[] file) {
        return SvgFile.isSvg(file) ? new Drawing(SvgFile.read(file)) : new Bitmap(file, BitmapFile.inspect(file));
    }

    record Bitmap(byte[] file, BitmapFile.Facts facts) implements SourceFile {
        @Override
        public String kind() {
            return facts.kind().code();
        }

        @Override
        public int width() {
            return facts.width();
        }

        @Override
        public int height() {
            return facts.height();
        }

        @Override
        public Pixels decode() {
            return BitmapFile.decode(file);
        }
    }

    record Drawing(SvgFile svg) implements SourceFile {
        @Override
        public String kind() {
            return "svg";
        }

        @Override
        public int width() {
            return svg.width();
        }

        @Override
        public int height() {
            return svg.height();
        }

        @Override
        public Pixels decode() {
            return svg.draw();
        }

        /** A drawing says itself what colours it is made of, unless somebody wants it read as a photograph. */
        @Override
        public Extraction extract(Pixels pixels, Optional<Reading> reading) {
            boolean asArtwork = reading.orElse(Reading.ARTWORK) == Reading.ARTWORK;
            Extraction own = Extraction.among(pixels, svg.fills(), svg.stops());
            return asArtwork && !own.proposals().isEmpty() ? own : SourceFile.super.extract(pixels, reading);
        }
    }
}
