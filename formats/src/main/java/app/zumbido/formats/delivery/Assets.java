package app.zumbido.formats.delivery;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.type.TypeRole;
import java.util.Optional;
import java.util.UUID;

/** Files that belong to a brand, fetched when a writer asks for them. */
public interface Assets {
    /** A brand that has none. */
    Assets NONE = new Assets() {
        @Override
        public Optional<byte[]> picture(UUID source) {
            return Optional.empty();
        }

        @Override
        public Optional<Letters> letters(TypeRole role) {
            return Optional.empty();
        }

        @Override
        public Optional<LogoPicture> logo(LogoForm form, LogoVersion version) {
            return Optional.empty();
        }

        @Override
        public Optional<LogoPicture> logoOn(LogoForm form, Rgb ground) {
            return Optional.empty();
        }
    };

    /** @param source id of a picture on the brand's sheet @return the file as it was uploaded; nothing if it is gone */
    Optional<byte[]> picture(UUID source);

    /** @return the face that the role is set in; nothing if there is no file of it */
    Optional<Letters> letters(TypeRole role);

    /** @return nothing of a form that the brand does not have */
    Optional<LogoPicture> logo(LogoForm form, LogoVersion version);

    /** @return the form in the version that reads on that ground; nothing of a form that the brand does not have */
    Optional<LogoPicture> logoOn(LogoForm form, Rgb ground);
}
