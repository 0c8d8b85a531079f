package reckonrod.core.layout;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reckonrod.core.channel.Emission;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Limits;

/** Finds the slips of the pen in a layout before a radio does. */
final class LayoutCheck {
    private LayoutCheck() {}

    /** No two fields of a record share a bit, and none runs over its end. */
    static void requireNoOverlap(List<Field<?>> fields, Presence presence, int stride) {
        Map<String, BitPlace> places = new LinkedHashMap<>();
        fields.forEach(field -> places.put(field.part().words(), field.place()));
        if (presence instanceof Presence.ByMark mark) {
            if (mark.used().isPresent()) {
                places.put("the mark of a slot in use", mark.place());
            } else if (mark.place().byteOffset() + mark.place().bytes() > stride) {
                throw new IllegalArgumentException("the mark of a free slot must end within the record");
            }
        }
        requireNoOverlap(places, stride);
    }

    static void requireNoOverlap(Map<String, BitPlace> places, int stride) {
        BitSet taken = new BitSet();
        places.forEach((words, place) -> take(taken, place, words, stride));
    }

    private static void take(BitSet taken, BitPlace place, String words, int stride) {
        if (place.byteOffset() + place.bytes() > stride) {
            throw new IllegalArgumentException(words + " must end within the record of " + stride
                    + " bytes, was up to byte " + (place.byteOffset() + place.bytes() - 1));
        }
        for (int i = 0; i < place.bytes(); i++) {
            for (int bit = 0; bit < 8; bit++) {
                int at = (place.byteOffset() + i) * 8 + bit;
                if ((place.mask(i) >>> bit & 1) == 1) {
                    if (taken.get(at)) {
                        throw new IllegalArgumentException(words + " overlaps another field of the record");
                    }
                    taken.set(at);
                }
            }
        }
    }

    /** Every part that the limits make necessary is there, once; those of the shift are {@link ShiftForm}'s matter. */
    static void requireParts(List<Part<?>> held, Limits limits) {
        for (Part<?> part : held) {
            if (held.stream().filter(part::equals).count() > 1) {
                throw new IllegalArgumentException("fields must hold " + part + " once, was more than once");
            }
        }
        List<Part<?>> needed = new ArrayList<>(List.of(Part.RECEIVE));
        if (limits.name().longest() > 0) {
            needed.add(Part.NAME);
        }
        if (limits.power().size() > 1) {
            needed.add(Part.POWER);
        }
        if (emissions(limits).size() > 1) {
            needed.add(Part.EMISSION);
        }
        if (limits.tones().onePolarity()) {
            needed.add(Part.POLARITY);
        } else if (held.contains(Part.POLARITY)) {
            throw new IllegalArgumentException(
                    "fields hold polarity, and the limits say that each side of a slot has its own");
        }
        if (limits.tones().listen().reversed()) {
            needed.add(Part.LISTEN_REVERSED);
        }
        if (limits.scan().skips()) {
            needed.add(Part.SCAN);
        } else if (held.contains(Part.SCAN)) {
            throw new IllegalArgumentException(
                    "fields hold scan, and the limits say that no slot can be left out of it");
        }
        if (limits.listenOnly() && held.contains(Part.SHIFT)) {
            needed.add(Part.TALKS);
        }
        needTone(
                needed,
                held,
                limits.tones().talk().all().size(),
                Part.TALK_TONE,
                Part.TALK_TONE_VALUE,
                Part.TALK_TONE_ON);
        needTone(
                needed,
                held,
                limits.tones().listen().all().size(),
                Part.LISTEN_TONE,
                Part.LISTEN_TONE_VALUE,
                Part.LISTEN_TONE_ON);
        List<Part<?>> missing =
                needed.stream().filter(part -> !held.contains(part)).toList();
        if (!missing.isEmpty()) {
            throw new IllegalArgumentException("fields must hold "
                    + missing.stream().map(Part::words).collect(Collectors.joining(" and "))
                    + ", which the limits make necessary");
        }
    }

    private static void needTone(
            List<Part<?>> needed, List<Part<?>> held, int tones, Part<?> whole, Part<?> value, Part<?> on) {
        if (held.contains(whole) && (held.contains(value) || held.contains(on))) {
            throw new IllegalArgumentException("fields must hold " + whole + ", or its value and its switch, not both");
        }
        if (tones > 1) {
            if (held.contains(value) || held.contains(on)) {
                needed.addAll(List.of(value, on));
            } else {
                needed.add(whole);
            }
        }
    }

    static List<Emission> emissions(Limits limits) {
        return Stream.concat(limits.receive().stream(), limits.transmit().stream())
                .map(BandLimit::kept)
                .flatMap(List::stream)
                .distinct()
                .toList();
    }
}
