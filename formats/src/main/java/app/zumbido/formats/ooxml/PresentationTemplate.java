package app.zumbido.formats.ooxml;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Obstacle;
import app.zumbido.formats.delivery.Order;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.Date;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.poi.openxml4j.exceptions.InvalidFormatException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.openxml4j.opc.PackagePart;
import org.apache.xmlbeans.XmlException;
import org.openxmlformats.schemas.drawingml.x2006.main.ThemeDocument;
import org.openxmlformats.schemas.presentationml.x2006.main.CTPresentation;
import org.openxmlformats.schemas.presentationml.x2006.main.CTShape;
import org.openxmlformats.schemas.presentationml.x2006.main.CTSlideLayoutIdList;
import org.openxmlformats.schemas.presentationml.x2006.main.CTSlideLayoutIdListEntry;
import org.openxmlformats.schemas.presentationml.x2006.main.CTSlideMasterIdListEntry;
import org.openxmlformats.schemas.presentationml.x2006.main.PresentationDocument;
import org.openxmlformats.schemas.presentationml.x2006.main.SldDocument;
import org.openxmlformats.schemas.presentationml.x2006.main.SldLayoutDocument;
import org.openxmlformats.schemas.presentationml.x2006.main.SldMasterDocument;

/**
 * A presentation template, widescreen (16:9) or standard (4:3): a title, a content and a chart layout, and one on the other ground, that take
 * every colour and font from the theme. The brand's are the theme part, the logo, and the title on the first slide.
 */
public final class PresentationTemplate implements DeliveryWriter {
    private static final List<PresentationPart> LAYOUTS = List.of(
            PresentationPart.LAYOUT_TITLE,
            PresentationPart.LAYOUT_CONTENT,
            PresentationPart.LAYOUT_CHART,
            PresentationPart.LAYOUT_TURNED);

    /** Ids of masters and layouts share one space that begins here: ECMA-376 Part 1, 19.7.6 and 19.7.7. */
    private static final long FIRST_MASTER_ID = 2_147_483_648L;
    /** Ids of slides begin here: ECMA-376 Part 1, 19.7.13. */
    private static final long FIRST_SLIDE_ID = 256;

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
    public List<Obstacle> obstacles(Look look) {
        List<ThemeSlot> unfilled = look.theme().unfilled();
        return unfilled.isEmpty() ? List.of() : List.of(new Obstacle.UnfilledSlots(unfilled));
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        out.write(potx(order));
    }

