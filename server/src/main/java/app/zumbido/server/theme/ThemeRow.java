package app.zumbido.server.theme;

import java.util.UUID;

/** A row of the table theme. */
public record ThemeRow(UUID id, UUID brandId, String name, String headingFont, String bodyFont) {}
