package app.zumbido.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Holds the order of the rooms: each sees only what stands to its left. */
class ArchitectureTest {
    private static final List<String> ROOMS = List.of(
            "color",
            "image",
            "extraction",
            "palette",
            "roles",
            "type",
            "theme",
            "contrast",
            "logos",
            "guide",
            "recolor",
            "inspect",
            "brand");

    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.zumbido.core");

    static List<String> rooms() {
        return ROOMS.subList(0, ROOMS.size() - 1);
    }

    @ParameterizedTest
    @MethodSource("rooms")
    void aRoomSeesOnlyWhatStandsToItsLeft(String room) {
        String[] toTheRight = ROOMS.subList(ROOMS.indexOf(room) + 1, ROOMS.size()).stream()
                .map(other -> "app.zumbido.core." + other + "..")
                .toArray(String[]::new);
        noClasses()
                .that()
                .resideInAPackage("app.zumbido.core." + room + "..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(toTheRight)
                .check(CLASSES);
    }

    @Test
    void theRoomsFormNoCircle() {
        slices().matching("app.zumbido.core.(*)..").should().beFreeOfCycles().check(CLASSES);
    }

    @Test
    void theCoreReadsNeitherClockNorChance() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.util.Random")
                .orShould()
                .dependOnClassesThat()
                .resideInAPackage("java.time..")
                .orShould()
                .callMethod(java.util.UUID.class, "randomUUID")
                .orShould()
                .callMethod(System.class, "currentTimeMillis")
                .check(CLASSES);
    }
}
