package reckonrod.server.directory;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import reckonrod.core.directory.DirectoryEntry;

/** An entry of the directory. */
@Entity
@Table(name = "directory_entry")
class EntryRecord {
    @Id
    private String id;

    @Embedded
    private EntryFields fields;

    EntryRecord() {}

    EntryRecord(DirectoryEntry entry) {
        id = entry.id();
        fields = EntryFields.of(entry);
    }

    DirectoryEntry entry() {
        return fields.entry(id);
    }
}
