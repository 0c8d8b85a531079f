package reckonrod.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Fitter;
import reckonrod.core.list.BankEdit;
import reckonrod.core.list.ChannelList;
import reckonrod.core.radio.Contents;
import reckonrod.core.radio.RadioSetting;
import reckonrod.core.radio.RadioSlot;

/** What an image holds once for the whole radio: banks with an order, shift sizes, settings. */
class RadioWideImageTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final RadioDefinition D7 =
            RadioDefinitions.shipped().find("dunnet-d7").orElseThrow();
    private static final RadioDefinition OV62 =
            RadioDefinitions.shipped().find("orvane-ov62").orElseThrow();

    private static MemoryImage empty(RadioDefinition radio) {
        return MemoryImage.of(new byte[radio.layout().bytes()]);
    }

    private static Map<Integer, RadioSlot> slots(RadioDefinition radio, String... lines) {
        return new Fitter(radio.model(), R2).fit(Lists.of(R2, lines)).contents().slots();
    }

    /** A zone has the order of the list's bank; what the radio has there besides comes behind; another write leaves the bytes. */
    @Test
    void zonesKeepTheOrderOfTheListAndWhatTheRadioHasBesides() {
        ChannelList list = Lists.of(R2, "X 146.52", "A 145.310-", "B 147.135+", "C 443.500+", "D 146.550");
        List<java.util.UUID> ids = List.copyOf(list.entries().values()).stream()
                .map(each -> each.id())
                .toList();
        ChannelList banked = new BankEdit.AddBank("Trip", Optional.empty(), List.of(ids.get(3), ids.get(1), ids.get(4)))
                .applyTo(list)
                .fold(changed -> changed.list(), refused -> {
                    throw new AssertionError(refused.reason());
                });
        FitReport fitted = new Fitter(D7.model(), R2).fit(banked);
        assertThat(fitted.contents().banks()).containsEntry(1, List.of(3, 1, 4));
        ImageCodec codec = new ImageCodec(D7);
        MemoryImage written = codec.encode(empty(D7), fitted.contents());
        assertThat(codec.banks(written)).containsEntry(1, List.of(3, 1, 4)).containsEntry(2, List.of());
        assertThat(codec.encode(written, fitted.contents())).isSameAs(written);
        assertThat(codec.encode(written, fitted.contents().slots())).isSameAs(written);

        RadioSlot own = fitted.contents().slots().get(2).scanned(true, Set.of(1));
        MemoryImage withOwn = codec.encode(written, merged(fitted.contents().slots(), 900, own));
        WritePlan plan = WritePlan.of(codec, withOwn, fitted.contents(), Map.of(), Optional.empty());
        assertThat(codec.banks(plan.image())).containsEntry(1, List.of(3, 1, 4, 900));
        WritePlan gone = WritePlan.of(codec, withOwn, fitted.contents(), Map.of(), Optional.of(Set.of()));
        assertThat(codec.banks(gone.image())).containsEntry(1, List.of(3, 1, 4));
    }

    private static Map<Integer, RadioSlot> merged(Map<Integer, RadioSlot> slots, int slot, RadioSlot content) {
        Map<Integer, RadioSlot> merged = new TreeMap<>(slots);
        merged.put(slot, content);
        return merged;
    }

    @Test
    void aZoneThatCannotHoldSoManyIsRefused() {
        RadioSlot channel = slots(D7, "X 146.52", "A 146.55").get(1).scanned(true, Set.of(7));
        Map<Integer, RadioSlot> many =
                IntStream.rangeClosed(1, 65).boxed().collect(Collectors.toMap(slot -> slot, slot -> channel));
        assertThatThrownBy(() -> new ImageCodec(D7).encode(empty(D7), many))
                .hasMessage("Bank 7 must hold at most 64 channels, was 65");
    }

    /** A radio as the OT9 would be if it had a socket: directions by slot, the size once for each band. */
    private static RadioDefinition withSocket() {
        return RadioDefinitions.read(
                "socket.yaml",
                DataFile.resourceText(RadioDefinitions.class, "orvane-ot9.yaml")
                                .replaceAll("(?s)\n# 1,024 bytes.*", "")
                                .replaceAll("(?m)^    (byte|low_bit|bits): .*\n", "")
                        + """

                memory:
                  bytes: 1200
                  slots:
                    base: 0
                    stride: 12
                    in_use: { byte: 0, bits: 24, free: "0xFFFFFF" }
                    fields:
                      - { holds: receive, byte: 0, bits: 24, number: binary, unit_hertz: 1250 }
                      - { holds: direction, byte: 3, bits: 2, values: [NONE, LOWER, HIGHER] }
                      - { holds: power, byte: 3, low_bit: 2, bits: 1, values: [high, low] }
                      - { holds: emission, byte: 3, low_bit: 3, bits: 1, values: [FM, NFM] }
                      - { holds: talk tone, byte: 4, bits: 8, tones: numbered }
                      - { holds: listen tone, byte: 5, bits: 8, tones: numbered }
                      - { holds: name, byte: 6, bits: 40, fill: 0x20 }
                  shift_sizes:
                    - { mhz: "144-148", byte: 1190, bits: 16, number: bcd, unit_hertz: 10000 }
                    - { mhz: "430-450", byte: 1192, bits: 16, number: bcd, unit_hertz: 10000 }
                """);
    }

    @Test
    void oneShiftSizeForABandIsWrittenOnceAndReadForEverySlot() {
        RadioDefinition radio = withSocket();
        ImageCodec codec = new ImageCodec(radio);
        Map<Integer, RadioSlot> wanted =
                slots(radio, "X 146.52", "A 145.310-", "B 147.135+", "C 443.500+", "D 146.550", "E 147.000 > 146.000");
        assertThat(wanted).containsOnlyKeys(1, 2, 3, 4);
        MemoryImage image = codec.encode(empty(radio), wanted);
        assertThat(image.toBytes()[1190]).isEqualTo((byte) 0x00);
        assertThat(image.toBytes()[1191]).isEqualTo((byte) 0x60);
        wanted.forEach((slot, content) -> assertThat(
                        codec.decode(image, slot).orElseThrow().content())
                .contains(content.scanned(false, Set.of())));
    }

    /** Another size would move a channel that is to stay, so it is refused instead. */
    @Test
    void aSizeThatWouldMoveAKeptChannelIsRefused() {
        RadioDefinition radio = withSocket();
        ImageCodec codec = new ImageCodec(radio);
        MemoryImage held = codec.encode(
                empty(radio), Map.of(5, slots(radio, "X 146.52", "A 145.310-").get(1)));
        Map<Integer, RadioSlot> other = slots(radio, "X 146.52", "E 147.000 > 146.000");
        assertThatThrownBy(() -> WritePlan.of(codec, held, Contents.of(other), Map.of(), Optional.empty()))
                .hasMessageContaining("Slot 5 was to stay as it is");
        assertThat(WritePlan.of(codec, held, Contents.of(other), Map.of(), Optional.of(Set.of()))
                        .count(SlotDifference.Kind.REMOVED))
                .isEqualTo(1);
    }

    @Test
    void settingsAreReadAndSetAndTheSumIsRight() {
        ImageCodec codec = new ImageCodec(OV62);
        RadioSetting timer = OV62.settings().stream()
                .filter(each -> each.name().equals("time-out timer"))
                .findFirst()
                .orElseThrow();
        MemoryImage image = codec.with(empty(OV62), timer, "120 s");
        assertThat(codec.settings(empty(OV62))).containsEntry(timer, Optional.of("off"));
        assertThat(codec.settings(image)).containsEntry(timer, Optional.of("120 s"));
        assertThat(OV62.layout().wrongSums(image.toBytes())).isEmpty();
        assertThatThrownBy(() -> codec.with(image, timer, "90 s")).hasMessageContaining("must be one of");
        byte[] strange = image.toBytes();
        strange[0x2001] = 7;
        assertThat(codec.settings(MemoryImage.of(strange))).containsEntry(timer, Optional.empty());
    }
}
