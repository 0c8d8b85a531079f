package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import reckonrod.server.lists.ListStore;
import tools.jackson.databind.JsonNode;

/** Lists come and go: copied, called otherwise, in the bin for 30 days, and nothing is lost before. */
class BinApiTest extends ServerTest {
    @Autowired
    private ListStore store;

    @Override
    String listId() {
        return get("/api/lists")
                .ok()
                .valueStream()
                .filter(each -> each.path("name").asString().equals("Vellan home"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
    }

    private String copy(String name) {
        return post("/api/lists/" + listId() + "/copy", Map.of("name", name))
                .ok()
                .path("id")
                .asString();
    }

    private List<String> names(String path) {
        return get(path)
                .ok()
                .valueStream()
                .map(each -> each.path("name").asString())
                .toList();
    }

    @Test
    void aCopyGoesItsOwnWay() {
        String copy = copy(" Zz copy ");
        assertThat(get("/api/lists/" + copy).ok().path("rows").size())
                .isEqualTo(list().path("rows").size());
        long version = get("/api/lists/" + copy).ok().path("version").asLong();
        change(copy, version, edit("rename", "name", "Zz other")).ok();
        assertThat(names("/api/lists")).contains("Zz other", "Vellan home").doesNotContain("Zz copy");
        assertThat(list().path("name").asString()).isEqualTo("Vellan home");
        assertThat(post("/api/lists/" + listId() + "/copy", Map.of("name", " ")).problem(400, "field-invalid"))
                .contains("name must not be blank");
        delete("/api/lists/" + copy).ok();
    }

    @Test
    void aListInTheBinComesBackAsItWasAndGoesForGoodAfterThirtyDays() {
        String id = copy("Zz bin");
        long version = get("/api/lists/" + id).ok().path("version").asLong();
        change(id, version, edit("put", "slot", 120, "lines", List.of("ZEBRA 146.550")))
                .ok();
        delete("/api/lists/" + id).ok();
        delete("/api/lists/" + id).ok();
        assertThat(names("/api/lists")).doesNotContain("Zz bin");
        assertThat(names("/api/lists/binned")).contains("Zz bin");
        assertThat(get("/api/lists/" + id).problem(404, "not-found")).contains("\"Zz bin\" lies in the bin");
        assertThat(post("/api/lists/" + id + "/undo", Map.of("baseVersion", version + 1))
                        .problem(404, "not-found"))
                .contains("Bring it back");

        post("/api/lists/" + id + "/bring-back", Map.of()).ok();
        assertThat(get("/api/lists/" + id).ok().path("undo").asString()).isEqualTo("Put ZEBRA");

        delete("/api/lists/" + id).ok();
        lieThereFor(id, "29 days 23 hours");
        store.sweepTheBin();
        assertThat(names("/api/lists/binned")).contains("Zz bin");
        lieThereFor(id, "30 days 1 minute");
        store.sweepTheBin();
        assertThat(names("/api/lists/binned")).doesNotContain("Zz bin");
        assertThat(post("/api/lists/" + id + "/bring-back", Map.of()).problem(404, "not-found"))
                .contains("There is no list");
        assertThat(sql.queryForObject("select count(*) from list_revision where list_id = ?::uuid", Integer.class, id))
                .isZero();
    }

    private void lieThereFor(String id, String time) {
        sql.update("update channel_list set binned_at = now() - ?::interval where id = ?::uuid", time, id);
    }

    private String idAt(String list, int slot) {
        return get("/api/lists/" + list)
                .ok()
                .path("rows")
                .valueStream()
                .filter(row -> row.path("slot").asInt() == slot)
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
    }

    private List<String> told(String comparison) {
        return get(comparison)
                .ok()
                .path("rows")
                .valueStream()
                .map(row ->
                        row.path("kind").asString() + " " + row.path("label").asString())
                .toList();
    }

    @Test
    void whatAnotherListHasOtherwiseIsTakenOver() {
        String home = copy("Zz own");
        String other = copy("Zz friend");
        long version = get("/api/lists/" + other).ok().path("version").asLong();
        change(
                        other,
                        version,
                        edit("rewrite", "channel", idAt(other, 9), "line", "LEG 1 147.510 NFM high 71.9"),
                        edit("delete", "channel", idAt(other, 10)),
                        edit("put", "slot", 120, "lines", List.of("ZEBRA 146.550")))
                .ok();
        String compare = "/api/lists/" + home + "/compare?with=" + other;
        assertThat(told(compare)).containsExactly("changed LEG 1", "only_here LEG 2", "only_there ZEBRA");
        List<String> keys = get(compare)
                .ok()
                .path("rows")
                .valueStream()
                .filter(row -> !row.path("kind").asString().equals("only_here"))
                .map(row -> row.path("key").asString())
                .toList();
        Map<String, ?> over = edit("take-over", "from", other, "rows", keys);
        // The friend changes it again meanwhile: what was not shown is not taken.
        long seen = get("/api/lists/" + other).ok().path("version").asLong();
        change(other, seen, edit("rewrite", "channel", idAt(other, 9), "line", "LEG 1 147.510 NFM high 88.5"))
                .ok();
        assertThat(change(home, get("/api/lists/" + home).ok().path("version").asLong(), over)
                        .problem(409, "changed-elsewhere"))
                .contains("1 of what was chosen");
        post("/api/lists/" + other + "/undo", Map.of("baseVersion", seen + 1)).ok();
        long before = get("/api/lists/" + home).ok().path("version").asLong();
        assertThat(change(home, before, over).ok().path("said").asString())
                .isEqualTo("Take over 2 channels from Zz friend");
        assertThat(told(compare)).containsExactly("only_here LEG 2");
        assertThat(change(home, before + 1, over).problem(409, "changed-elsewhere"))
                .contains("compare again");

        long first = get("/api/lists/" + home + "/history")
                .ok()
                .get(1)
                .path("revision")
                .asLong();
        assertThat(told("/api/lists/" + home + "/compare?revision=" + first))
                .containsExactly("changed LEG 1", "only_here ZEBRA");
        assertThat(get("/api/lists/" + home + "/compare").problem(422, "nothing-to-compare"))
                .contains("with must name another list");
        assertThat(get("/api/lists/" + home + "/compare?revision=1").problem(404, "not-found"))
                .contains("no revision 1");
        delete("/api/lists/" + home).ok();
        delete("/api/lists/" + other).ok();
    }

    /** What goes out as a table comes in again by the review, and every line is known as what is there already. */
    @Test
    void aTableThatGoesOutComesInAgain() {
        Answer csv = get("/api/lists/" + listId() + "/export?as=csv");
        assertThat(csv.type()).startsWith("text/csv");
        String table = csv.body().asString();
        JsonNode lines = post("/api/lines", Map.of("text", table, "bandPlan", "r2-north-america"))
                .ok();
        assertThat(lines.path("table").asBoolean()).isTrue();
        assertThat(lines.path("unread").asInt()).isZero();
        assertThat(get("/api/lists/" + listId() + "/export?as=lines")
                        .body()
                        .asString()
                        .lines())
                .hasSize(list().path("rows").size());
        JsonNode review = post(
                        "/api/lists/" + listId() + "/review",
                        Map.of("text", lines.path("text").asString(), "slot", 0))
                .ok();
        assertThat(review.path("lines").valueStream())
                .hasSize(list().path("rows").size())
                .allMatch(line -> line.path("twin").asString().startsWith("slot "));
        assertThat(get("/api/lists/" + listId() + "/export?as=prose").status()).isEqualTo(400);
    }

    /** Every kind of edit of many channels and of blocks comes over the wire as it is meant. */
    @Test
    void manyAtOnceAndBlocksOverTheWire() {
        String id = copy("Zz many");
        List<String> channels = get("/api/lists/" + id)
                .ok()
                .path("rows")
                .valueStream()
                .filter(row ->
                        row.path("slot").asInt() >= 12 && row.path("slot").asInt() <= 14)
                .map(row -> row.path("id").asString())
                .toList();
        List<Map<String, ?>> edits = List.of(
                edit("add-block", "block", "Zz", "slots", Map.of("first", 100, "last", 109)),
                edit("move-many", "channels", channels, "slot", 100),
                edit("order", "channels", channels, "by", "name"),
                edit("pin-many", "channels", channels, "pinned", true),
                edit("split-block", "block", "Zz", "slot", 105, "second", "Zz 2"),
                edit("resize-block", "block", "Zz 2", "slots", Map.of("first", 106, "last", 108)),
                edit("move-block", "block", "Zz 2", "slot", 110),
                edit("rename-block", "block", "Zz 2", "name", "Zz 3"),
                edit("join-blocks", "block", "Zz"),
                edit("keep-order", "block", "Zz", "by", "frequency"),
                edit("remove-block", "block", "Zz"));
        String said = "";
        for (Map<String, ?> each : edits) {
            long version = get("/api/lists/" + id).ok().path("version").asLong();
            said += change(id, version, each).ok().path("said").asString() + "\n";
        }
        assertThat(said).startsWith("""
                        Add block Zz at 100–109
                        Move 3 channels to slot 100 and behind; 3 stand in another block now
                        """);
        assertThat(said).contains("Pin 3 channels", "Zz 2 begins at slot 105", "Remove block Zz, its channels stay");
        long version = get("/api/lists/" + id).ok().path("version").asLong();
        JsonNode preview = post(
                        "/api/lists/" + id + "/changes/preview",
                        Map.of("baseVersion", version, "edits", List.of(edit("delete", "channel", channels.get(0)))))
                .ok();
        assertThat(preview.path("moves").get(0).path("from").asInt())
                .as("they were put in order by name")
                .isEqualTo(102);
        assertThat(preview.path("moves").get(0).path("to").isNull()).isTrue();
        assertThat(get("/api/lists/" + id).ok().path("version").asLong()).isEqualTo(version);
        assertThat(change(id, version, edit("delete-many", "channels", channels))
                        .problem(422, "change-refused"))
                .contains("pinned");
        assertThat(change(id, version, edit("add-block", "block", "Q", "slots", Map.of("first", 9, "last", 3)))
                        .problem(422, "slots-wrong"))
                .contains("Slots must rise");
        delete("/api/lists/" + id).ok();
    }
}
