package app.zumbido.server.palette;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A row of the table swatch. */
public record SwatchRow(
        UUID brandId,
        UUID id,
        int position,
        String name,
        String hex,
        @Nullable String originSource,
        @Nullable Integer originX,
        @Nullable Integer originY,
        @Nullable Integer originArea) {}
