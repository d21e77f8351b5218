package app.zumbido.core.brand;

import app.zumbido.core.color.Compositing;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.Gradient;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSeries;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.TypeRole;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * A look as files are made from it: every colour is a reference into the theme, so that it follows when the theme changes, and
 * whatever is text reads where it stands.
 *
 * @param colors all twelve
 * @param lead the main colour: what titles, bands and heads of tables stand on; the next one where the pages have that colour
 * @param second told from the lead and from the pages, of the accents in their order; the highlight is left for the one thing that matters
 * @param tableHead what has that role, else the lead
 * @param band every second row of tables: what has that role, else the second ground
 * @param highlight what has that role, else the first accent
 * @param series six of an ordinary chart
 */
public record ThemedLook(
        Look look,
        Map<ThemeSlot, Rgb> colors,
        SlotColor lead,
        SlotColor second,
        SlotColor tableHead,
        SlotColor band,
        SlotColor highlight,
        List<SlotColor> series) {
    private static final double TEXT = WcagLevel.AA.text();
    /** Places of a gradient that are looked at. */
    private static final int PLACES = 32;
    /** Of a solid over a picture: so much at least, and more until text reads even where the picture is white or black. */
    private static final double LEAST_OVER_A_PICTURE = 0.5;

    private static final double STEP_OVER_A_PICTURE = 0.05;

    /** @throws IllegalStateException if slots are empty */
    public static ThemedLook of(Look look) {
        if (!look.theme().unfilled().isEmpty()) {
            throw new IllegalStateException("Theme slots are empty");
        }
        Map<ThemeSlot, Rgb> colors = look.colors();
        SlotColor firstAccent = SlotColor.of(ThemeSlot.ACCENT_1);
        SlotColor highlight = ofRole(Role.HIGHLIGHT, look, colors).orElse(firstAccent);
        Rgb page = colors.get(look.theme().ground().page());
        SlotColor main = ofRole(Role.MAIN, look, colors).orElse(firstAccent);
        // What the pages are made of leads nowhere on them: the next colour does.
        SlotColor lead = isTold(main, page, colors) ? main : second(main, page, highlight, colors);
        return new ThemedLook(
                look,
                colors,
                lead,
                second(lead, page, highlight, colors),
                readable(
                        ofRole(Role.TABLE_HEAD, look, colors)
                                .filter(head -> isTold(head, page, colors))
                                .orElse(lead),
                        colors),
                ofRole(Role.BAND, look, colors)
                        .orElse(SlotColor.of(look.theme().ground().pages().get(1))),
                highlight,
                ThemeSeries.of(look.theme(), colors).stream()
                        .map(color -> SlotColor.nearest(color, colors))
                        .toList());
    }

    /**
     * The same on paper, which is light whatever slides stand on.
     *
     * @throws IllegalStateException if slots are empty
     */
    public static ThemedLook onPaper(Look look) {
        return of(look.onPaper());
    }

    private static boolean isTold(SlotColor color, Rgb from, Map<ThemeSlot, Rgb> colors) {
        return Difference.between(color.in(colors), from) >= Difference.TOLD_APART;
    }

    private static Optional<SlotColor> ofRole(Role role, Look look, Map<ThemeSlot, Rgb> colors) {
        return look.roles()
                .first(role)
                .map(swatch -> SlotColor.nearest(look.palette().get(swatch).color(), colors));
    }

    /** Greys come after what has a hue. */
    private static SlotColor second(SlotColor lead, Rgb page, SlotColor highlight, Map<ThemeSlot, Rgb> colors) {
        Rgb taken = lead.in(colors);
        return ThemeSlot.ACCENTS.stream()
                .map(SlotColor::of)
                .filter(accent -> !accent.equals(highlight))
                .filter(accent -> isTold(accent, taken, colors) && isTold(accent, page, colors))
                .min(Comparator.comparing(accent -> !Oklch.of(accent.in(colors)).isColorful()))
                .orElse(lead);
    }

    /** @return the colour itself, or the nearest of its steps that something can be written on */
    private static SlotColor readable(SlotColor under, Map<ThemeSlot, Rgb> colors) {
        Rgb wanted = under.in(colors);
        return Stream.concat(Stream.of(under), under.steps(colors))
                .filter(color -> ThemeSlot.GROUNDS.stream()
                        .anyMatch(text -> ContrastRatio.between(colors.get(text), color.in(colors))
                                .reaches(TEXT)))
                .min(Comparator.comparingDouble(color -> Difference.between(color.in(colors), wanted)))
                .orElse(under);
    }

    public PageGround ground() {
        return look.theme().ground();
    }

    public SlotColor page() {
        return SlotColor.of(ground().page());
    }

    /** The second ground. */
    public SlotColor pale() {
        return SlotColor.of(ground().pages().get(1));
    }

    /** What the pages stand on whose ground is turned: dark of a light theme, light of a dark one. */
    public SlotColor turned() {
        return SlotColor.of(ground().turned().page());
    }

    /** @return a ground in the hue of a colour: the lightest of its steps that the usual text reads on, else the second ground */
    public SlotColor tint(SlotColor of) {
        SlotColor text = SlotColor.of(ground().text());
        return of.steps(colors)
                .filter(step -> reads(step.in(colors)).test(text))
                .max(Comparator.comparingDouble(step ->
                        ContrastRatio.between(step.in(colors), text.in(colors)).value()))
                .orElse(pale());
    }

    /** @return the same of the first of the roles that somebody has given */
    public Optional<SlotColor> tintOf(Role... roles) {
        return Stream.of(roles)
                .flatMap(role -> ofRole(role, look, colors).stream())
                .findFirst()
                .map(this::tint);
    }

    /** @return the text or the page colour, whichever is told from the ground better; all that a theme has for text */
    public SlotColor on(SlotColor under) {
        return better(List.of(under.in(colors)));
    }

    private SlotColor better(List<Rgb> grounds) {
        return ThemeSlot.GROUNDS.stream()
                .map(SlotColor::of)
                .max((one, other) -> Double.compare(worst(one, grounds), worst(other, grounds)))
                .orElseThrow();
    }

    private double worst(SlotColor text, List<Rgb> grounds) {
        Rgb written = text.in(colors);
        return grounds.stream()
                .mapToDouble(ground -> ContrastRatio.between(written, ground).value())
                .min()
                .orElseThrow();
    }

    /** @return what is written and drawn on a ground */
    public ThemedInks inks(SlotColor under) {
        Rgb below = under.in(colors);
        SlotColor usual = SlotColor.of(ground().text());
        SlotColor text = reads(below).test(usual) ? usual : on(under);
        return new ThemedInks(
                under,
                lettered(TypeRole.HEADING, below, text),
                lettered(TypeRole.SUBHEADING, below, text),
                text,
                Optional.of(SlotColor.of(ground().texts().get(1)))
                        .filter(reads(below))
                        .orElse(text),
                Stream.concat(
                                Stream.of(second, lead),
                                ThemeSlot.ACCENTS.stream().map(SlotColor::of))
                        .filter(reaching(WcagLevel.GRAPHICS, below))
                        .findFirst()
                        .orElse(text));
    }

    private Predicate<SlotColor> reads(Rgb below) {
        return reaching(TEXT, below);
    }

    private Predicate<SlotColor> reaching(double ratio, Rgb below) {
        return color -> ContrastRatio.between(color.in(colors), below).reaches(ratio);
    }

    /** The colour that the letters are meant to have, or a step of it that reads there, or the text's. */
    private SlotColor lettered(TypeRole role, Rgb below, SlotColor text) {
        Optional<SlotColor> wanted = look.brand().type().get(role).color().flatMap(of -> ofRole(of, look, colors));
        return wanted.flatMap(color -> Stream.concat(Stream.of(color), color.steps(colors))
                        .filter(reads(below))
                        .findFirst())
                .orElse(text);
    }

    /**
     * What title slides stand on: a gradient that the brand has kept and on which text reads everywhere, else the main colour
     * from dark to light as far as it does.
     */
    public ThemedRun titleRun() {
        return Stream.concat(kept().stream(), ofLead())
                .filter(this::isReadable)
                .filter(run -> run.stops().stream().distinct().count() > 1)
                .findFirst()
                .orElseGet(() -> new ThemedRun(List.of(lead, lead)));
    }

    /** @return what is written on all of it */
    public SlotColor on(ThemedRun run) {
        return better(places(run));
    }

    private boolean isReadable(ThemedRun run) {
        return worst(on(run), places(run)) >= TEXT;
    }

    private List<Rgb> places(ThemedRun run) {
        Gradient gradient = run.in(colors);
        List<Rgb> places = new ArrayList<>();
        for (int i = 0; i <= PLACES; i++) {
            places.add(gradient.at((double) i / PLACES));
        }
        return places;
    }

    /** @return the gradients that the brand has kept, as far as the theme has their colours */
    public List<ThemedRun> kept() {
        return look.brand().grounds().composed().stream()
                .filter(ground -> ground.laid().isEmpty())
                .flatMap(ground -> ground.base() instanceof ComposedGround.Base.OfGradient of
                        ? themed(of.gradient(look.palette())).stream()
                        : Stream.empty())
                .toList();
    }

    private Optional<ThemedRun> themed(Gradient gradient) {
        List<SlotColor> stops = gradient.stops().stream()
                .map(stop -> SlotColor.nearest(stop, colors))
                .toList();
        boolean same = true;
        for (int i = 0; i < stops.size(); i++) {
            same &= Difference.between(stops.get(i).in(colors), gradient.stops().get(i)) < Difference.TOLD_APART;
        }
        return same ? Optional.of(new ThemedRun(stops)) : Optional.empty();
    }

    private Stream<ThemedRun> ofLead() {
        Rgb base = lead.in(colors);
        List<SlotColor> darker = lead.steps(colors)
                .filter(step -> step.step().filter(tint -> !tint.isLighter()).isPresent())
                .filter(step -> Difference.between(step.in(colors), base) >= Difference.TOLD_APART)
                .toList();
        SlotColor dark = darker.isEmpty() ? lead : darker.get(0);
        SlotColor darkest = darker.isEmpty() ? lead : darker.get(darker.size() - 1);
        return Stream.concat(
                Stream.of(
                        new ThemedRun(List.of(dark, lead, second)),
                        new ThemedRun(List.of(darkest, dark, lead)),
                        new ThemedRun(List.of(darkest, darkest, dark))),
                // Of a main colour without darker steps: into a lighter one that text still reads on.
                lead.steps(colors).map(step -> new ThemedRun(List.of(lead, lead, step))));
    }

    /**
     * @param solid laid over a picture
     * @return how much of it shows, so that its text reads whatever the picture is
     */
    public Fraction overPictures(SlotColor solid) {
        Rgb over = solid.in(colors);
        Rgb written = on(solid).in(colors);
        double opacity = LEAST_OVER_A_PICTURE;
        while (opacity < 1 - STEP_OVER_A_PICTURE / 2 && !readsOver(over, opacity, written)) {
            opacity += STEP_OVER_A_PICTURE;
        }
        return Fraction.of(Math.min(1, Math.rint(opacity / STEP_OVER_A_PICTURE) * STEP_OVER_A_PICTURE));
    }

    private static boolean readsOver(Rgb solid, double opacity, Rgb written) {
        return Stream.of(Rgb.WHITE, Rgb.BLACK)
                .map(picture -> Compositing.over(solid, Fraction.of(opacity), picture))
                .allMatch(ground -> ContrastRatio.between(written, ground).reaches(TEXT));
    }
}
