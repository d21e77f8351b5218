package app.zumbido.server.trail;

import app.zumbido.core.brand.AlternativeChange;
import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.GroundChange;
import app.zumbido.core.brand.GroupChange;
import app.zumbido.core.brand.GuideChange;
import app.zumbido.core.brand.LogoChange;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.brand.RoleChange;
import app.zumbido.core.brand.TemplateDesign;
import app.zumbido.core.brand.ThemeChange;
import app.zumbido.core.brand.ThemeTaking;
import app.zumbido.core.brand.ThemesChange;
import app.zumbido.core.brand.TypeChange;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.guide.GuideSection;
import app.zumbido.core.guide.GuideWords;
import app.zumbido.core.guide.MoodPicture;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.Share;
import app.zumbido.core.guide.Sheet;
import app.zumbido.core.guide.SheetFormat;
import app.zumbido.core.guide.Spacing;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.logos.BrandElement;
import app.zumbido.core.logos.Corner;
import app.zumbido.core.logos.Cutting;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoMeasures;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.MoodWord;
import app.zumbido.core.palette.Notes;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.PaletteOrder;
import app.zumbido.core.palette.Sighting;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Proportion;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.Suggestion;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.Turning;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.FontPair;
import app.zumbido.core.type.Language;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.Sizes;
import app.zumbido.core.type.TypeRole;
import app.zumbido.core.type.TypeScale;
import app.zumbido.server.storage.Ids;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** What every test of the trail walks. */
public final class EveryChange {
    private EveryChange() {}

    static Swatch swatch(Ids ids, String name, String hex) {
        return Swatch.of(new SwatchId(ids.next()), name, Rgb.ofHex(hex), List.of(Origin.at("logo.png", 3, 4)));
    }

    private static UUID first(Brand brand) {
        return brand.themes().first().id();
    }

