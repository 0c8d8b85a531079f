package reckonrod.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import reckonrod.core.datafile.Section;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.ShiftLimit;

/** Reads a memory layout from the {@code memory} of a radio's data file. */
public final class LayoutReader {
    private LayoutReader() {}

    /**
     * Reads it.
     *
     * @param section the mapping under {@code memory}
     * @param limits what the radio holds, all of which the layout must be able to hold
     */
    public static Layout read(Section section, Limits limits) {
        int bytes = section.number("bytes", 1, 0xFFFFFF);
        Section slots = section.section("slots");
        int count = limits.slots().count();
        List<Layout.SlotMap> maps = section.optionalSections("maps", map -> map(map, count));
        List<Field<?>> fields = new ArrayList<>();
        fields.addAll(slots.sections("fields", new FieldReader(limits)::field));
        Layout.Records records = new Layout.Records(
                slots.number("base", 0, 0xFFFFFF),
                slots.number("stride", 1, 1024),
                fields,
                presence(slots.section("in_use"), count),
                maps);
        List<Part<?>> held = new ArrayList<>();
        fields.forEach(field -> held.add(field.part()));
        maps.forEach(map -> held.add(map.part()));
        if (section.hasFaults()) {
            throw new IllegalArgumentException("the fields cannot be read");
        }
        LayoutCheck.requireParts(held, limits);
        Optional<SeparateTalk> separate =
                section.optionalSection("talk_frequencies").map(array -> separate(array, limits));
        requireSeparate(held, separate.map(SeparateTalk::count).orElse(0), limits);
        return new Layout(
                bytes,
                limits.slots(),
                records,
                limits.shift(),
                separate,
                section.optionalSections("sums", LayoutReader::checksum));
    }

    private static Layout.SlotMap map(Section section, int count) {
        String holds = section.text("holds");
        if (!holds.equals("scan")) {
            throw new IllegalArgumentException("holds of a map must be scan, was \"" + holds + "\"");
        }
        return new Layout.SlotMap(Part.SCAN, new BitMap(section.number("base", 0, 0xFFFFFF), count));
    }

    private static Presence presence(Section section, int count) {
        if (section.optionalText("map").isPresent()) {
            return new Presence.ByMap(new BitMap(section.number("map", 0, 0xFFFFFF), count));
        }
        BitPlace place = FieldReader.place(section);
        if (place.bits() > BitPlace.MOST_NUMBER_BITS) {
            throw new IllegalArgumentException(
                    "the mark of a free slot must be a number, was of " + place.bits() + " bits");
        }
        return new Presence.ByMark(
                place,
                section.value("free", Long::decode, 0L),
                section.optionalText("used").isPresent()
                        ? OptionalLong.of(section.value("used", Long::decode, 0L))
                        : OptionalLong.empty());
    }

    private static SeparateTalk separate(Section section, Limits limits) {
        Section owner = section.section("slot");
        Section talk = section.section("transmit");
        FrequencyUnits units = FieldReader.units(talk);
        BitPlace ownerPlace = FieldReader.place(owner);
        BitPlace talkPlace = FieldReader.place(talk);
        long free = owner.value("free", Long::decode, 0L);
        long most = NumberForm.BINARY.most(ownerPlace.bits());
        if (limits.slots().contains((int) Math.min(free, Integer.MAX_VALUE))
                || limits.slots().last() > most) {
            throw new IllegalArgumentException("the number of the slot must be able to name each of " + limits.slots()
                    + ", and the free one none of them");
        }
        int stride = section.number("stride", 1, 1024);
        LayoutCheck.requireNoOverlap(
                Map.of("the number of the slot", ownerPlace, "the talk frequency", talkPlace), stride);
        new Field<>(Part.RECEIVE, talkPlace, units).holding(FieldReader.ends(limits.transmit()));
        return new SeparateTalk(
                section.number("base", 0, 0xFFFFFF),
                stride,
                section.number("count", 1, 10_000),
                ownerPlace,
                free,
                talkPlace,
                units);
    }

    private static void requireSeparate(List<Part<?>> held, int count, Limits limits) {
        int promised = limits.shift() instanceof ShiftLimit.Steps steps ? steps.separate() : 0;
        if (count != promised || held.contains(Part.SEPARATE) != promised > 0) {
            throw new IllegalArgumentException("talk_frequencies must be as many as the limits say, " + promised
                    + ", and a field must hold \"" + Part.SEPARATE.words() + "\" if there are any, was " + count);
        }
    }

    private static Checksum checksum(Section section) {
        return new Checksum(
                section.number("from", 0, 0xFFFFFF), section.number("to", 0, 0xFFFFFF), FieldReader.place(section));
    }
}
