package app.zumbido.formats.delivery;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.LogoForm;
import java.util.List;
import java.util.Optional;

/** Which form of a logo stands where in what is made. */
public enum LogoChoice {
    /** In a corner, small. */
    SYMBOL(LogoForm.SUBMARK, LogoForm.ICON, LogoForm.SHORT, LogoForm.PRIMARY),
    /** At the head, all of it. */
    WHOLE(LogoForm.PRIMARY, LogoForm.SHORT, LogoForm.SUBMARK);

    private final List<LogoForm> forms;

    LogoChoice(LogoForm... forms) {
        this.forms = List.of(forms);
    }

    /** A form that there is, in the version that reads. */
    public record Chosen(LogoForm form, LogoPicture picture) {}

    /** @return the first of its forms that the brand has, in the version that reads on that ground */
    public Optional<Chosen> on(Rgb ground, Assets assets) {
        for (LogoForm form : forms) {
            Optional<LogoPicture> picture = assets.logoOn(form, ground);
            if (picture.isPresent()) {
                return Optional.of(new Chosen(form, picture.get()));
            }
        }
        return Optional.empty();
    }
}
