package reckonrod.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.EntityManager;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

/** One room a capability; a controller reads, calls and writes, and leaves storage to others. */
class ArchitectureTest {
    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("reckonrod.server");

    @Test
    void noRoomsNeedEachOther() {
        slices().matching("reckonrod.server.(*)..").should().beFreeOfCycles().check(CLASSES);
    }

    /** Nor do the rooms of the stand-ins. */
    @Test
    void noRoomsOfTheStandInsNeedEachOther() {
        slices().matching("reckonrod.sim.(*)..")
                .should()
                .beFreeOfCycles()
                .check(new ClassFileImporter().importPackages("reckonrod.sim"));
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
                .check(CLASSES);
    }

    @Test
    void onlyWhoWiresThemKnowsTheStandIns() {
        noClasses()
                .that()
                .resideOutsideOfPackage("reckonrod.server.bench..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("reckonrod.sim..")
                .check(CLASSES);
    }

    /** Two shapes of one name would be written down as one in the interface description, and the typed client be wrong. */
    @Test
    void noTwoShapesOnTheWireHaveOneName() {
        assertThat(CLASSES.stream()
                        .filter(each ->
                                each.isRecord() && each.getEnclosingClass().isPresent())
                        .filter(each ->
                                each.getEnclosingClass().get().getSimpleName().endsWith("Controller")
                                        || each.getEnclosingClass()
                                                .get()
                                                .getSimpleName()
                                                .endsWith("View"))
                        .collect(Collectors.groupingBy(JavaClass::getSimpleName, Collectors.counting())))
                .allSatisfy((name, count) -> assertThat(count).as(name).isEqualTo(1));
    }
}
