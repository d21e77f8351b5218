package app.zumbido.formats.guide;

import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.PagePictures;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;

/**
 * The same as JPEG, for places that take nothing else. Its colours may be off by one in each channel: that is how JPEG is made.
 */
public final class GuideJpeg implements DeliveryWriter {
    private static final long MOST_PIXELS = 50_000_000;
    /** Of a JPEG: sixteen bits say how high it is (ISO/IEC 10918-1, B.2.2). */
    private static final int MOST_HEIGHT = 65_000;

    @Override
    public String kind() {
        return "guide-jpeg";
    }

    @Override
    public String ending() {
        return "-guide.jpg";
    }

    @Override
    public String mediaType() {
        return "image/jpeg";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        Guide guide = Guide.of(order.look(), order.assets());
        PagePictures onPaper =
                new PagePictures(order.pages().scale(), false, order.pages().page());
        write(GuidePictures.of(guide, onPaper, MOST_PIXELS, MOST_HEIGHT).whole(), out);
    }

    /** @return a picture of usual quality; empty of one that is transparent somewhere, which JPEG cannot be */
    static byte[] photograph(BufferedImage image) {
        BufferedImage opaque = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int pixel = image.getRGB(x, y);
                if (pixel >>> 24 != 0xFF) {
                    return new byte[0];
                }
                opaque.setRGB(x, y, pixel);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(opaque, "jpeg", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** The best quality, and no colour at half the resolution, or areas would be off by more than one. */
    static void write(BufferedImage image, OutputStream out) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam way = writer.getDefaultWriteParam();
        way.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        way.setCompressionQuality(1);
        IIOMetadata facts = writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(image), way);
        IIOMetadataNode root = (IIOMetadataNode) facts.getAsTree("javax_imageio_jpeg_image_1.0");
        IIOMetadataNode frame =
                (IIOMetadataNode) root.getElementsByTagName("sof").item(0);
        for (int i = 0; i < frame.getLength(); i++) {
            IIOMetadataNode channel = (IIOMetadataNode) frame.item(i);
            channel.setAttribute("HsamplingFactor", "1");
            channel.setAttribute("VsamplingFactor", "1");
        }
        facts.setFromTree("javax_imageio_jpeg_image_1.0", root);
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.write(facts, new IIOImage(image, null, facts), way);
        } finally {
            writer.dispose();
        }
    }
}