    /** Every kind of change once, each on what the one before left. */
    public static List<Function<Brand, Change>> of(Ids ids) {
        Swatch navy = swatch(ids, "Night channel", "0B2A4A");
        Swatch teal = swatch(ids, "Harbour teal", "0F7C7A");
        Swatch pale = swatch(ids, "Pale teal", "A7D8D6");
        Swatch violet = swatch(ids, "Violet", "7A5CD6");
        UUID veil = ids.next();
        UUID campaign = ids.next();
        List<Swatch> drafted = List.of(swatch(ids, "Dark blue", "0B2A4A"), swatch(ids, "Orange", "F2682A"));
        return List.of(
                brand -> BrandChange.DraftBrand.of(brand, "logo.png", drafted),
                brand -> PaletteChange.AddSwatches.of(List.of(navy, teal)),
                brand -> new PaletteChange.AddSwatches(
                        List.of(),
                        List.of(new Sighting(
                                navy.id(),
                                new Origin("harbour.jpg", OptionalInt.of(1), OptionalInt.of(2), OptionalInt.of(7))))),
                brand -> new PaletteChange.RenameSwatch(navy.id(), "Deep channel"),
                brand -> new BrandChange.DesignTemplate(new TemplateDesign(
                        TemplateDesign.TitleShape.LOWER, TemplateDesign.BulletKind.DASH, Corner.UPPER_RIGHT, true)),
                brand -> new GuideChange.LayGuideOn(new Sheet(SheetFormat.LETTER, true, Spacing.CLOSE, 1000)),
                brand -> section(brand, SectionKind.LOGOS, section -> section.shown(false)),
                brand -> section(brand, SectionKind.LOGOS, section -> section.shown(true)),
                brand -> section(brand, SectionKind.LOGOS, section -> section.wide(Share.HALF)),
                brand -> section(brand, SectionKind.LOGOS, section -> section.called("Our mark")),
                brand -> section(brand, SectionKind.LOGOS, section -> section.noted("Never draw it anew.")),
                brand -> new GuideChange.MoveSection(SectionKind.LETTERS, 1),
                brand -> new GuideChange.WordGuide(new GuideWords("", "Plain", "", "", "", "", "")),
                brand -> new GuideChange.SetMood(
                        List.of(new MoodPicture(new UUID(7, 1), MoodPicture.Crop.WHOLE, Share.FULL)), false),
                brand -> new PaletteChange.RecolorSwatch(
                        teal.id(), Rgb.ofHex("138F8C"), Optional.of(Origin.at("harbour.jpg", 412, 96))),
                brand -> new PaletteChange.MixSwatch(teal.id(), -0.06, 0, 0),
                brand -> new PaletteChange.MixSwatch(teal.id(), 0, 0.02, -8),
                brand -> new PaletteChange.MoveSwatch(teal.id(), 0),
                brand -> new PaletteChange.OrderSwatches(
                        PaletteOrder.LIGHTNESS, PaletteOrder.LIGHTNESS.of(brand.palette(), Map.of())),
                brand -> PaletteChange.AddSwatches.of(
                        List.of(pale.following(new Paint.OnLadder(teal.id(), 0.75), teal.color())
                                .in(Group.EXTENDED))),
                brand -> new PaletteChange.MixSwatch(teal.id(), 0.04, 0, 0),
                brand -> new PaletteChange.FreeSwatch(pale.id()),
                brand -> new PaletteChange.NoteSwatch(navy.id(), new Notes("Blue 4 of the printing house", "for text")),
                brand -> new GroupChange.SortSwatches(List.of(pale.id()), new Group("Video")),
                brand -> new GroupChange.RenameGroup(new Group("Video"), new Group("Film")),
                brand -> new GroupChange.MoveGroup(new Group("Film"), 0),
                brand -> new GroupChange.RemoveGroup(new Group("Film")),
                brand -> new PaletteChange.PutRemarkAside("too-many", true),
                brand -> new PaletteChange.PutRemarkAside("too-many", false),
                brand -> new PaletteChange.ApplyMood(MoodWord.QUIETER, 0.5),
                brand -> new PaletteChange.MergeSwatches(teal.id(), pale.id()),
                brand -> new RoleChange.MarkHierarchy(
                        "manual.pdf, page 2", List.of(violet), List.of(violet.id(), navy.id()), List.of(teal.id())),
                brand -> new RoleChange.SetOffLimits(violet.id(), true),
                brand -> new RoleChange.SetOffLimits(teal.id(), false),
                brand -> new RoleChange.AssignRole(Role.SECONDARY, List.of(teal.id(), navy.id())),
                brand -> new RoleChange.DraftRoles(
                        Map.of(Role.MAIN, List.of(navy.id()), Role.CHART, List.of(navy.id(), teal.id(), violet.id()))),
                brand -> new RoleChange.WordRole(Role.MAIN, "For titles and the hull."),
                brand -> new RoleChange.SetProportion(new Proportion(70, 20, 10)),
                brand -> new RoleChange.OrderChart(List.of(navy.id(), violet.id(), teal.id())),
                brand -> new ThemeChange.ApplySuggestion(
                        first(brand), SuggestionPolicy.USUAL, Suggestion.from(brand.palette())),
                brand -> new ThemeChange.FillSlot(
                        first(brand), ThemeSlot.ACCENT_1, Optional.of(new Paint.OfSwatch(teal.id()))),
                brand -> new ThemeChange.FillSlot(
                        first(brand), ThemeSlot.ACCENT_2, Optional.of(new Paint.Shifted(teal.id(), 0.25))),
                brand -> new ThemeChange.FillSlot(
                        first(brand), ThemeSlot.ACCENT_3, Optional.of(new Paint.Fixed(Rgb.ofHex("FFD400")))),
                brand -> new ThemeChange.FillSlot(first(brand), ThemeSlot.ACCENT_4, Optional.empty()),
                brand -> new GroundChange.RulePair(new PairRule(
                        PairRule.Kind.NARROWED,
                        new Paint.OfSwatch(teal.id()),
                        new Paint.Fixed(Rgb.WHITE),
                        "Only for the hull")),
                brand -> new GroundChange.RulePair(new PairRule(
                        PairRule.Kind.LEFT,
                        new Paint.OnLadder(navy.id(), 0.5),
                        new Paint.OfSwatch(teal.id()),
                        "Painted so since 1987")),
                brand -> new GroundChange.FreePair(new Paint.OfSwatch(teal.id()), new Paint.Fixed(Rgb.WHITE)),
                brand -> new GroundChange.KeepGround(new ComposedGround(
                        veil,
                        "Title band",
                        new ComposedGround.Base.OfGradient(
                                List.of(
                                        new Paint.OnLadder(navy.id(), -0.5),
                                        new Paint.OfSwatch(navy.id()),
                                        new Paint.OfSwatch(teal.id())),
                                false,
                                45),
                        Optional.of(new ComposedGround.Laid(new Paint.OfSwatch(teal.id()), Fraction.of(0.7))),
                        new Paint.Fixed(Rgb.WHITE))),
                brand -> new GroundChange.KeepGround(new ComposedGround(
                        ids.next(),
                        "Harbour",
                        new ComposedGround.Base.OfPicture(ids.next()),
                        Optional.empty(),
                        new Paint.OfSwatch(navy.id()))),
                brand -> new PaletteChange.RemoveSwatch(teal.id()),
                brand -> new GroundChange.DropGround(veil),
                brand -> new ThemeChange.RenameTheme(first(brand), "Daylight"),
                brand -> new ThemeChange.SetGround(first(brand), PageGround.DARK),
                brand -> new ThemesChange.AddTheme(
                        Turning.of(brand.look().theme(), brand.palette(), brand.roles())
                                .under(ids.next())
                                .withName("Day"),
                        Optional.of("Daylight")),
                brand -> new ThemeChange.FillSlot(
                        brand.themes().ids().get(1),
                        ThemeSlot.ACCENT_5,
                        Optional.of(new Paint.OnLadder(navy.id(), 0.25))),
                brand -> new ThemesChange.LeadWithTheme(brand.themes().ids().get(1)),
                brand -> new ThemeChange.SetPolicy(
                        first(brand),
                        new SuggestionPolicy(
                                SuggestionPolicy.Spare.REPEAT,
                                SuggestionPolicy.LinkColors.CUSTOMARY,
                                SuggestionPolicy.Highlight.IN_ORDER_OF_USE,
                                Set.of(ThemeSlot.ACCENT_2))),
                brand -> new AlternativeChange.BeginPalette(ids.next(), "Second draft", false),
                brand -> new AlternativeChange.BeginPalette(campaign, "Campaign", true),
                brand -> new AlternativeChange.UsePalette(campaign, ids.next()),
                brand -> new AlternativeChange.RenamePalette(Optional.empty(), "Chosen"),
                brand -> new AlternativeChange.RenamePalette(
                        Optional.of(brand.alternatives().others().get(0).id()), "Left"),
                brand -> new AlternativeChange.DropPalette(
                        brand.alternatives().others().get(1).id()),
                brand -> BrandChange.DraftAgain.of(
                        brand,
                        "logo.png and 1 more",
                        List.of(swatch(ids, "Rust", "A8401E"), swatch(ids, "Deep blue", "0B2A4A"))),
                brand -> new ThemesChange.RemoveTheme(brand.themes().ids().get(1)),
                brand -> new BrandChange.RenameBrand("Ostrel"),
                brand -> new BrandChange.SetShortCode(Optional.empty()),
                brand -> new TypeChange.SetLettering(
                        TypeRole.HEADING,
                        brand.type().get(TypeRole.HEADING).in(new FontFamily("Lora", FaceKind.SERIF))),
                brand -> new TypeChange.SetLettering(
                        TypeRole.LOGO, brand.type().get(TypeRole.HEADING).sized(new Sizes(40, 30, 36))),
                brand -> new TypeChange.SetLettering(
                        TypeRole.BODY, brand.type().get(TypeRole.BODY).instead(Map.of(Place.MAIL, "Verdana"))),
                brand -> new TypeChange.DropLogoFace(),
                brand -> new TypeChange.TakePair(new FontPair(
                        new FontFamily("Zilla Slab", FaceKind.SLAB), new FontFamily("Inter", FaceKind.SANS))),
                brand -> new TypeChange.ScaleSizes(TypeScale.GOLDEN),
                brand -> new TypeChange.SetLanguages(List.of(Language.SPANISH, Language.GERMAN)),
                brand -> new LogoChange.SetForm(LogoForm.PRIMARY, new Drawn.OfFile(new UUID(5, 1), false), "logo.svg"),
                brand -> new LogoChange.SetForm(LogoForm.PRIMARY, new Drawn.OfFile(new UUID(5, 1), true), "logo.svg"),
                brand -> new LogoChange.SetForm(
                        LogoForm.SUBMARK, new Drawn.CutOut(LogoForm.PRIMARY, new Cutting(0, 0, 0.5, 1)), ""),
                brand -> new LogoChange.SetForm(
                        LogoForm.ICON,
                        new Drawn.OnGround(LogoForm.SUBMARK, new Paint.Fixed(Rgb.BLACK), IconShape.ROUND),
                        ""),
                brand -> new LogoChange.SetVersion(
                        LogoForm.SUBMARK, LogoVersion.DARK, Optional.of(new UUID(5, 2)), "dark.svg"),
                brand -> new LogoChange.SetVersion(LogoForm.SUBMARK, LogoVersion.DARK, Optional.empty(), ""),
                brand -> new LogoChange.Measure(
                        LogoForm.PRIMARY, new LogoMeasures(Optional.of(0.5), Optional.of(28.0), Optional.empty())),
                brand -> new LogoChange.SayUse(LogoForm.PRIMARY, "Title pages"),
                brand -> new LogoChange.DropForm(LogoForm.SUBMARK),
                brand -> new LogoChange.KeepElement(element("Waves")),
                brand -> new LogoChange.KeepElement(element("Long waves")),
                brand -> new LogoChange.DropElement(new UUID(7, 1)),
                brand -> ThemeTaking.from(
                        new FoundTheme(
                                "Timetable",
                                Map.of(ThemeSlot.ACCENT_1, Rgb.ofHex("0F7C7A"), ThemeSlot.LIGHT_1, Rgb.WHITE),
                                Optional.of(new FontPair(
                                        new FontFamily("Georgia", FaceKind.SERIF),
                                        new FontFamily("Arial", FaceKind.SANS)))),
                        "timetable.pptx",
                        brand,
                        ids::next));
    }

    private static BrandElement element(String name) {
        return new BrandElement(
                new UUID(7, 1), BrandElement.Kind.PATTERN, name, "For the back of letters.", new UUID(5, 3));
    }

    private static GuideChange section(Brand brand, SectionKind kind, UnaryOperator<GuideSection> change) {
        return new GuideChange.SetSection(change.apply(brand.guide().get(kind)));
    }
}
