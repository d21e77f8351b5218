package app.zumbido.formats.ooxml;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.ThemeSlot;
import java.util.Map;
import org.openxmlformats.schemas.drawingml.x2006.main.CTColorMapping;
import org.openxmlformats.schemas.drawingml.x2006.main.STColorSchemeIndex;
import org.openxmlformats.schemas.presentationml.x2006.main.CTSlideLayout;

/** The layout whose pages stand on the other ground: dark where the theme is light, light where it is dark. */
final class TurnedLayout {
    private TurnedLayout() {}

    static void turn(CTSlideLayout layout, Look look) {
        boolean toLight = look.theme().ground() == PageGround.DARK;
        layout.getCSld().setName(toLight ? "On a light ground" : "On a dark ground");
        CTColorMapping map = layout.getClrMapOvr().getOverrideClrMapping();
        if (toLight) {
            map.setBg1(STColorSchemeIndex.LT_1);
            map.setTx1(STColorSchemeIndex.DK_1);
            map.setBg2(STColorSchemeIndex.LT_2);
            map.setTx2(STColorSchemeIndex.DK_2);
        }
        Map<ThemeSlot, Rgb> colors = look.colors();
        Rgb ground = ground(look);
        STColorSchemeIndex.Enum text = toLight ? STColorSchemeIndex.DK_1 : STColorSchemeIndex.LT_1;
        if (!reads(colors.get(ThemeSlot.HYPERLINK), ground)) {
            map.setHlink(text);
        }
        if (!reads(colors.get(ThemeSlot.FOLLOWED_HYPERLINK), ground)) {
            map.setFolHlink(text);
        }
    }

    private static boolean reads(Rgb link, Rgb ground) {
        return ContrastRatio.between(link, ground).reaches(WcagLevel.AA.text());
    }

    /** @return what its pages stand on */
    static Rgb ground(Look look) {
        return look.colors().get(look.theme().ground() == PageGround.DARK ? ThemeSlot.LIGHT_1 : ThemeSlot.DARK_1);
    }
}
