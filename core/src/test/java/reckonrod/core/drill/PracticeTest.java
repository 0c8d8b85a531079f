package reckonrod.core.drill;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.keying.KeySheet;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.NoTone;

/** Drills are failed by each trap, by name, and passed by the sheet. */
class PracticeTest {
    private static final Map<Character, PanelKey> KEYS = new HashMap<>();

    static {
        KEYS.put('M', PanelKey.MENU);
        KEYS.put('T', PanelKey.TAKE);
        KEYS.put('B', PanelKey.BACK);
        KEYS.put('S', PanelKey.MODE);
        KEYS.put('F', PanelKey.FUNCTION);
        KEYS.put('H', PanelKey.FUNCTION_HELD);
        KEYS.put('R', PanelKey.UP);
        KEYS.put('L', PanelKey.DOWN);
        KEYS.put('d', PanelKey.SOFT_4);
    }

    private static final RadioSlot SKARRA = slot("145.310", "144.710");

    private static RadioSlot slot(String receive, String transmit) {
        return new RadioSlot(
                "",
                Frequency.parse(receive),
                Optional.of(Frequency.parse(transmit)),
                CtcssTone.parse("71.9"),
                NoTone.NONE,
                Emission.FM,
                Power.HIGH,
                true,
                Set.of());
    }

    private static Practice practice(String radio) {
        return new Practice(RadioDefinitions.shipped().find(radio).orElseThrow());
    }

    /** Keys as letters, half a second apart; a dot is five seconds more before the next. */
    private static List<Press> presses(String keys) {
        List<Press> presses = new ArrayList<>();
        int pause = 500;
        for (char each : keys.replace(" ", "").toCharArray()) {
            if (each == '.') {
                pause += 5_000;
            } else {
                presses.add(new Press(Character.isDigit(each) ? PanelKey.digit(each) : KEYS.get(each), pause));
                pause = 500;
            }
        }
        return presses;
    }

