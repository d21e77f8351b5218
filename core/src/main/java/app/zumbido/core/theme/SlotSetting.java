package app.zumbido.core.theme;

import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Painted;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * What stands in a slot, and why.
 *
 * @param paint nothing where nobody has set it
 * @param reason nothing where a person chose
 */
public record SlotSetting(Optional<Paint> paint, Optional<SlotReason> reason) implements Painted<SlotSetting> {
    public static final SlotSetting EMPTY = new SlotSetting(Optional.empty(), Optional.empty());

    public static SlotSetting chosen(Paint paint) {
        return new SlotSetting(Optional.of(paint), Optional.empty());
    }

    public static SlotSetting because(SlotReason reason, Paint paint) {
        return new SlotSetting(Optional.of(paint), Optional.of(reason));
    }

    /** Why a swatch was chosen is no reason for the colour that is left of it. */
    @Override
    public SlotSetting repainted(UnaryOperator<Paint> change) {
        Optional<Paint> changed = paint.map(change);
        boolean released = paint.flatMap(Paint::follows).isPresent()
                && changed.flatMap(Paint::follows).isEmpty();
        return new SlotSetting(changed, released ? Optional.empty() : reason);
    }
}
