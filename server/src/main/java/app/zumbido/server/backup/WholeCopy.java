package app.zumbido.server.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Enumeration;
import java.util.List;
import java.util.regex.Pattern;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/** The database and every file that people have brought, as one zip. */
final class WholeCopy {
    static final String DATABASE = "zumbido.db";
    private static final String FILES = "files/";
    /** SHA-256 of the content, as the files are called in the data folder too. */
    private static final Pattern FILE = Pattern.compile(FILES + "[0-9a-f]{64}");

    private WholeCopy() {}

    /** @param files by the SHA-256 of their content */
    static void write(Path database, List<Path> files, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        // Pictures are packed already.
        zip.setLevel(Deflater.BEST_SPEED);
        put(DATABASE, database, zip);
        for (Path file : files) {
            put(FILES + file.getFileName(), file, zip);
        }
        zip.finish();
    }

    private static void put(String name, Path file, ZipOutputStream zip) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        Files.copy(file, zip);
        zip.closeEntry();
    }

    /** What is done with a file of a copy. */
    interface Taking {
        /** @param content is read to its end and not closed */
        void take(String name, InputStream content) throws IOException;
    }

    /** Takes the database of a copy out. */
    static void database(ZipFile zip, Path to) throws IOException {
        ZipEntry entry = zip.getEntry(DATABASE);
        if (entry == null) {
            throw new IOException("it is no copy of everything: " + DATABASE + " is missing in it");
        }
        try (InputStream in = zip.getInputStream(entry)) {
            Files.copy(in, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Only what is called as a file here is; nothing of a copy leads out of the data folder. */
    static void files(ZipFile zip, Taking taking) throws IOException {
        for (Enumeration<? extends ZipEntry> entries = zip.entries(); entries.hasMoreElements(); ) {
            ZipEntry entry = entries.nextElement();
            if (FILE.matcher(entry.getName()).matches()) {
                try (InputStream in = zip.getInputStream(entry)) {
                    taking.take(entry.getName().substring(FILES.length()), in);
                }
            }
        }
    }
}
