package app.zumbido.formats.image;

import app.zumbido.core.image.Pixels;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferInt;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/**
 * The colour profile that a PNG carries, which the decoder leaves aside. Source: W3C Portable Network Graphics (PNG)
 * Specification, Third Edition, 11.3.2.3 iCCP.
 */
final class PngProfile {
    /** Rows that are converted at once. */
    private static final int STRIP = 64;
    /** A profile that moves no channel by more says the same as sRGB, and exact values stay exact; of 255. */
    private static final float SAME = 1.5f / 255;

    private PngProfile() {}

    /** @return the same samples if the file has no profile, one for something else than RGB, or one nobody can read */
    static Pixels toSrgb(byte[] png, Pixels pixels) {
        return space(png)
                .filter(space -> !isSrgb(space))
                .map(space -> convert(pixels, space))
                .orElse(pixels);
    }

    private static Optional<ICC_ColorSpace> space(byte[] png) {
        ByteBuffer file = ByteBuffer.wrap(png);
        int at = 8;
        while (at + 8 <= png.length) {
            int length = file.getInt(at);
            String type = new String(png, at + 4, 4, StandardCharsets.ISO_8859_1);
            if (type.equals("iCCP")) {
                return profile(png, at + 8, length);
            }
            if (type.equals("IDAT")) {
                return Optional.empty();
            }
            at += 12 + length;
        }
        return Optional.empty();
    }

    /** A name that ends with 0, the method 0, and the profile deflated. */
    private static Optional<ICC_ColorSpace> profile(byte[] png, int from, int length) {
        int start = from;
        while (start < from + length && png[start] != 0) {
            start++;
        }
        start += 2;
        if (start >= from + length) {
            return Optional.empty();
        }
        try {
            ICC_Profile profile = ICC_Profile.getInstance(inflated(png, start, from + length - start));
            return profile.getColorSpaceType() == ColorSpace.TYPE_RGB
                    ? Optional.of(new ICC_ColorSpace(profile))
                    : Optional.empty();
        } catch (DataFormatException | IllegalArgumentException e) {
            // The picture itself is whole, and without the profile it is what most programs show.
            return Optional.empty();
        }
    }

    private static byte[] inflated(byte[] png, int from, int length) throws DataFormatException {
        Inflater inflater = new Inflater();
        try {
            inflater.setInput(png, from, length);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            byte[] part = new byte[8192];
            while (!inflater.finished()) {
                int count = inflater.inflate(part);
                out.write(part, 0, count);
                if (count == 0 && inflater.needsInput() || out.size() > ProfileLimit.MOST_BYTES) {
                    throw new DataFormatException("Not a whole profile of a size that is read");
                }
            }
            return out.toByteArray();
        } finally {
            inflater.end();
        }
    }

    private static boolean isSrgb(ICC_ColorSpace space) {
        float[][] probes = {{0.2f, 0.5f, 0.8f}, {0.9f, 0.3f, 0.1f}, {0.1f, 0.8f, 0.4f}, {0.5f, 0.5f, 0.5f}};
        for (float[] probe : probes) {
            float[] rgb = space.toRGB(probe);
            for (int i = 0; i < 3; i++) {
                if (Math.abs(rgb[i] - probe[i]) > SAME) {
                    return false;
                }
            }
        }
        return true;
    }

    private static Pixels convert(Pixels pixels, ICC_ColorSpace space) {
        int width = pixels.width();
        ColorModel model = new ComponentColorModel(space, false, false, ColorModel.OPAQUE, DataBuffer.TYPE_BYTE);
        ColorConvertOp convert = new ColorConvertOp(null);
        int[] argb = new int[pixels.count()];
        for (int top = 0; top < pixels.height(); top += STRIP) {
            int rows = Math.min(STRIP, pixels.height() - top);
            WritableRaster raster = model.createCompatibleWritableRaster(width, rows);
            int[] bands = new int[width * rows * 3];
            for (int i = 0; i < width * rows; i++) {
                int sample = pixels.at(top * width + i);
                bands[3 * i] = sample >> 16 & 0xFF;
                bands[3 * i + 1] = sample >> 8 & 0xFF;
                bands[3 * i + 2] = sample & 0xFF;
            }
            raster.setPixels(0, 0, width, rows, bands);
            BufferedImage converted = convert.filter(
                    new BufferedImage(model, raster, false, null),
                    new BufferedImage(width, rows, BufferedImage.TYPE_INT_RGB));
            int[] rgb = ((DataBufferInt) converted.getRaster().getDataBuffer()).getData();
            for (int i = 0; i < rgb.length; i++) {
                argb[top * width + i] = pixels.at(top * width + i) & 0xFF000000 | rgb[i] & 0xFFFFFF;
            }
        }
        return Pixels.wrap(width, pixels.height(), argb);
    }
}
