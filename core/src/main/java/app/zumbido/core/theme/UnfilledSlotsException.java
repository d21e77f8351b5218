package app.zumbido.core.theme;

import java.util.List;

/** Something needs all twelve slots, and some are empty. */
public final class UnfilledSlotsException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<ThemeSlot> slots;

    public UnfilledSlotsException(List<ThemeSlot> slots) {
        super("Theme slots are empty: " + slots.stream().map(ThemeSlot::code).toList());
        this.slots = List.copyOf(slots);
    }

    public List<ThemeSlot> slots() {
        return slots;
    }
}
