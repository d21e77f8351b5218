package app.zumbido.server.pack;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;

/** Reads a package from outside under limits, part by part, so that nothing large is held. */
final class PackageReader implements AutoCloseable {
    private static final int MOST_ENTRIES = 50_000;
    /** A brand with its trail, or a file that was uploaded; bytes. */
    private static final int LARGEST_ENTRY = 64 << 20;
    /** All of it, unpacked; bytes. */
    private static final long LARGEST = 2L << 30;

    private static final int BUFFER = 1 << 16;

    private final ZipFile zip;
    private long unpacked;

    private PackageReader(ZipFile zip) {
        this.zip = zip;
    }

    /** @throws PackageException if it is none */
    static PackageReader open(Path file) {
        ZipFile zip;
        try {
            zip = new ZipFile(file.toFile());
        } catch (IOException e) {
            throw new PackageException("This is no package: it is damaged, cut off, or another kind of file", e);
        }
        PackageReader reader = new PackageReader(zip);
        try {
            reader.check();
        } catch (RuntimeException e) {
            reader.close();
            throw e;
        }
        return reader;
    }

    private void check() {
        if (zip.size() > MOST_ENTRIES) {
            throw new PackageException("The package has more than " + MOST_ENTRIES + " parts");
        }
        PackageForm.Manifest manifest = json(PackageForm.MANIFEST, PackageForm.Manifest.class);
        if (!manifest.isOurs()) {
            throw new PackageException("This zip file is no package of brands");
        }
        if (manifest.isNewer()) {
            throw new PackageException("The package was made by a newer Zumbido than this one");
        }
    }

    /** @return paths of the brands in it, in their order */
    List<String> brands() {
        List<String> paths = Collections.list(zip.entries()).stream()
                .map(ZipEntry::getName)
                .filter(PackageForm::isBrand)
                .toList();
        if (paths.isEmpty()) {
            throw new PackageException("There is no brand in the package");
        }
        return paths;
    }

    PackedBrand brand(String path) {
        return json(path, PackedBrand.class);
    }

    /** @param name SHA-256 of the content */
    byte[] file(String name) {
        return bytes(PackageForm.FILES + name);
    }

    private <T> T json(String path, Class<T> type) {
        try {
            return PackageForm.MAPPER.readValue(bytes(path), type);
        } catch (JacksonException e) {
            throw new PackageException(path + " in the package cannot be read: " + e.getOriginalMessage(), e);
        }
    }

    private byte[] bytes(String path) {
        ZipEntry entry = zip.getEntry(path);
        if (entry == null) {
            throw new PackageException(path + " is missing in the package");
        }
        ByteArrayOutputStream content = new ByteArrayOutputStream();
        byte[] buffer = new byte[BUFFER];
        try (InputStream in = zip.getInputStream(entry)) {
            for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                content.write(buffer, 0, read);
                unpacked += read;
                if (content.size() > LARGEST_ENTRY || unpacked > LARGEST) {
                    throw new PackageException("The package unpacks to more than it may: a part to "
                            + (LARGEST_ENTRY >> 20) + " MB, all of it to " + (LARGEST >> 30) + " GB");
                }
            }
        } catch (IOException e) {
            throw new PackageException(path + " in the package is damaged", e);
        }
        return content.toByteArray();
    }

    @Override
    public void close() {
        try {
            zip.close();
        } catch (IOException e) {
            throw new PackageException("The package cannot be closed", e);
        }
    }
}
