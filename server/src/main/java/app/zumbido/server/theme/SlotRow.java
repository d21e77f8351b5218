package app.zumbido.server.theme;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A row of the table theme_slot.
 *
 * @param kind swatch, derived, fixed or empty
 * @param lightness added to the OKLCH lightness of the swatch, -1 to 1
 */
public record SlotRow(
        UUID themeId,
        String slot,
        String kind,
        UUID brandId,
        @Nullable UUID swatchId,
        @Nullable Double lightness,
        @Nullable String hex,
        @Nullable String reason) {}
