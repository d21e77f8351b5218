package app.zumbido.server.pack;

import app.zumbido.server.trail.BrandRecord;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.time.LocalDateTime;
import java.util.List;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Writes a package, step by step: the same brands make the same bytes. */
final class PackageWriter {
    /** The earliest time that a zip file knows; the time of writing would make every package another one. */
    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

    private final ZipOutputStream zip;

    private PackageWriter(ZipOutputStream zip) {
        this.zip = zip;
    }

    /** @param file content by SHA-256 */
    static void write(List<PackagedBrand> brands, Function<String, byte[]> file, OutputStream out) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            PackageWriter writer = new PackageWriter(zip);
            writer.json(PackageForm.MANIFEST, PackageForm.Manifest.CURRENT);
            TreeSet<String> files = new TreeSet<>();
            for (PackagedBrand brand : brands) {
                BrandRecord head = brand.head();
                writer.json(
                        PackageForm.pathOf(head.id()),
                        new PackageForm.Head(head, brand.sources(), brand.fonts(), brand.places()));
                brand.steps(step -> writer.json(PackageForm.pathOf(head.id(), step.revision()), step));
                brand.sources().forEach(source -> files.add(source.file()));
                brand.fonts().forEach(font -> files.add(font.file()));
            }
            for (String name : files) {
                writer.entry(PackageForm.FILES + name, file.apply(name));
            }
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    private void json(String name, Object value) {
        try {
            entry(name, PackageForm.MAPPER.writeValueAsBytes(value));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void entry(String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(NO_TIME);
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }
}
