package reckonrod.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What is asked and cannot be done: said with what was found and what is wanted, and nothing is changed by it. */
class RefusalsTest extends ImportsTest {
    private static final String NOBODY = new UUID(0, 7).toString();

    /** Questions, by what they ask and what is wrong with it. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            /api/find?box=47,-38,46                   | box-unreadable        | south,west,north,east in degrees, was "47,-38,46"
            /api/find?box=48,-38,47,-37               | box-unreadable        | south
            /api/find?at=47.5,-38.2&km=0              | distance-out-of-range | km must be above 0 and at most 2000 km, was 0.0.
            /api/find?at=47.5,-38.2&km=2000.5         | distance-out-of-range | was 2000.5.
            /api/find?at=47.5,-38.2&km=NaN            | distance-out-of-range | was NaN.
            /api/find?at=47.5,-38.2&most=0            | most-out-of-range     | most must be 1 to 200, was 0.
            /api/find?at=47.5,-38.2&most=201          | most-out-of-range     | was 201.
            /api/find?at=47.5,-38.2&order=nearest     | order-unknown         | "nearest" and must be use, distance, output, confirmed or unconfirmed.
            /api/find?at=47.5,-38.2&band=4 m          | filter-unknown        | "4 m" is no band of
            /api/find?at=47.5,-38.2&state=dead        | filter-unknown        | "dead" is no state; there are
            /api/find?at=47.5,-38.2&mode=radioteletype | filter-unknown       | is no mode; there are
            /api/find?at=47.5,-38.2&antenna=0         | station-out-of-range  | Antenna height must be 0.5 to 1000 m
            /api/find?at=47.5,-38.2&watts=0           | station-out-of-range  | Power must be 0.01 to 2000 W
            /api/find?at=47.5,-38.2&gain=99           | station-out-of-range  | Gain must be -20 to 30 dBi
            /api/find?at=91.5,-38.2                   | position-unreadable   | 91.5
            /api/tones/nearest?hertz=71,5 Hz          | figure-unreadable     | such as 71.5, was "71,5 Hz".
            /api/tones/nearest?hertz=0                | figure-out-of-range   | above 0 and at most 1000
            /api/tones/nearest?hertz=1000.1           | figure-out-of-range   | was 1000.1.
            /api/tones/nearest?hertz=100.1234567      | figure-out-of-range   | six places at most
            """)
    void whatIsAskedOutOfRangeIsSaidSo(String path, String code, String says) {
        assertThat(get(path.replace(" ", "%20")).problem(422, code)).contains(says);
    }

    /** A figure at the edge is none of these. */
    @ParameterizedTest
    @CsvSource({
        "/api/find?at=47.5%2C-38.2&km=2000",
        "/api/find?at=47.5%2C-38.2&most=1",
        "/api/find?at=47.5%2C-38.2&most=200",
        "/api/tones/nearest?hertz=1000",
        "/api/tones/nearest?hertz=71%2C5",
        "/api/tones/nearest?hertz=100.123456"
    })
    void whatIsJustInRangeIsAnswered(String path) {
        get(path).ok();
    }

    @Test
    void theWayIsRefusedByItsMeasures() {
        List<List<Double>> points = List.of(List.of(47.5, -38.2), List.of(47.6, -38.1));
        for (double km : new double[] {0, -1, 300.5}) {
            assertThat(post("/api/find/route", route(points, km)).problem(422, "distance-out-of-range"))
                    .contains("corridorKm")
                    .contains(String.valueOf(km));
        }
        post("/api/find/route", route(points, 300)).ok();
        Map<String, Object> trip = new java.util.HashMap<>(route(points, 5.0));
        trip.put("closedToo", false);
        trip.put("perBand", false);
        trip.put("bridgedKm", -1);
        assertThat(post("/api/trips/plan", trip).problem(422, "wish-out-of-range"))
                .contains("-1");
        assertThat(post(
                                "/api/prove/dry-run",
                                Map.of(
                                        "listId",
                                        listId(),
                                        "radios",
                                        List.of("blue"),
                                        "route",
                                        Map.of("points", points),
                                        "stepKm",
                                        0.05))
                        .problem(422, "step-out-of-range"))
                .contains("stepKm must be 0.1 or more, was 0.05.");
    }

    private static Map<String, Object> route(List<List<Double>> points, double corridor) {
        return Map.of("route", Map.of("points", points, "corridorKm", corridor), "question", Map.of());
    }

