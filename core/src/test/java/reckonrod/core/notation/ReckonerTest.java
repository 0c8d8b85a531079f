package reckonrod.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.StringJoiner;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Finding;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

class ReckonerTest {
    private static final BandPlans PLANS = BandPlans.shipped();
    private static final BandPlan R2 = PLANS.find("r2-north-america").orElseThrow();
    private static final BandPlan R1 = PLANS.find("r1-europe").orElseThrow();

    private static final long MOST_NANOSECONDS = 5_000_000;

    private static final Map<String, BandPlan> PLAN_OF = Map.of(
            "R2",
            R2,
            "R1",
            R1,
            "UK",
            PLANS.find("r1-united-kingdom").orElseThrow(),
            "AU",
            PLANS.find("r3-australia").orElseThrow());

    static Stream<String> lines() throws IOException {
        try (InputStream stream = ReckonerTest.class.getResourceAsStream("lines.txt")) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(line -> !line.startsWith("#")).toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("lines")
    void worksLinesOut(String row) {
        List<String> cells = Stream.of(row.split("\\|", -1)).map(String::strip).toList();
        BandPlan plan = PLAN_OF.get(cells.get(0));
        WorkedAnswer answer = Reckoner.reckon(cells.get(1), plan);
        assertThat(answer.findings())
                .extracting(finding -> finding.kind().code())
                .containsExactlyInAnyOrder(
                        cells.get(6).isEmpty() ? new String[0] : cells.get(6).split(" "));
        assertThat(answer.channel().map(ReckonerTest::pair).orElse("no answer")).isEqualTo(cells.get(2));
        answer.channel().ifPresent(channel -> {
            assertThat(channel.talkTone() + " / " + channel.listenTone()).isEqualTo(cells.get(3));
            assertThat(kindAndFlags(channel)).isEqualTo(cells.get(4));
            assertThat(channel.name()).isEqualTo(cells.get(5));
        });
    }

    private static String pair(Channel channel) {
        return channel.receive().toMegahertzText()
                + channel.transmit()
                        .map(transmit -> " > " + transmit.toMegahertzText())
                        .orElse(" listen only");
    }

    private static String kindAndFlags(Channel channel) {
        StringJoiner words = new StringJoiner(" ");
        words.add(channel.emission().name()).add(channel.power().word());
        channel.flags().forEach(flag -> words.add(flag.word()));
        return words.toString();
    }

    /** A fix of a line is a line that no longer has the finding, and keeps the name. */
    @Test
    void everyFixOfALineMendsWhatItWasOfferedFor() throws IOException {
        int tried = 0;
        for (String row : lines().toList()) {
            List<String> cells =
                    Stream.of(row.split("\\|", -1)).map(String::strip).toList();
            BandPlan plan = PLAN_OF.get(cells.get(0));
            for (Finding finding : Reckoner.reckon(cells.get(1), plan).findings()) {
                for (reckonrod.core.finding.Fix fix : finding.fixes()) {
                    String mended = ((Edit.RewriteLine) fix.edit()).line();
                    WorkedAnswer answer = Reckoner.reckon(mended, plan);
                    assertThat(answer.findings())
                            .as("%s -> %s", cells.get(1), mended)
                            .noneMatch(each -> each.kind().equals(finding.kind()) && each.field() == finding.field());
                    boolean aboutTheName = Set.of("word-or-name", "word-nearly-known")
                            .contains(finding.kind().code());
                    if (!aboutTheName) {
                        assertThat(answer.channel().map(Channel::name).orElse(""))
                                .as(mended)
                                .isEqualTo(cells.get(5));
                    }
                    tried++;
                }
            }
        }
        assertThat(tried).isGreaterThan(50);
    }

    @Test
    void workingWritesTheArithmeticAndItsSourceOut() {
        WorkedAnswer answer = Reckoner.reckon("SKARRA 145.310- 71.9", R2);
        assertThat(answer.working())
                .extracting(Step::what)
                .containsExactly(
                        "Name", "Listen", "Band", "Shift", "Talk", "Talk tone", "Listen tone", "Kind", "Power");
        assertThat(answer.working().get(3).how())
                .isEqualTo(
                        "size by rule: Region 2, outputs 145.200–145.495 talk 600 kHz lower. Sign as you typed it; the rule agrees");
        assertThat(answer.working().get(4))
                .isEqualTo(new Step("Talk", "144.710 MHz", "145.310 − 0.600 = 144.710", Step.Source.ARITHMETIC));
        assertThat(answer.strips()).singleElement().satisfies(strip -> {
            assertThat(strip.band().name()).isEqualTo("2 m");
            assertThat(strip.rule()).hasToString("Optional[outputs 145.200–145.495 talk 600 kHz lower]");
        });
        assertThat(Reckoner.reckon("145.310 -0.605", R2).strips().get(0).rule()).isEmpty();
    }

    @Test
    void aToneThatIsNotStandardOffersItsNeighboursAsNewLines() {
        Finding finding =
                Reckoner.reckon("PELL 145.310- 71,5 low", R2).findings().get(0);
        assertThat(finding.message()).contains("71.9 (0.4 away)", "69.3 (2.2 away)");
        assertThat(finding.fixes())
                .extracting(fix -> ((Edit.RewriteLine) fix.edit()).line())
                .containsExactly("PELL 145.310- 71.9 low", "PELL 145.310- 69.3 low");
    }

    @ParameterizedTest
    @CsvSource({"12905, 129.050, 1290.500", "145310, , "})
    void keyedDigitsAreChosenOnlyWhenOneReadingIsKnown(String digits, String first, String second) {
        BandPlan plan = BandPlans.read("wide.yaml", """
                id: wide
                title: Wide
                short_title: Wide
                practice: test
                status: test
                licences:
                  - {name: full, talk_mhz: ["144-148"], practice: test}
                bands:
                  - {name: 2 m, range_mhz: 144-148, rasters_khz: ["5"], calling_mhz: ["146.52"]}
                  - {name: 23 cm, range_mhz: 1240-1300, rasters_khz: ["25"], calling_mhz: ["1294.5"]}
                listening_services:
                  - {name: air band, range_mhz: 108-137, emission: AM}
                """);
        WorkedAnswer answer = Reckoner.reckon(digits, plan);
        if (first == null) {
            assertThat(answer.channel().orElseThrow().receive()).isEqualTo(Frequency.parse("145.310"));
        } else {
            assertThat(answer.channel()).isEmpty();
            assertThat(answer.findings().get(0).fixes())
                    .extracting(fix -> ((Edit.RewriteLine) fix.edit()).line())
                    .containsExactly(first, second);
        }
    }

    @Test
    void longAndEmptyLinesAreFindings() {
        assertThat(Reckoner.reckon(" ".repeat(5), R2).findings())
                .singleElement()
                .satisfies(finding -> assertThat(finding.kind().code()).isEqualTo("line-empty"));
        assertThat(Reckoner.reckon("1".repeat(10_000), R2).findings())
                .singleElement()
                .satisfies(finding -> assertThat(finding.message()).contains("10000 characters"));
    }

    /** Writing a channel as a line and reading it back gives the same channel. */
    @ParameterizedTest
    @CsvSource({"11", "12", "13", "14"})
    void whatIsWrittenReadsBack(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 500; i++) {
            Channel channel = randomChannel(random);
            String line = LineWriter.write(channel, R2);
            assertThat(Reckoner.reckon(line, R2).channel())
                    .as("seed %d: %s", seed, line)
                    .contains(channel);
        }
    }

