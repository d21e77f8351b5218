package app.zumbido.server.roles;

import java.util.UUID;

/**
 * A row of the table swatch_role.
 *
 * @param role name of a {@link app.zumbido.core.roles.Role}
 * @param position among the swatches of the same role, 0 first
 */
public record RoleRow(UUID brandId, String role, int position, UUID swatchId) {}
