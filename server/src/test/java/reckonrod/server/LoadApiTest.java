package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** Every way into a radio, through the interface of the server; each test has radios of its own. */
class LoadApiTest extends ServerTest {
    private final List<String> radios = new ArrayList<>();

    @TempDir
    private Path folder;

    @Autowired
    private ReckonrodSettings settings;

    private String list;

    @BeforeEach
    void aList() {
        list = newList(99);
        lines(1, "145.310- 71.9 SKARRA", "147.510 LEG 1", "446.000 CALL70");
    }

    @AfterEach
    void layAside() {
        radios.forEach(id -> sql.update("delete from radio_unit where id = ?", id));
        radios.clear();
    }

    private void lines(int slot, String... lines) {
        int at = slot;
        for (String line : lines) {
            change(list, version(list), edit("put", "slot", at++, "lines", List.of(line)))
                    .ok();
        }
    }

    private long version(String id) {
        return get("/api/lists/" + id).ok().path("version").asLong();
    }

    private String radio(String model) {
        String id = post(
                        "/api/radios",
                        Map.of(
                                "model",
                                model,
                                "name",
                                model + " " + UUID.randomUUID().toString().substring(0, 8),
                                "reached",
                                "simulated"))
                .ok()
                .path("id")
                .asString();
        radios.add(id);
        return id;
    }

    private JsonNode end(Answer started) {
        String id = started.ok().path("id").asString();
        return await("/api/jobs/" + id, job -> !job.path("state").asString().equals("RUNNING"));
    }

    private void act(String radio, String act) {
        post("/api/radios/" + radio + "/at-hand", Map.of("act", act)).ok();
    }

    /** Starts a transfer, and does on the radio what the screen says then. */
    private JsonNode atHand(String radio, String act, Answer started) {
        String id = started.ok().path("id").asString();
        JsonNode asks = await(
                "/api/jobs/" + id,
                job -> job.path("steps").size() > 0
                        || !job.path("state").asString().equals("RUNNING"));
        assertThat(asks.path("steps").get(0).asString()).isNotBlank();
        act(radio, act);
        return await("/api/jobs/" + id, job -> !job.path("state").asString().equals("RUNNING"));
    }

    private JsonNode read(String radio) {
        return end(post("/api/radios/" + radio + "/read", Map.of()));
    }

    private JsonNode plan(String radio, Map<String, String> settings) {
        return post("/api/radios/" + radio + "/plan", Map.of("listId", list, "settings", settings))
                .ok();
    }

    private static Map<String, Object> body(JsonNode plan, Map<String, String> settings) {
        return new HashMap<>(Map.of(
                "listId", plan.path("listId").asString(),
                "listVersion", plan.path("listVersion").asLong(),
                "snapshotId", plan.path("snapshotId").asString(),
                "takesAway", plan.path("loses").asInt(),
                "planned", plan.path("planned").asString(),
                "settings", settings));
    }

    private JsonNode write(String radio) {
        return end(post("/api/radios/" + radio + "/write", body(plan(radio, Map.of()), Map.of())));
    }

    private static void assertDone(JsonNode job) {
        assertThat(job.path("state").asString())
                .as(job.path("message").asString())
                .isEqualTo("DONE");
    }

    @ParameterizedTest
    @CsvSource({"wrenling-w40", "orvane-ov62", "dunnet-d7", "wrenling-w12"})
    void aRadioWithACableIsReadAndWritten(String model) {
        String radio = radio(model);
        assertDone(read(radio));
        JsonNode written = write(radio);
        assertDone(written);
        assertThat(written.path("message").asString()).contains("3 channels.", "own sum of all");
        assertThat(plan(radio, Map.of()).path("slots")).isEmpty();
        assertDone(read(radio));
        assertThat(get("/api/radios/" + radio)
                        .ok()
                        .path("newestSnapshot")
                        .path("channels")
                        .asInt())
                .isEqualTo(3);
    }

    @Test
    void thePersonStartsAStreamedCloneAndTheScreenLeadsThroughIt() {
        String radio = radio("kestrow-k31");
        assertDone(atHand(radio, "send", post("/api/radios/" + radio + "/read", Map.of())));
        assertDone(atHand(
                radio, "take", post("/api/radios/" + radio + "/write", body(plan(radio, Map.of()), Map.of()))));
        assertDone(atHand(radio, "send", post("/api/radios/" + radio + "/read", Map.of())));
        assertThat(get("/api/radios/" + radio)
                        .ok()
                        .path("newestSnapshot")
                        .path("channels")
                        .asInt())
                .isEqualTo(3);
        // Waiting for a person can be stopped, and leaves nothing behind.
        String waiting =
                post("/api/radios/" + radio + "/read", Map.of()).ok().path("id").asString();
        await("/api/jobs/" + waiting, job -> job.path("steps").size() > 0);
        post("/api/jobs/" + waiting + "/cancel", Map.of()).ok();
        assertThat(await(
                                "/api/jobs/" + waiting,
                                job -> !job.path("state").asString().equals("RUNNING"))
                        .path("message")
                        .asString())
                .contains("Nothing was written");
    }

