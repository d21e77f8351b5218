package app.zumbido.server.shelf;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** What the shelf shows and looks for; it writes nothing. */
@Mapper
interface ShelfMapper {
    /**
     * @param words in each way of writing that is looked for; none: every brand
     * @return brands in whose name, short code or names of swatches one of the words stands, changed last first
     */
    List<ShelfRow> withWords(
            @Param("deleted") boolean deleted,
            @Param("words") Collection<String> words,
            @Param("from") int from,
            @Param("most") int most);

    long count(@Param("deleted") boolean deleted);

    List<ShelfRow> withIds(@Param("deleted") boolean deleted, @Param("ids") Collection<UUID> ids);

    /** @return every colour that some brand has, once */
    List<String> hexes(@Param("deleted") boolean deleted);

    List<ColorOfBrand> withHexes(@Param("deleted") boolean deleted, @Param("hexes") Collection<String> hexes);

    /** @return the first colours of each brand, up to a number, in their order */
    List<ColorOfBrand> colors(@Param("ids") Collection<UUID> ids, @Param("most") int most);

    /** @param found the colour of the first swatch whose name was looked for; none where the brand's own name was */
    record ShelfRow(
            UUID id,
            String name,
            @Nullable String shortCode,
            long revision,
            Instant changedAt,
            @Nullable Instant deletedAt,
            @Nullable String found) {}

    record ColorOfBrand(UUID brandId, String hex) {}
}
