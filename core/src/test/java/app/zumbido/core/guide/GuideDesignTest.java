package app.zumbido.core.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class GuideDesignTest {
    private static List<SectionKind> kinds(GuideDesign design) {
        return design.sections().stream().map(GuideSection::kind).toList();
    }

    @Test
    void everySectionStandsInItOnce() {
        assertThat(kinds(GuideDesign.USUAL)).containsExactly(SectionKind.values());
        List<GuideSection> twice =
                List.of(GuideDesign.USUAL.get(SectionKind.LOGOS), GuideDesign.USUAL.get(SectionKind.LOGOS));
        assertThatThrownBy(() -> new GuideDesign(Sheet.USUAL, twice, GuideWords.NONE, List.of(), false))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void movingPutsASectionInAnotherPlace() {
        GuideDesign moved = GuideDesign.USUAL.moving(SectionKind.LETTERS, 1);
        assertThat(kinds(moved)).startsWith(SectionKind.TITLE, SectionKind.LETTERS, SectionKind.LOGOS);
        assertThat(moved.moving(SectionKind.LETTERS, GuideDesign.USUAL.placeOf(SectionKind.LETTERS)))
                .isEqualTo(GuideDesign.USUAL);
        assertThatThrownBy(() -> moved.moving(SectionKind.LOGOS, 19)).isInstanceOf(IllegalArgumentException.class);
    }

    /** A section that comes with a later version of the program stands behind those that a brand had. */
    @Test
    void oldGuidesGetNewSections() {
        List<GuideSection> old =
                List.of(GuideDesign.USUAL.get(SectionKind.LETTERS).shown(false));
        assertThat(GuideDesign.completed(old))
                .hasSize(SectionKind.values().length)
                .startsWith(old.get(0), GuideDesign.USUAL.get(SectionKind.TITLE));
    }

    @Test
    void aTitleIsTheUsualOneUntilSomebodyGivesOne() {
        GuideSection colors = GuideDesign.USUAL.get(SectionKind.COLORS);
        assertThat(colors.heading()).isEqualTo("Colours");
        assertThat(colors.called("Our colours").heading()).isEqualTo("Our colours");
        assertThat(colors.called("Our colours").called("").heading()).isEqualTo("Colours");
    }

    @Test
    void aCropLiesWithinItsPicture() {
        assertThatThrownBy(() -> new MoodPicture.Crop(0.5, 0, 0.6, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new MoodPicture.Crop(0, 0, 0, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new MoodPicture.Crop(Double.NaN, 0, 1, 1))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void picturesGoUnderTheirNewIds() {
        UUID was = new UUID(1, 1);
        UUID is = new UUID(1, 2);
        GuideDesign design =
                GuideDesign.USUAL.with(List.of(new MoodPicture(was, MoodPicture.Crop.WHOLE, Share.HALF)), true);
        assertThat(design.over(id -> id.equals(was) ? is : id).mood().get(0).source())
                .isEqualTo(is);
    }

    /** ISO 216 for A4; 8.5 by 11 in for Letter; 16:9 for slides. */
    @Test
    void sheetsAreAsLargeAsTheyAreCalled() {
        assertThat(Sheet.USUAL.width() / 72 * 25.4).isCloseTo(210, within(0.01));
        assertThat(Sheet.USUAL.height() / 72 * 25.4).isCloseTo(297, within(0.01));
        Sheet lying = new Sheet(SheetFormat.LETTER, true, Spacing.EVEN, 840);
        assertThat(lying.width()).isEqualTo(11 * 72);
        assertThat(lying.height()).isEqualTo(8.5 * 72);
        assertThat(Sheet.SLIDES.width() / Sheet.SLIDES.height()).isEqualTo(16.0 / 9);
    }
}
