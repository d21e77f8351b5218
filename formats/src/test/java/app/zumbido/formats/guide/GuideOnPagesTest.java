package app.zumbido.formats.guide;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.layout.GuideLayout;
import app.zumbido.core.guide.layout.Mark;
import app.zumbido.core.guide.layout.Page;
import app.zumbido.core.guide.layout.Part;
import app.zumbido.core.guide.layout.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Nothing overlaps and nothing is cut, whatever the brand is; the brands are made by chance, each of its seed. */
class GuideOnPagesTest {
    static IntStream seeds() {
        return IntStream.range(0, 100);
    }

    static Guide guide(int seed, boolean onePage) {
        Brand brand = GuideBrands.of(seed);
        ExampleAssets assets =
                new ExampleAssets(Rgb.ofPacked(seed * 7_919 % (1 << 24)), Rgb.ofHex("F2682A"), 0.6 + seed % 5);
        return Guide.of(brand.look(), assets, brand.guide().sheet(), onePage);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void nothingOverlapsNothingIsCutAndNoHeadingStandsAlone(int seed) {
        for (boolean onePage : new boolean[] {false, true}) {
            Guide guide = guide(seed, onePage);
            noHeadingAtTheFoot(guide.layout(), seed);
            for (Page page : guide.layout().pages()) {
                List<String> faults = new ArrayList<>();
                apart(page.parts(), faults);
                page.parts().forEach(part -> within(part, page, faults));
                page.drawn().forEach(mark -> {
                    if (!page.box().contains(mark.box())) {
                        faults.add(mark + " is beyond the page");
                    }
                    if (mark instanceof Mark.Words words) {
                        double wide = guide.typesetter().width(words.style(), words.text());
                        if (wide > words.box().width() + 0.02) {
                            faults.add(words.text() + " is wider than its box");
                        }
                    }
                });
                assertThat(faults)
                        .as(
                                "seed %d, page %d of %d",
                                seed, page.number(), guide.layout().pages().size())
                        .isEmpty();
            }
        }
    }

    private static void apart(List<Part> parts, List<String> faults) {
        for (int i = 0; i < parts.size(); i++) {
            for (int j = i + 1; j < parts.size(); j++) {
                if (parts.get(i).box().overlaps(parts.get(j).box())) {
                    faults.add(told(parts.get(i)) + " overlaps " + told(parts.get(j)));
                }
            }
            apart(parts.get(i).parts(), faults);
        }
    }

    private static void within(Part part, Page page, List<String> faults) {
        if (!page.box().contains(part.box())) {
            faults.add(told(part) + " is beyond the page of " + page.height());
        }
        for (Part inner : part.parts()) {
            if (!part.box().contains(inner.box())) {
                faults.add(told(inner) + " is beyond " + told(part));
            }
            within(inner, page, faults);
        }
        for (Mark mark : part.marks()) {
            if (!(mark instanceof Mark.LogoMark) && !part.box().contains(mark.box())) {
                faults.add(mark + " is beyond " + told(part));
            }
        }
    }

    private static String told(Part part) {
        return part.tag() + " " + part.section().map(Enum::name).orElse("") + " " + part.box() + " '" + part.text()
                + "'";
    }

    private static void noHeadingAtTheFoot(GuideLayout layout, int seed) {
        for (Page page : layout.pages()) {
            List<Part> read = page.all()
                    .filter(part -> part.parts().isEmpty() && part.tag() != Tag.ARTIFACT)
                    .toList();
            if (!read.isEmpty() && page.all().noneMatch(part -> part.tag() == Tag.CONTENTS)) {
                Part last = read.get(read.size() - 1);
                assertThat(last.tag().isHeading())
                        .as("seed %d, page %d ends in '%s'", seed, page.number(), last.text())
                        .isFalse();
            }
        }
    }
}
