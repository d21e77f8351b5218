package app.zumbido.formats.pdf;

import app.zumbido.formats.image.BitmapFile;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.zip.InflaterInputStream;
import java.util.zip.ZipException;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDocument;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObjectKey;
import org.apache.pdfbox.cos.COSStream;

/** Looks at what the streams of a document come to before anything unpacks them into memory. */
final class PdfStreams {
    /** One stream, unpacked; bytes. */
    private static final long LARGEST = 100L << 20;
    /** All of them; bytes. */
    private static final long LARGEST_ALL = 400L << 20;

    private static final int BUFFER = 1 << 16;

    private PdfStreams() {}

    /** @throws UnreadableImageException if they unpack to more than the limits, or a picture inside has too many pixels */
    static void check(COSDocument document) throws IOException {
        long total = 0;
        for (COSObjectKey key : List.copyOf(document.getXrefTable().keySet())) {
            COSBase object = document.getObjectFromPool(key).getObject();
            if (object instanceof COSStream stream) {
                checkPixels(stream);
                total += unpacked(stream);
                if (total > LARGEST_ALL) {
                    throw tooLarge();
                }
            }
        }
    }

    private static void checkPixels(COSStream stream) {
        if (COSName.IMAGE.equals(stream.getCOSName(COSName.SUBTYPE))) {
            long pixels = (long) stream.getInt(COSName.WIDTH) * stream.getInt(COSName.HEIGHT);
            if (pixels > BitmapFile.MOST_PIXELS) {
                throw tooLarge();
            }
        }
    }

    /** @return bytes that come out of the deflating filters in front, or 0 if there are none */
    private static long unpacked(COSStream stream) throws IOException {
        int deflated = deflations(stream.getFilters());
        if (deflated == 0) {
            return 0;
        }
        long count = 0;
        try (InputStream raw = stream.createRawInputStream()) {
            InputStream in = raw;
            for (int i = 0; i < deflated; i++) {
                in = new InflaterInputStream(in);
            }
            byte[] buffer = new byte[BUFFER];
            for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                count += read;
                if (count > LARGEST) {
                    throw tooLarge();
                }
            }
        } catch (ZipException | EOFException e) {
            // A damaged stream ends here, and for whoever reads it later.
            return count;
        }
        return count;
    }

    private static int deflations(COSBase filters) {
        if (COSName.FLATE_DECODE.equals(filters) || COSName.FLATE_DECODE_ABBREVIATION.equals(filters)) {
            return 1;
        }
        int count = 0;
        if (filters instanceof COSArray array) {
            while (count < array.size() && deflations(array.getObject(count)) == 1) {
                count++;
            }
        }
        return count;
    }

    private static UnreadableImageException tooLarge() {
        return new UnreadableImageException(
                Reason.TOO_LARGE, "A part of the PDF unpacks to more than " + (LARGEST >> 20) + " MB");
    }
}
