package app.zumbido.core.color;

import java.util.HexFormat;

/**
 * A colour as screens and files carry it: sRGB (IEC 61966-2-1), 8 bits a channel.
 *
 * @param red 0 to 255
 * @param green 0 to 255
 * @param blue 0 to 255
 */
public record Rgb(int red, int green, int blue) {
    public static final Rgb BLACK = new Rgb(0, 0, 0);
    public static final Rgb WHITE = new Rgb(255, 255, 255);

    private static final HexFormat DIGITS = HexFormat.of().withUpperCase();

    public Rgb {
        requireByte(red);
        requireByte(green);
        requireByte(blue);
    }

    private static void requireByte(int channel) {
        if (channel < 0 || channel > 255) {
            throw new IllegalArgumentException("A channel is 0 to 255, not " + channel);
        }
    }

    /** @param packed 0x00RRGGBB; the upper byte is ignored */
    public static Rgb ofPacked(int packed) {
        return new Rgb(packed >> 16 & 0xFF, packed >> 8 & 0xFF, packed & 0xFF);
    }

    /**
     * @param hex six hexadecimal digits, with or without {@code #}
     * @throws IllegalArgumentException if it is anything else
     */
    public static Rgb ofHex(String hex) {
        return ColorCode.parseHex(hex)
                .orElseThrow(() -> new IllegalArgumentException("Not a colour code of six digits: " + hex));
    }

    /** @return 0x00RRGGBB */
    public int packed() {
        return red << 16 | green << 8 | blue;
    }

    /** @return {@code #RRGGBB}, upper case */
    public String hex() {
        return "#" + digits();
    }

    /** @return {@code RRGGBB}, upper case */
    public String digits() {
        return DIGITS.toHexDigits(packed(), 6);
    }

    /** @return black or white, whichever reads better on this colour; it always reaches 4.5 */
    public Rgb ink() {
        return ContrastRatio.between(this, BLACK).value()
                        >= ContrastRatio.between(this, WHITE).value()
                ? BLACK
                : WHITE;
    }
}