    /** @return a .potx file */
    private byte[] potx(Order order) {
        Look look = order.look();
        Instant time = order.time();
        if (!obstacles(look).isEmpty()) {
            throw new IllegalStateException("Theme slots are empty");
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (OPCPackage pkg = OPCPackage.create(bytes)) {
            addParts(pkg, order);
            pkg.getPackageProperties().setTitleProperty(look.brand().name());
            pkg.getPackageProperties().setCreatedProperty(Optional.of(Date.from(time)));
            pkg.getPackageProperties().setModifiedProperty(Optional.of(Date.from(time)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (XmlException | InvalidFormatException e) {
            throw new IllegalStateException("A part that ships with us is wrong", e);
        }
        return ReproducibleZip.at(time, bytes.toByteArray());
    }

    private void addParts(OPCPackage pkg, Order order) throws IOException, XmlException {
        Look look = order.look();
        SlideType type = new SlideType(look.brand().type());
        SlideLogos logos = new SlideLogos(pkg, look, order.assets(), size);
        PackagePart presentation = PresentationPart.PRESENTATION.createIn(pkg);
        PresentationPart.PRESENTATION.linkFrom(pkg);
        PackagePart master = PresentationPart.MASTER.createIn(pkg);
        PresentationPart.THEME.createIn(pkg);
        PresentationPart.THEME.linkFrom(master);

        SldMasterDocument masterDocument;
        try (InputStream in = PresentationPart.MASTER.resource()) {
            masterDocument = SldMasterDocument.Factory.parse(in);
        }
        if (look.theme().ground() == PageGround.DARK) {
            ThemePart.darken(masterDocument.getSldMaster().getClrMap());
        }
        type.set(masterDocument.getSldMaster().getTxStyles());
        size.layOut(masterDocument.getSldMaster().getCSld().getSpTree());
        CTSlideLayoutIdList layoutIds = masterDocument.getSldMaster().addNewSldLayoutIdLst();
        for (PresentationPart layout : LAYOUTS) {
            PresentationPart.MASTER.linkFrom(layout.createIn(pkg));
            CTSlideLayoutIdListEntry entry = layoutIds.addNewSldLayoutId();
            entry.setId(FIRST_MASTER_ID + layoutIds.sizeOfSldLayoutIdArray());
            entry.setId2(layout.linkFrom(master));
            try (InputStream in = layout.resource()) {
                SldLayoutDocument document = SldLayoutDocument.Factory.parse(in);
                size.layOut(document.getSldLayout().getCSld().getSpTree());
                if (layout == PresentationPart.LAYOUT_TITLE) {
                    type.setTitle(document.getSldLayout());
                    logos.onTitle(layout, document.getSldLayout().getCSld().getSpTree());
                } else if (layout == PresentationPart.LAYOUT_TURNED) {
                    TurnedLayout.turn(document.getSldLayout(), look);
                    logos.inTurnedCorner(
                            layout, document.getSldLayout().getCSld().getSpTree());
                }
                layout.write(pkg, document);
            }
        }
        logos.inCorner(
                PresentationPart.MASTER, masterDocument.getSldMaster().getCSld().getSpTree());
        PresentationPart.MASTER.write(pkg, masterDocument);
        PresentationPart.LAYOUT_TITLE.linkFrom(PresentationPart.SLIDE_TITLE.createIn(pkg));
        writeTheme(pkg, order);
        writeFirstSlide(pkg, look);
        writePresentation(pkg, presentation);
    }

    private static void writeTheme(OPCPackage pkg, Order order) throws IOException, XmlException {
        Look look = order.look();
        Map<ThemeSlot, Rgb> colors = look.colors();
        try (InputStream in = PresentationPart.THEME.resource()) {
            ThemeDocument theme = ThemeDocument.Factory.parse(in);
            ThemePart.fill(
                    theme.getTheme(),
                    look.theme().name(),
                    colors,
                    look.brand().type().pair());
            ThemeFonts.describe(theme.getTheme().getThemeElements().getFontScheme(), order.assets());
            PresentationPart.THEME.write(pkg, theme);
        }
    }

    private static void writeFirstSlide(OPCPackage pkg, Look look) throws IOException, XmlException {
        try (InputStream in = PresentationPart.SLIDE_TITLE.resource()) {
            SldDocument slide = SldDocument.Factory.parse(in);
            CTShape title = slide.getSld().getCSld().getSpTree().getSpArray(0);
            title.getTxBody().getPArray(0).getRArray(0).setT(look.brand().name());
            PresentationPart.SLIDE_TITLE.write(pkg, slide);
        }
    }

    private void writePresentation(OPCPackage pkg, PackagePart part) throws IOException, XmlException {
        try (InputStream in = PresentationPart.PRESENTATION.resource()) {
            PresentationDocument document = PresentationDocument.Factory.parse(in);
            CTPresentation presentation = document.getPresentation();
            size.set(presentation.getSldSz());
            CTSlideMasterIdListEntry master =
                    presentation.addNewSldMasterIdLst().addNewSldMasterId();
            master.setId(FIRST_MASTER_ID);
            master.setId2(PresentationPart.MASTER.linkFrom(part));
            PresentationPart.THEME.linkFrom(part);
            var slide = presentation.addNewSldIdLst().addNewSldId();
            slide.setId(FIRST_SLIDE_ID);
            slide.setId2(PresentationPart.SLIDE_TITLE.linkFrom(part));
            PresentationPart.PRESENTATION.write(pkg, document);
        }
    }
}
