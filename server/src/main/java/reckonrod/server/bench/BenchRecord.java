package reckonrod.server.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.DynamicUpdate;
import reckonrod.core.image.MemoryImage;
import reckonrod.sim.face.RadioState;

/** A simulated radio as it is kept. Only the columns that change are written, so that its memory and its keys do not meet. */
@Entity
@Table(name = "simulated_radio")
@DynamicUpdate
class BenchRecord {
    @Id
    private String radioId;

    private byte[] memory;

    @Enumerated(EnumType.STRING)
    private TroubleKind trouble;

    private long troubleByte;
    private boolean switchedOn;
    private int slot;
    private boolean talkKeyDown;

    BenchRecord() {}

    MemoryImage memory() {
        return MemoryImage.of(memory);
    }

    void replace(MemoryImage image) {
        memory = image.toBytes();
    }

    RadioState state() {
        return new RadioState(trouble.at(troubleByte), switchedOn, slot, talkKeyDown);
    }

    void set(RadioState state) {
        trouble = TroubleKind.of(state.trouble());
        troubleByte = TroubleKind.byteOf(state.trouble());
        switchedOn = state.on();
        slot = state.slot();
        talkKeyDown = state.talkKeyDown();
    }
}
