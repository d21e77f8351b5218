package app.zumbido.formats.guide;

import app.zumbido.core.color.Cmyk;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.press.CoatedPress;
import java.io.IOException;
import java.io.OutputStream;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceCMYK;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** Process inks by the profile, in whole percents; white is paper, black is black ink alone. */
final class PressInks implements PdfInks {
    private final CoatedPress press = CoatedPress.instance();

    /** @return cyan, magenta, yellow and black, 0 to 1 */
    private float[] inks(Rgb color) {
        if (color.equals(Rgb.WHITE)) {
            return new float[4];
        }
        Cmyk inks = press.toCmyk(color);
        return new float[] {whole(inks.cyan()), whole(inks.magenta()), whole(inks.yellow()), whole(inks.black())};
    }

    private static float whole(double ink) {
        return Math.round(ink * 100) / 100f;
    }

    @Override
    public void fillWith(PDPageContentStream content, Rgb color) throws IOException {
        float[] inks = inks(color);
        content.setNonStrokingColor(inks[0], inks[1], inks[2], inks[3]);
    }

    @Override
    public void strokeWith(PDPageContentStream content, Rgb color) throws IOException {
        float[] inks = inks(color);
        content.setStrokingColor(inks[0], inks[1], inks[2], inks[3]);
    }

    @Override
    public PDColorSpace space() {
        return PDDeviceCMYK.INSTANCE;
    }

    @Override
    public COSArray numbers(Rgb color) {
        COSArray numbers = new COSArray();
        for (float ink : inks(color)) {
            numbers.add(new COSFloat(ink));
        }
        return numbers;
    }

    @Override
    public PDImageXObject picture(PDDocument document, Pixels pixels) throws IOException {
        int[] argb = new int[pixels.count()];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = pixels.at(i % pixels.width(), i / pixels.width());
        }
        COSStream stream = document.getDocument().createCOSStream();
        try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
            out.write(press.inks(pixels.width(), pixels.height(), argb));
        }
        stream.setItem(COSName.TYPE, COSName.XOBJECT);
        stream.setItem(COSName.SUBTYPE, COSName.IMAGE);
        stream.setInt(COSName.WIDTH, pixels.width());
        stream.setInt(COSName.HEIGHT, pixels.height());
        stream.setInt(COSName.BITS_PER_COMPONENT, 8);
        stream.setItem(COSName.COLORSPACE, COSName.DEVICECMYK);
        return new PDImageXObject(new PDStream(stream), null);
    }
}
