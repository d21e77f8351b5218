package app.zumbido.server.type;

import app.zumbido.core.brand.Brand;
import java.util.List;
import java.util.UUID;

/** The own faces of brands, for those who take whole brands along. */
public interface BrandFonts {
    /** @return those that the brand alone has, and those of every brand that it is set in */
    List<FontRow> usedBy(Brand brand);

    /** @return only those that the brand alone has */
    List<FontRow> ofBrand(UUID brand);

    /**
     * Reads a face of a file that is kept already.
     *
     * @return not in the table yet
     * @throws app.zumbido.formats.fonts.UnreadableFontException if there is none
     */
    FontRow ready(String blob, int face, String fileName);

    /** Gives a brand a face, unless it has it already. */
    void put(FontRow face, UUID brand);
}
