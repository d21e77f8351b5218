package app.zumbido.core.color;

/** How one press and paper turn colours into inks and inks into colours; relative colorimetric in both directions. */
public interface PressProfile {
    /** @return the inks that come nearest to the colour */
    Cmyk toCmyk(Rgb rgb);

    /** @return what the inks look like on white paper */
    Rgb toRgb(Cmyk inks);
}
