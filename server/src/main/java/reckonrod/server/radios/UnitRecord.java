package reckonrod.server.radios;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import reckonrod.core.fit.Carrying;

/** One radio that the person owns. */
@Entity
@Table(name = "radio_unit")
class UnitRecord {
    @Id
    private String id;

    private String name;
    private String definitionId;
    private String port;
    private boolean halfWritten;
    private UUID loadedListId;
    private String loadedListName;
    private Instant loadedAt;
    private Instant unknownSince;
    private UUID snapshotToPutBack;
    private UUID writtenSnapshot;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<Integer> writtenSlots = List.of();

    private String label = "";
    private String serial = "";
    private String firmware = "";
    private String antenna = "";
    private String note = "";
    private Instant retiredAt;
    private String places = "same";

    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, KeptInto> blocks = Map.of();

    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, KeptOverrule> overrules = Map.of();

    // An object, so that a record without a version is known to be new although it has an id: two inserts of one id
    // never merge.
    @Version
    private Long version;

    UnitRecord() {}

    UnitRecord(String id, String name, String definitionId, String port) {
        this.id = id;
        this.name = name;
        this.definitionId = definitionId;
        this.port = port;
    }

    String id() {
        return id;
    }

    String name() {
        return name;
    }

    /** What the person calls it and knows of it. */
    void isKnownAs(ShelfRequests.Known known) {
        name = known.name();
        label = known.label();
        serial = known.serial();
        firmware = known.firmware();
        antenna = known.antenna();
        note = known.note();
    }

    Shelf shelf(Optional<Shelf.Lent> lent) {
        return new Shelf(label, serial, firmware, antenna, note, lent, Optional.ofNullable(retiredAt), version());
    }

    Carrying carrying() {
        return new Carrying(
                KeptOverrule.places(places),
                blocks.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, each -> each.getValue().value())),
                overrules.entrySet().stream()
                        .collect(Collectors.toMap(
                                each -> UUID.fromString(each.getKey()),
                                each -> each.getValue().value())));
    }

    void carries(Carrying carrying) {
        places = KeptOverrule.text(carrying.places());
        blocks = carrying.blocks().entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, each -> KeptInto.of(each.getValue())));
        overrules = carrying.overrules().entrySet().stream()
                .collect(Collectors.toMap(each -> each.getKey().toString(), each -> KeptOverrule.of(each.getValue())));
    }

    Instant retiredAt() {
        return retiredAt;
    }

    void retires(Instant at) {
        retiredAt = at;
    }

    long version() {
        return version == null ? 0 : version;
    }

    String definitionId() {
        return definitionId;
    }

    String port() {
        return port;
    }

    void isReachedBy(PortAddress address) {
        port = address.text();
    }

    boolean halfWritten() {
        return halfWritten;
    }

    UUID loadedListId() {
        return loadedListId;
    }

    String loadedListName() {
        return loadedListName;
    }

    Instant loadedAt() {
        return loadedAt;
    }

    /** Since when it is unknown what the radio holds; null where it is known. */
    Instant unknownSince() {
        return unknownSince;
    }

    void contentsAreKnown() {
        unknownSince = null;
    }

    UUID snapshotToPutBack() {
        return snapshotToPutBack;
    }

    List<Integer> writtenSlots() {
        return writtenSlots;
    }

    UUID writtenSnapshot() {
        return writtenSnapshot;
    }

    /** A list wrote these slots, and the snapshot shows with what. */
    void wasWritten(List<Integer> slots, UUID snapshot) {
        writtenSlots = List.copyOf(slots);
        writtenSnapshot = snapshot;
    }

    void writingBegins(UUID before) {
        halfWritten = true;
        snapshotToPutBack = before;
        holds(null, null, null);
    }

    void isWhole() {
        halfWritten = false;
        snapshotToPutBack = null;
    }

    void holds(UUID listId, String listName, Instant since) {
        loadedListId = listId;
        loadedListName = listName;
        loadedAt = since;
    }
}
