package app.zumbido.core.type;

import java.util.Set;

/**
 * Names of families that came with widespread systems and programs over the years, besides those that are measured here.
 * Files that name one of them are mostly shown as they were made. Common practice, from memory, no published source.
 */
public final class FamiliarNames {
    public static final Set<String> ALL = Set.of(
            "Aptos",
            "Aptos Display",
            "Arial Black",
            "Arial Unicode MS",
            "Baskerville",
            "Bodoni MT",
            "Book Antiqua",
            "Brush Script MT",
            "Calibri Light",
            "Candara",
            "Century",
            "Comic Sans MS",
            "Constantia",
            "Copperplate Gothic Bold",
            "Corbel",
            "Courier",
            "Franklin Gothic Book",
            "Franklin Gothic Medium",
            "Futura",
            "Garamond",
            "Gill Sans",
            "Gill Sans MT",
            "Helvetica",
            "Helvetica Neue",
            "Impact",
            "Lucida Console",
            "Lucida Sans",
            "Lucida Sans Unicode",
            "Meiryo",
            "Microsoft Sans Serif",
            "Monotype Corsiva",
            "MS Gothic",
            "MS Mincho",
            "Optima",
            "Palatino",
            "Perpetua",
            "Rockwell",
            "SimSun",
            "Symbol",
            "Times",
            "Tw Cen MT",
            "Webdings",
            "Wingdings",
            "Wingdings 2",
            "Wingdings 3");

    private FamiliarNames() {}
}
