package reckonrod.server.bench;

import java.util.Optional;
import reckonrod.core.image.MemoryImage;
import reckonrod.sim.device.RadioMemory;
import reckonrod.sim.face.RadioState;

/** What a simulated radio holds and how it stands, kept in the database at every touch. */
record KeptRadio(String id, BenchStore store) implements RadioMemory, RadioState.Keeper {
    @Override
    public byte[] read(int address, int size) {
        return store.read(id, address, size);
    }

    @Override
    public void write(int address, byte[] data) {
        store.write(id, address, data);
    }

    @Override
    public MemoryImage image() {
        return store.memory(id);
    }

    @Override
    public void replace(MemoryImage image) {
        store.replace(id, image);
    }

    @Override
    public void remember() {
        store.remember(id);
    }

    @Override
    public Optional<MemoryImage> remembered() {
        return store.remembered(id);
    }

    @Override
    public RadioState get() {
        return store.state(id);
    }

    @Override
    public void set(RadioState next) {
        store.set(id, next);
    }
}
