package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a write is planned to do, what was changed on the radio since, what is kept for later, and the way back. */
class WritePlanApiTest extends RadiosTest {
    /** What was changed on the radio since is told, can be kept, and is written over only when that is meant. */
    @Test
    void whatWasChangedOnTheRadioSinceIsTold() {
        String radio = radio("wrenling-w12");
        read(radio);
        assertDone(write(radio));
        // Slot 1 gets another power, by hand: one bit of its record.
        sql.update(
                "update simulated_radio set memory = set_byte(memory, 94, get_byte(memory, 94) # 1) where radio_id = ?",
                radio);
        assertDone(read(radio));
        JsonNode plan = plan(radio, Map.of());
        assertThat(plan.path("drifted").asInt()).isEqualTo(1);
        assertThat(plan.path("mustBeAsked").asBoolean()).isTrue();
        JsonNode slot = plan.path("slots").get(0);
        assertThat(slot.path("origin").asString()).isEqualTo("changed_since");
        assertThat(slot.path("written").path("power").asString())
                .isNotEqualTo(slot.path("change").path("before").path("power").asString());
        assertDone(write(radio));
        assertThat(plan(radio, Map.of()).path("slots")).isEmpty();
    }

    @Test
    void settingsGoWithTheChannelsAndWhatTheLinkCannotReachIsAChecklist() {
        String radio = radio("wrenling-w40");
        read(radio);
        JsonNode settings = get("/api/radios/" + radio).ok().path("settings");
        Map<String, String> advised = new HashMap<>();
        settings.forEach(each -> {
            if (each.path("inMemory").asBoolean()) {
                advised.put(each.path("name").asString(), each.path("advised").asString());
            }
        });
        assertThat(advised).isNotEmpty();
        JsonNode plan = plan(radio, advised);
        assertDone(end(post("/api/radios/" + radio + "/write", body(plan, advised))));
        assertDone(read(radio));
        get("/api/radios/" + radio).ok().path("settings").forEach(each -> {
            if (each.path("inMemory").asBoolean()) {
                assertThat(each.path("value").asString())
                        .isEqualTo(each.path("advised").asString());
            }
        });
        assertThat(post("/api/radios/" + radio + "/plan", Map.of("listId", list, "settings", Map.of("no such", "on")))
                        .problem(422, "plan-refused"))
                .contains("no such");
        String name = advised.keySet().iterator().next();
        assertThat(post("/api/radios/" + radio + "/plan", Map.of("listId", list, "settings", Map.of(name, "perhaps")))
                        .problem(422, "plan-refused"))
                .contains("perhaps");

        JsonNode steps = get("/api/radios/" + radio + "/by-hand").ok();
        assertThat(steps.toString()).contains("AM switch");
        String step = steps.get(0).path("id").asString();
        put("/api/radios/" + radio + "/by-hand/" + step, Map.of("done", true)).ok();
        lines(9, "147.540 LEG 2");
        assertDone(write(radio));
        assertThat(get("/api/radios/" + radio + "/by-hand")
                        .ok()
                        .get(0)
                        .path("doneAt")
                        .isNull())
                .as("what is of the radio stays done")
                .isFalse();
    }

