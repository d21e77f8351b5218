package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Consequences;

/**
 * What a change would make of a brand; nothing of it is kept.
 *
 * @param before the brand as it stands
 */
public record Preview(Brand before, KeptBrand after) {
    public Consequences consequences() {
        return Consequences.between(before, after.brand());
    }
}
