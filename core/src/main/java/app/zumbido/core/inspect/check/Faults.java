package app.zumbido.core.inspect.check;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Place;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Faults as they are found, each under an id that the next version of the file gives it again. */
final class Faults {
    /** Of 64 digits so many tell the faults of a file apart. */
    private static final int DIGITS = 16;

    private final List<Fault> found = new ArrayList<>();
    private final Map<String, Integer> alike = new HashMap<>();

    /** What is known about a fault before it has an id. */
    static final class Draft {
        private final FaultKind kind;
        private final Place place;
        private String text = "";
        private int pages = 1;
        private Optional<Rgb> color = Optional.empty();
        private Optional<Rgb> ground = Optional.empty();
        private OptionalDouble measure = OptionalDouble.empty();
        private OptionalDouble needed = OptionalDouble.empty();
        private Optional<Rgb> other = Optional.empty();
        private Optional<String> word = Optional.empty();
        private boolean safe;
        private final List<Mending> mendings = new ArrayList<>();

        Draft(FaultKind kind, Place place) {
            this.kind = kind;
            this.place = place;
        }

        Draft saying(String written) {
            text = written;
            return this;
        }

        Draft on(int number) {
            pages = number;
            return this;
        }

        Draft color(Rgb seen) {
            color = Optional.of(seen);
            return this;
        }

        Draft ground(Rgb under) {
            ground = Optional.of(under);
            return this;
        }

        Draft measure(double is) {
            measure = OptionalDouble.of(is);
            return this;
        }

        Draft needed(double should) {
            needed = OptionalDouble.of(should);
            return this;
        }

        Draft other(Rgb second) {
            other = Optional.of(second);
            return this;
        }

        Draft word(String named) {
            word = Optional.of(named);
            return this;
        }

        Draft safely() {
            safe = true;
            return this;
        }

        Draft by(Mending way) {
            mendings.add(way);
            return this;
        }
    }

    void add(Draft draft) {
        String alikeAs = String.join(
                "\n",
                draft.kind.name(),
                draft.place.thing(),
                draft.text,
                draft.color.map(Rgb::hex).orElse(""),
                draft.ground.map(Rgb::hex).orElse(""),
                draft.word.orElse(""));
        int number = alike.merge(alikeAs, 1, Integer::sum);
        Optional<ContrastRatio> ratio =
                draft.color.flatMap(text -> draft.ground.map(ground -> ContrastRatio.between(text, ground)));
        found.add(new Fault(
                id(alikeAs + "\n" + number),
                draft.kind,
                draft.place,
                draft.text,
                draft.pages,
                draft.color,
                draft.ground,
                ratio,
                draft.measure,
                draft.needed,
                draft.other,
                draft.word,
                draft.safe && !draft.mendings.isEmpty(),
                draft.mendings));
    }

    private static String id(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest).substring(0, DIGITS);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }

    List<Fault> all() {
        return List.copyOf(found);
    }
}
