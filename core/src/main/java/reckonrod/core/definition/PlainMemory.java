package reckonrod.core.definition;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reckonrod.core.layout.BitPlace;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.RadioSetting;
import reckonrod.core.radio.ShiftLimit;

/**
 * A memory for a radio of which only the keys are known, so that they have something to work on: it holds what the limits say, each part
 * in bytes of its own. It is no radio's own and nothing is ever written by it.
 */
final class PlainMemory {
    private static final int SETTINGS_AT = 0;
    private static final int BITS_A_BYTE = 8;
    private static final int WORD = 4;
    private static final int ENTRIES_A_TALK = 8;

    private final Limits limits;
    private final int settings;
    private final List<String> fields = new ArrayList<>();
    private int next;

    PlainMemory(Limits limits, List<RadioSetting> settings) {
        this.limits = limits;
        this.settings = settings.size();
    }

    /** Where a setting lies, by its place among the settings. */
    static BitPlace setting(int at) {
        return new BitPlace(SETTINGS_AT + at, 0, BITS_A_BYTE, BitPlace.Order.BIG);
    }

    /** It, in the form of data files. */
    String text() {
        field(1, "in_use: yes", "");
        int sizes = settings;
        int talks = sizes + WORD * limits.transmit().size();
        int slots = talks + ENTRIES_A_TALK * separate();
        addFields();
        String memory = "slots:\n  base: " + slots + "\n  stride: " + next
                + "\n  in_use: { byte: 0, bits: 8, free: 0, used: 1 }\n  fields:\n"
                + fields.stream().map(each -> "    - " + each + "\n").collect(Collectors.joining());
        return "bytes: " + (slots + next * limits.slots().count()) + "\n" + memory
                + sizes(sizes).orElse("") + (separate() > 0 ? talks(talks) : "");
    }

    private int separate() {
        return limits.shift() instanceof ShiftLimit.Steps steps ? steps.separate() : 0;
    }

    private void addFields() {
        number("receive", ", unit_hertz: 1");
        if (limits.shift() instanceof ShiftLimit.AnyPair) {
            number("transmit", ", unit_hertz: 1, none: \"0xFFFFFFFF\"");
        } else if (limits.shift() instanceof ShiftLimit.Steps steps) {
            number("shift", ", unit_hertz: " + steps.stepHertz());
            if (limits.listenOnly()) {
                field(1, "talks", "");
            }
            if (steps.separate() > 0) {
                field(1, "separate talk frequency", "");
            }
        } else {
            field(1, "direction", ", values: [NONE, HIGHER, LOWER" + (limits.listenOnly() ? ", NEVER" : "") + "]");
        }
        field(2, "talk tone", ", tones: numbered");
        field(2, "listen tone", ", tones: numbered");
        if (limits.tones().onePolarity()) {
            field(1, "polarity", "");
        }
        if (limits.tones().listen().reversed()) {
            field(1, "listen tone reversed", "");
        }
        field(
                1,
                "power",
                ", values: "
                        + words(limits.power().stream().map(each -> each.level().word())));
        field(
                1,
                "emission",
                ", values: "
                        + words(Stream.concat(limits.receive().stream(), limits.transmit().stream())
                                .flatMap(each -> each.emissions().stream())
                                .map(Enum::name)));
        if (limits.name().longest() > 0) {
            field(limits.name().longest(), "name", ", fill: 0x00");
        }
        if (limits.scan().skips()) {
            field(1, "scan", "");
        }
        if (limits.banks() > 0) {
            field((limits.banks() + BITS_A_BYTE - 1) / BITS_A_BYTE, "banks", "");
        }
    }

    private static String words(Stream<String> words) {
        return words.distinct().collect(Collectors.joining(", ", "[", "]"));
    }

    private void number(String holds, String how) {
        field(WORD, holds, ", number: binary" + how);
    }

    /** The next bytes of a record; the first is the mark of a slot in use and no field. */
    private void field(int bytes, String holds, String how) {
        if (next > 0) {
            fields.add("{ holds: " + holds + ", byte: " + next + ", bits: " + bytes * BITS_A_BYTE + how + " }");
        }
        next += bytes;
    }

    private Optional<String> sizes(int from) {
        if (!(limits.shift() instanceof ShiftLimit.OncePerBand once)) {
            return Optional.empty();
        }
        StringBuilder sizes = new StringBuilder("shift_sizes:\n");
        int at = from;
        for (BandLimit each : limits.transmit()) {
            sizes.append(String.format(
                    Locale.ROOT,
                    "  - { mhz: \"%s-%s\", byte: %d, bits: 32, number: binary, unit_hertz: %d }%n",
                    each.range().lower().toMegahertzText(),
                    each.range().upper().toMegahertzText(),
                    at,
                    once.stepHertz()));
            at += WORD;
        }
        return Optional.of(sizes.toString());
    }

    private String talks(int base) {
        return "talk_frequencies:\n  base: " + base + "\n  stride: " + ENTRIES_A_TALK + "\n  count: " + separate()
                + "\n  slot: { byte: 0, bits: 32, free: \"0xFFFFFFFF\" }"
                + "\n  transmit: { byte: 4, bits: 32, number: binary, unit_hertz: 1 }\n";
    }
}
