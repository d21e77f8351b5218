package app.zumbido.server.trail.form;

import app.zumbido.core.brand.Alternative;
import app.zumbido.core.brand.Alternatives;
import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.TemplateDesign;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.GroundRules;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.guide.GuideDesign;
import app.zumbido.core.guide.GuideSection;
import app.zumbido.core.guide.GuideWords;
import app.zumbido.core.guide.MoodPicture;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.Share;
import app.zumbido.core.guide.Sheet;
import app.zumbido.core.guide.SheetFormat;
import app.zumbido.core.guide.Spacing;
import app.zumbido.core.logos.BrandElement;
import app.zumbido.core.logos.Corner;
import app.zumbido.core.logos.Cutting;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.KeptForm;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoMeasures;
import app.zumbido.core.logos.LogoSet;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.Notes;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Proportion;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotReason;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.Themes;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Language;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.Sizes;
import app.zumbido.core.type.TypeRole;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;

/** A brand in which every role, reason, kind of reference and kind of rule stands, with ids that are always the same. */
final class BrandOfEverything {
    private static final SwatchId NAVY = new SwatchId(new UUID(2, 1));
    private static final SwatchId TEAL = new SwatchId(new UUID(2, 2));
    private static final Group VIDEO = new Group("Video");
    private static final List<Paint> PAINTS = List.of(
            new Paint.OfSwatch(NAVY),
            new Paint.OnLadder(NAVY, 0.5),
            new Paint.Shifted(TEAL, -0.125),
            new Paint.Fixed(Rgb.ofHex("FFD400")));

    private BrandOfEverything() {}

    static Brand brand() {
        return new Brand(
                new UUID(1, 1),
                42,
                "Ostrel Ferries",
                Optional.of("OF"),
                palette(),
                roles(),
                new Themes(List.of(theme(1, PageGround.LIGHT), theme(2, PageGround.DARK))),
                grounds(),
                type(),
                logos(),
                new TemplateDesign(
                        TemplateDesign.TitleShape.SIDE, TemplateDesign.BulletKind.TRIANGLE, Corner.UPPER_LEFT, true),
                guide(),
                new Alternatives(
                        "Before the decision",
                        List.of(
                                new Alternative(
                                        new UUID(6, 1),
                                        "Campaign",
                                        palette(),
                                        roles(),
                                        new Themes(List.of(theme(1, PageGround.DARK))),
                                        grounds()),
                                new Alternative(
                                        new UUID(6, 2),
                                        "Empty",
                                        Palette.EMPTY,
                                        Roles.NONE,
                                        Themes.of(Theme.empty(new UUID(3, 1), "Theme 1")),
                                        GroundRules.NONE))));
    }

    private static GuideDesign guide() {
        return GuideDesign.USUAL
                .on(new Sheet(SheetFormat.LETTER, true, Spacing.WIDE, 1200))
                .with(new GuideSection(
                        SectionKind.COLORS, false, Share.HALF, "Our colours", "Ask before you mix them."))
                .with(new GuideSection(SectionKind.SLOTS, true, Share.THIRD, "", ""))
                .moving(SectionKind.LETTERS, 1)
                .saying(new GuideWords(
                        "How we look",
                        "Plain, punctual",
                        "We say boat.",
                        "Evening light",
                        "https://ostrel.example/files",
                        "brand@ostrel.example",
                        "November 2026"))
                .with(
                        List.of(new MoodPicture(new UUID(7, 1), new MoodPicture.Crop(0.25, 0, 0.5, 1), Share.THIRD)),
                        true);
    }

    /** Each choice stands in one theme or the other. */
    private static SuggestionPolicy policy(int number) {
        return number == 1
                ? SuggestionPolicy.USUAL
                : new SuggestionPolicy(
                        SuggestionPolicy.Spare.BLACK_AND_GREY,
                        SuggestionPolicy.LinkColors.CUSTOMARY,
                        SuggestionPolicy.Highlight.IN_ORDER_OF_USE,
                        Set.of(ThemeSlot.ACCENT_6, ThemeSlot.DARK_2));
    }

    /** Every kind, capitals, place and language stands somewhere. */
    private static FontSet type() {
        Map<TypeRole, Lettering> roles = new EnumMap<>(TypeRole.class);
        for (TypeRole role : TypeRole.values()) {
            int number = role.ordinal();
            roles.put(
                    role,
                    new Lettering(
                            "Face " + number,
                            FaceKind.values()[number],
                            100 + 200 * number,
                            number % 2 == 1,
                            Capitals.values()[number % 2],
                            10 * number - 20,
                            number == 0 ? Optional.empty() : Optional.of(Role.values()[number]),
                            new Sizes(30 + number, 10.5, 16),
                            Map.of(Place.values()[number], "Instead " + number)));
        }
        return new FontSet(roles, List.of(Language.values()));
    }

