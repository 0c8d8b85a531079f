package reckonrod.server.radios;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** One time that a radio was with somebody else. */
@Entity
@Table(name = "radio_lending")
class LendingRecord {
    @Id
    private UUID id;

    private String radioId;
    private String lentTo;
    private Instant lentAt;
    private String note;
    private Instant backAt;
    private String backNote = "";

    LendingRecord() {}

    LendingRecord(UUID id, String radioId, String lentTo, Instant lentAt, String note) {
        this.id = id;
        this.radioId = radioId;
        this.lentTo = lentTo;
        this.lentAt = lentAt;
        this.note = note;
    }

    String radioId() {
        return radioId;
    }

    Shelf.Lent lent() {
        return new Shelf.Lent(lentTo, lentAt, note);
    }

    Instant backAt() {
        return backAt;
    }

    String backNote() {
        return backNote;
    }

    void isBack(Instant at, String said) {
        backAt = at;
        backNote = said;
    }
}
