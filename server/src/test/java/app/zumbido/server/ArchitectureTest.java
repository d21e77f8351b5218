package app.zumbido.server;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayList;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.web.bind.annotation.RestController;

class ArchitectureTest {
    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            // A whole build has the tests of a module as a jar, which the option above takes for the module.
            .withImportOption(place -> !place.contains("-tests.jar"))
            .importPackages("app.zumbido");

    @Test
    void onlyServicesTalkToMappers() {
        noClasses()
                .that()
                .areAnnotatedWith(RestController.class)
                .should()
                .dependOnClassesThat()
                .areAnnotatedWith(Mapper.class)
                .check(CLASSES);
    }

    @Test
    void storageKnowsNoFeature() {
        noClasses()
                .that()
                .resideInAPackage("app.zumbido.server.storage..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("app.zumbido.server.shelf..", "app.zumbido.server.trail..", "app.zumbido.core..")
                .check(CLASSES);
    }

    @Test
    void formatsKnowNeitherWebNorDatabase() {
        noClasses()
                .that()
                .resideInAPackage("app.zumbido.formats..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework..", "java.sql..", "app.zumbido.server..")
                .check(CLASSES);
    }

    @Test
    void roomsOfTheServerFormNoCircle() {
        slices().matching("app.zumbido.server.(*)..").should().beFreeOfCycles().check(CLASSES);
    }

    @Test
    void roomsOfFormatsFormNoCircle() {
        slices().matching("app.zumbido.formats.(*)..").should().beFreeOfCycles().check(CLASSES);
    }

    /** What stands beneath the features: each knows only what stands before it. */
    @ParameterizedTest
    @CsvSource({"http,http", "storage,http", "job,http storage", "trail,http storage", "answer,http storage trail"})
    void foundationsKnowNoFeature(String room, String beneath) {
        List<String> known = new ArrayList<>(List.of("app.zumbido.server." + room + ".."));
        for (String below : beneath.split(" ")) {
            known.add("app.zumbido.server." + below + "..");
        }
        noClasses()
                .that()
                .resideInAPackage("app.zumbido.server." + room + "..")
                .should()
                .dependOnClassesThat(resideInAPackage("app.zumbido.server..")
                        .and(not(resideInAnyPackage(known.toArray(String[]::new)))))
                .check(CLASSES);
    }

    /** The description of the API calls shapes by their plain names, and two of one name would become one. */
    @Test
    void noTwoShapesOfTheApiAreCalledAlike() {
        assertThat(CLASSES.stream()
                        .filter(JavaClass::isRecord)
                        .map(JavaClass::getSimpleName)
                        .filter(name -> name.endsWith("Response") || name.endsWith("Request")))
                .isNotEmpty()
                .doesNotHaveDuplicates();
    }
}
