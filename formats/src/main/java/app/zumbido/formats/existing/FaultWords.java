package app.zumbido.formats.existing;

import app.zumbido.core.brand.guide.GuideNames;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.inspect.check.FaultKind;
import app.zumbido.core.inspect.check.Mending;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import java.util.Locale;
import java.util.Optional;

/** What is said about faults, on the page and in reports. */
public final class FaultWords {
    private final House house;

    public FaultWords(House house) {
        this.house = house;
    }

    /** @return what all faults of the kind are, as a heading */
    public static String kind(FaultKind kind) {
        return switch (kind) {
            case BY_HAND -> "set by hand, the slot has it";
            case NEAR_BRAND -> "nearly a brand colour";
            case OUTSIDE -> "outside the brand";
            case OFF_LIMITS -> "off-limits";
            case CONTRAST -> "cannot be read";
            case HIGHLIGHT -> "highlight not on the one thing";
            case HIERARCHY -> "hierarchy upside down";
            case TOO_MANY -> "too many colours on a page";
            case TOO_FEW -> "too few colours on a page";
            case CLASH -> "colours that clash";
            case CHART_ORDER -> "chart colours out of order";
            case CHART_ALIKE -> "chart series alike";
            case TINTS_FIRST -> "a tint before the top colour";
            case FONT_OUTSIDE -> "another font";
            case FONT_MISSING -> "a font that nobody has";
            case SIZE -> "size of letters";
            case LOGO_MISSING -> "no logo on the page";
            case LOGO_STRETCHED -> "logo stretched";
            case LOGO_GROUND -> "logo not seen on its ground";
        };
    }

    /** @return where it is, in plain words */
    public static String place(Fault fault) {
        Place place = fault.place();
        StringBuilder words = new StringBuilder();
        place.page().ifPresent(page -> words.append("Page ").append(page));
        if (!place.thing().isEmpty()) {
            words.append(words.isEmpty() ? "" : ", ").append(place.thing());
        }
        place.paragraph().ifPresent(number -> words.append(", line ").append(number + 1));
        return words.isEmpty() ? "The whole file" : words.toString();
    }

    /** @return one sentence */
    public String reason(Fault fault) {
        String color = fault.color().map(Rgb::digits).orElse("");
        return switch (fault.kind()) {
            case BY_HAND ->
                "%s is set by hand; %s has it, so it would follow the theme".formatted(color, slot(fault.word()));
            case NEAR_BRAND ->
                "%s is nearly %s (ΔE %s)%s"
                        .formatted(
                                color,
                                name(fault.other()),
                                number(fault.measure().orElse(0)),
                                throughTheme(fault));
            case OUTSIDE ->
                "%s is none of the brand’s colours; the nearest is %s (ΔE %s)%s"
                        .formatted(
                                color,
                                name(fault.other()),
                                number(fault.measure().orElse(0)),
                                throughTheme(fault));
            case OFF_LIMITS -> "The brand does not use %s".formatted(color);
            case CONTRAST ->
                "%s on %s has %s of %s"
                        .formatted(
                                color,
                                fault.ground().map(Rgb::digits).orElse(""),
                                fault.ratio().map(FaultWords::ratio).orElse(""),
                                plain(fault.needed().orElse(0)));
            case HIGHLIGHT ->
                fault.measure().orElse(0) > 1
                        ? "Perhaps: the highlight is on %s things of this page, and it is for one"
                                .formatted(plain(fault.measure().orElse(0)))
                        : "Perhaps: the highlight is on something that carries no message";
            case HIERARCHY ->
                fault.measure().isPresent()
                        ? "Perhaps: what stands beneath the heading is stronger than the heading (%s pt to %s pt)"
                                .formatted(
                                        plain(fault.measure().getAsDouble()),
                                        plain(fault.needed().orElse(0)))
                        : "Perhaps: the main colour, %s, is nowhere in this file".formatted(name(fault.other()));
            case TOO_MANY ->
                "Perhaps: %s colours on one page; %s are plenty"
                        .formatted(
                                plain(fault.measure().orElse(0)),
                                plain(fault.needed().orElse(0)));
            case TOO_FEW -> "Perhaps: everything on this page has one colour";
            case CLASH ->
                "%s and %s are both vivid and equally light: side by side they vibrate"
                        .formatted(color, name(fault.other()));
            case CHART_ORDER ->
                "Series %s should be %s".formatted(plain(fault.measure().orElse(0)), name(fault.other()));
            case CHART_ALIKE ->
                "%s and %s are taken for each other (ΔE %s of 10 for some eyes)"
                        .formatted(
                                color,
                                name(fault.other()),
                                number(fault.measure().orElse(0)));
            case TINTS_FIRST -> "%s is a tint, and %s is still free".formatted(color, name(fault.other()));
            case FONT_OUTSIDE ->
                "%s is none of the brand’s fonts".formatted(fault.word().orElse(""));
            case FONT_MISSING ->
                "%s is on few computers and will be replaced without a word"
                        .formatted(fault.word().orElse(""));
            case SIZE ->
                "%s pt; it should be %s pt%s"
                        .formatted(
                                plain(fault.measure().orElse(0)),
                                plain(fault.needed().orElse(0)),
                                fault.measure().orElse(0) < fault.needed().orElse(0) ? " at least" : "");
            case LOGO_MISSING ->
                fault.pages() > 1
                        ? "None of the brand’s logos is in this file"
                        : "None of the brand’s logos is on this page";
            case LOGO_STRETCHED ->
                fault.measure().orElse(1) > 1
                        ? "The logo is %s %% too wide"
                                .formatted(percent(fault.measure().orElse(1) - 1))
                        : "The logo is %s %% too narrow"
                                .formatted(percent(1 - fault.measure().orElse(1)));
            case LOGO_GROUND ->
                "This version of the logo is hardly seen on %s"
                        .formatted(fault.ground().map(Rgb::digits).orElse(""));
        };
    }

