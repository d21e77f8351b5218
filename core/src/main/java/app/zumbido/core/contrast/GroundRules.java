package app.zumbido.core.contrast;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Painted;
import app.zumbido.core.palette.Palette;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * What a brand has decided about grounds.
 *
 * @param pairs rules on a text and a ground, each pair once, in the order of their making
 * @param composed gradients and pictures with what is laid over them, in the order of their making
 */
public record GroundRules(List<PairRule> pairs, List<ComposedGround> composed) implements Painted<GroundRules> {
    public static final GroundRules NONE = new GroundRules(List.of(), List.of());
    /** More are a list that nobody follows. */
    public static final int MOST_PAIRS = 200;

    public static final int MOST_COMPOSED = 40;

    public GroundRules {
        pairs = List.copyOf(pairs);
        composed = List.copyOf(composed);
        if (pairs.size() > MOST_PAIRS || composed.size() > MOST_COMPOSED) {
            throw new IllegalArgumentException("A brand has up to " + MOST_PAIRS + " rules on pairs and up to "
                    + MOST_COMPOSED + " composed grounds");
        }
    }

    /** Whether a rule can be put in: there are not too many yet, or the pair has one already. */
    public boolean takes(PairRule rule) {
        return without(rule.text(), rule.ground()).pairs.size() < MOST_PAIRS;
    }

    /** Puts a rule in the place of the one that the pair had. */
    public GroundRules with(PairRule rule) {
        List<PairRule> changed = new ArrayList<>(without(rule.text(), rule.ground()).pairs);
        changed.add(rule);
        return new GroundRules(changed, composed);
    }

    public GroundRules without(Paint text, Paint ground) {
        return new GroundRules(
                pairs.stream().filter(rule -> !rule.isOn(text, ground)).toList(), composed);
    }

    /** @return what is decided about a colour on another, whatever follows which swatch */
    public Optional<PairRule> find(Rgb text, Rgb ground, Palette palette) {
        return pairs.stream()
                .filter(rule -> rule.text().resolve(palette).equals(text)
                        && rule.ground().resolve(palette).equals(ground))
                .findFirst();
    }

    /** Puts a composed ground in the place of the one of its id, or behind the others. */
    public GroundRules with(ComposedGround ground) {
        List<ComposedGround> changed = new ArrayList<>(composed);
        int place = changed.stream().map(ComposedGround::id).toList().indexOf(ground.id());
        if (place < 0) {
            changed.add(ground);
        } else {
            changed.set(place, ground);
        }
        return new GroundRules(pairs, changed);
    }

    public Optional<ComposedGround> find(UUID id) {
        return composed.stream().filter(ground -> ground.id().equals(id)).findFirst();
    }

    public GroundRules without(UUID id) {
        return new GroundRules(
                pairs,
                composed.stream().filter(ground -> !ground.id().equals(id)).toList());
    }

    @Override
    public GroundRules repainted(UnaryOperator<Paint> change) {
        List<PairRule> rules = new ArrayList<>();
        for (PairRule rule : pairs) {
            PairRule repainted = rule.repainted(change);
            // Two pairs may have become one; what was decided first stays.
            if (rules.stream().noneMatch(other -> other.isOn(repainted.text(), repainted.ground()))) {
                rules.add(repainted);
            }
        }
        return new GroundRules(
                rules, composed.stream().map(ground -> ground.repainted(change)).toList());
    }

    /** @param pictures the same pictures under other ids */
    public GroundRules over(UnaryOperator<UUID> pictures) {
        return new GroundRules(
                pairs,
                composed.stream()
                        .map(ground -> ground.base() instanceof ComposedGround.Base.OfPicture picture
                                ? ground.over(pictures.apply(picture.source()))
                                : ground)
                        .toList());
    }
}
