package reckonrod.core;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;

/** Keeps docs/findings.md true. Run with {@code -Ddocs.write} to write it anew. */
class FindingCatalogueTest {
    private static final Path PAGE = Path.of("../docs/findings.md");

    private record Known(FindingKind kind, String raisedBy) {}

    @Test
    void thePageListsEveryKindOfFinding() throws IOException {
        List<Known> kinds = kinds();
        assertThat(kinds).extracting(known -> known.kind().code()).doesNotHaveDuplicates();
        String page = page(kinds);
        if (System.getProperty("docs.write") != null) {
            Files.writeString(PAGE, page);
        }
        assertThat(PAGE).hasContent(page);
    }

    /** Kinds stand beside the rules that raise them, so they are found by their type wherever that is. */
    private static List<Known> kinds() {
        JavaClasses classes = new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                .importPackages("reckonrod.core");
        return classes.stream()
                .flatMap(each -> each.getFields().stream())
                .filter(field -> field.getModifiers().contains(JavaModifier.STATIC)
                        && field.getRawType().isEquivalentTo(FindingKind.class))
                .map(FindingCatalogueTest::known)
                .sorted(Comparator.comparing((Known known) -> known.kind().severity())
                        .thenComparing(known -> known.kind().code()))
                .toList();
    }

    private static Known known(JavaField field) {
        try {
            java.lang.reflect.Field reflected = field.reflect();
            reflected.setAccessible(true);
            return new Known((FindingKind) reflected.get(null), field.getOwner().getSimpleName());
        } catch (IllegalAccessException hidden) {
            throw new IllegalStateException(hidden);
        }
    }

    private static String page(List<Known> kinds) {
        StringBuilder page = new StringBuilder("""
                # Findings

                Every judgement that Reckonrod makes, by its code. An *error* cannot be right, a *doubt* wants a second look, a *note*
                is good to know. Words in braces are filled with what was found. This page is written from the code by
                `mvn -pl core test -Dtest=FindingCatalogueTest -Ddocs.write`, and a test fails when it is not true.
                """);
        for (Severity severity : Severity.values()) {
            page.append("\n## ")
                    .append(severity.name().charAt(0))
                    .append(severity.name().substring(1).toLowerCase(Locale.ROOT))
                    .append("s\n\n| code | what it says | why it matters | raised by |\n|---|---|---|---|\n");
            kinds.stream()
                    .filter(known -> known.kind().severity() == severity)
                    .forEach(known -> page.append("| `")
                            .append(known.kind().code())
                            .append("` | ")
                            .append(known.kind().sentence())
                            .append(" | ")
                            .append(known.kind().why())
                            .append(" | ")
                            .append(known.raisedBy())
                            .append(" |\n"));
        }
        return page.toString();
    }
}