    private static Channel randomChannel(Random random) {
        List<String> names = List.of(
                "",
                "SKARRA",
                "LEG 1",
                "CALL 2M",
                "Ämne X",
                "D023N",
                "71.9 LO",
                "RX 145.310",
                "TX",
                "A \"B\"",
                "OUTPUT",
                "LISTEN IN");
        boolean air = random.nextInt(8) == 0;
        Frequency receive = air
                ? reckonrod.core.frequency.Raster.KHZ_8_33.nearest(
                        Frequency.ofHertz(118_000_000 + 1_000L * random.nextInt(18_000)))
                : Frequency.ofHertz(145_200_000 + 5_000L * random.nextInt(60));
        Talk talk = List.of(
                        new Talk.Same(),
                        new Talk.Shifted(reckonrod.core.frequency.Shift.ofHertz(-600_000), true),
                        new Talk.Shifted(reckonrod.core.frequency.Shift.ofHertz(-605_000), false),
                        new Talk.On(Frequency.ofHertz(433_000_000 + 12_500L * random.nextInt(500))),
                        new Talk.Never())
                .get(air ? 4 : random.nextInt(5));
        return new Channel(
                names.get(random.nextInt(names.size())),
                receive,
                talk,
                randomTone(random),
                random.nextInt(5) == 0
                        ? new ReversedTone(ToneTable.EXTENDED.ctcss().get(30))
                        : randomTone(random),
                List.of(Emission.values()).get(random.nextInt(3)),
                List.of(Power.values()).get(random.nextInt(3)),
                randomFlags(random));
    }

