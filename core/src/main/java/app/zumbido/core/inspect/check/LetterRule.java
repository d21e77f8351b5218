package app.zumbido.core.inspect.check;

import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Written;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Whether what is written has the brand's faces, faces that are there at all, and a size that can be read. */
final class LetterRule implements Rule {
    /** Smaller is not read from the back of a room; points, common practice, no published source. */
    private static final double LEAST_ON_SLIDES = 12;

    private static final double LEAST_SMALL_PRINT = 8;
    private static final double LEAST_ON_PAPER = 7;
    /** A heading that is set by hand and so much larger or smaller than the brand's is another heading; set by eye. */
    private static final double LARGER = 1.5;

    private static final double SMALLER = 0.6;

    @Override
    public void judge(Findings findings, House house, Faults faults) {
        Map<Object, List<Use>> byPlace = new LinkedHashMap<>();
        for (Use use : findings.uses()) {
            if (use.written().filter(written -> isOff(written, house)).isPresent()) {
                byPlace.computeIfAbsent(place(use), key -> new ArrayList<>()).add(use);
            }
        }
        Set<String> missing = new HashSet<>();
        for (List<Use> uses : byPlace.values()) {
            family(uses, findings, house, missing, faults);
        }
        Set<Object> sized = new HashSet<>();
        for (Use use : findings.uses()) {
            if (use.written().filter(written -> written.points() > 0).isPresent()) {
                size(use, findings, house, sized, faults);
            }
        }
    }

    private static boolean isOff(Written written, House house) {
        String family = written.family();
        return !family.isEmpty()
                && (written.byHand() && !house.letters().allows(family)
                        || !house.letters().knows(family));
    }

    private static Object place(Use use) {
        Written written = use.written().orElseThrow();
        Optional<Spot> elsewhere = written.typeface()
                .filter(spot -> !spot.part().equals(use.place().part()));
        return elsewhere
                .<Object>map(spot -> spot)
                .orElseGet(() -> List.of(
                        use.place().part(),
                        use.place().thing(),
                        use.place().shape(),
                        use.place().paragraph(),
                        use.place().page(),
                        written.family()));
    }

    private static Object sized(Use use) {
        return List.of(
                use.place().part(),
                use.place().thing(),
                use.place().shape(),
                use.place().paragraph(),
                use.place().page(),
                use.written().orElseThrow().points());
    }

    private static void family(List<Use> uses, Findings findings, House house, Set<String> missing, Faults faults) {
        Use use = uses.get(0);
        Written written = use.written().orElseThrow();
        String family = written.family();
        if (written.byHand() && !house.letters().allows(family)) {
            faults.add(draft(FaultKind.FONT_OUTSIDE, uses, house, findings).safely());
        }
        if (!house.letters().knows(family) && missing.add(family.toLowerCase(Locale.ROOT))) {
            faults.add(draft(FaultKind.FONT_MISSING, uses, house, findings));
        }
    }

    private static Faults.Draft draft(FaultKind kind, List<Use> uses, House house, Findings findings) {
        Use use = uses.get(0);
        Written written = use.written().orElseThrow();
        Faults.Draft draft =
                new Faults.Draft(kind, use.place()).saying(written.text()).word(written.family());
        boolean heading = use.purpose() == Purpose.TITLE || use.purpose() == Purpose.SUBTITLE;
        String instead = house.letters().in(findings.kind(), heading);
        List<Edit> edits = uses.stream()
                .flatMap(each -> each.written().orElseThrow().typeface().stream())
                .distinct()
                .<Edit>map(spot -> new Edit.Write(spot, instead))
                .toList();
        if (!edits.isEmpty()) {
            draft.by(Mending.other(
                    Mending.Kind.FONT_OF_BRAND,
                    heading ? house.letters().heading() : house.letters().body(),
                    edits));
        }
        return draft;
    }

    /** @param told places of which it was said already */
    private static void size(Use use, Findings findings, House house, Set<Object> told, Faults faults) {
        Written written = use.written().orElseThrow();
        double points = written.points();
        double least = !findings.isDeck()
                ? LEAST_ON_PAPER
                : use.purpose() == Purpose.SMALL_PRINT ? LEAST_SMALL_PRINT : LEAST_ON_SLIDES;
        double heading = findings.isDeck()
                ? house.letters().headingPoints()
                : house.letters().headingPointsOnPaper();
        boolean otherHeading = use.purpose() == Purpose.TITLE
                && written.size().isPresent()
                && (points > LARGER * heading || points < SMALLER * heading);
        boolean tooSmall = points < least;
        boolean other = otherHeading && !findings.isWorkbook();
        if (!(tooSmall || other) || !told.add(sized(use))) {
            return;
        }
        if (tooSmall) {
            add(use, least, Mending.Kind.LARGE_ENOUGH, findings, faults);
        } else {
            add(use, heading, Mending.Kind.SIZE_OF_BRAND, findings, faults);
        }
    }

    private static void add(Use use, double points, Mending.Kind kind, Findings findings, Faults faults) {
        Written written = use.written().orElseThrow();
        Faults.Draft draft = new Faults.Draft(FaultKind.SIZE, use.place())
                .saying(written.text())
                .measure(written.points())
                .needed(points);
        written.size()
                .ifPresent(spot -> draft.by(Mending.other(
                        kind,
                        SizeWords.points(points),
                        List.of(new Edit.Write(spot, SizeWords.size(findings.kind(), points))))));
        faults.add(draft);
    }
}
