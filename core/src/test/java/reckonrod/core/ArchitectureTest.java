package reckonrod.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Keeps the order of the packages: each imports only packages that stand before it. */
class ArchitectureTest {
    private static final List<String> ORDER = List.of(
            "datafile",
            "frequency",
            "tone",
            "bandplan",
            "channel",
            "finding",
            "geography",
            "reach",
            "directory",
            "listing",
            "list",
            "check",
            "notation",
            "take",
            "find",
            "trip",
            "planchange",
            "doppler",
            "radio",
            "fit",
            "image",
            "link");

    private final JavaClasses classes = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("reckonrod.core");

    @Test
    void packagesImportOnlyThoseBeforeThem() {
        for (int i = 0; i < ORDER.size() - 1; i++) {
            String[] later = ORDER.subList(i + 1, ORDER.size()).stream()
                    .map(ArchitectureTest::in)
                    .toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage(in(ORDER.get(i)))
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(later)
                    .check(classes);
        }
    }

    @Test
    void theCoreUsesNoFrameworkNoClockNoFilesAndNoNetwork() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "jakarta..",
                        "org.hibernate..",
                        "java.sql..",
                        "java.net..",
                        "java.nio.file..",
                        "java.util.concurrent..")
                .check(classes);
        noClasses()
                .should()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .callMethod(System.class, "nanoTime")
                .orShould()
                .callMethod(Thread.class, "sleep", long.class)
                .orShould()
                .callMethod(LocalDate.class, "now")
                .orShould()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.time.Clock")
                .orShould()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.time.Instant")
                .check(classes);
    }

    private static String in(String name) {
        return "reckonrod.core." + name + "..";
    }
}
