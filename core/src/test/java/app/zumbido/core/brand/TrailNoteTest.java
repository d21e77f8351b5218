package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.Ladder;
import app.zumbido.core.palette.MoodWord;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Proportion;
import app.zumbido.core.roles.Role;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What the trail keeps of each kind of step; a step is never a line that a reader must guess at. */
class TrailNoteTest {
    private static final Swatch NAVY = swatch(1, "Night channel", "0B2A4A");
    private static final Swatch TEAL = swatch(2, "Harbour teal", "0F7C7A");
    private static final Swatch STEP =
            swatch(3, "Pale teal", "FFFFFF").following(new Paint.OnLadder(TEAL.id(), 0.5), TEAL.color());
    private static final Group OWN = new Group("Own");
    private static final ComposedGround BAND = new ComposedGround(
            new UUID(7, 7),
            "Band",
            new ComposedGround.Base.OfGradient(
                    List.of(new Paint.OfSwatch(NAVY.id()), new Paint.OfSwatch(TEAL.id())), false, 90),
            Optional.empty(),
            new Paint.Fixed(Rgb.WHITE));
    private static final Brand BRAND = Brand.begin(new UUID(1, 1), "Ostrel", Optional.empty(), new UUID(1, 2))
            .apply(PaletteChange.AddSwatches.of(List.of(NAVY, TEAL, STEP)));

    private static Swatch swatch(int number, String name, String hex) {
        return Swatch.of(new SwatchId(new UUID(0, number)), name, Rgb.ofHex(hex), List.of());
    }

    static Stream<Arguments> steps() {
        Paint navy = new Paint.OfSwatch(NAVY.id());
        Paint orange = new Paint.Fixed(Rgb.ofHex("F2682A"));
        return Stream.of(
                Arguments.of(
                        new GroupChange.SortSwatches(List.of(TEAL.id(), NAVY.id()), OWN), "Harbour teal Core Own 2"),
                Arguments.of(new GroupChange.MoveGroup(Group.CHARTS, 0), "Charts 3 1 1"),
                Arguments.of(new GroupChange.RenameGroup(OWN, new Group("Ours")), "- Own Ours 1"),
                Arguments.of(
                        new RoleChange.AssignRole(Role.CHART, List.of(TEAL.id(), NAVY.id())), "Harbour teal - CHART 2"),
                Arguments.of(new RoleChange.AssignRole(Role.CHART, List.of()), "- - CHART 0"),
                Arguments.of(new RoleChange.SetProportion(new Proportion(70, 20, 10)), "- 60 / 30 / 10 70 / 20 / 10 1"),
                Arguments.of(new RoleChange.WordRole(Role.MAIN, "For titles."), "- MAIN For titles. 1"),
                Arguments.of(new RoleChange.SetOffLimits(NAVY.id(), true), "Night channel - - 1"),
                Arguments.of(new GroundChange.KeepGround(BAND), "Band - - 1"),
                Arguments.of(
                        new GroundChange.RulePair(new PairRule(PairRule.Kind.NARROWED, navy, orange, "loud")),
                        "loud Night channel F2682A 1"),
                Arguments.of(new PaletteChange.ApplyMood(MoodWord.WARMER, 0), "WARMER - - 0"),
                Arguments.of(new PaletteChange.ApplyMood(MoodWord.DARKER, 1), "DARKER - - 2"));
    }

    @ParameterizedTest
    @MethodSource("steps")
    void saysWhatWasTouchedFromWhatToWhat(Change change, String said) {
        TrailNote note = change.note(BRAND);
        assertThat(String.join(
                        " ",
                        note.subject().orElse("-"),
                        note.from().orElse("-"),
                        note.to().orElse("-"),
                        String.valueOf(note.count())))
                .isEqualTo(said);
    }

    @Test
    void oneKindOfChangeIsNotTheOther() {
        assertThat(kind(new RoleChange.SetOffLimits(NAVY.id(), true))).isEqualTo(ChangeKind.OFF_LIMITS_SET);
        assertThat(kind(new RoleChange.SetOffLimits(NAVY.id(), false))).isEqualTo(ChangeKind.OFF_LIMITS_LIFTED);
        assertThat(kind(new PaletteChange.PutRemarkAside("too-few", true))).isEqualTo(ChangeKind.REMARK_PUT_ASIDE);
        assertThat(kind(new PaletteChange.PutRemarkAside("too-few", false))).isEqualTo(ChangeKind.REMARK_BROUGHT_BACK);
        Change keep = new GroundChange.KeepGround(BAND);
        assertThat(kind(keep)).isEqualTo(ChangeKind.GROUND_KEPT);
        assertThat(keep.note(BRAND.apply(keep)).kind()).isEqualTo(ChangeKind.GROUND_CHANGED);
        assertThat(kind(new PaletteChange.MixSwatch(TEAL.id(), 0.1, 0.01, 0))).isEqualTo(ChangeKind.SWATCH_RECOLORED);
    }

    private static ChangeKind kind(Change change) {
        return change.note(BRAND).kind();
    }

    @Test
    void aMoodMovesWhatFollowsNothing() {
        Brand moved = BRAND.apply(new PaletteChange.ApplyMood(MoodWord.EARTHIER, 1));
        Rgb teal = moved.palette().get(TEAL.id()).color();
        assertThat(teal).isEqualTo(MoodWord.EARTHIER.apply(TEAL.color(), Fraction.of(1)));
        // The step keeps its place on the ladder of what was moved.
        assertThat(moved.palette().get(STEP.id()).color()).isEqualTo(Ladder.at(teal, 0.5));
    }

    @Test
    void groupsAreMadeMovedAndNotMadeTwice() {
        Brand sorted = BRAND.apply(new GroupChange.SortSwatches(List.of(TEAL.id()), OWN))
                .apply(new GroupChange.SortSwatches(List.of(NAVY.id()), OWN));
        assertThat(sorted.palette().groups()).containsExactly(Group.CORE, Group.EXTENDED, Group.CHARTS, OWN);
        Brand first = sorted.apply(new GroupChange.MoveGroup(OWN, 0));
        assertThat(first.palette().groups()).containsExactly(OWN, Group.CORE, Group.EXTENDED, Group.CHARTS);
        assertThat(first.apply(new GroupChange.MoveGroup(OWN, 99)).palette().groups())
                .containsExactly(Group.CORE, Group.EXTENDED, Group.CHARTS, OWN);
    }

    @Test
    void draftedRolesStandBesideThoseThatNothingWasFitFor() {
        Brand worded = BRAND.apply(new RoleChange.AssignRole(Role.CAUTION, List.of(TEAL.id())));
        Brand drafted = worded.apply(new RoleChange.DraftRoles(Map.of(Role.MAIN, List.of(NAVY.id()))));
        assertThat(drafted.roles().of(Role.MAIN)).containsExactly(NAVY.id());
        assertThat(drafted.roles().of(Role.CAUTION)).containsExactly(TEAL.id());
    }
}
