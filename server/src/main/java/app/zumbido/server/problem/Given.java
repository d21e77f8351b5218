package app.zumbido.server.problem;

import app.zumbido.core.color.CodeScanner;
import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.FoundCode;
import app.zumbido.core.color.Rgb;
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
        return ColorCode.parse(code)
                .or(() -> otherNotation(code.strip()))
                .orElseThrow(() -> new NotAColorException(code));
    }

    private static Optional<Rgb> otherNotation(String code) {
        return CodeScanner.scan(code, CoatedPress.instance()).stream()
                .filter(found -> found.text().equals(code))
                .map(FoundCode::color)
                .findFirst();
    }
}
