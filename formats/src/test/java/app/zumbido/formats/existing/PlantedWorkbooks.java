package app.zumbido.formats.existing;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Clash;
import app.zumbido.core.inspect.check.FaultKind;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.office.sheets.WorkbookTemplate;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Random;
import org.apache.poi.ss.usermodel.FillPatternType;
import org.apache.poi.xssf.usermodel.XSSFCell;
import org.apache.poi.xssf.usermodel.XSSFCellStyle;
import org.apache.poi.xssf.usermodel.XSSFColor;
import org.apache.poi.xssf.usermodel.XSSFFont;
import org.apache.poi.xssf.usermodel.XSSFRow;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/** Workbooks on a brand's own template with faults of some kinds, written with another library; a sheet for each. */
final class PlantedWorkbooks {
    static final List<FaultKind> KINDS = PlantedDocuments.KINDS;

    private final PlantingBrands brand;
    private final Random random;
    private final Planted planted = new Planted();

    private PlantedWorkbooks(PlantingBrands brand, Random random) {
        this.brand = brand;
        this.random = random;
    }

    static Planted of(PlantingBrands brand, Random random, List<FaultKind> kinds) throws IOException {
        return new PlantedWorkbooks(brand, random).workbook(kinds);
    }

    private Planted workbook(List<FaultKind> kinds) throws IOException {
        byte[] empty = BrandExample.written(new WorkbookTemplate(), brand.brand());
        try (XSSFWorkbook workbook = new XSSFWorkbook(new ByteArrayInputStream(empty))) {
            for (FaultKind kind : kinds) {
                XSSFSheet sheet = workbook.createSheet("Sheet for " + kind);
                for (int row = 0; row < 4; row++) {
                    XSSFRow cells = sheet.createRow(row);
                    cells.createCell(0).setCellValue("Boat " + row);
                    cells.createCell(1).setCellValue(row * 12.5);
                }
                plant(
                        kind,
                        workbook.getNumberOfSheets(),
                        workbook,
                        sheet.getRow(2).getCell(1));
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            workbook.write(out);
            return planted.as(out.toByteArray());
        }
    }

    private void plant(FaultKind kind, int page, XSSFWorkbook workbook, XSSFCell cell) {
        planted.plant(kind, page, kind == FaultKind.FONT_MISSING ? FaultKind.FONT_OUTSIDE : kind);
        switch (kind) {
            case BY_HAND -> dress(workbook, cell, color(slot(ThemeSlot.ACCENT_1)), readsOn(ThemeSlot.ACCENT_1));
            case NEAR_BRAND -> {
                Rgb fill = brand.beside(slot(ThemeSlot.ACCENT_2), random);
                dress(workbook, cell, color(fill), readsOn(ThemeSlot.ACCENT_2));
            }
            case OUTSIDE -> dress(workbook, cell, color(light()), ThemeSlot.DARK_1);
            case OFF_LIMITS -> dress(workbook, cell, color(brand.offLimits()), readsOn(brand.offLimits()));
            case CONTRAST -> dress(workbook, cell, themed(ThemeSlot.LIGHT_2), ThemeSlot.LIGHT_1);
            case CLASH -> clash(workbook, cell, page);
            case FONT_OUTSIDE -> font(workbook, cell).setFontName("Comic Sans MS");
            case FONT_MISSING -> font(workbook, cell).setFontName("Obscura Grotesk " + page);
            case SIZE -> font(workbook, cell).setFontHeight(5);
            default -> throw new IllegalArgumentException(kind + " is not planted in workbooks");
        }
    }

    private Rgb slot(ThemeSlot slot) {
        return brand.house().slots().get(slot);
    }

    private ThemeSlot readsOn(ThemeSlot slot) {
        return readsOn(slot(slot));
    }

    private ThemeSlot readsOn(Rgb ground) {
        return ContrastRatio.between(ground, slot(ThemeSlot.LIGHT_1)).value() > 4.6
                ? ThemeSlot.LIGHT_1
                : ThemeSlot.DARK_1;
    }

    private Rgb light() {
        while (true) {
            Rgb color = brand.outside(random);
            if (ContrastRatio.between(color, slot(ThemeSlot.DARK_1)).value() > 5) {
                return color;
            }
        }
    }

    private static XSSFColor color(Rgb rgb) {
        return new XSSFColor(new byte[] {(byte) rgb.red(), (byte) rgb.green(), (byte) rgb.blue()});
    }

    private static XSSFColor themed(ThemeSlot slot) {
        XSSFColor color = new XSSFColor();
        color.setTheme(ThemeSlot.IN_WORKBOOKS.indexOf(slot));
        return color;
    }

    private XSSFFont font(XSSFWorkbook workbook, XSSFCell cell) {
        XSSFFont font = workbook.createFont();
        font.setFontName(brand.house().letters().body());
        font.setFontHeight(11);
        font.setThemeColor((short) ThemeSlot.IN_WORKBOOKS.indexOf(ThemeSlot.DARK_1));
        XSSFCellStyle style = workbook.createCellStyle();
        style.setFont(font);
        cell.setCellStyle(style);
        return font;
    }

    /** The library copies no slot of a colour into a font. */
    private void dress(XSSFWorkbook workbook, XSSFCell cell, XSSFColor fill, ThemeSlot text) {
        font(workbook, cell).setThemeColor((short) ThemeSlot.IN_WORKBOOKS.indexOf(text));
        fill(cell, fill);
    }

    private static void fill(XSSFCell cell, XSSFColor fill) {
        XSSFCellStyle style = cell.getCellStyle();
        style.setFillPattern(FillPatternType.SOLID_FOREGROUND);
        style.setFillForegroundColor(fill);
    }

    private void clash(XSSFWorkbook workbook, XSSFCell cell, int page) {
        while (true) {
            Rgb one = brand.outside(random);
            Rgb other = brand.outside(random);
            if (Clash.between(one, other)) {
                font(workbook, cell).setColor(color(other));
                fill(cell, color(one));
                planted.plant(FaultKind.CLASH, page, FaultKind.OUTSIDE, FaultKind.CONTRAST);
                return;
            }
        }
    }
}
