package app.zumbido.core.guide;

import app.zumbido.core.color.PressProfile;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.type.StandIn;
import app.zumbido.core.type.TypeRole;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** What a guide has to know of the files of a brand. */
public interface GuideFacts {
    PressProfile press();

    /**
     * @param ratio width for one unit of height
     * @param clear space around it, in its heights
     * @param millimetres least width in print
     * @param pixels least width on a screen
     */
    record MeasuredLogo(double ratio, double clear, double millimetres, int pixels) {}

    /**
     * @param shape width for one unit of height
     * @param ratio contrast of the part that is seen least
     * @param reads whether every part that counts is seen
     */
    record SeenLogo(LogoVersion version, double shape, double ratio, boolean reads) {}

    /** @return nothing of a form that the brand does not have, or that cannot be drawn */
    Optional<MeasuredLogo> logo(LogoForm form);

    /** @return each version of a form on that ground, the one to be used first; none of a form that cannot be drawn */
    List<SeenLogo> seen(LogoForm form, Rgb ground);

    /** @return what is seen where the role's face is missing; none where nothing is known of it */
    List<StandIn> standIns(TypeRole role);

    /** Whether there is a file of the face. */
    boolean hasFace(TypeRole role);

    /** @return width for one unit of height of a picture on the sheet, upright; nothing if it is gone or shows no picture */
    Optional<Double> picture(UUID source);
}
