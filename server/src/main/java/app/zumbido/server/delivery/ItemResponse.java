package app.zumbido.server.delivery;

import app.zumbido.core.brand.Look;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.delivery.Obstacle;
import app.zumbido.formats.parcel.Item;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Something that is handed over as one thing.
 *
 * @param name as people call it
 * @param use what it is for and how it is put in place
 * @param usual whether it goes into a parcel unless somebody says otherwise
 */
record ItemResponse(
        String id, Item.Audience audience, String name, String use, boolean usual, List<ItemFileResponse> files) {
    static ItemResponse of(Item item, Look look) {
        return new ItemResponse(
                item.id(),
                item.audience(),
                item.name(),
                item.use(),
                item.usual(),
                item.files().stream()
                        .map(entry -> ItemFileResponse.of(entry, look))
                        .toList());
    }

    /**
     * @param kind part of its address
     * @param label tells the files of a thing from each other
     * @param unfilled codes of the theme slots that stand empty in its way
     * @param missing the form of the logo that it needs and that there is not
     */
    record ItemFileResponse(
            String kind,
            String label,
            String fileName,
            String mediaType,
            List<String> unfilled,
            @Nullable LogoForm missing) {
        static ItemFileResponse of(Item.Entry entry, Look look) {
            List<Obstacle> obstacles = entry.writer().obstacles(look);
            Optional<LogoForm> missing = obstacles.stream()
                    .flatMap(obstacle ->
                            obstacle instanceof Obstacle.MissingForm form ? Stream.of(form.form()) : Stream.empty())
                    .findFirst();
            return new ItemFileResponse(
                    entry.writer().kind(),
                    entry.label(),
                    Deliveries.fileName(entry.writer(), look),
                    entry.writer().mediaType(),
                    obstacles.stream()
                            .flatMap(obstacle -> obstacle instanceof Obstacle.UnfilledSlots slots
                                    ? slots.slots().stream().map(ThemeSlot::code)
                                    : Stream.empty())
                            .toList(),
                    missing.orElse(null));
        }
    }
}
