package app.zumbido.formats;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** The invented ferry line, with every slot filled. */
public final class BrandExample {
    private BrandExample() {}

    public static Brand ferries() {
        return brand("Ostrel Ferries", "Night channel 0B2A4A", "Harbour teal 0F7C7A", "Buoy orange F2682A");
    }

    /** @param swatches a name, a blank and six digits each */
    public static Brand brand(String name, String... swatches) {
        List<Swatch> list = new ArrayList<>();
        for (String swatch : swatches) {
            int blank = swatch.lastIndexOf(' ');
            SwatchId id = new SwatchId(new UUID(0, list.size() + 1));
            Rgb color = Rgb.ofHex(swatch.substring(blank + 1));
            list.add(Swatch.of(id, swatch.substring(0, blank), color, List.of()));
        }
        Brand empty = Brand.begin(new UUID(1, 1), name, Optional.of("OF"), new UUID(1, 2));
        return empty.apply(BrandChange.DraftBrand.of(empty, "logo.png", list));
    }

    /** @return the file that a writer makes of a brand as it looks in its first theme */
    public static byte[] written(DeliveryWriter writer, Brand brand) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            writer.write(Order.of(brand.look(), Assets.NONE), out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
