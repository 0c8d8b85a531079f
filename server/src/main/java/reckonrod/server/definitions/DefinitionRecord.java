package reckonrod.server.definitions;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import reckonrod.server.files.OwnFile;

/** A definition of the person's own, as the text of its file. */
@Entity
@Table(name = "radio_definition")
class DefinitionRecord extends OwnFile {
    DefinitionRecord() {}

    DefinitionRecord(String id, String yaml, Instant now) {
        super(id, yaml, now);
    }
}
