package app.zumbido.formats.archive;

import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveOutputStream;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.jspecify.annotations.Nullable;

/** A zip file from outside. Everything in it has been unpacked once under limits, so whoever reads on is safe. */
public final class Archive implements AutoCloseable {
    /** Parts of a file; a deck of 500 slides has some 3,000. */
    private static final int MOST_ENTRIES = 20_000;
    /** One part, unpacked; bytes. */
    private static final long LARGEST_ENTRY = 100L << 20;
    /** All parts, unpacked; bytes. */
    private static final long LARGEST = 400L << 20;

    private static final int BUFFER = 1 << 16;

    /** When added parts were made: the same changes make the same file; milliseconds, in February 1980. */
    private static final long ADDED = 318_211_200_000L;

    private final ZipFile zip;

    private Archive(ZipFile zip) {
        this.zip = zip;
    }

    public static boolean isZip(byte[] file) {
        return file.length > 4 && file[0] == 'P' && file[1] == 'K' && file[2] == 3 && file[3] == 4;
    }

    /** @return how long the largest part of a zip says that it is, which is held against it when it is unpacked; bytes */
    public static long largestPart(byte[] file) {
        try (ZipFile zip = ZipFile.builder().setByteArray(file).get()) {
            return Collections.list(zip.getEntries()).stream()
                    .mapToLong(entry -> Math.min(LARGEST_ENTRY, Math.max(0, entry.getSize())))
                    .max()
                    .orElse(0);
        } catch (IOException | RuntimeException e) {
            // Whoever opens it says what is wrong.
            return 0;
        }
    }

    /** @throws UnreadableImageException if it is damaged, or unpacks to more than the limits */
    public static Archive open(byte[] file) {
        ZipFile zip;
        try {
            zip = ZipFile.builder().setByteArray(file).get();
        } catch (IOException | RuntimeException e) {
            throw broken("its list of parts is damaged or cut off", e);
        }
        Archive archive = new Archive(zip);
        try {
            archive.check();
        } catch (RuntimeException e) {
            archive.close();
            throw e;
        }
        return archive;
    }

    private static UnreadableImageException broken(String why, @Nullable Throwable cause) {
        return new UnreadableImageException(Reason.BROKEN, "The file cannot be read: " + why, cause);
    }

    private void check() {
        List<ZipArchiveEntry> entries = Collections.list(zip.getEntries());
        if (entries.size() > MOST_ENTRIES) {
            throw new UnreadableImageException(
                    Reason.TOO_LARGE, "The file has " + entries.size() + " parts; " + MOST_ENTRIES + " are the most");
        }
        long total = 0;
        for (ZipArchiveEntry entry : entries) {
            total += copy(entry, OutputStream.nullOutputStream());
            if (total > LARGEST) {
                throw tooLarge();
            }
        }
    }

    private static UnreadableImageException tooLarge() {
        return new UnreadableImageException(
                Reason.TOO_LARGE, "The file unpacks to more than " + (LARGEST >> 20) + " MB");
    }

    private long copy(ZipArchiveEntry entry, OutputStream out) {
        long copied = 0;
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] buffer = new byte[(int) Math.max(1, Math.min(BUFFER, entry.getSize() + 1))];
            for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                copied += read;
                if (copied > LARGEST_ENTRY) {
                    throw tooLarge();
                }
                if (entry.getSize() >= 0 && copied > entry.getSize()) {
                    throw broken("the part " + entry.getName() + " is larger than the list of parts says", null);
                }
                out.write(buffer, 0, read);
            }
        } catch (UnreadableImageException e) {
            throw e;
        } catch (IOException | RuntimeException e) {
            throw broken("the part " + entry.getName() + " is damaged", e);
        }
        return copied;
    }

    /** @return names of the parts in the order of the file's own list */
    public List<String> names() {
        return Collections.list(zip.getEntries()).stream()
                .map(ZipArchiveEntry::getName)
                .toList();
    }

    public boolean has(String name) {
        return zip.getEntry(name) != null;
    }

    /** @return what is in the part; nothing if there is none of that name */
    public Optional<byte[]> get(String name) {
        return Optional.ofNullable(zip.getEntry(name)).map(entry -> {
            // What the file says about sizes may be wrong, so it is only where to begin.
            int size = (int) Math.max(1, Math.min(BUFFER, entry.getSize()));
            ByteArrayOutputStream out = new ByteArrayOutputStream(size);
            copy(entry, out);
            return out.toByteArray();
        });
    }

    /**
     * Copies the file; parts that do not change stay as they are packed, byte for byte.
     *
     * @param changed what is in a part from now on, by its name; parts that the file does not have come last
     */
    public void write(Map<String, byte[]> changed, OutputStream out) throws IOException {
        write(changed, Set.of(), out);
    }

    /** @param left parts that do not come along */
    public void write(Map<String, byte[]> changed, Set<String> left, OutputStream out) throws IOException {
        ZipArchiveOutputStream copy = new ZipArchiveOutputStream(out);
        for (ZipArchiveEntry entry : Collections.list(zip.getEntriesInPhysicalOrder())) {
            byte[] part = changed.get(entry.getName());
            if (left.contains(entry.getName())) {
                continue;
            }
            if (part == null) {
                copy.addRawArchiveEntry(entry, zip.getRawInputStream(entry));
            } else {
                put(entry.getName(), entry.getTime(), part, copy);
            }
        }
        for (String name : new TreeSet<>(changed.keySet())) {
            if (zip.getEntry(name) == null && !left.contains(name)) {
                put(name, ADDED, changed.get(name), copy);
            }
        }
        copy.finish();
    }

    private static void put(String name, long time, byte[] part, ZipArchiveOutputStream copy) throws IOException {
        ZipArchiveEntry anew = new ZipArchiveEntry(name);
        anew.setTime(time);
        copy.putArchiveEntry(anew);
        copy.write(part);
        copy.closeArchiveEntry();
    }

    @Override
    public void close() {
        try {
            zip.close();
        } catch (IOException e) {
            throw broken("it cannot be closed", e);
        }
    }
}
