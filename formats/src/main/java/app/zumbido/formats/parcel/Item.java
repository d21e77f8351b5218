package app.zumbido.formats.parcel;

import app.zumbido.formats.delivery.DeliveryWriter;
import java.util.List;

/**
 * Something that is handed over as one thing: one file, or some that belong together.
 *
 * @param id never changes: choices are kept under it
 * @param folder of the parcel
 * @param name as people call it
 * @param use what it is for and how it is put in place, one sentence or two
 * @param usual whether it goes into a parcel unless somebody says otherwise
 */
public record Item(
        String id, Audience audience, String folder, String name, String use, boolean usual, List<Entry> files) {
    public Item {
        files = List.copyOf(files);
    }

    /** Whom it is for. */
    public enum Audience {
        PEOPLE,
        OFFICE,
        SITES
    }

    /** @param label tells the files of an item from each other, as in '16:9' */
    public record Entry(DeliveryWriter writer, String label) {}
}
