package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Compositing;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.inspect.Standing;
import app.zumbido.core.inspect.Standing.On;
import app.zumbido.formats.uses.WalkTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What has been painted on a page so far, from the back to the front. */
final class Layers {
    /** What covers less of a text is beside it, and what covers more is its ground; shares, set by eye. */
    private static final double BESIDE = 0.3;

    private static final double BENEATH = 0.6;

    /** Of more nobody can say what something stands on. */
    private static final int MOST_COLORS = 12;
    /** Layers that are looked at for one thing; a crowded slide has some hundreds, each looked at a few times. */
    private static final int MOST_LOOKS = 20_000;
    /** Layers that are looked through, one behind the other. */
    private static final int DEEPEST = 100;

    private final WalkTime time = new WalkTime();
    private final List<Layer> layers = new ArrayList<>();
    private final double aspect;

    private record Layer(Frame frame, Fill fill, On on) {}

    /** @param aspect width of the page for one unit of its height */
    Layers(double aspect) {
        this.aspect = aspect;
    }

    void put(Frame frame, Fill fill, On on) {
        if (!(fill instanceof Fill.Clear)) {
            layers.add(new Layer(frame, fill, on));
        }
    }

    /** @return what something in that frame stands on; the page where it does not say where it lies */
    Standing under(Optional<Frame> frame) {
        time.check();
        return frame.map(where -> new Search(where).under(layers.size() - 1))
                .orElseGet(() -> new Search(Frame.WHOLE).under(0));
    }

    /** Looks through the layers for one frame. */
    private final class Search {
        private final Frame frame;
        /** By layer what is seen from above it: what lets something through asks again for what is behind. */
        private final Map<Integer, Standing> known = new HashMap<>();

        private int looks;
        private int depth;

        Search(Frame frame) {
            this.frame = frame;
        }

        Standing under(int from) {
            Standing standing = known.get(from);
            if (standing == null) {
                depth++;
                standing = depth > DEEPEST ? standing(On.UNKNOWN, Set.of()) : search(from);
                depth--;
                known.put(from, standing);
            }
            return standing;
        }

        private Standing search(int from) {
            Set<Rgb> beside = new LinkedHashSet<>();
            for (int i = from; i >= 0 && looks < MOST_LOOKS; i--) {
                looks++;
                Layer layer = layers.get(i);
                double covered = i == 0 ? 1 : frame.coveredBy(layer.frame());
                if (covered < BESIDE) {
                    continue;
                }
                if (layer.fill() instanceof Fill.OfPicture) {
                    return new Standing(On.PICTURE, List.of());
                }
                beside.addAll(seen(layer, i));
                if (covered >= BENEATH) {
                    return standing(layer.on(), beside);
                }
            }
            return standing(On.UNKNOWN, beside);
        }

        /** What lets something through shows what is behind. */
        private List<Rgb> seen(Layer layer, int place) {
            List<Rgb> seen = new ArrayList<>();
            for (Seen color : GradientPart.under(frame, layer.frame(), layer.fill(), aspect)) {
                if (color.opacity() >= 1 || place == 0) {
                    seen.add(color.color());
                } else {
                    for (Rgb behind : under(place - 1).colors()) {
                        seen.add(Compositing.over(color.color(), Fraction.of(Math.max(0, color.opacity())), behind));
                    }
                }
            }
            return seen;
        }
    }

    private static Standing standing(On on, Set<Rgb> colors) {
        return new Standing(on, colors.stream().limit(MOST_COLORS).toList());
    }
}
