package app.zumbido.server.problem;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Rgb;

/** Reads values that came in from outside. */
public final class Given {
    private Given() {}

    /**
     * @param code hex with or without {@code #}, or {@code rgb()}
     * @throws NotAColorException if it is neither
     */
    public static Rgb color(String code) {
        return ColorCode.parse(code).orElseThrow(() -> new NotAColorException(code));
    }
}
