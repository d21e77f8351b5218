package app.zumbido.server.trail;

import app.zumbido.core.brand.Alternatives;
import app.zumbido.core.brand.Brand;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.GroundRules;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.KeptForm;
import app.zumbido.core.logos.LogoSet;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.Themes;
import app.zumbido.core.type.FontSet;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.trail.form.StoredForm;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * Looks a recorded trail through before anything of it is kept. A trail leads from its beginning to the present without a
 * gap, or undo would run into nothing; of each step only numbers are held.
 */
final class RecordedTrail {
    private final BrandRecord head;
    private final Set<UUID> themes = new HashSet<>();
    private final Set<Long> kept = new HashSet<>();
    /** By revision of each step the one that it was made on; none for the first. */
    private final Map<Long, @Nullable Long> bases = new HashMap<>();

    private final Map<Long, Long> shown = new HashMap<>();

    private RecordedTrail(BrandRecord head) {
        this.head = head;
    }

    /** @throws BrokenRecordException if it cannot have been written by this program */
    static RecordedTrail check(RecordedBrand recorded) {
        RecordedTrail trail = new RecordedTrail(recorded.head());
        time(trail.head.begunAt());
        time(trail.head.changedAt());
        recorded.steps(trail::look);
        trail.checkWays();
        return trail;
    }

    /** @return ids of all themes that the brand ever had */
    Set<UUID> themes() {
        return themes;
    }

    private void look(BrandRecord.Step step) {
        time(step.madeAt());
        note(step.note());
        boolean first = step.base() == null;
        boolean makes = step.kind().equals("begin") || step.kind().equals("change");
        boolean goes = step.kind().equals("undo") || step.kind().equals("redo");
        boolean consistent = (makes || goes)
                && first == step.kind().equals("begin")
                && makes == (step.snapshot() != null)
                && (goes || step.shows() == step.revision());
        if (!consistent
                || bases.putIfAbsent(step.revision(), step.base()) != null
                || shown.containsKey(step.revision())) {
            throw leadsNowhere(step.revision());
        }
        shown.put(step.revision(), step.shows());
        if (step.snapshot() != null) {
            kept.add(step.revision());
            Brand brand = brand(step.snapshot());
            themes.addAll(brand.themes().ids());
            themes.addAll(brand.alternatives().themeIds());
        }
    }

    private void checkWays() {
        shown.forEach((revision, shows) -> {
            Long base = bases.get(revision);
            if (!kept.contains(shows) || base != null && (base >= revision || !kept.contains(base))) {
                throw leadsNowhere(revision);
            }
        });
        boolean whole = kept.contains(head.cursor())
                && kept.contains(head.tip())
                && head.cursor() <= head.tip()
                && shown.keySet().stream().allMatch(revision -> revision <= head.revision());
        if (!whole || !isOnTheWay(head.cursor())) {
            throw new BrokenRecordException("Its trail does not lead to the brand as it stands");
        }
    }

    private boolean isOnTheWay(long cursor) {
        Long at = head.tip();
        while (at != null && at > cursor) {
            at = bases.get(at);
        }
        return at != null && at == cursor;
    }

    private static BrokenRecordException leadsNowhere(long revision) {
        return new BrokenRecordException("Step " + revision + " of its trail leads nowhere");
    }

    static Brand brand(JsonNode snapshot) {
        try {
            Brand brand = StoredForm.brand(snapshot);
            if (!texts(brand).allMatch(PlainName.Validator::isPrintable)) {
                throw new BrokenRecordException("A name in it holds characters that no file can carry");
            }
            return brand;
        } catch (BrokenRecordException e) {
            throw e;
        } catch (RuntimeException e) {
            throw new BrokenRecordException("A brand in it cannot be read: " + e.getMessage(), e);
        }
    }

    private static void note(JsonNode note) {
        try {
            StoredForm.note(note.toString());
        } catch (RuntimeException e) {
            throw new BrokenRecordException("A step in it cannot be read: " + e.getMessage(), e);
        }
    }

    static Instant time(String text) {
        try {
            return Instant.parse(text);
        } catch (RuntimeException e) {
            throw new BrokenRecordException("This is no time: " + text, e);
        }
    }

    private static Stream<String> texts(Brand brand) {
        Alternatives others = brand.alternatives();
        return Stream.concat(
                Stream.of(Stream.of(brand.name(), others.inForce()), texts(brand.type()), texts(brand.logos()))
                        .flatMap(texts -> texts),
                Stream.concat(
                        texts(brand.palette(), brand.roles(), brand.themes(), brand.grounds()),
                        others.others().stream()
                                .flatMap(other -> Stream.concat(
                                        Stream.of(other.name()),
                                        texts(other.palette(), other.roles(), other.themes(), other.grounds())))));
    }

    private static Stream<String> texts(Palette palette, Roles roles, Themes themes, GroundRules grounds) {
        return Stream.of(
                        themes.all().stream().map(Theme::name),
                        roles.words().values().stream(),
                        grounds.pairs().stream().map(PairRule::reason),
                        grounds.composed().stream().map(ComposedGround::name),
                        palette.swatches().stream().flatMap(RecordedTrail::texts))
                .flatMap(texts -> texts);
    }

    private static Stream<String> texts(FontSet type) {
        return type.roles().values().stream()
                .flatMap(lettering ->
                        Stream.concat(Stream.of(lettering.family()), lettering.standIns().values().stream()));
    }

    private static Stream<String> texts(LogoSet logos) {
        return Stream.concat(
                logos.forms().values().stream().flatMap(RecordedTrail::texts),
                logos.elements().stream().flatMap(element -> Stream.of(element.name(), element.sentence())));
    }

    private static Stream<String> texts(KeptForm form) {
        return form.drawn() instanceof Drawn.OfInitials initials
                ? Stream.of(form.use(), initials.letters())
                : Stream.of(form.use());
    }

    private static Stream<String> texts(Swatch swatch) {
        return Stream.concat(
                Stream.of(
                        swatch.name(),
                        swatch.group().name(),
                        swatch.notes().spotInk(),
                        swatch.notes().note()),
                swatch.origins().stream().map(Origin::source));
    }
}
