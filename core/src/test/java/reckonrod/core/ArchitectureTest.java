package reckonrod.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
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
            "list",
            "check",
            "notation",
            "listing",
            "take",
            "rework",
            "find",
            "trip",
            "satellite",
            "planchange",
            "radio",
            "air",
            "panel",
            "fit",
            "judge",
            "layout",
            "definition",
            "image",
            "link",
            "load",
            "shelf",
            "keying",
            "drill",
            "fieldlog",
            "prove",
            "exchange",
            "card",
            "recipe");

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

    /** A new package has to say where it stands. */
    @Test
    void everyPackageStandsInTheOrder() {
        assertThat(classes.stream()
                        .map(each -> each.getPackageName()
                                .replaceFirst("reckonrod\\.core\\.?", "")
                                .replaceFirst("\\..*", ""))
                        .collect(Collectors.toSet()))
                .containsExactlyInAnyOrderElementsOf(ORDER);
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
                .callMethod(UUID.class, "randomUUID")
                .orShould()
                .callMethod(Math.class, "random")
                .orShould()
                .dependOnClassesThat()
                .areAssignableTo(Random.class)
                .orShould()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.time.Clock")
                .orShould()
                .callMethod(Instant.class, "now")
                .orShould()
                .callMethod(LocalDateTime.class, "now")
                .check(classes);
    }

    private static String in(String name) {
        return "reckonrod.core." + name + "..";
    }
}
