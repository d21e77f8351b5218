package app.zumbido.core.inspect;

import java.util.List;
import java.util.Optional;

/**
 * A page of a finished file: a slide, a sheet of a workbook.
 *
 * @param number from 1
 * @param part of the file
 * @param layout part of the layout; empty if it has none
 * @param master part of the master; empty if it has none
 * @param drawn the parts whose graphics are seen on it: itself, and layout and master unless they are hidden
 * @param onDarkSlots whether the master has its pages stand on the dark slots of the theme
 * @param hiding where it says that they are; nothing if it does not, or its layout does
 */
public record FoundPage(
        int number,
        String part,
        String layout,
        String master,
        List<String> drawn,
        boolean onDarkSlots,
        Optional<Spot> hiding) {
    public FoundPage {
        drawn = List.copyOf(drawn);
    }

    /** A page that takes nothing from elsewhere. */
    public static FoundPage alone(int number, String part) {
        return new FoundPage(number, part, "", "", List.of(part), false, Optional.empty());
    }
}
