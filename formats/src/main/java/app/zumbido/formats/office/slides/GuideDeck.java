package app.zumbido.formats.office.slides;

import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.guide.layout.Page;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.ThemedWriter;
import app.zumbido.formats.guide.Guide;
import app.zumbido.formats.layouts.Box;
import app.zumbido.formats.layouts.Grid;
import app.zumbido.formats.layouts.LayoutPlans;
import app.zumbido.formats.layouts.SlideLayout;
import app.zumbido.formats.layouts.SlideSize;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;

/** The style guide on slides of the presentation template, light as paper is: every piece can be taken out and used. */
public final class GuideDeck implements ThemedWriter {
    private static final SlideSize SIZE = SlideSize.WIDE;

    @Override
    public String kind() {
        return "guide-slides";
    }

    @Override
    public String ending() {
        return "-guide.pptx";
    }

    @Override
    public String mediaType() {
        return "application/vnd.openxmlformats-officedocument.presentationml.presentation";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        ThemedLook look = ThemedLook.onPaper(order.look());
        PresentationPackage pack = new PresentationPackage(SIZE, PresentationPackage.PRESENTATION);
        pack.addMaster(look, order.assets());
        Box place = new Grid(SIZE, look.look().brand().template().corner()).below();
        Guide guide = Guide.onSlides(
                order.look(),
                order.assets(),
                (double) place.width() / GuideShapes.POINT,
                (double) place.height() / GuideShapes.POINT);
        pack.addSlide(
                SlideLayout.TITLE,
                new Shapes()
                        .placeholder(pack.brandName(look, order.assets()))
                        .placeholder(Placeholder.of("Subtitle", "subTitle", LayoutPlans.BODY)
                                .saying(List.of(Placeholder.paragraph(
                                        0, Placeholder.run(guide.content().title()))))));
        GuideMedia media = new GuideMedia(pack.zip(), guide, order.assets());
        for (Page page : guide.layout().pages()) {
            Shapes shapes = new Shapes()
                    .placeholder(Placeholder.of("Title", "title", -1)
                            .saying(List.of(Placeholder.paragraph(0, Placeholder.run(page.title())))));
            new GuideShapes(shapes, look, guide, media, pack.nextSlide(), place).draw(page.parts());
            SpecimenDeck.foot(shapes, order.look().brand().name());
            pack.addSlide(SlideLayout.CONTENT, shapes);
        }
        pack.zip().describe(guide.title());
        pack.finished().write(out);
    }
}
