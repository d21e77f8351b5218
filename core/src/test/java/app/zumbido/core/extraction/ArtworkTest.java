package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The pictures are drawn here with known colours, so the right answer is known exactly. */
class ArtworkTest {
    private static Drawing logo() {
        return Drawing.on(400, 240, "FFFFFF")
                .disc("0B2A4A", 120, 110, 70)
                .wave("0F7C7A", 170, 16)
                .disc("F2682A", 250, 80, 18);
    }

    private static List<String> hexes(Extraction extraction) {
        return extraction.proposals().stream().map(p -> p.color().digits()).toList();
    }

    @Test
    void proposesExactlyTheColorsThatWereDrawn() {
        Extraction extraction = Extraction.from(logo().pixels());
        assertThat(extraction.reading()).isEqualTo(Reading.ARTWORK);
        assertThat(hexes(extraction)).containsExactlyInAnyOrder("0B2A4A", "0F7C7A", "F2682A", "FFFFFF");
    }

    @Test
    void marksTheGroundAndPutsItLast() {
        List<Proposal> proposals = Extraction.from(logo().pixels()).proposals();
        Proposal last = proposals.get(proposals.size() - 1);
        assertThat(last.color()).isEqualTo(Rgb.WHITE);
        assertThat(last.ground()).isTrue();
        assertThat(proposals.stream().filter(Proposal::ground)).hasSize(1);
    }

    @Test
    void countsTheGroundNotAmongTheMost() {
        List<Proposal> shown = Extraction.from(logo().pixels()).shown(Optional.of(2), Order.COVERAGE);
        assertThat(shown).hasSize(3);
        assertThat(shown.get(2).ground()).isTrue();
    }

    @Test
    void neverPadsToTheNumberAskedFor() {
        assertThat(Extraction.from(logo().pixels()).shown(Optional.of(10), Order.COVERAGE))
                .hasSize(4);
    }

    @Test
    void findsNoGroundUnderATransparentLogo() {
        Pixels pixels = Drawing.onNothing(300, 200)
                .disc("0B2A4A", 110, 100, 60)
                .disc("F2682A", 220, 100, 30)
                .pixels();
        Extraction extraction = Extraction.from(pixels);
        assertThat(extraction.transparentGround()).isTrue();
        assertThat(hexes(extraction)).containsExactly("0B2A4A", "F2682A");
        assertThat(extraction.proposals()).noneMatch(Proposal::ground);
    }

    @Test
    void takesABrandColorAsGroundWhenTheLogoStandsOnIt() {
        Pixels pixels =
                Drawing.on(300, 200, "0B2A4A").disc("FFFFFF", 150, 100, 60).pixels();
        assertThat(Extraction.from(pixels).proposals())
                .filteredOn(Proposal::ground)
                .extracting(p -> p.color().digits())
                .containsExactly("0B2A4A");
    }

    @Test
    void keepsTwoCloseBluesApart() {
        Pixels pixels = Drawing.on(300, 200, "FFFFFF")
                .box("1F4E8C", 20, 20, 140, 180)
                .box("2A5FA3", 160, 20, 280, 180)
                .pixels();
        assertThat(hexes(Extraction.from(pixels))).contains("1F4E8C", "2A5FA3");
    }

    @Test
    void keepsNearBlackBesideBlack() {
        Pixels pixels = Drawing.on(300, 200, "FFFFFF")
                .box("000000", 20, 20, 140, 180)
                .box("0A0A0C", 160, 20, 280, 180)
                .pixels();
        assertThat(hexes(Extraction.from(pixels))).contains("000000", "0A0A0C");
    }

    @Test
    void findsAPartOfThreeThousandths() {
        // 16 x 18 of 400 x 240 pixels is 0.3 %.
        Pixels pixels = logo().box("D83A56", 340, 200, 356, 218).pixels();
        assertThat(hexes(Extraction.from(pixels))).contains("D83A56");
    }

    @Test
    void proposesNoMixtureOfAnEnlargedLogo() {
        assertThat(hexes(Extraction.from(logo().enlarged(2).pixels())))
                .containsExactlyInAnyOrder("0B2A4A", "0F7C7A", "F2682A", "FFFFFF");
    }

    @Test
    void keepsAStripeThatHappensToBeMixedOfItsNeighbours() {
        Pixels pixels = Drawing.on(200, 200, "FFFFFF")
                .box("000000", 0, 104, 200, 200)
                .box("808080", 0, 96, 200, 104)
                .pixels();
        assertThat(hexes(Extraction.from(pixels))).contains("808080");
    }

