package app.zumbido.formats.image;

import app.zumbido.core.image.Pixels;
import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.io.ByteArrayInputStream;
import java.io.IOException;

/**
 * How a camera was held. Source: EXIF 2.32, 4.6.4, tag 0x0112; the numbers are its values.
 *
 * @param value 1 to 8
 */
record Orientation(int value) {
    private static final Orientation UPRIGHT = new Orientation(1);

    static Orientation of(byte[] file) {
        try {
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer value = exif == null ? null : exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
            return value == null || value < 1 || value > 8 ? UPRIGHT : new Orientation(value);
        } catch (ImageProcessingException | IOException e) {
            // Metadata that cannot be read turns nothing; whether the picture can be read is the decoder's to say.
            return UPRIGHT;
        }
    }

    /** Whether width and height change places. */
    boolean swaps() {
        return value >= 5;
    }

    Pixels apply(Pixels pixels) {
        if (value == 1) {
            return pixels;
        }
        int width = swaps() ? pixels.height() : pixels.width();
        int height = swaps() ? pixels.width() : pixels.height();
        int right = pixels.width() - 1;
        int bottom = pixels.height() - 1;
        int[] turned = new int[pixels.count()];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                turned[y * width + x] = switch (value) {
                    case 2 -> pixels.at(right - x, y);
                    case 3 -> pixels.at(right - x, bottom - y);
                    case 4 -> pixels.at(x, bottom - y);
                    case 5 -> pixels.at(y, x);
                    case 6 -> pixels.at(y, bottom - x);
                    case 7 -> pixels.at(right - y, bottom - x);
                    default -> pixels.at(right - y, x);
                };
            }
        }
        return Pixels.wrap(width, height, turned);
    }
}
