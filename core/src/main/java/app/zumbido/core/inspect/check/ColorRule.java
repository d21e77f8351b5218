package app.zumbido.core.inspect.check;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** Whether a colour is one of the brand's, may be used, and follows the theme. */
final class ColorRule implements Rule {
    /** Two colours that differ less are the same to the eye; ΔE00, common practice, no published source. */
    private static final double UNSEEN = 2.3;

    @Override
    public void judge(Findings findings, House house, Faults faults) {
        Repaints repaints = new Repaints(findings, house);
        Set<ThemeSlot> told = EnumSet.noneOf(ThemeSlot.class);
        for (Spotted spotted : Spotted.of(findings.uses(), use -> isAsked(use, findings, house))) {
            Use use = spotted.first();
            if (isOffLimits(use, findings, house)) {
                offLimits(spotted, house, repaints, faults);
            } else if (use.setting() instanceof Setting.OfTheme theme) {
                if (told.add(theme.slot())) {
                    slot(spotted, theme.slot(), findings, house, faults);
                }
            } else {
                byHand(spotted, findings, house, repaints, faults);
            }
        }
    }

    /** Most of a large file follows the theme, and the theme is the brand's: there is nothing to say of that. */
    private static boolean isAsked(Use use, Findings findings, House house) {
        if (use.setting() instanceof Setting.OfTheme theme) {
            Rgb color = findings.slots().getOrDefault(theme.slot(), use.color());
            return !isOfHouse(color, house) || isOffLimits(use, findings, house);
        }
        return !(use.setting() instanceof Setting.Implied);
    }

    private static boolean isOfHouse(Rgb color, House house) {
        return house.has(color) || house.steps().containsKey(color);
    }

    private static boolean isOffLimits(Use use, Findings findings, House house) {
        Rgb color = use.color();
        if (house.offLimits().contains(color)) {
            return true;
        }
        if (use.setting() instanceof Setting.OfTheme theme) {
            Rgb base = findings.slots().get(theme.slot());
            return base != null
                    && !base.equals(color)
                    && (house.tintsOffLimits().contains(base)
                            || house.offLimits().contains(base));
        }
        Rgb base = house.steps().get(color);
        boolean ofItsOwn = house.has(color);
        return base != null && !ofItsOwn && house.tintsOffLimits().contains(base);
    }

    private static void offLimits(Spotted spotted, House house, Repaints repaints, Faults faults) {
        Faults.Draft draft = spotted.fault(FaultKind.OFF_LIMITS);
        nearest(spotted, repaints).ifPresent(draft::by);
        meant(spotted, house, repaints).ifPresent(draft::by);
        faults.add(draft);
    }

    /** What the whole file has through its theme is told once for each slot: mending it is dressing the file. */
    private static void slot(Spotted spotted, ThemeSlot slot, Findings findings, House house, Faults faults) {
        // A document may name slots and have no theme; what it shows is written beside them.
        Rgb color = findings.slots().getOrDefault(slot, spotted.color());
        if (isOfHouse(color, house) || house.slots().isEmpty()) {
            return;
        }
        house.nearest(color).ifPresent(nearest -> {
            double difference = Difference.between(color, nearest);
            FaultKind kind = difference < House.NEAR ? FaultKind.NEAR_BRAND : FaultKind.OUTSIDE;
            faults.add(new Faults.Draft(
                            kind, spotted.place().called(spotted.place().thing()))
                    .color(color)
                    .measure(difference)
                    .other(nearest)
                    .word(slot.code())
                    .on((int) findings.uses().stream()
                            .filter(use -> use.setting() instanceof Setting.OfTheme theme && theme.slot() == slot)
                            .map(use -> use.place().page())
                            .distinct()
                            .count()));
        });
    }

    private static void byHand(Spotted spotted, Findings findings, House house, Repaints repaints, Faults faults) {
        Rgb color = spotted.color();
        Optional<SlotColor> slot = repaints.ofBrand(color, spotted.first().what());
        if (slot.isPresent() && spotted.spots().isEmpty()) {
            return;
        }
        if (slot.isPresent()) {
            Faults.Draft draft = spotted.fault(FaultKind.BY_HAND).other(color);
            repaints.to(color, Mending.Kind.THROUGH_SLOT, spotted)
                    .filter(way -> way.slot().isPresent())
                    .ifPresent(way -> draft.safely().by(way));
            draft.word(slot.get().slot().code());
            faults.add(draft);
        } else if (!isOfHouse(color, house)) {
            repaints.nearest(color).ifPresent(nearest -> beside(spotted, nearest, house, repaints, faults));
        }
    }

    private static void beside(Spotted spotted, Rgb nearest, House house, Repaints repaints, Faults faults) {
        double difference = Difference.between(spotted.color(), nearest);
        boolean near = difference < House.NEAR;
        Faults.Draft draft = spotted.fault(near ? FaultKind.NEAR_BRAND : FaultKind.OUTSIDE)
                .measure(difference)
                .other(nearest);
        if (!near) {
            meant(spotted, house, repaints).ifPresent(draft::by);
        }
        repaints.to(nearest, Mending.Kind.NEAREST_BRAND, spotted).ifPresent(draft::by);
        if (difference < UNSEEN) {
            draft.safely();
        }
        faults.add(draft);
    }

    private static Optional<Mending> nearest(Spotted spotted, Repaints repaints) {
        return repaints.nearest(spotted.color())
                .flatMap(color -> repaints.to(color, Mending.Kind.NEAREST_BRAND, spotted));
    }

    private static Optional<Mending> meant(Spotted spotted, House house, Repaints repaints) {
        return Meant.color(spotted.first(), house)
                .filter(color -> !color.equals(repaints.nearest(spotted.color()).orElse(null)))
                .flatMap(color -> repaints.to(color, Mending.Kind.SLOT_THAT_IS_MEANT, spotted));
    }
}
