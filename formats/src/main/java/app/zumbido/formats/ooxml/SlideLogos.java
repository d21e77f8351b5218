package app.zumbido.formats.ooxml;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.LogoPicture;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Optional;
import org.apache.poi.openxml4j.exceptions.InvalidFormatException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.openxml4j.opc.PackagePart;
import org.apache.poi.openxml4j.opc.PackagePartName;
import org.apache.poi.openxml4j.opc.PackagingURIHelper;
import org.apache.poi.openxml4j.opc.TargetMode;
import org.apache.xmlbeans.XmlException;
import org.openxmlformats.schemas.presentationml.x2006.main.CTGroupShape;
import org.openxmlformats.schemas.presentationml.x2006.main.CTPicture;

/**
 * Puts the brand's logo on slides: the symbol small in the corner, all of it on the title, each in the version that reads on
 * the ground there. As a drawing, with a picture for programs that show none. Lengths in English Metric Units, 914,400 to the
 * inch.
 */
final class SlideLogos {
    private static final String IMAGE = "http://schemas.openxmlformats.org/officeDocument/2006/relationships/image";
    private static final String PAINTED = "image/png";
    private static final String DRAWN = "image/svg+xml";
    private static final List<LogoForm> SMALL =
            List.of(LogoForm.SUBMARK, LogoForm.ICON, LogoForm.SHORT, LogoForm.PRIMARY);
    private static final List<LogoForm> WHOLE = List.of(LogoForm.PRIMARY, LogoForm.SHORT, LogoForm.SUBMARK);

    /** Right of the number of the slide, in the margin. */
    private static final Field CORNER = new Field(-571_500, 6_309_360, 457_200, 457_200);

    private static final Field TITLE = new Field(701_040, 533_400, 4_572_000, 914_400);
    /** Pixels of the picture for one of a screen; 9,525 units make one. */
    private static final int FINE = 3;

    private static final int UNITS = 9_525;
    private static final int MOST_PIXELS = 1_600;
    private static final long SHAPE_ID = 100;

    private final OPCPackage pkg;
    private final Look look;
    private final Assets assets;
    private final SlideSize size;
    private int pictures;

    SlideLogos(OPCPackage pkg, Look look, Assets assets, SlideSize size) {
        this.size = size;
        this.pkg = pkg;
        this.look = look;
        this.assets = assets;
    }

    /**
     * Where it is fitted into, at its left and in the middle of its height.
     *
     * @param x from the left, or below 0 from the right
     */
    private record Field(long x, long y, long width, long height) {
        Field fitting(double ratio, SlideSize slide) {
            long left = x < 0 ? slide.width() + x : x;
            long wide = Math.min(width, Math.round(height * ratio));
            long tall = Math.max(1, Math.round(wide / ratio));
            return new Field(left, y + (height - tall) / 2, wide, tall);
        }
    }

    void inCorner(PresentationPart part, CTGroupShape shapes) throws IOException {
        boolean dark = look.theme().ground() == PageGround.DARK;
        put(part, shapes, SMALL, look.colors().get(dark ? ThemeSlot.DARK_1 : ThemeSlot.LIGHT_1), CORNER);
    }

    void inTurnedCorner(PresentationPart part, CTGroupShape shapes) throws IOException {
        put(part, shapes, SMALL, TurnedLayout.ground(look), CORNER);
    }

    /** The title stands on the text colour. */
    void onTitle(PresentationPart part, CTGroupShape shapes) throws IOException {
        put(part, shapes, WHOLE, TurnedLayout.ground(look), TITLE);
    }

    private void put(PresentationPart part, CTGroupShape shapes, List<LogoForm> forms, Rgb ground, Field field)
            throws IOException {
        Optional<LogoPicture> logo = forms.stream()
                .flatMap(form -> assets.logoOn(form, ground).stream())
                .findFirst();
        if (logo.isEmpty()) {
            return;
        }
        Field place = field.fitting(logo.get().ratio(), size);
        PackagePart from = part.in(pkg);
        pictures++;
        int width = (int) Math.min(MOST_PIXELS, Math.max(1, FINE * place.width() / UNITS));
        String painted = add(
                from, "/ppt/media/logo" + pictures + ".png", PAINTED, logo.get().png(width));
        String drawn = add(
                from, "/ppt/media/logo" + pictures + ".svg", DRAWN, logo.get().svg());
        try {
            shapes.addNewPic()
                    .set(CTPicture.Factory.parse(PICTURE.formatted(
                            SHAPE_ID, painted, drawn, place.x(), place.y(), place.width(), place.height())));
        } catch (XmlException e) {
            throw new IllegalStateException("A part that ships with us is wrong", e);
        }
    }

    private String add(PackagePart from, String name, String type, byte[] content) throws IOException {
        try {
            PackagePartName path = PackagingURIHelper.createPartName(name);
            PackagePart part = pkg.createPart(path, type);
            try (OutputStream out = part.getOutputStream()) {
                out.write(content);
            }
            return from.addRelationship(path, TargetMode.INTERNAL, IMAGE).getId();
        } catch (InvalidFormatException e) {
            throw new IOException("Part name " + name, e);
        }
    }

    /** Source: ECMA-376 Part 1, 19.3.1.37; the drawing beside the picture is an extension of it. */
    private static final String PICTURE = """
            <xml-fragment xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" \
            xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships" \
            xmlns:p="http://schemas.openxmlformats.org/presentationml/2006/main">\
            <p:nvPicPr><p:cNvPr id="%d" name="Logo" descr="Logo"/><p:cNvPicPr><a:picLocks noChangeAspect="1"/></p:cNvPicPr>\
            <p:nvPr userDrawn="1"/></p:nvPicPr>\
            <p:blipFill><a:blip r:embed="%s"><a:extLst><a:ext uri="{96DAC541-7B7A-43D3-8B79-37D633B846F1}">\
            <asvg:svgBlip xmlns:asvg="http://schemas.microsoft.com/office/drawing/2016/SVG/main" r:embed="%s"/>\
            </a:ext></a:extLst></a:blip><a:srcRect/><a:stretch><a:fillRect/></a:stretch></p:blipFill>\
            <p:spPr><a:xfrm><a:off x="%d" y="%d"/><a:ext cx="%d" cy="%d"/></a:xfrm>\
            <a:prstGeom prst="rect"><a:avLst/></a:prstGeom></p:spPr></xml-fragment>""";
}
