package app.zumbido.core.type;

/** One weight and style of a family. */
public record Face(String family, FaceKind kind, int weight, boolean italic, FaceMetrics metrics) {
    /** @return how far its weight and style lie from what is asked for; a wrong slant is worse than any weight */
    public int distanceTo(int wantedWeight, boolean wantedItalic) {
        return Math.abs(weight - wantedWeight) + (italic == wantedItalic ? 0 : Lettering.HEAVIEST);
    }
}
