package app.zumbido.core.inspect;

import java.util.Optional;

/**
 * How something is written.
 *
 * @param text what is written, cut to {@link #LONGEST}
 * @param family the typeface; empty where the file leaves it to programs
 * @param byHand whether it names the typeface itself, instead of one of the theme's two
 * @param typeface where its name is written down; nothing where another cannot be put
 * @param points its size; 0 where the file leaves it to programs
 * @param room points that a line has; 0 where the file does not say
 * @param holder what says how letters fit their shape: its opening tag; nothing where the file cannot say it
 * @param size where its size is written down, in hundredths of a point or half points; nothing where another cannot be put
 */
public record Written(
        String text,
        String family,
        boolean byHand,
        Optional<Spot> typeface,
        double points,
        boolean bold,
        double room,
        Optional<Spot> holder,
        Optional<Spot> size) {
    public static final int LONGEST = 200;

    public Written {
        text = text.length() > LONGEST ? text.substring(0, LONGEST) : text;
    }

    /** @param tag where it is said how letters fit */
    public Written within(double width, Optional<Spot> tag) {
        return new Written(text, family, byHand, typeface, points, bold, width, tag, size);
    }

    /** The same, with another text in it. */
    public Written saying(String other) {
        return new Written(other, family, byHand, typeface, points, bold, room, holder, size);
    }

    /** Large text needs less contrast. Source: WCAG 2.2, 'large scale': from 18 pt, or 14 pt bold. */
    public boolean isLarge() {
        return points >= (bold ? 14 : 18);
    }
}
