package app.zumbido.server.color;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Print;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.WorkingName;
import app.zumbido.formats.press.CoatedPress;

/**
 * A color as people read it.
 *
 * @param towards the hues on both sides of it
 */
record ShownCodesResponse(CodesResponse codes, PressResponse press, HueResponse towards) {
    static ShownCodesResponse of(Rgb color) {
        return new ShownCodesResponse(
                CodesResponse.of(color),
                PressResponse.of(Print.of(color, CoatedPress.instance())),
                new HueResponse(WorkingName.towards(color, -1), WorkingName.towards(color, 1)));
    }

    /** The codes that are copied, exactly as shown. */
    record CodesResponse(String hex, String rgb, String hsl, String cmyk, String lab, String lch, String oklch) {
        static CodesResponse of(Rgb color) {
            return new CodesResponse(
                    color.digits(),
                    ColorCode.rgbFunction(color),
                    ColorCode.hslFunction(color),
                    ColorCode.inks(CoatedPress.instance().toCmyk(color)),
                    ColorCode.labFunction(color),
                    ColorCode.lchFunction(color),
                    ColorCode.oklchFunction(color));
        }
    }

    /**
     * What offset on coated paper makes of it.
     *
     * @param hex what the inks look like
     * @param difference from the swatch; ΔE00
     * @param tooMuchInk whether it is more than dries
     * @param paper whether no ink is printed at all, so that the paper shows
     * @param blackAlone whether as text it should be black ink alone, since it is nearly black
     */
    record PressResponse(
            String hex,
            String ink,
            double difference,
            Print.Reach reach,
            boolean tooMuchInk,
            boolean paper,
            boolean blackAlone) {
        static PressResponse of(Print print) {
            return new PressResponse(
                    print.printed().hex(),
                    print.printed().ink().hex(),
                    print.difference(),
                    print.reach(),
                    print.tooMuchInk(),
                    print.isPaper(),
                    print.blackText());
        }
    }

    /** The hues on both sides on the circle, in words; empty for a grey. */
    record HueResponse(String before, String after) {}
}
