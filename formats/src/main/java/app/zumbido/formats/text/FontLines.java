package app.zumbido.formats.text;

import app.zumbido.core.color.Rounding;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.Sizes;
import app.zumbido.core.type.StandIn;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Letters;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** How a brand is set, in words. */
final class FontLines {
    static final String FONTS = "Fonts";
    /** Sizes of stand-ins closer than this to the size asked for need not be said. */
    private static final int WHOLE = 100;

    private FontLines() {}

    static List<String> of(FontSet type, Assets assets) {
        List<String> lines = new ArrayList<>();
        type.roles().forEach((role, lettering) -> {
            lines.add(name(role) + "  " + lettering(lettering));
            assets.letters(role).map(FontLines::instead).ifPresent(lines::add);
        });
        return lines;
    }

    private static String name(Enum<?> constant) {
        String name = constant.name().toLowerCase(Locale.ROOT);
        return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }

    private static String lettering(Lettering lettering) {
        Sizes sizes = lettering.sizes();
        return lettering.family() + " " + lettering.weight()
                + (lettering.italic() ? " italic" : "")
                + (lettering.capitals() == Capitals.ALL_CAPITALS ? ", in capitals" : "")
                + (lettering.tracking() == 0 ? "" : ", tracked by " + lettering.tracking() + "/1000 em")
                + ", " + plain(sizes.slides()) + " pt on slides, " + plain(sizes.letters()) + " pt in letters, "
                + plain(sizes.site()) + " px on sites";
    }

    private static String plain(double size) {
        return BigDecimal.valueOf(size).stripTrailingZeros().toPlainString();
    }

    private static String instead(Letters letters) {
        return "  where it is missing: "
                + letters.standIns().stream().map(FontLines::instead).collect(Collectors.joining("; "));
    }

    private static String instead(StandIn standIn) {
        int percent = Rounding.halfUp(standIn.size() * WHOLE);
        return standIn.place().name().toLowerCase(Locale.ROOT) + " "
                + standIn.face().family() + (percent == WHOLE ? "" : " at " + percent + " %");
    }
}
