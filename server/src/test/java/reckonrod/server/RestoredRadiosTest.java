package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.ContextConfiguration;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.sim.SimulatedRadio;
import reckonrod.sim.cable.LineClock;
import reckonrod.sim.cable.TcpRadio;
import reckonrod.sim.cable.Trouble;
import tools.jackson.databind.JsonNode;

/**
 * Real radios, which no archive holds: whatever is written, broken off, backed up, restored and retired in whatever order, nothing is
 * said of them that is not so. {@code -Dsequences=200} tries more orders.
 */
@ContextConfiguration(initializers = OwnDatabase.class, inheritInitializers = false)
class RestoredRadiosTest extends RadiosTest {
    private static final int SEQUENCES = Integer.getInteger("sequences", 2);
    private static final RadioDefinition W12 =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();

    private final Map<String, SimulatedRadio> real = new HashMap<>();
    private final List<TcpRadio> ports = new ArrayList<>();

    /** What is true of each radio, kept by the test: which list it holds as it is, and whether a write broke off. */
    private final Map<String, String> holds = new HashMap<>();

    private final Map<String, Boolean> half = new HashMap<>();

    private String other;

    @BeforeEach
    void twoListsAndTwoRealRadios() throws IOException {
        other = newList(99);
        change(other, 0, edit("put", "slot", 5, "lines", List.of("146.520 OTHER")))
                .ok();
        for (String name : List.of("real one ", "real two ")) {
            addReal(name + UUID.randomUUID().toString().substring(0, 6));
        }
    }

    private String addReal(String name) throws IOException {
        SimulatedRadio radio = SimulatedRadio.passing(
                W12, W12.line().firmware().orElseThrow(), SimulatedRadio.fresh(W12, name.hashCode()));
        TcpRadio port = new TcpRadio(() -> radio.plugIn(LineClock.counting()), 0);
        ports.add(port);
        String id = post(
                        "/api/radios",
                        Map.of(
                                "model",
                                "wrenling-w12",
                                "name",
                                name,
                                "reached",
                                "tcp",
                                "at",
                                "127.0.0.1:" + port.address().getPort()))
                .ok()
                .path("id")
                .asString();
        real.put(id, radio);
        half.put(id, false);
        return id;
    }

    @AfterEach
    void closePorts() throws IOException {
        for (TcpRadio each : ports) {
            each.close();
        }
    }

    private byte[] archive() throws IOException, InterruptedException {
        HttpResponse<byte[]> made = HttpClient.newHttpClient()
                .send(request("/api/archive").GET().build(), HttpResponse.BodyHandlers.ofByteArray());
        assertThat(made.statusCode()).isEqualTo(200);
        return made.body();
    }

    private void restore(byte[] archive) {
        String id = send(request("/api/archive")
                        .setHeader("Content-Type", "application/octet-stream")
                        .POST(HttpRequest.BodyPublishers.ofByteArray(archive)))
                .ok()
                .path("id")
                .asString();
        send(request("/api/archive/" + id + "/restore").POST(HttpRequest.BodyPublishers.noBody()))
                .ok();
    }

    private boolean readDone(String radio) {
        return end(post("/api/radios/" + radio + "/read", Map.of()))
                .path("state")
                .asString()
                .equals("DONE");
    }

    /** Writes a list; where the cable is pulled, the radio is half written in truth. */
    private void write(String radio, String which, boolean pulled) {
        Answer plan = post("/api/radios/" + radio + "/plan", Map.of("listId", which, "settings", Map.of()));
        if (plan.status() >= 300) {
            return;
        }
        byte[] before = real.get(radio).memory().image().toBytes();
        real.get(radio).setTrouble(pulled ? new Trouble.PulledWhileWriting(40) : new Trouble.None());
        Answer begun = post("/api/radios/" + radio + "/write", body(plan.ok(), Map.of()));
        if (begun.status() >= 300) {
            return;
        }
        JsonNode ended = end(begun);
        real.get(radio).setTrouble(new Trouble.None());
        if (ended.path("state").asString().equals("DONE")) {
            holds.put(radio, which);
            half.put(radio, false);
        } else if (ended.path("message").asString().contains("half written")) {
            half.put(radio, true);
            holds.remove(radio);
        } else {
            assertThat(real.get(radio).memory().image().toBytes()).isEqualTo(before);
        }
    }

    private void putBack(String radio) {
        String snapshot =
                get("/api/radios/" + radio).ok().path("snapshotToPutBack").asString("");
        if (!snapshot.isEmpty()
                && end(post("/api/radios/" + radio + "/restore", Map.of("snapshotId", snapshot)))
                        .path("state")
                        .asString()
                        .equals("DONE")) {
            half.put(radio, false);
            holds.remove(radio);
        }
    }

