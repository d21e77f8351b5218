package app.zumbido.formats.layouts;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.theme.PageGround;
import app.zumbido.formats.delivery.LogoPicture;
import java.util.List;
import java.util.Optional;

/**
 * A layout as a list of what stands on it, the lowest first.
 *
 * @param background of the whole slide; empty: that of the master
 * @param alone whether nothing of the master is shown on it
 * @param ground what the pages of it stand on: that of the theme, or turned
 */
public record LayoutPlan(
        SlideLayout layout, Optional<Fill> background, boolean alone, PageGround ground, List<Item> items) {
    public LayoutPlan {
        items = List.copyOf(items);
    }

    /** What stands on a layout. */
    public sealed interface Item {
        Box box();
    }

    public record Area(String name, Box box, Fill fill) implements Item {}

    /** @param under what it stands on, by which its version was chosen */
    public record Logo(Box box, LogoForm form, Rgb under, LogoPicture picture) implements Item {}

    /** Where lines stand in a frame. */
    public enum Anchor {
        TOP,
        MIDDLE,
        BOTTOM
    }

    /**
     * A place to fill in.
     *
     * @param index tells those of a layout from each other; slides keep their content by it when they change the layout
     * @param fill of its frame
     * @param inset of the text in its frame
     * @param hugging whether the frame is as large as the one line in it
     * @param prompts what stands in it until somebody writes, the first level first
     */
    public record Holder(
            Kind kind,
            int index,
            String name,
            Box box,
            Anchor anchor,
            TextLook text,
            Optional<Fill> fill,
            long inset,
            boolean hugging,
            List<String> prompts)
            implements Item {
        public Holder {
            prompts = List.copyOf(prompts);
        }

        static Holder of(Kind kind, int index, String name, Box box, Anchor anchor, TextLook text) {
            return new Holder(kind, index, name, box, anchor, text, Optional.empty(), 0, false, List.of(name));
        }

        Holder prompting(String... others) {
            return new Holder(kind, index, name, box, anchor, text, fill, inset, hugging, List.of(others));
        }

        Holder framed(Fill frame, long within) {
            return new Holder(kind, index, name, box, anchor, text, Optional.of(frame), within, hugging, prompts);
        }

        Holder huggingItsLine() {
            return new Holder(kind, index, name, box, anchor, text, fill, inset, true, prompts);
        }
    }

    /** What belongs in a place. */
    public enum Kind {
        TITLE,
        /** Of a title slide. */
        CENTERED_TITLE,
        SUBTITLE,
        TEXT,
        /** Whatever somebody likes: a list, a picture, a chart. */
        ANYTHING,
        PICTURE,
        CHART,
        TABLE,
        DATE,
        FOOTER,
        NUMBER
    }
}
