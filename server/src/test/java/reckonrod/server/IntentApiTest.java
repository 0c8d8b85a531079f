package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a list is for and its policies, orders that ask where, ranks and days of proof: over HTTP, and what is refused. */
class IntentApiTest extends ServerTest {
    private static List<String> lines(JsonNode view) {
        return view.path("rows")
                .valueStream()
                .map(row -> row.path("line").asString())
                .toList();
    }

    private static List<String> ids(JsonNode view) {
        return view.path("rows")
                .valueStream()
                .map(row -> row.path("id").asString())
                .toList();
    }

    private JsonNode begun(String... lines) {
        String id = newList(40);
        return change(id, 0, edit("put", "slot", 1, "lines", List.of(lines)))
                .ok()
                .path("list");
    }

    /** A policy and what it changes are one change, told with its number, and one undo. */
    @Test
    void policiesBringTheChannelsToThemAndOneUndoTakesThemBack() {
        JsonNode list = begun("A 145.310- 71.9 rx 88.5", "CALLING 146.520", "B 147.135+ 71.9");
        String id = list.path("id").asString();
        JsonNode open = change(id, 1, edit("listen-by", "policy", "open")).ok();
        assertThat(open.path("list").path("undo").asString())
                .isEqualTo("Listening policy: open: no channel waits for a tone; 1 channel changes");
        assertThat(lines(open.path("list")).get(0)).contains("71.9").doesNotContain("88.5");
        JsonNode low =
                change(id, 2, edit("talk-by", "policy", "low_on_calling")).ok();
        assertThat(low.path("list")
                        .path("rows")
                        .valueStream()
                        .map(row -> row.path("power").asString()))
                .containsExactly("high", "low", "high");
        assertThat(low.path("list").path("intent").path("talkWords").asString())
                .isEqualTo("low on calling frequencies");
        assertThat(change(id, 3, edit("talk-by", "policy", "low_on_calling")).problem(422, "change-refused"))
                .contains("so already");
        JsonNode quiet = change(id, 3, edit("listen-by", "policy", "quiet_where_published"))
                .ok()
                .path("list");
        assertThat(lines(quiet).get(0)).contains("88.5");
        post("/api/lists/" + id + "/undo", Map.of("baseVersion", 4)).ok();
        post("/api/lists/" + id + "/undo", Map.of("baseVersion", 5)).ok();
        JsonNode back =
                post("/api/lists/" + id + "/undo", Map.of("baseVersion", 6)).ok();
        assertThat(lines(back)).isEqualTo(lines(list));
        assertThat(back.path("intent").path("listen").asString()).isEqualTo("per_channel");
        delete("/api/lists/" + id).ok();
    }

    /** Near a repeater low power does, from the far end of the islands it does not; what has no known place stays. */
    @Test
    void theLowestPowerThatReachesGoesByWhereOneTalksFrom() {
        JsonNode found = get("/api/find?at=Skarra&km=60").ok().path("found");
        List<String> entries = found.valueStream()
                .limit(5)
                .map(each -> each.path("entry").path("id").asString())
                .toList();
        String id = newList(40);
        JsonNode list = change(
                        id,
                        0,
                        edit("take", "slot", 1, "take", Map.of("entries", entries)),
                        edit("put", "slot", 20, "lines", List.of("NOWHERE 147.135+ mid")))
                .ok()
                .path("list");
        JsonNode near = change(
                        id, 1, edit("talk-by", "policy", "lowest_that_reaches", "from", Map.of("place", "Skarra")))
                .ok()
                .path("list");
        List<String> powers = near.path("rows")
                .valueStream()
                .map(row -> row.path("power").asString())
                .toList();
        assertThat(powers).contains("low");
        assertThat(powers.get(powers.size() - 1)).isEqualTo("mid");
        assertThat(list.path("rows").size()).isEqualTo(near.path("rows").size());
        JsonNode far = change(
                        id, 2, edit("talk-by", "policy", "lowest_that_reaches", "from", Map.of("place", "20.0, -38.0")))
                .ok()
                .path("list");
        assertThat(far.path("rows").valueStream().map(row -> row.path("power").asString()))
                .doesNotContain("low");
        assertThat(change(id, 3, edit("talk-by", "policy", "lowest_that_reaches"))
                        .problem(422, "place-missing"))
                .contains("a place");
        delete("/api/lists/" + id).ok();
    }

