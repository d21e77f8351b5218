package app.zumbido.core.inspect.check;

import app.zumbido.core.inspect.Replacement;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;

/** Something that is written into a file at one of its spots. Everything else in the file stays as it is. */
public sealed interface Edit {
    Spot spot();

    /** Another colour. */
    record Paint(Spot spot, Replacement replacement) implements Edit {}

    /** Another value, as the file writes it. */
    record Write(Spot spot, String value) implements Edit {}

    /** Another picture in the place of the one that is referred to there. */
    record PutLogo(Spot spot, LogoForm form, LogoVersion version) implements Edit {}

    /** Letters that fit their shape, at a share of their size; the spot is the opening tag of what says it. */
    record Shrink(Spot spot, double scale) implements Edit {}
}
