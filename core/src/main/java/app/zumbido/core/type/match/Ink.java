package app.zumbido.core.type.match;

/** How much of each pixel is covered by letters, 0 to 1, row by row from the top left. */
public record Ink(int width, int height, float[] values) {
    /** A copy of nothing is made: whoever gives the values does not write to them afterwards. */
    public Ink {
        if (width < 1 || height < 1 || values.length != width * height) {
            throw new IllegalArgumentException(values.length + " values do not make " + width + " x " + height);
        }
    }

    public static Ink blank(int width, int height) {
        return new Ink(width, height, new float[width * height]);
    }

    float at(int x, int y) {
        return x < 0 || y < 0 || x >= width || y >= height ? 0 : values[y * width + x];
    }

    double sum() {
        double sum = 0;
        for (float value : values) {
            sum += value;
        }
        return sum;
    }

    /** @return from the left edge of the leftmost pixel; the middle where there is no ink */
    double centroidX() {
        double sum = 0;
        double moment = 0;
        for (int i = 0; i < values.length; i++) {
            sum += values[i];
            moment += values[i] * (i % width + 0.5);
        }
        return sum == 0 ? width / 2.0 : moment / sum;
    }

    /** Weighted 1, 2, 1 both ways, so that a shift by a fraction of a pixel counts little; grown by a pixel all round. */
    Ink blurred() {
        int wide = width + 2;
        int tall = height + 2;
        float[] across = new float[wide * tall];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < wide; x++) {
                across[(y + 1) * wide + x] = (at(x - 2, y) + 2 * at(x - 1, y) + at(x, y)) / 4;
            }
        }
        float[] both = new float[wide * tall];
        for (int y = 0; y < tall; y++) {
            for (int x = 0; x < wide; x++) {
                float above = y == 0 ? 0 : across[(y - 1) * wide + x];
                float below = y == tall - 1 ? 0 : across[(y + 1) * wide + x];
                both[y * wide + x] = (above + 2 * across[y * wide + x] + below) / 4;
            }
        }
        return new Ink(wide, tall, both);
    }

    /** @return by areas, to that height */
    Ink shrunkTo(int newHeight) {
        double scale = (double) height / newHeight;
        int newWidth = Math.max(1, (int) Math.ceil(width / scale));
        float[] shrunk = new float[newWidth * newHeight];
        for (int y = 0; y < newHeight; y++) {
            for (int x = 0; x < newWidth; x++) {
                shrunk[y * newWidth + x] = mean(x * scale, y * scale, (x + 1) * scale, (y + 1) * scale);
            }
        }
        return new Ink(newWidth, newHeight, shrunk);
    }

    private float mean(double left, double top, double right, double bottom) {
        double sum = 0;
        double area = (right - left) * (bottom - top);
        for (int y = (int) top; y < bottom; y++) {
            double rows = Math.min(bottom, y + 1) - Math.max(top, y);
            for (int x = (int) left; x < right; x++) {
                sum += rows * (Math.min(right, x + 1) - Math.max(left, x)) * at(x, y);
            }
        }
        return (float) (sum / area);
    }
}
