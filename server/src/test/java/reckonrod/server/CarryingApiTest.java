package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** One radio carries the list in its own way: it is looked at on its display, what would change is shown first, what it can do without is named. */
class CarryingApiTest extends ServerTest {
    private String radio = "";

    private String add(String model) {
        JsonNode added = post("/api/radios", Map.of("name", "Zz carrying " + model, "model", model))
                .ok();
        radio = added.path("id").asString();
        return "/api/radios/" + radio;
    }

    /** Other tests count the radios. */
    @AfterEach
    void layAside() {
        post("/api/radios/" + radio + "/retire", Map.of());
    }

    /** What a radio would show is worked out from what the list becomes in it, and nothing is kept of the keys. */
    @Test
    void aRadioShowsTheListBeforeItIsWritten() {
        String path = add("kestrow-k31") + "/face-of-list";
        JsonNode first = post(path, Map.of("list", listId(), "slot", 6)).ok();
        assertThat(shown(first)).isEqualTo("PELL");
        JsonNode next = post(path, Map.of("list", listId(), "state", first.path("state"), "key", "DISPLAY"))
                .ok();
        assertThat(shown(next)).isEqualTo("147135");
        assertThat(shown(post(path, Map.of("list", listId(), "state", next.path("state"), "key", "TALK_DOWN"))
                        .ok()))
                .isEqualTo("147735");
        assertThat(post(path, Map.of("list", listId(), "state", next.path("state"), "key", "HOME"))
                        .problem(422, "no-such-key"))
                .contains("no key for home");
        assertThat(shown(post(path, Map.of("list", listId(), "slot", 9999)).ok()))
                .isEqualTo("CALL70");
        assertThat(post("/api/radios/crew/face-of-list", Map.of("list", listId()))
                        .problem(422, "memory-unknown"))
                .contains("Orvane OT9");
    }

    private static String shown(JsonNode answer) {
        return answer.at("/display/lines/0/rows/0/parts/0/text").asString();
    }

    /** Before a radio carries a list otherwise it is shown what that changes; then it is so, for the blocks that were named. */
    @Test
    void whatWouldChangeIsShownBeforeItIsSo() {
        String path = add("wrenling-w40");
        Map<String, Object> from = new HashMap<>(Map.of("name", "Calling", "from", 190));
        Map<String, Object> out = new HashMap<>(Map.of("name", "Listen only"));
        Map<String, Object> places = Map.of("places", "same", "by", 0, "blocks", List.of(from, out));
        JsonNode now = get(path + "/fit?list=" + listId()).ok();
        JsonNode shown = post(path + "/fit-if?list=" + listId(), Map.of("places", places))
                .ok();
        assertThat(shown.at("/changes/0/now/mark").asString()).isEqualTo("left_out");
        assertThat(shown.at("/changes/0/then/place").asInt()).isEqualTo(190);
        assertThat(get(path + "/fit?list=" + listId()).ok()).isEqualTo(now);

        put(path + "/places", places).ok();
        JsonNode then = get(path + "/fit?list=" + listId()).ok();
        assertThat(then.path("leftOut").asInt())
                .isEqualTo(shown.at("/then/leftOut").asInt());
        assertThat(then.at("/placements/0/place").asInt()).isEqualTo(190);
        assertThat(get(path + "/fit?list=" + listId()).ok()).isEqualTo(then);
        // The other radio of the model goes on as the list says.
        assertThat(get("/api/radios/pocket/fit?list=" + listId())
                        .ok()
                        .at("/placements/1/place")
                        .asInt())
                .isEqualTo(1);
        assertThat(post(path + "/fit-if?list=" + listId(), Map.of("model", "orvane-ot9"))
                        .ok()
                        .at("/then/leftOut")
                        .asInt())
                .isGreaterThan(5);
        assertThat(put(path + "/places", Map.of("places", "same", "by", 0, "blocks", List.of(from, from)))
                        .problem(422, "block-twice"))
                .contains("Calling");
        from.put("from", 10_000);
        assertThat(put(path + "/places", places).problem(400, "field-invalid")).contains("0 to 9,999");
    }

