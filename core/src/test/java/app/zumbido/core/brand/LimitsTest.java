package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.GroundRules;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.Notes;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.Themes;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Every value takes as much as it says, and not one more. */
class LimitsTest {
    private static final SwatchId TEAL = new SwatchId(new UUID(0, 1));

    private static UUID id(int number) {
        return new UUID(7, number);
    }

    private static Brand brand(String name) {
        return Brand.begin(id(1), name, Optional.empty(), id(2));
    }

    private static ComposedGround ground(int number, String name, int stops, int angle) {
        List<Paint> paints = IntStream.range(0, stops)
                .<Paint>mapToObj(i -> new Paint.Fixed(Rgb.BLACK))
                .toList();
        return new ComposedGround(
                id(number),
                name,
                new ComposedGround.Base.OfGradient(paints, false, angle),
                Optional.empty(),
                new Paint.Fixed(Rgb.WHITE));
    }

    private static <T> List<T> many(int count, IntFunction<T> one) {
        return IntStream.range(0, count).mapToObj(one).toList();
    }

    private static Arguments text(String what, int longest, Consumer<String> made) {
        return Arguments.of(what, longest, (Consumer<Integer>) length -> made.accept("n".repeat(length)));
    }

    static Stream<Arguments> limits() {
        return Stream.of(
                text("name of a brand", 120, LimitsTest::brand),
                text("name of a swatch", 80, name -> Swatch.of(TEAL, name, Rgb.BLACK, List.of())),
                text("name of a group", 40, Group::new),
                text("spot ink", 60, ink -> new Notes(ink, "")),
                text("note", 400, note -> new Notes("", note)),
                text("name of a theme", 80, name -> Theme.empty(id(1), name)),
                text("name of a ground", 80, name -> ground(1, name, 2, 0)),
                text("reason of a rule", 200, LimitsTest::rule),
                Arguments.of("stops of a ground", 3, (Consumer<Integer>) stops -> ground(1, "Band", stops, 0)),
                Arguments.of("angle of a ground", 359, (Consumer<Integer>) angle -> ground(1, "Band", 2, angle)),
                Arguments.of("composed grounds", 40, (Consumer<Integer>) count ->
                        new GroundRules(List.of(), many(count, i -> ground(i, "Band", 2, 0)))),
                Arguments.of("rules on pairs", 200, (Consumer<Integer>)
                        count -> new GroundRules(many(count, i -> rule("loud")), List.of())),
                Arguments.of("themes", 12, (Consumer<Integer>) count ->
                        new Themes(many(count, i -> Theme.empty(id(i), "Theme")))));
    }

    private static PairRule rule(String reason) {
        return new PairRule(PairRule.Kind.LEFT, new Paint.Fixed(Rgb.BLACK), new Paint.Fixed(Rgb.WHITE), reason);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("limits")
    void takeAsMuchAsTheySayAndNotOneMore(String what, int most, Consumer<Integer> made) {
        assertThatCode(() -> made.accept(most)).doesNotThrowAnyException();
        assertThatThrownBy(() -> made.accept(most + 1)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatIsNothingIsRefused() {
        assertThatThrownBy(() -> ground(1, "Band", 1, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> ground(1, "Band", 2, -1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Themes(List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Themes(many(2, i -> Theme.empty(id(1), "Twice"))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Group(" ")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> rule(" ")).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-1, -0.5, 0.001, 1})
    void stepsAndShiftsRunFromOneEndToTheOther(double way) {
        assertThat(new Paint.OnLadder(TEAL, way).away()).isEqualTo(way);
        assertThat(new Paint.Shifted(TEAL, way).lightness()).isEqualTo(way);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-1.001, 1.001, Double.NaN})
    void beyondTheEndsIsNothing(double way) {
        assertThatThrownBy(() -> new Paint.OnLadder(TEAL, way)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Paint.Shifted(TEAL, way)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Paint.OnLadder(TEAL, 0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void theUsualNameOfAThemeIsThatOfTheBrandAsFarAsItGoes() {
        assertThat(brand("Ostrel").usualThemeName()).isEqualTo("Ostrel");
        String longest = "n".repeat(80);
        assertThat(brand(longest).usualThemeName()).isEqualTo(longest);
        assertThat(brand(longest + "n").usualThemeName()).isEqualTo(longest);
        assertThat(brand("Ostrel").looks()).extracting(Look::isFirst).containsExactly(true);
    }
}
