package app.zumbido.core.type;

/**
 * What is seen where a font is missing.
 *
 * @param likeness 1 for the same, 0 for nothing in common
 * @param longer how much longer a line gets, as a fraction; negative where it gets shorter
 * @param size that makes lines equally long, as a fraction of the size asked for
 * @param evidence how its measures are known
 * @param chosen whether somebody chose it
 */
public record StandIn(
        Place place, Face face, double likeness, double longer, double size, Evidence evidence, boolean chosen) {
    /** How the measures of a family are known. */
    public enum Evidence {
        /** From its own file. */
        MEASURED,
        /** From the open family of the same metrics. */
        SAME_METRICS,
        /** Only from published figures. */
        PUBLISHED
    }
}
