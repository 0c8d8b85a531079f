package reckonrod.server.radios;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** What a radio held at a moment; that never changes, only what somebody notes of it. */
@Entity
@Table(name = "snapshot")
class SnapshotRecord {
    @Id
    private UUID id;

    private String radioId;
    private Instant takenAt;
    private String reason;
    private byte[] image;
    private String name = "";
    private String note = "";
    private boolean kept;

    SnapshotRecord() {}

    SnapshotRecord(UUID id, String radioId, Instant takenAt, String reason, byte[] image) {
        this.id = id;
        this.radioId = radioId;
        this.takenAt = takenAt;
        this.reason = reason;
        this.image = image.clone();
    }

    UUID id() {
        return id;
    }

    String radioId() {
        return radioId;
    }

    Instant takenAt() {
        return takenAt;
    }

    String reason() {
        return reason;
    }

    byte[] image() {
        return image.clone();
    }

    String name() {
        return name;
    }

    String note() {
        return note;
    }

    boolean kept() {
        return kept;
    }

    void isKnownAs(String newName, String newNote, boolean stays) {
        name = newName;
        note = newNote;
        kept = stays;
    }
}
