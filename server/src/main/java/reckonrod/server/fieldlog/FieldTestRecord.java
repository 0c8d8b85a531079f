package reckonrod.server.fieldlog;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import reckonrod.core.fieldlog.FieldTest;
import reckonrod.core.fieldlog.Result;
import reckonrod.core.fieldlog.Seen;
import reckonrod.core.geography.Position;

/** A test as it is kept. */
@Entity
@Table(name = "field_test")
class FieldTestRecord {
    @Id
    private UUID id;

    @Version
    private Long version;

    private String editor = "";
    private Instant testedAt;
    private String place = "";
    private Double latitude;
    private Double longitude;
    private String radioId;
    private String radio = "";
    private UUID listId;
    private UUID channelId;
    private String channel = "";
    private String line = "";
    private String directoryId = "";

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> seen = List.of();

    @Enumerated(EnumType.STRING)
    private Result result = Result.OPEN;

    private int strength;
    private String note = "";

    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, String> answers = Map.of();

    private Instant keptAt;

    FieldTestRecord() {}

    FieldTestRecord(UUID id) {
        this.id = id;
    }

    /** What a test is of, besides what it says. */
    record Of(String radioId, UUID listId, UUID channelId, String directoryId) {
        static final Of NOTHING = new Of(null, null, null, "");
    }

    void set(FieldTest test, Of of, Map<String, String> given, String by, Instant now) {
        testedAt = test.at();
        place = test.place();
        latitude = test.position().map(Position::latitudeDegrees).orElse(null);
        longitude = test.position().map(Position::longitudeDegrees).orElse(null);
        radio = test.radio();
        channel = test.channel();
        line = test.line();
        seen = test.seen().stream().map(Seen::id).toList();
        result = test.result();
        strength = test.strength();
        note = test.note();
        radioId = of.radioId();
        listId = of.listId();
        channelId = of.channelId();
        directoryId = of.directoryId();
        answers = new LinkedHashMap<>(given);
        editor = by;
        keptAt = now;
    }

    FieldTest test() {
        return new FieldTest(
                id,
                testedAt,
                place,
                latitude == null ? Optional.empty() : Optional.of(new Position(latitude, longitude)),
                radio,
                channel,
                line,
                seen.stream().map(Seen::parse).collect(Collectors.toSet()),
                strength,
                note);
    }

    UUID id() {
        return id;
    }

    long version() {
        return version;
    }

    String editor() {
        return editor;
    }

    String radioId() {
        return radioId;
    }

    UUID listId() {
        return listId;
    }

    UUID channelId() {
        return channelId;
    }

    String directoryId() {
        return directoryId;
    }

    Result result() {
        return result;
    }

    Instant testedAt() {
        return testedAt;
    }

    Instant keptAt() {
        return keptAt;
    }

    Map<String, String> answers() {
        return answers;
    }
}
