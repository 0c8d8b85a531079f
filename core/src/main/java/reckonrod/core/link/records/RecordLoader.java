package reckonrod.core.link.records;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import reckonrod.core.definition.LinkDefinition.VariableRecords;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Course;
import reckonrod.core.link.Exchange;
import reckonrod.core.link.Exchange.Meaning;
import reckonrod.core.link.Identity;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.Loader;
import reckonrod.core.link.Port;
import reckonrod.core.link.Talk;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.link.TransferWatch.Phase;
import reckonrod.core.link.WriteEstimate;

/**
 * Whole transfers by records. The radio gathers what it is given beside its memory, and takes it into its memory at one go if
 * the sum of the whole is right; up to that moment stopping changes nothing.
 */
public final class RecordLoader implements Loader {
    private static final int LINE_BITS_OF_A_BYTE = 10;

    /** Two pieces that lie nearer go as one: a record and its answer cost as much. */
    private static final int WORTH_TWO_RECORDS = 10;

    /** Who is there, sum, begin, keep and goodbye. */
    private static final int BYTES_BESIDES = 70;

    private static final int BYTES_OF_PLACE = 2;

    private final RadioDefinition radio;
    private final VariableRecords family;
    private final Talk talk;
    private final TransferWatch watch;
    private final Course course;
    private final int memoryBytes;

    /** A transfer to be made once, over an open line to a radio of that model. */
    public RecordLoader(RadioDefinition radio, VariableRecords family, Port port, TransferWatch watch) {
        this.radio = radio;
        this.family = family;
        this.talk = new Talk(radio, family, port);
        this.watch = watch;
        this.course = new Course(watch);
        this.memoryBytes = radio.layout().bytes();
    }

    @Override
    public MemoryImage read() throws LinkException {
        course.adds(memoryBytes);
        identify();
        MemoryImage image = dumped(Phase.READ);
        watch.memoryWasRead(image);
        leave();
        return image;
    }

    @Override
    public MemoryImage write(MemoryImage from, MemoryImage to) throws LinkException {
        List<Piece> pieces = pieces(from, to, family.blockBytes());
        course.adds(bytes(pieces));
        identify();
        course.in(Phase.COMPARE);
        if (sum() != from.cyclicSum()) {
            course.adds(memoryBytes);
            watch.memoryWasRead(dumped(Phase.COMPARE));
            throw new LinkException(
                    Fault.CHANGED_SINCE_READ,
                    "The radio's memory was changed since it was read. What it holds now is kept as a snapshot;"
                            + " look at what writing would change now.");
        }
        return given(pieces, to);
    }

    @Override
    public MemoryImage restore(MemoryImage to) throws LinkException {
        course.adds(memoryBytes);
        identify();
        MemoryImage now = dumped(Phase.READ);
        watch.memoryWasRead(now);
        List<Piece> pieces = pieces(now, to, family.blockBytes());
        course.adds(bytes(pieces));
        return given(pieces, to);
    }

    /** The cost of bringing a radio from one image to another. */
    public static WriteEstimate estimate(VariableRecords family, MemoryImage from, MemoryImage to) {
        List<Piece> pieces = pieces(from, to, family.blockBytes());
        if (pieces.isEmpty()) {
            return new WriteEstimate(0, 0, 0);
        }
        long lineBytes = BYTES_BESIDES
                + pieces.stream()
                        .mapToLong(piece -> piece.record().length + RecordFrame.BYTES_AROUND + BYTES_OF_PLACE)
                        .sum();
        int baud = family.pace().baud();
        return new WriteEstimate(
                pieces.size(), bytes(pieces), (int) ((lineBytes * LINE_BITS_OF_A_BYTE + baud - 1) / baud));
    }

    /** What differs, as records. */
    static List<Piece> pieces(MemoryImage from, MemoryImage to, int longest) {
        byte[] old = from.toBytes();
        byte[] now = to.toBytes();
        List<Piece> pieces = new ArrayList<>();
        int at = 0;
        while (at < now.length) {
            if (old[at] == now[at]) {
                at++;
                continue;
            }
            int end = at + 1;
            for (int next = end; next < now.length && next - end < WORTH_TWO_RECORDS; next++) {
                if (old[next] != now[next]) {
                    end = next + 1;
                }
            }
            pieces.addAll(Piece.of(now, at, end, longest));
            at = end;
        }
        return pieces;
    }

