package app.zumbido.formats.office.slides;

import app.zumbido.core.brand.Look;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.ThemedWriter;
import app.zumbido.formats.layouts.LayoutPlans;
import app.zumbido.formats.layouts.SlideLayout;
import app.zumbido.formats.layouts.SlideSize;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;

/** A presentation template, widescreen (16:9) or standard (4:3): twelve layouts in the brand's own look. */
public final class PresentationTemplate implements ThemedWriter {
    private final SlideSize size;

    public PresentationTemplate(SlideSize size) {
        this.size = size;
    }

    @Override
    public String kind() {
        return "presentation-" + size.kind();
    }

    @Override
    public String ending() {
        return "-" + size.said() + ".potx";
    }

    @Override
    public String mediaType() {
        return "application/vnd.openxmlformats-officedocument.presentationml.template";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        Look look = order.look();
        PresentationPackage pack = new PresentationPackage(size, PresentationPackage.TEMPLATE);
        pack.addMaster(ThemedLook.of(look), order.assets());
        for (Look other : look.brand().template().together() ? others(look) : List.<Look>of()) {
            pack.addMaster(ThemedLook.of(other), order.assets());
        }
        pack.addSlide(
                SlideLayout.TITLE,
                new Shapes()
                        .placeholder(pack.brandName(ThemedLook.of(look), order.assets()))
                        .placeholder(Placeholder.of("Subtitle", "subTitle", LayoutPlans.BODY)));
        pack.zip().describe(look.brand().name());
        pack.finished().write(out);
    }

    /** @return the other themes of the brand, as far as they are complete */
    private static List<Look> others(Look look) {
        return look.brand().looks().stream()
                .filter(other -> !other.equals(look))
                .filter(other -> other.theme().unfilled().isEmpty())
                .toList();
    }
}
