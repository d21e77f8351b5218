package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.Logo;
import java.util.List;

/** Logos with their clear space, and on grounds. */
final class LogoRows {
    private static final double BOARD = 0.34;
    private static final double TIGHT_BOARD = 0.26;
    /** In sizes of text: of a tile; so narrow they stand four in a row of paper. */
    private static final double TILE_WIDTH = 13;

    private static final double TIGHT_TILE_WIDTH = 11;
    private static final int MOST_IN_A_ROW = 4;
    private static final double TILE = 0.52;
    private static final double AIR = 0.16;

    private LogoRows() {}

    /** @return the logo with a dashed line around its clear space */
    static Part board(Block.LogoBoard board, Setting setting) {
        double height = Math.min(setting.width() * setting.by(BOARD, TIGHT_BOARD, BOARD), setting.height() * 0.5);
        Box box = new Box(0, 0, setting.width(), height);
        double clear = board.clear();
        double ratio = board.logo().ratio();
        // In heights of the logo, with its clear space on both sides.
        Box dashed = box.inset(height * AIR / 2).fitting((ratio + 2 * clear) / (1 + 2 * clear));
        Box logo = dashed.inset(dashed.height() * clear / (1 + 2 * clear));
        List<Mark> marks = List.of(
                new Mark.Fill(box, board.ground()),
                new Mark.Outline(box, setting.inks().hairline(), setting.hair(), false),
                new Mark.Outline(dashed, board.line(), setting.hair() * 1.5, true),
                mark(logo, board.logo(), 0));
        return Captions.under(Part.figure(box, marks, board.words()), board.words(), setting);
    }

    static Mark mark(Box box, Logo logo, double turned) {
        return new Mark.LogoMark(box, logo.form(), logo.version(), turned);
    }

    static List<Part> tiles(Block.LogoTiles tiles, Setting setting) {
        int columns = Grid.columns(
                tiles.tiles().size(), setting.by(TILE_WIDTH, TIGHT_TILE_WIDTH, TILE_WIDTH), MOST_IN_A_ROW, setting);
        return Grid.rows(tiles.tiles(), columns, setting, (tile, width) -> {
            Box box = new Box(0, 0, width, Math.min(width * TILE, setting.height() * 0.4));
            Box inner = box.inset(Math.min(box.width(), box.height()) * AIR);
            List<Mark> marks = new java.util.ArrayList<>(ChipRows.filled(box, tile.ground(), tile.outlined(), setting));
            marks.add(mark(inner.fitting(tile.logo().ratio()), tile.logo(), 0));
            return Captions.under(Part.figure(box, marks, tile.words()), tile.words(), setting);
        });
    }
}
