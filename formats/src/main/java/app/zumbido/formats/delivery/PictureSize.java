package app.zumbido.formats.delivery;

/** How large a picture is made, in pixels. */
public record PictureSize(int width, int height) {
    /** Of a slide on most screens. */
    public static final PictureSize USUAL = new PictureSize(1920, 1080);

    public static final int MOST = 8000;
    /** Together; more would take more memory than a picture that lies under text is worth. */
    private static final long MOST_PIXELS = 24_000_000;

    public PictureSize {
        if (width < 1 || height < 1 || width > MOST || height > MOST || (long) width * height > MOST_PIXELS) {
            throw new IllegalArgumentException(
                    "A picture is 1 to " + MOST + " pixels wide and high, and " + MOST_PIXELS + " in all");
        }
    }
}
