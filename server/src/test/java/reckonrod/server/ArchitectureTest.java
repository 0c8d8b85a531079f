package reckonrod.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.EntityManager;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

/** One room a capability; a controller reads, calls and writes, and leaves storage to others. */
class ArchitectureTest {
    private final JavaClasses classes = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("reckonrod.server");

    @Test
    void noRoomsNeedEachOther() {
        slices().matching("reckonrod.server.(*)..").should().beFreeOfCycles().check(classes);
    }

    @Test
    void controllersTouchNoStorage() {
        noClasses()
                .that()
                .areAnnotatedWith(RestController.class)
                .should()
                .dependOnClassesThat()
                .areAssignableTo(Repository.class)
                .orShould()
                .dependOnClassesThat()
                .areAssignableTo(EntityManager.class)
                .check(classes);
    }

    @Test
    void onlyWhoWiresThemKnowsTheStandIns() {
        noClasses()
                .that()
                .resideOutsideOfPackages(
                        "reckonrod.server.radios..",
                        "reckonrod.server.demo..",
                        "reckonrod.server.imports..",
                        "reckonrod.server.places..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("reckonrod.sim..")
                .check(classes);
    }
}
