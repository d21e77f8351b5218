package app.zumbido.core.guide.layout;

/** Knows how large letters are; whoever draws them measures the same way. */
public interface Measurer {
    /** @return of one line, in points */
    double width(Lettered style, String text);

    /** @return of a capital letter, in points */
    double capHeight(Lettered style);
}
