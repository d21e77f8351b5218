package app.zumbido.server.answer;

import app.zumbido.core.roles.Role;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.FontStack;
import app.zumbido.core.type.Language;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.Sizes;
import app.zumbido.core.type.TypeRole;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a brand is set.
 *
 * @param logo only where the logo has a face of its own
 * @param languages as BCP 47 has them
 */
public record TypeResponse(
        LetteringResponse heading,
        LetteringResponse subheading,
        LetteringResponse body,
        @Nullable LetteringResponse logo,
        List<String> languages) {
    static TypeResponse of(FontSet type) {
        return new TypeResponse(
                LetteringResponse.of(type.get(TypeRole.HEADING)),
                LetteringResponse.of(type.get(TypeRole.SUBHEADING)),
                LetteringResponse.of(type.get(TypeRole.BODY)),
                type.logo().map(LetteringResponse::of).orElse(null),
                type.languages().stream().map(Language::code).toList());
    }

    /**
     * How one role is set.
     *
     * @param weight 400 is regular, 700 bold
     * @param tracking in thousandths of an em
     * @param color the usage role whose color it has; absent: that of text
     * @param stack families as CSS wants them, ending in a generic one
     */
    public record LetteringResponse(
            String family,
            FaceKind kind,
            int weight,
            boolean italic,
            Capitals capitals,
            int tracking,
            @Nullable Role color,
            SizesResponse sizes,
            String stack) {
        public static LetteringResponse of(Lettering lettering) {
            return new LetteringResponse(
                    lettering.family(),
                    lettering.kind(),
                    lettering.weight(),
                    lettering.italic(),
                    lettering.capitals(),
                    lettering.tracking(),
                    lettering.color().orElse(null),
                    SizesResponse.of(lettering.sizes()),
                    FontStack.of(lettering).css());
        }
    }

    /** @param slides in points @param letters in points @param site in CSS pixels */
    public record SizesResponse(double slides, double letters, double site) {
        static SizesResponse of(Sizes sizes) {
            return new SizesResponse(sizes.slides(), sizes.letters(), sizes.site());
        }
    }
}
