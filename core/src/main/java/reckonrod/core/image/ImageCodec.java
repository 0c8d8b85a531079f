package reckonrod.core.image;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.radio.BitPlace;
import reckonrod.core.radio.MemoryLayout;
import reckonrod.core.radio.RadioDefinition;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.radio.SlotField;
import reckonrod.core.radio.SlotField.Side;
import reckonrod.core.tone.Tone;

/** Turns the memory of one radio model into slots and back. */
public final class ImageCodec {
    private final RadioDefinition radio;
    private final MemoryLayout layout;
    private final ToneNumbers tones;

    /** A codec for that radio. */
    public ImageCodec(RadioDefinition radio) {
        this.radio = radio;
        this.layout = radio.memory();
        this.tones = new ToneNumbers(radio.limits().tones());
    }

    /**
     * The slots in use, by their number.
     *
     * @throws IllegalArgumentException if the image has another size than the radio's memory
     */
    public NavigableMap<Integer, SlotReading> decode(MemoryImage image) {
        byte[] memory = requireSize(image).toBytes();
        NavigableMap<Integer, SlotReading> slots = new TreeMap<>();
        for (int index = 0; index < layout.count(); index++) {
            if (flag(memory, layout.presentBase(), index)) {
                slots.put(radio.limits().slots().first() + index, reading(memory, index));
            }
        }
        return slots;
    }

    /** What one slot says; absent when it is not in use. */
    public Optional<SlotReading> decode(MemoryImage image, int slot) {
        byte[] memory = requireSize(image).toBytes();
        int index = slot - radio.limits().slots().first();
        return flag(memory, layout.presentBase(), index) ? Optional.of(reading(memory, index)) : Optional.empty();
    }

    /**
     * The image in which exactly these slots are in use. Slots that already hold what is asked for keep their bytes; a slot
     * that goes out of use keeps its record and loses its flags.
     *
     * @param base what the radio holds now
     * @param contents what it shall hold, by slot number
     * @throws IllegalArgumentException if a content does not fit the radio; nothing is made then
     */
    public MemoryImage encode(MemoryImage base, Map<Integer, RadioSlot> contents) {
        return encode(base, contents, Set.of());
    }

    /** The same, and some slots keep what they hold, whatever that is. */
    MemoryImage encode(MemoryImage base, Map<Integer, RadioSlot> contents, Set<Integer> kept) {
        NavigableMap<Integer, SlotReading> held = decode(base);
        byte[] memory = base.toBytes();
        int first = radio.limits().slots().first();
        contents.keySet().stream()
                .filter(slot -> !radio.limits().slots().contains(slot))
                .findAny()
                .ifPresent(slot -> {
                    throw new IllegalArgumentException(
                            "Slot must be one of " + radio.limits().slots() + ", was " + slot);
                });
        for (int index = 0; index < layout.count(); index++) {
            RadioSlot wanted = contents.get(first + index);
            if (kept.contains(first + index)) {
                continue;
            }
            if (wanted == null) {
                setFlag(memory, layout.presentBase(), index, false);
                setFlag(memory, layout.scanBase(), index, false);
            } else if (!Optional.of(new SlotReading.Held(wanted))
                    .equals(Optional.ofNullable(held.get(first + index)))) {
                write(memory, index, wanted);
            }
        }
        return MemoryImage.of(memory);
    }

    private MemoryImage requireSize(MemoryImage image) {
        if (image.size() != layout.bytes()) {
            throw new IllegalArgumentException(
                    "Image must have " + layout.bytes() + " bytes for the " + radio.title() + ", was " + image.size());
        }
        return image;
    }

    private SlotReading reading(byte[] memory, int index) {
        try {
            return new SlotReading.Held(read(memory, index));
        } catch (UnreadableSlotException meaningless) {
            return new SlotReading.Unreadable("its bytes are no channel: " + meaningless.getMessage());
        }
    }

    private RadioSlot read(byte[] memory, int index) {
        int start = layout.recordStart(index);
        String name = "";
        Optional<Frequency> receive = Optional.empty();
        Optional<Frequency> transmit = Optional.empty();
        Tone talkTone = tones.toneAt(0);
        Tone listenTone = talkTone;
        Emission emission = Emission.FM;
        Power power = Power.HIGH;
        for (SlotField field : layout.fields()) {
            long raw = field instanceof SlotField.OfName ? 0 : Bits.readRaw(memory, start, field.place());
            if (field instanceof SlotField.OfFrequency frequency) {
                Optional<Frequency> value = frequency(frequency, raw);
                receive = frequency.side() == Side.LISTEN ? value : receive;
                transmit = frequency.side() == Side.TALK ? value : transmit;
            } else if (field instanceof SlotField.OfTone tone) {
                listenTone = tone.side() == Side.LISTEN ? tones.toneAt(raw) : listenTone;
                talkTone = tone.side() == Side.TALK ? tones.toneAt(raw) : talkTone;
            } else if (field instanceof SlotField.OfPower levels) {
                power = valueAt(levels.values(), raw);
            } else if (field instanceof SlotField.OfEmission emissions) {
                emission = valueAt(emissions.values(), raw);
            } else if (field instanceof SlotField.OfName text) {
                name = name(memory, start, text);
            }
        }
        return new RadioSlot(
                name,
                receive.orElseThrow(() -> new UnreadableSlotException("no receive frequency")),
                transmit,
                talkTone,
                listenTone,
                emission,
                power,
                flag(memory, layout.scanBase(), index));
    }

