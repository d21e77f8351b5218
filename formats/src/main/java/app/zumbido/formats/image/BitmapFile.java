package app.zumbido.formats.image;

import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Bitmap files of every kind to upright pixels. */
public final class BitmapFile {
    /** The largest picture that is decoded; pixels. */
    public static final long MOST_PIXELS = 100_000_000;

    /** The largest picture takes a tenth of it. */
    private static final Duration LONGEST = Duration.ofSeconds(15);

    static {
        // The decoder's default of caching to disk only slows down what stands in memory anyway.
        ImageIO.setUseCache(false);
        ImageIO.scanForPlugins();
    }

    private BitmapFile() {}

    /**
     * What can be known without decoding.
     *
     * @param width in pixels, upright
     * @param height in pixels, upright
     */
    public record Facts(PictureKind kind, int width, int height) {}

    /**
     * Checks kind, size and wholeness without decoding.
     *
     * @throws UnreadableImageException if it is no picture, damaged, or larger than {@link #MOST_PIXELS}
     */
    public static Facts inspect(byte[] file) {
        PictureKind kind = PictureKind.of(file)
                .orElseThrow(() -> new UnreadableImageException(
                        Reason.UNKNOWN_KIND, "The file is none of PNG, JPEG, GIF, BMP, WebP, SVG and PDF"));
        ProfileLimit.check(kind, file);
        if (kind == PictureKind.PNG) {
            PngChunks.Size size = PngChunks.check(file);
            return upright(file, facts(kind, size.width(), size.height()));
        }
        if (kind == PictureKind.JPEG) {
            if (!endsAsJpeg(file)) {
                throw broken(kind, "it is cut off", null);
            }
            JpegScans.check(file);
        }
        Facts facts = read(kind, file, reader -> facts(kind, reader.getWidth(0), reader.getHeight(0)));
        return upright(file, facts);
    }

    private static Facts upright(byte[] file, Facts facts) {
        return held(facts.kind(), file).swaps() ? new Facts(facts.kind(), facts.height(), facts.width()) : facts;
    }

    private static Orientation held(PictureKind kind, byte[] file) {
        return Orientation.of(kind == PictureKind.PNG ? PngChunks.heldAlone(file) : file);
    }

    private static Facts facts(PictureKind kind, int width, int height) {
        long count = (long) width * height;
        if (count > MOST_PIXELS) {
            throw new UnreadableImageException(
                    Reason.TOO_LARGE, "The picture has " + count + " pixels; " + MOST_PIXELS + " are the most");
        }
        return new Facts(kind, width, height);
    }

    /**
     * @return upright sRGB samples; of a file with several pictures, the first
     * @throws UnreadableImageException as {@link #inspect}
     */
    public static Pixels decode(byte[] file) {
        PictureKind kind = inspect(file).kind();
        byte[] picture = kind == PictureKind.PNG ? PngChunks.pictureAlone(file) : file;
        Pixels pixels = samples(kind, picture);
        return held(kind, file).apply(kind == PictureKind.PNG ? PngProfile.toSrgb(file, pixels) : pixels);
    }

    private static Pixels samples(PictureKind kind, byte[] picture) {
        try {
            return Samples.of(read(kind, picture, reader -> reader.read(0)));
        } catch (OutOfMemoryError e) {
            // One array that does not fit; what was there before is still there.
            throw new UnreadableImageException(
                    Reason.TOO_LARGE,
                    "The picture needs more memory than there is; make it smaller, or start Zumbido with more: --memory MB",
                    e);
        }
    }

    private interface Reading<T> {
        T from(ImageReader reader) throws IOException;
    }

    private static <T> T read(PictureKind kind, byte[] file, Reading<T> reading) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(kind.code());
            ImageReader reader = readers.next();
            // Readers look up between two lines of the picture.
            try (Deadline deadline = Deadline.of(LONGEST, reader::abort)) {
                reader.setInput(in, true, true);
                T read = reading.from(reader);
                if (deadline.hasPassed()) {
                    throw tooSlow(kind);
                }
                return read;
            } finally {
                reader.dispose();
            }
        } catch (UnreadableImageException e) {
            throw e;
        } catch (IOException | RuntimeException e) {
            // Decoders throw whatever they stumble over; the bytes come from outside.
            throw broken(kind, "a part of it is damaged", e);
        }
    }

    /** The end marker of ITU-T T.81, B.1.1.3; decoders fill what is missing with grey and say nothing. */
    private static boolean endsAsJpeg(byte[] file) {
        for (int i = file.length - 1; i > 2; i--) {
            if (file[i] == (byte) 0xD9 && file[i - 1] == (byte) 0xFF) {
                return true;
            }
        }
        return false;
    }

    private static UnreadableImageException tooSlow(PictureKind kind) {
        return new UnreadableImageException(
                Reason.TOO_SLOW,
                "Reading the " + kind.name() + " picture was stopped after " + LONGEST.toSeconds()
                        + " seconds; save it anew, not progressive, and take that in");
    }

    private static UnreadableImageException broken(PictureKind kind, String why, Exception cause) {
        return new UnreadableImageException(
                Reason.BROKEN, "The " + kind.name() + " picture cannot be read: " + why, cause);
    }
}
