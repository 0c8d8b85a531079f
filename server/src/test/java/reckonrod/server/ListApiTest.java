package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class ListApiTest extends ServerTest {
    private String path(String rest) {
        return "/api/lists/" + listId() + rest;
    }

    private JsonNode rowAt(int slot) {
        return list().path("rows")
                .valueStream()
                .filter(row -> row.path("slot").asInt() == slot)
                .findFirst()
                .orElse(null);
    }

    private String idAt(int slot) {
        return rowAt(slot).path("id").asString();
    }

    private Answer put(int slot, String line) {
        return change(listId(), version(), edit("put", "slot", slot, "lines", List.of(line)));
    }

    @Test
    void theDemoListIsTheVellanIslesWithoutAFaultInIt() {
        JsonNode list = list();
        assertThat(list.path("rows").size()).isBetween(28, 33);
        List<String> doubts = list.path("rows")
                .valueStream()
                .flatMap(row -> row.path("findings").valueStream())
                .filter(finding -> !finding.path("severity").asString().equals("note"))
                .map(finding -> finding.path("code").asString())
                .toList();
        assertThat(doubts).as("Fell Top was confirmed years ago").containsExactly("entry-old");
    }

    @Test
    void everyChangeCanBeUndoneAndDoneAgain() {
        JsonNode before = list().path("rows");
        JsonNode put = put(60, "SKARRA 145.310- 71.9").ok();
        assertThat(put.path("slot").asInt()).isEqualTo(60);
        JsonNode row = rowAt(60);
        assertThat(row.path("sum").path("talk").asString()).isEqualTo("144.710");
        assertThat(row.path("fits").get(0).path("mark").asString()).isEqualTo("exact");
        String id = idAt(60);
        change(listId(), version(), edit("rewrite", "channel", id, "line", "SKARRA 145.310- 77.0"))
                .ok();
        change(listId(), version(), edit("move", "channel", id, "slot", 61)).ok();
        change(listId(), version(), edit("pin", "channel", id, "pinned", true)).ok();
        Answer refused = change(listId(), version(), edit("move", "channel", id, "slot", 62));
        assertThat(refused.problem(422, "change-refused")).contains("pinned to slot 61");
        change(listId(), version(), edit("delete", "channel", id)).ok();
        JsonNode after = list().path("rows");
        for (int i = 0; i < 5; i++) {
            post(path("/undo"), Map.of("baseVersion", version())).ok();
        }
        assertThat(list().path("rows")).isEqualTo(before);
        assertThat(list().path("redo").asString()).isEqualTo("Put SKARRA");
        for (int i = 0; i < 5; i++) {
            post(path("/redo"), Map.of("baseVersion", version())).ok();
        }
        assertThat(list().path("rows")).isEqualTo(after).isEqualTo(before);
        assertThat(post(path("/redo"), Map.of("baseVersion", version())).problem(422, "nothing-to-move-to"))
                .contains("nothing to redo");
        JsonNode history = get(path("/history")).ok();
        assertThat(history.get(1).path("summary").asString()).isEqualTo("Pin SKARRA at slot 61");
        post(
                        path("/restore"),
                        Map.of(
                                "baseVersion",
                                version(),
                                "revision",
                                history.get(1).path("revision").asLong()))
                .ok();
        assertThat(rowAt(61).path("talkTone").asString()).isEqualTo("CTCSS 77.0");
        post(path("/undo"), Map.of("baseVersion", version())).ok();
        assertThat(list().path("rows")).isEqualTo(before);
    }

    @Test
    void theSecondOfTwoTabsIsToldAndOverwritesNothing() {
        long seen = version();
        put(70, "PELL 147.135+ 127.3").ok();
        Answer late = change(listId(), seen, edit("put", "slot", 70, "lines", List.of("OTHER 146.550")));
        assertThat(late.problem(409, "changed-elsewhere")).contains("Put PELL", "Nothing was overwritten");
        assertThat(rowAt(70).path("name").asString()).isEqualTo("PELL");
        assertThat(rowAt(71)).isNull();
        post(path("/undo"), Map.of("baseVersion", version())).ok();
    }

    /** Eight windows press Enter in the same moment: one wins, seven are told, nothing is lost or doubled. */
    @Test
    void ofChangesInTheSameMomentExactlyOneWins() throws InterruptedException, ExecutionException {
        long seen = version();
        String target = listId();
        ExecutorService windows = Executors.newFixedThreadPool(8);
        List<Callable<Answer>> presses = IntStream.range(0, 8)
                .<Callable<Answer>>mapToObj(i -> () -> change(
                        target,
                        seen,
                        edit("put", "slot", 110, "lines", List.of("WINDOW " + (char) ('A' + i) + " 146.565"))))
                .toList();
        List<Integer> statuses = new ArrayList<>();
        for (Future<Answer> answer : windows.invokeAll(presses)) {
            statuses.add(answer.get().status());
        }
        windows.shutdown();
        assertThat(statuses)
                .containsOnlyOnce(200)
                .filteredOn(status -> status == 409)
                .hasSize(7);
        assertThat(rowAt(110)).isNotNull();
        assertThat(rowAt(111)).isNull();
        post(path("/undo"), Map.of("baseVersion", version())).ok();
    }

    /** What changes nothing is no step: the next undo takes back what was really done, and what was undone can still be done again. */
    @Test
    void aChangeThatChangesNothingIsNoStepOfTheHistory() {
        put(60, "SKARRA 145.310- 71.9").ok();
        String id = idAt(60);
        change(listId(), version(), edit("pin", "channel", id, "pinned", true)).ok();
        post(path("/undo"), Map.of("baseVersion", version())).ok();
        long before = version();
        for (Object edit : List.of(
                edit("pin", "channel", id, "pinned", false),
                edit("move", "channel", id, "slot", 60),
                edit("rewrite", "channel", id, "line", "SKARRA 145.310- 71.9"))) {
            JsonNode told = change(listId(), version(), edit).ok();
            assertThat(told.path("said").asString()).isEqualTo("That is so already. Nothing was changed.");
            assertThat(version()).isEqualTo(before);
        }
        assertThat(list().path("undo").asString()).isEqualTo("Put SKARRA");
        assertThat(list().path("redo").asString()).isEqualTo("Pin SKARRA at slot 60");
        post(path("/undo"), Map.of("baseVersion", version())).ok();
    }

    /** Several edits are one step of the history; one that cannot be made takes the others with it. */
    @Test
    void severalEditsStandOrFallTogether() {
        JsonNode before = list();
        Answer refused = change(
                listId(),
                version(),
                edit("put", "slot", 120, "lines", List.of("ONE 146.565")),
                edit("put", "slot", 121, "lines", List.of("hello")));
        assertThat(refused.problem(422, "line-without-channel")).contains("No frequency was found");
        assertThat(list()).isEqualTo(before);
        JsonNode changed = change(
                        listId(),
                        version(),
                        edit("put", "slot", 120, "lines", List.of("ONE 146.565", "TWO 146.580")),
                        edit("delete", "channel", idAt(0)))
                .ok();
        assertThat(changed.path("said").asString())
                .isEqualTo("2 changes: Put 2 channels from slot 120; Delete CALL from slot 0");
        post(path("/undo"), Map.of("baseVersion", version())).ok();
        assertThat(list().path("rows")).isEqualTo(before.path("rows"));
        assertThat(change(listId(), version(), edit("paint", "colour", "red")).status())
                .isEqualTo(400);
        assertThat(change(listId(), version()).problem(400, "field-invalid")).contains("at least one edit");
        assertThat(change(listId(), version(), edit("put", "slot", 3)).problem(400, "field-invalid"))
                .contains("lines must hold at least one line");
    }

    @Test
    void aNewListGoesByItsOwnBandPlan() {
        assertThat(post("/api/lists", Map.of("name", " ", "bandPlan", "r1-europe"))
                        .problem(400, "field-invalid"))
                .contains("name must not be blank");
        String id = post("/api/lists", Map.of("name", "Ardmoor", "bandPlan", "r1-europe"))
                .ok()
                .path("id")
                .asString();
        JsonNode row = change(id, 0, edit("put", "slot", 3, "lines", List.of("ARDMOOR 438.825-")))
                .ok();
        assertThat(row.path("list").path("rows").get(0).path("sum").path("talk").asString())
                .isEqualTo("431.225");
        sql.update("delete from channel_list where id = ?::uuid", id);
    }

    @Test
    void aLineWithoutAChannelIsRefusedWithItsFindings() {
        Answer refused = put(80, "hello");
        assertThat(refused.problem(422, "line-without-channel")).contains("No frequency was found");
        assertThat(refused.body().path("findings").get(0).path("code").asString())
                .isEqualTo("no-frequency");
        assertThat(put(999, "146.550").problem(422, "change-refused")).contains("slots 0–149");
        assertThat(get("/api/lists/00000000-0000-0000-0000-000000000000").problem(404, "not-found"))
                .contains("no list");
    }

    /** A disk that is full in the middle of a change: the change is not made, the list stays, the person is told. */
    @Test
    void aFullDiskLosesNothing() {
        JsonNode before = list();
        sql.execute("create function full_disk() returns trigger language plpgsql as "
                + "$$ begin raise exception 'no space left' using errcode = 'disk_full'; end $$");
        sql.execute("create trigger full_disk after insert on list_revision execute function full_disk()");
        try {
            assertThat(put(90, "MEDIC 2 446.525").problem(503, "storage"))
                    .contains("Nothing was changed", "room on its disk");
        } finally {
            sql.execute("drop trigger full_disk on list_revision");
            sql.execute("drop function full_disk");
        }
        assertThat(list()).isEqualTo(before);
        put(90, "MEDIC 2 446.525").ok();
        post(path("/undo"), Map.of("baseVersion", version())).ok();
    }

    @Test
    void aRestartOfTheDatabaseIsSurvived() {
        put(91, "AFTER 146.565").ok();
        JsonNode before = list();
        TestCluster.stop();
        assertThat(get("/api/lists").problem(503, "storage")).contains("Check that the database runs");
        TestCluster.start();
        await("/api/lists", lists -> lists.size() > 0);
        assertThat(list()).isEqualTo(before);
        post(path("/undo"), Map.of("baseVersion", version())).ok();
    }

    /** Who says which view they have is sent what differs from it; put into that view it is the list as a whole. */
    @Test
    void aChangeSendsOnlyWhatDiffers() {
        Map<Integer, JsonNode> rows = new java.util.TreeMap<>();
        JsonNode view = list();
        view.path("rows").forEach(row -> rows.put(row.path("slot").asInt(), row));
        String mark = view.path("mark").asString();
        String path = "/api/lists/" + listId() + "/changes";
        List<String> all =
                rows.values().stream().map(row -> row.path("id").asString()).toList();
        for (String line : List.of(
                "146.565 Zz one",
                "146.580 Zz two",
                "146.520 Zz three",
                "undo",
                "undo",
                "redo",
                "undo",
                "undo",
                "rank all",
                "undo",
                "power all",
                "undo")) {
            Map<String, Object> body = new java.util.HashMap<>(Map.of("baseVersion", version()));
            boolean step = !line.contains(" ");
            if (!step) {
                body.put(
                        "edits",
                        List.of(
                                switch (line) {
                                    case "rank all" -> edit("rank", "channels", all, "rank", 3);
                                    case "power all" -> edit("set-many", "channels", all, "power", "low");
                                    default -> edit("put", "slot", 100 + line.length(), "lines", List.of(line));
                                }));
            }
            JsonNode answer = send(request(step ? path.replace("changes", line) : path)
                            .header("Known-List", mark)
                            .POST(java.net.http.HttpRequest.BodyPublishers.ofString(json.writeValueAsString(body))))
                    .ok();
            JsonNode changed = step ? answer : answer.path("list");
            assertThat(changed.path("since").asString()).isEqualTo(mark);
            if (line.startsWith("146")) {
                assertThat(changed.path("rows").size()).isLessThan(rows.size() / 2);
            }
            if (line.equals("rank all")) {
                assertThat(changed.path("sameFits").size()).isEqualTo(all.size());
            }
            merge(rows, changed);
            mark = changed.path("mark").asString();
            assertThat(List.copyOf(rows.values()))
                    .isEqualTo(List.copyOf(list().path("rows").values()));
        }
        assertThat(rows).hasSameSizeAs(view.path("rows"));
        assertThat(send(request(path)
                                .header("Known-List", "nobody knows it")
                                .POST(java.net.http.HttpRequest.BodyPublishers.ofString(json.writeValueAsString(Map.of(
                                        "baseVersion",
                                        version(),
                                        "edits",
                                        List.of(edit("put", "slot", 140, "lines", List.of("146.565"))))))))
                        .ok()
                        .path("list")
                        .path("since")
                        .isNull())
                .isTrue();
        post("/api/lists/" + listId() + "/undo", Map.of("baseVersion", version()))
                .ok();
    }

    /** As a screen does it. */
    private static void merge(Map<Integer, JsonNode> rows, JsonNode changed) {
        Map<String, JsonNode> fits = new java.util.HashMap<>();
        rows.values().forEach(row -> fits.put(row.path("id").asString(), row.path("fits")));
        java.util.Set<String> same = new java.util.HashSet<>();
        changed.path("sameFits").forEach(id -> same.add(id.asString()));
        changed.path("freed").forEach(slot -> rows.remove(slot.asInt()));
        changed.path("rows").forEach(row -> {
            String id = row.path("id").asString();
            if (same.contains(id)) {
                ((tools.jackson.databind.node.ObjectNode) row).set("fits", fits.get(id));
            }
            rows.put(row.path("slot").asInt(), row);
        });
    }
}