    /** Every statement that the interface makes of a real radio, against the radio itself. */
    private void assertNothingFalse(String after) {
        Map<String, JsonNode> shown = new HashMap<>();
        get("/api/radios").ok().forEach(each -> shown.put(each.path("id").asString(), each));
        get("/api/radios/retired")
                .ok()
                .forEach(each -> shown.put(each.path("id").asString(), each));
        for (String radio : real.keySet()) {
            String what = radio + " after " + after;
            JsonNode view = shown.get(radio);
            if (view == null) {
                assertThat(half.get(radio))
                        .as(what + ": a half-written radio is gone")
                        .isFalse();
                continue;
            }
            assertThat(view.path("halfWritten").asBoolean()).as(what).isEqualTo(half.get(radio));
            if (half.get(radio)) {
                assertThat(view.path("snapshotToPutBack").isNull()).as(what).isFalse();
            }
            if (!view.path("loaded").isNull()) {
                assertThat(view.path("loaded").path("listId").asString())
                        .as(what)
                        .isEqualTo(holds.get(radio));
            }
            boolean known = view.path("unknownSince").isNull();
            if (!known) {
                assertThat(get("/api/radios/" + radio + "/newest-job").ok())
                        .as(what + ": what a transfer said before")
                        .allSatisfy(job ->
                                assertThat(job.path("message").asString()).doesNotContain("holds"));
            }
            if (known && !view.path("newestSnapshot").isNull() && !half.get(radio)) {
                JsonNode said = get("/api/radios/" + radio + "/snapshots").ok().get(0);
                byte[] image = sql.queryForObject(
                        "select image from snapshot where id = ?::uuid",
                        byte[].class,
                        said.path("id").asString());
                assertThat(image)
                        .as(what + ": the newest snapshot stands for what it holds")
                        .isEqualTo(real.get(radio).memory().image().toBytes());
            }
        }
        for (String each : List.of(list, other)) {
            if (get("/api/lists/" + each).status() != 200) {
                continue;
            }
            get("/api/prove/readiness?list=" + each + "&since=2020-01-01")
                    .ok()
                    .path("radios")
                    .forEach(ready -> {
                        String radio = ready.path("id").asString();
                        if (real.containsKey(radio) && ready.path("current").asBoolean()) {
                            assertThat(holds.get(radio))
                                    .as(radio + " after " + after + ": " + ready)
                                    .isEqualTo(each);
                        }
                        if (real.containsKey(radio)) {
                            assertThat(ready.path("says").asString())
                                    .as(radio + " after " + after)
                                    .matches(says -> !says.contains("Holds") || holds.containsKey(radio));
                        }
                    });
        }
        get("/api/lists/overview")
                .ok()
                .forEach(overview -> overview.path("radios").forEach(holding -> {
                    String radio = holding.path("radioId").asString();
                    if (real.containsKey(radio)) {
                        assertThat(holds.get(radio))
                                .as(radio + " after " + after + ": " + holding)
                                .isEqualTo(overview.path("id").asString());
                    }
                }));
    }

    @Test
    void nothingFalseIsSaidWhateverTheOrder() throws Exception {
        for (int sequence = 0; sequence < SEQUENCES; sequence++) {
            Random random = new Random(sequence);
            StringBuilder did = new StringBuilder("sequence " + sequence + ":");
            byte[] kept = archive();
            List<String> snapshotsSince = new ArrayList<>();
            for (int step = 0; step < 9; step++) {
                List<String> radios = new ArrayList<>(real.keySet());
                String radio = radios.get(random.nextInt(radios.size()));
                if (get("/api/radios/" + radio).status() != 200) {
                    continue;
                }
                String which = random.nextBoolean() ? list : other;
                boolean listThere = get("/api/lists/" + which).status() == 200;
                switch (random.nextInt(8)) {
                    case 0 -> {
                        did.append(" read ").append(radio);
                        if (readDone(radio)) {
                            snapshotsSince.add(newest(radio));
                        }
                    }
                    case 1, 2 -> {
                        did.append(" write ").append(radio);
                        if (listThere) {
                            readDone(radio);
                            write(radio, which, false);
                        }
                    }
                    case 3 -> {
                        did.append(" half-write ").append(radio);
                        if (listThere) {
                            readDone(radio);
                            write(radio, which, true);
                        }
                    }
                    case 4 -> {
                        did.append(" put-back ").append(radio);
                        putBack(radio);
                    }
                    case 5 -> {
                        did.append(" backup");
                        kept = archive();
                        snapshotsSince.clear();
                    }
                    case 6 -> {
                        did.append(" restore");
                        restore(kept);
                        for (String snapshot : snapshotsSince) {
                            assertThat(sql.queryForObject(
                                            "select count(*) from snapshot where id = ?::uuid",
                                            Integer.class,
                                            snapshot))
                                    .as("a snapshot taken after the archive was made, " + did)
                                    .isEqualTo(1);
                        }
                    }
                    default -> {
                        did.append(" retire/reuse ").append(radio);
                        boolean retired = !get("/api/radios/" + radio)
                                .ok()
                                .path("shelf")
                                .path("retired")
                                .isNull();
                        post("/api/radios/" + radio + (retired ? "/take-up" : "/retire"), Map.of());
                    }
                }
                assertNothingFalse(did.toString());
            }
        }
    }

    /** A radio that was added after the archive was made, and broke off: it stays, and so does its mark. */
    @Test
    void aHalfWrittenRadioThatTheArchiveDoesNotKnowStays() throws Exception {
        byte[] kept = archive();
        String late = addReal("late one");
        readDone(late);
        write(late, list, true);
        assertThat(half.get(late)).isTrue();
        restore(kept);
        assertNothingFalse("restore");
        assertThat(get("/api/radios/" + late).ok().path("halfWritten").asBoolean())
                .isTrue();
        putBack(late);
        assertNothingFalse("putting back");
        assertThat(get("/api/radios/" + late).ok().path("unknownSince").isNull())
                .isTrue();
        // Nothing is planned against contents that nobody knows.
        restore(kept);
        assertThat(post("/api/radios/" + late + "/plan", Map.of("listId", list, "settings", Map.of()))
                        .problem(422, "not-read-yet"))
                .contains("An archive was restored since late one was last read");
    }
}
