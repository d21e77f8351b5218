package app.zumbido.formats.existing;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.HouseOf;
import app.zumbido.core.brand.RoleChange;
import app.zumbido.core.brand.ThemeChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.check.Check;
import app.zumbido.core.inspect.check.Edit;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.inspect.check.FaultKind;
import app.zumbido.core.inspect.dress.DressLine;
import app.zumbido.core.inspect.dress.DressReason;
import app.zumbido.core.inspect.dress.DressTable;
import app.zumbido.core.inspect.dress.DressWarning;
import app.zumbido.core.inspect.dress.DressWarnings;
import app.zumbido.core.inspect.dress.Dressing;
import app.zumbido.core.inspect.dress.Headings;
import app.zumbido.core.inspect.dress.OldLogo;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.guide.ExampleAssets;
import app.zumbido.formats.office.OfficeSchemas;
import app.zumbido.formats.uses.Changes;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFTextShape;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.openxmlformats.schemas.presentationml.x2006.main.CTShape;

/** The deck of the evening visits, dressed in a brand of six colours on light and on dark pages. */
class DressedDeckTest {
    private static final Assets ASSETS = new ExampleAssets(Rgb.ofHex("14142B"), Rgb.ofHex("7A5CD6"), 4);
    private static byte[] deck;

    @BeforeAll
    static void deck() throws IOException {
        deck = EveningVisits.deck();
    }

    private static Brand brand(PageGround ground) {
        Brand drafted = BrandExample.brand(
                "Observatory",
                "Dark hour 14142B",
                "Violet hour 7A5CD6",
                "Ember F0A35A",
                "Dome C9CED6",
                "Hill 2E2A55",
                "Starlight F7F5EF");
        List<Swatch> all = drafted.palette().swatches();
        Brand brand = drafted.apply(
                        new RoleChange.AssignRole(Role.MAIN, List.of(all.get(1).id())))
                .apply(new RoleChange.AssignRole(
                        Role.HIGHLIGHT, List.of(all.get(2).id())))
                .apply(new ThemeChange.SetGround(drafted.look().themeId(), ground));
        return brand.apply(ThemeChange.ApplySuggestion.of(brand.look(), SuggestionPolicy.USUAL));
    }

    /** A deck in its new clothes, and what was said before. */
    private record Dressed(
            List<DressLine> table, List<OldLogo> logos, List<DressWarning> warnings, byte[] file, House house) {
        DressLine line(String digits, boolean text) {
            return table.stream()
                    .filter(line -> line.color().digits().equals(digits) && line.text() == text)
                    .findFirst()
                    .orElseThrow();
        }
    }

    private static Dressed dressed(PageGround ground, Map<Rgb, ThemeSlot> chosen) {
        return dressed(deck, ground, chosen, false);
    }

    /** @param moved whether the file has just come on the template's master */
    private static Dressed dressed(byte[] deck, PageGround ground, Map<Rgb, ThemeSlot> chosen, boolean moved) {
        Brand brand = brand(ground);
        House house = HouseOf.look(brand.look(), WcagLevel.AA, Set.of(), Set.of("arial", "times new roman"), true);
        try (ExistingFile file = ExistingFile.open(deck)) {
            Findings findings = file.findings();
            FileLogos logos = new FileLogos(file, ASSETS);
            List<DressLine> table = DressTable.of(findings, house, chosen);
            Dressing dressing = new Dressing(findings, house, table, moved);
            List<OldLogo> old = OldLogo.of(
                    findings,
                    logos,
                    dressing::after,
                    house.slots().get(house.ground().page()));
            List<Edit> edits = new ArrayList<>(dressing.colors());
            edits.addAll(dressing.letters());
            old.forEach(logo -> edits.addAll(logo.edits(logos.forms())));
            LineLengths lengths = new LineLengths(ASSETS);
            List<DressWarning> warnings = DressWarnings.of(
                    findings,
                    new DressWarnings.Shape(
                            4.0 / 3,
                            16.0 / 9,
                            List.copyOf(file.slides().orElseThrow().masters().values())),
                    old,
                    lengths::asItIs,
                    run -> 3 * lengths.asItIs(run));
            Changes.NewTheme theme = new Changes.NewTheme(
                    "Night", house.slots(), brand.type().pair(), ground == PageGround.DARK, Set.of());
            byte[] content = file.with(new Changes(edits, Optional.of(theme), ASSETS::logo));
            return new Dressed(table, old, warnings, content, house);
        }
    }

    /** What a practitioner asks of each; common practice, no published source. */
    @Test
    void mapsColorsByWhatTheyDo() {
        Dressed deck = dressed(PageGround.DARK, Map.of());
        Map<ThemeSlot, Rgb> slots = deck.house().slots();
        assertThat(deck.line("24406E", false).reason()).isEqualTo(DressReason.TITLE_GROUND);
        assertThat(deck.line("F5B81C", true).reason()).isEqualTo(DressReason.TEXT_ON_DARK);
        assertThat(slots.get(deck.line("B2161B", false).becomes().slot()).digits())
                .isEqualTo("F0A35A");
        assertThat(slots.get(deck.line("FFFF00", true).becomes().slot()).digits())
                .isEqualTo("F0A35A");
        assertThat(deck.line("FFFF00", true).perhaps()).isTrue();
        assertThat(slots.get(deck.line("3F6EB5", false).becomes().slot()).digits())
                .isEqualTo("7A5CD6");
        assertThat(deck.line("FFFFFF", false).becomes().slot()).isEqualTo(ThemeSlot.DARK_1);
    }

