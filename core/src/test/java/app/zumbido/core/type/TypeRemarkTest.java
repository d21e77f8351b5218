package app.zumbido.core.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;
import org.junit.jupiter.api.Test;

class TypeRemarkTest {
    private static final IntPredicate LATIN = letter -> letter < 0x100;

    private static TypeRemark.AtHand atHand(String family, FaceKind kind, double xHeight, Embedding embedding) {
        return new TypeRemark.AtHand(
                new Face(
                        family,
                        kind,
                        400,
                        false,
                        new FaceMetrics(0.9, 0.2, 0, xHeight, 0.7, 0.45, 0.09, 0.8, Map.of(Language.ENGLISH, 0.45))),
                embedding,
                LATIN);
    }

    private static FontSet set(String heading, FaceKind headingKind, String body, FaceKind bodyKind) {
        return FontSet.TO_BEGIN_WITH.in(
                new FontPair(new FontFamily(heading, headingKind), new FontFamily(body, bodyKind)));
    }

    private final Map<String, TypeRemark.AtHand> faces = new HashMap<>(Map.of(
            "Serif", atHand("Serif", FaceKind.SERIF, 0.50, Embedding.INSTALLABLE),
            "Sans", atHand("Sans", FaceKind.SANS, 0.51, Embedding.EDITABLE),
            "Other", atHand("Other", FaceKind.SANS, 0.51, Embedding.NONE)));

    @Test
    void saysThatHeadingAndBodyShareTheirXHeight() {
        assertThat(TypeRemark.of(set("Serif", FaceKind.SERIF, "Sans", FaceKind.SANS), "Ostrel", faces))
                .singleElement()
                .isInstanceOfSatisfying(
                        TypeRemark.SharedXHeight.class,
                        shared -> assertThat(shared.apart()).isCloseTo(Math.log(0.51 / 0.50), offset(1e-9)));
    }

    @Test
    void findsFacesThatAreNearlyAlikeAndMayNotBeEmbedded() {
        assertThat(TypeRemark.of(set("Sans", FaceKind.SANS, "Other", FaceKind.SANS), "Ostrel", faces))
                .contains(
                        new TypeRemark.NearlyAlike("Sans", "Other"),
                        new TypeRemark.MayNotBeEmbedded("Other", Embedding.NONE));
    }

    @Test
    void namesTheLettersThatAreMissing() {
        FontSet set =
                set("Serif", FaceKind.SERIF, "Sans", FaceKind.SANS).writing(List.of(Language.GERMAN, Language.CZECH));
        assertThat(TypeRemark.of(set, "Vlčí Důl", faces))
                .contains(new TypeRemark.LacksLetters("Serif", "čů", Optional.empty()))
                .contains(new TypeRemark.LacksLetters("Sans", "ČĎĚŇŘŠŤŮŽčďěňřšťůž", Optional.of(Language.CZECH)))
                .noneMatch(remark -> remark instanceof TypeRemark.LacksLetters lacks
                        && lacks.language().equals(Optional.of(Language.GERMAN)));
    }

    @Test
    void saysWhenThereIsNoFileAndWhenThereAreTooManyFaces() {
        FontSet set = set("Serif", FaceKind.SERIF, "Sans", FaceKind.SANS);
        FontSet four = set.with(
                        TypeRole.SUBHEADING, set.get(TypeRole.SUBHEADING).in(new FontFamily("Third", FaceKind.SLAB)))
                .with(TypeRole.LOGO, set.get(TypeRole.HEADING).in(new FontFamily("Fourth", FaceKind.SCRIPT)));
        assertThat(TypeRemark.of(four, "Ostrel", faces))
                .contains(
                        new TypeRemark.ManyFaces(4),
                        new TypeRemark.NotAtHand("Third"),
                        new TypeRemark.NotAtHand("Fourth"));
    }
}
