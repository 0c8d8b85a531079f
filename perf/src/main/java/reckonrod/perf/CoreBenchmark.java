package reckonrod.perf;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Comparator;
import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.check.Checks;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Fitter;
import reckonrod.core.fit.Placement;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.judge.Review;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.list.SlotRange;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.WorkedAnswer;

/** The work of the core that the budgets in docs/architecture.md speak of. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class CoreBenchmark {
    private static final List<String> LINES = List.of(
            "SKARRA 145.310- 71.9",
            "147.135 + 127.3",
            "rx 441.150 tx 446.150 D023N",
            "LEG 1 147.510 nfm low",
            "145.350 > 433.475",
            "TOWER 132.810 am",
            "OSTREY N;145.430;-0.6;T118.8 R118.8;E L",
            "145 310 000 Hz - 2B",
            "145.310- 71.5");

    /** Of 1,000 channels; a smaller list shares outputs among its channels in the same measure. */
    private static final int OUTPUTS = 390;

    private static final List<String> TONES = List.of("71.9", "88.5", "103.5");

    private final BandPlan plan = BandPlans.shipped().find("r2-north-america").orElseThrow();
    private final RadioDefinition radio =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();
    private final Fitter fitter = new Fitter(radio.model(), plan);
    private final ImageCodec codec = new ImageCodec(radio);
    private final ChannelList thousand = list(1_000);
    private final ChannelList hundred = list(100);
    private final String listing = IntStream.range(0, Review.MOST_LINES)
            .mapToObj(line -> LINES.get(line % LINES.size()))
            .collect(Collectors.joining("\n"));
    private final ListEntry one = thousand.entries().get(7);
    private final MemoryImage empty = MemoryImage.of(new byte[radio.layout().bytes()]);
    private final FitReport fitted = fitter.fit(thousand);
    private final List<Fitter> all = RadioDefinitions.shipped().all().stream()
            .map(each -> new Fitter(each.model(), plan))
            .toList();
    private final RadioDefinition largest = RadioDefinitions.shipped().all().stream()
            .filter(each -> each.memory().isPresent())
            .max(Comparator.comparingInt(each -> each.layout().bytes()))
            .orElseThrow();
    private final ImageCodec codecOfLargest = new ImageCodec(largest);
    private final MemoryImage fullLargest = codecOfLargest.encode(
            MemoryImage.of(new byte[largest.layout().bytes()]),
            new Fitter(largest.model(), plan).fit(thousand).contents());
    private final byte[] kibibyte = new byte[1024];
    private final MessageDigest sha;
    private int next;

    /** Builds the lists. */
    public CoreBenchmark() {
        try {
            sha = MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private ChannelList list(int size) {
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>();
        int outputs = OUTPUTS * size / 1_000;
        for (int slot = 0; slot < size; slot++) {
            Frequency output = Frequency.ofHertz(440_000_000 + 12_500L * (slot % outputs));
            String line = "CH " + (char) ('A' + slot % 26) + " " + output.toMegahertzText() + "+ "
                    + TONES.get(slot / outputs);
            entries.put(
                    slot,
                    ListEntry.of(
                            new UUID(0, slot),
                            Reckoner.reckon(line, plan).channel().orElseThrow(),
                            line));
        }
        return new ChannelList(
                "bench", plan.id(), "", new SlotRange(0, size - 1), NameRecipe.PLACE, List.of(), entries);
    }

    /** The yardstick: SHA-256 of 1 KiB, so that figures of different machines can be compared. */
    @Benchmark
    public byte[] yardstick() {
        return sha.digest(kibibyte);
    }

    /** One line, of several kinds in turn. */
    @Benchmark
    public WorkedAnswer reckonOneLine() {
        next = (next + 1) % LINES.size();
        return Reckoner.reckon(LINES.get(next), plan);
    }

    /** A listing of 5,000 lines, worked out and judged. */
    @Benchmark
    public Review reviewFiveThousand() {
        return Review.of(listing, hundred, plan);
    }

    /** Every rule over 1,000 channels. */
    @Benchmark
    public Object checkThousand() {
        return Checks.list(thousand, plan);
    }

    /** The same over 100, to see how it grows. */
    @Benchmark
    public Object checkHundred() {
        return Checks.list(hundred, plan);
    }

    /** 1,000 channels to one radio. */
    @Benchmark
    public FitReport fitThousand() {
        return fitter.fit(thousand);
    }

    /** One edited channel to one radio. */
    @Benchmark
    public Placement fitOne() {
        return fitter.fit(7, one);
    }

    /** 1,000 channels to one radio of every model that ships. */
    @Benchmark
    public List<FitReport> fitThousandToAll() {
        return all.stream().map(each -> each.fit(thousand)).toList();
    }

    /** One edited channel to one radio of every model that ships. */
    @Benchmark
    public List<Placement> fitOneToAll() {
        return all.stream().map(each -> each.fit(7, one)).toList();
    }

    /** The largest image that a shipped radio has, full. */
    @Benchmark
    public Object decodeLargest() {
        return codecOfLargest.decode(fullLargest);
    }

    /** A full image from a fitted list. */
    @Benchmark
    public MemoryImage encodeImage() {
        return codec.encode(empty, fitted.contents().slots());
    }
}
