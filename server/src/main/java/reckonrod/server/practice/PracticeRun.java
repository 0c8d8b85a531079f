package reckonrod.server.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A drill that was done, as it is kept. */
@Entity
@Table(name = "practice_run")
class PracticeRun {
    @Id
    private UUID id;

    private String person = "";
    private String model = "";
    private UUID channelId;
    private String task = "";
    private Instant doneAt;
    private int presses;
    private int least;
    private int seconds;
    private int hints;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> slips = List.of();

    PracticeRun() {}

    /** Whose it is and of what. */
    record Of(String person, String model, UUID channelId, String task) {}

    /** How it went. */
    record Went(int presses, int least, int seconds, int hints, List<String> slips) {}

    PracticeRun(UUID id, Of of, Went went, Instant now) {
        this.id = id;
        person = of.person();
        model = of.model();
        channelId = of.channelId();
        task = of.task();
        doneAt = now;
        presses = went.presses();
        least = went.least();
        seconds = went.seconds();
        hints = went.hints();
        slips = List.copyOf(went.slips());
    }

    Of of() {
        return new Of(person, model, channelId, task);
    }

    UUID channelId() {
        return channelId;
    }

    Instant doneAt() {
        return doneAt;
    }

    int presses() {
        return presses;
    }

    int least() {
        return least;
    }

    int seconds() {
        return seconds;
    }

    List<String> slips() {
        return slips;
    }

    /** Without a slip and without a hint. */
    boolean isClean() {
        return slips.isEmpty() && hints == 0;
    }
}
