package app.zumbido.e2e;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.docx4j.XmlUtils;
import org.docx4j.dml.CTColor;
import org.docx4j.dml.CTColorScheme;
import org.docx4j.dml.CTSRgbColor;
import org.docx4j.openpackaging.exceptions.Docx4JException;
import org.docx4j.openpackaging.packages.PresentationMLPackage;
import org.docx4j.openpackaging.parts.PartName;
import org.docx4j.openpackaging.parts.PresentationML.MainPresentationPart;
import org.docx4j.openpackaging.parts.PresentationML.SlideLayoutPart;
import org.docx4j.openpackaging.parts.PresentationML.SlideMasterPart;
import org.docx4j.openpackaging.parts.PresentationML.SlidePart;
import org.docx4j.openpackaging.parts.ThemePart;
import org.pptx4j.jaxb.Context;

/** An invented deck, written and read with a library that the product does not use. */
final class Decks {
    /** What its theme holds, in the standard's order. */
    static final List<String> SLOTS = List.of(
            "0B2A4A", "FFFFFF", "5B6670", "EAF3F2", "0F7C7A", "F2682A", "7FB7B5", "A23B1E", "3F5A37", "0F7C7A",
            "0B2A4A", "7A5CD6");

    private static final String BOX = """
            <p:sp xmlns:p="http://schemas.openxmlformats.org/presentationml/2006/main"
                  xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main">
              <p:nvSpPr><p:cNvPr id="%1$d" name="Box %1$d"/><p:cNvSpPr/><p:nvPr/></p:nvSpPr>
              <p:spPr><a:xfrm><a:off x="0" y="0"/><a:ext cx="3000000" cy="900000"/></a:xfrm>
                <a:prstGeom prst="rect"><a:avLst/></a:prstGeom>
                <a:solidFill><a:schemeClr val="accent1"/></a:solidFill></p:spPr>
              <p:txBody><a:bodyPr/><a:p><a:r><a:rPr><a:solidFill><a:srgbClr val="FFFFFF"/></a:solidFill></a:rPr>
                <a:t>Island %1$d</a:t></a:r></a:p></p:txBody>
            </p:sp>
            """;

    private Decks() {}

    /** One slide with three boxes in Accent 1, white words in each. */
    static byte[] timetable() throws Exception {
        PresentationMLPackage deck = PresentationMLPackage.createPackage();
        MainPresentationPart main = (MainPresentationPart) deck.getParts().get(new PartName("/ppt/presentation.xml"));
        SlideLayoutPart layout =
                (SlideLayoutPart) deck.getParts().get(new PartName("/ppt/slideLayouts/slideLayout1.xml"));
        SlidePart slide = new SlidePart(new PartName("/ppt/slides/slide1.xml"));
        slide.setContents(SlidePart.createSld());
        main.addSlide(0, slide);
        slide.addTargetPart(layout);
        for (int i = 2; i < 5; i++) {
            slide.getContents()
                    .getCSld()
                    .getSpTree()
                    .getSpOrGrpSpOrGraphicFrame()
                    .add(XmlUtils.unmarshalString(BOX.formatted(i), Context.jcPML));
        }
        ThemePart theme = themeOf(deck);
        fill(theme.getContents().getThemeElements().getClrScheme());
        var fonts = theme.getContents().getThemeElements().getFontScheme();
        fonts.getMajorFont().getLatin().setTypeface("Georgia");
        fonts.getMinorFont().getLatin().setTypeface("Arial");
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        deck.save(bytes);
        return bytes.toByteArray();
    }

    private static ThemePart themeOf(PresentationMLPackage deck) {
        return deck.getParts().getParts().values().stream()
                .filter(ThemePart.class::isInstance)
                .map(ThemePart.class::cast)
                .findFirst()
                .orElseThrow();
    }

    static ThemePart themeOf(Path file) throws IOException, Docx4JException {
        try (InputStream in = Files.newInputStream(file)) {
            return themeOf(PresentationMLPackage.load(in));
        }
    }

    /** @return the slot that the master maps the first ground to */
    static String pagesStandOn(Path file) throws IOException, Docx4JException {
        try (InputStream in = Files.newInputStream(file)) {
            return PresentationMLPackage.load(in).getParts().getParts().values().stream()
                    .filter(SlideMasterPart.class::isInstance)
                    .map(part -> ((SlideMasterPart) part).getJaxbElement())
                    .map(master -> master.getClrMap().getBg1().name())
                    .findFirst()
                    .orElseThrow();
        }
    }

    private static List<CTColor> colors(CTColorScheme scheme) {
        return List.of(
                scheme.getDk1(),
                scheme.getLt1(),
                scheme.getDk2(),
                scheme.getLt2(),
                scheme.getAccent1(),
                scheme.getAccent2(),
                scheme.getAccent3(),
                scheme.getAccent4(),
                scheme.getAccent5(),
                scheme.getAccent6(),
                scheme.getHlink(),
                scheme.getFolHlink());
    }

    private static void fill(CTColorScheme scheme) {
        scheme.setName("Timetable");
        List<CTColor> colors = colors(scheme);
        for (int i = 0; i < colors.size(); i++) {
            CTSRgbColor value = new CTSRgbColor();
            value.setVal(SLOTS.get(i));
            colors.get(i).setSysClr(null);
            colors.get(i).setSrgbClr(value);
        }
    }

    /** @return six digits each, in the standard's order */
    static List<String> slots(CTColorScheme scheme) {
        return colors(scheme).stream().map(color -> color.getSrgbClr().getVal()).toList();
    }
}
