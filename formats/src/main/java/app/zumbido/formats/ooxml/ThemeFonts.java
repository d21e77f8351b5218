package app.zumbido.formats.ooxml;

import app.zumbido.core.type.Place;
import app.zumbido.core.type.StandIn;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Letters;
import java.util.Optional;
import org.openxmlformats.schemas.drawingml.x2006.main.CTFontScheme;
import org.openxmlformats.schemas.drawingml.x2006.main.CTTextFont;

/**
 * Says in a theme what to do where its fonts are missing. A theme has no place for the name of a stand-in, so the scheme's own
 * name carries it for people, and programs get what they choose by: classification and pitch (ECMA-376 Part 1, 20.1.4.1.24
 * and 21.1.2.3.7).
 */
final class ThemeFonts {
    private static final int PANOSE_FIGURES = 10;
    /** Pitch in the lower half of the byte, family in the upper one. */
    private static final int FIXED = 1;

    private static final int VARIABLE = 2;
    private static final int ROMAN = 0x10;
    private static final int SWISS = 0x20;
    private static final int MODERN = 0x30;
    private static final int SCRIPT = 0x40;

    private ThemeFonts() {}

    static void describe(CTFontScheme scheme, Assets assets) {
        Optional<Letters> heading = assets.letters(TypeRole.HEADING);
        Optional<Letters> body = assets.letters(TypeRole.BODY);
        heading.ifPresent(letters -> describe(scheme.getMajorFont().getLatin(), letters));
        body.ifPresent(letters -> describe(scheme.getMinorFont().getLatin(), letters));
        Optional<String> instead = heading.flatMap(ThemeFonts::onSlides);
        Optional<String> insteadOfBody = body.flatMap(ThemeFonts::onSlides);
        if (instead.isPresent() && insteadOfBody.isPresent()) {
            scheme.setName(scheme.getName() + ", else " + instead.get() + " and " + insteadOfBody.get());
        }
    }

    private static Optional<String> onSlides(Letters letters) {
        return letters.standIns().stream()
                .filter(standIn -> standIn.place() == Place.SLIDES)
                .map(StandIn::face)
                .map(face -> face.family())
                .findFirst();
    }

    private static void describe(CTTextFont font, Letters letters) {
        byte[] panose = new byte[PANOSE_FIGURES];
        for (int i = 0; i < panose.length; i++) {
            panose[i] = letters.panose().get(i).byteValue();
        }
        if (panose[0] != 0) {
            font.setPanose(panose);
        }
        font.setPitchFamily((byte)
                switch (letters.face().kind()) {
                    case SERIF, SLAB, DISPLAY -> ROMAN | VARIABLE;
                    case SANS, CONDENSED, ROUNDED -> SWISS | VARIABLE;
                    case MONO -> MODERN | FIXED;
                    case SCRIPT -> SCRIPT | VARIABLE;
                });
    }
}
