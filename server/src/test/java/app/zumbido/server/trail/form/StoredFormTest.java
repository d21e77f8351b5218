package app.zumbido.server.trail.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.brand.Alternatives;
import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.ChangeKind;
import app.zumbido.core.brand.LogoChange;
import app.zumbido.core.brand.TemplateDesign;
import app.zumbido.core.brand.TrailNote;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.guide.GuideDesign;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoSet;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Proportion;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotReason;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.FontPair;
import app.zumbido.core.type.TypeRole;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Objects;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The samples were written once, by the program of their time, and are never written again: they must load for ever. */
class StoredFormTest {
    private static JsonNode sample(String name) throws IOException {
        try (InputStream in = Objects.requireNonNull(StoredFormTest.class.getResourceAsStream(name))) {
            return StoredForm.tree(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    private static Brand written(int version) throws IOException {
        return StoredForm.brand(sample("brand-" + version + ".json"));
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4})
    void readsSnapshotsOfTheTimeWhenABrandHadOneTheme(int version) throws IOException {
        Brand brand = written(version);
        assertThat(brand.name()).isEqualTo("Ostrel Ferries");
        assertThat(brand.palette().groups()).startsWith(Group.USUAL.toArray(Group[]::new));
        assertThat(brand.palette().swatches()).hasSizeGreaterThanOrEqualTo(6);
        assertThat(brand.roles().proportion()).isEqualTo(Proportion.TO_BEGIN_WITH);
        assertThat(brand.themes().all()).singleElement().satisfies(theme -> {
            assertThat(theme.unfilled()).isEmpty();
            assertThat(theme.ground()).isEqualTo(PageGround.LIGHT);
        });
        assertThat(StoredForm.brand(StoredForm.snapshot(brand))).isEqualTo(brand);
    }

    @Test
    void readsASnapshotOfTheFirstVersion() throws IOException {
        Brand brand = written(1);
        assertThat(brand.name()).isEqualTo("Ostrel Ferries");
        assertThat(brand.shortCode()).contains("OF");
        assertThat(brand.revision()).isEqualTo(4);
        Swatch teal = brand.palette().swatches().get(0);
        assertThat(teal.color()).isEqualTo(Rgb.ofHex("0F7C7A"));
        assertThat(teal.origins().get(0).x()).hasValue(81);
        assertThat(teal.origins().get(0).area()).isEmpty();
        Theme theme = brand.themes().first();
        assertThat(theme.get(ThemeSlot.HYPERLINK).paint()).contains(new Paint.Shifted(teal.id(), -0.01));
        assertThat(theme.get(ThemeSlot.HYPERLINK).reason()).contains(SlotReason.LINK_DEEPENED);
        assertThat(theme.get(ThemeSlot.LIGHT_1).paint()).contains(new Paint.Fixed(Rgb.WHITE));
        assertThat(theme.unfilled()).hasSize(9);
    }

    @Test
    void readsASnapshotOfTheFifthVersion() throws IOException {
        Brand brand = written(5);
        assertThat(brand.themes().all()).extracting(Theme::ground).containsExactly(PageGround.LIGHT, PageGround.DARK);
        assertThat(brand.themes().first().unfilled()).containsExactly(ThemeSlot.ACCENT_4);
        Swatch pale = brand.palette().swatches().stream()
                .filter(swatch -> swatch.name().equals("Pale teal"))
                .findFirst()
                .orElseThrow();
        Swatch teal = brand.palette().swatches().stream()
                .filter(swatch -> swatch.name().equals("Harbour teal"))
                .findFirst()
                .orElseThrow();
        assertThat(pale.step()).contains(new Paint.OnLadder(teal.id(), 0.75));
        assertThat(teal.notes().spotInk()).isEqualTo("Blue 4 of the island printers");
        assertThat(brand.grounds().pairs())
                .extracting(rule -> rule.text())
                .contains(new Paint.OnLadder(teal.id(), 0.5), new Paint.Fixed(Rgb.ofHex("FFD400")));
        assertThat(brand.grounds()
                        .composed()
                        .get(0)
                        .laid()
                        .orElseThrow()
                        .opacity()
                        .value())
                .isEqualTo(0.7);
        assertThat(brand.grounds().composed()).hasSize(2);
    }

    /** It was a brand of everything of its time; no theme said what suggestions heed, and there was one palette. */
    @Test
    void readsASnapshotOfTheSixthVersion() throws IOException {
        Brand brand = written(6);
        Brand now = BrandOfEverything.brand();
        assertThat(brand.palette()).isEqualTo(now.palette());
        assertThat(brand.grounds().composed()).isEqualTo(now.grounds().composed());
        assertThat(now.grounds().pairs()).startsWith(brand.grounds().pairs().toArray(PairRule[]::new));
        assertThat(brand.alternatives()).isEqualTo(Alternatives.NONE);
        assertThat(brand.themes().all())
                .hasSize(2)
                .allSatisfy(theme -> assertThat(theme.policy()).isEqualTo(SuggestionPolicy.USUAL));
        assertThat(brand.themes().get(now.themes().first().id()).slots())
                .isEqualTo(now.themes().first().slots());
    }

    /** It was a brand of everything of its time; fonts were two names of each theme. */
    @Test
    void readsASnapshotOfTheSeventhVersion() throws IOException {
        Brand brand = written(7);
        Brand now = BrandOfEverything.brand();
        assertThat(brand.palette()).isEqualTo(now.palette());
        assertThat(brand.alternatives()).isEqualTo(now.alternatives());
        assertThat(brand.themes()).isEqualTo(now.themes());
        assertThat(brand.type().pair())
                .isEqualTo(new FontPair(
                        new FontFamily("Georgia", FaceKind.SERIF), new FontFamily("Verdana", FaceKind.SANS)));
        assertThat(brand.type().get(TypeRole.SUBHEADING).family()).isEqualTo("Georgia");
    }

    /** It was a brand of everything of its time, without a logo. */
    @Test
    void readsASnapshotOfTheEighthVersion() throws IOException {
        Brand brand = written(8);
        Brand now = BrandOfEverything.brand();
        assertThat(brand.type()).isEqualTo(now.type());
        assertThat(brand.themes()).isEqualTo(now.themes());
        assertThat(brand.alternatives()).isEqualTo(now.alternatives());
        assertThat(brand.logos()).isEqualTo(LogoSet.NONE);
    }

    /** It was a brand of everything of its time; every template was made the same way. */
    @Test
    void readsASnapshotOfTheNinthVersion() throws IOException {
        Brand brand = written(9);
        Brand now = BrandOfEverything.brand();
        assertThat(brand.logos()).isEqualTo(now.logos());
        assertThat(brand.type()).isEqualTo(now.type());
        assertThat(brand.template()).isEqualTo(TemplateDesign.USUAL);
    }

    /** It was a brand of everything of its time; every guide was as usual. */
    @Test
    void readsASnapshotOfTheTenthVersion() throws IOException {
        Brand brand = written(10);
        assertThat(brand.template()).isEqualTo(BrandOfEverything.brand().template());
        assertThat(brand.guide()).isEqualTo(GuideDesign.USUAL);
    }

    /** Everything that can stand in a brand, so that renaming any of it turns this red before it breaks a stored brand. */
    @Test
    void readsAndWritesThePresentVersion() throws IOException {
        JsonNode sample = sample("brand-11.json");
        assertThat(BrandOfEverything.reasons()).contains(SlotReason.values());
        assertThat(StoredForm.brand(sample)).isEqualTo(BrandOfEverything.brand());
        assertThat(StoredForm.tree(StoredForm.snapshot(BrandOfEverything.brand())))
                .isEqualTo(sample);
    }

    /** The one way to draw a form that a brand with an icon of its submark has no place for. */
    @Test
    void keepsAnIconOfInitials() {
        Brand before = BrandOfEverything.brand();
        Drawn initials = new Drawn.OfInitials("OF", new Paint.Fixed(Rgb.BLACK), IconShape.SQUARE);
        Brand brand = before.apply(new LogoChange.SetForm(LogoForm.ICON, initials, ""));
        assertThat(StoredForm.brand(StoredForm.snapshot(brand))).isEqualTo(brand);
        assertThat(StoredForm.tree(StoredForm.snapshot(brand))
                        .at("/brand/logos/forms/ICON/drawn/type")
                        .asString())
                .isEqualTo("initials");
    }

    @Test
    void refusesVersionsThatItDoesNotKnow() {
        for (int version : new int[] {0, 12, -1}) {
            JsonNode snapshot = StoredForm.tree("{\"version\":" + version + ",\"brand\":{}}");
            assertThatThrownBy(() -> StoredForm.brand(snapshot)).isInstanceOf(IllegalArgumentException.class);
        }
    }

    @Test
    void readsANoteOfEveryKind() throws IOException {
        JsonNode notes = sample("notes-1.json");
        assertThat(notes).hasSameSizeAs(ChangeKind.values());
        for (JsonNode note : notes) {
            TrailNote read = StoredForm.note(note.toString());
            assertThat(StoredForm.tree(StoredForm.note(read))).isEqualTo(note);
        }
        assertThat(StoredForm.note(notes.get(0).toString()))
                .isEqualTo(new TrailNote(
                        ChangeKind.BEGUN,
                        Optional.of("logo.png"),
                        Optional.of(Rgb.ofHex("0F7C7A")),
                        Optional.of(ThemeSlot.ACCENT_1),
                        Optional.of("0B2A4A"),
                        Optional.of("0F7C7A"),
                        Optional.of("Night"),
                        2));
        assertThat(notes.valueStream().map(note -> note.path("kind").asString()))
                .containsExactlyElementsOf(
                        Arrays.stream(ChangeKind.values()).map(ChangeKind::name).toList());
    }
}
