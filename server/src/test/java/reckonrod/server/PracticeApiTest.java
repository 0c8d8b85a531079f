package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A drill over the interface: from the first key to the run that is kept, and what is asked of it wrongly. */
class PracticeApiTest extends RadiosTest {
    private static final Map<Character, String> KEYS = new HashMap<>(Map.of(
            'M', "MENU", 'T', "TAKE", 'B', "BACK", 'S', "MODE", 'F', "FUNCTION", 'H', "FUNCTION_HELD", 'R', "UP"));
    private static final List<String> DIGITS =
            List.of("ZERO", "ONE", "TWO", "THREE", "FOUR", "FIVE", "SIX", "SEVEN", "EIGHT", "NINE");
    private static final String PASSED = "146520 M21T 1T 46T 0T 45T 0T 22T 0T 51T 007T";

    private String radio;
    private JsonNode drill;

    @BeforeEach
    void aDrill() {
        lines(7, "SIMP 146.520", "HARB 146.940- 100.0");
        radio = radio("wrenling-w12");
        drill = drill("Ann");
    }

    private JsonNode drill(String person) {
        for (JsonNode each : practice(person).path("drills")) {
            if (each.path("slot").asInt() == 7) {
                return each;
            }
        }
        throw new AssertionError("no drill for slot 7");
    }

    private String path(String rest) {
        return "/api/lists/" + list + "/practice" + rest;
    }

    private JsonNode practice(String person) {
        return get(path("?radio=" + radio + "&person=" + person)).ok();
    }

    private Map<String, Object> pressed(String keys, boolean hint) {
        List<Map<String, Object>> presses = new ArrayList<>();
        for (char each : keys.replace(" ", "").toCharArray()) {
            String key = Character.isDigit(each) ? DIGITS.get(each - '0') : KEYS.get(each);
            presses.add(Map.of("key", key, "afterMillis", 400));
        }
        Map<String, Object> body = new HashMap<>(
                Map.of("radio", radio, "presses", presses, "idleMillis", 100, "hint", hint, "told", true));
        body.put("channel", drill.path("channelId").asString());
        return body;
    }

    private JsonNode stands(String keys) {
        return post(path("/pressed"), pressed(keys, false)).ok();
    }

    /** The slot may hold something else: then it is cleared first, as the sheet says. */
    private String passing() {
        boolean used = post(path("/pressed"), pressed("", true))
                        .ok()
                        .path("task")
                        .asString()
                        .isEmpty()
                || stands("146520 M51T 007T").path("slips").toString().contains("IN_USE");
        return used ? "M52T 007TT B " + PASSED : PASSED;
    }

    @Test
    void aDrillIsWatchedPassedAndKept() {
        assertThat(stands("").path("task").asString()).isEqualTo("Store 146.520, talk the same, FM high in slot 7.");
        JsonNode slip = stands("146520 M42T 6T");
        assertThat(slip.path("slips").get(0).path("trap").asString()).isEqualTo("SIZE_CUT");
        assertThat(slip.path("done").asBoolean()).isFalse();
        assertThat(stands("146520 M42T").path("leadsAway").asBoolean())
                .as("no size is needed")
                .isTrue();
        assertThat(stands("146520 M").path("leadsAway").asBoolean()).isFalse();
        assertThat(post(path("/pressed"), pressed("1465", true))
                        .ok()
                        .path("hint")
                        .path("keys")
                        .toString())
                .isEqualTo("[\"2\",\"0\"]");

        String keys = passing();
        JsonNode done = stands(keys);
        assertThat(done.path("done").asBoolean()).as(done.toString()).isTrue();
        String run = path("/runs/" + UUID.randomUUID());
        Map<String, Object> body = Map.of("person", "Ann", "hints", 0, "pressed", pressed(keys, false));
        JsonNode kept = put(run, body).ok();
        assertThat(kept.path("slips").size()).isZero();
        assertThat(kept.path("presses").asInt())
                .isGreaterThanOrEqualTo(kept.path("least").asInt());
        put(run, body).ok();
        JsonNode again = drill("Ann");
        assertThat(again.path("runs").asInt())
                .as("the same again is the same run")
                .isOne();
        assertThat(again.path("dueOn").asString()).isEqualTo(kept.path("dueOn").asString());
        assertThat(again.path("due").asBoolean()).isFalse();
        assertThat(drill("Ben").path("runs").asInt()).isZero();
        assertThat(practice("Ann").path("next").asString())
                .as("what was never tried comes first")
                .isNotEqualTo(drill.path("channelId").asString());
        // A hint, and it is due today again.
        put(path("/runs/" + UUID.randomUUID()), Map.of("person", "Ann", "hints", 1, "pressed", pressed(keys, false)))
                .ok();
        assertThat(drill("Ann").path("due").asBoolean()).isTrue();
    }

