package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;

/** A brand as it stands, and whether one can go back or forth from here. */
public record KeptBrand(Brand brand, boolean canUndo, boolean canRedo) {
    /** The step that every trail begins with. */
    private static final long BEGINNING = 1;

    static KeptBrand of(Brand brand, long cursor, long tip) {
        return new KeptBrand(brand, cursor != BEGINNING, cursor != tip);
    }
}
