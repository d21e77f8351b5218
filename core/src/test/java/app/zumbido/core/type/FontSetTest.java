package app.zumbido.core.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class FontSetTest {
    private static final FontSet USUAL = FontSet.TO_BEGIN_WITH;

    @Test
    void setsAPairWithoutTouchingAnythingElse() {
        FontSet capitals = USUAL.with(
                TypeRole.SUBHEADING,
                USUAL.get(TypeRole.SUBHEADING)
                        .instead(Map.of(Place.MAIL, "Verdana"))
                        .sized(new Sizes(30, 20, 25)));
        FontSet set = capitals.in(
                new FontPair(new FontFamily("Lora", FaceKind.SERIF), new FontFamily("Inter", FaceKind.SANS)));
        assertThat(set.pair().heading().name()).isEqualTo("Lora");
        assertThat(set.get(TypeRole.SUBHEADING).family()).isEqualTo("Lora");
        assertThat(set.get(TypeRole.SUBHEADING).sizes()).isEqualTo(new Sizes(30, 20, 25));
        // What stood in for the old face says nothing about the new one.
        assertThat(set.get(TypeRole.SUBHEADING).standIns()).isEmpty();
        assertThat(set.get(TypeRole.BODY).weight()).isEqualTo(Lettering.REGULAR);
    }

    @Test
    void setsTheLogoAsTheHeadingUntilItHasAFaceOfItsOwn() {
        assertThat(USUAL.logo()).isEmpty();
        assertThat(USUAL.get(TypeRole.LOGO)).isEqualTo(USUAL.get(TypeRole.HEADING));
        FontSet own =
                USUAL.with(TypeRole.LOGO, USUAL.get(TypeRole.HEADING).in(new FontFamily("Caveat", FaceKind.SCRIPT)));
        assertThat(own.families()).extracting(FontFamily::name).hasSize(3).endsWith("Caveat");
        assertThat(own.withoutLogo()).isEqualTo(USUAL);
    }

    @Test
    void needsThreeRolesAndALanguage() {
        assertThatThrownBy(() -> new FontSet(Map.of(), List.of(Language.ENGLISH)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> USUAL.writing(List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThat(USUAL.writing(List.of(Language.SPANISH, Language.GERMAN, Language.SPANISH))
                        .languages())
                .containsExactly(Language.SPANISH, Language.GERMAN);
    }

    @Test
    void endsEveryStackInAGenericOfItsKind() {
        assertThat(FontStack.of(USUAL.get(TypeRole.HEADING)).css()).isEqualTo("\"Source Serif 4\", serif");
        Lettering arial = USUAL.get(TypeRole.BODY).in(new FontFamily("Arial", FaceKind.SANS));
        // The open family of the same metrics, where a computer has no Arial.
        assertThat(FontStack.of(arial).css()).isEqualTo("\"Arial\", \"Arimo\", sans-serif");
        Lettering odd = arial.in(new FontFamily("A \"B\" \\ C", FaceKind.MONO)).instead(Map.of(Place.SITE, "Verdana"));
        assertThat(FontStack.of(odd).css()).isEqualTo("\"A \\\"B\\\" \\\\ C\", \"Verdana\", monospace");
    }
}
