package app.zumbido.formats.delivery;

import app.zumbido.core.brand.Look;
import java.util.List;

/** Writes something that is made of a theme, so that empty slots stand in its way. */
public interface ThemedWriter extends DeliveryWriter {
    @Override
    default List<Obstacle> obstacles(Look look) {
        return Obstacle.emptySlots(look);
    }
}
