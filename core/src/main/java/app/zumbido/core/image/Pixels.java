package app.zumbido.core.image;

/**
 * A grid of upright sRGB samples. Wraps the decoder's array without copying; nobody writes to it afterwards.
 * One sample is 0xAARRGGBB, alpha not multiplied in; row after row from the top left.
 */
public final class Pixels {
    private final int width;
    private final int height;
    private final int[] argb;

    private Pixels(int width, int height, int[] argb) {
        this.width = width;
        this.height = height;
        this.argb = argb;
    }

    /**
     * @param width in pixels, at least 1
     * @param height in pixels, at least 1
     * @param argb width x height samples
     */
    public static Pixels wrap(int width, int height, int[] argb) {
        if (width < 1 || height < 1 || argb.length != Math.multiplyExact(width, height)) {
            throw new IllegalArgumentException(argb.length + " samples do not make " + width + " x " + height);
        }
        return new Pixels(width, height, argb);
    }

    /** @return in pixels */
    public int width() {
        return width;
    }

    /** @return in pixels */
    public int height() {
        return height;
    }

    /** @return number of pixels */
    public int count() {
        return argb.length;
    }

    /**
     * @param x 0 to width - 1
     * @param y 0 to height - 1
     * @return 0xAARRGGBB
     */
    public int at(int x, int y) {
        return argb[y * width + x];
    }

    /**
     * @param index row by row from the top left, 0 to count - 1
     * @return 0xAARRGGBB
     */
    public int at(int index) {
        return argb[index];
    }

    public boolean contains(int x, int y) {
        return x >= 0 && y >= 0 && x < width && y < height;
    }

    /**
     * @param x of the left edge
     * @param y of the upper edge
     * @return a copy of that part
     * @throws IllegalArgumentException if it is empty or reaches beyond the picture
     */
    public Pixels crop(int x, int y, int cropWidth, int cropHeight) {
        if (cropWidth < 1 || cropHeight < 1 || !contains(x, y) || cropWidth > width - x || cropHeight > height - y) {
            throw new IllegalArgumentException(cropWidth + " x " + cropHeight + " at " + x + ", " + y
                    + " is no part of " + width + " x " + height);
        }
        int[] part = new int[cropWidth * cropHeight];
        for (int row = 0; row < cropHeight; row++) {
            System.arraycopy(argb, (y + row) * width + x, part, row * cropWidth, cropWidth);
        }
        return new Pixels(cropWidth, cropHeight, part);
    }
}