    private static int bytes(List<Piece> pieces) {
        return pieces.stream().mapToInt(piece -> piece.bytes().length).sum();
    }

    private void identify() throws LinkException {
        course.in(Phase.IDENTIFY);
        course.stopIfTold();
        byte[] said = RecordFrame.content(talk.greet(asked(RecordFrame.of(RecordFrame.WHO), RecordFrame.IAM, -1)));
        watch.isThere(Identity.require(radio, new String(said, StandardCharsets.US_ASCII)));
    }

    private MemoryImage dumped(Phase phase) throws LinkException {
        int[] told = {0};
        byte[] memory = talk.over(
                Dumping.request(0, memoryBytes),
                Dumping.of(memoryBytes, family.pace().tries()),
                now -> {
                    course.stopIfTold();
                    if (now.bytesDone() > told[0]) {
                        course.advance(phase, now.bytesDone() - told[0]);
                        told[0] = now.bytesDone();
                    }
                });
        course.advance(phase, memoryBytes - told[0]);
        MemoryImage image = MemoryImage.of(memory);
        if (image.cyclicSum() != sum()) {
            throw new LinkException(
                    Fault.GARBAGE,
                    "Each record came whole, and all together they are not what the radio says it holds. Check that the plug"
                            + " sits tight, then start over.");
        }
        return image;
    }

    private MemoryImage given(List<Piece> pieces, MemoryImage to) throws LinkException {
        if (!pieces.isEmpty()) {
            course.stopIfTold();
            talk.ask(asked(RecordFrame.of(RecordFrame.BEGIN), RecordFrame.TAKEN, 0));
            for (Piece piece : pieces) {
                course.stopIfTold();
                byte[] record = piece.record();
                talk.ask(asked(record, RecordFrame.TAKEN, BYTES_OF_PLACE, record[2], record[3]));
                course.advance(Phase.WRITE, piece.bytes().length);
            }
            course.writingBegins();
        }
        course.in(Phase.READ_BACK);
        byte[] sum = ByteBuffer.allocate(Integer.BYTES).putInt(to.cyclicSum()).array();
        int held = pieces.isEmpty()
                ? sum()
                : ByteBuffer.wrap(
                                talk.ask(asked(RecordFrame.of(RecordFrame.KEEP, sum), RecordFrame.KEPT, Integer.BYTES)))
                        .getInt(RecordFrame.CONTENT);
        if (held != to.cyclicSum()) {
            throw new LinkException(
                    pieces.isEmpty() ? Fault.CHANGED_SINCE_READ : Fault.NOT_AS_WRITTEN,
                    pieces.isEmpty()
                            ? "The radio was changed while it was read. Leave it alone and start over."
                            : "The radio does not hold what was written. Its memory may be worn or the cable bad; put the"
                                    + " snapshot back.");
        }
        leave();
        return to;
    }

    private int sum() throws LinkException {
        return ByteBuffer.wrap(talk.ask(asked(RecordFrame.of(RecordFrame.SUM), RecordFrame.TOTAL, Integer.BYTES)))
                .getInt(RecordFrame.CONTENT);
    }

    private void leave() {
        try {
            talk.ask(asked(RecordFrame.of(RecordFrame.LEAVE), RecordFrame.TAKEN, 0));
        } catch (LinkException unheard) {
            // The person switches the radio off and on; the screen says so anyway.
        }
    }

    /**
     * @param contentBytes how long the answer's content must be; −1 where that is free
     * @param begin how the content must begin
     */
    private static Exchange.Asked asked(byte[] request, byte answer, int contentBytes, byte... begin) {
        return new Exchange.Asked(request, RecordFrame::cut, record -> {
            if (record[1] == RecordFrame.NO) {
                return Meaning.REFUSAL;
            }
            int length = record.length - RecordFrame.CONTENT;
            boolean fits = record[1] == answer && (contentBytes < 0 || length == contentBytes);
            for (int i = 0; fits && i < begin.length; i++) {
                fits = record[RecordFrame.CONTENT + i] == begin[i];
            }
            return fits ? Meaning.ANSWER : Meaning.WRONG;
        });
    }
}
