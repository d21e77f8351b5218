package app.zumbido.formats.parcel;

import app.zumbido.core.brand.Look;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.FolderWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.ZipTime;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Everything that somebody chose in one zip, in named folders, with a page that says what each is for. The same brand makes the
 * same bytes.
 *
 * @param items ids of what is chosen, in any order
 * @param stem what files are called after
 */
public record Parcel(Set<String> items, String stem) {
    public static final String CONTENTS = "contents.html";

    public Parcel {
        items = Set.copyOf(items);
    }

    /**
     * Is told what is done.
     *
     * @see Parcel#write
     */
    public interface Progress {
        /** @param path of the file that has been written, of the whole @throws RuntimeException to stop it */
        void written(String path, DeliveryWriter writer, byte[] content);
    }

    /** @return what is in it: of what was chosen, what nothing stands in the way of */
    public static List<DeliveryWriter> possible(Set<String> items, Look look) {
        return Catalogue.ITEMS.stream()
                .filter(item -> items.contains(item.id()))
                .flatMap(item -> item.files().stream())
                .map(Item.Entry::writer)
                .filter(writer -> writer.obstacles(look).isEmpty())
                .toList();
    }

    public void write(Order order, OutputStream out, Progress progress) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        List<ContentsPage.Line> lines = new ArrayList<>();
        for (Item item : Catalogue.ITEMS) {
            if (!items.contains(item.id())) {
                continue;
            }
            for (Item.Entry entry : item.files()) {
                if (entry.writer().obstacles(order.look()).isEmpty()) {
                    Map<String, byte[]> files = files(item, entry.writer(), order);
                    for (Map.Entry<String, byte[]> file : files.entrySet()) {
                        put(zip, file.getKey(), file.getValue());
                        progress.written(file.getKey(), entry.writer(), file.getValue());
                    }
                    lines.add(new ContentsPage.Line(item, entry.label(), List.copyOf(files.keySet())));
                }
            }
        }
        put(zip, CONTENTS, ContentsPage.of(order.look(), lines).getBytes(StandardCharsets.UTF_8));
        zip.finish();
    }

    /** @return by path in the parcel */
    private Map<String, byte[]> files(Item item, DeliveryWriter writer, Order order) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        if (writer instanceof FolderWriter folder) {
            folder.files(order).forEach((name, content) -> files.put(item.folder() + "/" + name, content));
        } else {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            writer.write(order, out);
            files.put(item.folder() + "/" + stem + writer.ending(), out.toByteArray());
        }
        return files;
    }

    private static void put(ZipOutputStream zip, String path, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(path);
        entry.setTimeLocal(ZipTime.FIXED);
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }
}