    /** Each way to draw a form, version and kind of element stands somewhere. */
    private static LogoSet logos() {
        List<Drawn> ways = List.of(
                new Drawn.OfFile(new UUID(5, 1), true),
                new Drawn.LeftOut(LogoForm.PRIMARY, List.of(new Cutting(0.5, 0.25, 0.25, 0.125))),
                new Drawn.CutOut(LogoForm.PRIMARY, new Cutting(0, 0, 0.5, 1)),
                new Drawn.OnGround(LogoForm.SUBMARK, PAINTS.get(1), IconShape.ROUND));
        Map<LogoForm, KeptForm> forms = new EnumMap<>(LogoForm.class);
        for (LogoForm form : LogoForm.values()) {
            int number = form.ordinal();
            forms.put(
                    form,
                    new KeptForm(
                            ways.get(number),
                            Map.of(LogoVersion.values()[number], new UUID(5, 10 + number)),
                            number == 0
                                    ? new LogoMeasures(Optional.of(0.5), Optional.of(28.5), Optional.of(130))
                                    : LogoMeasures.MEASURED,
                            "Use " + number));
        }
        List<BrandElement> elements = Arrays.stream(BrandElement.Kind.values())
                .map(kind -> new BrandElement(
                        new UUID(7, kind.ordinal()),
                        kind,
                        "Element " + kind.ordinal(),
                        "For the back of letters.",
                        new UUID(5, 20 + kind.ordinal())))
                .toList();
        return new LogoSet(forms, elements);
    }

    private static Palette palette() {
        Rgb navy = Rgb.ofHex("0B2A4A");
        Swatch first = Swatch.of(
                        NAVY,
                        "Night channel",
                        navy,
                        List.of(
                                Origin.of("manual.pdf"),
                                Origin.at("logo.png", 3, 4),
                                new Origin("harbour.jpg", OptionalInt.of(1), OptionalInt.of(2), OptionalInt.of(7))))
                .withNotes(new Notes("Blue 4 of the island printers", "for the hull"));
        Swatch second =
                Swatch.of(TEAL, "Harbour teal", Rgb.ofHex("0F7C7A"), List.of()).in(VIDEO);
        Swatch third = Swatch.of(new SwatchId(new UUID(2, 3)), "Pale navy", navy, List.of())
                .following(new Paint.OnLadder(NAVY, 0.75), navy);
        List<Group> groups = new ArrayList<>(Group.USUAL);
        groups.add(VIDEO);
        return new Palette(List.of(first, second, third), groups, List.of("too-many"));
    }

    private static Roles roles() {
        Map<Role, List<SwatchId>> assigned = new EnumMap<>(Role.class);
        Map<Role, String> words = new EnumMap<>(Role.class);
        for (Role role : Role.values()) {
            assigned.put(role, role.most() == 1 ? List.of(NAVY) : List.of(TEAL, NAVY));
            words.put(role, "What " + role.ordinal() + " is for.");
        }
        return new Roles(assigned, new Proportion(70, 20, 10), words);
    }

    /** It joined this version when there was a sample of it already; what stood in the sample stays as it was. */
    private static final SlotReason LATER_REASON = SlotReason.NEARLY_BLACK;

    /** Reasons go round and round until all of them have had a slot. */
    private static Theme theme(int number, PageGround ground) {
        Map<ThemeSlot, SlotSetting> slots = new EnumMap<>(ThemeSlot.class);
        List<SlotReason> reasons = Arrays.asList(SlotReason.values()).subList(0, LATER_REASON.ordinal());
        int first = (number - 1) * (ThemeSlot.values().length - 2);
        for (ThemeSlot slot : ThemeSlot.values()) {
            int place = slot.ordinal();
            if (place >= 2) {
                SlotReason reason = reasons.get((first + place - 2) % reasons.size());
                slots.put(slot, SlotSetting.because(reason, PAINTS.get(place % PAINTS.size())));
            }
        }
        slots.put(ThemeSlot.DARK_1, SlotSetting.chosen(new Paint.OfSwatch(NAVY)));
        if (number == 2) {
            slots.put(ThemeSlot.LIGHT_1, SlotSetting.because(LATER_REASON, new Paint.OnLadder(NAVY, -0.85)));
        }
        return new Theme(new UUID(3, number), "Theme " + number, ground, policy(number), slots);
    }

    private static GroundRules grounds() {
        List<PairRule> rules = new ArrayList<>();
        for (PairRule.Kind kind : PairRule.Kind.values()) {
            rules.add(new PairRule(kind, PAINTS.get(rules.size()), PAINTS.get(3), "Because " + rules.size()));
        }
        return new GroundRules(
                rules,
                List.of(
                        new ComposedGround(
                                new UUID(4, 1),
                                "Title band",
                                new ComposedGround.Base.OfGradient(PAINTS.subList(0, 3), true, 45),
                                Optional.of(new ComposedGround.Laid(PAINTS.get(3), Fraction.of(0.7))),
                                PAINTS.get(0)),
                        new ComposedGround(
                                new UUID(4, 2),
                                "Harbour",
                                new ComposedGround.Base.OfPicture(new UUID(5, 5)),
                                Optional.empty(),
                                PAINTS.get(1))));
    }

    static List<SlotReason> reasons() {
        return brand().themes().all().stream()
                .flatMap(theme -> theme.slots().values().stream())
                .flatMap(setting -> setting.reason().stream())
                .toList();
    }
}
