package app.zumbido.server.answer;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.logos.BrandElement;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoSet;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Painted;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.TypeRole;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;

/**
 * A brand's logo, as far as the page needs to show it.
 *
 * @param key changes whenever any of its pictures may look otherwise
 * @param forms those that there are
 * @param elements what else belongs to the brand
 */
public record LogosResponse(String key, List<LogoForm> forms, List<ElementResponse> elements) {
    static LogosResponse of(Brand brand) {
        LogoSet logos = brand.logos();
        return new LogosResponse(
                key(brand),
                List.copyOf(logos.forms().keySet()),
                logos.elements().stream().map(ElementResponse::of).toList());
    }

    /** @return changes whenever any of the logo's pictures may look otherwise */
    public static String key(Brand brand) {
        LogoSet logos = brand.logos();
        StringBuilder seen = new StringBuilder();
        logos.forms()
                .forEach((form, kept) -> seen.append(form).append(kept.drawn()).append(kept.own()));
        for (Paint paint : ((Painted<?>) logos).paints()) {
            seen.append(paint.resolve(brand.palette()).hex());
        }
        boolean lettered = logos.forms().values().stream().anyMatch(kept -> kept.drawn() instanceof Drawn.OfInitials);
        if (lettered) {
            seen.append(brand.type().get(TypeRole.LOGO));
        }
        brand.look().colors().forEach((slot, color) -> {
            if (slot == ThemeSlot.DARK_1 || slot == ThemeSlot.LIGHT_1) {
                seen.append(color.hex());
            }
        });
        brand.palette().swatches().forEach(swatch -> seen.append(swatch.color().hex()));
        return UUID.nameUUIDFromBytes(seen.toString().getBytes(StandardCharsets.UTF_8))
                .toString()
                .substring(0, 13);
    }

    /** @param source id of its picture */
    public record ElementResponse(UUID id, BrandElement.Kind kind, String name, String sentence, UUID source) {
        static ElementResponse of(BrandElement element) {
            return new ElementResponse(
                    element.id(), element.kind(), element.name(), element.sentence(), element.source());
        }
    }
}
