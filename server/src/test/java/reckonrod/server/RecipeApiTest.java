package reckonrod.server;

import static java.nio.charset.StandardCharsets.ISO_8859_1;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Recipes over HTTP: kept, refused with the lines of their faults, used both ways, worked out from an example. */
class RecipeApiTest extends ServerTest {
    private final String name = "Zz " + UUID.randomUUID();
    private final String yaml = """
            name: NAME
            separator: semicolon
            encoding: iso-8859-1
            columns:
              - { heading: "Träger", holds: listen }
              - { heading: Sends, holds: talk }
              - { heading: Name, holds: name }
            """.replace("NAME", name);

    private String listOf(String... lines) {
        String id = newList(20);
        change(id, 0, edit("put", "slot", 0, "lines", List.of(lines))).ok();
        return id;
    }

    @Test
    void aRecipeIsKeptAndChangedAndALateChangeOverwritesNothing() {
        JsonNode made = post("/api/table-recipes", Map.of("yaml", yaml)).ok();
        String path = "/api/table-recipes/" + made.path("id").asString();
        assertThat(post("/api/table-recipes", Map.of("yaml", yaml.replace("Zz", "ZZ")))
                        .problem(409, "recipe-exists"))
                .contains("There is a recipe \"ZZ ");
        Map<String, Object> next = Map.of("baseVersion", 0, "yaml", yaml.replace(name, name + " other"));
        put(path, next).ok();
        assertThat(put(path, next).problem(409, "changed-elsewhere")).contains("Nothing was overwritten");
        assertThat(get("/api/table-recipes").ok().toString()).contains(name + " other", "Pairs in megahertz");
        JsonNode refused = post("/api/table-recipes", Map.of("yaml", yaml.replace("holds: talk", "holds: tlk")))
                .body();
        assertThat(refused.path("code").asString()).isEqualTo("recipe-faulty");
        assertThat(refused.path("faults").get(0).path("line").asInt()).isEqualTo(6);
        assertThat(put("/api/table-recipes/pairs", next).problem(422, "recipe-ships"))
                .contains("Copy it");
        delete(path).ok();
        assertThat(get(path).problem(404, "not-found")).contains("deleted");
    }

    @Test
    void whatWouldBeLostIsToldBeforeAListGoesOut() {
        String id = listOf("SKARRA 145.310- 71.9", "TOWER 118.300 am", "LEG 147.510");
        JsonNode preview = post("/api/table-recipes/preview", Map.of("yaml", yaml, "list", id))
                .ok();
        assertThat(preview.path("written").asInt() + " of "
                        + preview.path("channels").asInt())
                .isEqualTo("2 of 3");
        assertThat(preview.path("leftOut").get(0).path("why").asString()).startsWith("it never talks");
        assertThat(preview.path("changed").toString())
                .isEqualTo("[{\"part\":\"talk tone\",\"channels\":1,\"labels\":[\"SKARRA\"]}]");
    }

    @Test
    void aListGoesOutAndComesInByARecipe() {
        String id = listOf("SKARRA 145.310- 71.9", "TOWER 118.300 am", "FERRY X 145.350 > 433.475 D023N/D047I low");
        String recipe = post(
                        "/api/table-recipes", Map.of("yaml", yaml.replace("holds: talk", "holds: talk, never: \"-\"")))
                .ok()
                .path("id")
                .asString();
        String text = get("/api/table-recipes/shifts/table?list=" + id).ok().asString();
        assertThat(text).startsWith("place;name;listens kHz;").contains(";145350;elsewhere;433475;code;D023N;D047I;");
        JsonNode back = read("shifts", id, text.getBytes(UTF_8)).ok();
        assertThat(back.path("lines").toString())
                .isEqualTo("[\"SKARRA 145.310 -0.600 T71.9\",\"TOWER 118.300\","
                        + "\"FERRY X 145.350 > 433.475 D023N RD047I low\"]");
        assertThat(read(recipe, id, "Träger;Sends;Name\n145.310;144.710;A\n145;x;B\n".getBytes(ISO_8859_1))
                        .ok()
                        .path("firstFault")
                        .asString())
                .isEqualTo("line 3: Sends must be a number of MHz, was \"x\"");
        assertThat(read(recipe, id, "Träger;Sends;Name\n".getBytes(UTF_8)).problem(422, "table-unreadable"))
                .contains("missing \"Träger\"", "Nothing was taken");
        delete("/api/table-recipes/" + recipe).ok();
    }

    private Answer read(String recipe, String list, byte[] file) {
        return post(
                "/api/table-recipes/" + recipe + "/lines",
                Map.of("list", list, "file", Base64.getEncoder().encodeToString(file)));
    }

    @Test
    void anExampleGivesARecipeOrSaysWhyNot() {
        JsonNode guess = post(
                        "/api/table-recipes/guess",
                        Map.of("name", "Zz", "text", "Label,Rx,Tx,Colour\nSKARRA,145.310,144.710,red\n"))
                .ok();
        assertThat(guess.path("yaml").asString()).contains("holds: talk, unit: MHz, decimals: 3");
        assertThat(guess.path("open").toString()).isEqualTo("[\"Colour\"]");
        assertThat(post("/api/table-recipes/guess", Map.of("name", "Zz", "text", "no table"))
                        .problem(422, "example-unreadable"))
                .contains("No columns were found");
    }
}