    /** What is brought in and cannot be: nothing of it stays. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            a.csv     | &charset=klingon | call,output       | charset-unknown    | "klingon" is no encoding; UTF-8 is usual.
            ...       |                  | call,output       | name-missing       | must hold a letter or a digit, was "...".
            a.geojson | &kind=geojson    | {"type":"Feature" | listing-unreadable | .
            a.geojson | &kind=geojson    | call,output       | listing-unreadable | .
            """)
    void aListingThatCannotBeReadLeavesNothing(String name, String more, String content, String code, String says) {
        long before = get("/api/imports").ok().size();
        assertThat(bring(name, content.getBytes(UTF_8), more == null ? "" : more)
                        .problem(422, code))
                .contains(says);
        assertThat(get("/api/imports").ok()).hasSize((int) before);
    }

    @Test
    void rowsOfNoKindAndAServiceThatIsTooSlow() {
        String id = mapped(bring("zz-kinds.csv", HEADINGS + "QV0AA,Alpha,47.5,-38.1,145.310,-0.6,71.9,2026-05-01\n"))
                .path("id")
                .asString();
        assertThat(get("/api/imports/" + id + "/rows?kind=good").problem(422, "kind-unknown"))
                .contains("\"good\" and must be added, changed, same, bad, doubtful or gone.");
        for (int delay : new int[] {-1, 60_001}) {
            assertThat(put(
                                    "/api/imports/service",
                                    Map.of("there", true, "delayMillis", delay, "failsFrom", -1, "later", false))
                            .problem(422, "delay-out-of-range"))
                    .contains("0 to 60000, was " + delay);
        }
    }

    /** Edits of a list that name what is not there: the list is as it was, and its version too. */
    @Test
    void anEditThatNamesWhatIsNotThereChangesNothing() {
        String list = newList(20);
        change(list, 0, edit("put", "slot", 3, "lines", List.of("ALPHA 145.310- 71.9")))
                .ok();
        JsonNode before = get("/api/lists/" + list).ok();
        long version = before.path("version").asLong();
        String channel = before.path("rows").get(0).path("id").asString();
        assertThat(change(list, version, edit("short-name", "channel", channel, "length", 1, "name", "A"))
                        .problem(422, "display-unknown"))
                .contains("length must be one of ")
                .contains("was 1.");
        assertThat(change(list, version, edit("take-over", "rows", List.of("3")))
                        .problem(422, "nothing-to-take-over"))
                .contains("from must name a list, or radio and snapshot");
        assertThat(get("/api/lists/" + list).ok()).isEqualTo(before);
    }

    /** Entries that give no channel say why; with one that is gone since it was looked at none is taken. */
    @Test
    void whatIsTakenIsAllOfItOrNothing() {
        String list = newList(20);
        mapped(bring("zz-take.csv", """
                call,site,lat,lon,output,shift,mode,confirmed
                QV0AA,Alpha,47.5,-38.1,145.310,-0.6,FM,2026-05-01
                QV0AB,Bravo,47.5,-38.1,145.330,-0.6,DMR,2026-05-01
                QV0AC,Charlie,47.5,-38.1,145.350,±0.45,FM,2026-05-01
                """));
        JsonNode imports = get("/api/imports").ok();
        post(
                        "/api/imports/" + imports.get(0).path("id").asString() + "/take",
                        Map.of("doubtful", true, "dropGone", false))
                .ok();
        List<String> ids = sql.queryForList(
                "select id from directory_entry where source = 'zz-take' order by call_sign", String.class);
        assertThat(ids).hasSize(3);
        assertThat(take(list, ids.get(1)).problem(422, "nothing-to-take"))
                .contains("The entry gives no channel. Bravo passes digital voice on.");
        assertThat(take(list, ids.get(2)).problem(422, "nothing-to-take"))
                .contains("The entry gives no channel. The entry says how far it shifts", "not which way");
        assertThat(take(list, ids.get(2), ids.get(1)).problem(422, "nothing-to-take"))
                .contains("None of the 2 entries gives a channel. The first is Charlie. The entry says");
        assertThat(take(list, ids.get(0), "zz-take:gone").problem(409, "entries-gone"))
                .contains("1 of the 2 entries are not in the directory any more. Nothing was taken");
        assertThat(get("/api/lists/" + list).ok().path("rows")).isEmpty();
        take(list, ids.get(0), ids.get(1), ids.get(0)).ok();
        assertThat(get("/api/lists/" + list).ok().path("rows"))
                .as("the one that gives a channel, once")
                .hasSize(1);
    }

