package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A list goes out as JSON and comes in again as it was; what is no such file, or half of one, is refused by its place. */
class ListFileApiTest extends ServerTest {
    private String exported(String id) {
        return exported(id, "");
    }

    private String exported(String id, String besides) {
        return json.writeValueAsString(
                get("/api/lists/" + id + "/export?as=json" + besides).ok());
    }

    private Answer taken(String text) {
        return post("/api/lists/from-file", Map.of("text", text));
    }

    private static String rows(JsonNode list) {
        return list.path("blocks") + " "
                + list.path("rows")
                        .valueStream()
                        .map(row -> row.path("slot") + " " + row.path("id") + row.path("line") + row.path("published")
                                + row.path("pinned") + row.path("laidAside"))
                        .toList();
    }

    @Test
    void aListComesInAsItWentOut() {
        String id = newList(60);
        change(
                        id,
                        0,
                        edit(
                                "put",
                                "slot",
                                3,
                                "lines",
                                List.of(
                                        "FERRY X 145.350 > 433.475 D023N/D047I",
                                        "CLUB 146.835- T103.5 REV88.5 E L C",
                                        "72 Ö 146.550",
                                        "MARINE 156.800")))
                .ok();
        change(id, 1, edit("add-block", "block", "Far", "slots", Map.of("first", 30, "last", 39)))
                .ok();
        JsonNode before = change(
                        id,
                        2,
                        edit(
                                "fill-block",
                                "block",
                                "Far",
                                "filling",
                                Map.of(
                                        "belongs",
                                        Map.of(
                                                "bands",
                                                List.of("70 cm"),
                                                "uses",
                                                List.of("repeater"),
                                                "kinds",
                                                List.of("NFM"),
                                                "flags",
                                                List.of("linked"),
                                                "words",
                                                List.of("up"),
                                                "area",
                                                Map.of(
                                                        "outline",
                                                        Map.of(
                                                                "name",
                                                                "North",
                                                                "corners",
                                                                "47, -38; 47, -37; 48, -37"))),
                                        "spare",
                                        2,
                                        "full",
                                        "grow")))
                .ok()
                .path("list");
        change(
                        id,
                        3,
                        edit(
                                "short-name",
                                "channel",
                                before.path("rows").get(1).path("id").asString(),
                                "length",
                                6,
                                "name",
                                "CLB"),
                        edit(
                                "pin",
                                "channel",
                                before.path("rows").get(0).path("id").asString(),
                                "pinned",
                                true),
                        edit(
                                "add-bank",
                                "bank",
                                "Mine",
                                "rule",
                                Map.of("block", "Far"),
                                "channels",
                                List.of(before.path("rows").get(2).path("id").asString())),
                        edit(
                                "scan",
                                "channels",
                                List.of(before.path("rows").get(1).path("id").asString()),
                                "scan",
                                false),
                        edit("scan-by", "skipListenOnly", false, "skipOffAir", true),
                        edit(
                                "mean",
                                "purpose",
                                "For the Round",
                                "naming",
                                Map.of("parts", List.of("place", "distance"), "from", Map.of("place", "47.5, -38.25")),
                                "abbreviations",
                                List.of(Map.of("word", "Lighthouse", "shorter", "LTS"))),
                        edit("listen-by", "policy", "open"),
                        edit("talk-by", "policy", "lowest_that_reaches", "from", Map.of("place", "47.5, -38.25")),
                        edit("name-block", "block", "Far", "naming", Map.of("parts", List.of("number", "band"))),
                        edit(
                                "rank",
                                "channels",
                                List.of(before.path("rows").get(1).path("id").asString()),
                                "rank",
                                2),
                        edit(
                                "prove",
                                "channels",
                                List.of(before.path("rows").get(1).path("id").asString()),
                                "day",
                                "2026-05-01"))
                .ok();
        JsonNode whole = get("/api/lists/" + id).ok();
        String copy = taken(exported(id)).ok().path("id").asString();
        JsonNode again = get("/api/lists/" + copy).ok();
        assertThat(rows(again)).isEqualTo(rows(whole)).contains("CLUB", "repeater");
        assertThat(exported(copy).replace(again.path("name").asString(), "x"))
                .isEqualTo(exported(id).replace(whole.path("name").asString(), "x"));
        assertThat(again.path("name").asString()).isEqualTo(whole.path("name").asString() + " (2)");
        delete("/api/lists/" + copy).ok();
    }

