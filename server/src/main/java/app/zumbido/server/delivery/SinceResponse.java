package app.zumbido.server.delivery;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What has happened since something was handed over.
 *
 * @param changed whether the brand has changed at all
 * @param outOfDate paths of the files in it that would be made otherwise today
 * @param recolored swatches whose colour is another one now
 */
record SinceResponse(boolean changed, List<String> outOfDate, List<Recolored> recolored) {
    /** @param now absent: the brand has it no more */
    record Recolored(String name, String before, @Nullable String now) {}
}
