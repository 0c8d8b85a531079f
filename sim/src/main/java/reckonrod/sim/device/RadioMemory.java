package reckonrod.sim.device;

import java.util.Arrays;
import java.util.Optional;
import reckonrod.core.image.MemoryImage;

/** The memory of a simulated radio. There is one of it, however many cables and displays there are. */
public interface RadioMemory {
    /** A copy of a part. */
    byte[] read(int address, int size);

    /** Changes a part; kept when it returns. */
    void write(int address, byte[] data);

    /** What it holds now. */
    MemoryImage image();

    /** Puts an image in as a whole, as a person does who swaps the radio. */
    void replace(MemoryImage image);

    /** Marks what it holds now, so that it can be told later what was changed since; where the radio can do so. */
    default void remember() {}

    /** What it held when it was told to remember. */
    default Optional<MemoryImage> remembered() {
        return Optional.empty();
    }

    /** A memory that lasts as long as the program. */
    static RadioMemory of(MemoryImage image) {
        return new Passing(image);
    }

    /** Lasts as long as the program. */
    final class Passing implements RadioMemory {
        private byte[] bytes;
        private Optional<MemoryImage> remembered = Optional.empty();

        private Passing(MemoryImage image) {
            this.bytes = image.toBytes();
        }

        @Override
        public synchronized byte[] read(int address, int size) {
            return Arrays.copyOfRange(bytes, address, address + size);
        }

        @Override
        public synchronized void write(int address, byte[] data) {
            System.arraycopy(data, 0, bytes, address, data.length);
        }

        @Override
        public synchronized MemoryImage image() {
            return MemoryImage.of(bytes);
        }

        @Override
        public synchronized void replace(MemoryImage image) {
            bytes = image.toBytes();
        }

        @Override
        public synchronized void remember() {
            remembered = Optional.of(image());
        }

        @Override
        public synchronized Optional<MemoryImage> remembered() {
            return remembered;
        }
    }
}
