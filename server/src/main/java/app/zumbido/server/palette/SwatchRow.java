package app.zumbido.server.palette;

import java.util.UUID;

/** A row of the table swatch. */
public record SwatchRow(UUID brandId, UUID id, int position, String name, String hex) {}
