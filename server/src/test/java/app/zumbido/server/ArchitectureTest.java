package app.zumbido.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.apache.ibatis.annotations.Mapper;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.RestController;

class ArchitectureTest {
    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
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
