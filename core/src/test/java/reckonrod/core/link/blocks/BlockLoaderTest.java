package reckonrod.core.link.blocks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Identity;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.TransferWatch;

/** In which order a radio of blocks is asked, believed and written; the radio here does as it is told, or not quite. */
class BlockLoaderTest {
    private static final int BLOCK = 16;
    private static final int BLOCKS = 8;
    private static final MemoryImage OLD = image(block -> block);
    private static final MemoryImage WANTED = image(block -> block == 2 || block == 5 ? 0x70 + block : block);

    private final Radio radio = new Radio(OLD);
    private final Watch watch = new Watch();

    private static MemoryImage image(IntUnaryOperator filler) {
        byte[] memory = new byte[BLOCK * BLOCKS];
        for (int at = 0; at < memory.length; at++) {
            memory[at] = (byte) filler.applyAsInt(at / BLOCK);
        }
        return MemoryImage.of(memory);
    }

    /** Blocks in a memory; notes what is asked of it. */
    private static final class Radio implements BlockLink {
        private final byte[] memory;
        private final List<String> asked = new ArrayList<>();
        private Optional<BitSet> changed = Optional.empty();
        private int wornBlock = -1;
        private int blockReadWrong = -1;
        private Runnable beforeSum = () -> {};

        Radio(MemoryImage image) {
            memory = image.toBytes();
        }

        MemoryImage image() {
            return MemoryImage.of(memory);
        }

        void put(int block, int filler) {
            Arrays.fill(memory, block * BLOCK, (block + 1) * BLOCK, (byte) filler);
        }

        @Override
        public Identity identify() {
            asked.add("who");
            return new Identity("TEST 1.0", Optional.empty());
        }

        @Override
        public byte[] read(int block) {
            asked.add("read " + block);
            byte[] data = Arrays.copyOfRange(memory, block * BLOCK, (block + 1) * BLOCK);
            data[3] ^= (byte) (block == blockReadWrong ? 1 : 0);
            return data;
        }

        @Override
        public void write(int block, byte[] data) {
            asked.add("write " + block);
            if (block != wornBlock) {
                System.arraycopy(data, 0, memory, block * BLOCK, BLOCK);
            }
        }

        @Override
        public int sum() {
            asked.add("sum");
            beforeSum.run();
            return image().cyclicSum();
        }

        @Override
        public Optional<BitSet> changed() {
            asked.add("changed");
            return changed;
        }

        @Override
        public void remember() {
            asked.add("remember");
        }

        @Override
        public void leave() {
            asked.add("leave");
        }
    }

    /** Follows the transfer; stops it where it is told to. */
    private static final class Watch implements TransferWatch {
        private final List<MemoryImage> read = new ArrayList<>();
        private int begun;
        private int done;
        private int total;
        private int stopAfter = Integer.MAX_VALUE;
        private boolean begins = true;

        @Override
        public void progress(Phase phase, int bytesDone, int bytesTotal) {
            assertThat(bytesDone).isBetween(done, bytesTotal);
            done = bytesDone;
            total = bytesTotal;
        }

        @Override
        public Optional<Stop> stop() {
            return stopAfter-- <= 0 ? Optional.of(Stop.ASKED) : Optional.empty();
        }

        @Override
        public void memoryWasRead(MemoryImage memory) {
            read.add(memory);
        }

        @Override
        public Optional<Stop> writingBegins() {
            begun++;
            return begins ? Optional.empty() : Optional.of(Stop.NO_LONGER_OURS);
        }
    }

    private BlockLoader loader() {
        return new BlockLoader(radio, BLOCK * BLOCKS, BLOCK, watch);
    }

    private static void assertFault(Fault fault, ThrowingCallable call) {
        assertThatThrownBy(call)
                .isInstanceOfSatisfying(
                        LinkException.class,
                        failed -> assertThat(failed.fault()).isEqualTo(fault));
    }

    private static List<String> of(String... steps) {
        return List.of(steps);
    }

    @Test
    void whatIsReadIsProvenBeforeItCounts() throws LinkException {
        assertThat(loader().read()).isEqualTo(OLD);
        assertThat(radio.asked)
                .containsExactly(
                        "who",
                        "read 0",
                        "read 1",
                        "read 2",
                        "read 3",
                        "read 4",
                        "read 5",
                        "read 6",
                        "read 7",
                        "sum",
                        "remember",
                        "leave");
        assertThat(watch.read).containsExactly(OLD);
        assertThat(watch.done).isEqualTo(watch.total).isEqualTo(BLOCK * BLOCKS);
    }

    /** A block that came wrong with a right check of its own is found by the sum of all, and nothing is kept. */
    @Test
    void aBlockThatCameWrongIsFoundByTheSumOfAll() {
        radio.blockReadWrong = 6;
        assertFault(Fault.GARBAGE, () -> loader().read());
        assertThat(watch.read).isEmpty();
        assertThat(radio.asked).doesNotContain("remember", "leave");
    }

    @Test
    void whatDiffersIsWrittenAndReadBack() throws LinkException {
        assertThat(loader().write(OLD, WANTED)).isEqualTo(WANTED);
        assertThat(radio.image()).isEqualTo(WANTED);
        assertThat(radio.asked)
                .containsExactly("who", "sum", "write 2", "write 5", "read 2", "read 5", "sum", "remember", "leave");
        assertThat(watch.begun).isEqualTo(1);
        assertThat(watch.done).isEqualTo(watch.total);
    }

