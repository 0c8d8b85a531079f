package reckonrod.core.radio;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.datafile.Section;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.frequency.Raster;
import reckonrod.core.list.SlotRange;
import reckonrod.core.radio.SlotField.Side;
import reckonrod.core.tone.ToneTable;

/** Builds a definition from its data file. */
final class DefinitionReader {
    private DefinitionReader() {}

    static RadioDefinition read(Section top) {
        Limits limits = limits(top.section("limits"));
        return new RadioDefinition(
                top.text("id"),
                top.text("maker"),
                top.text("model"),
                top.text("kind"),
                top.text("ident"),
                limits,
                memory(top.section("memory"), limits.slots().count()),
                link(top.section("link")),
                shiftMenu(top.section("panel").section("shift")));
    }

    private static ShiftMenu shiftMenu(Section section) {
        return new ShiftMenu(
                section.text("direction_item"),
                section.text("size_item"),
                section.text("lower"),
                section.text("higher"),
                section.text("none"),
                section.number("digits", 3, 9),
                section.number("last_digit_hertz", 1, 1_000_000));
    }

    private static Limits limits(Section section) {
        Section slots = section.section("slots");
        Section name = section.section("name");
        Section tones = section.section("tones");
        tones.value(
                "ctcss", text -> only(text, "ctcss", ToneTable.STANDARD.ctcss().size()), 0);
        tones.value("dcs", text -> only(text, "dcs", ToneTable.STANDARD.dcs().size()), 0);
        return new Limits(
                new SlotRange(slots.number("first", 0, 9999), slots.number("last", 0, 9999)),
                new NameRule(name.number("longest", 1, 32), name.text("characters")),
                section.values("receive_mhz", FrequencyRange::parse),
                section.values("transmit_mhz", FrequencyRange::parse),
                section.values("rasters_khz", Raster::parse),
                section.values("emissions", DefinitionReader::emission),
                ToneTable.STANDARD,
                section.sections(
                        "power_watts",
                        level -> new PowerLevel(
                                level.value("level", DefinitionReader::power, Power.HIGH),
                                level.value("watts", BigDecimal::new, BigDecimal.ONE))));
    }

    private static int only(String text, String key, int number) {
        if (!text.equals(String.valueOf(number))) {
            throw new IllegalArgumentException(
                    key + " must be " + number + ", the standard table, was \"" + text + "\"");
        }
        return number;
    }

    private static MemoryLayout memory(Section section, int count) {
        Section slots = section.section("slots");
        List<Flag> flags =
                section.sections("flags", flag -> new Flag(flag.text("holds"), flag.number("base", 0, 0xFFFFFF)));
        return new MemoryLayout(
                section.number("bytes", 1, 0xFFFFFF),
                slots.number("base", 0, 0xFFFFFF),
                slots.number("stride", 1, 1024),
                count,
                slots.sections("fields", DefinitionReader::field),
                base(flags, "present"),
                base(flags, "scan"));
    }

    private record Flag(String holds, int base) {}

    private static int base(List<Flag> flags, String holds) {
        List<Flag> found =
                flags.stream().filter(flag -> flag.holds().equals(holds)).toList();
        if (found.size() != 1) {
            throw new IllegalArgumentException(
                    "flags must hold \"" + holds + "\" once, was " + found.size() + " times");
        }
        return found.get(0).base();
    }

    private static SlotField field(Section section) {
        int lowBit = section.optionalText("low_bit").isPresent() ? section.number("low_bit", 0, 7) : 0;
        BitPlace place = new BitPlace(section.number("byte", 0, 1023), lowBit, section.number("bits", 1, 256));
        String holds = section.text("holds");
        return switch (holds) {
            case "receive", "transmit" -> frequency(section, place, holds.equals("receive") ? Side.LISTEN : Side.TALK);
            case "listen tone", "talk tone" -> {
                section.value("number", text -> form(text, NumberForm.BINARY), NumberForm.BINARY);
                yield new SlotField.OfTone(place, holds.equals("listen tone") ? Side.LISTEN : Side.TALK);
            }
            case "power" -> new SlotField.OfPower(place, values(section, place, DefinitionReader::power));
            case "emission" -> new SlotField.OfEmission(place, values(section, place, DefinitionReader::emission));
            case "name" -> new SlotField.OfName(place, section.number("fill", 0, 255));
            default -> throw new IllegalArgumentException("holds must be a part of a slot, was \"" + holds + "\"");
        };
    }

    private static SlotField frequency(Section section, BitPlace place, Side side) {
        OptionalLong none = section.optionalText("none").isPresent()
                ? OptionalLong.of(section.value("none", Long::decode, 0L))
                : OptionalLong.empty();
        return new SlotField.OfFrequency(
                place,
                side,
                section.value("number", text -> form(text, NumberForm.values()), NumberForm.BINARY),
                section.number("unit_hertz", 1, 1_000_000),
                none);
    }

    private static <T> List<T> values(Section section, BitPlace place, java.util.function.Function<String, T> parse) {
        section.value("number", text -> form(text, NumberForm.BINARY), NumberForm.BINARY);
        List<T> values = section.values("values", parse);
        if (values.size() - 1 > NumberForm.BINARY.most(place.bits())) {
            throw new IllegalArgumentException(
                    "values must be at most as many as the bits can count, was " + values.size());
        }
        return values;
    }

    private static NumberForm form(String text, NumberForm... allowed) {
        return Arrays.stream(allowed)
                .filter(form -> form.name().toLowerCase(java.util.Locale.ROOT).equals(text))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("number must be "
                        + Arrays.stream(allowed)
                                .map(form -> form.name().toLowerCase(java.util.Locale.ROOT))
                                .collect(Collectors.joining(" or "))
                        + ", was \"" + text + "\""));
    }

    private static Emission emission(String text) {
        return Arrays.stream(Emission.values())
                .filter(emission -> emission.name().equals(text))
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException("emission must be FM, NFM or AM, was \"" + text + "\""));
    }

    private static Power power(String text) {
        return Arrays.stream(Power.values())
                .filter(power -> power.word().equals(text))
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException("level must be high, mid or low, was \"" + text + "\""));
    }

    private static LinkDefinition link(Section section) {
        return new LinkDefinition(
                section.value("family", LinkDefinition.Family::parse, LinkDefinition.Family.POLLED_BLOCKS),
                section.number("baud", 300, 1_000_000),
                section.number("block_bytes", 1, 128),
                section.number("answer_within_ms", 10, 60_000),
                section.number("tries", 1, 10),
                section.values("person", text -> text));
    }
}
