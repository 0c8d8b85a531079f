package reckonrod.server.imports;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.nio.charset.Charset;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One import. Only the columns that change are written, so that giving up is never overwritten. */
@Entity
@Table(name = "directory_import")
@DynamicUpdate
class ImportRecord {
    @Id
    private UUID id;

    private String source;

    @Enumerated(EnumType.STRING)
    private ImportKind kind;

    private String name;

    @Enumerated(EnumType.STRING)
    private ImportState state;

    private String message;
    private String charset;
    private String bandPlan;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> headings;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> columns;

    @JdbcTypeCode(SqlTypes.JSON)
    private TableLook look;

    private int rowsRead;
    private int rowsTotal;
    private int goneCount;
    private Instant begunAt;
    private Instant heardAt;
    private boolean cancelRequested;
    private UUID reader;

    ImportRecord() {}

    ImportRecord(UUID id, String source, Brought brought, TableLook look, Instant now) {
        this.look = look;
        this.id = id;
        this.source = source;
        this.kind = brought.kind();
        this.name = brought.name();
        this.charset = brought.charset().map(Charset::name).orElse(null);
        this.bandPlan = brought.bandPlan();
        this.state = ImportState.MAPPING;
        this.message = "";
        this.begunAt = now;
        this.heardAt = now;
    }

    UUID id() {
        return id;
    }

    String source() {
        return source;
    }

    ImportKind kind() {
        return kind;
    }

    String name() {
        return name;
    }

    ImportState state() {
        return state;
    }

    String message() {
        return message;
    }

    Optional<String> charset() {
        return Optional.ofNullable(charset);
    }

    String bandPlan() {
        return bandPlan;
    }

    List<String> headings() {
        return headings == null ? List.of() : headings;
    }

    List<String> columns() {
        return columns == null ? List.of() : columns;
    }

    /** What its table looks like. */
    TableLook look() {
        return look == null ? TableLook.ofRows(headings(), rowsTotal) : look;
    }

    /** Whether it waits for the meaning of columns that nobody has looked at, as earlier versions left it. */
    boolean mustBeLookedAt() {
        return look == null && state == ImportState.MAPPING;
    }

    void look(TableLook found) {
        look = found;
    }

    int rowsRead() {
        return rowsRead;
    }

    int rowsTotal() {
        return rowsTotal;
    }

    int goneCount() {
        return goneCount;
    }

    Instant begunAt() {
        return begunAt;
    }

    Instant heardAt() {
        return heardAt;
    }

    boolean cancelRequested() {
        return cancelRequested;
    }

    /** Whether it is read by this reader, and by no other that took it over meanwhile. */
    boolean isReadBy(UUID someone) {
        return state == ImportState.READING && someone.equals(reader);
    }

    void read(UUID newReader, List<String> tableHeadings, List<String> meanings, Instant now) {
        reader = newReader;
        headings = List.copyOf(tableHeadings);
        columns = List.copyOf(meanings);
        state = ImportState.READING;
        message = "";
        cancelRequested = false;
        heardAt = now;
    }

    void progress(int read, int total, Instant now) {
        rowsRead = read;
        rowsTotal = total;
        heardAt = now;
    }

    void allRead(int gone, Instant now) {
        state = ImportState.READ;
        goneCount = gone;
        heardAt = now;
    }

    void end(ImportState next, String text, Instant now) {
        state = next;
        message = text;
        heardAt = now;
    }

    void requestCancel() {
        cancelRequested = true;
    }
}
