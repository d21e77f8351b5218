package app.zumbido.server.http;

import app.zumbido.core.color.CodeScanner;
import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.FoundCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Shown;
import app.zumbido.formats.press.CoatedPress;
import java.util.Optional;

/** Reads values that came in from outside. */
public final class Given {
    private Given() {}

    /**
     * @param code hex with or without {@code #}, or any other notation that is known, and nothing beside it
     * @throws NotAColorException if it is none
     */
    public static Rgb color(String code) {
        return shown(code).color();
    }

    /**
     * The same, and whether a screen can show it at all.
     *
     * @throws NotAColorException if it is none
     */
    public static Shown shown(String code) {
        return ColorCode.parse(code)
                .map(Shown::exactly)
                .or(() -> otherNotation(code.strip()))
                .orElseThrow(() -> new NotAColorException(code));
    }

    private static Optional<Shown> otherNotation(String code) {
        return CodeScanner.scan(code, CoatedPress.instance()).stream()
                .filter(found -> found.text().equals(code))
                .map(FoundCode::shown)
                .findFirst();
    }
}
