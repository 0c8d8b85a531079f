package reckonrod.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Predicate;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Two programs on one database. One is suspended, as by a closed lid, and comes back: nothing is ever silently wrong. */
class SeveralProgramsIT {
    // -Drounds=10 suspends twenty here.
    private static final int ROUNDS = Integer.getInteger("rounds", 4);
    private static final List<String> RADIOS = List.of("blue", "red");

    private static Path cluster;
    private static List<String> database;
    private static Program first;
    private static Program second;

    @BeforeAll
    static void start() throws IOException, InterruptedException, SQLException {
        cluster = Program.clusterFolder("two");
        database = Program.cluster("start", cluster.toString(), "5760");
        // What is proven here is not what a power cut does.
        try (Connection connection = DriverManager.getConnection(database.get(0), database.get(1), database.get(2))) {
            connection.createStatement().execute("alter system set synchronous_commit = off");
            connection.createStatement().execute("select pg_reload_conf()");
        }
        // The first brings the demo data in, with the usual lease: on a busy machine a start may stand still for longer
        // than two seconds. It is the second that gives up what the first has begun.
        first = Program.start(
                "first", database, cluster.resolve("first"), Map.of("RECKONROD_REAL_LINE_SPEED", "false"));
        second = Program.start(
                "second",
                database,
                cluster.resolve("second"),
                Map.of("RECKONROD_LEASE", "2s", "RECKONROD_REAL_LINE_SPEED", "false"));
    }

    @AfterAll
    static void stop() throws IOException, InterruptedException {
        for (Program program : Arrays.asList(first, second)) {
            if (program != null) {
                program.stop();
            }
        }
        Program.cluster("stop", cluster.toString());
    }

    @AfterEach
    void goOn() throws InterruptedException {
        first.signal("CONT");
    }

    private static JsonElement get(Program program, String path) throws IOException, InterruptedException {
        HttpResponse<String> answer = program.ask("GET", path, null);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return JsonParser.parseString(answer.body());
    }

    private static JsonElement await(Program program, String path, Predicate<JsonElement> wanted)
            throws IOException, InterruptedException {
        JsonElement body = get(program, path);
        for (int i = 0; i < 400 && !wanted.test(body); i++) {
            Thread.sleep(50);
            body = get(program, path);
        }
        assertThat(wanted.test(body)).as(body.toString()).isTrue();
        return body;
    }

    private static String text(JsonElement json, String member) {
        return json.getAsJsonObject().get(member).getAsString();
    }

    private static JsonObject idle(Program program, String radio) throws IOException, InterruptedException {
        return await(
                        program,
                        "/api/radios/" + radio + "/newest-job",
                        jobs -> !text(jobs.getAsJsonArray().get(0), "state").equals("RUNNING"))
                .getAsJsonArray()
                .get(0)
                .getAsJsonObject();
    }

    /** What lies in a radio and what its newest snapshot says; the simulated radios are kept in the database. */
    private static boolean isWhatTheScreenSays(String radio) throws SQLException {
        try (Connection connection = DriverManager.getConnection(database.get(0), database.get(1), database.get(2));
                PreparedStatement query = connection.prepareStatement(
                        "select memory, (select image from snapshot s where"
                                + " s.radio_id = r.radio_id order by taken_at desc limit 1) from simulated_radio r where radio_id = ?")) {
            query.setString(1, radio);
            try (ResultSet rows = query.executeQuery()) {
                assertThat(rows.next()).isTrue();
                return Arrays.equals(rows.getBytes(1), rows.getBytes(2));
            }
        }
    }

    private static String list() throws IOException, InterruptedException {
        return text(get(first, "/api/lists").getAsJsonArray().get(0), "id");
    }

    /** A writer that wakes late may spoil one putting back, which must say so; the next one holds. */
    private static void putBack(String radio, String snapshot) throws IOException, InterruptedException, SQLException {
        for (int i = 0; i < 2; i++) {
            assertThat(second.ask("POST", "/api/radios/" + radio + "/restore", "{\"snapshotId\":\"" + snapshot + "\"}")
                            .statusCode())
                    .isEqualTo(202);
            if (text(idle(second, radio), "state").equals("DONE") && isWhatTheScreenSays(radio)) {
                return;
            }
            await(
                    second,
                    "/api/radios/" + radio,
                    view -> view.getAsJsonObject().get("halfWritten").getAsBoolean());
        }
        throw new AssertionError(radio + " could not be put back twice");
    }

