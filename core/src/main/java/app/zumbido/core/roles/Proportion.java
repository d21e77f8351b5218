package app.zumbido.core.roles;

/**
 * How much of a page the colours take, in percent; together 100.
 *
 * @param main of the main colour and its quiet ground
 * @param secondary of the secondary ones together
 * @param highlight of the highlight
 */
public record Proportion(int main, int secondary, int highlight) {
    /** Common practice, no published source. */
    public static final Proportion TO_BEGIN_WITH = new Proportion(60, 30, 10);

    public Proportion {
        if (main < 0 || secondary < 0 || highlight < 0 || main + secondary + highlight != 100) {
            throw new IllegalArgumentException("The three shares are 100 percent together");
        }
    }
}
