package reckonrod.core.layout;

import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.datafile.Section;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.PowerLevel;
import reckonrod.core.radio.ShiftLimit;
import reckonrod.core.radio.ToneSet;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/** Reads the fields of a record from a data file, and makes sure that each can hold what the limits promise. */
final class FieldReader {
    private static final List<Boolean> OFF_ON = List.of(false, true);

    private final Limits limits;

    FieldReader(Limits limits) {
        this.limits = limits;
    }

    Field<?> field(Section section) {
        BitPlace place = place(section);
        String holds = section.text("holds");
        return switch (holds) {
            case "receive" -> new Field<>(Part.RECEIVE, place, units(section)).holding(ends(limits.receive()));
            case "transmit" ->
                new Field<>(Part.TRANSMIT, place, new OrNone<>(units(section), section.value("none", Long::decode, 0L)))
                        .holding(orNone(ends(limits.transmit())));
            case "shift" -> new Field<>(Part.SHIFT, place, shift(section, true)).holding(shifts(true));
            case "shift size" -> new Field<>(Part.SHIFT_SIZE, place, shift(section, false)).holding(shifts(false));
            case "direction" ->
                new Field<>(Part.DIRECTION, place, choice(section, text -> word(text, "values", Direction.values())))
                        .holding(directions());
            case "talks" -> new Field<>(Part.TALKS, place, onOff(section)).holding(OFF_ON);
            case "separate talk frequency" -> new Field<>(Part.SEPARATE, place, onOff(section)).holding(OFF_ON);
            case "talk tone" ->
                tone(section, Part.TALK_TONE, place, ofRecord(limits.tones().talk()));
            case "listen tone" ->
                tone(section, Part.LISTEN_TONE, place, ofRecord(limits.tones().listen()));
            case "talk tone value" ->
                value(
                        section,
                        Part.TALK_TONE_VALUE,
                        place,
                        ofRecord(limits.tones().talk()));
            case "listen tone value" ->
                value(
                        section,
                        Part.LISTEN_TONE_VALUE,
                        place,
                        ofRecord(limits.tones().listen()));
            case "polarity" -> new Field<>(Part.POLARITY, place, onOff(section)).holding(OFF_ON);
            case "listen tone reversed" -> new Field<>(Part.LISTEN_REVERSED, place, onOff(section)).holding(OFF_ON);
            case "talk tone switch" -> new Field<>(Part.TALK_TONE_ON, place, onOff(section)).holding(OFF_ON);
            case "listen tone switch" -> new Field<>(Part.LISTEN_TONE_ON, place, onOff(section)).holding(OFF_ON);
            case "power" ->
                new Field<>(Part.POWER, place, choice(section, Power::parse))
                        .holding(limits.power().stream().map(PowerLevel::level).toList());
            case "emission" ->
                new Field<>(Part.EMISSION, place, choice(section, text -> word(text, "values", Emission.values())))
                        .holding(LayoutCheck.emissions(limits));
            case "name" ->
                new Field<>(Part.NAME, place, new TextBytes(limits.name(), section.number("fill", 0, 255)))
                        .holding(List.of(longestName()));
            case "scan" -> new Field<>(Part.SCAN, place, onOff(section)).holding(OFF_ON);
            case "banks" ->
                new Field<>(Part.BANKS, place, new NumberedBits())
                        .holding(List.of(
                                Set.of(),
                                IntStream.rangeClosed(1, limits.banks()).boxed().collect(Collectors.toSet())));
            case "bank number" ->
                new Field<>(Part.BANKS, place, new NumberedOne(limits.banks()))
                        .holding(List.of(Set.of(), Set.of(limits.banks())));
            default -> throw new IllegalArgumentException("holds must be a part of a slot, was \"" + holds + "\"");
        };
    }

    /** The tones that a record tells apart by itself. */
    private ToneSet ofRecord(ToneSet tones) {
        return limits.tones().onePolarity() ? tones.upright() : tones;
    }

    /** Where a run of bits lies: {@code byte}, {@code bits}, and where they matter {@code low_bit} and {@code order}. */
    static BitPlace place(Section section) {
        return new BitPlace(
                section.number("byte", 0, 0xFFFFFF),
                section.optionalText("low_bit").isPresent() ? section.number("low_bit", 0, 7) : 0,
                section.number("bits", 1, 256),
                section.optionalText("order").isPresent()
                        ? section.value(
                                "order", text -> word(text, "order", BitPlace.Order.values()), BitPlace.Order.BIG)
                        : BitPlace.Order.BIG);
    }

