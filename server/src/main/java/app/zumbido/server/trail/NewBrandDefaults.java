package app.zumbido.server.trail;

import app.zumbido.core.brand.BrandDefaults;

/** What every new brand begins with, as somebody has set it. */
public interface NewBrandDefaults {
    BrandDefaults get();
}
