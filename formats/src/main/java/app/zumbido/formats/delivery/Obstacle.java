package app.zumbido.formats.delivery;

import app.zumbido.core.brand.Look;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;

/** Why something cannot be handed over yet. */
public sealed interface Obstacle {
    /** Document programs know no empty slot. */
    record UnfilledSlots(List<ThemeSlot> slots) implements Obstacle {
        public UnfilledSlots {
            slots = List.copyOf(slots);
        }
    }

    /** The logo does not come in the form that is asked for. */
    record MissingForm(LogoForm form) implements Obstacle {}

    /** @return what stands in the way of everything that is made of a theme */
    static List<Obstacle> emptySlots(Look look) {
        List<ThemeSlot> unfilled = look.theme().unfilled();
        return unfilled.isEmpty() ? List.of() : List.of(new UnfilledSlots(unfilled));
    }
}
