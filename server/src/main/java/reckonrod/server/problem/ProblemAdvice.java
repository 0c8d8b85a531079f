package reckonrod.server.problem;

import java.sql.SQLException;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import reckonrod.core.datafile.DataFileException;

/** The one place that turns what went wrong into problem+json (RFC 9457). */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    private final boolean minded;

    ProblemAdvice(@Value("${reckonrod.minded:false}") boolean minded) {
        this.minded = minded;
    }

    /** Unique violation and foreign key violation (SQLSTATE class 23). */
    private static final Set<String> RACED = Set.of("23505", "23503");

    @ExceptionHandler
    ResponseEntity<ProblemDetail> problem(ProblemException problem) {
        ProblemDetail detail = detail(problem.status(), problem.code(), problem.title(), problem.getMessage());
        problem.extra().forEach(detail::setProperty);
        return ResponseEntity.status(problem.status()).body(detail);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> changedElsewhere(OptimisticLockingFailureException late) {
        return respond(
                HttpStatus.CONFLICT,
                "changed-elsewhere",
                "Changed elsewhere",
                "It was changed in another tab or window at the same moment. Nothing was changed here; load it anew.");
    }

    /** Two requests at once asked for the same name, or one deleted what the other refers to: the database stops the later one. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> sameAtOnce(DataIntegrityViolationException conflict) {
        boolean raced = NestedExceptionUtils.getMostSpecificCause(conflict) instanceof SQLException cause
                && RACED.contains(String.valueOf(cause.getSQLState()));
        LOG.warn("A request broke a constraint of the database", conflict);
        return raced
                ? respond(
                        HttpStatus.CONFLICT,
                        "changed-elsewhere",
                        "Changed elsewhere",
                        "Another request changed the same thing at the same moment. Nothing was changed here; reload and look.")
                : storage(conflict);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadableFile(DataFileException unreadable) {
        return respond(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "file-unreadable",
                "A stored file cannot be read",
                unreadable.faults().get(0) + ". This version of Reckonrod cannot read it; nothing was changed.");
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ResponseEntity<ProblemDetail> storage(RuntimeException broken) {
        LOG.error("The database failed", broken);
        return respond(
                HttpStatus.SERVICE_UNAVAILABLE,
                "storage",
                "The database does not answer",
                minded
                        ? "Nothing was changed. It is being started again; try again in a moment. If it stays away, see what"
                                + " ./run says, and whether there is room on its disk."
                        : "Nothing was changed. Check that the database runs and has room on its disk, then try again.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unforeseen(RuntimeException bug) {
        LOG.error("A request failed", bug);
        return respond(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "unforeseen",
                "Something broke",
                "A fault in Reckonrod itself. Nothing was changed; the log on the server says more.");
    }

    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception cause, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ResponseEntity<Object> answer = super.handleExceptionInternal(cause, body, headers, status, request);
        if (answer != null && answer.getBody() instanceof ProblemDetail detail && !hasCode(detail)) {
            HttpStatus named = HttpStatus.resolve(status.value());
            detail.setProperty(
                    "code",
                    named == null
                            ? "unknown"
                            : named.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        }
        return answer;
    }

    private static boolean hasCode(ProblemDetail detail) {
        return detail.getProperties() != null && detail.getProperties().containsKey("code");
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException invalid, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        FieldError field = invalid.getFieldError();
        if (field == null) {
            return wrongField("", "The request is not complete.");
        }
        String what = field.isBindingFailure() && field.contains(TypeMismatchException.class)
                ? mustBe(field.unwrap(TypeMismatchException.class).getRequiredType(), field.getRejectedValue())
                : field.getDefaultMessage();
        return wrongField(field.getField(), field.getField() + " " + what + ".");
    }

    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException mismatch, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String field = mismatch instanceof MethodArgumentTypeMismatchException argument
                ? argument.getName()
                : String.valueOf(mismatch.getPropertyName());
        return wrongField(field, field + " " + mustBe(mismatch.getRequiredType(), mismatch.getValue()) + ".");
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException missing,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        return wrongField(missing.getParameterName(), missing.getParameterName() + " must be given.");
    }

    @Override
    protected ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException none, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String path = "/" + none.getResourcePath();
        return ResponseEntity.status(HttpStatus.NOT_FOUND)
                .body(detail(
                        HttpStatus.NOT_FOUND,
                        "not-found",
                        "There is nothing here",
                        "There is nothing at " + path + " for " + none.getHttpMethod()
                                + ". The interface description at /api/openapi lists what there is."));
    }

    private static ResponseEntity<Object> wrongField(String field, String what) {
        ProblemDetail detail = detail(HttpStatus.BAD_REQUEST, "field-invalid", "A field is missing or wrong", what);
        if (!field.isEmpty()) {
            detail.setProperty("field", field);
        }
        return ResponseEntity.badRequest().body(detail);
    }

    private static String mustBe(Class<?> type, Object was) {
        String text = String.valueOf(was);
        return "must be " + Wanted.words(type) + ", was \"" + (text.length() > 80 ? text.substring(0, 80) + "…" : text)
                + "\"";
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        UnreadableBody body = UnreadableBody.of(unreadable.getCause());
        ProblemDetail detail = detail(
                HttpStatus.BAD_REQUEST,
                "body-unreadable",
                "The request cannot be read",
                body.words() + "The body must be JSON with the fields that the interface description names.");
        if (!body.field().isEmpty()) {
            detail.setProperty("field", body.field());
        }
        return ResponseEntity.badRequest().body(detail);
    }

    private static ResponseEntity<ProblemDetail> respond(HttpStatus status, String code, String title, String what) {
        return ResponseEntity.status(status).body(detail(status, code, title, what));
    }

    private static ProblemDetail detail(HttpStatus status, String code, String title, String what) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, what);
        detail.setTitle(title);
        detail.setProperties(new java.util.LinkedHashMap<>(Map.of("code", code)));
        return detail;
    }
}