    /** With its past: each change can be gone back to in the copy too, and a past that does not lead to the list is refused. */
    @Test
    void aListComesInWithItsHistory() {
        String id = newList(20);
        change(id, 0, edit("put", "slot", 3, "lines", List.of("LEG 1 147.510", "LEG 2 147.540")))
                .ok();
        change(id, 1, edit("add-block", "block", "Far", "slots", Map.of("first", 2, "last", 9)))
                .ok();
        post("/api/lists/" + id + "/undo", Map.of("baseVersion", 2)).ok();
        change(id, 3, edit("mean", "purpose", "For the Round")).ok();
        long named = get("/api/lists/" + id + "/history")
                .ok()
                .get(2)
                .path("revision")
                .asLong();
        put("/api/lists/" + id + "/history/" + named + "/name", Map.of("name", "before the Round"))
                .ok();
        String text = exported(id, "&history=true");
        String copy = taken(text).ok().path("id").asString();
        assertThat(summaries(copy).subList(1, summaries(copy).size()))
                .containsExactly("Say what the list is for", "Put 2 channels from slot 3", "Begin " + name(id));
        assertThat(get("/api/lists/" + copy + "/history")
                        .ok()
                        .get(2)
                        .path("name")
                        .asString())
                .isEqualTo("before the Round");
        long earlier = get("/api/lists/" + copy + "/history")
                .ok()
                .get(2)
                .path("revision")
                .asLong();
        JsonNode back = post("/api/lists/" + copy + "/restore", Map.of("baseVersion", 0, "revision", earlier))
                .ok();
        assertThat(back.path("rows").size()).isEqualTo(2);
        assertThat(back.path("intent").path("purpose").asString()).isEmpty();
        assertThat(taken(text.replace("\"put\":[],\"freed\":[]", "\"put\":[],\"freed\":[3]"))
                        .problem(422, "file-unreadable"))
                .contains("history of the file does not lead to the list");
        delete("/api/lists/" + copy).ok();
        delete("/api/lists/" + id).ok();
    }

    private String name(String id) {
        return get("/api/lists/" + id).ok().path("name").asString();
    }

    private List<String> summaries(String id) {
        return get("/api/lists/" + id + "/history")
                .ok()
                .valueStream()
                .map(each -> each.path("summary").asString())
                .toList();
    }

    /** One place of the file is made wrong; all of it is refused, and no list comes to be. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"slot\":4 | \"slot\":3 | Each channel must have a slot and an id of its own",
                "\"slot\":4 | \"slot\":40 | Slot must be one of 0–19, was 40",
                "\"receiveHz\":147540000 | \"receiveHz\":0 | $.list.entries[1].channel.receiveHz",
                "\"receiveHz\":147540000 | \"receiveHz\":\"147.54\" | $.list.entries[1].channel.receiveHz",
                "\"receiveHz\":147540000 | \"receiveHz\":147540000,\"colour\":1 | colour",
                "\"talk\":\"same\" | \"talk\":\"on\" | transmitHz",
                "\"talkTone\":\"none\" | \"talkTone\":\"CTCSS 7\" | $.list.entries[0].channel.talkTone",
                "\"talkTone\":\"none\" | \"talkTone\":\"reversed CTCSS 71.9\" | Talk tone must be one that is sent",
                "\"format\":3 | \"format\":4 | $.list.format",
                "r2-north-america | r9-moon | r9-moon",
                "\"licence\":\"\" | \"licence\":\"captain\" | captain",
                "reckonrod list | other list | $.kind",
                "\"blocks\":[] | \"blocks\":[],\"scanning\":{\"banks\":[{\"name\":\"A\",\"channels\":[]},{\"name\":\"A\",\"channels\":[]}],\"skipListenOnly\":true,\"skipOffAir\":true} | names of their own, A is twice",
                "\"blocks\":[] | \"blocks\":[{\"name\":\"A\",\"firstSlot\":5,\"lastSlot\":2}] | Slots must rise from 0 to at most 9999, was 5-2",
            })
    void whatIsWrongInAFileIsToldByItsPlace(String right, String wrong, String told) {
        String id = newList(20);
        change(id, 0, edit("put", "slot", 3, "lines", List.of("LEG 1 147.510", "LEG 2 147.540")))
                .ok();
        String text = exported(id);
        assertThat(text).contains(right);
        int lists = get("/api/lists").ok().size();
        Answer answer = taken(text.replace(right, wrong));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().path("detail").asString())
                .contains(told)
                .doesNotContain("reckonrod.", "com.", "Exception");
        assertThat(get("/api/lists").ok().size()).isEqualTo(lists);
        delete("/api/lists/" + id).ok();
    }

    @Test
    void halfAFileAndAFileOfAnotherKindAreRefused() {
        String text = exported(listId());
        for (String wrong : List.of(
                "",
                " ",
                "{}",
                "[]",
                "null",
                "7",
                text.substring(0, text.length() / 2),
                text + "x",
                "Slot,Name\n1,A",
                "\u0001")) {
            assertThat(taken(wrong).problem(422, "file-unreadable")).as(wrong).contains("Nothing was taken");
        }
    }

    /** A line that says something else than its channel would change the channel at the next edit, unseen. */
    @Test
    void aLineThatSaysSomethingElseIsWrittenAnew() {
        String id = newList(20);
        change(id, 0, edit("put", "slot", 3, "lines", List.of("LEG 1 147.510"))).ok();
        String copy = taken(exported(id).replace("\"receiveHz\":147510000", "\"receiveHz\":147555000"))
                .ok()
                .path("id")
                .asString();
        JsonNode row = get("/api/lists/" + copy).ok().path("rows").get(0);
        assertThat(row.path("receiveHz").asLong()).isEqualTo(147_555_000);
        assertThat(row.path("line").asString()).contains("147.555");
        delete("/api/lists/" + copy).ok();
    }
}
