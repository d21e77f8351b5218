package app.zumbido.core.theme;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.roles.Role;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The four slots that text and its grounds are made of: both darks must read on both lights.
 *
 * @param ground what the pages stand on
 * @param given the roles that some colour of the brand has; only those are asked for
 */
record TextBlock(Ink dark1, Ink light1, Ink dark2, Ink light2, PageGround ground, Set<Role> given) {
    /** Outweighs every preference: an illegible pair is taken only where nothing reads. */
    private static final double ILLEGIBLE = 100;
    /** Outweighs what is preferred without a role, not legibility. */
    private static final double ROLE = 12;
    /** How far down its ladder a colour is nearly black, and keeps a hint of itself. */
    private static final double NEAR_BLACK = -0.85;
    /** A grey so dark is what a brand is written in; OKLCH lightness. */
    private static final double DARK = 0.45;
    /** Text of more chroma is loud on every page; OKLCH. */
    private static final double QUIET_TEXT = 0.08;
    /** A field of more chroma is no field to write on, however light it is; OKLCH. */
    private static final double QUIET_GROUND = 0.06;
    /** For the second dark or light that is the first again. */
    static final double REPEATED = 2;

    /** The best of all assignments; black and white stand beside the brand's colours. */
    static TextBlock best(List<Ink> brand, PageGround ground) {
        return new TextBlockSearch(candidates(brand), ground, given(brand)).best();
    }

    static Set<Role> given(List<Ink> brand) {
        Set<Role> given = EnumSet.noneOf(Role.class);
        brand.forEach(ink -> given.addAll(ink.roles()));
        return given;
    }

    /** A brand of one colour is written in what is left of it in a near-black, so that links can have the colour itself. */
    static List<Ink> candidates(List<Ink> brand) {
        List<Ink> inks = new ArrayList<>(brand);
        onlyColor(brand).map(ink -> ink.onLadder(NEAR_BLACK)).ifPresent(inks::add);
        addUnlessPresent(inks, Rgb.BLACK, brand.size());
        addUnlessPresent(inks, Rgb.WHITE, brand.size());
        return inks;
    }

    private static Optional<Ink> onlyColor(List<Ink> brand) {
        List<Ink> colorful =
                brand.stream().filter(ink -> ink.lch().isColorful()).toList();
        boolean written = brand.stream()
                .anyMatch(ink -> !ink.lch().isColorful() && ink.lch().l() <= DARK);
        return colorful.size() == 1 && !written ? Optional.of(colorful.get(0)) : Optional.empty();
    }

    private static void addUnlessPresent(List<Ink> inks, Rgb color, int rank) {
        if (inks.stream().noneMatch(ink -> ink.color().equals(color))) {
            inks.add(Ink.plain(color, rank));
        }
    }

    /** What pages stand on. */
    Ink page() {
        return ground == PageGround.LIGHT ? light1 : dark1;
    }

    /** What is written on pages. */
    Ink text() {
        return ground == PageGround.LIGHT ? dark1 : light1;
    }

    /** Whether a brand of one colour is written in a near-black of it. */
    boolean isMadeOfOnlyColor() {
        return dark1.paint() instanceof Paint.OnLadder;
    }

    /** @return the lower of the ratios on both grounds of the pages */
    double worstOnPages(Ink ink) {
        return Math.min(ink.on(page()), ink.on(ground == PageGround.LIGHT ? light2 : dark2));
    }

    double cost() {
        Bill bill = Bill.sum();
        charge(bill);
        return bill.total();
    }

    void charge(Bill bill) {
        chargeDark1(bill, dark1, given);
        chargeLight1(bill, light1, given);
        chargeLegibility(bill, ThemeSlot.DARK_1, dark1, light1);
        chargeDark2(bill, dark2);
        bill.charge(GivenUp.Kind.REPEATED, ThemeSlot.DARK_2, repeated(dark1, dark2));
        chargeLegibility(bill, ThemeSlot.DARK_2, dark2, light1);
        chargeLight2(bill, light2, given);
        bill.charge(GivenUp.Kind.REPEATED, ThemeSlot.LIGHT_2, repeated(light1, light2));
        chargeLegibility(bill, ThemeSlot.LIGHT_2, dark1, light2);
        chargeLegibility(bill, ThemeSlot.LIGHT_2, dark2, light2);
    }

    /** Text is as dark as the brand allows. */
    static void chargeDark1(Bill bill, Ink ink, Set<Role> given) {
        bill.charge(GivenUp.Kind.NOT_DARK, ThemeSlot.DARK_1, ink.lch().l() * 4);
        bill.charge(GivenUp.Kind.VIVID, ThemeSlot.DARK_1, Math.max(0, ink.lch().c() - QUIET_TEXT) * 30);
        bill.charge(GivenUp.Kind.NOT_OF_BRAND, ThemeSlot.DARK_1, ink.ofBrand() ? 0 : 4);
        bill.charge(GivenUp.Kind.ROLE_ELSEWHERE, ThemeSlot.DARK_1, elsewhere(Role.TEXT, ink, given));
    }

