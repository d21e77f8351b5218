package app.zumbido.core.inspect.dress;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.FoundChart;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Each colour of a file, how often, for what, and the slot of the brand that it becomes: by what it does there first, and
 * only where the brand has nothing for that by nearness. What text stands on is decided before the text.
 */
public final class DressTable {
    /** Nobody tells them apart; ΔE00, common practice, no published source. */
    private static final double SAME = 2.3;
    /** OKLCH chroma of what cries out; set by eye. */
    private static final double VIVID = 0.12;
    /** OKLCH lightness above which a fill is pale, and below which it is dark; set by eye. */
    private static final double PALE = 0.85;

    private static final double DARK = 0.45;
    /** A box on a larger share of the pages is no exception any more. */
    private static final double SELDOM = 0.5;

    private final Findings findings;
    private final House house;
    private final Map<Rgb, ThemeSlot> chosen;
    private final Map<Rgb, Rgb> grounds = new HashMap<>();
    private final List<Tally> tallies;
    private final PaintedThings painted;
    /** All places where something is written. */
    private final long texts;

    private DressTable(Findings findings, House house, Map<Rgb, ThemeSlot> chosen) {
        this.findings = findings;
        this.house = house;
        this.chosen = chosen;
        this.tallies = Tally.of(findings.uses());
        this.painted = PaintedThings.of(tallies);
        this.texts = findings.uses().stream()
                .filter(use -> use.what() == ColorUse.TEXT)
                .count();
    }

    /**
     * @param house all twelve of whose slots are set
     * @param chosen what somebody wants a colour to become
     * @return most used first
     */
    public static List<DressLine> of(Findings findings, House house, Map<Rgb, ThemeSlot> chosen) {
        return new DressTable(findings, house, chosen).lines();
    }

    private List<DressLine> lines() {
        Map<Tally, DressLine> lines = new LinkedHashMap<>();
        tallies.forEach(tally -> lines.put(tally, null));
        Stream.concat(
                        tallies.stream().filter(tally -> !tally.text()),
                        tallies.stream().filter(Tally::text))
                .forEach(tally -> {
                    Meaning meaning = meaning(tally);
                    if (!tally.text()) {
                        grounds.put(tally.color(), seen(meaning.slot()));
                    }
                    lines.put(
                            tally,
                            new DressLine(
                                    tally.color(),
                                    tally.text(),
                                    tally.uses().size(),
                                    tally.byHand(),
                                    tally.purposes(),
                                    meaning.slot(),
                                    meaning.reason(),
                                    meaning.perhaps(),
                                    tally.page()));
                });
        return new ArrayList<>(lines.values());
    }

    private record Meaning(SlotColor slot, DressReason reason, boolean perhaps) {
        static Meaning of(ThemeSlot slot, DressReason reason) {
            return new Meaning(SlotColor.of(slot), reason, false);
        }
    }

    private Rgb seen(SlotColor slot) {
        return House.seen(slot, house.slots(), findings.kind());
    }

    private Meaning meaning(Tally tally) {
        ThemeSlot wanted = chosen.get(tally.color());
        if (wanted != null) {
            return Meaning.of(wanted, DressReason.CHOSEN);
        }
        Optional<ThemeSlot> slot = tally.slot();
        if (slot.isPresent()) {
            return Meaning.of(turned(slot.get()), DressReason.THEME);
        }
        Optional<Meaning> same = same(tally);
        return same.orElseGet(() -> tally.text() ? written(tally) : painted(tally));
    }

    /** Pages that become dark, or light, carry their text slots with them. */
    private ThemeSlot turned(ThemeSlot slot) {
        if (findings.isOnDarkSlots() == (house.ground() == PageGround.DARK)) {
            return slot;
        }
        return switch (slot) {
            case LIGHT_1 -> ThemeSlot.DARK_1;
            case DARK_1 -> ThemeSlot.LIGHT_1;
            case LIGHT_2 -> ThemeSlot.DARK_2;
            case DARK_2 -> ThemeSlot.LIGHT_2;
            default -> slot;
        };
    }

