package app.zumbido.core.brand;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** The letters in front of a swatch's name. */
public final class ShortCode {
    private static final int LETTERS_OF_ONE_WORD = 3;
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^A-Z0-9]+");

    private ShortCode() {}

    /**
     * @return the initials of a name with several words, the first letters of a name with one; empty if no Latin letter
     *     or digit is in it
     */
    public static String propose(String name) {
        String apart = Normalizer.normalize(name, Normalizer.Form.NFD).toUpperCase(Locale.ROOT);
        String plain = MARKS.matcher(apart).replaceAll("");
        List<String> words = Arrays.stream(BETWEEN_WORDS.split(plain))
                .filter(word -> !word.isEmpty())
                .limit(Brand.LONGEST_SHORT_CODE)
                .toList();
        if (words.size() == 1) {
            String word = words.get(0);
            return word.substring(0, Math.min(LETTERS_OF_ONE_WORD, word.length()));
        }
        StringBuilder initials = new StringBuilder();
        words.forEach(word -> initials.append(word.charAt(0)));
        return initials.toString();
    }
}
