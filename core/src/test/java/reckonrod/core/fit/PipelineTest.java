package reckonrod.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Talk;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.list.ListEntry;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.WorkedAnswer;
import reckonrod.core.radio.RadioSlot;

/** From a typed line to the bytes of the radio and back. */
class PipelineTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

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

    static Stream<RadioDefinition> radios() {
        return RadioDefinitions.shipped().all().stream();
    }

    /** What the fit puts into a slot is what the radio's bytes say, and fitting that again changes nothing. */
    @ParameterizedTest
    @MethodSource("radios")
    void whatIsFittedIsWhatTheRadioHoldsAndFittingAgainIsExact(RadioDefinition radio) {
        Fitter fitter = new Fitter(radio.model(), R2);
        Random random = new Random(41);
        int placed = 0;
        for (int i = 0; i < 500; i++) {
            String line = randomLine(random);
            String told = radio.title() + ", " + i + ": " + line;
            WorkedAnswer answer = Reckoner.reckon(line, R2);
            Channel channel = answer.channel().orElseThrow(() -> new AssertionError(line + answer.findings()));
            int slot = random.nextInt(150);
            Placement placement = fitter.fit(slot, entry(channel));
            if (placement.content().isEmpty()) {
                assertThat(placement.reasons()).as(told).isNotEmpty();
                continue;
            }
            placed++;
            RadioSlot content = placement.content().get();
            radio.memory().ifPresent(layout -> {
                ImageCodec codec = new ImageCodec(radio);
                MemoryImage image = codec.encode(MemoryImage.of(new byte[layout.bytes()]), Map.of(slot, content));
                assertThat(codec.decode(image, slot).flatMap(each -> each.content()))
                        .as(told)
                        .contains(content);
            });
            assertThat(content.transmit()).as(told).isEqualTo(channel.transmit());
            Placement again = fitter.fit(slot, entry(channelOf(content)));
            assertThat(again.mark()).as("%s, again %s", told, again.reasons()).isEqualTo(FitMark.EXACT);
            assertThat(again.content()).contains(content);
        }
        assertThat(placed).as(radio.title()).isGreaterThan(60);
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
