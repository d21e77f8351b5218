package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.Chip;
import java.util.ArrayList;
import java.util.List;

/** Colours as tickets: what leads is large, and the others follow in rows. */
final class ChipRows {
    /** Of the width: how high the colours that lead are together; set by eye. */
    private static final double LED_HEIGHT = 0.36;

    private static final double TIGHT_LED_HEIGHT = 0.29;
    private static final double COMPACT_LED_HEIGHT = 0.2;
    /** Of a page. */
    private static final double MOST_HEIGHT = 0.55;
    /** In sizes of text: of a ticket that a code and a short name stand in. */
    private static final double NARROWEST = 8.6;

    private static final double LEAST_HEIGHT = 4.6;
    private static final double BAR_HEIGHT = 3.2;

    private final Setting setting;
    private final double padding;

    private ChipRows(Setting setting) {
        this.setting = setting;
        padding = setting.base() * 0.8;
    }

    /** @return rows of tickets */
    static List<Part> of(Block.Chips chips, Setting setting) {
        return new ChipRows(setting).rows(chips);
    }

    private List<Part> rows(Block.Chips chips) {
        List<Part> rows = new ArrayList<>();
        List<Chip> rest = new ArrayList<>();
        if (!chips.led().isEmpty()) {
            Chip first = chips.led().get(0);
            List<Chip> beside = chips.led().subList(1, chips.led().size());
            int fitting = perRow();
            List<Chip> second = beside.subList(0, Math.min(beside.size(), fitting));
            rest.addAll(beside.subList(second.size(), beside.size()));
            double all = chips.led().stream().mapToDouble(Chip::percent).sum();
            double height = Math.min(
                    setting.width() * setting.by(LED_HEIGHT, TIGHT_LED_HEIGHT, COMPACT_LED_HEIGHT),
                    setting.height() * MOST_HEIGHT);
            double share = all > 0 ? first.percent() / all : 1;
            rows.add(row(List.of(first), List.of(setting.width()), height * share, 0));
            if (!second.isEmpty()) {
                rows.add(row(second, widths(second), height * (1 - share), 0));
            }
        }
        rest.addAll(chips.others());
        rows.addAll(alike(rest));
        return rows;
    }

    private int perRow() {
        return Math.max(1, (int) ((setting.width() + setting.seam()) / (narrowest() + setting.seam())));
    }

    private double narrowest() {
        return setting.base() * NARROWEST;
    }

    /** As their percent says, but none so narrow that its code does not fit. */
    private List<Double> widths(List<Chip> chips) {
        double room = setting.width() - setting.seam() * (chips.size() - 1);
        double least = Math.min(narrowest(), room / chips.size());
        List<Double> widths = new ArrayList<>(chips.stream().map(chip -> 0.0).toList());
        List<Integer> open = new ArrayList<>();
        for (int i = 0; i < chips.size(); i++) {
            open.add(i);
        }
        boolean settled = false;
        while (!settled) {
            double left = room;
            for (int i = 0; i < chips.size(); i++) {
                left -= open.contains(i) ? 0 : least;
            }
            double all = open.stream().mapToDouble(i -> chips.get(i).percent()).sum();
            double share = left;
            settled = true;
            for (int i : List.copyOf(open)) {
                double wide = all > 0 ? share * chips.get(i).percent() / all : share / open.size();
                widths.set(i, wide);
                if (wide < least - 1e-9) {
                    widths.set(i, least);
                    open.remove(Integer.valueOf(i));
                    settled = false;
                }
            }
        }
        return widths;
    }

    /** Folded into rows that are nearly equally long; a shorter last row stands in the middle. */
    private List<Part> alike(List<Chip> chips) {
        List<Part> rows = new ArrayList<>();
        if (chips.isEmpty()) {
            return rows;
        }
        int count = (int) Math.ceil((double) chips.size() / perRow());
        int columns = (int) Math.ceil((double) chips.size() / count);
        double wide = (setting.width() - setting.seam() * (columns - 1)) / columns;
        for (int from = 0; from < chips.size(); from += columns) {
            List<Chip> some = chips.subList(from, Math.min(chips.size(), from + columns));
            double free = setting.width() - some.size() * wide - (some.size() - 1) * setting.seam();
            rows.add(row(some, some.stream().map(chip -> wide).toList(), 0, free / 2));
        }
        return rows;
    }

    private Part row(List<Chip> chips, List<Double> widths, double wanted, double indent) {
        double height = Math.max(wanted, setting.base() * LEAST_HEIGHT);
        for (int i = 0; i < chips.size(); i++) {
            height = Math.max(
                    height, chip(chips.get(i), 0, widths.get(i), 0).box().height());
        }
        List<Part> parts = new ArrayList<>();
        double x = indent;
        for (int i = 0; i < chips.size(); i++) {
            parts.add(chip(chips.get(i), x, widths.get(i), height));
            x += widths.get(i) + setting.seam();
        }
        return Part.holding(Tag.LIST, new Box(0, 0, setting.width(), height), parts);
    }

    /** @param wanted height; higher where its words need more */
    private Part chip(Chip chip, double x, double width, double wanted) {
        double inner = Math.max(setting.base(), width - 2 * padding);
        double left = x + (width - inner) / 2;
        List<Part> parts = new ArrayList<>();
        Part name = Lines.set(Tag.P, chip.name(), setting.subheading(1.05), chip.ink(), left, padding, inner, setting);
        parts.add(name);
        double y = name.box().bottom();
        if (!chip.words().isEmpty()) {
            Part words = Lines.set(
                    Tag.P, chip.words(), setting.small(), chip.ink(), left, y + padding * 0.15, inner, setting);
            parts.add(words);
            y = words.box().bottom();
        }
        double code = Setting.line(setting.small());
        double height = Math.max(wanted, y + padding * 0.3 + code + padding);
        parts.add(Lines.set(
                Tag.CODE,
                chip.color().digits(),
                setting.small(),
                chip.ink(),
                left,
                height - padding - code,
                inner,
                setting));
        Box box = new Box(x, 0, width, height);
        return Part.item(Tag.ITEM, box, filled(box, chip.color(), chip.outlined(), setting), parts);
    }

    /** @return the colour, with an outline where it could not be told from the page */
    static List<Mark> filled(Box box, app.zumbido.core.color.Rgb color, boolean outlined, Setting setting) {
        Mark fill = new Mark.Fill(box, color);
        return outlined
                ? List.of(fill, new Mark.Outline(box, setting.inks().hairline(), setting.hair(), false))
                : List.of(fill);
    }

    /** @return a bar in the proportion of colours */
    static Part bar(Block.Portions portions, Setting setting) {
        Box box = new Box(0, 0, setting.width(), setting.base() * BAR_HEIGHT);
        return Part.figure(box, portioned(portions.portions(), box, setting), portions.words());
    }

    static List<Mark> portioned(List<Block.Portion> portions, Box box, Setting setting) {
        List<Mark> marks = new ArrayList<>();
        double all = portions.stream().mapToDouble(Block.Portion::percent).sum();
        double x = box.x();
        for (Block.Portion portion : portions) {
            double wide = all > 0 ? box.width() * portion.percent() / all : 0;
            marks.add(new Mark.Fill(new Box(x, box.y(), wide, box.height()), portion.color()));
            x += wide;
        }
        marks.add(new Mark.Outline(box, setting.inks().hairline(), setting.hair(), false));
        return marks;
    }
}
