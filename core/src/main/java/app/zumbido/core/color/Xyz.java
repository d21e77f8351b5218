package app.zumbido.core.color;

/**
 * CIE XYZ relative to white Y = 1. Source of the matrices: W3C CSS Color Module Level 4, section 18, sample code.
 *
 * @param x about 0 to 0.96 under D65
 * @param y relative luminance, 0 to 1
 * @param z about 0 to 1.09 under D65
 */
record Xyz(double x, double y, double z) {
    private static final Matrix3 FROM_LINEAR = new Matrix3(
            506752.0 / 1228815,
            87881.0 / 245763,
            12673.0 / 70218,
            87098.0 / 409605,
            175762.0 / 245763,
            12673.0 / 175545,
            7918.0 / 409605,
            87881.0 / 737289,
            1001167.0 / 1053270);
    private static final Matrix3 TO_LINEAR = new Matrix3(
            12831.0 / 3959,
            -329.0 / 214,
            -1974.0 / 3959,
            -851781.0 / 878810,
            1648619.0 / 878810,
            36519.0 / 878810,
            705.0 / 12673,
            -2585.0 / 12673,
            705.0 / 667);

    /** Bradford chromatic adaptation from D65 to D50. */
    private static final Matrix3 D65_TO_D50 = new Matrix3(
            1.0479297925449969,
            0.022946870601609652,
            -0.05019226628920524,
            0.02962780877005599,
            0.9904344267538799,
            -0.017073799063418826,
            -0.009243040646204504,
            0.015055191490298152,
            0.7518742814281371);

    /** Bradford chromatic adaptation from D50 to D65. */
    private static final Matrix3 D50_TO_D65 = new Matrix3(
            0.955473421488075,
            -0.02309845494876471,
            0.06325924320057072,
            -0.0283697093338637,
            1.0099953980813041,
            0.021041441191917323,
            0.012314014864481998,
            -0.020507649298898964,
            1.330365926242124);

    static Xyz d65(LinearRgb linear) {
        return of(FROM_LINEAR.times(linear.red(), linear.green(), linear.blue()));
    }

    LinearRgb toLinear() {
        double[] rgb = TO_LINEAR.times(x, y, z);
        return new LinearRgb(rgb[0], rgb[1], rgb[2]);
    }

    Xyz adaptedToD50() {
        return of(D65_TO_D50.times(x, y, z));
    }

    Xyz adaptedToD65() {
        return of(D50_TO_D65.times(x, y, z));
    }

    private static Xyz of(double[] xyz) {
        return new Xyz(xyz[0], xyz[1], xyz[2]);
    }
}
