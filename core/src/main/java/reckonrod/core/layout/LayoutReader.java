package reckonrod.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import reckonrod.core.datafile.Section;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.frequency.Shift;
import reckonrod.core.radio.BandLimit;
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
     * @param settings where its settings lie
     */
    public static Layout read(Section section, Limits limits, List<SettingPlace> settings) {
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
        Optional<BankLists> banks = section.optionalSection("banks").map(array -> banks(array, limits));
        requireBanks(held, banks.isPresent(), limits);
        Optional<ShiftSizes> sizes = Optional.of(section.optionalSections("shift_sizes", each -> size(each, limits)))
                .filter(all -> !all.isEmpty())
                .map(ShiftSizes::new);
        requireSizes(sizes, limits);
        return new Layout(
                bytes,
                limits,
                records,
                new Layout.Besides(separate, banks, sizes, settings),
                section.optionalSections("sums", LayoutReader::checksum));
    }

    /** Where a run of bits lies: {@code byte}, {@code bits}, and where they matter {@code low_bit} and {@code order}. */
    public static BitPlace place(Section section) {
        return FieldReader.place(section);
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
                || limits.slots().last() > most
                || free < 0
                || free > most) {
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

    private static BankLists banks(Section section, Limits limits) {
        Section slot = section.section("slot");
        BitPlace first = FieldReader.place(slot);
        long free = slot.value("free", Long::decode, 0L);
        if (limits.slots().contains((int) Math.min(free, Integer.MAX_VALUE))
                || Math.max(limits.slots().last(), free) > NumberForm.BINARY.most(first.bits())) {
            throw new IllegalArgumentException("the number of a slot in a bank must be able to name each of "
                    + limits.slots() + ", and the free one none of them");
        }
        return new BankLists(
                section.number("base", 0, 0xFFFFFF),
                section.number("stride", 1, 0xFFFF),
                limits.banks(),
                Math.min(limits.scan().channelsABank(), limits.slots().count()),
                first,
                free);
    }

    private static void requireBanks(List<Part<?>> held, boolean lists, Limits limits) {
        // A limit that nothing in memory can hold would be promised by Fit and lost by Load.
        if (limits.scan().priority()) {
            throw new IllegalArgumentException(
                    "the limits must not promise a priority channel, because no part of a memory layout can store one yet;"
                            + " leave out priority");
        }
        boolean field = held.contains(Part.BANKS);
        if (limits.banks() > 0 ? field == lists : field || lists) {
            throw new IllegalArgumentException(
                    "a field must hold banks or the number of one, or banks must be lists, if the"
                            + " radio has any, and not both; it has " + limits.banks());
        }
    }

    private static ShiftSizes.Size size(Section section, Limits limits) {
        FrequencyRange stretch = section.value("mhz", FrequencyRange::parse, FrequencyRange.parse("1-2"));
        ShiftSizes.Size size =
                new ShiftSizes.Size(stretch, FieldReader.place(section), FieldReader.shift(section, false));
        if (limits.shift() instanceof ShiftLimit.OncePerBand once) {
            long most = once.mostHertz() / once.stepHertz() * once.stepHertz();
            new Field<>(Part.SHIFT_SIZE, size.place(), size.units())
                    .holding(List.of(Shift.NONE, Shift.ofHertz(once.stepHertz()), Shift.ofHertz(most)));
        }
        return size;
    }

    private static void requireSizes(Optional<ShiftSizes> sizes, Limits limits) {
        List<FrequencyRange> has = sizes.map(ShiftSizes::sizes).orElse(List.of()).stream()
                .map(ShiftSizes.Size::stretch)
                .toList();
        List<FrequencyRange> needs = limits.shift() instanceof ShiftLimit.OncePerBand
                ? limits.transmit().stream().map(BandLimit::range).toList()
                : List.of();
        if (!has.equals(needs)) {
            throw new IllegalArgumentException(
                    "shift_sizes must have one for each stretch that the radio talks in, in their"
                            + " order, if its limits say one size a band, and else none; was " + has);
        }
    }

    private static Checksum checksum(Section section) {
        return new Checksum(
                section.number("from", 0, 0xFFFFFF), section.number("to", 0, 0xFFFFFF), FieldReader.place(section));
    }
}
