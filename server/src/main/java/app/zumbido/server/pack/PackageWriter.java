package app.zumbido.server.pack;

import java.io.IOException;
import java.io.OutputStream;
import java.time.LocalDateTime;
import java.util.List;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.json.JsonMapper;

/** Writes a package: the same brands make the same bytes. */
final class PackageWriter {
    /** The earliest time that a zip file knows; the time of writing would make every package another one. */
    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

    private final ZipOutputStream zip;
    private final JsonMapper mapper;

    private PackageWriter(ZipOutputStream zip, JsonMapper mapper) {
        this.zip = zip;
        this.mapper = mapper;
    }

    /** @param file content by SHA-256 */
    static void write(List<PackedBrand> brands, Function<String, byte[]> file, JsonMapper mapper, OutputStream out)
            throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            PackageWriter writer = new PackageWriter(zip, mapper);
            writer.entry(PackageForm.MANIFEST, mapper.writeValueAsBytes(PackageForm.Manifest.CURRENT));
            TreeSet<String> files = new TreeSet<>();
            for (PackedBrand brand : brands) {
                writer.entry(PackageForm.pathOf(brand.brand().id()), mapper.writeValueAsBytes(brand));
                brand.sources().forEach(source -> files.add(source.file()));
            }
            for (String name : files) {
                writer.entry(PackageForm.FILES + name, file.apply(name));
            }
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
