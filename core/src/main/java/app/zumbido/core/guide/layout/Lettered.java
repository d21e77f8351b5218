package app.zumbido.core.guide.layout;

import app.zumbido.core.type.TypeRole;

/**
 * How words are set.
 *
 * @param strong bold, whatever weight the role has
 * @param size in points
 */
public record Lettered(TypeRole role, boolean strong, double size) {
    public Lettered sized(double other) {
        return new Lettered(role, strong, other);
    }
}
