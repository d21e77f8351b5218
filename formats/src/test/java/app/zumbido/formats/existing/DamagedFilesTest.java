package app.zumbido.formats.existing;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.check.Check;
import app.zumbido.core.inspect.check.Edit;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.inspect.check.FaultKind;
import app.zumbido.core.inspect.dress.DressTable;
import app.zumbido.core.inspect.dress.Dressing;
import app.zumbido.formats.archive.DamagedPart;
import app.zumbido.formats.archive.TextParts;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.ooxml.SlidePictures;
import app.zumbido.formats.uses.Changes;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Whatever stands in the parts of a file, it is checked, mended, dressed and drawn, or plainly refused. */
class DamagedFilesTest {
    private static final int VARIANTS = 160;

    private static void handle(PlantingBrands brand, byte[] content) {
        try (ExistingFile file = ExistingFile.open(content)) {
            Findings findings = file.findings();
            List<Edit> mendings = new ArrayList<>();
            for (Fault fault : Check.of(findings, brand.house(), new FileLogos(file, brand.assets()))) {
                fault.mendings().stream().findFirst().ifPresent(way -> mendings.addAll(way.edits()));
            }
            assertThat(file.with(Changes.of(mendings))).isNotEmpty();
            Dressing dressing = new Dressing(findings, brand.house(), DressTable.of(findings, brand.house(), Map.of()));
            List<Edit> edits = new ArrayList<>(dressing.colors());
            edits.addAll(dressing.letters());
            Changes.NewTheme theme = new Changes.NewTheme(
                    "Damaged", brand.house().slots(), brand.brand().type().pair(), true, Set.of());
            byte[] dressed = file.with(new Changes(edits, Optional.of(theme), brand.assets()::logo));
            assertThat(dressed).isNotEmpty();
        }
    }

    private static boolean survives(PlantingBrands brand, byte[] content, String kind) {
        try {
            handle(brand, content);
            if (kind.equals("pptx")) {
                SlidePictures.page(content, 0, Optional.empty());
            } else {
                try (ExistingFile file = ExistingFile.open(content)) {
                    FilePages.simple(kind, 1, file.findings());
                }
            }
            return true;
        } catch (UnreadableImageException e) {
            assertThat(e.getMessage()).isNotBlank();
            return false;
        }
    }

    @Test
    void neverLeadToAnythingButAFileOrARefusal() throws IOException {
        Random random = new Random(71);
        PlantingBrands brand = PlantingBrands.of(random);
        Map<String, byte[]> files = Map.of(
                "pptx",
                        PlantedDecks.of(
                                        brand,
                                        random,
                                        List.of(FaultKind.CHART_ORDER, FaultKind.LOGO_GROUND, FaultKind.CLASH))
                                .file(),
                "docx",
                        PlantedDocuments.of(brand, random, PlantedDocuments.KINDS)
                                .file(),
                "xlsx",
                        PlantedWorkbooks.of(brand, random, PlantedWorkbooks.KINDS)
                                .file());
        int survived = 0;
        for (int variant = 0; variant < VARIANTS; variant++) {
            String kind = List.of("pptx", "docx", "xlsx").get(variant % 3);
            Map<String, String> parts = TextParts.of(files.get(kind));
            DamagedPart.in(parts, 1 + variant % 4, random);
            survived += survives(brand, TextParts.zip(parts), kind) ? 1 : 0;
        }
        assertThat(survived).isGreaterThan(VARIANTS / 10);
    }
}
