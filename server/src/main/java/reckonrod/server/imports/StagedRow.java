package reckonrod.server.imports;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.listing.RowKind;
import reckonrod.core.listing.RowVerdict;
import reckonrod.server.directory.EntryFields;

/** A row on its way into the directory. */
@Entity
@Table(name = "directory_import_row")
@IdClass(StagedRow.Key.class)
class StagedRow {
    /** The row of one line of one import. */
    record Key(UUID importId, int line) implements Serializable {}

    @Id
    private UUID importId;

    @Id
    private int line;

    @Enumerated(EnumType.STRING)
    private RowKind kind;

    private boolean doubtful;
    private String says;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> cells;

    private String entryId;

    @Embedded
    private EntryFields fields;

    StagedRow() {}

    private StagedRow(UUID importId, int line, RowKind kind, boolean doubtful, String says) {
        this.importId = importId;
        this.line = line;
        this.kind = kind;
        this.doubtful = doubtful;
        this.says = says;
    }

    /** The row as it was judged; of a bad one the cells are kept, so that it can be given back. */
    static StagedRow of(UUID importId, int line, RowVerdict verdict, List<String> cells) {
        StagedRow row = new StagedRow(importId, line, verdict.kind(), verdict.doubtful(), verdict.says());
        verdict.entry()
                .ifPresentOrElse(
                        entry -> {
                            row.entryId = entry.id();
                            row.fields = EntryFields.of(entry);
                        },
                        () -> row.cells = List.copyOf(cells));
        return row;
    }

    int line() {
        return line;
    }

    RowKind kind() {
        return kind;
    }

    boolean doubtful() {
        return doubtful;
    }

    String says() {
        return says;
    }

    List<String> cells() {
        return cells == null ? List.of() : cells;
    }

    DirectoryEntry entry() {
        return fields.entry(entryId);
    }
}
