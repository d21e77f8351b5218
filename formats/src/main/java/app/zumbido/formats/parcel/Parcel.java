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
import java.util.function.Function;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Everything that somebody chose in one zip, in named folders, with a page that says what each is for. The same brand makes the
 * same bytes.
 *
 * @param items ids of what is chosen, in any order
 * @param stem what the files of a look are called after
 */
public record Parcel(Set<String> items, Function<Look, String> stem) {
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
        /**
         * @param path of the file that has been written
         * @param look that it was made of
         * @throws RuntimeException to stop it
         */
        void written(String path, DeliveryWriter writer, Look look, byte[] content);
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
                for (Look look : looks(order.look(), item, entry.writer())) {
                    Map<String, byte[]> files = files(item, entry.writer(), order.of(look));
                    for (Map.Entry<String, byte[]> file : files.entrySet()) {
                        put(zip, file.getKey(), file.getValue());
                        progress.written(file.getKey(), entry.writer(), look, file.getValue());
                    }
                    lines.add(new ContentsPage.Line(item, entry.label(), List.copyOf(files.keySet())));
                }
            }
        }
        put(zip, CONTENTS, ContentsPage.of(order.look(), lines).getBytes(StandardCharsets.UTF_8));
        zip.finish();
    }

    /**
     * Other themes of the brand come as further templates for slides, unless they stand in the same file; everything else is made
     * in the one theme that was asked for.
     */
    private static List<Look> looks(Look asked, Item item, DeliveryWriter writer) {
        List<Look> looks = new ArrayList<>(List.of(asked));
        if (item.id().equals(Catalogue.TEMPLATE) && !asked.brand().template().together()) {
            asked.brand().looks().stream().filter(other -> !other.equals(asked)).forEach(looks::add);
        }
        return looks.stream().filter(look -> writer.obstacles(look).isEmpty()).toList();
    }

    /** @return by path in the parcel */
    private Map<String, byte[]> files(Item item, DeliveryWriter writer, Order order) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        if (writer instanceof FolderWriter folder) {
            folder.files(order).forEach((name, content) -> files.put(item.folder() + "/" + name, content));
        } else {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            writer.write(order, out);
            files.put(item.folder() + "/" + stem.apply(order.look()) + writer.ending(), out.toByteArray());
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