    /** A frequency as a number of units: {@code number} and {@code unit_hertz}. */
    static FrequencyUnits units(Section section) {
        return new FrequencyUnits(form(section), section.number("unit_hertz", 1, 10_000_000));
    }

    static ShiftUnits shift(Section section, boolean signed) {
        return new ShiftUnits(form(section), section.number("unit_hertz", 1, 10_000_000), signed);
    }

    private static NumberForm form(Section section) {
        return section.value("number", text -> word(text, "number", NumberForm.values()), NumberForm.BINARY);
    }

    private static Choice<Boolean> onOff(Section section) {
        return section.optionalText("values").isPresent() ? inverse(section) : new Choice<>(OFF_ON, 0);
    }

    /** {@code values: inverse} where 1 means off. */
    private static Choice<Boolean> inverse(Section section) {
        return section.value(
                "values",
                text -> {
                    if (!text.equals("inverse")) {
                        throw new IllegalArgumentException(
                                "values of a switch must be left out, or inverse, was \"" + text + "\"");
                    }
                    return new Choice<>(List.of(true, false), 0);
                },
                new Choice<>(OFF_ON, 0));
    }

    private static <T> Choice<T> choice(Section section, Function<String, T> parse) {
        return new Choice<>(section.values("values", parse), base(section));
    }

    private static int base(Section section) {
        return section.optionalText("first").isPresent() ? section.number("first", 0, 255) : 0;
    }

    private Field<Tone> tone(Section section, Part<Tone> part, BitPlace place, ToneSet tones) {
        Encoding<Tone> encoding = section.value(
                "tones",
                text -> switch (text) {
                    case "numbered" -> new Choice<>(tones.all(), base(section));
                    case "tenths" -> new ToneTenths(tones.all());
                    default ->
                        throw new IllegalArgumentException("tones must be numbered or tenths, was \"" + text + "\"");
                },
                new Choice<>(tones.all(), 0));
        return new Field<>(part, place, encoding).holding(tones.all());
    }

    /** The value beside a switch: numbered too, and none is not among them. */
    private static Field<Optional<Tone>> value(
            Section section, Part<Optional<Tone>> part, BitPlace place, ToneSet tones) {
        List<Tone> values =
                tones.all().stream().filter(tone -> tone != NoTone.NONE).toList();
        return new Field<>(part, place, new Leftover<>(new Choice<>(values, base(section))))
                .holding(values.stream().map(Optional::of).toList());
    }

    /** Where slots may listen only, the direction says so too. */
    private List<Direction> directions() {
        return Arrays.stream(Direction.values())
                .filter(each -> each != Direction.NEVER || limits.listenOnly())
                .toList();
    }

    private String longestName() {
        String characters = limits.name().characters();
        return characters.isEmpty()
                ? ""
                : characters.substring(0, 1).repeat(limits.name().longest());
    }

    private List<Shift> shifts(boolean signed) {
        if (!(limits.shift() instanceof ShiftLimit.Steps steps)) {
            throw new IllegalArgumentException("a shift must be stored as the limits say: they allow "
                    + (limits.shift() instanceof ShiftLimit.AnyPair ? "any pair" : "one size a band"));
        }
        long most = steps.mostHertz() / steps.stepHertz() * steps.stepHertz();
        List<Shift> up = List.of(Shift.NONE, Shift.ofHertz(steps.stepHertz()), Shift.ofHertz(most));
        return signed
                ? Stream.concat(up.stream(), up.stream().map(each -> Shift.ofHertz(-each.hertz())))
                        .distinct()
                        .toList()
                : up;
    }

    /** Both ends of every stretch, and the first steps from its lower end. */
    static List<Frequency> ends(List<BandLimit> bands) {
        Set<Frequency> ends = new LinkedHashSet<>();
        for (BandLimit band : bands) {
            ends.add(band.range().lower());
            ends.add(band.range().upper());
            band.steps()
                    .forEach(step -> IntStream.range(0, 4)
                            .mapToObj(i -> step.nearest(band.range().lower().plus(Shift.ofHertz(i * 6_250L))))
                            .forEach(ends::add));
        }
        return List.copyOf(ends);
    }

    private static <T> List<Optional<T>> orNone(List<T> values) {
        return Stream.concat(values.stream().map(Optional::of), Stream.of(Optional.<T>empty()))
                .toList();
    }

    private static <E extends Enum<E>> E word(String text, String key, E[] values) {
        return Arrays.stream(values)
                .filter(each -> each.name().toLowerCase(Locale.ROOT).equals(text.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(key + " must be "
                        + Arrays.stream(values)
                                .map(each -> each.name().toLowerCase(Locale.ROOT))
                                .collect(Collectors.joining(" or "))
                        + ", was \"" + text + "\""));
    }
}
