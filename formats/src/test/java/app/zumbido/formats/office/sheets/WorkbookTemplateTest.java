package app.zumbido.formats.office.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.office.OfficeSchemas;
import java.io.ByteArrayInputStream;
import java.util.Map;
import java.util.TreeMap;
import org.apache.poi.xssf.usermodel.XSSFCell;
import org.apache.poi.xssf.usermodel.XSSFCellStyle;
import org.apache.poi.xssf.usermodel.XSSFColor;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.docx4j.openpackaging.packages.SpreadsheetMLPackage;
import org.junit.jupiter.api.Test;

class WorkbookTemplateTest {
    private static final Brand BRAND = BrandExample.brand(
            "Kilnmark", "Kiln C2452D", "Ash 8C8C88", "Paper F6EFE2", "Soot 1E1B18", "Glaze 3E7CB1", "Moss 9BC53D");

    private static byte[] written() {
        return BrandExample.written(new WorkbookTemplate(), BRAND);
    }

    @Test
    void isValidAgainstTheSchemasAndTheSameEveryTime() {
        assertThat(OfficeSchemas.errors(written())).isEmpty();
        assertThat(written()).isEqualTo(written());
    }

    /** A code beside a theme would win over it in some programs. */
    @Test
    void setsNoColorByHand() {
        OfficeSchemas.parts(written()).forEach((name, part) -> {
            if (name.startsWith("xl/") && !name.contains("theme/")) {
                assertThat(new String(part, java.nio.charset.StandardCharsets.UTF_8))
                        .doesNotContainPattern("rgb=|srgbClr|prstClr");
            }
        });
    }

    /** The library resolves theme and tint by itself: within 2 of 255, since its tints are rounded otherwise. */
    @Test
    void everyStyleReadsOnItsFillAsALibraryResolvesThem() throws Exception {
        ThemedLook look = ThemedLook.onPaper(BRAND.look());
        try (XSSFWorkbook book = new XSSFWorkbook(new ByteArrayInputStream(written()))) {
            XSSFSheet sheet = book.getSheet("Specimen");
            Map<String, XSSFCellStyle> styles = new TreeMap<>();
            sheet.forEach(row -> {
                XSSFCell cell = (XSSFCell) row.getCell(0);
                if (cell.getCellStyle().getIndex() > 0) {
                    styles.put(cell.getStringCellValue(), cell.getCellStyle());
                }
            });
            assertThat(styles).containsKeys("Good", "Bad", "Neutral", "Note", "Heading 1", "Total", "Hyperlink");
            Rgb page = look.page().in(look.colors());
            styles.forEach((name, style) -> {
                Rgb ground =
                        style.getFillForegroundColorColor() == null ? page : rgb(style.getFillForegroundColorColor());
                Rgb text = rgb(style.getFont().getXSSFColor());
                assertThat(ContrastRatio.between(text, ground).value()).as(name).isGreaterThanOrEqualTo(4.4);
            });
            Rgb good = rgb(styles.get("Good").getFillForegroundColorColor());
            Rgb ours = CellStyle.GOOD.drawn(look).fill().orElseThrow().in(look.colors());
            assertThat(good.red()).isCloseTo(ours.red(), within(2));
            assertThat(good.green()).isCloseTo(ours.green(), within(2));
            assertThat(good.blue()).isCloseTo(ours.blue(), within(2));
        }
    }

    private static Rgb rgb(XSSFColor color) {
        byte[] rgb = color.getRGBWithTint();
        return new Rgb(rgb[0] & 0xFF, rgb[1] & 0xFF, rgb[2] & 0xFF);
    }

    @Test
    void beginsOnAnEmptySheetAndShowsATableAndAChart() throws Exception {
        try (XSSFWorkbook book = new XSSFWorkbook(new ByteArrayInputStream(written()))) {
            assertThat(book.getSheetAt(0).getPhysicalNumberOfRows()).isZero();
            XSSFSheet sheet = book.getSheet("Specimen");
            assertThat(sheet.getTables().get(0).getStyleName()).isEqualTo("Brand table");
            assertThat(sheet.getTables().get(0).getArea().formatAsString()).isEqualTo("A1:G5");
            assertThat(sheet.getDrawingPatriarch().getCharts()).hasSize(1);
            assertThat(sheet.getDrawingPatriarch()
                            .getCharts()
                            .get(0)
                            .getChartSeries()
                            .get(0)
                            .getSeriesCount())
                    .isEqualTo(6);
        }
        var opened = SpreadsheetMLPackage.load(new ByteArrayInputStream(written()));
        assertThat(opened.getWorkbookPart().getContents().getSheets().getSheet())
                .extracting(sheet -> sheet.getName())
                .containsExactly("Sheet 1", "Specimen");
    }

    @Test
    void isATemplateByItsContentType() {
        assertThat(OfficeSchemas.text(written(), "[Content_Types].xml")).contains("spreadsheetml.template.main+xml");
    }
}