    private static String throughTheme(Fault fault) {
        return fault.word()
                .flatMap(ThemeSlot::ofCode)
                .map(slot -> "; the file has it in its theme as " + GuideNames.of(slot) + ", so dress it first")
                .orElse("");
    }

    private static String slot(Optional<String> code) {
        return code.flatMap(ThemeSlot::ofCode).map(GuideNames::of).orElse("a slot");
    }

    private String name(Optional<Rgb> color) {
        return color.map(it ->
                        house.nameOf(it).map(name -> name + " " + it.digits()).orElse(it.digits()))
                .orElse("");
    }

    /** @return what mending it so means, as a heading */
    public static String mending(Mending mending) {
        return switch (mending.kind()) {
            case THROUGH_SLOT -> "Through the slot that has it";
            case NEAREST_BRAND -> "The nearest brand colour";
            case SLOT_THAT_IS_MEANT -> "The slot that is meant";
            case UNTIL_READ -> "Only just so that it can be read";
            case FONT_OF_BRAND -> "The brand’s font";
            case SIZE_OF_BRAND -> "The brand’s size";
            case LARGE_ENOUGH -> "Large enough to be read";
            case CHART_IN_ORDER -> "The brand’s order";
            case SHOW_GRAPHICS -> "Show the graphics of the master";
            case IN_PROPORTION -> "In proportion again";
            case LOGO_FOR_GROUND -> "The version for this ground";
        };
    }

    /** @return what comes of it: the colour by its name or slot, its ratio, or a word */
    public String outcome(Mending mending) {
        StringBuilder words = new StringBuilder();
        mending.color()
                .ifPresent(color -> words.append(mending.slot()
                        .map(SlotColor::slot)
                        .map(GuideNames::of)
                        .map(slot -> slot
                                + mending.slot()
                                        .flatMap(SlotColor::step)
                                        .map(step -> step.isLighter() ? ", lighter" : ", darker")
                                        .orElse("")
                                + " " + color.digits())
                        .orElseGet(() -> name(mending.color()))));
        mending.ratio().ifPresent(ratio -> words.append(", ").append(ratio(ratio)));
        mending.word()
                .filter(word -> !word.isEmpty())
                .ifPresent(word -> words.append(
                        switch (mending.kind()) {
                            case SIZE_OF_BRAND, LARGE_ENOUGH -> word + " pt";
                            case LOGO_FOR_GROUND ->
                                word.toLowerCase(Locale.ROOT).replace('_', ' ');
                            default -> word;
                        }));
        return words.toString();
    }

    private static String ratio(ContrastRatio ratio) {
        // Cut and not rounded: what fails must not look as if it passed.
        return String.format(Locale.ROOT, "%.2f", Math.floor(ratio.value() * 100) / 100);
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : number(value);
    }

    private static String percent(double share) {
        return Long.toString(Math.round(share * 100));
    }
}