    private static List<Press> pressed(KeySheet sheet) {
        return sheet.lines().stream()
                .flatMap(line -> line.keys().stream())
                .map(key -> new Press(key, 500))
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "wrenling-w12 | 145310 M31T.. 003T | TIMED_OUT",
                "wrenling-w12 | M31T 003T B 145310 | FORGOTTEN",
                "wrenling-w12 | 145310 M42T 6T | SIZE_CUT",
                "wrenling-w12 | 145310 M51T 003T | IN_USE",
                "wrenling-w12 | 145310 M51T 009T | OTHER_SLOT",
                "wrenling-w12 | M52T 003TT | LOST",
                "wrenling-w12 | S 145310 | CALLED",
                "wrenling-w12 | 145310 M31T 003B | NOT_TAKEN",
                "wrenling-w12 | 145310 M32T 003T 41T 2T 42T 006000T 21T 1T 51T 008T | WRONG_SIDE",
                "wrenling-w12 | 145310 M31T 003T 41T 1T 42T 006000T 21T 1T 51T 008T | WRONG_WAY",
                "wrenling-w12 | 145310 M31T 004T 41T 2T 42T 006000T 21T 1T 51T 008T | NOT_IT",
                "wrenling-w12 | 145310 M31T 003T 41T 2T 42T 006000T 51T 008T | NOT_IT",
                "wrenling-w12 | 199310 | REFUSED",
                "wrenling-w12 | M90TTT | LOST",
                "kestrow-k31 | 145310 F. 1 | FUNCTION_LATE",
                "kestrow-k31 | 145310 F1RRRF H008H | NOT_SWITCHED_ON",
                "kestrow-k31 | 145310 H008F | SHORT",
                "kestrow-k31 | 145310 R | DIAL_MOVED",
                "kestrow-k31 | 145310 H003H | LOST",
                "kestrow-k31 | 145310 F1RRRF F3RRF 145350 | FORGOTTEN",
                "orvane-ot9 | 145310 F50160F | OTHERS_CHANGED",
                "kestrow-km90 | 145310 d003T | IN_USE"
            })
    void aTrapIsNamedAndTheDrillCanStillBeDone(String radio, String keys, Trap trap) {
        Practice practice = practice(radio);
        Map<Integer, RadioSlot> contents = Map.of(3, slot("145.350", "144.750"), 8, SKARRA);
        Drill drill = practice.drill(contents, 8, false).orElseThrow();
        List<Press> slipped = presses(keys);
        Practice.Standing standing = practice.after(drill.memory(), Optional.of(drill), slipped, 0);
        assertThat(standing.slips()).extracting(Slip::trap).contains(trap);
        assertThat(standing.slips()).allSatisfy(each -> assertThat(each.says()).endsWith("."));
        assertThat(standing.done()).isFalse();
        List<Integer> away = practice.ledAway(drill, slipped);
        assertThat(away).isNotEmpty();
        assertThat(practice.lastLedAway(drill, slipped)).isEqualTo(away.contains(slipped.size() - 1));
        assertThat(practice.lastLedAway(drill, slipped.subList(0, away.get(0) + 1)))
                .isTrue();
        if (trap != Trap.LOST && trap != Trap.OTHERS_CHANGED && trap != Trap.OTHER_SLOT) {
            List<Press> all = new ArrayList<>(slipped);
            all.addAll(pressed(practice.rest(drill, standing.state())));
            assertThat(practice.after(drill.memory(), Optional.of(drill), all, 0)
                            .done())
                    .isTrue();
        }
    }

    static Stream<RadioDefinition> radios() {
        return RadioDefinitions.shipped().all().stream();
    }

    /** Who follows the sheet is done with the fewest keys, with no slip and no key that leads away. */
    @ParameterizedTest
    @MethodSource("radios")
    void theSheetPassesTheDrill(RadioDefinition radio) {
        Practice practice = new Practice(radio);
        Drill drill = practice.drill(
                        Map.of(3, slot("145.350", "144.750"), 8, SKARRA.withName("SKAR")),
                        8,
                        radio.id().length() % 2 == 0)
                .orElseThrow();
        KeySheet sheet = practice.rest(drill, practice.machine().unpacked(drill.memory()));
        List<Press> keys = pressed(sheet);
        Practice.Standing standing = practice.after(drill.memory(), Optional.of(drill), keys, 0);
        assertThat(standing.done()).isTrue();
        assertThat(standing.slips()).isEmpty();
        assertThat(standing.millis()).isEqualTo(500L * (keys.size() - 1));
        assertThat(practice.ledAway(drill, keys)).isEmpty();
        assertThat(practice.least(drill)).isEqualTo(keys.size());
        assertThat(practice.rest(drill, standing.state()).lines()).isEmpty();
    }

    /** Nothing pressed is nothing done, and what stands open closes while nobody presses. */
    @Test
    void timePassesWithoutAKey() {
        Practice practice = practice("kestrow-k31");
        Drill drill = practice.drill(Map.of(8, SKARRA), 8, false).orElseThrow();
        assertThat(practice.after(drill.memory(), Optional.of(drill), List.of(), 90_000)
                        .done())
                .isFalse();
        List<Press> open = presses("145310 F1R");
        assertThat(practice.after(drill.memory(), Optional.empty(), open, 5_900)
                        .state()
                        .open())
                .isTrue();
        assertThat(practice.after(drill.memory(), Optional.empty(), open, 6_000)
                        .state()
                        .open())
                .isFalse();
    }

    /** Days until each drill is due, a dash for one never tried, and which comes next. */
    @ParameterizedTest
    @CsvSource({"'',-1", "-,0", "3 -,1", "3 - -1 -2,3", "3 - 0,2", "5 3 4,1"})
    void whatIsDueLongestComesFirst(String days, int next) {
        LocalDate today = LocalDate.of(2026, 1, 10);
        List<Optional<LocalDate>> drills = Stream.of(days.split(" "))
                .filter(each -> !each.isEmpty())
                .map(each -> each.equals("-")
                        ? Optional.<LocalDate>empty()
                        : Optional.of(today.plusDays(Integer.parseInt(each))))
                .toList();
        assertThat(Spacing.next(drills, today).orElse(-1)).isEqualTo(next);
    }

    /** Days of runs, a slip with a minus, and the day after how many it is due, counted from the last run. */
    @ParameterizedTest
    @CsvSource({
        "1,1",
        "-1,0",
        "1 2,3",
        "1 1 1,1",
        "1 2 5,7",
        "1 2 -5,0",
        "1 2 -5 5,1",
        "1 -1,0",
        "1 2 5 12 28 63 153 243,90"
    })
    void whatGoesWellIsRepeatedLater(String days, int after) {
        LocalDate first = LocalDate.of(2026, 1, 1);
        List<Spacing.Run> runs = Arrays.stream(days.split(" "))
                .map(Integer::parseInt)
                .map(day -> new Spacing.Run(first.plusDays(Math.abs(day)), day > 0))
                .toList();
        assertThat(Spacing.due(runs)).isEqualTo(runs.get(runs.size() - 1).on().plusDays(after));
    }
}
