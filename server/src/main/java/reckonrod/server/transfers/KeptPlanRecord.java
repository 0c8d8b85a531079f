package reckonrod.server.transfers;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A write that was looked at, and is to be made later. */
@Entity
@Table(name = "kept_plan")
class KeptPlanRecord {
    /** How it stands. */
    enum State {
        WAITING,
        RUNNING,
        DONE,
        FAILED
    }

    @Id
    private UUID id;

    private String radioId;
    private String listName;

    @JdbcTypeCode(SqlTypes.JSON)
    private TransferController.WriteRequest request;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> lines = List.of();

    private String says;
    private Instant keptAt;

    @Enumerated(EnumType.STRING)
    private State state;

    private String message = "";
    private UUID jobId;

    KeptPlanRecord() {}

    KeptPlanRecord(
            UUID id,
            String radioId,
            String listName,
            TransferController.WriteRequest request,
            List<String> lines,
            String says,
            Instant now) {
        this.id = id;
        this.radioId = radioId;
        this.listName = listName;
        this.request = request;
        this.lines = List.copyOf(lines);
        this.says = says;
        this.keptAt = now;
        this.state = State.WAITING;
    }

    UUID id() {
        return id;
    }

    String radioId() {
        return radioId;
    }

    String listName() {
        return listName;
    }

    TransferController.WriteRequest request() {
        return request;
    }

    List<String> lines() {
        return lines;
    }

    String says() {
        return says;
    }

    Instant keptAt() {
        return keptAt;
    }

    State state() {
        return state;
    }

    String message() {
        return message;
    }

    UUID jobId() {
        return jobId;
    }

    void stands(State now, String words, UUID job) {
        state = now;
        message = words;
        jobId = job;
    }
}
