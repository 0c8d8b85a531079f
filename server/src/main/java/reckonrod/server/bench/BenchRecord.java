package reckonrod.server.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Optional;
import org.hibernate.annotations.DynamicUpdate;
import reckonrod.core.image.MemoryImage;
import reckonrod.sim.device.clone.CloneKey;
import reckonrod.sim.face.FaceState;
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
    private int otherSlot;
    private boolean secondLine;
    private int bank;
    private int shown;
    private boolean am;

    @Enumerated(EnumType.STRING)
    private FaceState.Held held;

    private byte[] remembered;

    @Enumerated(EnumType.STRING)
    private CloneKey started;

    BenchRecord() {}

    Optional<MemoryImage> remembered() {
        return Optional.ofNullable(remembered).map(MemoryImage::of);
    }

    MemoryImage memory() {
        return MemoryImage.of(memory);
    }

    void replace(MemoryImage image) {
        memory = image.toBytes();
    }

    RadioState state() {
        return new RadioState(
                trouble.at(troubleByte),
                new FaceState(switchedOn, slot, otherSlot, secondLine, bank, shown, am, held),
                started);
    }

    void set(RadioState state) {
        trouble = TroubleKind.of(state.trouble());
        troubleByte = TroubleKind.byteOf(state.trouble());
        FaceState face = state.face();
        switchedOn = face.on();
        slot = face.slot();
        otherSlot = face.otherSlot();
        secondLine = face.secondLine();
        bank = face.bank();
        shown = face.shown();
        am = face.am();
        held = face.held();
        started = state.started();
    }
}
