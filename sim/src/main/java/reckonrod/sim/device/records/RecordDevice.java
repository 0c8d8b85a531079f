package reckonrod.sim.device.records;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import java.util.zip.CRC32;
import reckonrod.core.definition.LinkDefinition.VariableRecords;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.records.Piece;
import reckonrod.core.link.records.RecordFrame;
import reckonrod.sim.device.Device;
import reckonrod.sim.device.RadioMemory;
import reckonrod.sim.device.Received;

/** The radio's side of the variable-record protocol: what it is given it gathers, and keeps as a whole or not at all. */
public final class RecordDevice implements Device {
    private static final byte[] SILENCE = {};

    private final int longest;
    private final String ident;
    private final RadioMemory memory;
    private final Received received = new Received(RecordFrame::cut);
    private Optional<byte[]> gathered = Optional.empty();

    /** A device that names itself so and works on that memory. */
    public RecordDevice(VariableRecords family, String ident, RadioMemory memory) {
        this.longest = family.blockBytes();
        this.ident = ident;
        this.memory = memory;
    }

    @Override
    public byte[] silence() {
        received.silence();
        return SILENCE;
    }

    @Override
    public boolean isOfWrite(byte next) {
        return received.size() > 1
                && (received.at(1) == RecordFrame.BYTES
                        || received.at(1) == RecordFrame.FILL
                        || received.at(1) == RecordFrame.KEEP);
    }

    @Override
    public byte[] take(byte next) {
        return received.take(next).map(this::answer).orElse(SILENCE);
    }

    private byte[] answer(byte[] record) {
        return switch (record[1]) {
            case RecordFrame.WHO -> RecordFrame.of(RecordFrame.IAM, ident.getBytes(StandardCharsets.US_ASCII));
            case RecordFrame.DUMP ->
                record.length == RecordFrame.CONTENT + 4 ? dump(record) : RecordFrame.of(RecordFrame.NO);
            case RecordFrame.BEGIN -> {
                gathered = Optional.of(memory.image().toBytes());
                yield RecordFrame.of(RecordFrame.TAKEN);
            }
            case RecordFrame.BYTES, RecordFrame.FILL ->
                Piece.is(record) ? gather(Piece.read(record)) : RecordFrame.of(RecordFrame.NO);
            case RecordFrame.KEEP -> keep(ByteBuffer.wrap(record).getInt(RecordFrame.CONTENT));
            case RecordFrame.SUM ->
                RecordFrame.of(RecordFrame.TOTAL, bytes(memory.image().cyclicSum()));
            case RecordFrame.LEAVE -> {
                gathered = Optional.empty();
                yield RecordFrame.of(RecordFrame.TAKEN);
            }
            default -> RecordFrame.of(RecordFrame.NO);
        };
    }

    private byte[] dump(byte[] record) {
        int from = RecordFrame.number(record, RecordFrame.CONTENT);
        int to = from + RecordFrame.number(record, RecordFrame.CONTENT + 2);
        byte[] all = memory.image().toBytes();
        if (to > all.length) {
            return RecordFrame.of(RecordFrame.NO);
        }
        ByteArrayOutputStream stream = new ByteArrayOutputStream();
        Piece.of(all, from, to, longest).forEach(piece -> stream.writeBytes(piece.record()));
        CRC32 sum = new CRC32();
        sum.update(all, from, to - from);
        stream.writeBytes(RecordFrame.of(RecordFrame.END, bytes((int) sum.getValue())));
        return stream.toByteArray();
    }

    private byte[] gather(Piece piece) {
        if (gathered.isEmpty() || piece.at() + piece.bytes().length > gathered.get().length) {
            return RecordFrame.of(RecordFrame.NO);
        }
        System.arraycopy(piece.bytes(), 0, gathered.get(), piece.at(), piece.bytes().length);
        return RecordFrame.at(RecordFrame.TAKEN, piece.at());
    }

    /** Asked twice for the same, because the answer was lost, it says the same. */
    private byte[] keep(int sum) {
        if (gathered.isPresent() && MemoryImage.of(gathered.get()).cyclicSum() == sum) {
            memory.replace(MemoryImage.of(gathered.get()));
            gathered = Optional.empty();
        }
        return memory.image().cyclicSum() == sum
                ? RecordFrame.of(RecordFrame.KEPT, bytes(sum))
                : RecordFrame.of(RecordFrame.NO);
    }

    private static byte[] bytes(int number) {
        return Arrays.copyOf(ByteBuffer.allocate(Integer.BYTES).putInt(number).array(), Integer.BYTES);
    }
}
