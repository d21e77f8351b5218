package app.zumbido.core.guide.layout;

import java.util.List;

/** Words beneath a figure. */
final class Captions {
    private Captions() {}

    /** @return the figure with its caption, as wide as the figure */
    static Part under(Part figure, String words, Setting setting) {
        Box box = figure.box();
        Part caption = Lines.set(
                Tag.P,
                words,
                setting.small(),
                setting.inks().quiet(),
                box.x(),
                box.bottom() + setting.base() * 0.25,
                box.width(),
                setting);
        Box all = new Box(box.x(), box.y(), box.width(), caption.box().bottom() - box.y());
        return Part.holding(Tag.GROUP, all, List.of(figure, caption));
    }
}
