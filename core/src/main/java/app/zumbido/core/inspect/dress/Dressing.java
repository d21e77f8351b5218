package app.zumbido.core.inspect.dress;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Replacement;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Written;
import app.zumbido.core.inspect.check.Edit;
import app.zumbido.core.theme.SlotColor;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What is written into a file when it is dressed, besides theme and logos. */
public final class Dressing {
    private final Findings findings;
    private final House house;
    private final boolean moved;
    private final Map<List<Object>, DressLine> lines = new HashMap<>();

    /** @param table what each colour becomes */
    public Dressing(Findings findings, House house, List<DressLine> table) {
        this(findings, house, table, false);
    }

    /** @param moved whether pages have come to grounds that nobody chose their text for */
    public Dressing(Findings findings, House house, List<DressLine> table, boolean moved) {
        this.findings = findings;
        this.house = house;
        this.moved = moved;
        table.forEach(line -> lines.put(List.of(line.color(), line.text()), line));
    }

    /** @return colours by hand brought to slots, and slots changed where somebody wants another; each spot once */
    public List<Edit> colors() {
        Map<Spot, Edit> edits = new LinkedHashMap<>();
        for (Use use : findings.uses()) {
            DressLine line = lines.get(List.of(use.color(), use.what() == ColorUse.TEXT));
            Optional<Spot> spot = use.setting().spot();
            if (line == null || spot.isEmpty()) {
                continue;
            }
            boolean stays = use.setting() instanceof Setting.OfTheme
                    && line.reason() != DressReason.CHOSEN
                    && !(moved && isStranded(use, line.becomes()));
            if (!stays) {
                SlotColor slot = followingGround(use, line.becomes());
                edits.putIfAbsent(spot.get(), new Edit.Paint(spot.get(), Replacement.of(slot, seen(slot))));
            }
        }
        return List.copyOf(edits.values());
    }

    private Rgb seen(SlotColor slot) {
        return House.seen(slot, house.slots(), findings.kind());
    }

    /** Text that cannot be read on what its ground has become takes the text slot that can. */
    private SlotColor followingGround(Use use, SlotColor wanted) {
        if (use.what() != ColorUse.TEXT || use.grounds().isEmpty() || reads(wanted, use)) {
            return wanted;
        }
        return Stream.concat(house.ground().texts().stream(), house.ground().pages().stream())
                .map(SlotColor::of)
                .filter(slot -> reads(slot, use))
                .findFirst()
                .orElse(wanted);
    }

    private boolean isStranded(Use use, SlotColor slot) {
        return use.what() == ColorUse.TEXT
                && use.place().page().isPresent()
                && !use.grounds().isEmpty()
                && !reads(slot, use);
    }

    private boolean reads(SlotColor slot, Use use) {
        double needed =
                use.written().filter(Written::isLarge).isPresent() ? WcagLevel.AA.largeText() : WcagLevel.AA.text();
        return use.grounds().stream()
                .allMatch(ground ->
                        ContrastRatio.between(seen(slot), after(ground)).reaches(needed));
    }

    /** @return what a ground has become */
    public Rgb after(Rgb ground) {
        DressLine line = lines.get(List.of(ground, false));
        return line == null ? ground : seen(line.becomes());
    }

    /** @return fonts by hand brought to the brand's two; each spot once */
    public List<Edit> letters() {
        Map<Spot, Edit> edits = new LinkedHashMap<>();
        for (Use use : findings.uses()) {
            use.written()
                    .filter(Written::byHand)
                    .ifPresent(written -> written.typeface()
                            .ifPresent(spot -> edits.putIfAbsent(
                                    spot, new Edit.Write(spot, house.letters().in(findings.kind(), isHeading(use))))));
        }
        return new ArrayList<>(edits.values());
    }

    private static boolean isHeading(Use use) {
        return use.purpose() == Purpose.TITLE || use.purpose() == Purpose.SUBTITLE;
    }
}
