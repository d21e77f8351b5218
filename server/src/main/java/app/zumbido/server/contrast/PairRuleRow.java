package app.zumbido.server.contrast;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A row of the table pair_rule. */
public record PairRuleRow(
        UUID brandId,
        int position,
        String kind,
        @Nullable UUID textSwatch,
        @Nullable Double textAway,
        @Nullable String textHex,
        @Nullable UUID groundSwatch,
        @Nullable Double groundAway,
        @Nullable String groundHex,
        String reason) {
    public PaintColumns text() {
        return new PaintColumns(textSwatch, textAway, textHex);
    }

    public PaintColumns ground() {
        return new PaintColumns(groundSwatch, groundAway, groundHex);
    }
}
