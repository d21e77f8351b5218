package app.zumbido.formats.office;

import java.util.List;

/**
 * Figures of a chart that shows how a brand's charts look; they are invented.
 *
 * @param values one list a series, one figure a category
 */
public record ChartData(String title, List<String> categories, List<String> series, List<List<Integer>> values) {
    public static final ChartData SPECIMEN = new ChartData(
            "Six series in their order",
            List.of("First", "Second", "Third", "Fourth"),
            List.of("Series 1", "Series 2", "Series 3", "Series 4", "Series 5", "Series 6"),
            List.of(
                    List.of(71, 82, 54, 83),
                    List.of(50, 63, 75, 67),
                    List.of(34, 28, 46, 51),
                    List.of(26, 40, 28, 39),
                    List.of(22, 30, 33, 34),
                    List.of(15, 19, 24, 21)));

    /** @param column 0 for the categories, then the series */
    static String letter(int column) {
        return String.valueOf((char) ('A' + column));
    }

    String categoriesOn(String sheet) {
        return sheet + "!$A$2:$A$" + (categories.size() + 1);
    }

    String nameOn(String sheet, int which) {
        return sheet + "!$" + letter(which + 1) + "$1";
    }

    String valuesOn(String sheet, int which) {
        String column = letter(which + 1);
        return sheet + "!$" + column + "$2:$" + column + "$" + (categories.size() + 1);
    }
}
