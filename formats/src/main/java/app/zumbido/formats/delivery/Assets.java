package app.zumbido.formats.delivery;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.GuideFacts.MeasuredLogo;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoStanding;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.fonts.FontFace;
import app.zumbido.formats.fonts.ShippedFaces;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Files that belong to a brand, fetched when a writer asks for them; a brand has none until somebody says otherwise. */
public interface Assets {
    /** A brand that has none. */
    Assets NONE = new Assets() {};

    /**
     * @param source id of a picture on the brand's sheet
     * @param longSide in pixels; larger pictures are made so small
     * @return upright, in sRGB; nothing if it is gone or shows no picture
     */
    default Optional<Pixels> picture(UUID source, int longSide) {
        return Optional.empty();
    }

    /** @return width for one unit of height of a picture; nothing if it is gone or shows no picture */
    default Optional<Double> pictureRatio(UUID source) {
        return Optional.empty();
    }

    /** @param weight 1 to 1000 @return the nearest face that there is a file of; nothing if there is none of the family */
    default Optional<FontFace> face(String family, int weight, boolean italic) {
        return ShippedFaces.nearest(family, weight, italic);
    }

    /** @return the face that the role is set in; nothing if there is no file of it */
    default Optional<Letters> letters(TypeRole role) {
        return Optional.empty();
    }

    /** @return the faces of a family that may be put into documents which others edit; none without files of it */
    default List<FontProgram> programs(String family) {
        return List.of();
    }

    /** @return nothing of a form that the brand does not have */
    default Optional<LogoPicture> logo(LogoForm form, LogoVersion version) {
        return Optional.empty();
    }

    /** @return how a form has been measured; nothing of a form that the brand does not have, or that cannot be drawn */
    default Optional<MeasuredLogo> measured(LogoForm form) {
        return Optional.empty();
    }

    /** @return every version of a form on a ground, the one to be used first */
    default List<LogoStanding> standings(LogoForm form, Rgb ground) {
        return List.of();
    }

    /** @return the form in the version that reads on that ground; nothing of a form that the brand does not have */
    default Optional<LogoPicture> logoOn(LogoForm form, Rgb ground) {
        return Optional.empty();
    }
}
