package app.zumbido.formats.guide;

import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.PagePictures;
import java.io.IOException;
import java.io.OutputStream;

/** The guide as one picture, its pages beneath each other. */
public final class GuidePng implements DeliveryWriter {
    private static final long MOST_PIXELS = 240_000_000;
    private static final double POINTS_TO_AN_INCH = 72;

    @Override
    public String kind() {
        return "guide-png";
    }

    @Override
    public String ending() {
        return "-guide.png";
    }

    @Override
    public String mediaType() {
        return "image/png";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        write(Guide.of(order.look(), order.assets()), order.pages(), out);
    }

    private static void write(Guide guide, PagePictures wanted, OutputStream out) throws IOException {
        GuidePictures pictures = GuidePictures.of(guide, wanted, MOST_PIXELS, Integer.MAX_VALUE);
        double perInch = POINTS_TO_AN_INCH * pictures.scale();
        try (PngStream png = new PngStream(out, pictures.width(), pictures.height(), pictures.transparent(), perInch)) {
            pictures.pieces(png::add);
        }
    }
}
