package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

class ReckonApiTest extends ServerTest {
    private JsonNode reckon(String line, String plan) {
        return post("/api/reckon", Map.of("line", line, "bandPlan", plan)).ok();
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "null",
            value = {
                "145.310- 71.9, r2-north-america, 145310000, 144710000, -600000, CTCSS 71.9",
                "147.135 + 127.3, r2-north-america, 147135000, 147735000, 600000, CTCSS 127.3",
                "438.825 -, r1-europe, 438825000, 431225000, -7600000, null",
                "156.800, r2-north-america, 156800000, null, null, null",
            })
    void answersInHertzWithItsWorking(String line, String plan, Long receive, Long transmit, Long shift, String tone) {
        JsonNode answer = reckon(line, plan);
        assertThat(answer.path("receiveHz").asLong()).isEqualTo(receive);
        assertThat(
                        answer.path("transmitHz").isNull()
                                ? null
                                : Long.valueOf(answer.path("transmitHz").asLong()))
                .isEqualTo(transmit);
        assertThat(
                        answer.path("shiftHz").isNull()
                                ? null
                                : Long.valueOf(answer.path("shiftHz").asLong()))
                .isEqualTo(shift);
        assertThat(
                        answer.path("talkTone").isNull()
                                ? null
                                : answer.path("talkTone").asString())
                .isEqualTo(tone);
        assertThat(answer.path("listenTone").isNull()).isTrue();
        assertThat(answer.path("emission").asString()).isEqualTo("FM");
        assertThat(answer.path("working").get(0).path("what").asString()).isEqualTo("Listen");
    }

