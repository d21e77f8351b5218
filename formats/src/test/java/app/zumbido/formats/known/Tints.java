package app.zumbido.formats.known;

import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Predicate;
import java.util.function.Supplier;

/** Colours by chance, but told apart. */
final class Tints {
    private final Random random;

    Tints(Random random) {
        this.random = random;
    }

    Rgb any() {
        return of(0.2 + 0.72 * random.nextDouble(), 0.02 + 0.2 * random.nextDouble());
    }

    Rgb vivid() {
        return of(0.5 + 0.3 * random.nextDouble(), 0.17 + 0.08 * random.nextDouble());
    }

    Rgb dark() {
        return of(0.15 + 0.2 * random.nextDouble(), 0.08 * random.nextDouble());
    }

    Rgb pale() {
        return of(0.9 + 0.08 * random.nextDouble(), 0.03 * random.nextDouble());
    }

    Rgb neutral() {
        return of(0.3 + 0.55 * random.nextDouble(), 0.025 * random.nextDouble());
    }

    private Rgb of(double lightness, double chroma) {
        return GamutMapping.toRgb(new Oklch(lightness, chroma, Optional.of(new Degrees(360 * random.nextDouble()))));
    }

    /** @return a colour at least so far from all others; ΔE00 */
    Rgb apartFrom(List<Rgb> others, double apart, Supplier<Rgb> draw) {
        return until(draw, c -> others.stream().allMatch(o -> Difference.between(c, o) >= apart));
    }

    /** @return a colour between ΔE00 7.5 and 9 from another */
    Rgb besides(Rgb other) {
        return until(() -> new Rgb(near(other.red()), near(other.green()), near(other.blue())), c -> {
            double apart = Difference.between(c, other);
            return apart >= 7.5 && apart <= 9;
        });
    }

    private int near(int channel) {
        return Math.max(0, Math.min(255, channel + random.nextInt(61) - 30));
    }

    List<Rgb> several(int count, double apart, List<Rgb> besides) {
        List<Rgb> all = new ArrayList<>(besides);
        for (int i = 0; i < count; i++) {
            all.add(apartFrom(all, apart, this::any));
        }
        return all.subList(besides.size(), all.size());
    }

    private static Rgb until(Supplier<Rgb> draw, Predicate<Rgb> good) {
        for (int i = 0; i < 100_000; i++) {
            Rgb drawn = draw.get();
            if (good.test(drawn)) {
                return drawn;
            }
        }
        throw new IllegalStateException("No such colour was drawn");
    }
}
