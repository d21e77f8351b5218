package app.zumbido.core.extraction;

/**
 * A flat colour under noise: all cells of a worn drawing that seem to have been one colour.
 *
 * @param mean of its cells
 * @param cells how many
 * @param depth of the deepest cell inside its patch, in cells
 */
record Plateau(Point mean, long cells, int depth) {}
