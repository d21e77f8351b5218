package app.zumbido.server.trail.form;

/** A brand in the form of some version. */
sealed interface BrandForm
        permits Brand1, Brand2, Brand3, Brand4, Brand5, Brand6, Brand7, Brand8, Brand9, Brand10, Brand11 {
    /** @return the same in the form of the next version; the newest one gives itself */
    BrandForm next();

    /** @return the same in the present form */
    default Brand11 newest() {
        return this instanceof Brand11 newest ? newest : next().newest();
    }
}
