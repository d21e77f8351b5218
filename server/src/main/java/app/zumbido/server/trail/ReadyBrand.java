package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;

/**
 * A recorded brand that has been looked through and only waits to be written.
 *
 * @param copy whether a brand of the same id is known, so that this one got another
 */
public record ReadyBrand(Brand brand, boolean copy, BrandRecord head, StepSpool spool) implements AutoCloseable {
    @Override
    public void close() {
        spool.close();
    }
}
