package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A person's own band plans, and lists that go from one plan to another. */
class PlanApiTest extends ServerTest {
    private static final String R1 = "r1-europe";

    /** A copy of a shipped plan under an id of its own. */
    private String copy(String id) {
        String yaml = get("/api/band-plans/" + R1).ok().path("yaml").asString();
        return yaml.replace("id: " + R1, "id: " + id).replace("title: Region 1, Europe", "title: Mine " + id);
    }

    private String newList(String bandPlan, String... lines) {
        String id = post("/api/lists", Map.of("name", "Zz " + UUID.randomUUID(), "bandPlan", bandPlan))
                .ok()
                .path("id")
                .asString();
        change(id, 0, edit("put", "slot", 0, "lines", List.of(lines))).ok();
        return id;
    }

    @Test
    void aCopyIsEditedAndUsedAndWhatTheLoaderRefusesIsNotKept() {
        String yaml = copy("mine-one");
        assertThat(post("/api/band-plans", Map.of("yaml", yaml))
                        .ok()
                        .path("version")
                        .asLong())
                .isZero();
        assertThat(post("/api/band-plans", Map.of("yaml", yaml)).problem(409, "band-plan-exists"))
                .contains("mine-one");

        String broken = yaml.replace("shift_mhz: \"-7.6\"", "shift_mhz: \"minus\"");
        Answer refused = put("/api/band-plans/mine-one", Map.of("baseVersion", 0, "yaml", broken));
        int line = (int) broken.substring(0, broken.indexOf("minus")).lines().count();
        assertThat(refused.problem(422, "band-plan-faulty")).startsWith("Line " + line + ": Shift must be");
        assertThat(refused.body().path("faults").get(0).path("line").asInt()).isEqualTo(line);
        assertThat(get("/api/band-plans/mine-one").ok().path("yaml").asString()).isEqualTo(yaml);

        String edited = yaml.replace("shift_mhz: \"-7.6\"", "shift_mhz: \"-7.5\"");
        assertThat(put("/api/band-plans/mine-one", Map.of("baseVersion", 0, "yaml", edited))
                        .ok()
                        .path("version")
                        .asLong())
                .isEqualTo(1);
        assertThat(post("/api/reckon", Map.of("line", "438.825-", "bandPlan", "mine-one"))
                        .ok()
                        .path("sum")
                        .path("talk")
                        .asString())
                .isEqualTo("431.325");
        assertThat(put("/api/band-plans/mine-one", Map.of("baseVersion", 0, "yaml", yaml))
                        .problem(409, "changed-elsewhere"))
                .contains("Nothing was overwritten");
        String renamed = edited.replace("id: mine-one", "id: mine-two");
        put("/api/band-plans/mine-one", Map.of("baseVersion", 1, "yaml", renamed))
                .problem(422, "band-plan-id");
        put("/api/band-plans/" + R1, Map.of("baseVersion", 0, "yaml", edited)).problem(422, "band-plan-ships");
    }

    @Test
    void whatIsNoPlanAtAllIsRefusedByLine() {
        for (String bad :
                List.of("id: [", "- a\n- b", "? {a: b}\n: c", "id: \u0000", "&a {bands: [*a]}", "x".repeat(900))) {
            Answer refused = post("/api/band-plans/check", Map.of("yaml", bad));
            assertThat(refused.problem(422, "band-plan-faulty")).as(bad).containsIgnoringCase("line ");
        }
        post("/api/band-plans/check", Map.of("yaml", "x".repeat(200_001))).problem(422, "band-plan-too-long");
        assertThat(post("/api/band-plans/check", Map.of("yaml", copy("fresh-plan")))
                        .ok()
                        .path("licences"))
                .hasSize(2);
    }

    @Test
    void aPlanThatAHistoryNamesIsKept() {
        post("/api/band-plans", Map.of("yaml", copy("mine-used"))).ok();
        String list = newList("mine-used", "A 145.750-");
        change(list, 1, edit("go-by", "bandPlan", R1)).ok();
        assertThat(delete("/api/band-plans/mine-used").problem(409, "band-plan-in-use"))
                .contains("Zz ");
        post("/api/band-plans", Map.of("yaml", copy("mine-free"))).ok();
        assertThat(delete("/api/band-plans/mine-free").status()).isEqualTo(204);
        get("/api/band-plans/mine-free").problem(404, "not-found");
    }

    /** The preview changes nothing; the change moves what came from a rule, and one undo brings all of it back. */
    @Test
    void anotherPlanIsShownBeforeItIsTaken() {
        String list = newList("r3-australia", "RULE 438.825- 71.9", "GIVEN 438.825 > 431.825", "SIMPLEX 433.500 low");
        JsonNode before = get("/api/lists/" + list).ok();
        JsonNode preview = post("/api/lists/" + list + "/plan/preview", Map.of("bandPlan", R1))
                .ok();
        assertThat(preview.path("moved").asInt()).isEqualTo(1);
        assertThat(preview.path("rows").get(0).path("before").path("talk").asString())
                .isEqualTo("433.825");
        assertThat(preview.path("rows").get(0).path("after").path("talk").asString())
                .isEqualTo("431.225");
        assertThat(get("/api/lists/" + list).ok()).isEqualTo(before);

        JsonNode after = change(list, 1, edit("go-by", "bandPlan", R1, "licence", "entry"))
                .ok()
                .path("list");
        assertThat(after.path("bandPlan").path("id").asString()).isEqualTo(R1);
        assertThat(after.path("licence").asString()).isEqualTo("entry");
        assertThat(talk(after, 0)).isEqualTo("431.225");
        assertThat(talk(after, 1)).isEqualTo("431.825");
        change(list, 1, edit("go-by", "bandPlan", R1)).problem(409, "changed-elsewhere");
        JsonNode undone =
                post("/api/lists/" + list + "/undo", Map.of("baseVersion", 2)).ok();
        assertThat(undone.path("bandPlan").path("id").asString()).isEqualTo("r3-australia");
        assertThat(talk(undone, 0)).isEqualTo("433.825");
        post("/api/lists/" + list + "/plan/preview", Map.of("bandPlan", "none-such"))
                .problem(422, "band-plan-unknown");
        assertThat(post("/api/lists/" + list + "/plan/preview", Map.of("bandPlan", R1, "licence", "none-such"))
                        .problem(422, "licence-unknown"))
                .contains("full, entry");
    }

    private static String talk(JsonNode list, int row) {
        return list.path("rows").get(row).path("sum").path("talk").asString();
    }

    @Test
    void theLicenceOfTheListDecidesWhereItTalks() {
        String list = newList(R1, "TEN 29.640- 71.9");
        change(list, 1, edit("go-by", "bandPlan", R1, "licence", "entry")).ok();
        JsonNode view = get("/api/lists/" + list).ok();
        assertThat(view.path("rows").get(0).path("findings").get(0).path("code").asString())
                .isEqualTo("talk-outside-licence");
        JsonNode fit = get("/api/radios/blue/fit?list=" + list).ok();
        assertThat(fit.path("placements").get(0).path("mark").asString()).isEqualTo("left_out");
    }
}
