package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** How much there may be of a thing: the last one goes in, one more is told and changes nothing. */
class MostApiTest extends RadiosTest {
    private static final String RECIPE = """
            name: Zz %d
            columns:
              - { heading: f, holds: listen }
            """;

    @AfterEach
    void takeAway() {
        sql.update("delete from setting_profile where name like 'Zz %'");
        sql.update("delete from export_recipe where yaml like 'name: Zz %'");
        sql.update("delete from radio_definition where id like 'zz-%'");
    }

    private static Map<String, Object> profile(int number) {
        return Map.of("name", "Zz " + number, "chosen", Map.of("key beep", "off"));
    }

    private int count(String table) {
        return sql.queryForObject("select count(*) from " + table, Integer.class);
    }

    @Test
    void fiftyProfilesAreKeptAndAnyOfThemMayChange() {
        IntStream.range(count("setting_profile"), 49)
                .forEach(each -> sql.update(
                        "insert into setting_profile (name, chosen) values (?, '{\"key beep\": \"on\"}')",
                        "Zz " + each));
        post("/api/setting-profiles", profile(100)).ok();
        assertThat(post("/api/setting-profiles", profile(101)).problem(422, "too-many-profiles"))
                .isEqualTo("At most 50 profiles are kept. Drop one first.");
        assertThat(count("setting_profile")).isEqualTo(50);
        post("/api/setting-profiles", Map.of("name", " Zz 100 ", "chosen", Map.of("key beep", "on")))
                .ok();
        assertThat(sql.queryForObject(
                        "select chosen ->> 'key beep' from setting_profile where name = 'Zz 100'", String.class))
                .isEqualTo("on");
        assertThat(delete("/api/setting-profiles?name=Zz%20100").status()).isEqualTo(204);
        post("/api/setting-profiles", profile(101)).ok();
        post("/api/setting-profiles", Map.of("name", "Zz x", "chosen", Map.of()))
                .problem(400, "field-invalid");
    }

    @Test
    void fiveHundredRecipesAreKept() {
        IntStream.range(count("export_recipe"), 499)
                .forEach(each -> sql.update(
                        "insert into export_recipe (id, yaml, version, changed_at) values (?, ?, 0, now())",
                        UUID.randomUUID(),
                        RECIPE.formatted(each)));
        JsonNode last = post("/api/table-recipes", Map.of("yaml", RECIPE.formatted(1000)))
                .ok();
        assertThat(post("/api/table-recipes", Map.of("yaml", RECIPE.formatted(1001)))
                        .problem(422, "too-many-recipes"))
                .isEqualTo("There are 500 already. Delete one first.");
        assertThat(count("export_recipe")).isEqualTo(500);
        assertThat(delete("/api/table-recipes/" + last.path("id").asString()).status())
                .isEqualTo(204);
        post("/api/table-recipes", Map.of("yaml", RECIPE.formatted(1001))).ok();
    }

    /** What is otherwise in one radio is counted over all that was said before. */
    @Test
    void aThousandChannelsCanBeOtherwiseInOneRadio() {
        String radio = radio("wrenling-w12");
        List<String> thousand =
                Stream.generate(() -> UUID.randomUUID().toString()).limit(1_000).toList();
        String path = "/api/radios/" + radio + "/leave-out";
        post(path, Map.of("channels", thousand)).ok();
        post(path, Map.of("channels", thousand.subList(0, 7))).ok();
        assertThat(post(path, Map.of("channels", List.of(UUID.randomUUID()))).problem(422, "too-many-overrules"))
                .isEqualTo("At most 1000 channels can be otherwise in one radio; make a list of its own for it.");
        post(path, Map.of("channels", List.of())).problem(400, "field-invalid");
    }

    /** So many tries that nobody could look at them are not begun. */
    @Test
    void aDryRunIsOfWhatCanBeLookedAt() {
        String radio = radio("wrenling-w12");
        List<List<Double>> far = List.of(List.of(10.0, 10.0), List.of(60.0, 10.0));
        Answer told = post(
                "/api/prove/dry-run",
                Map.of("listId", listId(), "radios", List.of(radio), "route", Map.of("points", far), "stepKm", 1));
        assertThat(told.status()).isEqualTo(422);
        assertThat(told.body().path("detail").asString()).contains("longer steps");
    }

