package reckonrod.server.radios;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import reckonrod.core.fit.ByHandStep;
import reckonrod.core.image.MemoryImage;

/** A card that is on its way into a radio. */
@Entity
@Table(name = "card_out")
class CardOutRecord {
    @Id
    private String radioId;

    private byte[] image;
    private String before;
    private UUID listId;
    private String what;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<Integer> slots = List.of();

    @JdbcTypeCode(SqlTypes.JSON)
    private List<ByHandStep> byHand = List.of();

    private Instant writtenAt;

    CardOutRecord() {}

    CardOutRecord(String radioId, CardsOut.Out out) {
        this.radioId = radioId;
        this.image = out.image().toBytes();
        this.before = out.before();
        this.listId = out.listId().orElse(null);
        this.what = out.what();
        this.slots = List.copyOf(out.slots());
        this.byHand = List.copyOf(out.byHand());
        this.writtenAt = out.at();
    }

    CardsOut.Out out() {
        return new CardsOut.Out(
                MemoryImage.of(image), before, java.util.Optional.ofNullable(listId), what, slots, byHand, writtenAt);
    }
}
