package app.zumbido.core.theme;

import java.util.Optional;

/**
 * What stands in a slot, and why.
 *
 * @param reason nothing where a person chose
 */
public record SlotSetting(SlotFill fill, Optional<SlotReason> reason) {
    public static final SlotSetting EMPTY = chosen(SlotFill.EMPTY);

    public static SlotSetting chosen(SlotFill fill) {
        return new SlotSetting(fill, Optional.empty());
    }

    public static SlotSetting because(SlotReason reason, SlotFill fill) {
        return new SlotSetting(fill, Optional.of(reason));
    }
}