    /** Three plans in a row: one that cannot be made any more stops neither of the others. */
    @Test
    void plansAreKeptAndMadeOneAfterTheOther() {
        List<String> kept = new ArrayList<>();
        List<String> three = List.of(radio("wrenling-w12"), radio("wrenling-w40"), radio("orvane-ov62"));
        for (String radio : three) {
            read(radio);
            JsonNode plan = post("/api/radios/" + radio + "/plans", body(plan(radio, Map.of()), Map.of()))
                    .ok();
            assertThat(plan.path("says").asString()).isEqualTo("3 new");
            assertThat(plan.path("lines").get(0).asString())
                    .contains("Slot 1: new free → SKARRA 145.310, talk 144.710");
            kept.add(plan.path("id").asString());
        }
        sql.update(
                "update simulated_radio set memory = set_byte(memory, 7, get_byte(memory, 7) # 1) where radio_id = ?",
                three.get(1));
        post("/api/plans/run", Map.of("plans", kept)).ok();
        JsonNode end = await("/api/plans", all -> {
            List<String> states = new ArrayList<>();
            all.forEach(each -> {
                if (kept.contains(each.path("id").asString())) {
                    states.add(each.path("state").asString());
                }
            });
            return !states.contains("WAITING") && !states.contains("RUNNING");
        });
        Map<String, JsonNode> byRadio = new HashMap<>();
        end.forEach(each -> byRadio.put(each.path("radioId").asString(), each));
        assertThat(byRadio.get(three.get(0)).path("state").asString()).isEqualTo("DONE");
        assertThat(byRadio.get(three.get(1)).path("state").asString()).isEqualTo("FAILED");
        assertThat(byRadio.get(three.get(1)).path("message").asString()).contains("changed since it was read");
        assertThat(byRadio.get(three.get(2)).path("state").asString())
                .as(byRadio.get(three.get(2)).path("message").asString())
                .isEqualTo("DONE");
        // A plan whose list was changed since is told as such before anybody makes it.
        JsonNode stale = post("/api/radios/" + three.get(0) + "/plans", body(plan(three.get(0), Map.of()), Map.of()))
                .ok();
        lines(12, "147.570 LEG 3");
        get("/api/plans").ok().forEach(each -> {
            if (each.path("id").equals(stale.path("id"))) {
                assertThat(each.path("stale").asString()).contains("was changed since");
            }
        });
        delete("/api/plans/" + stale.path("id").asString()).ok();
    }

    @Test
    void snapshotsAreNamedHandedOnAndComparedAndWhatIsNeededStays() {
        String radio = radio("wrenling-w12");
        String sister = radio("wrenling-w12");
        read(radio);
        String empty = newest(radio);
        write(radio);
        String written = newest(radio);
        put("/api/snapshots/" + empty, Map.of("name", "from the shop", "note", "", "kept", true))
                .ok();
        assertThat(delete("/api/snapshots/" + empty).problem(409, "snapshot-kept"))
                .contains("mark");
        assertThat(delete("/api/snapshots/" + written).problem(409, "snapshot-needed"))
                .contains("what was written");
        String text = get("/api/snapshots/" + written + "/file").ok().asString();
        assertThat(text).startsWith("reckonrod snapshot: 1\nmodel: wrenling-w12\n");
        Map<String, String> file = Map.of("text", text);
        assertThat(post("/api/radios/" + sister + "/snapshots", file).problem(422, "not-read-yet"))
                .contains("Read the radio");
        read(sister);
        String brought = post("/api/radios/" + sister + "/snapshots", file)
                .ok()
                .path("id")
                .asString();
        assertThat(newest(sister)).as("it is not what the radio holds now").isNotEqualTo(brought);
        assertThat(post("/api/radios/" + sister + "/snapshots", Map.of("text", text.replace("A", "B")))
                        .problem(422, "snapshot-not-read"))
                .contains("damaged");
        assertThat(post("/api/radios/" + radio("wrenling-w40") + "/snapshots", file)
                        .problem(422, "snapshot-of-another-model"))
                .contains("wrenling-w12");
        assertThat(get("/api/radios/" + sister + "/snapshots/" + brought + "/beside/" + radio + "/" + empty)
                        .ok()
                        .path("slots"))
                .hasSize(3);
        delete("/api/snapshots/" + brought).ok();
        assertThat(get("/api/snapshots/thinning").ok().path("going")).isEmpty();
        sql.update(
                "update snapshot set taken_at = taken_at - interval '400 days', kept = false, name = ''  where radio_id = ? and id <> ?::uuid",
                radio,
                written);
        read(radio);
        assertThat(get("/api/snapshots/thinning").ok().path("going"))
                .as("the oldest and the newest stay")
                .isEmpty();
        // It was reset: told, with the way back.
        sql.update(
                "update simulated_radio set memory = (select image from snapshot where id = ?::uuid) where radio_id = ?",
                empty,
                radio);
        assertThat(read(radio).path("message").asString()).contains("holds no channel any more");
        assertThat(get("/api/radios/" + radio)
                        .ok()
                        .path("heldBeforeReset")
                        .path("channels")
                        .asInt())
                .isEqualTo(3);
    }
}
