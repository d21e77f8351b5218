package app.zumbido.core.inspect.check;

import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.NearestPassing;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Use;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Whether what is written can be read on what it really stands on. Source: WCAG 2.2, SC 1.4.3 and 1.4.6. */
final class ContrastRule implements Rule {
    /** Pairs for which a colour is looked for, which takes milliseconds each; a large deck has some dozens. */
    private static final int MOST_LOOKED_FOR = 500;

    private record Wanted(Rgb from, Rgb ground, double needed) {}

    @Override
    public void judge(Findings findings, House house, Faults faults) {
        Repaints repaints = new Repaints(findings, house);
        Map<Wanted, Optional<Rgb>> nearest = new HashMap<>();
        for (Spotted spotted : Spotted.of(findings.uses(), use -> fails(use, house))) {
            Use use = spotted.first();
            Rgb ground = Meant.worst(use.color(), use.grounds()).orElseThrow();
            double needed = Meant.needed(use, house);
            Faults.Draft draft =
                    spotted.fault(FaultKind.CONTRAST).ground(ground).needed(needed);
            Set<Rgb> offered = new LinkedHashSet<>();
            Meant.color(use, house)
                    .filter(offered::add)
                    .ifPresent(color -> repaints.to(color, Mending.Kind.SLOT_THAT_IS_MEANT, spotted)
                            .ifPresent(draft::by));
            nearest(wanted(use, ground, needed, house), nearest)
                    .filter(color -> Meant.reads(color, use, house))
                    .filter(offered::add)
                    .ifPresent(color ->
                            repaints.to(color, Mending.Kind.UNTIL_READ, spotted).ifPresent(draft::by));
            faults.add(draft);
        }
    }

    private static boolean fails(Use use, House house) {
        return use.what() == ColorUse.TEXT && !use.grounds().isEmpty() && !Meant.reads(use.color(), use, house);
    }

    /** Emphasis stays emphasis: what is colourful becomes the highlight, as far as it can be read. */
    private static Wanted wanted(Use use, Rgb ground, double needed, House house) {
        Rgb from = Oklch.of(use.color()).isColorful() ? house.jobs().highlight().orElse(use.color()) : use.color();
        return new Wanted(from, ground, needed);
    }

    private static Optional<Rgb> nearest(Wanted wanted, Map<Wanted, Optional<Rgb>> known) {
        return known.size() >= MOST_LOOKED_FOR && !known.containsKey(wanted)
                ? Optional.empty()
                : known.computeIfAbsent(wanted, pair -> NearestPassing.of(pair.from(), pair.ground(), pair.needed()));
    }
}
