package app.zumbido.formats.ooxml;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** Gives every entry of a zip the same time, so that the same brand makes the same bytes. */
final class ReproducibleZip {
    private ReproducibleZip() {}

    static byte[] at(Instant time, byte[] zip) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream(zip.length);
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip));
                ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                ZipEntry copy = new ZipEntry(entry.getName());
                copy.setLastModifiedTime(FileTime.from(time));
                out.putNextEntry(copy);
                in.transferTo(out);
                out.closeEntry();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }
}
