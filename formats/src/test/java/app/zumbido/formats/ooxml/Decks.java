package app.zumbido.formats.ooxml;

import app.zumbido.formats.BrandExample;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.slides.PresentationTemplate;
import java.awt.Color;
import java.awt.Rectangle;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Random;
import org.apache.poi.sl.usermodel.ShapeType;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFAutoShape;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFSlideLayout;
import org.apache.poi.xslf.usermodel.XSLFTable;
import org.apache.poi.xslf.usermodel.XSLFTextRun;
import org.apache.poi.xslf.usermodel.XSLFTextShape;
import org.openxmlformats.schemas.drawingml.x2006.main.CTSchemeColor;
import org.openxmlformats.schemas.drawingml.x2006.main.CTShapeStyle;
import org.openxmlformats.schemas.drawingml.x2006.main.CTSolidColorFillProperties;
import org.openxmlformats.schemas.drawingml.x2006.main.STFontCollectionIndex;
import org.openxmlformats.schemas.drawingml.x2006.main.STSchemeColorVal;
import org.openxmlformats.schemas.presentationml.x2006.main.CTShape;

/** Decks by chance, with colours set in every way that shapes, text and tables have; written by a library. */
final class Decks {
    private static final List<STSchemeColorVal.Enum> SLOTS = List.of(
            STSchemeColorVal.ACCENT_1,
            STSchemeColorVal.ACCENT_2,
            STSchemeColorVal.ACCENT_5,
            STSchemeColorVal.TX_1,
            STSchemeColorVal.BG_2,
            STSchemeColorVal.TX_2);

    private final Random random;

    private Decks(long seed) {
        this.random = new Random(seed);
    }

    static byte[] byChance(long seed) throws IOException {
        return new Decks(seed).deck();
    }

    private byte[] deck() throws IOException {
        byte[] template = BrandExample.written(new PresentationTemplate(SlideSize.WIDE), BrandExample.ferries());
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(template))) {
            List<XSLFSlideLayout> layouts =
                    List.of(show.getSlideMasters().get(0).getSlideLayouts());
            for (int i = 0; i < 4; i++) {
                fill(show.createSlide(layouts.get(random.nextInt(layouts.size()))));
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            show.write(out);
            return out.toByteArray();
        }
    }

    private void fill(XSLFSlide slide) {
        slide.getShapes().forEach(shape -> {
            if (shape instanceof XSLFTextShape placeholder) {
                placeholder.setText("Timetable");
            }
        });
        if (random.nextInt(3) == 0) {
            slide.getBackground().setFillColor(color());
        }
        for (int i = 0; i < 6; i++) {
            XSLFAutoShape shape = slide.createAutoShape();
            shape.setShapeType(ShapeType.ROUND_RECT);
            dress(shape);
        }
        dress(slide.createGroup().createAutoShape());
        slide.createConnector().setLineColor(color());
        XSLFTextShape box = slide.createTextBox();
        box.setText("Winter harbour");
        if (random.nextBoolean()) {
            setByTheme(box.getTextParagraphs().get(0).getTextRuns().get(0));
        }
        table(slide);
    }

    private Color color() {
        return new Color(random.nextInt(1 << 24));
    }

    private void dress(XSLFAutoShape shape) {
        shape.setAnchor(new Rectangle(10, 10, 100, 40));
        CTShape xml = (CTShape) shape.getXmlObject();
        switch (random.nextInt(4)) {
            case 0 -> shape.setFillColor(color());
            case 1 -> scheme(xml.getSpPr().addNewSolidFill());
            case 2 -> style(xml);
            default -> {
                // Nothing fills it.
            }
        }
        if (random.nextBoolean()) {
            XSLFTextRun run = shape.setText("To the islands");
            switch (random.nextInt(3)) {
                case 0 -> run.setFontColor(color());
                case 1 -> setByTheme(run);
                default -> {
                    // The style says it, or nobody.
                }
            }
        }
        if (random.nextBoolean()) {
            shape.setLineColor(color());
        }
    }

    private void setByTheme(XSLFTextRun run) {
        scheme(((org.openxmlformats.schemas.drawingml.x2006.main.CTRegularTextRun) run.getXmlObject())
                .addNewRPr()
                .addNewSolidFill());
    }

    /** Lighter as programs make it, or the slot itself. */
    private void scheme(CTSolidColorFillProperties fill) {
        CTSchemeColor color = fill.addNewSchemeClr();
        color.setVal(SLOTS.get(random.nextInt(SLOTS.size())));
        if (random.nextBoolean()) {
            color.addNewLumMod().setVal(60_000);
            color.addNewLumOff().setVal(40_000);
        }
    }

    private static void style(CTShape xml) {
        CTShapeStyle style = xml.addNewStyle();
        style.addNewLnRef().setIdx(1);
        style.getLnRef().addNewSchemeClr().setVal(STSchemeColorVal.ACCENT_3);
        style.addNewFillRef().setIdx(1);
        style.getFillRef().addNewSchemeClr().setVal(STSchemeColorVal.ACCENT_4);
        style.addNewEffectRef().setIdx(0);
        style.getEffectRef().addNewSchemeClr().setVal(STSchemeColorVal.ACCENT_1);
        style.addNewFontRef().setIdx(STFontCollectionIndex.MINOR);
        style.getFontRef().addNewSchemeClr().setVal(STSchemeColorVal.LT_1);
    }

    private void table(XSLFSlide slide) {
        XSLFTable table = slide.createTable(2, 2);
        table.getRows()
                .forEach(row -> row.getCells().forEach(cell -> {
                    cell.setText("8:15");
                    if (random.nextBoolean()) {
                        cell.setFillColor(color());
                    }
                    if (random.nextBoolean()) {
                        cell.getTextParagraphs().get(0).getTextRuns().get(0).setFontColor(color());
                    }
                }));
    }
}
