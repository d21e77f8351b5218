package app.zumbido.formats.existing;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.check.Check;
import app.zumbido.core.inspect.check.Edit;
import app.zumbido.core.inspect.dress.DressLine;
import app.zumbido.core.inspect.dress.DressTable;
import app.zumbido.core.inspect.dress.Dressing;
import app.zumbido.core.inspect.dress.OldLogo;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.office.OfficeSchemas;
import app.zumbido.formats.uses.Changes;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Real files are inventoried, dressed and read again. */
class RealFilesTest {
    private static PlantingBrands brand;

    @BeforeAll
    static void brand() {
        brand = PlantingBrands.of(new Random(1));
    }

    /** @param touched parts that colours and fonts were written into */
    private record Dressed(byte[] file, Set<String> touched) {}

    /** @return the file dressed; nothing of one that is refused, with the reason among the refused */
    private static Optional<Dressed> dressed(String name, byte[] content, List<String> refused) {
        try (ExistingFile file = ExistingFile.open(content)) {
            Findings findings = file.findings();
            House house = brand.house();
            FileLogos logos = new FileLogos(file, brand.assets());
            assertThat(Check.of(findings, house, logos)).as(name).isNotNull();
            List<DressLine> table = DressTable.of(findings, house, Map.of());
            Dressing dressing = new Dressing(findings, house, table);
            List<Edit> edits = new ArrayList<>(dressing.colors());
            edits.addAll(dressing.letters());
            OldLogo.of(
                            findings,
                            logos,
                            dressing::after,
                            house.slots().get(house.ground().page()))
                    .forEach(logo -> edits.addAll(logo.edits(logos.forms())));
            Changes.NewTheme theme = new Changes.NewTheme(
                    "Planted", house.slots(), brand.brand().type().pair(), false, Set.of());
            Set<String> touched = new HashSet<>();
            edits.forEach(edit -> touched.add(edit.spot().part()));
            return Optional.of(
                    new Dressed(file.with(new Changes(edits, Optional.of(theme), brand.assets()::logo)), touched));
        } catch (UnreadableImageException e) {
            refused.add(name + ": " + e.getMessage());
            return Optional.empty();
        }
    }

    /** Without the text of values, which change. */
    private static Set<String> errors(byte[] file) {
        Set<String> errors = new TreeSet<>();
        OfficeSchemas.errors(file).forEach(error -> errors.add(error.replaceAll("'[^']*'|\"[^\"]*\"|[0-9]+", "")));
        return errors;
    }

    @Test
    void dressesOfficeFilesThatAreReadByTwoLibrariesAfterwardsAsBefore() {
        List<String> refused = new ArrayList<>();
        int dressed = 0;
        for (Map.Entry<String, byte[]> entry : RealFiles.office().entrySet()) {
            String name = entry.getKey();
            Optional<Dressed> result = dressed(name, entry.getValue(), refused);
            if (result.isEmpty()) {
                continue;
            }
            dressed++;
            byte[] after = result.get().file();
            assertThat(OtherReaders.isReadByPoi(name, after))
                    .as(name + " by POI")
                    .isEqualTo(OtherReaders.isReadByPoi(name, entry.getValue()));
            assertThat(OtherReaders.isReadByDocx4j(after))
                    .as(name + " by docx4j")
                    .isEqualTo(OtherReaders.isReadByDocx4j(entry.getValue()));
            Set<String> errors = new HashSet<>(errors(after));
            errors.removeAll(errors(entry.getValue()));
            assertThat(errors).as(name + " has new errors").isEmpty();
            unchanged(name, entry.getValue(), result.get());
        }
        // One is cut off on purpose, the others are encrypted.
        assertThat(refused)
                .hasSize(9)
                .filteredOn(why -> why.contains("password"))
                .hasSize(8);
        assertThat(dressed).isGreaterThan(90);
    }

    /** Whatever holds no colour, font or picture that changed stays to the byte; themes and maps of masters change always. */
    private static void unchanged(String name, byte[] before, Dressed after) {
        Map<String, byte[]> old = OfficeSchemas.parts(before);
        Map<String, byte[]> now = OfficeSchemas.parts(after.file());
        assertThat(now.keySet()).as(name).containsAll(old.keySet());
        old.forEach((part, content) -> {
            boolean may = after.touched().contains(part)
                    || part.matches(
                            ".*/(theme|slideMaster)\\d*\\.xml|word/.*\\.xml|\\[Content_Types\\]\\.xml|.*\\.rels");
            if (!may) {
                assertThat(Arrays.equals(now.get(part), content))
                        .as(name + " " + part)
                        .isTrue();
            }
        });
    }

    @Test
    void inventoriesOpenDocumentFilesAndGivesThemBackReadable() {
        List<String> refused = new ArrayList<>();
        int dressed = 0;
        for (Map.Entry<String, byte[]> entry : RealFiles.openDocument().entrySet()) {
            Optional<Dressed> after = dressed(entry.getKey(), entry.getValue(), refused);
            if (after.isPresent()) {
                dressed++;
                assertThat(OtherReaders.isReadByOdfdom(after.get().file()))
                        .as(entry.getKey())
                        .isEqualTo(OtherReaders.isReadByOdfdom(entry.getValue()));
            }
        }
        assertThat(refused).hasSize(2);
        assertThat(dressed).isGreaterThan(15);
    }
}
