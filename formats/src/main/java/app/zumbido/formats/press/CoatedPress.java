package app.zumbido.formats.press;

import app.zumbido.core.color.Cmyk;
import app.zumbido.core.color.PressProfile;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Rounding;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.ColorConvertOp;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferByte;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * Offset printing on coated paper: FOGRA39, ISO 12647-2:2004/Amd 1, relative colorimetric. How the profile was made stands
 * in the README beside it.
 */
public final class CoatedPress implements PressProfile {
    private static final CoatedPress INSTANCE = new CoatedPress();

    /** So many colours are remembered; the engine takes its time, and a palette asks for the same ones again and again. */
    private static final int REMEMBERED = 4_096;

    private final ICC_Profile profile;
    private final ICC_ColorSpace space;
    private final Map<Rgb, Cmyk> inks = new ConcurrentHashMap<>();
    private final Map<Cmyk, Rgb> prints = new ConcurrentHashMap<>();

    private CoatedPress() {
        profile = read();
        // Java asks the perceptual tables whatever the header says, so the colorimetric ones are put in their place.
        profile.setData(ICC_Profile.icSigBToA0Tag, profile.getData(ICC_Profile.icSigBToA1Tag));
        profile.setData(ICC_Profile.icSigAToB0Tag, profile.getData(ICC_Profile.icSigAToB1Tag));
        space = new ICC_ColorSpace(profile);
    }

    public static CoatedPress instance() {
        return INSTANCE;
    }

    private static ICC_Profile read() {
        return ICC_Profile.getInstance(bytes());
    }

    private static byte[] bytes() {
        try (InputStream in = Objects.requireNonNull(CoatedPress.class.getResourceAsStream("FOGRA39L_coated.icc"))) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @return the profile as a file, to be put into documents for the press */
    public byte[] profile() {
        return bytes();
    }

    /**
     * @param argb upright rows; what is translucent stands on white paper
     * @return four bytes a pixel, 255 is all ink: what the profile says
     */
    public byte[] inks(int width, int height, int[] argb) {
        WritableRaster light = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, width, height, 3, null);
        byte[] bytes = ((DataBufferByte) light.getDataBuffer()).getData();
        for (int i = 0; i < argb.length; i++) {
            int alpha = argb[i] >>> 24;
            for (int channel = 0; channel < 3; channel++) {
                int value = argb[i] >> 16 - 8 * channel & 0xFF;
                bytes[3 * i + channel] = (byte) ((value * alpha + 255 * (255 - alpha) + 127) / 255);
            }
        }
        WritableRaster inks = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, width, height, 4, null);
        ICC_Profile[] way = {ICC_Profile.getInstance(ColorSpace.CS_sRGB), profile};
        new ColorConvertOp(way, null).filter(light, inks);
        return ((DataBufferByte) inks.getDataBuffer()).getData();
    }

    /** Black text is black ink alone; every other colour is what the profile says. */
    @Override
    public Cmyk toCmyk(Rgb rgb) {
        if (rgb.equals(Rgb.BLACK)) {
            return new Cmyk(0, 0, 0, 1);
        }
        return remembered(inks, rgb, this::inksOf);
    }

    private static <K, V> V remembered(Map<K, V> known, K key, Function<K, V> compute) {
        if (known.size() > REMEMBERED) {
            known.clear();
        }
        return known.computeIfAbsent(key, compute);
    }

    private Cmyk inksOf(Rgb rgb) {
        float[] four = space.fromRGB(new float[] {rgb.red() / 255f, rgb.green() / 255f, rgb.blue() / 255f});
        return new Cmyk(share(four[0]), share(four[1]), share(four[2]), share(four[3]));
    }

    private static double share(float ink) {
        return Math.max(0, Math.min(1, ink));
    }

    @Override
    public Rgb toRgb(Cmyk inks) {
        return remembered(prints, inks, this::printOf);
    }

    private Rgb printOf(Cmyk inks) {
        float[] rgb = space.toRGB(
                new float[] {(float) inks.cyan(), (float) inks.magenta(), (float) inks.yellow(), (float) inks.black()});
        return new Rgb(channel(rgb[0]), channel(rgb[1]), channel(rgb[2]));
    }

    private static int channel(float value) {
        return Rounding.toByte(value * 255);
    }
}
