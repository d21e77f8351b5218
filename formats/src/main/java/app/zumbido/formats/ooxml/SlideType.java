package app.zumbido.formats.ooxml;

import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.TypeRole;
import java.util.List;
import org.openxmlformats.schemas.drawingml.x2006.main.CTTextCharacterProperties;
import org.openxmlformats.schemas.drawingml.x2006.main.CTTextListStyle;
import org.openxmlformats.schemas.drawingml.x2006.main.CTTextParagraphProperties;
import org.openxmlformats.schemas.drawingml.x2006.main.STTextCapsType;
import org.openxmlformats.schemas.presentationml.x2006.main.CTShape;
import org.openxmlformats.schemas.presentationml.x2006.main.CTSlideLayout;
import org.openxmlformats.schemas.presentationml.x2006.main.CTSlideMasterTextStyles;
import org.openxmlformats.schemas.presentationml.x2006.main.STPlaceholderType;

/** Puts sizes, weights, capitals and tracking of a brand into masters and layouts. Families come from the theme. */
final class SlideType {
    /** Sizes and tracking are in hundredths of a point (ECMA-376 Part 1, 21.1.2.3.2). */
    private static final int HUNDREDTHS = 100;

    private static final int SMALLEST = 1000;
    private static final int THOUSANDTHS_OF_AN_EM = 1000;
    /** The title of a title slide stands alone, so it is larger. */
    private static final double ON_TITLE_SLIDE = 1.5;
    /** Each level of the body over the first one. */
    private static final double[] LEVELS = {1, 5.0 / 6, 3.0 / 4, 2.0 / 3, 2.0 / 3};

    private final FontSet type;

    SlideType(FontSet type) {
        this.type = type;
    }

    void set(CTSlideMasterTextStyles styles) {
        set(styles.getTitleStyle().getLvl1PPr(), type.get(TypeRole.HEADING), 1);
        List<CTTextParagraphProperties> levels = levels(styles.getBodyStyle());
        for (int i = 0; i < levels.size(); i++) {
            set(levels.get(i), type.get(TypeRole.BODY), LEVELS[i]);
        }
    }

    /** Of the title layout: its title, and its subtitle as the subheading. */
    void setTitle(CTSlideLayout layout) {
        for (CTShape shape : layout.getCSld().getSpTree().getSpList()) {
            if (!shape.getNvSpPr().getNvPr().isSetPh()) {
                continue;
            }
            var kind = shape.getNvSpPr().getNvPr().getPh().getType();
            CTTextListStyle style = shape.getTxBody().getLstStyle();
            if (STPlaceholderType.CTR_TITLE.equals(kind)) {
                set(style.getLvl1PPr(), type.get(TypeRole.HEADING), ON_TITLE_SLIDE);
            } else if (STPlaceholderType.SUB_TITLE.equals(kind)) {
                Lettering subheading = type.get(TypeRole.SUBHEADING);
                set(style.getLvl1PPr(), subheading, 1);
                if (!style.getLvl1PPr().getDefRPr().isSetLatin()
                        && subheading.family().equals(type.get(TypeRole.HEADING).family())) {
                    style.getLvl1PPr().getDefRPr().addNewLatin().setTypeface("+mj-lt");
                } else if (!subheading.family().equals(type.get(TypeRole.BODY).family())) {
                    style.getLvl1PPr().getDefRPr().addNewLatin().setTypeface(subheading.family());
                }
            }
        }
    }

    private static List<CTTextParagraphProperties> levels(CTTextListStyle style) {
        return List.of(
                style.getLvl1PPr(), style.getLvl2PPr(), style.getLvl3PPr(), style.getLvl4PPr(), style.getLvl5PPr());
    }

    private static void set(CTTextParagraphProperties level, Lettering lettering, double times) {
        CTTextCharacterProperties letters = level.getDefRPr();
        double points = lettering.sizes().slides() * times;
        letters.setSz(Math.max(SMALLEST, (int) Math.rint(points) * HUNDREDTHS));
        letters.setB(lettering.weight() >= (Lettering.REGULAR + Lettering.BOLD) / 2);
        letters.setI(lettering.italic());
        if (lettering.capitals() == Capitals.ALL_CAPITALS) {
            letters.setCap(STTextCapsType.ALL);
        }
        if (lettering.tracking() != 0) {
            letters.setSpc((int) Math.rint(points * HUNDREDTHS * lettering.tracking() / THOUSANDTHS_OF_AN_EM));
        }
    }
}
