package app.zumbido.server.delivery;

import app.zumbido.core.brand.Look;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.PagePictures;
import app.zumbido.formats.delivery.PictureSize;
import app.zumbido.server.job.JobWork;
import java.io.IOException;
import java.io.OutputStream;

/** One thing that is handed over, with nothing in its way any more. */
record Delivery(DeliveryWriter writer, Look look, Assets assets) implements JobWork {
    @Override
    public String fileName() {
        return Deliveries.fileName(writer, look);
    }

    @Override
    public String mediaType() {
        return writer.mediaType();
    }

    @Override
    public void write(OutputStream out, Runnable step) throws IOException {
        write(out, PictureSize.USUAL, PagePictures.USUAL);
        step.run();
    }

    void write(OutputStream out, PictureSize size, PagePictures pages) throws IOException {
        writer.write(new Order(look, assets, size, pages), out);
    }
}