    private Answer take(String list, String... entries) {
        return change(
                list,
                get("/api/lists/" + list).ok().path("version").asLong(),
                edit("take", "take", Map.of("entries", List.of(entries))));
    }

    /** A radio that is keyed in by hand has no cable, and nothing of it can be pressed. */
    @Test
    void aRadioWithoutACableSaysSo() {
        assertThat(post("/api/radios/crew/read", Map.of()).problem(422, "no-cable"))
                .contains("keyed in by hand");
        assertThat(post("/api/radios/red/at-hand", Map.of("act", "export")).problem(422, "no-such-act"))
                .contains("is not loaded so.");
        assertThat(post("/api/radios/blue/talk", Map.of("slot", 149, "at", "Vellan Harbour"))
                        .problem(422, "slot-empty"))
                .contains("Slot 149 of ", "holds no channel. Write the list first.");
        for (int slot : new int[] {-1, 150, Integer.MAX_VALUE, Integer.MIN_VALUE}) {
            assertThat(post("/api/radios/blue/talk", Map.of("slot", slot, "at", "Vellan Harbour"))
                            .problem(422, "no-such-slot"))
                    .contains("its slots are 0 to 149");
        }
    }

    /** What is kept of the person's has an end, which is told before the database is full of it. */
    @Test
    void howManyThereCanBe() {
        String yaml = send(request("/api/table-recipes").GET())
                .ok()
                .get(0)
                .path("yaml")
                .asString();
        assertThat(post("/api/table-recipes", Map.of("yaml", yaml + "\n# " + "x".repeat(100_000)))
                        .problem(422, "recipe-too-long"))
                .contains("at most 100000 are read.");
        List<String> made = new ArrayList<>();
        try {
            Answer refused = null;
            for (int i : IntStream.range(0, 61).toArray()) {
                Answer answer =
                        post("/api/radios", Map.of("name", "Zz " + i, "model", "orvane-ot9", "reached", "none"));
                if (answer.status() >= 300) {
                    refused = answer;
                    break;
                }
                made.add(answer.body().path("id").asString());
            }
            assertThat(refused).as("the one too many").isNotNull();
            assertThat(refused.problem(422, "too-many-radios")).contains("There are 60 radios in use");
        } finally {
            made.forEach(id -> sql.update("delete from radio_unit where id = ?", id));
        }
    }

    /** What two radios of other models held is not set beside each other. */
    @Test
    void whatDoesNotBelongTogetherIsNotMixed() {
        assertThat(get("/api/radios/red/snapshots/" + NOBODY + "/beside/crew/" + NOBODY)
                        .problem(422, "other-model"))
                .contains("Make a list of each, and compare those.");
    }

    /** A slip by which the wrong thing would be keyed in or worked out is refused of a new text, by its words; a kept one is shown as ever. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            radio-models | wrenling-w12     | [SOFT, FULL] | [SOFT, SOFT] | radio-model-faulty | shown must differ from each other
            radio-models | wrenling-w12     | WRENLING W12 | ''           | radio-model-faulty | ident must be what the radio calls itself
            band-plans   | r2-north-america | ["146.520"]  | ["446.520"]  | band-plan-faulty   | must lie inside the band 2 m
            """)
    void aSlipIsRefusedOfANewTextAndAKeptOneStays(
            String kind, String id, String right, String wrong, String code, String says) {
        String yaml = get("/api/" + kind + "/" + id)
                .ok()
                .path("yaml")
                .asString()
                .replace("id: " + id, "id: zz-slip")
                .replace(right, wrong);
        assertThat(post("/api/" + kind, Map.of("yaml", yaml)).problem(422, code))
                .contains(says);
        assertThat(get("/api/" + kind + "/zz-slip").status()).isEqualTo(404);
        String table = kind.equals("band-plans") ? "band_plan" : "radio_definition";
        sql.update("insert into " + table + " (id, yaml, version, changed_at) values ('zz-slip', ?, 0, now())", yaml);
        try {
            assertThat(get("/api/" + kind + "/zz-slip").ok().path("yaml").asString())
                    .isEqualTo(yaml);
            assertThat(put("/api/" + kind + "/zz-slip", Map.of("baseVersion", 0, "yaml", yaml))
                            .problem(422, code))
                    .contains(says);
        } finally {
            sql.update("delete from " + table + " where id = 'zz-slip'");
        }
    }
}
