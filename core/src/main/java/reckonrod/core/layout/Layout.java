package reckonrod.core.layout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import reckonrod.core.list.SlotRange;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.RadioSetting;

/**
 * How a radio's memory is laid out.
 *
 * @see LayoutReader how it is read from a data file
 */
public final class Layout {
    private final int bytes;
    private final Limits limits;
    private final int base;
    private final int stride;
    private final List<Field<?>> fields;
    private final List<SlotMap> maps;
    private final Presence presence;
    private final ShiftForm shiftForm;
    private final Besides besides;
    private final List<Checksum> checksums;

    /**
     * A map that holds a part of every slot.
     *
     * @param part what its bit says
     * @param map the bits
     */
    record SlotMap(Part<Boolean> part, BitMap map) {}

    /** An array of records. */
    record Records(int base, int stride, List<Field<?>> fields, Presence presence, List<SlotMap> maps) {
        Records {
            fields = List.copyOf(fields);
            maps = List.copyOf(maps);
        }
    }

    /**
     * What lies beside the records.
     *
     * @param separate talk frequencies of their own
     * @param banks banks as lists
     * @param shiftSizes the sizes of the shift, where they are set once
     * @param settings settings of the whole radio
     */
    record Besides(
            Optional<SeparateTalk> separate,
            Optional<BankLists> banks,
            Optional<ShiftSizes> shiftSizes,
            List<SettingPlace> settings) {
        Besides {
            settings = List.copyOf(settings);
        }

        /** What it owns of the memory, bit by bit, and what each is, so that no two own the same. */
        Map<String, BitPlace> singlePlaces() {
            Map<String, BitPlace> places = new LinkedHashMap<>();
            shiftSizes.ifPresent(sizes -> sizes.sizes()
                    .forEach(each ->
                            places.put("the shift size of " + each.stretch().toWords(), each.place())));
            settings.forEach(
                    each -> places.put("the setting \"" + each.setting().name() + "\"", each.place()));
            return places;
        }
    }

    Layout(int bytes, Limits limits, Records records, Besides besides, List<Checksum> checksums) {
        this.bytes = bytes;
        this.limits = limits;
        this.base = records.base;
        this.stride = records.stride;
        this.fields = records.fields;
        this.maps = records.maps;
        this.presence = records.presence;
        this.besides = besides;
        this.checksums = List.copyOf(checksums);
        LayoutCheck.requireNoOverlap(fields, presence, stride);
        List<Part<?>> held = new ArrayList<>();
        fields.forEach(field -> held.add(field.part()));
        maps.forEach(map -> held.add(map.part()));
        this.shiftForm = ShiftForm.of(held);
        if (shiftForm == ShiftForm.DIRECTION != besides.shiftSizes.isPresent()) {
            throw new IllegalArgumentException(
                    "fields must hold direction alone if the limits say one size a band, and only then");
        }
        Region.requireApart(regions(), bytes);
        LayoutCheck.requireNoOverlap(besides.singlePlaces(), bytes);
    }

    private List<Region> regions() {
        List<Region> regions = new ArrayList<>();
        regions.add(new Region("the array of slots", base, stride * slots().count()));
        if (presence instanceof Presence.ByMap byMap) {
            regions.add(new Region(
                    "the map of slots in use", byMap.map().base(), byMap.map().bytes()));
        }
        maps.forEach(each -> regions.add(new Region("the map of " + each.part, each.map.base(), each.map.bytes())));
        besides.separate.ifPresent(each ->
                regions.add(new Region("the array of talk frequencies", each.base(), each.stride() * each.count())));
        besides.banks.ifPresent(
                each -> regions.add(new Region("the array of banks", each.base(), each.stride() * each.count())));
        // Several may share a byte, which is one region then.
        besides.singlePlaces().values().stream()
                .flatMapToInt(each -> IntStream.range(each.byteOffset(), each.byteOffset() + each.bytes()))
                .distinct()
                .forEach(at -> regions.add(new Region("a setting", at, 1)));
        checksums.forEach(each -> regions.add(new Region(
                "the checksum", each.place().byteOffset(), each.place().bytes())));
        return regions;
    }

