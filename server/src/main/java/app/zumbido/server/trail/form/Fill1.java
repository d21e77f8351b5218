package app.zumbido.server.trail.form;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What stood in a theme slot up to the fifth version. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @Type(name = "swatch", value = Fill1.OfSwatch.class),
    @Type(name = "derived", value = Fill1.Derived.class),
    @Type(name = "fixed", value = Fill1.Fixed.class),
    @Type(name = "empty", value = Fill1.Empty.class)
})
sealed interface Fill1 {
    /** @return nothing for an empty slot */
    @Nullable
    Paint6 next();

    record OfSwatch(UUID swatch) implements Fill1 {
        @Override
        public Paint6 next() {
            return new Paint6.OfSwatch(swatch);
        }
    }

    record Derived(UUID swatch, double lightness) implements Fill1 {
        @Override
        public Paint6 next() {
            return new Paint6.Shifted(swatch, lightness);
        }
    }

    record Fixed(String color) implements Fill1 {
        @Override
        public Paint6 next() {
            return new Paint6.Fixed(color);
        }
    }

    record Empty() implements Fill1 {
        @Override
        public @Nullable Paint6 next() {
            return null;
        }
    }
}
