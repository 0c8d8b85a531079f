package reckonrod.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/** Slots in the bytes of a memory: what goes with a slot when it is freed, and what a radio has left there by itself. */
class SlotRecordsTest {
    private static final Layout K31 = layout("kestrow-k31");
    private static final Layout D7 = layout("dunnet-d7");
    private static final Layout OT9 =
            RadioDefinitions.shipped().find("orvane-ot9").orElseThrow().keyedLayout();
    private static final int TALKS_AT = 0x4900;

    private final byte[] memory = fresh(K31);
    private final SlotRecords records = K31.of(memory);

    private static Layout layout(String id) {
        return RadioDefinitions.shipped().find(id).orElseThrow().layout();
    }

    /** All slots are free, no talk frequency is of a slot. */
    private static byte[] fresh(Layout layout) {
        byte[] memory = new byte[layout.bytes()];
        Arrays.fill(memory, 0x200, 0x4850, (byte) 0xFF);
        return memory;
    }

    private static RadioSlot slot(String listen, String talk) {
        return new RadioSlot(
                "A",
                Frequency.parse(listen),
                Optional.ofNullable(talk).map(Frequency::parse),
                NoTone.NONE,
                NoTone.NONE,
                Emission.FM,
                Power.HIGH,
                true,
                Set.of());
    }

    /** A pair that is no multiple of the step: 1.0125 MHz apart. */
    private static RadioSlot pair(String listen) {
        return slot(
                listen, Frequency.parse(listen).plus(Shift.ofHertz(1_012_500)).toMegahertzText());
    }

    private static RadioSlot toned(RadioSlot slot, String listenTone) {
        return new RadioSlot(
                slot.name(),
                slot.receive(),
                slot.transmit(),
                slot.talkTone(),
                Tone.parse(listenTone),
                slot.emission(),
                slot.power(),
                slot.scan(),
                slot.banks());
    }

