package app.zumbido.formats.known;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Proposal;
import app.zumbido.formats.known.KnownColor.Part;
import app.zumbido.formats.known.KnownPicture.Family;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** How well the colours of many pictures were found; fractions of 1, and of nothing at all 1. */
public final class Score {
    /** An accent fills less than this share of the picture. */
    private static final double SMALL = 0.02;

    private record Find(KnownPicture picture, KnownColor color, double distance, boolean exact) {}

    private final List<Find> finds = new ArrayList<>();
    private final List<String> misses = new ArrayList<>();
    private int proposed;
    private int right;
    private int grounds;
    private int groundsMarked;
    private int sheets;
    private int sheetsInOrder;
    private int most;
    private final Family family;
    private final double tolerance;

    /** @param tolerance ΔE00 up to which a proposal counts as a colour of the picture */
    private Score(Family family, double tolerance) {
        this.family = family;
        this.tolerance = tolerance;
    }

    public static Score of(Family family) {
        return new Score(
                family,
                switch (family) {
                    case FLAT -> 1;
                    case DEGRADED, CHIPS -> 2.3;
                    case GRADIENT -> 5;
                    case SCENE -> 6;
                });
    }

    /** @param proposals with the ground among them, as they are shown */
    public void judge(KnownPicture picture, List<Proposal> proposals) {
        if (picture.family() != family) {
            return;
        }
        List<Rgb> shown = proposals.stream().map(Proposal::color).toList();
        for (KnownColor known : picture.colors()) {
            double distance = shown.stream()
                    .mapToDouble(c -> Difference.between(c, known.color()))
                    .min()
                    .orElse(100);
            finds.add(new Find(picture, known, distance, shown.contains(known.color())));
            if (distance > tolerance) {
                misses.add(picture.name() + ": " + known + " missed by " + Math.round(distance));
            }
        }
        most = Math.max(most, (int) proposals.stream().filter(p -> !p.ground()).count());
        for (Proposal proposal : proposals) {
            proposed++;
            boolean known = picture.colors().stream()
                    .anyMatch(c -> Difference.between(c.color(), proposal.color()) <= tolerance);
            right += known ? 1 : 0;
            if (!known) {
                misses.add(picture.name() + ": false " + proposal);
            }
        }
        judgeGround(picture, proposals);
        if (family == Family.CHIPS) {
            judgeOrder(picture, proposals);
        }
    }

    private void judgeGround(KnownPicture picture, List<Proposal> proposals) {
        Optional<KnownColor> ground =
                picture.colors().stream().filter(c -> c.part() == Part.GROUND).findFirst();
        if (ground.isPresent()) {
            grounds++;
            boolean marked = proposals.stream()
                    .anyMatch(p -> p.ground()
                            && Difference.between(p.color(), ground.get().color()) <= tolerance);
            groundsMarked += marked ? 1 : 0;
            if (!marked) {
                misses.add(picture.name() + ": ground not marked");
            }
        }
    }

    /** Each chip's nearest proposal must come after that of the chip before. */
    private void judgeOrder(KnownPicture picture, List<Proposal> proposals) {
        List<Proposal> brand = proposals.stream().filter(p -> !p.ground()).toList();
        int last = -1;
        boolean ordered = true;
        for (KnownColor chip : picture.colors()) {
            if (chip.part() == Part.CHIP && !brand.isEmpty()) {
                int at = brand.indexOf(brand.stream()
                        .min(Comparator.comparingDouble(p -> Difference.between(p.color(), chip.color())))
                        .orElseThrow());
                ordered &= at > last;
                last = at;
            }
        }
        sheets++;
        sheetsInOrder += ordered ? 1 : 0;
        if (!ordered) {
            misses.add(picture.name() + ": out of order");
        }
    }

    private double share(Predicate<Find> which, Predicate<Find> good) {
        List<Find> asked = finds.stream().filter(which).toList();
        return asked.isEmpty() ? 1 : (double) asked.stream().filter(good).count() / asked.size();
    }

    public double recall() {
        return recall(tolerance);
    }

    /** @param within ΔE00 */
    public double recall(double within) {
        return share(find -> true, find -> find.distance() <= within);
    }

    public double exact() {
        return share(find -> true, Find::exact);
    }

    public double recallOf(Part part) {
        return recallOf(part, tolerance);
    }

    /** @param within ΔE00 */
    public double recallOf(Part part, double within) {
        return share(find -> find.color().part() == part, find -> find.distance() <= within);
    }

    public double recallOfSmall() {
        return share(find -> find.color().share() < SMALL, find -> find.distance() <= tolerance);
    }

    public double precision() {
        return proposed == 0 ? 1 : (double) right / proposed;
    }

    public double groundsMarked() {
        return grounds == 0 ? 1 : (double) groundsMarked / grounds;
    }

    public double inOrder() {
        return sheets == 0 ? 1 : (double) sheetsInOrder / sheets;
    }

    /** @return the largest number of proposals for one picture, the ground not counted */
    public int most() {
        return most;
    }

    /** What was missed and what was proposed without being there, for whoever wants to know why. */
    public List<String> misses() {
        return List.copyOf(misses);
    }
}