    /** What the keys cannot do is no drill, and is not proposed for ever. */
    @Test
    void whatCannotBeKeyedIsNoDrill() {
        lines(9, "CROSS 145.350 > 433.475");
        assertThat(practice("Ann").path("drills").findValuesAsString("slot"))
                .contains("7")
                .doesNotContain("9");
    }

    @Test
    void whatIsAskedWronglyIsTold() {
        Map<String, Object> undone = Map.of("person", "Ann", "hints", 0, "pressed", pressed("1465", false));
        assertThat(put(path("/runs/" + UUID.randomUUID()), undone).problem(422, "not-done"))
                .contains("does not hold");
        Map<String, Object> nobody = Map.of("person", " ", "hints", 0, "pressed", pressed(PASSED, false));
        assertThat(put(path("/runs/" + UUID.randomUUID()), nobody).status()).isEqualTo(400);
        Map<String, Object> free = pressed("146520", false);
        free.put("channel", null);
        assertThat(post(path("/pressed"), free).ok().path("task").isNull()).isTrue();
        assertThat(put(path("/runs/" + UUID.randomUUID()), Map.of("person", "Ann", "hints", 0, "pressed", free))
                        .problem(422, "no-drill"))
                .contains("Choose a drill");
        Map<String, Object> gone = pressed("", false);
        gone.put("channel", UUID.randomUUID().toString());
        assertThat(post(path("/pressed"), gone).problem(404, "not-found")).contains("not in the list any more");
        Map<String, Object> late = pressed("1", false);
        late.put("idleMillis", -1);
        assertThat(post(path("/pressed"), late).status()).isEqualTo(400);
    }

    /** What is dialled goes out onto the invented air, and what is heard is said; a drill is not needed for that. */
    @Test
    void whatIsDialledIsKeyedUp() {
        Map<String, Object> simplex = pressed("146520", false);
        JsonNode heard = post(path("/talk"), Map.of("at", "Vellan Harbour", "pressed", simplex))
                .ok();
        assertThat(heard.path("shown").asString()).isEqualTo("146.520");
        assertThat(heard.path("says").asString()).startsWith("The transmit light came on");
        assertThat(heard.path("seen").get(0).asString()).isEqualTo("light");
        // The radio refuses what it cannot dial, and stays where it was.
        JsonNode refused = post(path("/talk"), Map.of("at", "Vellan Harbour", "pressed", pressed("118300", false)))
                .ok();
        assertThat(refused.path("shown").asString()).isEqualTo("136.000");
        assertThat(refused.path("says").asString()).endsWith("nothing was heard.");
        assertThat(post(path("/talk"), Map.of("at", "Atlantis", "pressed", simplex))
                        .status())
                .isEqualTo(422);
        post(path("/talk"), Map.of("at", " ", "pressed", simplex)).problem(400, "field-invalid");
    }

    @Test
    void freePlayAndHalfADrillAreNotKept() {
        Map<String, Object> free = pressed(PASSED, false);
        free.remove("channel");
        String run = path("/runs/" + UUID.randomUUID());
        assertThat(put(run, Map.of("person", "Ann", "hints", 0, "pressed", free))
                        .problem(422, "no-drill"))
                .contains("Free play is not kept");
        assertThat(put(run, Map.of("person", "Ann", "hints", 0, "pressed", pressed("146520 M21T", false)))
                        .problem(422, "not-done"))
                .contains("does not hold what was asked for");
        assertThat(put(run, Map.of("person", " ", "hints", 0, "pressed", pressed(PASSED, false)))
                        .problem(400, "field-invalid"))
                .contains("person must say who practised");
        assertThat(put(run, Map.of("person", "Ann", "hints", 1_001, "pressed", pressed(PASSED, false)))
                        .problem(400, "field-invalid"))
                .contains("hints must be at most 1,000");
    }
}