    /** Which slot each of the first talk frequencies is of. */
    private List<Integer> owners(int count) {
        List<Integer> owners = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            owners.add(memory[TALKS_AT + 8 * i] & 0xFF | (memory[TALKS_AT + 8 * i + 1] & 0xFF) << 8);
        }
        return owners;
    }

    @Test
    void aPairHasItsTalkFrequencyElsewhereAndGivesItBack() {
        records.write(5, pair("145.310"));
        records.write(700, pair("145.330"));
        assertThat(owners(3)).containsExactly(5, 700, 0);
        assertThat(HexFormat.of().formatHex(memory, TALKS_AT + 2, TALKS_AT + 6)).isEqualTo("3a45df00");
        assertThat(K31.of(memory).read(5).transmit()).contains(Frequency.parse("146.3225"));
        records.free(5);
        assertThat(owners(3)).containsExactly(0, 700, 0);
        assertThat(records.isInUse(5)).isFalse();
        records.write(6, pair("145.350"));
        assertThat(owners(3)).as("the first that is free").containsExactly(6, 700, 0);
        records.write(6, slot("145.350", "144.750"));
        assertThat(owners(3)).as("a shift of its own size needs none").containsExactly(0, 700, 0);
        assertThat(records.read(6).transmit()).contains(Frequency.parse("144.750"));
        records.makeRoom(700);
        assertThat(owners(3)).containsOnly(0);
        assertThat(records.isInUse(700)).isTrue();
    }

    /** Written again with another pair, a slot keeps its place among them; written as it was, not a byte changes. */
    @Test
    void aSlotKeepsThePlaceOfItsTalkFrequency() {
        records.write(5, pair("145.310"));
        records.write(6, pair("145.330"));
        byte[] before = memory.clone();
        K31.of(memory).write(5, pair("145.310"));
        assertThat(memory).isEqualTo(before);
        K31.of(memory).write(5, pair("145.350"));
        assertThat(owners(3)).containsExactly(5, 6, 0);
        assertThat(K31.of(memory).read(6)).isEqualTo(pair("145.330"));
    }

    /** The radio frees a slot and leaves its talk frequency lying: that is not in the way of another. */
    @Test
    void whatTheRadioLeftLyingIsTakenAgain() {
        for (int slot = 1; slot <= 100; slot++) {
            records.write(slot, pair("145.310"));
        }
        assertThatIllegalArgumentException()
                .isThrownBy(() -> K31.of(memory.clone()).write(101, pair("145.310")))
                .withMessage("The radio has 100 talk frequencies of their own, and all are taken");
        Arrays.fill(memory, 0x200 + 20 * 41, 0x200 + 20 * 41 + 4, (byte) 0xFF);
        SlotRecords afterwards = K31.of(memory);
        assertThat(afterwards.isInUse(42)).isFalse();
        afterwards.write(101, pair("145.330"));
        assertThat(owners(100)).contains(101).doesNotContain(42).hasSize(100);
        assertThat(K31.of(memory).read(101)).isEqualTo(pair("145.330"));
        assertThat(K31.of(memory).read(41)).isEqualTo(pair("145.310"));
    }

    /** Two of them name one slot: the first counts, as on the radio. One that says it has its own and has none means nothing. */
    @Test
    void ofTwoTheFirstCountsAndOfNoneNothingIsGuessed() {
        records.write(5, pair("145.310"));
        System.arraycopy(memory, TALKS_AT, memory, TALKS_AT + 8, 8);
        memory[TALKS_AT + 8 + 2] ^= 0x10;
        assertThat(K31.of(memory).read(5)).isEqualTo(pair("145.310"));
        Arrays.fill(memory, TALKS_AT, TALKS_AT + 16, (byte) 0);
        assertThatThrownBy(() -> K31.of(memory).read(5))
                .isInstanceOf(MeaninglessException.class)
                .hasMessage("a talk frequency of its own that stands nowhere");
    }

    /** A freed slot keeps its record, but for what says that it is free. */
    @Test
    void aFreedSlotKeepsItsOtherBytes() {
        records.write(9, slot("145.310", "144.710"));
        byte[] before = Arrays.copyOfRange(memory, 0x200 + 20 * 8, 0x200 + 20 * 9);
        records.free(9);
        byte[] after = Arrays.copyOfRange(memory, 0x200 + 20 * 8, 0x200 + 20 * 9);
        assertThat(Arrays.copyOf(after, 4)).containsOnly(0xFF);
        assertThat(Arrays.copyOfRange(after, 4, 20)).isEqualTo(Arrays.copyOfRange(before, 4, 20));
    }

    @ParameterizedTest
    @CsvSource({"0", "901", "-1", "2147483647"})
    void aSlotThatIsNoneIsRefused(int slot) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> records.isInUse(slot))
                .withMessage("Slot must be one of 1–900, was " + slot);
        assertThatIllegalArgumentException().isThrownBy(() -> records.write(slot, slot("145.310", null)));
        assertThatIllegalArgumentException().isThrownBy(() -> records.free(slot));
        assertThatIllegalArgumentException().isThrownBy(() -> records.makeRoom(slot));
    }

    @Test
    void aMemoryOfAnotherSizeIsNone() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> K31.of(new byte[20479]))
                .withMessage("Memory must have 20480 bytes, was 20479");
    }

    /** What a radio cannot hold is refused whoever asks, and not written otherwise. */
    @Test
    void whatCannotBeHeldIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> records.write(3, toned(slot("145.310", "144.710"), "reversed CTCSS 88.5")))
                .withMessageContaining("cannot wait for a tone to go away, was ");
        RadioDefinition alwaysTalks = RadioDefinitions.read(
                "always.yaml",
                DataFile.resourceText(RadioDefinitions.class, "kestrow-k31.yaml")
                        .replace("listen_only: \"yes\"", "listen_only: \"no\"")
                        .replaceFirst("      - \\{ holds: talks.*\n", "")
                        .replaceFirst("    - \\{ number: 22, label: TALKS.*\n", ""));
        SlotRecords always = alwaysTalks.layout().of(memory);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> always.write(3, slot("145.310", null)))
                .withMessage("The radio cannot hold a listen-only channel, was A");
        always.write(3, slot("145.310", "145.310"));
        assertThat(always.read(3).transmit()).contains(Frequency.parse("145.310"));
    }

    /** A radio that waits for a tone to go away has that for tones alone; a code with it means nothing. */
    @Test
    void aCodeThatIsWaitedForToGoAwayMeansNothing() {
        byte[] zones = new byte[D7.bytes()];
        SlotRecords slots = D7.of(zones);
        slots.write(1, toned(slot("145.310", "144.710"), "reversed CTCSS 88.5"));
        assertThat(slots.read(1).listenTone()).isEqualTo(Tone.parse("reversed CTCSS 88.5"));
        slots.write(2, toned(slot("145.310", "144.710"), "DCS 023 N"));
        assertThat(slots.read(2).listenTone()).isEqualTo(Tone.parse("DCS 023 N"));
        zones[0x100 + 24 + 10] |= 0x10;
        assertThatThrownBy(() -> slots.read(2))
                .isInstanceOf(MeaninglessException.class)
                .hasMessage("a code that is waited for to go away");
        slots.write(3, slot("145.310", "144.710"));
        zones[0x100 + 48 + 10] |= 0x10;
        assertThat(slots.read(3).listenTone())
                .as("no tone, turned about, is no tone")
                .isEqualTo(NoTone.NONE);
    }

    /** A zone that names just these, in this order, is left as it is, whatever free slots it names besides. */
    @Test
    void aZoneThatIsRightKeepsItsBytesAndAllAreEmptiedAtOnce() {
        byte[] zones = new byte[D7.bytes()];
        SlotRecords slots = D7.of(zones);
        slots.emptyBanks();
        for (int slot : new int[] {4, 5, 9}) {
            slots.write(slot, slot("145.310", "144.710"));
        }
        slots.putIntoBanks(Map.of(1, List.of(9, 4), 40, List.of(5)), Set.of());
        assertThat(D7.of(zones).banks())
                .containsEntry(1, List.of(9, 4))
                .containsEntry(2, List.of())
                .containsEntry(40, List.of(5));
        assertThat(D7.of(zones).read(9).banks()).containsExactly(1);
        byte[] before = zones.clone();
        D7.of(zones).putIntoBanks(Map.of(1, List.of(9, 4), 40, List.of(5)), Set.of(4, 5, 9));
        assertThat(zones).isEqualTo(before);
        slots.free(4);
        byte[] freed = zones.clone();
        D7.of(zones).putIntoBanks(Map.of(1, List.of(9), 40, List.of(5)), Set.of(5, 9));
        assertThat(zones).as("it names slot 4, which was free and is").isEqualTo(freed);
        D7.of(zones).putIntoBanks(Map.of(1, List.of(9), 40, List.of(5)), Set.of(4, 5, 9));
        assertThat(D7.of(zones).banks()).containsEntry(1, List.of(9));
        D7.of(zones).emptyBanks();
        assertThat(D7.of(zones).banks().values()).hasSize(40).allMatch(List::isEmpty);
    }

    /** One size of the shift for a stretch: set once, read for every slot there. */
    @Test
    void theSizeOfAStretchHoldsForAllSlotsInIt() {
        byte[] bytes = new byte[OT9.bytes()];
        SlotRecords slots = OT9.of(bytes);
        slots.setShiftSize(Frequency.parse("145.310"), Shift.parse("0.6"));
        assertThat(slots.shiftSize(Frequency.parse("147.990"))).contains(Shift.parse("0.6"));
        assertThat(slots.shiftSize(Frequency.parse("446.000"))).contains(Shift.NONE);
        assertThat(slots.shiftSize(Frequency.parse("120.000"))).isEmpty();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> slots.setShiftSize(Frequency.parse("120.000"), Shift.parse("0.6")))
                .withMessage("The radio has no shift size for 120.000 MHz");
        slots.setShiftSizes(
                List.of(slot("145.310", "144.710"), slot("146.520", "146.520"), slot("147.135", "147.735")));
        assertThat(slots.shiftSize(Frequency.parse("145.310"))).contains(Shift.parse("0.6"));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> slots.setShiftSizes(List.of(slot("145.310", "144.710"), slot("147.000", "146.000"))))
                .withMessageContaining("The radio has one shift size on 144.000–148.000 MHz, were 600 kHz and 1 MHz");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> slots.setShiftSizes(List.of(slot("145.310", "446.000"))))
                .withMessage("The radio has no shift from 145.310 MHz to 446.000 MHz");
    }

    /** Which bits are whose: those of the radio's own are never among them. */
    @Test
    void whatNoFieldOwnsIsTheRadios() {
        byte[] owned = K31.ownedBits();
        assertThat(owned[0x200]).isEqualTo((byte) 0xFF);
        assertThat(owned[0x200 + 9])
                .as("the flag of a pair and the low half of the banks")
                .isEqualTo((byte) 0xF1);
        assertThat(owned[0x200 + 10]).isEqualTo((byte) 0x3F);
        assertThat(owned[0x200 + 11]).isZero();
        assertThat(owned[0x200 + 18]).isZero();
        assertThat(owned[0x40]).as("four switches of the whole radio").isEqualTo((byte) 0x0F);
        assertThat(owned[0x41]).isEqualTo((byte) 0x07);
        assertThat(owned[TALKS_AT + 1]).isEqualTo((byte) 0xFF);
        assertThat(owned[TALKS_AT + 6]).isZero();
        assertThat(owned[0x4FFE]).isEqualTo((byte) 0xFF);
        assertThat(owned[0x100]).isZero();
        byte[] zones = D7.ownedBits();
        assertThat(zones[0x80]).as("the map of slots in use").isEqualTo((byte) 0xFF);
        assertThat(zones[0x80 + 124]).as("999 slots end within a byte").isEqualTo((byte) 0x7F);
        assertThat(zones[0x80 + 125]).isZero();
        assertThat(zones[0x6000]).as("in front of a zone").isZero();
        assertThat(zones[0x6010]).isEqualTo((byte) 0xFF);
    }
}
