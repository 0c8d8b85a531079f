package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What goes out of lists and radios into other forms, and comes back the same. */
class GivenOutApiTest extends RadiosTest {
    private String export(String as) {
        return new String(file("/api/lists/" + list + "/export?as=" + as), java.nio.charset.StandardCharsets.UTF_8);
    }

    /** Slot and line of each channel, as the list has them written out. */
    private static Map<Integer, String> channels(JsonNode view) {
        Map<Integer, String> channels = new TreeMap<>();
        view.path("rows")
                .forEach(row -> channels.put(
                        row.path("slot").asInt(),
                        row.path("receiveHz").asLong() + " "
                                + row.path("transmitHz").asString() + " "
                                + row.path("talkTone").asString() + " "
                                + row.path("listenTone").asString() + " "
                                + row.path("emission").asString() + " "
                                + row.path("power").asString()));
        return channels;
    }

    private String header(String path, String name) {
        try {
            return HttpClient.newHttpClient()
                    .send(request(path).GET().build(), HttpResponse.BodyHandlers.discarding())
                    .headers()
                    .firstValue(name)
                    .orElseThrow();
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "csv, text/csv;charset=UTF-8, csv",
        "lines, text/plain;charset=UTF-8, txt",
        "json, application/json, json",
        "geojson, application/geo+json, geojson",
        "gpx, application/gpx+xml;charset=UTF-8, gpx"
    })
    void aListGoesOutUnderItsNameInEveryForm(String as, String type, String ending) {
        change(list, version(list), edit("rename", "name", "Zz Ærø \"north\" 2/3"))
                .ok();
        Answer answer = get("/api/lists/" + list + "/export?as=" + as);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.type()).isEqualTo(type);
        assertThat(header("/api/lists/" + list + "/export?as=" + as, "Content-Disposition"))
                .startsWith("attachment;")
                .endsWith("filename*=UTF-8''Zz%20%C3%86r%C3%B8%20%22north%22%202%2F3." + ending);
    }

    /** Places that are known go onto a map; a channel that was typed has none. */
    @Test
    void whatHasAPlaceGoesOntoAMap() {
        lines(6, "SIMP 146.520");
        change(
                        list,
                        version(list),
                        edit("take", "slot", 10, "take", Map.of("entries", List.of("vellan:harbour", "vellan:pell-2"))))
                .ok();
        JsonNode features = json.readTree(export("geojson")).path("features");
        assertThat(features.valueStream()
                        .map(each -> each.path("properties").path("slot").asInt() + " "
                                + each.path("geometry")
                                        .path("coordinates")
                                        .get(1)
                                        .asDouble() + " "
                                + each.path("properties").path("listen_hz").asLong() + ">"
                                + each.path("properties").path("talk_hz").asLong())
                        .toList())
                .hasSize(2)
                .first()
                .isEqualTo("10 47.39 146940000>146340000");
        assertThat(export("gpx"))
                .contains("<wpt lat=\"47.390000\" lon=\"-37.980000\">", "Slot 10: ")
                .doesNotContain("SIMP")
                .satisfies(gpx -> assertThat(gpx.split("<wpt ", -1)).hasSize(3));
    }

    /** Table and lines are read again by the review, and every channel of it is the one that went out. */
    @ParameterizedTest
    @CsvSource({"csv", "lines"})
    void whatWentOutIsReadAgain(String as) {
        lines(
                5,
                "SKARRA 145.310- 71.9",
                "PELL 147.135+ T127.3 R88.5 mid",
                "HALDEN 146.835- D023I nfm",
                "MARINE 156.800 listen-only",
                "FERRY 145.350 > 433.475");
        Map<Integer, String> before = channels(get("/api/lists/" + list).ok());
        JsonNode read = post("/api/lines", Map.of("text", export(as), "bandPlan", "r2-north-america"))
                .ok();
        assertThat(read.path("table").asBoolean()).isEqualTo(as.equals("csv"));
        assertThat(read.path("unread").asInt()).isZero();
        String again = newList(60);
        change(
                        again,
                        0,
                        edit(
                                "put",
                                "slot",
                                0,
                                "lines",
                                read.path("text").asString().lines().toList()))
                .ok();
        assertThat(channels(get("/api/lists/" + again).ok()).values()).containsExactlyElementsOf(before.values());
        delete("/api/lists/" + again).ok();
    }

    @Test
    void chosenChannelsAreCopiedAndGoneOnesAreTold() {
        lines(5, "SKARRA 145.310- 71.9", "PELL 147.135+ 127.3", "LEG 147.510");
        List<String> ids = get("/api/lists/" + list)
                .ok()
                .path("rows")
                .valueStream()
                .map(row -> row.path("id").asString())
                .toList();
        JsonNode copied = post("/api/lists/" + list + "/copied", Map.of("channels", List.of(ids.get(5), ids.get(3))))
                .ok();
        assertThat(copied.path("channels").asInt()).isEqualTo(2);
        assertThat(copied.path("text")
                        .asString()
                        .lines()
                        .map(line -> line.split("	", -1))
                        .map(cells -> cells[0] + " " + cells[2]))
                .containsExactly("Slot Name", "5 SKARRA", "7 LEG");
        assertThat(post("/api/lists/" + list + "/copied", Map.of("channels", List.of(ids.get(1), UUID.randomUUID())))
                        .problem(422, "channel-gone"))
                .startsWith("1 of the channels are no longer in the list. Nothing was copied.");
        post("/api/lists/" + list + "/copied", Map.of("channels", List.of())).problem(400, "field-invalid");
    }

    /** What a radio holds becomes a list, which a comparison with the same snapshot finds nothing to say of. */
    @Test
    void whatARadioHeldBecomesAList() {
        String radio = radio("kestrow-k31");
        lines(5, "SKARRA 145.310- 71.9", "PELL 147.135+ T127.3 R88.5 mid", "FERRY 145.350 > 433.475");
        assertDone(atHand(radio, "send", post("/api/radios/" + radio + "/read", Map.of())));
        assertDone(atHand(
                radio, "take", post("/api/radios/" + radio + "/write", body(plan(radio, Map.of()), Map.of()))));
        assertDone(atHand(radio, "send", post("/api/radios/" + radio + "/read", Map.of())));
        String snapshot = newest(radio);
        String path = "/api/radios/" + radio + "/snapshots/" + snapshot + "/list";
        JsonNode made = post(path, Map.of("name", " Zz held ", "bandPlan", "r2-north-america"))
                .ok();
        assertThat(made.path("list").path("name").asString()).isEqualTo("Zz held");
        assertThat(made.path("unread")).isEmpty();
        String held = made.path("list").path("id").asString();
        Map<Integer, String> wanted = channels(get("/api/lists/" + list).ok());
        assertThat(channels(get("/api/lists/" + held).ok())).containsAllEntriesOf(wanted);
        assertThat(get("/api/lists/" + held + "/compare?radio=" + radio + "&snapshot=" + snapshot)
                        .ok()
                        .path("rows"))
                .isEmpty();
        post(path, Map.of("name", " ", "bandPlan", "r2-north-america")).problem(400, "field-invalid");
        post(path, Map.of("name", "Zz", "bandPlan", "r9")).problem(422, "band-plan-unknown");
        assertThat(post(
                                path.replace(snapshot, UUID.randomUUID().toString()),
                                Map.of("name", "Zz", "bandPlan", "r2-north-america"))
                        .status())
                .isEqualTo(404);
        delete("/api/lists/" + held).ok();
    }

    /** How far a radio is behind its list is told before anybody opens it. */
    @Test
    void theOverviewSaysHowFarARadioIsBehind() {
        String radio = radio("wrenling-w12");
        lines(7, "SIMP 146.520", "HARB 146.940- 100.0");
        assertDone(read(radio));
        assertThat(behind(radio)).isEqualTo("none");
        assertDone(write(radio));
        assertThat(behind(radio)).isEqualTo("0");
        lines(9, "PELL 147.135+ 127.3");
        change(list, version(list), edit("rewrite", "channel", idAt(7), "line", "SIMP 146.550"))
                .ok();
        assertThat(behind(radio)).isEqualTo("2");
    }

    private String behind(String radio) {
        return get("/api/lists/overview")
                .ok()
                .valueStream()
                .filter(each -> each.path("id").asString().equals(list))
                .flatMap(each -> each.path("radios").valueStream())
                .filter(each -> each.path("radioId").asString().equals(radio))
                .map(each -> each.path("behind").asString())
                .collect(Collectors.collectingAndThen(Collectors.joining(), found -> found.isEmpty() ? "none" : found));
    }

    private String idAt(int slot) {
        return get("/api/lists/" + list)
                .ok()
                .path("rows")
                .valueStream()
                .filter(row -> row.path("slot").asInt() == slot)
                .map(row -> row.path("id").asString())
                .findFirst()
                .orElseThrow();
    }
}
