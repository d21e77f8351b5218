package app.zumbido.core.logos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.SwatchId;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LogoSetTest {
    private static final UUID FILE = new UUID(1, 1);
    private static final UUID OTHER = new UUID(1, 2);
    private static final Cutting LEFT = new Cutting(0, 0, 0.5, 1);
    private static final SwatchId NAVY = new SwatchId(new UUID(2, 1));

    private static final LogoSet WHOLE = LogoSet.NONE
            .with(LogoForm.PRIMARY, new Drawn.OfFile(FILE, false))
            .with(LogoForm.SUBMARK, new Drawn.CutOut(LogoForm.PRIMARY, LEFT))
            .with(LogoForm.ICON, new Drawn.OnGround(LogoForm.SUBMARK, new Paint.OfSwatch(NAVY), IconShape.ROUND));

    /** @return ids of all pictures that it is made of */
    private static Set<UUID> pictures(LogoSet logos) {
        Set<UUID> pictures = new LinkedHashSet<>();
        logos.over(picture -> {
            pictures.add(picture);
            return picture;
        });
        return pictures;
    }

    @Test
    void knowsWhatIsMadeOfWhat() {
        assertThat(WHOLE.madeOf(LogoForm.PRIMARY)).containsExactly(LogoForm.SUBMARK);
        assertThat(WHOLE.get(LogoForm.ICON).drawn().madeOf()).contains(LogoForm.SUBMARK);
        assertThat(pictures(WHOLE)).containsExactly(FILE);
        assertThatThrownBy(() -> WHOLE.get(LogoForm.SHORT)).isInstanceOf(UnknownFormException.class);
    }

    @Test
    void takesAwayWhatIsMadeOfAFormThatGoes() {
        assertThat(WHOLE.without(LogoForm.SUBMARK).forms()).containsOnlyKeys(LogoForm.PRIMARY);
        assertThat(WHOLE.without(LogoForm.PRIMARY).forms()).isEmpty();
        assertThat(WHOLE.without(LogoForm.ICON).forms()).containsOnlyKeys(LogoForm.PRIMARY, LogoForm.SUBMARK);
    }

    @Test
    void makesNoFormOfItselfOrOfOneThatIsNotThere() {
        assertThatThrownBy(() -> WHOLE.with(LogoForm.SHORT, new Drawn.CutOut(LogoForm.SUBMARK, LEFT)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> LogoSet.NONE.with(LogoForm.SHORT, new Drawn.CutOut(LogoForm.PRIMARY, LEFT)))
                .isInstanceOf(UnknownFormException.class);
    }

    /** What was measured and made for one drawing is not true of another; where it is used is. */
    @Test
    void forgetsWhatBelongedToAFormerDrawing() {
        LogoSet told = WHOLE.used(LogoForm.PRIMARY, "Title pages")
                .with(LogoForm.PRIMARY, LogoVersion.DARK, Optional.of(OTHER))
                .measuring(LogoForm.PRIMARY, new LogoMeasures(Optional.of(0.5), Optional.empty(), Optional.empty()));
        KeptForm trimmed =
                told.with(LogoForm.PRIMARY, new Drawn.OfFile(FILE, true)).get(LogoForm.PRIMARY);
        assertThat(trimmed.own()).containsEntry(LogoVersion.DARK, OTHER);
        assertThat(trimmed.measures().clear()).contains(0.5);
        KeptForm replaced =
                told.with(LogoForm.PRIMARY, new Drawn.OfFile(OTHER, false)).get(LogoForm.PRIMARY);
        assertThat(replaced.own()).isEmpty();
        assertThat(replaced.measures()).isEqualTo(LogoMeasures.MEASURED);
        assertThat(replaced.use()).isEqualTo("Title pages");
        assertThat(told.with(LogoForm.PRIMARY, LogoVersion.DARK, Optional.empty())
                        .get(LogoForm.PRIMARY)
                        .own())
                .isEmpty();
    }

    @Test
    void isPaintedAndPicturedAnew() {
        Paint fixed = new Paint.Fixed(Rgb.BLACK);
        assertThat(WHOLE.paints()).containsExactly(new Paint.OfSwatch(NAVY));
        assertThat(WHOLE.repainted(paint -> fixed).paints()).containsExactly(fixed);
        LogoSet with = WHOLE.with(element("Waves", FILE));
        assertThat(pictures(with.over(picture -> OTHER))).containsExactly(OTHER);
    }

    private static BrandElement element(String name, UUID source) {
        return new BrandElement(new UUID(3, 1), BrandElement.Kind.PATTERN, name, "", source);
    }

    @Test
    void keepsElementsInTheirOrder() {
        BrandElement texture = new BrandElement(new UUID(3, 2), BrandElement.Kind.TEXTURE, "Rope", "For bags.", OTHER);
        LogoSet with = LogoSet.NONE.with(element("Waves", FILE)).with(texture).with(element("Long waves", FILE));
        assertThat(with.elements()).extracting(BrandElement::name).containsExactly("Long waves", "Rope");
        assertThat(with.withoutElement(new UUID(3, 1)).elements()).containsExactly(texture);
        assertThatThrownBy(() -> with.element(new UUID(9, 9))).isInstanceOf(UnknownElementException.class);
        assertThatThrownBy(() -> element(" ", FILE)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void refusesInitialsThatNobodyReads() {
        Paint ground = new Paint.Fixed(Rgb.BLACK);
        assertThatThrownBy(() -> new Drawn.OfInitials("FOUR", ground, IconShape.SQUARE))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Drawn.OfInitials("  ", ground, IconShape.SQUARE))
                .isInstanceOf(IllegalArgumentException.class);
        // Three letters outside of the first plane are three.
        assertThat(new Drawn.OfInitials("\uD835\uDC00\uD835\uDC01\uD835\uDC02", ground, IconShape.SQUARE).letters())
                .hasSize(6);
    }

    /** Worked by hand: a box of a quarter of the page, and how much of another lies in it. */
    @ParameterizedTest
    @CsvSource({
        "0.1, 0.1, 0.2, 0.2, true, true",
        "0.2, 0.2, 0.3, 0.3, true, true",
        "0.39, 0, 0.2, 0.2, false, true",
        "0.42, 0, 0.2, 0.2, false, false",
        "0.6, 0.6, 0.1, 0.1, false, false"
    })
    void tellsWhatLiesInACutting(double x, double y, double width, double height, boolean all, boolean most) {
        Cutting quarter = new Cutting(0, 0, 0.5, 0.5);
        Cutting other = new Cutting(x, y, width, height);
        assertThat(quarter.holds(other)).isEqualTo(all);
        assertThat(quarter.holdsMostOf(other)).isEqualTo(most);
    }

    @Test
    void refusesCuttingsBeyondThePage() {
        assertThatThrownBy(() -> new Cutting(0.6, 0, 0.5, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Cutting(0, 0, 0, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Drawn.LeftOut(LogoForm.PRIMARY, List.of()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Common practice, no published source: strokes of 0.2 mm in print and of 1 px on a screen. */
    @ParameterizedTest
    @CsvSource({"100, 20, 100", "96.2, 20, 97", "2, 1, 2", "1000000, 500, 2000"})
    void isSoSmallAtMost(double strokes, double millimetres, int pixels) {
        assertThat(LogoMeasures.leastMillimetres(strokes)).isEqualTo(millimetres);
        assertThat(LogoMeasures.leastPixels(strokes)).isEqualTo(pixels);
    }
}
