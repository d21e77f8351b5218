package app.zumbido.formats.existing;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Clash;
import app.zumbido.core.inspect.check.FaultKind;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.office.pages.DocumentKind;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Random;
import org.apache.poi.xwpf.usermodel.BreakType;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFRun;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STShd;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STThemeColor;

/** Documents on a brand's own template with faults of some kinds, written with another library; a page for each. */
final class PlantedDocuments {
    static final List<FaultKind> KINDS = List.of(
            FaultKind.BY_HAND,
            FaultKind.NEAR_BRAND,
            FaultKind.OUTSIDE,
            FaultKind.OFF_LIMITS,
            FaultKind.CONTRAST,
            FaultKind.CLASH,
            FaultKind.FONT_OUTSIDE,
            FaultKind.FONT_MISSING,
            FaultKind.SIZE);

    private final PlantingBrands brand;
    private final Random random;
    private final Planted planted = new Planted();

    private PlantedDocuments(PlantingBrands brand, Random random) {
        this.brand = brand;
        this.random = random;
    }

    static Planted of(PlantingBrands brand, Random random, List<FaultKind> kinds) throws IOException {
        return new PlantedDocuments(brand, random).document(kinds);
    }

    private Planted document(List<FaultKind> kinds) throws IOException {
        byte[] empty = BrandExample.written(DocumentKind.TEMPLATE, brand.brand());
        try (XWPFDocument document = new XWPFDocument(new ByteArrayInputStream(empty))) {
            for (int page = 2; page < kinds.size() + 2; page++) {
                document.createParagraph().createRun().addBreak(BreakType.PAGE);
                paragraph(document, "Heading1", "Winter timetable");
                paragraph(document, null, "The first boat leaves before it is light.");
                plant(kinds.get(page - 2), page, paragraph(document, null, "Bring a warm coat and a small bag."));
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.write(out);
            return planted.as(out.toByteArray());
        }
    }

    private static XWPFRun paragraph(XWPFDocument document, String style, String text) {
        XWPFParagraph paragraph = document.createParagraph();
        if (style != null) {
            paragraph.setStyle(style);
        }
        XWPFRun run = paragraph.createRun();
        run.setText(text);
        return run;
    }

    private void plant(FaultKind kind, int page, XWPFRun run) {
        planted.plant(kind, page, kind == FaultKind.FONT_MISSING ? FaultKind.FONT_OUTSIDE : kind);
        switch (kind) {
            case BY_HAND -> run.setColor(slot(ThemeSlot.DARK_1).digits());
            case NEAR_BRAND -> shade(run, brand.beside(slot(ThemeSlot.LIGHT_2), random));
            case OUTSIDE -> shade(run, light());
            case OFF_LIMITS -> shade(run, brand.offLimits());
            case CONTRAST -> {
                run.setColor(slot(ThemeSlot.LIGHT_2).digits());
                run.getCTR().getRPr().getColorArray(0).setThemeColor(STThemeColor.LIGHT_2);
            }
            case CLASH -> clash(run, page);
            case FONT_OUTSIDE -> run.setFontFamily("Comic Sans MS");
            case FONT_MISSING -> run.setFontFamily("Obscura Grotesk " + page);
            case SIZE -> run.setFontSize(5.0);
            default -> throw new IllegalArgumentException(kind + " is not planted in documents");
        }
    }

    private Rgb slot(ThemeSlot slot) {
        return brand.house().slots().get(slot);
    }

    private static void shade(XWPFRun run, Rgb color) {
        run.setTextHighlightColor("none");
        var shading = run.getCTR().getRPr().addNewShd();
        shading.setFill(color.digits());
        shading.setVal(STShd.CLEAR);
        double onWhite = ContrastRatio.between(color, Rgb.WHITE).value();
        run.setColor(onWhite > 4.6 ? "FFFFFF" : "000000");
        run.getCTR()
                .getRPr()
                .getColorArray(0)
                .setThemeColor(onWhite > 4.6 ? STThemeColor.LIGHT_1 : STThemeColor.DARK_1);
    }

    /** Light enough that the usual text reads on it. */
    private Rgb light() {
        while (true) {
            Rgb color = brand.outside(random);
            if (ContrastRatio.between(color, slot(ThemeSlot.DARK_1)).value() > 5) {
                return color;
            }
        }
    }

    private void clash(XWPFRun run, int page) {
        while (true) {
            Rgb one = brand.outside(random);
            Rgb other = brand.outside(random);
            if (Clash.between(one, other)) {
                shade(run, one);
                run.setColor(other.digits());
                run.getCTR().getRPr().getColorArray(0).unsetThemeColor();
                planted.plant(FaultKind.CLASH, page, FaultKind.OUTSIDE, FaultKind.CONTRAST);
                return;
            }
        }
    }
}