    /** Channels that another one covers are named, and left out of this radio all at once. */
    @Test
    void whatCanBeDoneWithoutIsNamedAndLeftOut() {
        String path = add("wrenling-w12");
        JsonNode far = get(path + "/spare?from=Skarra&list=" + listId()).ok();
        assertThat(far.toString()).contains("spare-out-of-reach").contains("spare-looks-dead");
        assertThat(get(path + "/spare?from=xyzzy&list=" + listId()).problem(422, "place-unknown"))
                .contains("xyzzy");
        List<String> channels = new ArrayList<>();
        far.forEach(each -> channels.add(each.path("channelId").asString()));
        post(path + "/leave-out", Map.of("channels", channels)).ok();
        assertThat(get(path + "/fit?list=" + listId()).ok().path("leftOut").asInt())
                .isGreaterThanOrEqualTo(channels.size());
        assertThat(get(path + "/spare?from=Skarra&list=" + listId()).ok()).isEmpty();
    }

    /** A change of the list that makes it worse for a radio says so before it is made. */
    @Test
    void whatAChangeOfTheListDoesToTheRadiosIsShownFirst() {
        String first = list().at("/rows/0/id").asString();
        JsonNode preview = post(
                        "/api/lists/" + listId() + "/changes/preview",
                        Map.of(
                                "baseVersion",
                                version(),
                                "edits",
                                List.of(edit("rewrite", "channel", first, "line", "FAR TOO LONG 146.520"))))
                .ok();
        JsonNode blue = null;
        for (JsonNode each : preview.path("radios")) {
            blue = each.path("radio").asString().equals("W12 · blue") ? each : blue;
        }
        assertThat(blue).isNotNull();
        assertThat(blue.at("/then/exact").asInt())
                .isEqualTo(blue.at("/now/exact").asInt() - 1);
        assertThat(blue.at("/then/adapted").asInt())
                .isEqualTo(blue.at("/now/adapted").asInt() + 1);
        assertThat(blue.path("worse").toString()).isEqualTo("[\"FAR TOO LONG adapted\"]");
        // The car shows 16 characters: nothing is said of it.
        assertThat(preview.path("radios").toString()).doesNotContain("KM90 · car");
    }

    /** What other people send: nothing of it is taken for something else, and nothing breaks. */
    @Test
    void whatCannotBeMeantIsRefused() {
        String path = add("orvane-ov62");
        String face = path + "/face-of-list";
        Map<String, Object> odd =
                new HashMap<>(Map.of("on", true, "slot", -7, "otherSlot", 70_000, "secondLine", true));
        odd.putAll(Map.of("bank", 99, "shown", -1, "am", true, "held", "SCAN"));
        JsonNode shown = post(face, Map.of("list", listId(), "state", odd, "key", "MOMENT"))
                .ok();
        assertThat(shown.at("/display/lines").size()).isEqualTo(2);
        assertThat(shown.at("/state/bank").asInt()).isZero();
        assertThat(post(face, Map.of("list", listId(), "key", "SING")).status()).isEqualTo(400);
        assertThat(post(face, Map.of()).problem(400, "field-invalid")).contains("list");
        assertThat(post(path + "/fit-if?list=" + listId(), Map.of("model", "no-such"))
                        .problem(422, "radio-model-unknown"))
                .contains("no-such");
        assertThat(post(path + "/leave-out", Map.of("channels", List.of())).problem(400, "field-invalid"))
                .contains("a channel or more");
        assertThat(put(path + "/places", Map.of("places", "sideways", "by", 0)).status())
                .isEqualTo(400);
        JsonNode untouched = get("/api/radios").ok();
        assertThat(untouched.toString()).doesNotContain("sideways");
        // An old client says nothing of blocks, and takes none away from the list.
        put(path + "/places", Map.of("places", "packed", "by", 0)).ok();
        assertThat(get(path + "/fit?list=" + listId()).ok().toString()).doesNotContain("does not go into");
    }
}
