package app.zumbido.server.delivery;

import app.zumbido.core.brand.Brand;
import app.zumbido.formats.delivery.Assets;

/** The files of brands, for those who draw what is handed over. */
public interface BrandFiles {
    /** @return those of a brand, fetched when they are asked for */
    Assets assets(Brand brand);
}
