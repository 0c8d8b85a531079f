package reckonrod.core.notation;

import java.util.Arrays;
import java.util.Locale;

/** What a word of the notation does in a line. */
enum Role {
    RECEIVE,
    LISTEN,
    TRANSMIT,
    OUTPUT,
    INPUT,
    DOWNLINK,
    UPLINK,
    DOWN,
    UP,
    REPEATER_TRANSMIT,
    REPEATER_RECEIVE,
    FREQUENCY,
    SIZE,
    MINUS,
    PLUS,
    SIMPLEX,
    LISTEN_ONLY,
    TONE,
    TALK_TONE,
    LISTEN_TONE,
    BOTH_TONES,
    REVERSED_TONE,
    NO_TONE,
    NO_CTCSS,
    NO_CODE,
    NO_TALK_TONE,
    NO_LISTEN_TONE,
    CODE,
    TALK_CODE,
    LISTEN_CODE,
    UPRIGHT,
    INVERTED,
    BURST,
    WIDE,
    NARROW,
    AMPLITUDE,
    DIGITAL,
    OTHER_MODE,
    HIGH,
    MIDDLE,
    LOW,
    EMERGENCY_POWER,
    LINKED,
    OPEN,
    CLOSED,
    WIDE_AREA,
    OFF_AIR,
    REPEATER,
    LINK_TO,
    NUMBERED,
    NUMBERED_DIGITAL,
    WIDTH,
    STEP,
    MEASURE,
    SCAN,
    HERTZ,
    KILOHERTZ,
    MEGAHERTZ,
    GIGAHERTZ,
    WATTS,
    LENGTH,
    OTHER_UNIT,
    NOTHING,
    CAVEAT,
    FILLER;

    static Role parse(String words) {
        return Arrays.stream(values())
                .filter(role -> role.words().equals(words))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("role must be one of "
                        + Arrays.stream(values()).map(Role::words).toList() + ", was \"" + words + "\""));
    }

    private String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether it stands behind a figure and says what the figure counts. */
    boolean isUnit() {
        return compareTo(HERTZ) >= 0 && compareTo(OTHER_UNIT) <= 0;
    }

    /** Whether it says whose frequency, or whose tone, stands beside it. */
    boolean isSide() {
        return compareTo(RECEIVE) >= 0 && compareTo(REPEATER_RECEIVE) <= 0;
    }

    /** Whether the side it names is the one that is listened to. */
    boolean isListenSide() {
        return switch (this) {
            case RECEIVE, LISTEN, OUTPUT, DOWNLINK, DOWN, REPEATER_TRANSMIT -> true;
            default -> false;
        };
    }

    /** Whether it announces a tone or a code. */
    boolean isToneWord() {
        return compareTo(TONE) >= 0 && compareTo(REVERSED_TONE) <= 0 || isCodeWord();
    }

    boolean isCodeWord() {
        return this == CODE || this == TALK_CODE || this == LISTEN_CODE;
    }
}