    @Test
    void aFindingCarriesItsFixesAsLines() {
        JsonNode finding =
                reckon("145.310- 71.5", "r2-north-america").path("findings").get(0);
        assertThat(finding.path("severity").asString()).isEqualTo("error");
        assertThat(finding.path("message").asString()).contains("71.9 (0.4 away)", "69.3 (2.2 away)");
        assertThat(finding.path("fixes").get(0).path("line").asString()).isEqualTo("145.310- 71.9");
        JsonNode turned = reckon("144.710 145.310 T71.9", "r2-north-america");
        assertThat(turned.path("sum").path("listen").asString()).isEqualTo("145.310");
        JsonNode asked = turned.path("findings").get(0);
        assertThat(asked.path("code").asString()).isEqualTo("pair-turned");
        assertThat(asked.path("fixes").get(0).path("line").asString()).isEqualTo("144.710 tx 145.310 T71.9");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "hello", "999999999999", "\u0000", "'; drop table channel_list; --", "%s%n", "١٤٥.٣١٠"})
    void whatIsNoLineIsExplainedAndNeverBreaks(String line) {
        JsonNode answer = reckon(line, "r2-north-america");
        assertThat(answer.path("answered").asBoolean()).isFalse();
        assertThat(answer.path("findings").get(0).path("why").asString()).isNotBlank();
        assertThat(reckon("1".repeat(10_000), "r1-europe")
                        .path("findings")
                        .get(0)
                        .path("code")
                        .asString())
                .isEqualTo("line-too-long");
    }

    @Test
    void aRequestThatIsNotOneIsAProblemThatNamesTheField() {
        Map<String, Object> withoutLine = new HashMap<>();
        withoutLine.put("bandPlan", "r1-europe");
        assertThat(post("/api/reckon", withoutLine).problem(400, "field-invalid"))
                .contains("line must be");
        assertThat(post("/api/reckon", Map.of("line", "x", "bandPlan", "r9")).problem(422, "band-plan-unknown"))
                .contains("r2-north-america, r1-europe, r1-united-kingdom, r3-australia");
        Answer broken = send(request("/api/reckon").POST(HttpRequest.BodyPublishers.ofString("{\"line")));
        assertThat(broken.problem(400, "body-unreadable")).contains("must be JSON");
    }

    @Test
    void anotherWebSiteIsTurnedAway() {
        Answer foreign = send(request("/api/lists")
                .header("Origin", "http://elsewhere.example")
                .GET());
        assertThat(foreign.problem(403, "other-origin")).contains("another web site");
        Answer nonsense =
                send(request("/api/lists").header("Origin", "not an address").GET());
        nonsense.problem(403, "other-origin");
        send(request("/api/lists").header("Origin", "http://127.0.0.1:" + port).GET())
                .ok();
    }

    /** A page's own address is a screen after a reload; a missing file or interface is told as missing. */
    @Test
    void screensAreServedByAnyAddressAndMissingThingsAreMissing() {
        assertThat(get("/load/blue").body().asString()).contains("<title>Reckonrod</title>");
        assertThat(get("/api/no-such-thing").status()).isEqualTo(404);
        assertThat(get("/assets/no-such-file.js").status()).isEqualTo(404);
    }

    /** The answer says which slot a line really takes and what the person's radios make of it there. */
    @Test
    void saysWhereALineGoesAndWhatTheRadiosMakeOfIt() {
        JsonNode answer = post(
                        "/api/reckon",
                        Map.of("line", "AIR 132.800", "bandPlan", "r2-north-america", "list", listId(), "slot", 5))
                .ok();
        assertThat(answer.path("place").path("slot").asInt()).isEqualTo(18);
        List<String> marks = new ArrayList<>();
        answer.path("place")
                .path("radios")
                .forEach(each -> marks.add(
                        each.path("radio").asString() + ": " + each.path("mark").asString()));
        assertThat(marks)
                .containsExactly(
                        "K31 · green: exact",
                        "KM90 · car: exact",
                        "OT9 · crew: left out",
                        "W12 · blue: left out",
                        "W12 · red: left out",
                        "W40 · pocket: by hand");
        assertThat(answer.path("place").path("radios").get(4).path("why").get(0).asString())
                .contains("only listens on");
        assertThat(post("/api/reckon", Map.of("line", "132.800", "bandPlan", "r2-north-america"))
                        .ok()
                        .path("place")
                        .isNull())
                .isTrue();
    }

    @Test
    void theNotationCardHasWordsAndExamplesThatAreRead() {
        JsonNode card = get("/api/notation").ok();
        assertThat(card.size()).isGreaterThan(40);
        for (JsonNode entry : card) {
            assertThat(entry.path("words")).as(entry.toString()).isNotEmpty();
            JsonNode answer = post(
                            "/api/reckon",
                            Map.of("line", entry.path("example").asString(), "bandPlan", "r2-north-america"))
                    .ok();
            assertThat(answer.path("answered").asBoolean()).as(entry.toString()).isTrue();
        }
    }

    /** What was typed over since, what an edit changes, and how the shift is keyed in, in one answer. */
    @Test
    void explainsWhatWasTypedOverAndWhatAnEditChanges() {
        JsonNode answer = post(
                        "/api/reckon",
                        Map.of(
                                "line", "145.310 -0.605 77.0",
                                "bandPlan", "r2-north-america",
                                "published", "145.310- 71.9",
                                "before", "145.310- 77.0"))
                .ok();
        JsonNode tone = step(answer, "Talk tone");
        assertThat(tone.path("source").asString()).isEqualTo("typed over by you");
        assertThat(tone.path("was").asString()).isEqualTo("published CTCSS 71.9");
        assertThat(step(answer, "Talk").path("was").asString()).isEqualTo("worked out 144.710 MHz");
        assertThat(answer.path("changes").get(0).toString())
                .isEqualTo("{\"what\":\"Shift\",\"before\":\"−0.600 MHz\",\"after\":\"−0.605 MHz\"}");
        assertThat(answer.path("keying").get(0).path("steps").get(1).asString()).contains("type 006050 for 605 kHz");
    }

    private static JsonNode step(JsonNode answer, String what) {
        for (JsonNode step : answer.path("working")) {
            if (step.path("what").asString().equals(what)) {
                return step;
            }
        }
        throw new AssertionError("No step " + what + " in " + answer);
    }
}
