package app.zumbido.formats.office;

import java.util.List;

/** A table that shows how a brand's tables look: a head, rows, and a sum. Its figures are invented. */
public final class SpecimenTable {
    /** Row by row; the first column holds words, the others numbers. */
    public static final List<List<String>> CELLS = List.of(
            List.of("What", "First", "Second", "Sum"),
            List.of("Rows are banded", "12", "30", "42"),
            List.of("so that the eye", "8", "15", "23"),
            List.of("stays on its line", "21", "9", "30"),
            List.of("Sum", "41", "54", "95"));

    private SpecimenTable() {}
}
