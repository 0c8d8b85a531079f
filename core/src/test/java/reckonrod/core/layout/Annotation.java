package reckonrod.core.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What some bytes of a memory mean, for people who look at it.
 *
 * @param at the first byte
 * @param hex the bytes as they stand, in hexadecimal
 * @param bits which bits of them, where they are not all of them
 * @param what what they hold
 * @param value what they mean now; in brackets where they mean nothing
 */
public record Annotation(int at, String hex, String bits, String what, String value) {
    /** The fields of a slot's record in the order of their bytes, and what its maps say of it. */
    public static List<Annotation> of(Layout layout, byte[] memory, int slot) {
        int index = slot - layout.slots().first();
        int start = layout.recordStart(index);
        List<Annotation> annotations = new ArrayList<>();
        for (Field<?> field : layout.fields()) {
            annotations.add(of(memory, start, field.place(), field.part().words(), value(field, memory, start)));
        }
        if (layout.presence() instanceof Presence.ByMark mark && mark.used().isPresent()) {
            annotations.add(of(memory, start, mark.place(), "in use", mark.isIn(memory, index, start) ? "yes" : "no"));
        }
        annotations.sort(Comparator.comparingInt(Annotation::at).thenComparing(Annotation::bits));
        if (layout.presence() instanceof Presence.ByMap byMap) {
            annotations.add(ofMap(byMap.map(), memory, index, "in use"));
        }
        layout.maps()
                .forEach(each -> annotations.add(
                        ofMap(each.map(), memory, index, each.part().words())));
        return annotations;
    }

    private static <T> String value(Field<T> field, byte[] memory, int start) {
        SlotDraft draft = new SlotDraft();
        try {
            field.read(memory, start, draft);
        } catch (MeaninglessException meaningless) {
            return "(" + meaningless.getMessage() + ")";
        }
        Object value = field.part().get().apply(draft);
        return value instanceof Optional<?> optional
                ? optional.map(String::valueOf).orElse("none")
                : value instanceof Boolean on ? on ? "on" : "off" : String.valueOf(value);
    }

    private static Annotation of(byte[] memory, int start, BitPlace place, String what, String value) {
        int at = start + place.byteOffset();
        boolean whole = place.lowBit() == 0 && place.bits() == place.bytes() * 8;
        return new Annotation(
                at,
                HexFormat.ofDelimiter(" ").withUpperCase().formatHex(memory, at, at + place.bytes()),
                whole
                        ? ""
                        : place.bits() == 1
                                ? "bit " + place.lowBit()
                                : "bits " + place.lowBit() + "-" + (place.lowBit() + place.bits() - 1),
                what,
                value);
    }

    private static Annotation ofMap(BitMap map, byte[] memory, int index, String what) {
        int at = map.base() + index / 8;
        return new Annotation(
                at,
                HexFormat.of().withUpperCase().formatHex(memory, at, at + 1),
                "bit " + index % 8,
                "map: " + what,
                map.get(memory, index) ? "on" : "off");
    }

    /** One line for each, in columns. */
    public static String text(List<Annotation> annotations) {
        return annotations.stream()
                .map(each -> "  %06X  %-48s %-9s %-24s %s"
                        .formatted(each.at, each.hex, each.bits, each.what, each.value)
                        .stripTrailing())
                .collect(Collectors.joining("\n"));
    }
}
