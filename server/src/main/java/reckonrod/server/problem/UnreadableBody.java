package reckonrod.server.problem;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.Arrays;
import java.util.Collection;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/**
 * Why a body could not be read.
 *
 * @param field where in it, such as {@code edits[0].slot}; empty if nowhere in particular
 * @param words sentences that say so, or nothing
 */
public record UnreadableBody(String field, String words) {
    /** Why it could not be read. */
    public static UnreadableBody of(Throwable cause) {
        String field = cause instanceof DatabindException wrong ? path(wrong) : "";
        String found = cause instanceof JacksonException wrong ? found(wrong) : "";
        return new UnreadableBody(
                field, (field.isEmpty() ? "" : "In " + field + ": ") + (found.isEmpty() ? "" : found + ". "));
    }

    private static String path(DatabindException wrong) {
        return wrong.getPath().stream()
                .map(step -> step.getPropertyName() != null ? step.getPropertyName() : "[" + step.getIndex() + "]")
                .collect(Collectors.joining("."))
                .replace(".[", "[");
    }

    private static String found(JacksonException wrong) {
        if (wrong instanceof UnrecognizedPropertyException unknown) {
            return "there is no field \"" + unknown.getPropertyName() + "\" here; known are "
                    + names(unknown.getKnownPropertyIds());
        }
        if (wrong instanceof InvalidTypeIdException unknown) {
            return "kind is " + (unknown.getTypeId() == null ? "missing" : "\"" + unknown.getTypeId() + "\"")
                    + " and must be one of " + kinds(unknown.getBaseType().getRawClass());
        }
        if (wrong instanceof InvalidNullException) {
            return "null stands where a value is needed";
        }
        if (wrong.getOriginalMessage().startsWith("A text has")) {
            return wrong.getOriginalMessage();
        }
        if (wrong instanceof MismatchedInputException mismatch) {
            if (mismatch.getTargetType() != null
                    && mismatch.getTargetType().isPrimitive()
                    && wrong.getOriginalMessage().contains("null")) {
                return "it must be given";
            }
            return "the value must be " + Wanted.words(mismatch.getTargetType());
        }
        return wrong instanceof StreamReadException
                        && wrong.getOriginalMessage().startsWith("Duplicate")
                ? "a field is given twice"
                : "";
    }

    private static String kinds(Class<?> sealed) {
        return kindsOf(sealed).sorted().collect(Collectors.joining(", "));
    }

    /** The kinds of a sealed type; those that are only groups of others give theirs. */
    private static Stream<String> kindsOf(Class<?> type) {
        return type.isSealed()
                ? Arrays.stream(type.getPermittedSubclasses()).flatMap(UnreadableBody::kindsOf)
                : Stream.of(type.getAnnotation(JsonTypeName.class).value());
    }

    private static String names(Collection<Object> known) {
        return known == null || known.isEmpty()
                ? "none"
                : known.stream().map(String::valueOf).sorted().collect(Collectors.joining(", "));
    }
}
