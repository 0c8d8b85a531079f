package reckonrod.server.fieldlog;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.fieldlog.FieldLogCsv;
import reckonrod.core.fieldlog.FieldLogGpx;
import reckonrod.core.fieldlog.FieldTest;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.problem.UnreadableBody;
import reckonrod.server.request.AnyText;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.json.JsonMapper;

/** The log of real tests. */
@RestController
@RequestMapping("/api/tests")
class FieldLogController {
    private final FieldLog log;
    private final Learned learned;
    private final JsonMapper json;
    private final Clock clock;

    FieldLogController(FieldLog log, Learned learned, JsonMapper json, Clock clock) {
        this.log = log;
        this.learned = learned;
        this.json = json;
        this.clock = clock;
    }

    /** The forms that a log is given out in. */
    enum Form {
        csv,
        json,
        gpx
    }

    /** A log of somewhere else, as CSV with our headings or as JSON as it is given out here. */
    record TakeLogRequest(
            @NotBlank(message = "must be the text of a log") @JsonDeserialize(using = AnyText.class)
            String text) {}

    /**
     * How a log was taken in.
     *
     * @param taken how many tests are new here
     * @param known how many were here already
     * @param ahead how many of all are dated after today, as a wrong clock makes them
     */
    record LogTakenView(int taken, int known, long ahead) {}

    @GetMapping
    List<FieldTestView> all() {
        return log.all();
    }

    /** A test as it stands; with every tap again. */
    @PutMapping("/{id}")
    FieldTestView keep(@PathVariable UUID id, @Valid @RequestBody TestRequest request) {
        return learned.keep(id, request);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        learned.remove(id);
    }

    /** The whole log as a file. */
    @GetMapping("/export")
    ResponseEntity<String> export(@RequestParam Form as) {
        return file(as, Set.of());
    }

    /** Some tests. */
    record SomeTests(
            @NotEmpty(message = "must name at least one test")
            Set<@NotNull(message = "must be given") UUID> which) {}

    /** Some of the log as a file. */
    @PostMapping("/export")
    ResponseEntity<String> exportSome(@RequestParam Form as, @Valid @RequestBody SomeTests request) {
        return file(as, request.which());
    }

    private ResponseEntity<String> file(Form as, Set<UUID> which) {
        List<FieldTest> tests = log.whole(which);
        String text = switch (as) {
            case csv -> FieldLogCsv.write(tests);
            case gpx -> FieldLogGpx.write(tests);
            case json ->
                json.writerWithDefaultPrettyPrinter()
                        .writeValueAsString(log.all().stream()
                                .filter(each -> which.isEmpty() || which.contains(each.id()))
                                .toList());
        };
        MediaType type = switch (as) {
            case csv -> new MediaType("text", "csv", StandardCharsets.UTF_8);
            case gpx -> new MediaType("application", "gpx+xml", StandardCharsets.UTF_8);
            case json -> MediaType.APPLICATION_JSON;
        };
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("field log " + LocalDate.now(clock) + "." + as, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(text);
    }

    /** A table says what was done; only the form of this program says of which channel of which list, too. */
    private List<FieldLog.Brought> read(String file) {
        String text = file.replace("\uFEFF", "").strip();
        if (!text.startsWith("[") && !text.startsWith("{")) {
            return FieldLogCsv.read(text).stream()
                    .map(each -> new FieldLog.Brought(each, null, null, null))
                    .toList();
        }
        try {
            return Arrays.stream(json.readValue(text, FieldTestView[].class))
                    .map(each -> new FieldLog.Brought(each.test(), each.radioId(), each.listId(), each.channelId()))
                    .toList();
        } catch (JacksonException unreadable) {
            UnreadableBody why = UnreadableBody.of(unreadable);
            throw new IllegalArgumentException(
                    "A log as JSON must be as it is given out here. "
                            + (why.words().isEmpty()
                                    ? "It is damaged or ends too early"
                                    : why.words().strip().replaceFirst("\\.$", "")),
                    unreadable);
        }
    }

    /** Takes a log of somewhere else in, as a whole or not at all. */
    @PostMapping("/take")
    LogTakenView take(@Valid @RequestBody TakeLogRequest request) {
        try {
            List<FieldLog.Brought> read = read(request.text());
            int taken = learned.take(read);
            Instant now = clock.instant();
            long ahead =
                    read.stream().filter(each -> each.test().isAheadOf(now)).count();
            return new LogTakenView(taken, read.size() - taken, ahead);
        } catch (IllegalArgumentException unreadable) {
            throw ProblemException.refused("log-unreadable", "This log cannot be read", unreadable.getMessage() + ".");
        }
    }
}
