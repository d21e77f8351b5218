package app.zumbido.core.type;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntToDoubleFunction;

/**
 * Text that lines are measured with: articles 1, 3 and 13 of the Universal Declaration of Human Rights (United Nations,
 * resolution 217 A), from memory. What matters is how often each letter comes.
 */
public final class RunningText {
    private static final Map<Language, String> TEXTS = new EnumMap<>(Map.of(
            Language.ENGLISH,
            "All human beings are born free and equal in dignity and rights. They are endowed with reason and conscience and "
                    + "should act towards one another in a spirit of brotherhood. Everyone has the right to life, liberty and "
                    + "security of person. Everyone has the right to freedom of movement and residence within the borders of "
                    + "each state. Everyone has the right to leave any country, including his own, and to return to his country.",
            Language.GERMAN,
            "Alle Menschen sind frei und gleich an Würde und Rechten geboren. Sie sind mit Vernunft und Gewissen begabt und "
                    + "sollen einander im Geist der Brüderlichkeit begegnen. Jeder hat das Recht auf Leben, Freiheit und "
                    + "Sicherheit der Person. Jeder hat das Recht, sich innerhalb eines Staates frei zu bewegen und seinen "
                    + "Aufenthaltsort frei zu wählen. Jeder hat das Recht, jedes Land, einschließlich seines eigenen, zu "
                    + "verlassen und in sein Land zurückzukehren.",
            Language.SPANISH,
            "Todos los seres humanos nacen libres e iguales en dignidad y derechos y, dotados como están de razón y "
                    + "conciencia, deben comportarse fraternalmente los unos con los otros. Todo individuo tiene derecho a la "
                    + "vida, a la libertad y a la seguridad de su persona. Toda persona tiene derecho a circular libremente y a "
                    + "elegir su residencia en el territorio de un Estado. Toda persona tiene derecho a salir de cualquier país, "
                    + "incluso del propio, y a regresar a su país."));

    /** How often a to z and the space come, in thousandths: the weights of xAvgCharWidth (OpenType, OS/2 version 2). */
    private static final int[] FREQUENCY = {
        64, 14, 27, 35, 100, 20, 14, 42, 63, 3, 6, 35, 20, 56, 56, 17, 4, 49, 56, 71, 31, 10, 18, 3, 18, 2, 166
    };

    /** Languages that lines are measured in. */
    public static final List<Language> MEASURED = List.of(Language.ENGLISH, Language.GERMAN, Language.SPANISH);

    private RunningText() {}

    /** @return the first of the languages that there is text in, else English */
    public static Language measuring(List<Language> languages) {
        return languages.stream().filter(TEXTS::containsKey).findFirst().orElse(Language.ENGLISH);
    }

    /** @param language one that lines are measured in */
    public static String sample(Language language) {
        return TEXTS.get(language);
    }

    /** @param advance of a code point, in any unit @return how wide a character of running text is, in the same unit */
    public static double width(Language language, IntToDoubleFunction advance) {
        return TEXTS.get(language).codePoints().mapToDouble(advance).average().orElseThrow();
    }

    /** @param advance of a code point, in any unit @return weighted by how often each letter comes, in the same unit */
    public static double frequencyWidth(IntToDoubleFunction advance) {
        double sum = 0;
        double all = 0;
        for (int i = 0; i < FREQUENCY.length; i++) {
            int letter = i < 26 ? 'a' + i : ' ';
            sum += FREQUENCY[i] * advance.applyAsDouble(letter);
            all += FREQUENCY[i];
        }
        return sum / all;
    }
}
