package app.zumbido.core.brand.guide;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.GuideChange;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.brand.RoleChange;
import app.zumbido.core.color.Cmyk;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.PressProfile;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.DoNot;
import app.zumbido.core.guide.Block.Example;
import app.zumbido.core.guide.Chapter;
import app.zumbido.core.guide.Content;
import app.zumbido.core.guide.GuideFacts;
import app.zumbido.core.guide.GuideWords;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.type.StandIn;
import app.zumbido.core.type.TypeRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class GuideContentTest {
    private static final UUID PICTURE = new UUID(7, 1);

    /** A press that prints nothing but cyan, and a logo that reads on light grounds only. */
    private record Facts(boolean logo) implements GuideFacts {
        @Override
        public PressProfile press() {
            return new PressProfile() {
                @Override
                public Cmyk toCmyk(Rgb rgb) {
                    return new Cmyk(0.876, 0, 0, 0);
                }

                @Override
                public Rgb toRgb(Cmyk inks) {
                    return Rgb.WHITE;
                }
            };
        }

        @Override
        public Optional<MeasuredLogo> logo(LogoForm form) {
            return logo && form == LogoForm.PRIMARY ? Optional.of(new MeasuredLogo(2, 0.25, 20, 90)) : Optional.empty();
        }

        @Override
        public List<SeenLogo> seen(LogoForm form, Rgb ground) {
            double ratio = ContrastRatio.between(Rgb.BLACK, ground).value();
            return List.of(new SeenLogo(LogoVersion.LIGHT, 2, ratio, ratio >= 3));
        }

        @Override
        public List<StandIn> standIns(TypeRole role) {
            return List.of();
        }

        @Override
        public boolean hasFace(TypeRole role) {
            return true;
        }

        @Override
        public Optional<Double> picture(UUID source) {
            return source.equals(PICTURE) ? Optional.of(1.5) : Optional.empty();
        }
    }

    private static Brand brand(String... swatches) {
        List<Swatch> list = new ArrayList<>();
        for (String swatch : swatches) {
            int blank = swatch.lastIndexOf(' ');
            list.add(Swatch.of(
                    new SwatchId(new UUID(0, list.size() + 1)),
                    swatch.substring(0, blank),
                    Rgb.ofHex(swatch.substring(blank + 1)),
                    List.of()));
        }
        Brand empty = Brand.begin(new UUID(1, 1), "Ostrel Ferries", Optional.empty(), new UUID(1, 2));
        return empty.apply(BrandChange.DraftBrand.of(empty, "logo.png", list));
    }

    private static Brand ferries() {
        return brand("Night channel 0B2A4A", "Harbour teal 0F7C7A", "Buoy orange F2682A", "Sailcloth FFFFFF");
    }

    private static GuideContent of(Brand brand) {
        return GuideContent.of(brand.look(), new Facts(false));
    }

    private static List<Block> blocks(Brand brand, SectionKind kind) {
        return ((Content.Filled) of(brand).sections().get(kind)).blocks();
    }

    private static <T> T first(Brand brand, SectionKind kind, Class<T> type) {
        return blocks(brand, kind).stream()
                .filter(type::isInstance)
                .map(type::cast)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everySectionHasSomethingToSayOrSaysWhatItLacks() {
        for (Brand brand : List.of(Brand.begin(new UUID(1, 1), "New", Optional.empty(), new UUID(1, 2)), ferries())) {
            GuideContent content = of(brand);
            assertThat(content.sections()).containsOnlyKeys(SectionKind.values());
            content.sections().forEach((kind, section) -> {
                if (section instanceof Content.Nothing nothing) {
                    assertThat(nothing.reason()).as(kind.name()).endsWith(".").hasSizeGreaterThan(20);
                } else {
                    assertThat(((Content.Filled) section).blocks())
                            .as(kind.name())
                            .isNotEmpty();
                }
            });
        }
    }

    @Test
    void whatIsLeftOutOrHasNothingToSayIsNotLaidOut() {
        Brand brand = ferries();
        brand = brand.apply(
                new GuideChange.SetSection(brand.guide().get(SectionKind.COLORS).shown(false)));
        assertThat(of(brand).chapters())
                .extracting(Chapter::section)
                .extracting(section -> section.kind())
                .contains(SectionKind.CODES)
                .doesNotContain(SectionKind.COLORS, SectionKind.MOOD, SectionKind.CONTACT);
    }

    @Test
    void aChangeOfTheBrandChangesTheGuide() {
        Brand changed = ferries()
                .apply(new PaletteChange.RecolorSwatch(
                        new SwatchId(new UUID(0, 3)), Rgb.ofHex("E0521A"), Optional.empty()));
        Block.Table codes = first(changed, SectionKind.CODES, Block.Table.class);
        assertThat(codes.rows().get(2).get(1).text()).isEqualTo("E0521A");
    }

    @Test
    void codesAreExactAndPaperIsNoInk() {
        Block.Table codes = first(ferries(), SectionKind.CODES, Block.Table.class);
        assertThat(codes.heads()).containsExactly("Colour", "Hex", "RGB", "CMYK, coated");
        assertThat(codes.rows().get(1))
                .extracting(Block.Cell::text)
                .containsExactly("Harbour teal", "0F7C7A", "15 124 122", "88 0 0 0");
        assertThat(codes.rows().get(3).get(3).text()).isEqualTo("paper");
    }

    /** WCAG 2.2, 1.4.3: whatever is written small on a ground reaches 4.5, what is large 3. */
    @Test
    void onlyWhatIsReadableStandsOnAGround() {
        for (Block.Bar bar :
                first(ferries(), SectionKind.STANDINGS, Block.Bars.class).bars()) {
            for (Block.Written written : bar.written()) {
                assertThat(ContrastRatio.between(written.ink(), bar.ground()).value())
                        .isGreaterThanOrEqualTo(written.large() ? 3 : 4.5);
            }
            assertThat(ContrastRatio.between(bar.ink(), bar.ground()).value()).isGreaterThanOrEqualTo(4.5);
        }
    }

    @Test
    void whatMustNotBeDoneIsTheBrandsOwnFailure() {
        List<DoNot> examples =
                first(ferries(), SectionKind.DO_NOTS, Block.DoNots.class).examples();
        DoNot unread = examples.get(0);
        Example.Words words = (Example.Words) unread.example();
        double ratio = ContrastRatio.between(words.ink(), unread.ground()).value();
        assertThat(ratio).isLessThan(3);
        assertThat(unread.words()).startsWith("No: ").contains(words.text(), "only ");
        assertThat(examples).extracting(DoNot::example).hasAtLeastOneElementOfType(Example.Everywhere.class);
        assertThat(examples).extracting(DoNot::example).noneMatch(Example.WrongLogo.class::isInstance);
    }

    @Test
    void aForbiddenColorIsShownAsSuchAndNowhereElse() {
        Brand brand = ferries();
        SwatchId orange = new SwatchId(new UUID(0, 3));
        brand = brand.apply(new RoleChange.SetOffLimits(orange, true));
        assertThat(first(brand, SectionKind.DO_NOTS, Block.DoNots.class).examples())
                .extracting(DoNot::example)
                .contains(new Example.Color(Rgb.ofHex("F2682A")));
        assertThat(first(brand, SectionKind.CODES, Block.Table.class).rows())
                .noneMatch(row -> row.get(1).text().equals("F2682A"));
    }

    @Test
    void theLogoIsCrossedOutOnTheGroundWhereItReadsWorst() {
        List<DoNot> examples = ((Content.Filled) GuideContent.of(ferries().look(), new Facts(true))
                        .sections()
                        .get(SectionKind.DO_NOTS))
                .blocks().stream()
                        .map(block -> (Block.DoNots) block)
                        .findFirst()
                        .orElseThrow()
                        .examples();
        assertThat(examples)
                .filteredOn(example -> example.example() instanceof Example.WrongLogo)
                .hasSize(3)
                .first()
                .satisfies(worst -> assertThat(worst.ground()).isEqualTo(Rgb.ofHex("0B2A4A")));
    }

    @Test
    void theVoiceAndTheContactAreWhatSomebodySaid() {
        Brand brand = ferries()
                .apply(new GuideChange.WordGuide(
                        new GuideWords("", "Plain", "We say boat.", "", "", "brand@ostrel.example", "November 2026")));
        assertThat(first(brand, SectionKind.CONTACT, Block.Sentence.class).target())
                .isEqualTo("mailto:brand@ostrel.example");
        assertThat(blocks(brand, SectionKind.VOICE)).hasSize(2);
        assertThat(first(brand, SectionKind.TITLE, Block.Cover.class).lines()).contains("November 2026");
    }

    /** As Roles says: 60, 30 and 10, and the secondary ones fall evenly. */
    @Test
    void portionsAreThoseOfRoles() {
        List<Block.Portion> portions =
                first(ferries(), SectionKind.SHARES, Block.Portions.class).portions();
        assertThat(portions.get(0).percent()).isEqualTo(60);
        assertThat(portions.stream().mapToDouble(Block.Portion::percent).sum()).isEqualTo(100);
    }
}
