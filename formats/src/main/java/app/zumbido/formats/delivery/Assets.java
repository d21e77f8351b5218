package app.zumbido.formats.delivery;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.type.TypeRole;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Files that belong to a brand, fetched when a writer asks for them; a brand has none until somebody says otherwise. */
public interface Assets {
    /** A brand that has none. */
    Assets NONE = new Assets() {};

    /** @param source id of a picture on the brand's sheet @return the file as it was uploaded; nothing if it is gone */
    default Optional<byte[]> picture(UUID source) {
        return Optional.empty();
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

    /** @return the form in the version that reads on that ground; nothing of a form that the brand does not have */
    default Optional<LogoPicture> logoOn(LogoForm form, Rgb ground) {
        return Optional.empty();
    }
}
