package reckonrod.server.transfers;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import reckonrod.core.link.LinkException.Fault;

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
