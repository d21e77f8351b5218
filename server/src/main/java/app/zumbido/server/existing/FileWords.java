package app.zumbido.server.existing;

import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.Use;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What is written in a file, by digests: the next version of a file says mostly the same, whatever it is called and however
 * its pages were moved.
 */
final class FileWords {
    private static final int MOST = 600;
    /** Less is by chance. */
    private static final int LEAST_ALIKE = 3;
    /** Of the shorter one; set by eye. */
    private static final double SHARE = 0.5;

    private FileWords() {}

    static String of(Findings findings) {
        Set<String> digests = new LinkedHashSet<>();
        for (Use use : findings.uses()) {
            use.written()
                    .map(written -> written.text().strip())
                    .filter(text -> text.length() > 2)
                    .ifPresent(text -> digests.add(Integer.toHexString(text.hashCode())));
        }
        return digests.stream().limit(MOST).collect(Collectors.joining(" "));
    }

    static boolean areOfOneFile(String one, String other) {
        Set<String> a = set(one);
        Set<String> b = set(other);
        long common = a.stream().filter(b::contains).count();
        return common >= LEAST_ALIKE && common >= SHARE * Math.min(a.size(), b.size());
    }

    private static Set<String> set(String words) {
        return Arrays.stream(words.split(" ")).filter(word -> !word.isEmpty()).collect(Collectors.toSet());
    }
}
