package app.zumbido.server.palette;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A row of the table swatch.
 *
 * @param baseId the swatch on whose ladder it stands; nothing if it stands on its own
 * @param away how far from that base, -1 to 1; nothing if it stands on its own
 */
public record SwatchRow(
        UUID brandId,
        UUID id,
        int position,
        String name,
        String hex,
        String groupName,
        @Nullable UUID baseId,
        @Nullable Double away,
        String spotInk,
        String note) {}
