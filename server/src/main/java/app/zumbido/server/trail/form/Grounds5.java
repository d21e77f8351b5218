package app.zumbido.server.trail.form;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What was decided about grounds when a colour of theirs had a form of its own. */
record Grounds5(List<Rule5> pairs, List<Composed5> composed) {
    Grounds6 next() {
        return new Grounds6(
                pairs.stream().map(Rule5::next).toList(),
                composed.stream().map(Composed5::next).toList());
    }

    record Rule5(String kind, Paint5 text, Paint5 ground, String reason) {
        Grounds6.Rule6 next() {
            return new Grounds6.Rule6(kind, text.next(), ground.next(), reason);
        }
    }

    record Composed5(
            UUID id, String name, Base5 base, @Nullable Laid5 laid, Paint5 text) {
        Grounds6.Composed6 next() {
            return new Grounds6.Composed6(id, name, base.next(), laid == null ? null : laid.next(), text.next());
        }
    }

    record Opacity5(double value) {}

    record Laid5(Paint5 color, Opacity5 opacity) {
        Grounds6.Laid6 next() {
            return new Grounds6.Laid6(color.next(), opacity.value);
        }
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({@Type(name = "gradient", value = Gradient5.class), @Type(name = "picture", value = Picture5.class)})
    sealed interface Base5 {
        Grounds6.Base6 next();
    }

    record Gradient5(List<Paint5> stops, boolean radial, int angle) implements Base5 {
        @Override
        public Grounds6.Base6 next() {
            return new Grounds6.Gradient6(stops.stream().map(Paint5::next).toList(), radial, angle);
        }
    }

    record Picture5(UUID source) implements Base5 {
        @Override
        public Grounds6.Base6 next() {
            return new Grounds6.Picture6(source);
        }
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @Type(name = "swatch", value = OfSwatch5.class),
        @Type(name = "ladder", value = OnLadder5.class),
        @Type(name = "fixed", value = Fixed5.class)
    })
    sealed interface Paint5 {
        Paint6 next();
    }

    record OfSwatch5(UUID swatch) implements Paint5 {
        @Override
        public Paint6 next() {
            return new Paint6.OfSwatch(swatch);
        }
    }

    record OnLadder5(Swatch1.Step1 step) implements Paint5 {
        @Override
        public Paint6 next() {
            return step.next();
        }
    }

    record Fixed5(String color) implements Paint5 {
        @Override
        public Paint6 next() {
            return new Paint6.Fixed(color);
        }
    }
}
