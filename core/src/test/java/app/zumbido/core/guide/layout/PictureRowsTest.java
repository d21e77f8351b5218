package app.zumbido.core.guide.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.guide.Block.Pictured;
import app.zumbido.core.guide.Block.Pictures;
import app.zumbido.core.guide.MoodPicture;
import app.zumbido.core.guide.Share;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class PictureRowsTest {
    private static final Setting SETTING =
            new Setting(500, 750, 9.5, 10, Setting.Density.USUAL, EvenLetters.INKS, new EvenLetters());

    private static Pictured picture(double ratio, Share share) {
        return new Pictured(new UUID(0, 1), ratio, MoodPicture.Crop.WHOLE, share, "A picture", false);
    }

    @Test
    void picturesOfARowAreEquallyHighAndFillIt() {
        List<Pictured> pictures = Stream.of(1.5, 0.7, 1.8, 1.0, 1.2)
                .map(ratio -> picture(ratio, Share.FULL))
                .toList();
        List<Part> rows = PictureRows.of(new Pictures(pictures, false), SETTING);
        assertThat(rows).hasSizeGreaterThan(1);
        for (Part row : rows.subList(0, rows.size() - 1)) {
            assertThat(row.parts().get(row.parts().size() - 1).box().right()).isCloseTo(500, within(0.01));
            row.parts()
                    .forEach(part -> assertThat(part.box().height())
                            .isCloseTo(row.parts().get(0).box().height(), within(0.01)));
        }
        rows.stream()
                .flatMap(row -> row.parts().stream())
                .forEach(part ->
                        assertThat(part.box().width() / part.box().height()).isBetween(0.69, 1.81));
    }

    @Test
    void byHandEachIsAsWideAsIsSaid() {
        List<Part> rows = PictureRows.of(
                new Pictures(List.of(picture(1, Share.THIRD), picture(1, Share.THIRD), picture(2, Share.HALF)), true),
                SETTING);
        assertThat(rows).hasSize(2);
        assertThat(rows.get(0).parts()).hasSize(2);
        double third = rows.get(0).parts().get(0).box().width();
        assertThat(3 * third + 2 * SETTING.seam()).isCloseTo(500, within(0.01));
        double half = rows.get(1).parts().get(0).box().width();
        assertThat(2 * half + SETTING.seam()).isCloseTo(500, within(0.01));
    }
}