    /** The size of the memory in bytes. */
    public int bytes() {
        return bytes;
    }

    /** The slots, by the radio's own numbers. */
    public SlotRange slots() {
        return limits.slots();
    }

    /** What it can be read with, and by which a radio would yet hold something else than was meant; in words. */
    public List<String> slips() {
        return LayoutSlips.of(this);
    }

    /** The slots of a memory, to be read and changed. */
    public SlotRecords of(byte[] memory) {
        if (memory.length != bytes) {
            throw new IllegalArgumentException("Memory must have " + bytes + " bytes, was " + memory.length);
        }
        return new SlotRecords(this, memory);
    }

    /** The sums that are not right in a memory, in words. */
    public List<String> wrongSums(byte[] memory) {
        return checksums.stream()
                .filter(each -> !each.isRight(memory))
                .map(each -> "the sum of bytes " + each.from() + " to " + each.to() + " is wrong")
                .toList();
    }

    /** Makes the sums right. */
    public void sum(byte[] memory) {
        checksums.forEach(each -> each.set(memory));
    }

    /** For every byte of the memory, the bits of it that a field, a map or a sum owns. Bits outside are never changed. */
    public byte[] ownedBits() {
        byte[] owned = new byte[bytes];
        for (int index = 0; index < slots().count(); index++) {
            int start = recordStart(index);
            fields.forEach(field -> own(owned, start, field.place()));
            if (presence instanceof Presence.ByMark mark) {
                own(owned, start, mark.place());
            }
            if (presence instanceof Presence.ByMap byMap) {
                byMap.map().set(owned, index, true);
            }
            for (SlotMap each : maps) {
                each.map.set(owned, index, true);
            }
        }
        besides.singlePlaces().values().forEach(each -> own(owned, 0, each));
        besides.banks.ifPresent(each -> {
            for (int bank = 0; bank < each.count(); bank++) {
                for (BitPlace place : each.places()) {
                    own(owned, each.base() + bank * each.stride(), place);
                }
            }
        });
        besides.separate.ifPresent(each -> {
            for (int index = 0; index < each.count(); index++) {
                own(owned, each.base() + index * each.stride(), each.owner());
                own(owned, each.base() + index * each.stride(), each.talk());
            }
        });
        checksums.forEach(each -> own(owned, 0, each.place()));
        return owned;
    }

    private static void own(byte[] owned, int start, BitPlace place) {
        for (int i = 0; i < place.bytes(); i++) {
            owned[start + place.byteOffset() + i] |= (byte) place.mask(i);
        }
    }

    int recordStart(int index) {
        return base + stride * index;
    }

    List<Field<?>> fields() {
        return fields;
    }

    List<SlotMap> maps() {
        return maps;
    }

    Presence presence() {
        return presence;
    }

    List<Checksum> checksums() {
        return checksums;
    }

    ShiftForm shiftForm() {
        return shiftForm;
    }

    /** What the settings that lie in a memory are set to; nothing where the bits mean none of the values. */
    public Map<RadioSetting, Optional<String>> settings(byte[] memory) {
        Map<RadioSetting, Optional<String>> values = new LinkedHashMap<>();
        besides.settings.forEach(each -> values.put(each.setting(), each.read(memory)));
        return values;
    }

    /**
     * Sets one of the settings.
     *
     * @throws IllegalArgumentException if the memory has no such setting, or that no such value
     */
    public void set(byte[] memory, RadioSetting setting, String value) {
        besides.settings.stream()
                .filter(each -> each.setting().equals(setting))
                .findFirst()
                .orElseThrow(() ->
                        new IllegalArgumentException("\"" + setting.name() + "\" is not in the memory of the radio"))
                .write(memory, value);
    }

    Besides besides() {
        return besides;
    }

    Limits limits() {
        return limits;
    }
}