    @Test
    void obeysWhoeverChoosesAnotherSlot() throws IOException {
        Dressed deck = dressed(PageGround.LIGHT, Map.of(Rgb.ofHex("F5B81C"), ThemeSlot.LIGHT_2));
        assertThat(deck.line("F5B81C", true).reason()).isEqualTo(DressReason.CHOSEN);
        assertThat(deck.line("F5B81C", true).becomes().slot()).isEqualTo(ThemeSlot.LIGHT_2);
    }

    @Test
    void tellsWhatIsToBeKnownBefore() {
        List<DressWarning> warnings = dressed(PageGround.DARK, Map.of()).warnings();
        assertThat(warnings)
                .extracting(DressWarning::kind)
                .containsExactly(
                        DressWarning.Kind.OTHER_SIZE,
                        DressWarning.Kind.SEVERAL_MASTERS,
                        DressWarning.Kind.HIDDEN_GRAPHICS,
                        DressWarning.Kind.HEADINGS_WRAP,
                        DressWarning.Kind.OLD_LOGO,
                        DressWarning.Kind.FONTS_BY_HAND);
        assertThat(warnings.get(1).words()).containsExactly("Office look", "Old night");
        assertThat(warnings.get(2).pages()).containsExactly(12, 30);
    }

    /** A face that is three times as wide, so that every heading of some length wraps. */
    @Test
    void makesHeadingsThatWouldWrapSmallerWhereThatIsWanted() throws IOException {
        LineLengths lengths = new LineLengths(Assets.NONE);
        try (ExistingFile file = ExistingFile.open(deck)) {
            List<Headings.Heading> wrapping =
                    Headings.wrapping(file.findings(), lengths::asItIs, run -> 3 * lengths.asItIs(run));
            assertThat(wrapping).isNotEmpty().allMatch(heading -> heading.scale() < 1 && heading.scale() >= 0.6);
            byte[] smaller = file.with(Changes.of(Headings.smaller(wrapping)));
            Set<String> errors = new HashSet<>(OfficeSchemas.errors(smaller));
            errors.removeAll(OfficeSchemas.errors(deck));
            assertThat(errors).isEmpty();
            int page = wrapping.get(0).page();
            try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(smaller))) {
                XSLFTextShape title = show.getSlides().get(page - 1).getPlaceholders()[0];
                assertThat(((CTShape) title.getXmlObject())
                                .getTxBody()
                                .getBodyPr()
                                .getNormAutofit())
                        .isNotNull();
            }
        }
    }

    private static final Set<FaultKind> MENDED = Set.of(
            FaultKind.BY_HAND,
            FaultKind.NEAR_BRAND,
            FaultKind.OUTSIDE,
            FaultKind.CONTRAST,
            FaultKind.FONT_OUTSIDE,
            FaultKind.LOGO_STRETCHED,
            FaultKind.LOGO_GROUND);

    private static List<Fault> faults(Dressed deck) {
        try (ExistingFile file = ExistingFile.open(deck.file())) {
            return Check.of(file.findings(), deck.house(), new FileLogos(file, ASSETS));
        }
    }

    @ParameterizedTest
    @EnumSource(PageGround.class)
    void leavesNothingOffThatDressingCanMend(PageGround ground) {
        assertThat(faults(dressed(ground, Map.of())))
                .filteredOn(fault -> MENDED.contains(fault.kind()))
                .isEmpty();
    }

    /** Words that stood on the old master's grounds must be read on the new one's. */
    @ParameterizedTest
    @EnumSource(PageGround.class)
    void leavesNothingOffOnTheTemplatesMaster(PageGround ground) {
        byte[] moved;
        try (ExistingFile file = ExistingFile.open(deck)) {
            moved = TemplateMaster.under(file, brand(ground).look(), ASSETS, Set.of());
        }
        assertThat(faults(dressed(moved, ground, Map.of(), true)))
                .filteredOn(fault -> MENDED.contains(fault.kind()))
                .isEmpty();
    }

    /** What wears the brand already keeps every colour, on dark pages too. */
    @ParameterizedTest
    @EnumSource(PageGround.class)
    void staysAsItIsWhenItIsDressedAgain(PageGround ground) {
        Dressed once = dressed(ground, Map.of());
        assertThat(dressed(once.file(), ground, Map.of(), false).table())
                .isNotEmpty()
                .allSatisfy(line -> assertThat(
                                House.seen(line.becomes(), once.house().slots(), "pptx"))
                        .isEqualTo(line.color()));
    }

    @Test
    void isReadByAnotherLibraryInTheColorsAndProportionsOfTheBrand() throws IOException {
        Dressed dressed = dressed(PageGround.DARK, Map.of());
        Set<String> errors = new HashSet<>(OfficeSchemas.errors(dressed.file()));
        errors.removeAll(OfficeSchemas.errors(deck));
        assertThat(errors).isEmpty();
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(dressed.file()))) {
            assertThat(show.getPageSize().width).isEqualTo(720);
            XSLFTextShape title = show.getSlides().get(0).getPlaceholders()[0];
            assertThat(title.getTextParagraphs().get(0).getTextRuns().get(0).getFontFamily())
                    .isEqualTo(brand(PageGround.DARK).type().pair().heading().name());
        }
        assertThat(dressed.logos()).hasSize(2).allMatch(logo -> !logo.own());
    }
}
