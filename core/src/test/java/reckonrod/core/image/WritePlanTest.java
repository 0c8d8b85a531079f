package reckonrod.core.image;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.SlotDifference.Kind;
import reckonrod.core.radio.Contents;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.NoTone;

class WritePlanTest {
    private static final RadioDefinition W12 =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();
    private static final ImageCodec CODEC = new ImageCodec(W12);

    private static RadioSlot slot(String name, String megahertz) {
        Frequency frequency = Frequency.parse(megahertz);
        return new RadioSlot(
                name,
                frequency,
                Optional.of(frequency),
                NoTone.NONE,
                NoTone.NONE,
                Emission.FM,
                Power.HIGH,
                true,
                Set.of());
    }

    private static MemoryImage holding(Map<Integer, RadioSlot> slots) {
        return CODEC.encode(MemoryImage.of(new byte[W12.layout().bytes()]), slots);
    }

    private static final RadioSlot NET = slot("NET", "146.550");
    private static final RadioSlot CALL = slot("CALL", "146.520");
    private static final RadioSlot SKARRA = slot("SKARRA", "145.310");

    /** An empty list takes nothing away that came from no list, and asks before it takes away what did. */
    @Test
    void anEmptyListEmptiesNoRadioUnasked() {
        MemoryImage radio = holding(Map.of(0, NET, 1, CALL));
        WritePlan usual = WritePlan.of(CODEC, radio, Contents.of(Map.of()), Map.of(), Optional.empty());
        assertThat(usual.image()).isEqualTo(radio);
        assertThat(usual.loses()).isZero();
        assertThat(usual.keptOfTheRadio()).isEqualTo(2);
        assertThat(usual.held()).isEqualTo(2);

        WritePlan meant = WritePlan.of(CODEC, radio, Contents.of(Map.of()), Map.of(), Optional.of(Set.of()));
        assertThat(CODEC.decode(meant.image())).isEmpty();
        assertThat(meant.loses()).isEqualTo(2);
        assertThat(meant.mustBeAsked()).isTrue();

        WritePlan fromList =
                WritePlan.of(CODEC, radio, Contents.of(Map.of()), Map.copyOf(CODEC.decode(radio)), Optional.empty());
        assertThat(fromList.count(Kind.REMOVED)).isEqualTo(2);
        assertThat(fromList.mustBeAsked()).as("more goes than stays").isTrue();
    }

    @Test
    void kindsAreToldApartAndWhatAListWroteIsNoLossOfTheRadiosOwn() {
        MemoryImage radio = holding(Map.of(0, NET, 1, CALL, 2, SKARRA));
        RadioSlot renamed = slot("CALLING", "146.520");
        WritePlan plan = WritePlan.of(
                CODEC,
                radio,
                Contents.of(Map.of(1, renamed, 2, NET, 3, CALL)),
                Map.of(2, new SlotReading.Held(SKARRA)),
                Optional.empty());
        assertThat(plan.slots())
                .extracting(each -> each.difference().slot() + " "
                        + each.difference().kind() + " " + each.fromList() + " " + each.left())
                .containsExactly(
                        "0 REMOVED false true",
                        "1 CHANGED false false",
                        "2 REPLACED true false",
                        "3 ADDED false false");
        assertThat(plan.loses()).isEqualTo(1);
        assertThat(plan.mustBeAsked()).as("only what a list wrote goes").isFalse();
        assertThat(plan.held()).isEqualTo(4);
        assertThat(plan.fromListsAfterwards(Set.of(1, 2, 3))).containsExactly(1, 2, 3);

        WritePlan replacing =
                WritePlan.of(CODEC, radio, Contents.of(Map.of(0, CALL)), Map.of(), Optional.of(Set.of(1)));
        assertThat(replacing.mustBeAsked()).as("NET came from no list").isTrue();
        assertThat(replacing.held()).isEqualTo(2);
    }

    /** Three ways: what was written last, what the radio holds now, what the list wants. */
    @Test
    void whatSomebodyChangedOnTheRadioSinceIsToldAndAskedAbout() {
        RadioSlot renamed = slot("CALLING", "146.520");
        MemoryImage radio = holding(Map.of(0, NET, 1, renamed, 3, SKARRA));
        Map<Integer, SlotReading> written =
                Map.of(0, new SlotReading.Held(NET), 1, new SlotReading.Held(CALL), 2, new SlotReading.Held(SKARRA));
        Contents wanted = Contents.of(Map.of(1, CALL, 2, SKARRA));
        WritePlan plan = WritePlan.of(CODEC, radio, wanted, written, Optional.empty());
        assertThat(plan.slots())
                .extracting(each -> each.difference().slot() + " " + each.origin() + " " + each.left())
                .containsExactly("0 LIST false", "1 CHANGED_SINCE false", "2 REMOVED_SINCE false", "3 RADIO true");
        assertThat(plan.drifted()).isEqualTo(2);
        assertThat(plan.mustBeAsked()).isTrue();
        WritePlan kept = WritePlan.of(CODEC, radio, wanted, written, Optional.of(Set.of(1, 2, 3)));
        assertThat(kept.mustBeAsked()).as("what was changed is kept").isFalse();
        assertThat(CODEC.decode(kept.image()).get(1)).isEqualTo(new SlotReading.Held(renamed));
        assertThat(kept.fromListsAfterwards(Set.of(1, 2)))
                .as("it is the radio's own from then on")
                .isEmpty();
        assertThat(WritePlan.of(CODEC, radio, wanted, Map.of(), Optional.empty())
                        .drifted())
                .isZero();
    }

    /** What is left is left byte for byte, whatever the list wants there. */
    @ParameterizedTest
    @ValueSource(longs = {61, 62, 63})
    void slotsThatAreLeftKeepEveryByte(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            byte[] bytes = new byte[W12.layout().bytes()];
            random.nextBytes(bytes);
            MemoryImage radio = MemoryImage.of(bytes);
            Map<Integer, RadioSlot> wanted = Map.of(random.nextInt(50), NET, 50 + random.nextInt(50), CALL);
            Set<Integer> leave = random.ints(40, 0, 150).boxed().collect(java.util.stream.Collectors.toSet());
            WritePlan plan = WritePlan.of(CODEC, radio, Contents.of(wanted), Map.of(), Optional.of(leave));
            for (int slot : leave) {
                assertThat(CODEC.decode(plan.image(), slot))
                        .as("seed %d, slot %d", seed, slot)
                        .isEqualTo(CODEC.decode(radio, slot));
            }
            assertThat(CODEC.decode(plan.image())).as("seed %d", seed).hasSize(plan.held());
        }
    }
}
