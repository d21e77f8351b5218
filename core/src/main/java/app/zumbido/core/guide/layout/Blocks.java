package app.zumbido.core.guide.layout;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Chapter;
import java.util.ArrayList;
import java.util.List;

/** Turns the blocks of a section into strips as wide as its place. */
final class Blocks implements Block.Reader {
    /** Longer paragraphs are cut, so that they can go on on the next page. */
    private static final int MOST_LINES = 8;

    private final Setting setting;
    private final boolean chapter;
    private final List<Strip> strips = new ArrayList<>();
    private int pieces;

    private Blocks(Setting setting, boolean chapter) {
        this.setting = setting;
        this.chapter = chapter;
    }

    /** @param chapter whether its title is as large as titles get */
    static List<Strip> of(Chapter section, boolean chapter, Setting setting) {
        Blocks blocks = new Blocks(setting, chapter);
        // A cover has its title upon itself.
        if (GuideLayout.cover(section).isEmpty()) {
            blocks.title(section);
        }
        for (Block block : section.blocks()) {
            block.readBy(blocks);
        }
        return blocks.strips;
    }

    private void title(Chapter section) {
        String title = section.section().heading();
        Lettered style = chapter ? setting.title() : setting.subheading(Setting.SUBTITLE);
        Part part = Lines.set(
                chapter ? Tag.H1 : Tag.H2,
                title,
                style,
                chapter ? setting.inks().heading() : setting.inks().subheading(),
                0,
                0,
                setting.width(),
                setting);
        strips.add(Strip.of(part, setting.gap() * (chapter ? 2.4 : 1.7)).keepingNext());
        if (!section.section().note().isBlank()) {
            text(
                    section.section().note(),
                    chapter ? lead() : setting.body(),
                    setting.inks().text(),
                    Tag.P,
                    "");
            keepLast();
        }
    }

    private Lettered lead() {
        return setting.body().sized(setting.base() * Setting.LEAD);
    }

    @Override
    public void subtitle(Block.Subtitle subtitle) {
        Part part = Lines.set(
                // No level is left out, or a reader takes it for a gap.
                chapter ? Tag.H2 : Tag.H3,
                subtitle.text(),
                setting.subheading(Setting.SUBTITLE),
                setting.inks().subheading(),
                0,
                0,
                setting.width(),
                setting);
        strips.add(Strip.of(part, setting.gap() * 1.5).keepingNext());
    }

    @Override
    public void chips(Block.Chips chips) {
        pieces(Tag.LIST, ChipRows.of(chips, setting), setting.seam());
    }

    @Override
    public void steps(Block.Steps steps) {
        pieces(Tag.LIST, StepRows.of(steps, setting), setting.seam() / 2);
    }

    @Override
    public void bars(Block.Bars bars) {
        pieces(Tag.LIST, BarRows.of(bars, setting), setting.seam());
    }

    @Override
    public void chart(Block.Chart chart) {
        strips.add(Strip.of(ChartFigure.of(chart, setting), setting.gap() * 0.7));
    }

    @Override
    public void scenes(Block.Scenes scenes) {
        rows(SceneRows.of(scenes, setting));
    }

    @Override
    public void specimen(Block.Specimen specimen) {
        strips.add(Strip.of(Specimens.of(specimen, setting), setting.gap()).keepingNext());
    }

    @Override
    public void columns(Block.Columns columns) {
        strips.add(Strip.of(Specimens.columns(columns, setting), setting.gap() * 0.7));
    }

    @Override
    public void pictures(Block.Pictures pictures) {
        rows(PictureRows.of(pictures, setting));
    }

    @Override
    public void logoBoard(Block.LogoBoard board) {
        rows(List.of(LogoRows.board(board, setting)));
    }

    @Override
    public void logoTiles(Block.LogoTiles tiles) {
        rows(LogoRows.tiles(tiles, setting));
    }

    @Override
    public void doNots(Block.DoNots examples) {
        rows(DoNotRows.of(examples, setting));
    }

    @Override
    public void cover(Block.Cover cover) {
        strips.add(Strip.of(CoverPage.band(cover, setting), setting.gap()));
    }

    @Override
    public void sentence(Block.Sentence sentence) {
        switch (sentence.rank()) {
            case LEAD -> {
                text(sentence.text(), lead(), setting.inks().text(), tag(sentence), sentence.target());
                keepLast();
            }
            case TEXT -> text(sentence.text(), setting.body(), setting.inks().text(), tag(sentence), sentence.target());
            case SMALL -> {
                // A caption belongs to what stands above it.
                keepLast();
                text(sentence.text(), setting.small(), setting.inks().quiet(), tag(sentence), sentence.target());
            }
        }
    }

    private static Tag tag(Block.Sentence sentence) {
        return sentence.target().isEmpty() ? Tag.P : Tag.LINK;
    }

    private void text(String text, Lettered style, Rgb ink, Tag tag, String target) {
        // A line longer than that is hard to read; common practice, no published source.
        double width = Math.min(setting.width(), style.size() * 34);
        List<Lines.Line> lines = Lines.of(text, style, width, setting.measurer());
        double before = style.size() < setting.base() ? setting.gap() * 0.45 : setting.gap() * 0.8;
        for (int i = 0; i < lines.size(); i += MOST_LINES) {
            List<Lines.Line> some = lines.subList(i, Math.min(lines.size(), i + MOST_LINES));
            Part part =
                    Lines.set(tag, some, style, tag == Tag.LINK ? setting.inks().link() : ink, 0, 0, width, setting);
            strips.add(Strip.of(part.saying(target), i == 0 ? before : 0));
        }
    }

    /** What explains the next piece does not stay behind alone. */
    private void keepLast() {
        strips.set(strips.size() - 1, strips.get(strips.size() - 1).keepingNext());
    }

    private void rows(List<Part> parts) {
        parts.forEach(part -> strips.add(Strip.of(part, setting.seam() * 1.4)));
    }

    private void pieces(Tag tag, List<Part> parts, double between) {
        Strip.Within within = new Strip.Within(pieces++, tag);
        for (int i = 0; i < parts.size(); i++) {
            strips.add(Strip.of(parts.get(i), i == 0 ? setting.gap() * 0.8 : between)
                    .in(within));
        }
    }

    @Override
    public void table(Block.Table table) {
        Strip.Within within = new Strip.Within(pieces++, Tag.TABLE);
        List<Part> rows = TableRows.of(table, setting);
        if (TableRows.isNarrow(table, setting)) {
            rows.forEach(row -> strips.add(Strip.of(row, 0).in(within)));
            return;
        }
        Part head = rows.get(0);
        strips.add(Strip.of(head, setting.gap() * 0.7).in(within).keepingNext());
        for (int i = 1; i < rows.size(); i++) {
            Strip row = Strip.of(rows.get(i), 0).in(within).under(head);
            // Neither the first nor the last row stands alone.
            boolean alone = rows.size() > 2 && (i == 1 || i == rows.size() - 2);
            strips.add(alone ? row.keepingNext() : row);
        }
    }

    @Override
    public void portions(Block.Portions portions) {
        strips.add(
                Strip.of(ChipRows.bar(portions, setting), setting.gap() * 0.7).keepingNext());
        text(portions.words(), setting.small(), setting.inks().quiet(), Tag.P, "");
    }
}
