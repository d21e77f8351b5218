package app.zumbido.core.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.util.List;
import java.util.Map;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;

/** Faces are invented here; those that ship are measured in the module formats. */
class StandInsTest {
    private static Face face(String family, FaceKind kind, int weight, double width, double xHeight) {
        return new Face(
                family,
                kind,
                weight,
                false,
                new FaceMetrics(
                        0.9,
                        0.2,
                        0,
                        xHeight,
                        0.7,
                        width,
                        0.09,
                        0.8,
                        Map.of(Language.ENGLISH, width, Language.GERMAN, 0.5)));
    }

    private static final List<Face> SHIPPED = List.of(
            face("Arimo", FaceKind.SANS, 400, 0.44, 0.52),
            face("Arimo", FaceKind.SANS, 700, 0.48, 0.52),
            face("Tinos", FaceKind.SERIF, 400, 0.40, 0.45),
            face("Pen", FaceKind.SCRIPT, 400, 0.35, 0.4),
            face("Brush", FaceKind.SCRIPT, 400, 0.36, 0.41));

    private final StandIns standIns = StandIns.among(SHIPPED);

    private StandIn first(Face wanted, Place place) {
        return standIns.ranked(wanted, place, Language.ENGLISH).get(0);
    }

    @Test
    void keepsTheKindBeforeAnythingElse() {
        assertThat(first(face("Own", FaceKind.SLAB, 400, 0.44, 0.52), Place.SLIDES)
                        .face()
                        .kind()
                        .generic())
                .isEqualTo(FaceKind.Generic.SERIF);
        assertThat(first(face("Own", FaceKind.ROUNDED, 400, 0.40, 0.45), Place.MAIL)
                        .face()
                        .kind()
                        .generic())
                .isEqualTo(FaceKind.Generic.SANS_SERIF);
    }

    @Test
    void takesWhatComputersHaveWhereLinesStayAsTheyAre() {
        StandIn standIn = first(face("Own", FaceKind.SANS, 400, 0.45, 0.52), Place.MAIL);
        assertThat(standIn.face().family()).isEqualTo("Arial");
        assertThat(standIn.evidence()).isEqualTo(StandIn.Evidence.SAME_METRICS);
        assertThat(standIn.longer()).isCloseTo(0.44 / 0.45 - 1, offset(1e-9));
        assertThat(standIn.size() * (1 + standIn.longer())).isCloseTo(1, offset(1e-9));
    }

    @Test
    void comparesWithTheNearestWeight() {
        assertThat(first(face("Own", FaceKind.SANS, 700, 0.48, 0.52), Place.MAIL)
                        .face())
                .satisfies(face -> assertThat(face.family()).isEqualTo("Arial"))
                .satisfies(face -> assertThat(face.weight()).isEqualTo(700));
    }

    @Test
    void fallsBackToAFamilyToInstallWhereComputersHaveNoneOfTheKind() {
        StandIn standIn = first(SHIPPED.get(3), Place.SLIDES);
        assertThat(standIn.face().family()).isEqualTo("Brush");
        assertThat(standIn.evidence()).isEqualTo(StandIn.Evidence.MEASURED);
    }

    @Test
    void countsOnFamiliesOfOfficesOnlyWhereThereIsAnOffice() {
        assertThat(standIns.ranked(SHIPPED.get(0), Place.SLIDES, Language.ENGLISH))
                .extracting(standIn -> standIn.face().family())
                .contains("Segoe UI")
                .doesNotContain("Arimo");
        assertThat(standIns.ranked(SHIPPED.get(0), Place.MAIL, Language.ENGLISH))
                .extracting(standIn -> standIn.face().family())
                .doesNotContain("Segoe UI")
                .doesNotHaveDuplicates();
    }

    @Test
    void measuresInTheLanguageThatIsAskedFor() {
        Face own = face("Own", FaceKind.SANS, 400, 0.44, 0.52);
        assertThat(standIns.ranked(own, Place.MAIL, Language.GERMAN))
                .filteredOn(standIn -> standIn.face().family().equals("Arial"))
                .singleElement()
                .satisfies(standIn -> assertThat(standIn.longer()).isZero());
    }

    @Test
    void letsSomebodyChooseAnother() {
        Lettering lettering = FontSet.TO_BEGIN_WITH.get(TypeRole.BODY).instead(Map.of(Place.SITE, "Verdana"));
        Face own = face("Own", FaceKind.SANS, 400, 0.44, 0.52);
        assertThat(standIns.of(lettering, own, Place.SITE, Language.ENGLISH))
                .get()
                .satisfies(standIn -> assertThat(standIn.chosen()).isTrue())
                .satisfies(standIn -> assertThat(standIn.face().family()).isEqualTo("Verdana"));
        assertThat(standIns.of(lettering, own, Place.MAIL, Language.ENGLISH))
                .get()
                .satisfies(standIn -> assertThat(standIn.chosen()).isFalse());
    }

    /** xAvgCharWidth of the letter weights, as it stands in the files of old sans and serif families: 904 and 821 of 2048. */
    @Test
    void weighsLettersByHowOftenTheyCome() {
        // Adobe Font Metrics of the base fonts Helvetica and Times Roman, a to z and the space; from memory.
        assertThat(RunningText.frequencyWidth(widths(
                        556, 556, 500, 556, 556, 278, 556, 556, 222, 222, 500, 222, 833, 556, 556, 556, 556, 333, 500,
                        278, 556, 500, 722, 500, 500, 500, 278)))
                .isCloseTo(904 / 2.048, offset(0.5));
        assertThat(RunningText.frequencyWidth(widths(
                        444, 500, 444, 500, 444, 333, 500, 500, 278, 278, 500, 278, 778, 500, 500, 500, 500, 333, 389,
                        278, 500, 500, 722, 500, 500, 444, 250)))
                .isCloseTo(821 / 2.048, offset(0.5));
    }

    private static IntToDoubleFunction widths(int... widths) {
        return letter -> letter == ' ' ? widths[26] : widths[letter - 'a'];
    }
}