    @Test
    void reportsAGradientByItsEnds() {
        Drawing drawing = Drawing.on(400, 200, "FFFFFF");
        for (int band = 0; band < 60; band++) {
            Rgb color = new Rgb(10 + band * 2, 40 + band * 2, 80 + band * 2);
            drawing.box(color.digits(), 20 + band * 6, 20, 26 + band * 6, 180);
        }
        assertThat(hexes(Extraction.from(drawing.pixels()))).containsExactlyInAnyOrder("0A2850", "809EC6", "FFFFFF");
    }

    @Test
    void whatIsLeftOfAGradientBetweenLettersIsNoColorOfItsOwn() {
        Drawing banner = gradient(600, 300);
        for (int i = 0; i < 6; i++) {
            banner.fill("FFFFFF", ring(90 + i * 84, 150));
        }
        assertThat(hexes(Extraction.from(banner.pixels()))).hasSize(3).contains("FFFFFF");
    }

    private static Drawing.Shape ring(int cx, int cy) {
        return (x, y) -> Math.abs(Math.hypot(x - cx, y - cy) - 28) < 9;
    }

    private static Drawing gradient(int width, int height) {
        Drawing drawing = Drawing.on(width, height, "FFFFFF");
        for (int x = 0; x < width; x++) {
            double along = (double) x / (width - 1);
            Rgb color = new Rgb((int) Math.round(18 + along * 220), (int) Math.round(60 + along * 100), (int)
                    Math.round(160 - along * 120));
            for (int y = 0; y < height; y++) {
                drawing.dot(color, x, y);
            }
        }
        return drawing;
    }

    @Test
    void placesEachColorDeepInsideItsRegion() {
        Extraction extraction = Extraction.from(logo().pixels());
        Proposal navy = extraction.proposals().stream()
                .filter(p -> p.color().digits().equals("0B2A4A"))
                .findFirst()
                .orElseThrow();
        assertThat(Math.hypot(navy.place().x() - 120, navy.place().y() - 100)).isLessThan(30);
    }

    @Test
    void measuresCoverageOfTheWholePicture() {
        Pixels pixels =
                Drawing.on(200, 100, "FFFFFF").box("0B2A4A", 20, 20, 70, 80).pixels();
        List<Proposal> proposals = Extraction.from(pixels).proposals();
        assertThat(proposals.get(0).coverage().value()).isCloseTo(0.15, within(1e-9));
        assertThat(proposals.get(1).coverage().value()).isCloseTo(0.85, within(1e-9));
    }

    @Test
    void findsTheRegionOfAColor() {
        Pixels pixels =
                Drawing.on(200, 100, "FFFFFF").box("0B2A4A", 20, 20, 70, 80).pixels();
        Extraction extraction = Extraction.from(pixels);
        assertThat(extraction
                        .region(pixels, Rgb.ofHex("0B2A4A"), 20, 10)
                        .orElseThrow()
                        .cardinality())
                .isEqualTo(30);
        assertThat(extraction.region(pixels, Rgb.ofHex("123456"), 20, 10)).isEmpty();
    }

    /** Unworn, worn, and read as a photograph: what is shown as the region is what the coverage counted. */
    @Test
    void countsAsCoverageWhatTheRegionShows() {
        Pixels drawn = logo().pixels();
        Pixels worn = logo().noise(2, 7).pixels();
        assertThat(Extraction.from(worn).exact()).isFalse();
        for (Extraction extraction :
                List.of(Extraction.from(drawn), Extraction.from(worn), Extraction.from(worn, Reading.PHOTOGRAPH))) {
            Pixels pixels = extraction.exact() ? drawn : worn;
            assertThat(extraction.proposals()).hasSizeGreaterThan(2);
            for (Proposal proposal : extraction.proposals()) {
                double share = extraction
                                .region(pixels, proposal.color(), pixels.width(), pixels.height())
                                .orElseThrow()
                                .cardinality()
                        / (double) pixels.count();
                assertThat(share)
                        .as(proposal.color().hex())
                        .isEqualTo(proposal.coverage().value());
            }
        }
    }

    @Test
    void givesSmoothedEdgesToTheColorsBesideThem() {
        Pixels pixels = logo().pixels();
        Extraction extraction = Extraction.from(pixels);
        BitSet teal = extraction.region(pixels, Rgb.ofHex("0F7C7A"), 400, 240).orElseThrow();
        // The wave runs 8 pixels around its middle; the edge of the navy disc is mixed to near teal in places.
        assertThat(teal.stream().allMatch(i -> Math.abs(i / 400 - 170 - 12 * Math.sin(i % 400 / 19.0)) < 11))
                .isTrue();
    }

    @Test
    void proposesNothingForAnEmptyPicture() {
        Extraction extraction = Extraction.from(Drawing.onNothing(20, 20).pixels());
        assertThat(extraction.proposals()).isEmpty();
    }
}