    /** The paper is as light as the brand allows, or plain white. */
    static void chargeLight1(Bill bill, Ink ink, Set<Role> given) {
        bill.charge(GivenUp.Kind.NOT_LIGHT, ThemeSlot.LIGHT_1, (1 - ink.lch().l()) * 30);
        bill.charge(GivenUp.Kind.TINTED_GROUND, ThemeSlot.LIGHT_1, ink.lch().c() * 10);
        bill.charge(GivenUp.Kind.NOT_OF_BRAND, ThemeSlot.LIGHT_1, ink.ofBrand() ? 0 : 1);
        bill.charge(GivenUp.Kind.ROLE_ELSEWHERE, ThemeSlot.LIGHT_1, elsewhere(Role.TEXT_ON_DARK, ink, given));
    }

    static void chargeDark2(Bill bill, Ink ink) {
        bill.charge(GivenUp.Kind.NOT_OF_BRAND, ThemeSlot.DARK_2, ink.ofBrand() ? 0 : 4);
        bill.charge(GivenUp.Kind.LATE_IN_ORDER, ThemeSlot.DARK_2, ink.rank() * 0.05);
    }

    static void chargeLight2(Bill bill, Ink ink, Set<Role> given) {
        bill.charge(
                GivenUp.Kind.NOT_LIGHT,
                ThemeSlot.LIGHT_2,
                Math.max(0, 0.92 - ink.lch().l()) * 15);
        bill.charge(
                GivenUp.Kind.TINTED_GROUND,
                ThemeSlot.LIGHT_2,
                ink.lch().c() * 8 + Math.max(0, ink.lch().c() - QUIET_GROUND) * 100);
        bill.charge(GivenUp.Kind.NOT_OF_BRAND, ThemeSlot.LIGHT_2, ink.ofBrand() ? 0 : 3);
        bill.charge(GivenUp.Kind.ROLE_ELSEWHERE, ThemeSlot.LIGHT_2, elsewhere(Role.BOX_FILL, ink, given));
    }

    private static double repeated(Ink first, Ink second) {
        return first.color().equals(second.color()) ? REPEATED : 0;
    }

    private static double elsewhere(Role role, Ink ink, Set<Role> given) {
        return given.contains(role) && !ink.is(role) ? ROLE : 0;
    }

    static void chargeLegibility(Bill bill, ThemeSlot slot, Ink dark, Ink light) {
        double ratio = dark.on(light);
        if (dark.lch().l() >= light.lch().l() || ratio < WcagLevel.AA.text()) {
            bill.charge(GivenUp.Kind.ILLEGIBLE, slot, ILLEGIBLE + Math.max(0, WcagLevel.AA.text() - ratio));
        } else {
            bill.charge(GivenUp.Kind.CONTRAST_BELOW_STRICT, slot, Math.max(0, WcagLevel.AAA.text() - ratio) * 0.3);
        }
    }

    Map<ThemeSlot, SlotSetting> settings() {
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(ThemeSlot.class);
        settings.put(
                ThemeSlot.DARK_1,
                setting(
                        dark1,
                        Role.TEXT,
                        isMadeOfOnlyColor() ? SlotReason.NEARLY_BLACK : SlotReason.READS_BEST_ON_LIGHT));
        settings.put(ThemeSlot.LIGHT_1, setting(light1, Role.TEXT_ON_DARK, SlotReason.LIGHTEST));
        settings.put(ThemeSlot.DARK_2, setting(dark2, again(dark2, dark1, SlotReason.SECOND_DARK)));
        settings.put(ThemeSlot.LIGHT_2, setting(light2, Role.BOX_FILL, again(light2, light1, SlotReason.SECOND_LIGHT)));
        return settings;
    }

    private static SlotReason again(Ink ink, Ink first, SlotReason reason) {
        return ink.color().equals(first.color()) ? SlotReason.REPEATED_TO_STAY_LEGIBLE : reason;
    }

    private static SlotSetting setting(Ink ink, Role role, SlotReason otherwise) {
        return ink.is(role) ? SlotSetting.because(SlotReason.AS_ITS_ROLE_SAYS, ink.paint()) : setting(ink, otherwise);
    }

    private static SlotSetting setting(Ink ink, SlotReason reason) {
        boolean repeated = reason == SlotReason.REPEATED_TO_STAY_LEGIBLE;
        return SlotSetting.because(ink.ofBrand() || repeated ? reason : SlotReason.BLACK_OR_WHITE, ink.paint());
    }
}
