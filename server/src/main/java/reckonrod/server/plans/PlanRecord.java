package reckonrod.server.plans;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import reckonrod.server.files.OwnFile;

/** A plan of the person's own, as the text of its file. */
@Entity
@Table(name = "band_plan")
class PlanRecord extends OwnFile {
    PlanRecord() {}

    PlanRecord(String id, String yaml, Instant now) {
        super(id, yaml, now);
    }
}