    private static Set<DirectoryFlag> randomFlags(Random random) {
        Set<DirectoryFlag> flags = EnumSet.noneOf(DirectoryFlag.class);
        for (DirectoryFlag flag : DirectoryFlag.values()) {
            if (random.nextInt(4) == 0) {
                flags.add(flag);
            }
        }
        return flags;
    }

    private static Tone randomTone(Random random) {
        List<CtcssTone> ctcss = ToneTable.EXTENDED.ctcss();
        List<DcsCode> dcs = ToneTable.EXTENDED.dcs();
        return switch (random.nextInt(3)) {
            case 0 -> NoTone.NONE;
            case 1 -> ctcss.get(random.nextInt(ctcss.size()));
            default -> {
                DcsCode code = dcs.get(random.nextInt(dcs.size()));
                yield random.nextBoolean() ? code : code.inverted();
            }
        };
    }

    /** The thread's own time of the best of some tries, so that a busy machine is not taken for a slow line. */
    private static long quickestNanoseconds(String line, BandPlan plan) {
        ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        long quickest = Long.MAX_VALUE;
        for (int i = 0; i < 5 && quickest >= MOST_NANOSECONDS; i++) {
            long start = threads.getCurrentThreadCpuTime();
            Reckoner.reckon(line, plan);
            quickest = Math.min(quickest, threads.getCurrentThreadCpuTime() - start);
        }
        return quickest;
    }

    /** Lines made to be slow: long runs of what the patterns look for. */
    @ParameterizedTest
    @ValueSource(strings = {"1", "1.", "1 ", "145.310", "1,1.", "-", "\"", "d0", "t", "1 000", "a", "145,310.1 "})
    void noRunOfOneThingIsSlow(String piece) {
        String line = piece.repeat(200).substring(0, 200) + "z";
        for (String each : List.of(line.substring(0, 200), "x " + line.substring(2, 200))) {
            assertThat(quickestNanoseconds(each, R1)).as(each).isLessThan(MOST_NANOSECONDS);
        }
    }

    /** No input throws or takes over 5 ms, whatever it is made of. */
    @ParameterizedTest
    @CsvSource({"21", "22", "23", "24"})
    void noLineThrows(long seed) {
        Random random = new Random(seed);
        String alphabet = "0123456789....,,+-−>/()[] \t\"TRDNIrxtxamkhzoloewrevABXZ71.9 145.310 \u0000\uD83D\u00e9;|";
        for (int i = 0; i < 5_000; i++) {
            StringBuilder line = new StringBuilder();
            int length = random.nextInt(60);
            for (int c = 0; c < length; c++) {
                line.append(alphabet.charAt(random.nextInt(alphabet.length())));
            }
            BandPlan plan = random.nextBoolean() ? R1 : R2;
            WorkedAnswer answer = Reckoner.reckon(line.toString(), plan);
            assertThat(quickestNanoseconds(line.toString(), plan))
                    .as("seed %d: \"%s\"", seed, line)
                    .isLessThan(MOST_NANOSECONDS);
            assertThat(answer.channel().isPresent() || !answer.findings().isEmpty())
                    .as("seed %d: \"%s\" is answered or explained", seed, line)
                    .isTrue();
            answer.findings()
                    .forEach(finding ->
                            assertThat(finding.message() + finding.why()).doesNotContain("{"));
        }
    }
}
