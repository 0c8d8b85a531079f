package reckonrod.server.radios;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import reckonrod.core.fit.ByHandStep;

/** Something that is left to do by hand on a radio. */
@Entity
@Table(name = "by_hand_step")
class ByHandRecord {
    @Id
    private UUID id;

    private String radioId;
    private boolean ofRadio;
    private String words;
    private Instant since;
    private Instant doneAt;

    ByHandRecord() {}

    ByHandRecord(UUID id, String radioId, ByHandStep step, Instant now) {
        this.id = id;
        this.radioId = radioId;
        this.ofRadio = step.ofRadio();
        this.words = step.words();
        this.since = now;
    }

    UUID id() {
        return id;
    }

    String radioId() {
        return radioId;
    }

    boolean ofRadio() {
        return ofRadio;
    }

    String words() {
        return words;
    }

    Instant since() {
        return since;
    }

    Instant doneAt() {
        return doneAt;
    }

    void isDone(Instant at) {
        doneAt = at;
    }
}
