package app.zumbido.formats.delivery;

import app.zumbido.core.type.Face;
import app.zumbido.core.type.StandIn;
import java.util.List;

/**
 * A face that a brand is set in, and what is seen where it is missing.
 *
 * @param panose its ten figures, all 0 where its file says nothing
 * @param standIns one for each place that there is one for
 */
public record Letters(Face face, List<Integer> panose, List<StandIn> standIns) {}