    @Test
    void aCardIsInTheRadioOnlyWhenTheRadioHasExportedItAgain() {
        String radio = radio("kestrow-km90");
        assertThat(read(radio).path("message").asString()).contains("Nothing of a Kestrow KM90 is on this card");
        act(radio, "export");
        assertDone(read(radio));
        assertDone(write(radio));
        JsonNode out = get("/api/radios/" + radio).ok();
        assertThat(out.path("cardOut").path("what").asString()).isNotBlank();
        assertThat(out.path("loaded").isNull())
                .as("nothing is said to be in it")
                .isTrue();
        assertThat(read(radio).path("message").asString()).contains("not what the radio holds");
        // Exported without having been taken in.
        act(radio, "export");
        assertThat(read(radio).path("message").asString()).contains("has not taken the card in");
        assertThat(get("/api/radios/" + radio).ok().path("cardOut").isNull()).isFalse();
        assertDone(write(radio));
        act(radio, "take_in");
        act(radio, "export");
        assertThat(read(radio).path("message").asString()).contains("took the card in", "byte for byte");
        JsonNode in = get("/api/radios/" + radio).ok();
        assertThat(in.path("cardOut").isNull()).isTrue();
        assertThat(in.path("loaded").path("listId").asString()).isEqualTo(list);
        assertThat(in.path("newestSnapshot").path("channels").asInt()).isEqualTo(3);
    }

    @Test
    void aCardGoesThroughTheBrowserAsAZipAndThroughAFolder() throws IOException {
        String radio = radio("kestrow-km90");
        act(radio, "export");
        assertDone(read(radio));
        Answer card = post("/api/radios/" + radio + "/card-file", body(plan(radio, Map.of()), Map.of()));
        assertThat(card.ok().asString()).startsWith("PK");
        assertThat(get("/api/radios/" + radio).ok().path("cardOut").isNull()).isFalse();
        delete("/api/radios/" + radio + "/card-out").ok();
        assertThat(get("/api/radios/" + radio).ok().path("cardOut").isNull()).isTrue();

        Path exported = settings.dataFolder().resolve("cards").resolve(radio).resolve("KM90");
        byte[] memory = Files.readAllBytes(exported.resolve("MEMORY.BIN"));
        byte[] index = Files.readAllBytes(exported.resolve("INDEX.TXT"));
        assertDone(end(upload(radio, zip(Map.of("my copy/KM90/INDEX.TXT", index, "my copy/KM90/MEMORY.BIN", memory)))));
        assertThat(end(upload(radio, zip(Map.of("INDEX.TXT", index, "MEMORY.BIN", new byte[77]))))
                        .path("message")
                        .asString())
                .contains("77 bytes");
        assertThat(upload(radio, "no zip at all".getBytes(StandardCharsets.UTF_8))
                        .problem(422, "no-archive"))
                .contains("no zip archive");
        assertThat(upload(radio("wrenling-w12"), zip(Map.of("a", index))).problem(422, "other-way-in"))
                .contains("by a cable");

        reach(radio, "card", folder.toString()).ok();
        Files.createDirectories(folder.resolve("KM90"));
        Files.write(folder.resolve("KM90/INDEX.TXT"), index);
        Files.write(folder.resolve("KM90/MEMORY.BIN"), memory);
        assertDone(read(radio));
        assertDone(write(radio));
        assertThat(Files.readString(folder.resolve("KM90/INDEX.TXT"))).contains("written by: program");
        reach(radio, "card", folder.resolve("gone").toString()).ok();
        assertThat(read(radio).path("message").asString()).contains("There is no folder", "Nothing was written");
    }

    private static byte[] zip(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> each : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(each.getKey()));
                zip.write(each.getValue());
            }
        }
        return bytes.toByteArray();
    }

    private Answer upload(String radio, byte[] archive) {
        return send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/radios/" + radio + "/card"))
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(archive)));
    }

    private Answer reach(String radio, String reached, String at) {
        JsonNode now = get("/api/radios/" + radio).ok();
        return put(
                "/api/radios/" + radio,
                Map.of(
                        "baseVersion",
                        now.path("shelf").path("version").asLong(),
                        "name",
                        now.path("name").asString(),
                        "reached",
                        reached,
                        "at",
                        at));
    }

    @Test
    void howARadioIsReachedIsCheckedAndWrongPortsAreTold() {
        String radio = radio("wrenling-w12");
        assertThat(reach(radio, "card", "/media/card").problem(422, "other-way-in"))
                .contains("by a cable");
        assertThat(reach(radio, "serial", "ttyUSB0").problem(422, "port-not-understood"))
                .contains("/dev/ttyUSB0", "ttyUSB0");
        assertThat(reach(radio, "tcp", "localhost").problem(422, "port-not-understood"))
                .contains("localhost:4012");
        reach(radio, "serial", "/dev/ttyNOWHERE9").ok();
        assertThat(read(radio).path("message").asString())
                .contains("cannot be opened", "There is no port /dev/ttyNOWHERE9", "Nothing was written");
        reach(radio, "none", "").ok();
        assertThat(post("/api/radios/" + radio + "/read", Map.of()).problem(422, "no-port-set"))
                .contains("Choose its port");
        get("/api/ports").ok();
    }

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
        assertThat(byRadio.get(three.get(2)).path("state").asString()).isEqualTo("DONE");
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

    private String newest(String radio) {
        return get("/api/radios/" + radio)
                .ok()
                .path("newestSnapshot")
                .path("id")
                .asString();
    }
}