    private Optional<Meaning> same(Tally tally) {
        if (tally.purpose() == Purpose.PAGE_GROUND || tally.text() && !reads(tally.color(), tally)) {
            return Optional.empty();
        }
        Optional<SlotColor> exact = house.slotOf(tally.color(), tally.purpose().use(), findings.kind());
        return exact.or(() -> Stream.concat(ThemeSlot.ACCENTS.stream(), ThemeSlot.GROUNDS.stream())
                        .filter(slot -> Difference.between(house.slots().get(slot), tally.color()) < SAME)
                        .findFirst()
                        .map(SlotColor::of))
                .map(slot -> new Meaning(slot, DressReason.SAME, false));
    }

    private Meaning painted(Tally tally) {
        Oklch color = Oklch.of(tally.color());
        return switch (tally.purpose()) {
            case PAGE_GROUND -> page(color);
            case TITLE_BAND -> job(house.jobs().lead(), DressReason.TITLE_GROUND, tally);
            case TABLE_HEAD -> job(house.jobs().tableHead(), DressReason.TABLE_HEAD, tally);
            case TABLE_BAND, CELL_FILL ->
                color.l() > PALE || !color.isColorful()
                        ? job(house.jobs().band(), DressReason.BAND, tally)
                        : job(house.jobs().lead(), DressReason.BOX, tally);
            case SERIES -> series(tally);
            case MARKED -> perhaps(job(house.jobs().highlight(), DressReason.EMPHASIS, tally));
            case LINE, EDGE ->
                color.isColorful()
                        ? job(house.jobs().lead(), DressReason.LINE, tally)
                        : nearest(tally, DressReason.LINE);
            default -> box(tally, color);
        };
    }

    private Meaning page(Oklch color) {
        boolean light = color.l() > 0.5;
        boolean usual = house.ground() == PageGround.DARK || light;
        ThemeSlot slot = usual
                ? house.ground().pages().get(color.isColorful() && light ? 1 : 0)
                : house.ground().turned().page();
        return Meaning.of(slot, DressReason.PAGE);
    }

    private Meaning box(Tally tally, Oklch color) {
        boolean filled = tally.purpose() == Purpose.BOX_FILL;
        int pages = Math.max(1, findings.pages().size());
        boolean seldom = pages < 3 || tally.pages() <= SELDOM * pages;
        if (color.c() > VIVID && seldom && house.jobs().highlight().isPresent() && painted.isMostVivid(tally)) {
            return perhapsIf(!filled, job(house.jobs().highlight(), DressReason.BOX_THAT_MATTERS, tally));
        }
        if (color.l() > PALE) {
            return job(house.jobs().boxFill(), DressReason.BOX, tally);
        }
        if (color.l() < DARK || filled) {
            return job(house.jobs().lead(), filled ? DressReason.BOX : DressReason.SHAPE, tally);
        }
        return color.isColorful() ? shape(tally) : nearest(tally, DressReason.SHAPE);
    }

    /** The colours of shapes by how often they are used: the main one first, then those that support it. */
    private Meaning shape(Tally tally) {
        List<Rgb> own = Stream.concat(house.jobs().main().stream(), house.jobs().secondary().stream())
                .toList();
        int rank = painted.rank(tally.color());
        return rank >= 0 && rank < own.size()
                ? job(Optional.of(own.get(rank)), DressReason.SHAPE, tally)
                : nearest(tally, DressReason.SHAPE);
    }

    private Meaning series(Tally tally) {
        Map<Integer, Integer> places = new HashMap<>();
        for (FoundChart chart : findings.charts()) {
            IntStream.range(0, chart.series().size())
                    .filter(i -> chart.series().get(i).color().equals(tally.color()))
                    .forEach(i -> places.merge(i, 1, Integer::sum));
        }
        List<Rgb> order = house.jobs().series();
        return places.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .filter(place -> place < order.size())
                .map(place -> job(Optional.of(order.get(place)), DressReason.SERIES, tally))
                .orElseGet(() -> nearest(tally, DressReason.SERIES));
    }

