package app.zumbido.core.color;

/** A 3 x 3 matrix applied to a triple; rows first. */
record Matrix3(
        double m00, double m01, double m02, double m10, double m11, double m12, double m20, double m21, double m22) {
    double[] times(double a, double b, double c) {
        return new double[] {m00 * a + m01 * b + m02 * c, m10 * a + m11 * b + m12 * c, m20 * a + m21 * b + m22 * c};
    }
}
