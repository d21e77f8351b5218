package app.zumbido.server.delivery;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Letters;
import app.zumbido.server.type.SetFaces;
import java.util.Optional;
import java.util.UUID;

/** Files of one brand. */
record BrandAssets(Brand brand, SetFaces faces) implements Assets {
    @Override
    public Optional<byte[]> picture(UUID source) {
        return Optional.empty();
    }

    @Override
    public Optional<Letters> letters(TypeRole role) {
        return faces.letters(brand, role);
    }
}