    @Test
    void aProgramThatStoodStillNeverSpoilsARadioInSilence() throws IOException, InterruptedException, SQLException {
        Random random = new Random(11);
        String list = list();
        int takenOver = 0;
        int toldHalf = 0;
        for (int round = 0; round < ROUNDS; round++) {
            String[] before = new String[RADIOS.size()];
            for (String radio : RADIOS) {
                assertThat(first.ask("POST", "/api/radios/" + radio + "/read", "{}")
                                .statusCode())
                        .isEqualTo(202);
            }
            for (int i = 0; i < before.length; i++) {
                String radio = RADIOS.get(i);
                idle(first, radio);
                JsonObject difference = get(first, "/api/radios/" + radio + "/difference?list=" + list)
                        .getAsJsonObject();
                before[i] = text(difference, "snapshotId");
                assertThat(first.ask(
                                        "POST",
                                        "/api/radios/" + radio + "/write",
                                        "{\"listId\":\"" + list + "\",\"listVersion\":"
                                                + difference.get("listVersion") + ",\"snapshotId\":\"" + before[i]
                                                + "\",\"takesAway\":"
                                                + difference.get("loses") + "}")
                                .statusCode())
                        .isEqualTo(202);
            }
            // A write asks for one sum before it begins, and is through in a fraction of a second on a fast line.
            Thread.sleep(random.nextInt(80));
            first.signal("STOP");
            for (int i = 0; i < before.length; i++) {
                takenOver += text(idle(second, RADIOS.get(i)), "state").equals("INTERRUPTED") ? 1 : 0;
                second.ask(
                        "POST", "/api/radios/" + RADIOS.get(i) + "/restore", "{\"snapshotId\":\"" + before[i] + "\"}");
            }
            Thread.sleep(random.nextInt(600));
            first.signal("CONT");
            Thread.sleep(500);
            for (int i = 0; i < before.length; i++) {
                String radio = RADIOS.get(i);
                idle(second, radio);
                JsonObject view = get(second, "/api/radios/" + radio).getAsJsonObject();
                boolean half = view.get("halfWritten").getAsBoolean();
                toldHalf += half ? 1 : 0;
                assertThat(half || isWhatTheScreenSays(radio))
                        .as("round " + round + ", " + radio)
                        .isTrue();
                putBack(radio, before[i]);
            }
        }
        System.out.println(2 * ROUNDS + " suspended: " + takenOver + " taken over, " + toldHalf
                + " told as half written at the end");
        assertThat(takenOver).isPositive();
    }

    /** A reader of a listing that stood still keeps nothing more once another one has gone on. */
    @Test
    void aReaderThatStoodStillDoesNotMeetTheNextOne() throws IOException, InterruptedException {
        StringBuilder csv = new StringBuilder("Key,Call,Site,Output MHz,Shift\n");
        for (int i = 0; i < 20_000; i++) {
            csv.append("zz").append(i).append(",QV1ZZ,Site ").append(i).append(",145.3125,-0.6\n");
        }
        HttpResponse<String> brought = Program.HTTP.send(
                HttpRequest.newBuilder(URI.create(first.address() + "/api/imports?name=zz-two.csv"))
                        .header("Content-Type", "application/octet-stream")
                        .POST(HttpRequest.BodyPublishers.ofString(csv.toString()))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        String path = "/api/imports/" + text(JsonParser.parseString(brought.body()), "id");
        first.ask("PUT", path + "/columns", "{\"columns\":[\"KEY\",\"CALL_SIGN\",\"SITE\",\"OUTPUT\",\"SHIFT\"]}");
        await(first, path, view -> view.getAsJsonObject().get("rowsRead").getAsInt() > 0);
        first.signal("STOP");
        await(second, path, view -> text(view, "state").equals("broken_off"));
        assertThat(second.ask("POST", path + "/go-on", "{}").statusCode()).isEqualTo(200);
        Thread.sleep(300);
        first.signal("CONT");
        JsonObject read = await(second, path, view -> !text(view, "state").equals("reading"))
                .getAsJsonObject();
        assertThat(text(read, "state")).isEqualTo("read");
        assertThat(text(read, "message")).isEmpty();
        assertThat(read.getAsJsonObject("counts").get("added").getAsInt()).isEqualTo(20_000);
        Thread.sleep(1_000);
        assertThat(get(first, path)).isEqualTo(get(second, path));
        first.ask("DELETE", path, null);
    }

    /** An edit in one is seen in the other, and one that is based on less is turned down there. */
    @Test
    void bothShowTheSameListAndRadio() throws IOException, InterruptedException {
        String list = list();
        String version = get(first, "/api/lists/" + list)
                .getAsJsonObject()
                .get("version")
                .toString();
        String edit = "{\"baseVersion\":" + version
                + ",\"edits\":[{\"kind\":\"put\",\"slot\":140,\"lines\":[\"146.565 Zz both\"]}]}";
        assertThat(first.ask("POST", "/api/lists/" + list + "/changes", edit).statusCode())
                .isEqualTo(200);
        assertThat(get(second, "/api/lists/" + list).toString()).contains("146.565 Zz both");
        assertThat(second.ask("POST", "/api/lists/" + list + "/changes", edit).statusCode())
                .isEqualTo(409);
        String next = get(second, "/api/lists/" + list)
                .getAsJsonObject()
                .get("version")
                .toString();
        assertThat(second.ask("POST", "/api/lists/" + list + "/undo", "{\"baseVersion\":" + next + "}")
                        .statusCode())
                .isEqualTo(200);
        first.ask("POST", "/api/radios/blue/face", "{\"key\":\"POWER\"}");
        JsonElement shown = JsonParser.parseString(
                first.ask("POST", "/api/radios/blue/face", "{\"key\":\"UP\"}").body());
        assertThat(get(second, "/api/radios/blue/face")).isEqualTo(shown);
        second.ask("POST", "/api/radios/blue/face", "{\"key\":\"POWER\"}");
    }
}
