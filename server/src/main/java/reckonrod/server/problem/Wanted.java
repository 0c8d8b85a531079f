package reckonrod.server.problem;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.util.ClassUtils;

/** What a value must be, in words with nothing of Java in them. */
final class Wanted {
    private Wanted() {}

    static String words(Class<?> type) {
        if (type == null) {
            return "something else";
        }
        if (type.isEnum()) {
            return "one of "
                    + Arrays.stream(type.getEnumConstants())
                            .map(Object::toString)
                            .collect(Collectors.joining(", "));
        }
        Class<?> boxed = ClassUtils.resolvePrimitiveIfNecessary(type);
        if (boxed == UUID.class) {
            return "an id of 32 hexadecimal digits with hyphens";
        }
        if (boxed == String.class) {
            return "a text in quotes";
        }
        if (boxed == Double.class) {
            return "a number";
        }
        if (boxed == LocalDate.class) {
            return "a day such as 2026-05-01";
        }
        if (boxed == Boolean.class) {
            return "true or false";
        }
        if (boxed == Instant.class) {
            return "a moment such as 2026-05-01T10:00:00Z";
        }
        if (boxed.isArray() || Collection.class.isAssignableFrom(boxed)) {
            return "a list in square brackets";
        }
        return Number.class.isAssignableFrom(boxed) ? "a whole number" : "something else";
    }
}
