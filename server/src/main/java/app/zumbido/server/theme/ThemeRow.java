package app.zumbido.server.theme;

import java.util.UUID;

/**
 * A row of the table theme.
 *
 * @param position 0 for the one that is handed over first
 * @param ground what its pages stand on
 */
public record ThemeRow(
        UUID id, UUID brandId, int position, String name, String ground, String headingFont, String bodyFont) {}
