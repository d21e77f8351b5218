package app.zumbido.server.pack;

import app.zumbido.server.trail.BrandRecord;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;

/** Reads a package from outside under limits, part by part, so that nothing large is held. */
final class PackageReader implements AutoCloseable {
    /** A step of a trail, or a file that was uploaded; bytes. */
    private static final int LARGEST_ENTRY = 64 << 20;
    /** All of it, unpacked; bytes. A trail is walked up to four times. */
    private static final long LARGEST = 32L << 30;

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
        return new PackageReader(zip);
    }

    /** @return the brands in it, in their order */
    List<PackagedBrand> brands() {
        PackageForm.Manifest manifest = manifest();
        List<String> paths =
                Collections.list(zip.entries()).stream().map(ZipEntry::getName).toList();
        List<PackagedBrand> brands = manifest.version() == PackageForm.WHOLE_BRANDS
                ? paths.stream()
                        .filter(path -> path.startsWith(PackageForm.BRANDS) && path.endsWith(PackageForm.JSON))
                        .map(path -> whole(path))
                        .toList()
                : paths.stream()
                        .filter(PackageForm::isHead)
                        .map(path -> streamed(path, paths))
                        .toList();
        if (brands.isEmpty()) {
            throw new PackageException("There is no brand in the package");
        }
        return brands;
    }

    private PackageForm.Manifest manifest() {
        if (zip.size() > PackageForm.MOST_ENTRIES) {
            throw new PackageException("The package has more than " + PackageForm.MOST_ENTRIES + " parts");
        }
        PackageForm.Manifest manifest = json(PackageForm.MANIFEST, PackageForm.Manifest.class);
        if (!manifest.isOurs()) {
            throw new PackageException("This zip file is no package of brands");
        }
        if (manifest.isNewer()) {
            throw new PackageException("The package was made by a newer Zumbido than this one");
        }
        return manifest;
    }

    private PackagedBrand whole(String path) {
        try {
            return new WholeBrand(() -> stream(path, LARGEST));
        } catch (JacksonException e) {
            throw unreadable(path, e);
        }
    }

    private PackagedBrand streamed(String path, List<String> paths) {
        PackageForm.Head head = json(path, PackageForm.Head.class);
        // Numbers have one length up to a hundred million steps, so names sort as the steps follow each other.
        List<String> steps = paths.stream()
                .filter(step -> PackageForm.isStep(step, path))
                .sorted()
                .toList();
        return new PackagedBrand() {
            @Override
            public BrandRecord head() {
                return head.brand();
            }

            @Override
            public List<SourceRecord> sources() {
                return head.sources();
            }

            @Override
            public List<FontRecord> fonts() {
                return head.fonts();
            }

            @Override
            public List<PlaceRecord> places() {
                return head.places();
            }

            @Override
            public void steps(Consumer<BrandRecord.Step> each) {
                steps.forEach(step -> each.accept(json(step, BrandRecord.Step.class)));
            }
        };
    }

    /**
     * @param name SHA-256 of the content
     * @return what stands in the package under that name; reading it throws a {@link PackageException} if it is damaged
     */
    InputStream file(String name) {
        return stream(PackageForm.FILES + name, LARGEST_ENTRY);
    }

    private <T> T json(String path, Class<T> type) {
        try (InputStream in = stream(path, LARGEST_ENTRY)) {
            return PackageForm.MAPPER.readValue(in, type);
        } catch (IOException e) {
            throw damaged(path, e);
        } catch (JacksonException e) {
            throw unreadable(path, e);
        }
    }

    private static PackageException unreadable(String path, JacksonException cause) {
        return new PackageException(path + " in the package cannot be read: " + cause.getOriginalMessage(), cause);
    }

    /** @param most bytes that this entry may unpack to */
    private InputStream stream(String path, long most) {
        ZipEntry entry = zip.getEntry(path);
        if (entry == null) {
            throw new PackageException(path + " is missing in the package");
        }
        try {
            return new Counted(path, zip.getInputStream(entry), most);
        } catch (IOException e) {
            throw damaged(path, e);
        }
    }

    private static PackageException damaged(String path, IOException cause) {
        return new PackageException(path + " in the package is damaged", cause);
    }

    /** Counts what is unpacked and stops where it becomes too much. */
    private final class Counted extends FilterInputStream {
        private final String path;
        private final long most;
        private long read;

        Counted(String path, InputStream in, long most) {
            super(in);
            this.path = path;
            this.most = most;
        }

        @Override
        public int read() {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
        }

        @Override
        public int read(byte[] buffer, int from, int length) {
            int count;
            try {
                count = super.read(buffer, from, length);
            } catch (IOException e) {
                throw damaged(path, e);
            }
            read += Math.max(0, count);
            unpacked += Math.max(0, count);
            if (read > most || unpacked > LARGEST) {
                throw new PackageException("The package unpacks to more than it may: a part to " + (LARGEST_ENTRY >> 20)
                        + " MB, all of it to " + (LARGEST >> 30) + " GB");
            }
            return count;
        }
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
