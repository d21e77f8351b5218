package app.zumbido.formats.existing;

import app.zumbido.core.inspect.Written;
import app.zumbido.core.type.CommonFamily;
import app.zumbido.core.type.Lettering;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.fonts.FontFace;
import java.util.Optional;

/** How long lines of files are, in the faces that they name or in others. */
public final class LineLengths {
    /** Mean advance of a letter where no face is at hand; ems, common practice, no published source. */
    private static final double LETTER = 0.5;

    private final Assets assets;

    public LineLengths(Assets assets) {
        this.assets = assets;
    }

    /** @return in points, in the run's own face or one of the same metrics */
    public double asItIs(Written run) {
        return width(run, run.family());
    }

    /** @return in points, in another family */
    public double in(String family, Written run) {
        return width(run, family);
    }

    private double width(Written run, String family) {
        Optional<FontFace> face = face(family, run.bold());
        if (face.isEmpty()) {
            return run.text().length() * LETTER * run.points();
        }
        double units = run.text().codePoints().mapToDouble(face.get()::advance).sum();
        return units / face.get().unitsPerEm() * run.points();
    }

    private Optional<FontFace> face(String family, boolean bold) {
        int weight = bold ? Lettering.BOLD : Lettering.REGULAR;
        return assets.face(family, weight, false)
                .or(() -> CommonFamily.named(family)
                        .flatMap(CommonFamily::twin)
                        .flatMap(twin -> assets.face(twin, weight, false)));
    }
}