    @Test
    void whatIsSaidOfAListAndItsChannelsIsShownAndWhatCannotBeIsRefused() {
        JsonNode list = begun("A 145.310-", "B 146.520", "C 147.135+");
        String id = list.path("id").asString();
        List<String> ids = ids(list);
        JsonNode said = change(
                        id,
                        1,
                        edit("rank", "channels", List.of(ids.get(2)), "rank", 1),
                        edit("prove", "channels", List.of(ids.get(1)), "day", "2026-05-01"),
                        edit("order", "channels", ids, "by", "rank"),
                        edit(
                                "mean",
                                "purpose",
                                " For the crew ",
                                "naming",
                                Map.of("parts", List.of("place", "number")),
                                "abbreviations",
                                List.of(Map.of("word", "lighthouse", "shorter", "lts"))))
                .ok()
                .path("list");
        assertThat(ids(said)).containsExactly(ids.get(2), ids.get(0), ids.get(1));
        assertThat(said.path("rows").get(2).path("proven").asString()).isEqualTo("2026-05-01");
        assertThat(said.path("intent").path("purpose").asString()).isEqualTo("For the crew");
        assertThat(said.path("intent").path("named").asString()).isEqualTo("place and number");
        assertThat(said.path("intent")
                        .path("abbreviations")
                        .get(0)
                        .path("shorter")
                        .asString())
                .isEqualTo("LTS");
        change(id, 2, edit("spread", "channels", ids, "apart", 5)).ok();
        assertThat(change(id, 3, edit("prove", "channels", ids, "day", "2999-01-01"))
                        .problem(422, "day-to-come"))
                .contains("today or before, was 2999-01-01");
        assertThat(change(id, 3, edit("prove", "channels", ids, "day", "0044-03-15"))
                        .problem(422, "day-wrong"))
                .contains("1900 or later");
        for (String day : List.of("2026-02-30", "2026-05-01T10:00:00Z", "1 May")) {
            assertThat(change(id, 3, edit("prove", "channels", ids, "day", day))
                            .body()
                            .path("detail")
                            .asString())
                    .contains("a day such as 2026-05-01");
        }
        assertThat(change(id, 3, edit("rank", "channels", ids, "rank", 10))
                        .body()
                        .path("detail")
                        .asString())
                .contains("must be 1 to 9");
        assertThat(change(id, 3, edit("order", "channels", ids, "by", "along")).problem(422, "way-wrong"))
                .contains("at least two points");
        assertThat(change(id, 3, edit("mean")).problem(422, "nothing-said")).contains("must be given");
        assertThat(change(id, 3, edit("mean", "naming", Map.of("parts", List.of("distance"))))
                        .problem(422, "naming-wrong"))
                .contains("must say from where");
        assertThat(change(id, 3, edit("mean", "abbreviations", List.of(Map.of("word", "A", "shorter", "LONG"))))
                        .problem(422, "intent-wrong"))
                .contains("must be shorter than its word");
        delete("/api/lists/" + id).ok();
    }

    /** A name that is given to a change stays with it, and a list tells how it stands. */
    @Test
    void changesGetNamesAndTheOverviewTellsHowListsStand() {
        JsonNode list = begun("A 145.310- 71.9 rx 88.5");
        String id = list.path("id").asString();
        long revision = get("/api/lists/" + id + "/history")
                .ok()
                .get(1)
                .path("revision")
                .asLong();
        put("/api/lists/" + id + "/history/" + revision + "/name", Map.of("name", "Before the Round"))
                .ok();
        assertThat(get("/api/lists/" + id + "/history").ok().get(1).path("name").asString())
                .isEqualTo("Before the Round");
        put("/api/lists/" + id + "/history/" + revision + "/name", Map.of("name", " "))
                .ok();
        assertThat(get("/api/lists/" + id + "/history").ok().get(1).path("name").asString())
                .isEmpty();
        assertThat(put("/api/lists/" + id + "/history/1/name", Map.of("name", "x"))
                        .status())
                .isEqualTo(404);
        change(id, 1, edit("mean", "purpose", "For the crew")).ok();
        JsonNode counts = get("/api/lists/" + id).ok().path("counts");
        JsonNode own = get("/api/lists/overview")
                .ok()
                .valueStream()
                .filter(each -> each.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
        assertThat(own.path("purpose").asString()).isEqualTo("For the crew");
        assertThat(own.path("counts")).isEqualTo(counts);
        delete("/api/lists/" + id).ok();
    }
}
