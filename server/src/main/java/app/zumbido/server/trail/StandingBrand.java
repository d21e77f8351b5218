package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;

/** A brand on the shelf as it was committed, with the row that says where its trail stands. */
record StandingBrand(BrandRow row, Brand brand) {
    KeptBrand kept() {
        return KeptBrand.of(brand, row.cursor(), row.tip());
    }
}
