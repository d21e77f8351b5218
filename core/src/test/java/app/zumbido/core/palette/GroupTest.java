package app.zumbido.core.palette;

import static app.zumbido.core.palette.Swatches.id;
import static app.zumbido.core.palette.Swatches.palette;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class GroupTest {
    private static final Group VIDEO = new Group("Video");
    private static final Palette PALETTE =
            palette("0B2A4A", "0F7C7A", "F2682A", "FFFFFF").sorting(List.of(id(2)), Group.EXTENDED);

    private static List<String> codes(Palette palette) {
        return palette.swatches().stream().map(Swatch::name).toList();
    }

    @Test
    void aPaletteStandsGroupByGroup() {
        assertThat(codes(PALETTE)).containsExactly("0B2A4A", "F2682A", "FFFFFF", "0F7C7A");
        assertThat(PALETTE.in(Group.EXTENDED)).extracting(Swatch::name).containsExactly("0F7C7A");
    }

    @Test
    void aSwatchJoinsTheGroupThatItIsPutInto() {
        Palette moved = PALETTE.moving(id(1), 3);
        assertThat(codes(moved)).containsExactly("F2682A", "FFFFFF", "0F7C7A", "0B2A4A");
        assertThat(moved.get(id(1)).group()).isEqualTo(Group.EXTENDED);
    }

    @Test
    void atTheBorderOfItsGroupItStays() {
        Palette moved = PALETTE.moving(id(1), 2);
        assertThat(codes(moved)).containsExactly("F2682A", "FFFFFF", "0B2A4A", "0F7C7A");
        assertThat(moved.get(id(1)).group()).isEqualTo(Group.CORE);
    }

    @Test
    void movingAGroupMovesItsSwatches() {
        Palette moved = PALETTE.withGroups(List.of(Group.EXTENDED, Group.CORE, Group.CHARTS));
        assertThat(codes(moved)).startsWith("0F7C7A");
    }

    @Test
    void swatchesOfAGroupThatIsTakenAwayJoinTheCore() {
        List<Group> four = new ArrayList<>(Group.USUAL);
        four.add(VIDEO);
        Palette with = PALETTE.withGroups(four).sorting(List.of(id(3)), VIDEO);
        assertThat(codes(with)).endsWith("F2682A");
        assertThat(codes(with.renaming(VIDEO, new Group("Film")))).endsWith("F2682A");
        assertThat(codes(with.withGroups(Group.USUAL))).containsExactly("0B2A4A", "FFFFFF", "F2682A", "0F7C7A");
    }

    @Test
    void theUsualGroupsStayAndNoneStandsTwice() {
        assertThatIllegalArgumentException().isThrownBy(() -> PALETTE.withGroups(List.of(Group.CORE)));
        assertThatIllegalArgumentException().isThrownBy(() -> PALETTE.sorting(List.of(id(1)), VIDEO));
        assertThatIllegalArgumentException()
                .isThrownBy(
                        () -> PALETTE.withGroups(List.of(Group.CORE, Group.EXTENDED, Group.CHARTS, Group.EXTENDED)));
    }

    @Test
    void onlyWhatTheBrandMadeIsItsOwn() {
        assertThat(Group.USUAL).noneMatch(Group::isOwn);
        assertThat(new Group("Seasons").isOwn()).isTrue();
    }
}