    private static Optional<Frequency> frequency(SlotField.OfFrequency field, long raw) {
        if (field.none().isPresent() && field.none().getAsLong() == raw) {
            return Optional.empty();
        }
        long number = Bits.toNumber(raw, field.form(), field.place().bits());
        if (number < 1) {
            throw new UnreadableSlotException(field.holds() + " 0x" + Long.toHexString(raw));
        }
        return Optional.of(Frequency.ofHertz(number * field.unitHertz()));
    }

    private static <T> T valueAt(List<T> values, long raw) {
        if (raw >= values.size()) {
            throw new UnreadableSlotException("value number " + raw);
        }
        return values.get((int) raw);
    }

    private String name(byte[] memory, int start, SlotField.OfName field) {
        int at = start + field.place().byteOffset();
        String text = new String(memory, at, field.place().bytes(), StandardCharsets.ISO_8859_1);
        int end = text.length();
        while (end > 0 && text.charAt(end - 1) == field.fill()) {
            end--;
        }
        String name = text.substring(0, end);
        if (!radio.limits().name().allows(name)) {
            throw new UnreadableSlotException("a name of characters it cannot show");
        }
        return name;
    }

    private void write(byte[] memory, int index, RadioSlot slot) {
        int start = layout.recordStart(index);
        byte[] record = Arrays.copyOfRange(memory, start, start + layout.stride());
        for (SlotField field : layout.fields()) {
            if (field instanceof SlotField.OfName text) {
                writeName(record, text, slot.name());
            } else {
                Bits.writeRaw(record, 0, field.place(), raw(field, slot));
            }
        }
        System.arraycopy(record, 0, memory, start, record.length);
        setFlag(memory, layout.presentBase(), index, true);
        setFlag(memory, layout.scanBase(), index, slot.scan());
    }

    private long raw(SlotField field, RadioSlot slot) {
        if (field instanceof SlotField.OfFrequency frequency) {
            return frequency.side() == Side.LISTEN
                    ? raw(frequency, slot.receive())
                    : slot.transmit()
                            .map(transmit -> raw(frequency, transmit))
                            .orElseGet(() -> frequency
                                    .none()
                                    .orElseThrow(() -> new IllegalArgumentException(
                                            "The " + radio.title() + " cannot hold a listen-only channel")));
        }
        if (field instanceof SlotField.OfTone tone) {
            return tones.numberOf(tone.side() == Side.LISTEN ? slot.listenTone() : slot.talkTone());
        }
        if (field instanceof SlotField.OfPower levels) {
            return placeOf(slot.power(), levels.values(), "Power");
        }
        SlotField.OfEmission emissions = (SlotField.OfEmission) field;
        return placeOf(slot.emission(), emissions.values(), "Emission");
    }

    private static long raw(SlotField.OfFrequency field, Frequency frequency) {
        if (frequency.hertz() % field.unitHertz() != 0) {
            throw new IllegalArgumentException(
                    "Frequency must be a multiple of " + field.unitHertz() + " Hz, was " + frequency);
        }
        return Bits.toRaw(
                frequency.hertz() / field.unitHertz(),
                field.form(),
                field.place().bits());
    }

    private static <T> long placeOf(T value, List<T> values, String what) {
        int place = values.indexOf(value);
        if (place < 0) {
            throw new IllegalArgumentException(what + " must be one of " + values + ", was " + value);
        }
        return place;
    }

    private void writeName(byte[] record, SlotField.OfName field, String name) {
        BitPlace place = field.place();
        if (!radio.limits().name().allows(name)) {
            throw new IllegalArgumentException(
                    "Name must be one the " + radio.title() + " can show, was \"" + name + "\"");
        }
        byte[] text = name.getBytes(StandardCharsets.ISO_8859_1);
        for (int i = 0; i < place.bytes(); i++) {
            record[place.byteOffset() + i] = i < text.length ? text[i] : (byte) field.fill();
        }
    }

    private static boolean flag(byte[] memory, int mapBase, int index) {
        return (memory[mapBase + index / 8] & 1 << index % 8) != 0;
    }

    private static void setFlag(byte[] memory, int mapBase, int index, boolean on) {
        int at = mapBase + index / 8;
        int bit = 1 << index % 8;
        memory[at] = (byte) (on ? memory[at] | bit : memory[at] & ~bit);
    }
}
