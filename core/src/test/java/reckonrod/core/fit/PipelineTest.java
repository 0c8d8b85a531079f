package reckonrod.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Talk;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.list.ListEntry;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.WorkedAnswer;
import reckonrod.core.radio.RadioDefinition;
import reckonrod.core.radio.RadioDefinitions;
import reckonrod.core.radio.RadioSlot;

/** From a typed line to the bytes of the radio and back. */
class PipelineTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final RadioDefinition W12 =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();

    private final Fitter fitter = new Fitter(W12, R2);
    private final ImageCodec codec = new ImageCodec(W12);

    private static String randomLine(Random random) {
        List<String> names = List.of("", "SKARRA ", "Ostrey north ", "LEG 1 ", "Höjd 9/b ");
        List<String> pairs =
                List.of("145.%d-", "147.%d+", "146.550", "145.%d > 433.475", "156.800", "132.8", "441.%d+");
        List<String> tones = List.of("", " 71.9", " T88.5 R88.5", " D023N", " D172I/D023N", " R D754N T67.0");
        List<String> ends = List.of("", " nfm", " low", " mid nfm", " am");
        return names.get(random.nextInt(names.size()))
                + pairs.get(random.nextInt(pairs.size())).replace("%d", String.valueOf(200 + 5 * random.nextInt(39)))
                + tones.get(random.nextInt(tones.size()))
                + ends.get(random.nextInt(ends.size()));
    }

    private static ListEntry entry(Channel channel) {
        return ListEntry.of(new UUID(0, 1), channel, "");
    }

    /** What the fit puts into a slot is what the radio's bytes say, and fitting that again changes nothing. */
    @ParameterizedTest
    @ValueSource(longs = {41, 42, 43, 44})
    void whatIsFittedIsWhatTheRadioHoldsAndFittingAgainIsExact(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 400; i++) {
            String line = randomLine(random);
            WorkedAnswer answer = Reckoner.reckon(line, R2);
            Channel channel = answer.channel().orElseThrow(() -> new AssertionError(line + answer.findings()));
            int slot = random.nextInt(150);
            Placement placement = fitter.fit(slot, entry(channel));
            if (placement.content().isEmpty()) {
                assertThat(placement.reasons()).as("seed %d: %s", seed, line).isNotEmpty();
                continue;
            }
            RadioSlot content = placement.content().get();
            MemoryImage image =
                    codec.encode(MemoryImage.of(new byte[W12.memory().bytes()]), Map.of(slot, content));
            assertThat(codec.decode(image, slot).flatMap(each -> each.content()))
                    .as("seed %d: %s", seed, line)
                    .contains(content);
            assertThat(content.transmit()).as("seed %d: %s", seed, line).isEqualTo(channel.transmit());
            Placement again = fitter.fit(slot, entry(channelOf(content)));
            assertThat(again.mark())
                    .as("seed %d: %s, again %s", seed, line, again.reasons())
                    .isEqualTo(FitMark.EXACT);
            assertThat(again.content()).contains(content);
        }
    }

    private static Channel channelOf(RadioSlot slot) {
        Talk talk = slot.transmit().<Talk>map(Talk.On::new).orElseGet(Talk.Never::new);
        return new Channel(
                slot.name(),
                slot.receive(),
                talk,
                slot.talkTone(),
                slot.listenTone(),
                slot.emission(),
                slot.power(),
                java.util.Set.of());
    }
}
