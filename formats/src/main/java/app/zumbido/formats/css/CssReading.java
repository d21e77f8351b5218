package app.zumbido.formats.css;

import com.helger.css.decl.CSSDeclarationList;
import com.helger.css.decl.CascadingStyleSheet;
import com.helger.css.reader.CSSReader;
import com.helger.css.reader.CSSReaderDeclarationList;
import com.helger.css.reader.CSSReaderSettings;
import com.helger.css.reader.errorhandler.DoNothingCSSInterpretErrorHandler;
import com.helger.css.reader.errorhandler.DoNothingCSSParseErrorHandler;
import java.util.Optional;

/** Reads CSS as browsers do: what is wrong is passed over, and what cannot be read at all is nothing. */
public final class CssReading {
    private CssReading() {}

    private static CSSReaderSettings settings() {
        return new CSSReaderSettings()
                .setBrowserCompliantMode(true)
                .setUseSourceLocation(true)
                .setCustomErrorHandler(new DoNothingCSSParseErrorHandler())
                .setCustomExceptionHandler(exception -> {
                    // A sheet that cannot be parsed at all comes back as nothing.
                })
                .setInterpretErrorHandler(new DoNothingCSSInterpretErrorHandler());
    }

    public static Optional<CascadingStyleSheet> sheet(String text) {
        try {
            return Optional.ofNullable(CSSReader.readFromStringReader(text, settings()));
        } catch (RuntimeException | StackOverflowError e) {
            // Parsers stumble over what they do not expect; such a sheet says nothing.
            return Optional.empty();
        }
    }

    public static Optional<CSSDeclarationList> declarations(String text) {
        try {
            return Optional.ofNullable(CSSReaderDeclarationList.readFromString(text, settings()));
        } catch (RuntimeException | StackOverflowError e) {
            return Optional.empty();
        }
    }
}
