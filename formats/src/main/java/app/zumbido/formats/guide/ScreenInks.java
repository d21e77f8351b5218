package app.zumbido.formats.guide;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.HashSet;
import java.util.Set;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** sRGB. */
final class ScreenInks implements PdfInks {
    /** A picture with more colours is a photograph. */
    private static final int FEW_COLORS = 4_096;

    private static final float PHOTOGRAPH = 0.9f;

    @Override
    public void fillWith(PDPageContentStream content, Rgb color) throws IOException {
        content.setNonStrokingColor(color.red() / 255f, color.green() / 255f, color.blue() / 255f);
    }

    @Override
    public void strokeWith(PDPageContentStream content, Rgb color) throws IOException {
        content.setStrokingColor(color.red() / 255f, color.green() / 255f, color.blue() / 255f);
    }

    @Override
    public PDColorSpace space() {
        return PDDeviceRGB.INSTANCE;
    }

    @Override
    public COSArray numbers(Rgb color) {
        COSArray numbers = new COSArray();
        for (int channel : new int[] {color.red(), color.green(), color.blue()}) {
            numbers.add(new COSFloat(channel / 255f));
        }
        return numbers;
    }

    @Override
    public PDImageXObject picture(PDDocument document, Pixels pixels) throws IOException {
        BufferedImage image = RasterPainter.image(pixels);
        return isPhotograph(pixels)
                ? JPEGFactory.createFromImage(document, opaque(image), PHOTOGRAPH)
                : LosslessFactory.createFromImage(document, image);
    }

    private static boolean isPhotograph(Pixels pixels) {
        Set<Integer> colors = new HashSet<>();
        boolean opaque = true;
        for (int i = 0; i < pixels.count() && opaque; i++) {
            int pixel = pixels.at(i);
            opaque = pixel >>> 24 == 0xFF;
            if (colors.size() <= FEW_COLORS) {
                colors.add(pixel);
            }
        }
        return opaque && colors.size() > FEW_COLORS;
    }

    private static BufferedImage opaque(BufferedImage image) {
        BufferedImage opaque = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        opaque.createGraphics().drawImage(image, 0, 0, null);
        return opaque;
    }
}
