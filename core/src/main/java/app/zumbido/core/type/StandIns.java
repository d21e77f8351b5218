package app.zumbido.core.type;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What may be seen instead of a face, ranked. A family of the same kind comes first; of those one that other people's
 * computers have, unless lines would grow or shrink much; then the length of a line counts and at last all that is alike.
 */
public final class StandIns {
    /** Lines that grow or shrink by more wrap anew (common practice, no published source). */
    public static final double LINES_KEPT = 0.05;

    private final List<Candidate> candidates;

    /** @param places where computers have it; none: it is free to install everywhere */
    private record Candidate(Face face, Set<Place> places, StandIn.Evidence evidence) {}

    private StandIns(List<Candidate> candidates) {
        this.candidates = candidates;
    }

    /** @param shipped every face that ships with us */
    public static StandIns among(List<Face> shipped) {
        Map<String, List<Face>> byFamily = shipped.stream().collect(Collectors.groupingBy(Face::family));
        List<Candidate> all = new ArrayList<>();
        for (CommonFamily family : CommonFamily.all()) {
            family.twin()
                    .ifPresent(twin -> byFamily.getOrDefault(twin, List.of())
                            .forEach(face -> all.add(new Candidate(
                                    new Face(
                                            family.name(), family.kind(), face.weight(), face.italic(), face.metrics()),
                                    family.places(),
                                    StandIn.Evidence.SAME_METRICS))));
            family.published()
                    .forEach(face -> all.add(new Candidate(face, family.places(), StandIn.Evidence.PUBLISHED)));
        }
        shipped.forEach(face -> all.add(new Candidate(face, EnumSet.noneOf(Place.class), StandIn.Evidence.MEASURED)));
        return new StandIns(List.copyOf(all));
    }

    /** @return each family once, the best first */
    public List<StandIn> ranked(Face wanted, Place place, Language language) {
        return nearestFaces(wanted).stream()
                .filter(candidate ->
                        candidate.places().isEmpty() || candidate.places().contains(place))
                .sorted(Comparator.comparing((Candidate candidate) ->
                                !wanted.kind().keeps(candidate.face().kind()))
                        .thenComparing(candidate -> far(wanted, candidate, language))
                        .thenComparing(candidate -> candidate.places().isEmpty())
                        .thenComparing(
                                candidate -> Likeness.between(wanted, candidate.face(), language),
                                Comparator.reverseOrder()))
                .map(candidate -> standIn(wanted, candidate, place, language, false))
                .toList();
    }

    /** @return the one that somebody chose for the place, else the best; nothing if there is none at all */
    public Optional<StandIn> of(Lettering lettering, Face wanted, Place place, Language language) {
        List<StandIn> ranked = ranked(wanted, place, language);
        String chosen = lettering.standIns().get(place);
        return ranked.stream()
                .filter(standIn -> standIn.face().family().equals(chosen))
                .map(standIn -> new StandIn(
                        place,
                        standIn.face(),
                        standIn.likeness(),
                        standIn.longer(),
                        standIn.size(),
                        standIn.evidence(),
                        true))
                .findFirst()
                .or(() -> ranked.stream().findFirst());
    }

    private static boolean far(Face wanted, Candidate candidate, Language language) {
        return Math.abs(wanted.metrics().lineRatio(candidate.face().metrics(), language) - 1) > LINES_KEPT;
    }

    /** Of each family but the wanted one the face that is nearest in weight and slant. */
    private List<Candidate> nearestFaces(Face wanted) {
        return candidates.stream()
                .filter(candidate -> !candidate.face().family().equals(wanted.family()))
                .collect(Collectors.groupingBy(candidate -> candidate.face().family()))
                .values()
                .stream()
                .map(faces -> faces.stream()
                        .min(Comparator.comparingInt(
                                candidate -> candidate.face().distanceTo(wanted.weight(), wanted.italic())))
                        .orElseThrow())
                .sorted(Comparator.comparing(candidate -> candidate.face().family()))
                .toList();
    }

    private static StandIn standIn(Face wanted, Candidate candidate, Place place, Language language, boolean chosen) {
        double ratio = wanted.metrics().lineRatio(candidate.face().metrics(), language);
        return new StandIn(
                place,
                candidate.face(),
                Likeness.between(wanted, candidate.face(), language),
                ratio - 1,
                1 / ratio,
                candidate.evidence(),
                chosen);
    }
}
