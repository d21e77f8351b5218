package app.zumbido.server.delivery;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Look;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Obstacle;
import app.zumbido.formats.parcel.Catalogue;
import app.zumbido.formats.parcel.Item;
import app.zumbido.formats.parcel.Parcel;
import app.zumbido.server.http.FileStem;
import app.zumbido.server.logos.BrandLogos;
import app.zumbido.server.logos.LogoSources;
import app.zumbido.server.type.SetFaces;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The list of everything that can be handed over; what is not in it, nobody can ask for. */
@Component
class Deliveries implements BrandFiles {
    /** What a request calls everything together. */
    static final String PARCEL = "parcel";

    private final SetFaces faces;
    private final BrandLogos logos;
    private final LogoSources sheet;

    Deliveries(SetFaces faces, BrandLogos logos, LogoSources sheet) {
        this.faces = faces;
        this.logos = logos;
        this.sheet = sheet;
    }

    /** @throws UnknownDeliveryException if nothing of that kind is handed over */
    DeliveryWriter ofKind(String kind) {
        return Catalogue.ofKind(kind).orElseThrow(() -> new UnknownDeliveryException(kind));
    }

    @Override
    public Assets assets(Brand brand) {
        return new BrandAssets(brand, faces, logos, sheet);
    }

    /**
     * @param items ids of what goes in; nothing: what usually does
     * @throws UnknownDeliveryException if one of them is not handed over
     * @throws EmptyParcelException if none of them can be made
     */
    Parcel parcel(Look look, @Nullable List<String> items) {
        Set<String> chosen = items == null
                ? Catalogue.ITEMS.stream().filter(Item::usual).map(Item::id).collect(Collectors.toSet())
                : Set.copyOf(items);
        Set<String> known = Catalogue.ITEMS.stream().map(Item::id).collect(Collectors.toSet());
        chosen.stream().filter(item -> !known.contains(item)).findFirst().ifPresent(item -> {
            throw new UnknownDeliveryException(item);
        });
        if (Parcel.possible(chosen, look).isEmpty()) {
            throw new EmptyParcelException();
        }
        return new Parcel(chosen, Deliveries::stem);
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
        return new Delivery(writer, look, assets(look.brand()));
    }

    /** @return a name that every file system takes; with the theme's where the brand has several */
    static String fileName(DeliveryWriter writer, Look look) {
        return stem(look) + writer.ending();
    }

    static String parcelName(Look look) {
        return stem(look) + ".zip";
    }

    /** @return what its files are called after, as every file system takes it */
    static String stem(Look look) {
        String brand = look.brand().name();
        boolean several = look.brand().themes().all().size() > 1;
        return FileStem.of(several ? brand + " " + look.theme().name() : brand);
    }
}
