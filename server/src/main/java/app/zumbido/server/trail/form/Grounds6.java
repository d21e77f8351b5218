package app.zumbido.server.trail.form;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.GroundRules;
import app.zumbido.core.contrast.PairRule;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is decided about grounds. */
record Grounds6(List<Rule6> pairs, List<Composed6> composed) {
    static Grounds6 of(GroundRules rules) {
        return new Grounds6(
                rules.pairs().stream().map(Rule6::of).toList(),
                rules.composed().stream().map(Composed6::of).toList());
    }

    GroundRules grounds() {
        return new GroundRules(
                pairs.stream().map(Rule6::rule).toList(),
                composed.stream().map(Composed6::ground).toList());
    }

    record Rule6(String kind, Paint6 text, Paint6 ground, String reason) {
        static Rule6 of(PairRule rule) {
            return new Rule6(rule.kind().name(), Paint6.of(rule.text()), Paint6.of(rule.ground()), rule.reason());
        }

        PairRule rule() {
            return new PairRule(PairRule.Kind.valueOf(kind), text.paint(), ground.paint(), reason);
        }
    }

    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Composed6(
            UUID id, String name, Base6 base, @Nullable Laid6 laid, Paint6 text) {
        static Composed6 of(ComposedGround ground) {
            return new Composed6(
                    ground.id(),
                    ground.name(),
                    Base6.of(ground.base()),
                    ground.laid().map(Laid6::of).orElse(null),
                    Paint6.of(ground.text()));
        }

        ComposedGround ground() {
            return new ComposedGround(
                    id, name, base.base(), Optional.ofNullable(laid).map(Laid6::laid), text.paint());
        }
    }

    /** @param opacity 0 to 1 */
    record Laid6(Paint6 color, double opacity) {
        static Laid6 of(ComposedGround.Laid laid) {
            return new Laid6(Paint6.of(laid.color()), laid.opacity().value());
        }

        ComposedGround.Laid laid() {
            return new ComposedGround.Laid(color.paint(), Fraction.of(opacity));
        }
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({@Type(name = "gradient", value = Gradient6.class), @Type(name = "picture", value = Picture6.class)})
    sealed interface Base6 {
        ComposedGround.Base base();

        static Base6 of(ComposedGround.Base base) {
            return base instanceof ComposedGround.Base.OfGradient gradient
                    ? new Gradient6(
                            gradient.stops().stream().map(Paint6::of).toList(), gradient.radial(), gradient.angle())
                    : new Picture6(((ComposedGround.Base.OfPicture) base).source());
        }
    }

    /** @param angle degrees clockwise from upwards */
    record Gradient6(List<Paint6> stops, boolean radial, int angle) implements Base6 {
        @Override
        public ComposedGround.Base base() {
            return new ComposedGround.Base.OfGradient(
                    stops.stream().map(Paint6::paint).toList(), radial, angle);
        }
    }

    record Picture6(UUID source) implements Base6 {
        @Override
        public ComposedGround.Base base() {
            return new ComposedGround.Base.OfPicture(source);
        }
    }
}