    /** Nothing to write: nothing is begun, and it is looked at all the same. */
    @Test
    void nothingToWriteIsNothingBegun() throws LinkException {
        assertThat(loader().write(OLD, OLD)).isEqualTo(OLD);
        assertThat(radio.asked).isEqualTo(of("who", "sum", "sum", "remember", "leave"));
        assertThat(watch.begun).isZero();
    }

    /** Changed at the radio since it was read, outside of what would be written too: not a byte goes out. */
    @Test
    void aRadioThatWasChangedIsReadAndLeftAlone() {
        radio.put(7, 0x55);
        MemoryImage now = radio.image();
        assertFault(Fault.CHANGED_SINCE_READ, () -> loader().write(OLD, WANTED));
        assertThat(radio.image()).isEqualTo(now);
        assertThat(watch.read).containsExactly(now);
        assertThat(watch.begun).isZero();
    }

    @Test
    void aBlockThatIsNotKeptIsTold() {
        radio.wornBlock = 5;
        assertFault(Fault.NOT_AS_WRITTEN, () -> loader().write(OLD, WANTED));
        assertThat(radio.asked).doesNotContain("remember");
    }

    /** What was written reads back right, and something else has changed on the way. */
    @Test
    void somethingElseThatChangedWhileItWasWrittenIsTold() {
        int[] sums = {0};
        radio.beforeSum = () -> {
            if (sums[0]++ == 1) {
                radio.put(0, 0x33);
            }
        };
        assertFault(Fault.NOT_AS_WRITTEN, () -> loader().write(OLD, WANTED));
        assertThat(radio.asked).doesNotContain("remember");
    }

    @Test
    void aRadioThatIsTurnedAtWhileNothingIsWrittenIsTold() {
        int[] sums = {0};
        radio.beforeSum = () -> {
            if (sums[0]++ == 1) {
                radio.put(0, 0x33);
            }
        };
        assertFault(Fault.CHANGED_SINCE_READ, () -> loader().restore(OLD));
    }

    /** Put back whatever it holds: all is read first, and kept, for that is lost then. */
    @Test
    void puttingBackKeepsWhatWasThere() throws LinkException {
        radio.put(1, 0x11);
        radio.put(2, 0x22);
        MemoryImage was = radio.image();
        assertThat(loader().restore(OLD)).isEqualTo(OLD);
        assertThat(watch.read).containsExactly(was);
        assertThat(radio.asked.subList(10, radio.asked.size()))
                .containsExactly("write 1", "write 2", "read 1", "read 2", "sum", "remember", "leave");
        assertThat(radio.image()).isEqualTo(OLD);
        assertThat(watch.done).isEqualTo(watch.total);
    }

    /** A radio that tells what was changed is read in a moment, and believed only if the sum of all agrees. */
    @Test
    void onlyWhatWasChangedIsReadIfThatIsTheWholeTruth() throws LinkException {
        radio.put(3, 0x44);
        MemoryImage now = radio.image();
        radio.changed = Optional.of(BitSet.valueOf(new long[] {1L << 3 | 1L << 6}));
        assertThat(loader().readAgain(OLD)).isEqualTo(now);
        assertThat(radio.asked).containsExactly("who", "changed", "read 3", "read 6", "sum", "remember", "leave");
        assertThat(watch.done).isEqualTo(watch.total);
        assertThat(watch.read).containsExactly(now);
    }

    @Test
    void aRadioThatForgotSomethingIsReadAltogether() throws LinkException {
        radio.put(3, 0x44);
        radio.put(4, 0x44);
        MemoryImage now = radio.image();
        radio.changed = Optional.of(BitSet.valueOf(new long[] {1L << 3}));
        assertThat(loader().readAgain(OLD)).isEqualTo(now);
        assertThat(radio.asked).contains("read 0", "read 7").endsWith("sum", "remember", "leave");
        assertThat(watch.done).isEqualTo(watch.total);
        assertThat(watch.read).containsExactly(now);
    }

    /** Stopped anywhere, it ends between two blocks, and before the first write nothing has been written. */
    @Test
    void itStopsWhereItIsToldTo() {
        for (int after = 0; after < 6; after++) {
            Radio fresh = new Radio(OLD);
            Watch stops = new Watch();
            stops.stopAfter = after;
            assertFault(Fault.CANCELLED, () -> new BlockLoader(fresh, BLOCK * BLOCKS, BLOCK, stops).write(OLD, WANTED));
            List<String> steps = of("sum", "write 2", "write 5", "read 2", "read 5");
            assertThat(fresh.asked)
                    .as("stopped after %d looks", after)
                    .doesNotContain("remember", "leave")
                    .doesNotContainAnyElementsOf(steps.subList(Math.max(0, after - 1), steps.size()));
        }
    }

    /** The last moment before the first byte: whoever is no longer in charge writes nothing. */
    @Test
    void whoIsNoLongerInChargeWritesNothing() {
        watch.begins = false;
        assertFault(Fault.NO_LONGER_OURS, () -> loader().write(OLD, WANTED));
        assertThat(radio.image()).isEqualTo(OLD);
        assertThat(radio.asked).isEqualTo(of("who", "sum"));
    }
}
