package app.zumbido.formats.guide;

import app.zumbido.core.guide.layout.Page;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.PagePictures;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;

/** The guide as one picture, its pages beneath each other. */
public final class GuidePng implements DeliveryWriter {
    /** CSS pixels to a point. */
    static final double PER_POINT = 4 / 3.0;

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

    static void write(Guide guide, PagePictures wanted, OutputStream out) throws IOException {
        double scale = PER_POINT * wanted.scale();
        List<Page> pages = guide.pages(wanted.page());
        int width = 1;
        int height = 0;
        for (Page page : pages) {
            width = Math.max(width, (int) Math.round(page.width() * scale));
            height += (int) Math.max(1, Math.round(page.height() * scale));
        }
        try (PngStream png = new PngStream(out, width, height, wanted.transparent(), 72 * scale)) {
            for (Page page : pages) {
                png.add(RasterPainter.draw(guide, page, scale, wanted.transparent()));
            }
        }
    }
}
