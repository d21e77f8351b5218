package app.zumbido.core.type;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;

/** What is worth knowing about the faces that a brand chose. */
public sealed interface TypeRemark {
    /** More faces than a reader tells apart. */
    record ManyFaces(int count) implements TypeRemark {}

    /** Two families that differ by so little that it looks like a mistake. */
    record NearlyAlike(String one, String other) implements TypeRemark {}

    /** Heading and body have small letters of the same height. */
    record SharedXHeight(String heading, String body, double apart) implements TypeRemark {}

    /** @param language nothing: they stand in the brand's name */
    record LacksLetters(String family, String letters, Optional<Language> language) implements TypeRemark {}

    record MayNotBeEmbedded(String family, Embedding embedding) implements TypeRemark {}

    /** Nobody gave a file of it, so that this page shows something else. */
    record NotAtHand(String family) implements TypeRemark {}

    /**
     * A family that there is a file of.
     *
     * @param has whether a code point can be set in it
     */
    record AtHand(Face face, Embedding embedding, IntPredicate has) {}

    /** Within this heading and body are said to share their x-height. */
    double SHARED = 0.03;

    /** @param faces by family those that there are files of */
    static List<TypeRemark> of(FontSet type, String brandName, Map<String, AtHand> faces) {
        List<TypeRemark> remarks = new ArrayList<>();
        List<String> families = type.families().stream().map(FontFamily::name).toList();
        if (families.size() > FontSet.MOST_FACES) {
            remarks.add(new ManyFaces(families.size()));
        }
        for (int i = 0; i < families.size(); i++) {
            AtHand one = faces.get(families.get(i));
            if (one == null) {
                remarks.add(new NotAtHand(families.get(i)));
                continue;
            }
            if (one.embedding() == Embedding.NONE || one.embedding() == Embedding.PRINT) {
                remarks.add(new MayNotBeEmbedded(families.get(i), one.embedding()));
            }
            remarks.addAll(lacking(type, brandName, one));
            for (String other : families.subList(i + 1, families.size())) {
                if (faces.containsKey(other)
                        && alike(one.face(), faces.get(other).face())) {
                    remarks.add(new NearlyAlike(families.get(i), other));
                }
            }
        }
        sharedXHeight(type, faces).ifPresent(remarks::add);
        return remarks;
    }

    private static boolean alike(Face one, Face other) {
        return one.kind() == other.kind() && Likeness.between(one, other, Language.ENGLISH) >= Likeness.NEARLY_ALIKE;
    }

    private static List<TypeRemark> lacking(FontSet type, String brandName, AtHand face) {
        Map<Optional<Language>, String> missing = new LinkedHashMap<>();
        missing.put(Optional.empty(), missing(brandName.codePoints().boxed().toList(), face));
        type.languages().forEach(language -> missing.put(Optional.of(language), missing(language.letters(), face)));
        missing.values().removeIf(String::isEmpty);
        List<TypeRemark> remarks = new ArrayList<>();
        missing.forEach(
                (language, letters) -> remarks.add(new LacksLetters(face.face().family(), letters, language)));
        return remarks;
    }

    private static String missing(List<Integer> letters, AtHand face) {
        StringBuilder missing = new StringBuilder();
        letters.stream()
                .distinct()
                .filter(letter -> !Character.isWhitespace(letter) && !face.has().test(letter))
                .forEach(missing::appendCodePoint);
        return missing.toString();
    }

    private static Optional<TypeRemark> sharedXHeight(FontSet type, Map<String, AtHand> faces) {
        FontPair pair = type.pair();
        AtHand heading = faces.get(pair.heading().name());
        AtHand body = faces.get(pair.body().name());
        if (heading == null || body == null || heading == body) {
            return Optional.empty();
        }
        double apart = Likeness.relative(
                heading.face().metrics().xHeight(), body.face().metrics().xHeight());
        return apart <= SHARED
                ? Optional.of(
                        new SharedXHeight(pair.heading().name(), pair.body().name(), apart))
                : Optional.empty();
    }
}
