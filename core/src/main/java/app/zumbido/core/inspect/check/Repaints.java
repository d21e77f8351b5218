package app.zumbido.core.inspect.check;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Replacement;
import app.zumbido.core.theme.SlotColor;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Ways to mend a colour by putting another in its place: through the theme of the file where that has it. */
final class Repaints {
    private final Findings findings;
    private final House house;
    /** The same colours are asked about again and again. */
    private final Map<Rgb, Optional<Rgb>> nearest = new HashMap<>();

    private final Map<List<Object>, Optional<SlotColor>> ofBrand = new HashMap<>();
    private final Map<List<Object>, Optional<SlotColor>> ofFile = new HashMap<>();

    Repaints(Findings findings, House house) {
        this.findings = findings;
        this.house = house;
    }

    Optional<Rgb> nearest(Rgb color) {
        return nearest.computeIfAbsent(color, house::nearest);
    }

    /** @return the slot of the brand's theme that has the colour */
    Optional<SlotColor> ofBrand(Rgb color, ColorUse what) {
        return ofBrand.computeIfAbsent(List.of(color, what), key -> house.slotOf(color, what, findings.kind()));
    }

    /** @return nothing where another colour cannot be put */
    Optional<Mending> to(Rgb color, Mending.Kind kind, Spotted spotted) {
        if (spotted.spots().isEmpty()) {
            return Optional.empty();
        }
        Optional<SlotColor> slot = slot(color, spotted);
        Replacement replacement = slot.map(it -> Replacement.of(it, color)).orElseGet(() -> Replacement.byHand(color));
        List<Edit> edits = spotted.spots().stream()
                .<Edit>map(spot -> new Edit.Paint(spot, replacement))
                .toList();
        return Optional.of(Mending.color(kind, color, slot, worst(color, spotted), edits));
    }

    /** @return the slot of the file's own theme that has the colour, if the brand's has it too */
    private Optional<SlotColor> slot(Rgb color, Spotted spotted) {
        ColorUse what = spotted.first().what();
        return ofFile.computeIfAbsent(
                        List.of(color, what), key -> House.slotIn(findings.slots(), color, what, findings.kind()))
                .filter(slot -> house.slots().isEmpty()
                        || findings.slots()
                                .get(slot.slot())
                                .equals(house.slots().get(slot.slot())));
    }

    private static Optional<ContrastRatio> worst(Rgb color, Spotted spotted) {
        return spotted.first().grounds().stream()
                .map(ground -> ContrastRatio.between(color, ground))
                .min(Comparator.naturalOrder());
    }
}