    /** A model of one's own keeps its id, and an id is one that can stand in an address. */
    @Test
    void aModelKeepsItsId() {
        String yaml = get("/api/radio-models/orvane-ot9")
                .ok()
                .path("yaml")
                .asString()
                .replace("id: orvane-ot9", "id: zz-ot9");
        post("/api/radio-models", Map.of("yaml", yaml)).ok();
        assertThat(put(
                                "/api/radio-models/zz-ot9",
                                Map.of("baseVersion", 0, "yaml", yaml.replace("id: zz-ot9", "id: zz-ot10")))
                        .problem(422, "radio-model-id"))
                .isEqualTo("The id was \"zz-ot10\" and must stay \"zz-ot9\", since radios name their model by it.");
        for (String id : List.of("Zz-OT9", "\"zz ot9\"", "zz/ot9", "z".repeat(61), "\"\"")) {
            Answer refused = post("/api/radio-models", Map.of("yaml", yaml.replace("id: zz-ot9", "id: " + id)));
            assertThat(refused.status()).as(id).isEqualTo(422);
        }
        put("/api/radio-models/zz-ot9", Map.of("baseVersion", 0, "yaml", yaml)).ok();
    }

    /** A radio whose keys nobody wrote down has no sheets and nothing to practise. */
    @Test
    void whereTheKeysAreNotKnownThereAreNoSheets() {
        String yaml = get("/api/radio-models/orvane-ot9").ok().path("yaml").asString();
        String noKeys = yaml.substring(0, yaml.indexOf("# 1,024 bytes"))
                .replace("id: orvane-ot9", "id: zz-ot9")
                .replaceAll("(?m)^    (byte|low_bit|bits): .*\n", "");
        post("/api/radio-models", Map.of("yaml", noKeys)).ok();
        String radio = post(
                        "/api/radios",
                        Map.of(
                                "model",
                                "zz-ot9",
                                "name",
                                "Zz keys " + UUID.randomUUID().toString().substring(0, 8),
                                "reached",
                                "none"))
                .ok()
                .path("id")
                .asString();
        for (String path : List.of(
                "/api/lists/" + list + "/keys/all?radio=" + radio,
                "/api/lists/" + list + "/practice?radio=" + radio,
                "/api/lists/" + list + "/keys?radio=" + radio + "&channel=" + channel())) {
            assertThat(get(path).problem(422, "keys-unknown"))
                    .as(path)
                    .endsWith("does not say what its keys do. It can be added under Models, as panel.");
        }
        sql.update("delete from radio_unit where id = ?", radio);
    }

    private String channel() {
        return get("/api/lists/" + list).ok().path("rows").get(0).path("id").asString();
    }

    @Test
    void namesAreMadeByARecipeThatThereIs() {
        Map<String, Object> take = Map.of("entries", List.of("vellan:harbour"), "recipe", "by-heart");
        assertThat(post("/api/lists/" + list + "/take/preview", take).problem(422, "recipe-unknown"))
                .isEqualTo("\"by-heart\" is no way to name channels; ask /api/recipes for those there are.");
        get("/api/recipes")
                .ok()
                .forEach(each -> post(
                                "/api/lists/" + list + "/take/preview",
                                Map.of(
                                        "entries",
                                        List.of("vellan:harbour"),
                                        "recipe",
                                        each.path("id").asString()))
                        .ok());
    }

    /** While a radio is being loaded nothing is put in the place of what is there. */
    @Test
    void nothingIsRestoredWhileSomebodyIsAtWork() {
        String radio = radio("kestrow-k31");
        byte[] archive = file("/api/archive");
        String brought = send(request("/api/archive")
                        .setHeader("Content-Type", "application/octet-stream")
                        .POST(HttpRequest.BodyPublishers.ofByteArray(archive)))
                .ok()
                .path("id")
                .asString();
        String job =
                post("/api/radios/" + radio + "/read", Map.of()).ok().path("id").asString();
        await("/api/jobs/" + job, each -> each.path("steps").size() > 0);
        assertThat(send(request("/api/archive/" + brought + "/restore").POST(HttpRequest.BodyPublishers.noBody()))
                        .problem(409, "work-runs"))
                .contains("kestrow-k31", "is at work (Waiting for the radio to send)", "Nothing was changed");
        post("/api/jobs/" + job + "/cancel", Map.of()).ok();
        await("/api/jobs/" + job, each -> !each.path("state").asString().equals("RUNNING"));
    }
}
