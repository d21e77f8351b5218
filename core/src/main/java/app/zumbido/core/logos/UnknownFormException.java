package app.zumbido.core.logos;

import java.util.Locale;

/** The brand's logo has no such form. */
public final class UnknownFormException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public UnknownFormException(LogoForm form) {
        super("The logo has no form " + form.name().toLowerCase(Locale.ROOT) + " yet");
    }
}
