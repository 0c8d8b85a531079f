package reckonrod.server.transfers;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.TransferWatch.Phase;

/** One transfer, running or ended. Only the columns that change are written, so that a cancel is never overwritten. */
@Entity
@Table(name = "transfer_job")
@DynamicUpdate
class JobRecord {
    @Id
    private UUID id;

    private String radioId;

    @Enumerated(EnumType.STRING)
    private JobKind kind;

    @Enumerated(EnumType.STRING)
    private JobState state;

    private String phase;
    private int bytesDone;
    private int bytesTotal;
    private Instant startedAt;

    // Only queries read it, by the clock of the database.
    @SuppressWarnings("UnusedVariable")
    private Instant heardAt;

    private Instant finishedAt;
    private boolean cancelRequested;
    private String message;
    private String steps = "";
    private String word = "";
    private boolean writing;

    @Enumerated(EnumType.STRING)
    private Fault fault;

    JobRecord() {}

    JobRecord(UUID id, String radioId, JobKind kind, Instant now) {
        this.id = id;
        this.radioId = radioId;
        this.kind = kind;
        this.state = JobState.RUNNING;
        this.phase = "IDENTIFY";
        this.startedAt = now;
        this.heardAt = now;
        this.message = "";
    }

    UUID id() {
        return id;
    }

    String radioId() {
        return radioId;
    }

    JobKind kind() {
        return kind;
    }

    JobState state() {
        return state;
    }

    String phase() {
        return phase;
    }

    int bytesDone() {
        return bytesDone;
    }

    int bytesTotal() {
        return bytesTotal;
    }

    Instant startedAt() {
        return startedAt;
    }

    Instant finishedAt() {
        return finishedAt;
    }

    boolean cancelRequested() {
        return cancelRequested;
    }

    String message() {
        return message;
    }

    Fault fault() {
        return fault;
    }

    /** What the person does on the radio right now, in order. */
    List<String> steps() {
        return steps.lines().toList();
    }

    void asks(Phase asked, List<String> what) {
        phase = asked.name();
        steps = String.join("\n", what);
    }

    /** Whether stopping it leaves the radio half written. */
    boolean writing() {
        return writing;
    }

    void writingBegins() {
        writing = true;
    }

    /** What there is to say of the radio that answered; mostly nothing. */
    String word() {
        return word;
    }

    void saysOfRadio(String what) {
        word = what;
    }

    void requestCancel() {
        cancelRequested = true;
    }

    void end(JobState endState, String endMessage, Fault endFault, Instant now) {
        state = endState;
        message = endMessage;
        fault = endFault;
        finishedAt = now;
    }
}