    private Meaning written(Tally tally) {
        Oklch color = Oklch.of(tally.color());
        boolean onDark = newGrounds(tally).stream()
                .anyMatch(ground -> ContrastRatio.between(ground, Rgb.WHITE).reaches(WcagLevel.AA.text()));
        return switch (tally.purpose()) {
            case LINK -> Meaning.of(ThemeSlot.HYPERLINK, DressReason.LINK);
            case TITLE -> readable(house.jobs().main(), DressReason.TITLE, tally, onDark);
            case SUBTITLE ->
                readable(house.jobs().secondary().stream().findFirst(), DressReason.SUBTITLE, tally, onDark);
            default -> {
                if (color.c() > VIVID && house.jobs().highlight().isPresent() && isMinority(tally)) {
                    yield perhaps(readable(house.jobs().highlight(), DressReason.EMPHASIS, tally, onDark));
                }
                boolean grey = !color.isColorful() && color.l() > DARK && color.l() < PALE && !onDark;
                Optional<Rgb> quiet = Optional.ofNullable(
                        house.slots().get(house.ground().texts().get(1)));
                yield grey
                        ? readable(quiet, DressReason.QUIET_TEXT, tally, false)
                        : readable(Optional.empty(), DressReason.TEXT, tally, onDark);
            }
        };
    }

    private boolean isMinority(Tally tally) {
        return tally.uses().size() * 2L < texts;
    }

    /** @return the wanted colour where it can be read, or else the text that can be read best */
    private Meaning readable(Optional<Rgb> wanted, DressReason reason, Tally tally, boolean onDark) {
        Optional<SlotColor> slot = wanted.filter(color -> reads(color, tally))
                .flatMap(color -> house.slotOf(color, tally.purpose().use(), findings.kind()));
        if (slot.isPresent()) {
            return new Meaning(slot.get(), reason, false);
        }
        ThemeSlot best = ThemeSlot.GROUNDS.get(0);
        double most = 0;
        for (ThemeSlot text : Stream.concat(house.ground().texts().stream(), house.ground().pages().stream())
                .toList()) {
            double worst = worst(house.slots().get(text), tally);
            // The usual text stays unless another is read much better.
            if (worst > most * 1.2) {
                best = text;
                most = worst;
            }
        }
        DressReason because = onDark && reason != DressReason.QUIET_TEXT ? DressReason.TEXT_ON_DARK : reason;
        return Meaning.of(best, because);
    }

    private boolean reads(Rgb color, Tally tally) {
        return worst(color, tally) >= WcagLevel.AA.text();
    }

    private double worst(Rgb color, Tally tally) {
        return newGrounds(tally).stream()
                .mapToDouble(ground -> ContrastRatio.between(color, ground).value())
                .min()
                .orElseGet(() -> ContrastRatio.between(
                                color, house.slots().get(house.ground().page()))
                        .value());
    }

    /** @return what its usual grounds have become */
    private List<Rgb> newGrounds(Tally tally) {
        Map<Rgb, Integer> old = new HashMap<>();
        tally.uses().forEach(use -> use.grounds().forEach(ground -> old.merge(ground, 1, Integer::sum)));
        return old.entrySet().stream()
                .filter(entry -> entry.getValue() * 2 >= tally.uses().size())
                .map(entry -> grounds.getOrDefault(
                        entry.getKey(), house.slots().get(house.ground().page())))
                .toList();
    }

    private Meaning job(Optional<Rgb> color, DressReason reason, Tally tally) {
        return color.flatMap(own -> house.slotOf(own, tally.purpose().use(), findings.kind()))
                .map(slot -> new Meaning(slot, reason, false))
                .orElseGet(() -> nearest(tally, reason));
    }

    private Meaning nearest(Tally tally, DressReason reason) {
        return new Meaning(
                SlotColor.nearest(tally.color(), house.slots()),
                reason == DressReason.SHAPE || reason == DressReason.LINE ? reason : DressReason.NEAREST,
                true);
    }

    private static Meaning perhaps(Meaning meaning) {
        return new Meaning(meaning.slot(), meaning.reason(), true);
    }

    private static Meaning perhapsIf(boolean unsure, Meaning meaning) {
        return unsure ? perhaps(meaning) : meaning;
    }
}
