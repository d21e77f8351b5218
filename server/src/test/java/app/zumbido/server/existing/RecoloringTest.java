package app.zumbido.server.existing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.recolor.ColorArea;
import app.zumbido.core.recolor.Deal;
import app.zumbido.core.recolor.Graphic;
import app.zumbido.formats.recolor.GraphicFile;
import app.zumbido.server.ServerTest;
import app.zumbido.server.TestPictures;
import app.zumbido.server.trail.BrandKeeper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

@ServerTest
class RecoloringTest {
    private static final List<Rgb> COLORS =
            List.of(Rgb.ofHex("0B2A4A"), Rgb.ofHex("0F7C7A"), Rgb.ofHex("F2682A"), Rgb.ofHex("EAF3F2"));

    @Autowired
    private ExistingFiles files;

    @Autowired
    private Recoloring recoloring;

    @Autowired
    private Deals deals;

    @Autowired
    private BrandKeeper keeper;

    private Brand brand() {
        return keeper.begin("Observatory", Optional.empty()).brand();
    }

    private static byte[] drawing(String name) {
        try (InputStream in = Objects.requireNonNull(RecoloringTest.class.getResourceAsStream("/demo/" + name))) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private ExistingFileRow add(Brand brand, String name, byte[] content) {
        return files.add(brand.id(), name, new ByteArrayInputStream(content));
    }

    private static Deals.Wish wish(Map<Rgb, Rgb> kept, Set<Rgb> still) {
        return new Deals.Wish(COLORS, true, kept, still, List.of(), 3, Optional.empty());
    }

    @Test
    void dealsMoreWithoutDealingAnythingTwice() {
        Brand brand = brand();
        List<ExistingFileRow> rows = List.of(add(brand, "hill.svg", drawing("hill-by-day.svg")));
        List<Deal> four = deals.deals(rows, brand, wish(Map.of(), Set.of()), 4);
        List<Deal> six = deals.deals(rows, brand, wish(Map.of(), Set.of()), 6);
        assertThat(six.subList(0, 4)).isEqualTo(four);
        assertThat(six).extracting(Deal::mapping).doesNotHaveDuplicates();
    }

    @Test
    void servesASetWithOneMapping() {
        Brand brand = brand();
        ExistingFileRow hill = add(brand, "hill.svg", drawing("hill-by-day.svg"));
        ExistingFileRow bus = add(brand, "bus.svg", drawing("icon-bus.svg"));
        ExistingFileRow lamp = add(brand, "lamp.svg", drawing("icon-lamp.svg"));
        add(
                brand,
                "other.svg",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><rect width='9' height='9' fill='#123456'/></svg>"
                        .getBytes(StandardCharsets.UTF_8));
        assertThat(recoloring.set(hill)).extracting(ExistingFileRow::name).containsExactly("bus.svg", "lamp.svg");
        Deal deal = deals.deals(List.of(hill, bus, lamp), brand, wish(Map.of(), Set.of()), 1)
                .get(0);
        for (ExistingFileRow row : List.of(hill, bus, lamp)) {
            Graphic own = GraphicFile.open(files.content(row)).graphic(List.of());
            assertThat(deal.mapping().keySet())
                    .containsAll(own.areas().stream().map(ColorArea::color).toList());
        }
    }

    @Test
    void keepsTheFileThatCameAndMakesANewVersion() {
        Brand brand = brand();
        ExistingFileRow hill = add(brand, "hill.svg", drawing("hill-by-day.svg"));
        ExistingFileRow made =
                recoloring.recolor(hill, brand, Map.of(Rgb.ofHex("FFC93C"), Rgb.ofHex("F2682A")), List.of(), false);
        assertThat(made.lineage()).isEqualTo(hill.lineage());
        assertThat(made.madeBy()).isEqualTo("recolor");
        assertThat(new String(files.content(made), StandardCharsets.UTF_8))
                .isEqualTo(new String(files.content(hill), StandardCharsets.UTF_8).replace("#FFC93C", "#F2682A"));
    }

    /** The names are those of the stylesheet that the brand hands over. */
    @Test
    void writesTheNamesOfSwatchesWhereThatIsWanted() {
        Brand brand = brand();
        ExistingFileRow hill = add(brand, "hill.svg", drawing("hill-by-day.svg"));
        assertThat(brand.palette().swatches()).isEmpty();
        ExistingFileRow made =
                recoloring.recolor(hill, brand, Map.of(Rgb.ofHex("FFC93C"), Rgb.ofHex("F2682A")), List.of(), true);
        // A colour that is no swatch has no name.
        assertThat(new String(files.content(made), StandardCharsets.UTF_8)).contains("fill=\"#F2682A\"");
    }

    @Test
    void refusesColorsThatAreNotThere() {
        Brand brand = brand();
        ExistingFileRow hill = add(brand, "hill.svg", drawing("hill-by-day.svg"));
        Map<Rgb, Rgb> unknown = Map.of(Rgb.ofHex("010203"), Rgb.WHITE);
        assertThatThrownBy(() -> recoloring.recolor(hill, brand, unknown, List.of(), false))
                .hasMessageContaining("#010203");
        assertThatThrownBy(() -> deals.deals(List.of(hill), brand, wish(unknown, Set.of()), 1))
                .hasMessageContaining("#010203");
    }

    @Test
    void aDrawingInTwoColorsIsAPictureAndCalledSo() {
        Brand brand = brand();
        ExistingFileRow hill = add(brand, "hill.svg", drawing("hill-by-day.svg"));
        ExistingFileRow made = recoloring.duotone(hill, COLORS.get(0), COLORS.get(3));
        assertThat(made.name()).isEqualTo("hill.png");
        assertThat(made.kind()).isEqualTo("png");
    }

    @Test
    void aFlatPictureIsRecoloredAsAPicture() {
        Brand brand = brand();
        ExistingFileRow logo = add(brand, "logo.png", TestPictures.logo());
        assertThat(logo.kind()).isEqualTo("png");
        Graphic areas = deals.areas(List.of(logo), wish(Map.of(), Set.of()));
        Rgb first = areas.areas().get(0).color();
        ExistingFileRow made = recoloring.recolor(logo, brand, Map.of(first, COLORS.get(0)), List.of(), false);
        assertThat(GraphicFile.open(files.content(made)).graphic(List.of()).indexOf(COLORS.get(0)))
                .isNotNegative();
    }
}
