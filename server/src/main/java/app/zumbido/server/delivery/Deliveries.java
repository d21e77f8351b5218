package app.zumbido.server.delivery;

import app.zumbido.core.brand.Look;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.css.CssProperties;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Obstacle;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.logos.IconSet;
import app.zumbido.formats.logos.LogoFolder;
import app.zumbido.formats.office.slides.PresentationTemplate;
import app.zumbido.formats.text.CodeSheet;
import app.zumbido.formats.text.CodeTable;
import app.zumbido.formats.tokens.DesignTokens;
import app.zumbido.server.http.FileStem;
import app.zumbido.server.logos.BrandLogos;
import app.zumbido.server.type.SetFaces;
import java.util.List;
import org.springframework.stereotype.Component;

/** The list of everything that can be handed over; what is not in it, nobody can ask for. */
@Component
class Deliveries {
    private static final List<DeliveryWriter> WRITERS = List.of(
            new PresentationTemplate(SlideSize.WIDE),
            new PresentationTemplate(SlideSize.STANDARD),
            new LogoFolder(),
            new IconSet(),
            new CssProperties(),
            new DesignTokens(),
            new CodeTable(),
            new CodeSheet());

    private final SetFaces faces;
    private final BrandLogos logos;

    Deliveries(SetFaces faces, BrandLogos logos) {
        this.faces = faces;
        this.logos = logos;
    }

    List<DeliveryWriter> all() {
        return WRITERS;
    }

    /** @throws UnknownDeliveryException if nothing of that kind is handed over */
    DeliveryWriter ofKind(String kind) {
        return WRITERS.stream()
                .filter(writer -> writer.kind().equals(kind))
                .findFirst()
                .orElseThrow(() -> new UnknownDeliveryException(kind));
    }

    /**
     * @throws UnknownDeliveryException if nothing of that kind is handed over
     * @throws SlotsUnfilledException if empty slots stand in its way
     * @throws FormMissingException if the logo does not come in the form that is asked for
     */
    Delivery prepare(String kind, Look look) {
        DeliveryWriter writer = ofKind(kind);
        for (Obstacle obstacle : writer.obstacles(look)) {
            throw obstacle instanceof Obstacle.UnfilledSlots unfilled
                    ? new SlotsUnfilledException(unfilled.slots())
                    : new FormMissingException(((Obstacle.MissingForm) obstacle).form());
        }
        return new Delivery(writer, look, new BrandAssets(look.brand(), faces, logos));
    }

    static List<ThemeSlot> slots(Obstacle obstacle) {
        return obstacle instanceof Obstacle.UnfilledSlots unfilled ? unfilled.slots() : List.of();
    }

    /** @return a name that every file system takes; with the theme's where the brand has several */
    static String fileName(DeliveryWriter writer, Look look) {
        String brand = look.brand().name();
        boolean several = look.brand().themes().all().size() > 1;
        return FileStem.of(several ? brand + " " + look.theme().name() : brand) + writer.ending();
    }
}
