package reckonrod.core.keying;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.radio.RadioSlot;

/** Each trap of the panels with a dial and of those with soft keys, key by key. */
class DialMachineTest {
    private static final Map<Character, PanelKey> KEYS = new HashMap<>(Map.of(
            'F', PanelKey.FUNCTION,
            'H', PanelKey.FUNCTION_HELD,
            'B', PanelKey.BACK,
            'R', PanelKey.UP,
            'L', PanelKey.DOWN,
            'r', PanelKey.FAST_UP,
            'l', PanelKey.FAST_DOWN,
            'P', PanelKey.PUSH,
            'S', PanelKey.MODE,
            'T', PanelKey.TAKE));

    static {
        KEYS.put('N', PanelKey.PAGE);
        KEYS.put('a', PanelKey.SOFT_1);
        KEYS.put('b', PanelKey.SOFT_2);
        KEYS.put('c', PanelKey.SOFT_3);
        KEYS.put('d', PanelKey.SOFT_4);
    }

    private static PanelMachine machine(String id) {
        return PanelMachine.of(RadioDefinitions.shipped().find(id).orElseThrow());
    }

    /** Keys as letters, see above; a dot is a pause of two and a half seconds. */
    private static PanelState pressed(PanelMachine machine, PanelState from, String keys) {
        PanelState state = from;
        for (char each : keys.replace(" ", "").toCharArray()) {
            state = each == '.'
                    ? machine.pause(state, 2_500)
                    : machine.press(state, Character.isDigit(each) ? PanelKey.digit(each) : KEYS.get(each));
        }
        return state;
    }

    private static String held(PanelMachine machine, PanelState state, int slot) {
        return machine.content(state, slot)
                .map(each -> (each.name() + " " + each.words()).strip())
                .orElse("nothing");
    }

    /** What goes wrong by hand goes wrong here in the same way; slot 8 is looked at in the end. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "kestrow-k31 | 145310 F1RRRF F3RRF F4RRF F500060F H008H | 145.310, talk 144.710, talk tone CTCSS 71.9, FM high | all of it",
                "kestrow-k31 | 145310 F1RRRF F4RRF F500060F H008H | 145.310, talk 144.710, FM high | a tone that is chosen and not switched on is not sent",
                "kestrow-k31 | 145310 F4RRF F56F H008H | nothing | a size without its zeros is 600 MHz, which it has not",
                "kestrow-k31 | 145310 F1RRRF F3RRF 145350 H008H | 145.350, talk the same, FM high | another frequency switches the tone off",
                "kestrow-k31 | 145310 F.. 4 H008H | 145.310, talk the same, FM high | the number came too late, and was half a frequency",
                "kestrow-k31 | 145310 H.00. . . 8H H | nothing | nothing is stored after a pause",
                "kestrow-k31 | 145310 H008F | nothing | a short press stores nothing",
                "kestrow-k31 | 145310 H008H 145350 H008H | 145.350, talk the same, FM high | a slot in use is stored over without a word",
                "kestrow-k31 | 145310 R H008H | 145.315, talk the same, FM high | a dial that is touched goes to another frequency",
                "kestrow-k31 | 145350 F6433475F H008H | 145.350, talk 433.475, FM high | a talk frequency of its own",
                "kestrow-k31 | 145310 F44 H008H | nothing | a number that is none",
                "orvane-ov62 | 145310 FF0LF F2rrrrrRRRF H008H | 145.310, talk the same, talk tone DCS 023 I, FM low | the side of the code is a setting of its own",
                "orvane-ov62 | 145310 H008H 145350 H008H | 145.310, talk the same, FM low | a slot in use must be cleared first",
                "orvane-ov62 | 145310 H008H B 145350 FF5008FF H008H | 145.350, talk the same, FM low | and then it is stored",
                "orvane-ot9 | 145310 F50060F F4LF H08H | 145.310, talk 144.710, FM high | the size of the stretch",
                "orvane-ot9 | 145310 F50060F F4LF H08H F50160F | 145.310, talk 143.710, FM high | another size changes what is stored",
                "orvane-ot9 | 145310 F50060F 439150 F4LF H08H | 439.150, talk the same, FM high | the other stretch has a size of its own",
                "orvane-ot9 | 145310 H08H 145350 H08H | 145.310, talk the same, FM high | it asks",
                "orvane-ot9 | 145310 H08H 145350 H08HH | 145.350, talk the same, FM high | and stores over when it is told so",
                "orvane-ot9 | 145310 F9 RP rrP RRP F H08H | AFB 145.310, talk the same, FM high | a name letter by letter",
                "kestrow-km90 | 145310 a RRRT b RRT c 0060T d008T | 145.310, talk 144.710, talk tone CTCSS 69.3, FM high | all of it",
                "kestrow-km90 | 145310 c 0060T Na RT .. .. .. .. b RRT d008T | 145.310, talk 144.710, FM high | after a pause it is on the first page again",
                "kestrow-km90 | 145310 d008T 145350 d008T | 145.310, talk the same, FM high | it asks",
                "kestrow-km90 | 145310 d008T 145350 d008TT | 145.350, talk the same, FM high | and stores over when it is told so",
                "dunnet-d7 | 145310 Na RRRRT b LT NNNNN a LT b 00600T d008T | 145.310, talk 144.710, listen tone reversed CTCSS 71.9, FM low | a tone that shuts"
            })
    void traps(String radio, String keys, String expected, String why) {
        PanelMachine machine = machine(radio);
        PanelState state = pressed(machine, machine.unpacked(), keys);
        assertThat(held(machine, state, 8))
                .as(why + ": " + machine.shows(state))
                .isEqualTo(expected);
    }

    /** A slot that is called joins banks, is renamed, and comes back onto the dial; on frequencies nothing of that is there. */
    @Test
    void onSlotsTheSlotIsChanged() {
        PanelMachine k31 = machine("kestrow-k31");
        PanelState stored = pressed(k31, k31.unpacked(), "145310 F1RRRF F3RRF H008H");
        assertThat(k31.shows(pressed(k31, stored, "FF3"))).containsExactly("NOT MR");
        PanelState joined = pressed(k31, stored, "S FF3 03F FF3 07F FF4 03F");
        assertThat(k31.content(joined, 8).map(RadioSlot::banks).orElseThrow()).containsExactly(7);
        assertThat(k31.shows(pressed(k31, joined, "FF3 11F"))).containsExactly("FAULT");
        PanelState copied = pressed(k31, joined, "FF5F H009H");
        assertThat(held(k31, copied, 9)).isEqualTo(held(k31, stored, 8));
        assertThat(k31.content(copied, 9).orElseThrow().banks())
                .as("banks stay behind")
                .isEmpty();
        PanelState walked = pressed(k31, copied, "S R");
        assertThat(walked.onSlot().getAsInt()).isEqualTo(9);
        assertThat(k31.shows(pressed(k31, walked, "F")))
                .as("it waits for a number")
                .containsExactly("F");
    }

