package app.zumbido.formats.delivery;

import java.io.IOException;
import java.io.OutputStream;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Packs files into a zip, the same bytes every time. */
public final class FolderZip {
    private FolderZip() {}

    /** @param files by path, in the order in which they are packed */
    public static void write(OutputStream out, Map<String, byte[]> files) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        for (Map.Entry<String, byte[]> file : files.entrySet()) {
            ZipEntry entry = new ZipEntry(file.getKey());
            entry.setTimeLocal(ZipTime.FIXED);
            zip.putNextEntry(entry);
            zip.write(file.getValue());
            zip.closeEntry();
        }
        zip.finish();
    }
}