    /** One row of six characters shows what is new. */
    @Test
    void oneRowShowsWhatIsNew() {
        PanelMachine k31 = machine("kestrow-k31");
        PanelState fresh = pressed(k31, k31.unpacked(), "145312");
        assertThat(k31.shows(fresh)).as("no room for the point").containsExactly("145312");
        assertThat(k31.shows(pressed(k31, fresh, "F1"))).containsExactly("TONE T");
        assertThat(k31.shows(pressed(k31, fresh, "F1L"))).as("round").containsExactly("D754N");
        assertThat(k31.shows(pressed(k31, fresh, "F1rrL"))).containsExactly("91.5");
        assertThat(k31.shows(pressed(k31, fresh, "H008H"))).containsExactly("DONE");
        assertThat(k31.shows(pressed(k31, fresh, "H008H..")))
                .as("said for a moment")
                .containsExactly("DONE");
        assertThat(k31.shows(pressed(k31, fresh, "H008H..."))).containsExactly("145312");
    }

    /** On a slot the display says what the slot has, not what is dialled, and taking nothing changes nothing. */
    @Test
    void aSlotShowsItsOwn() {
        PanelMachine ov62 = machine("orvane-ov62");
        PanelState stored = pressed(ov62, ov62.unpacked(), "145310 FF3LF FF2RRRRF H008H FF3RF FF2RF S");
        assertThat(ov62.shows(pressed(ov62, stored, "FF3"))).startsWith("scan", "passes");
        PanelState bank = pressed(ov62, stored, "FF2");
        assertThat(ov62.shows(bank)).startsWith("bank", "3");
        assertThat(pressed(ov62, bank, "F").memory()).isEqualTo(stored.memory());
        assertThat(ov62.content(pressed(ov62, bank, "RF"), 8).orElseThrow().banks())
                .isEmpty();
    }
}
