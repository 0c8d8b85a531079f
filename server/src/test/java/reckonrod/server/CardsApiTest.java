package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import reckonrod.server.paper.ReadPaper;
import tools.jackson.databind.JsonNode;

/** Cards and the page for a telephone, made from a list and read back. */
class CardsApiTest extends RadiosTest {
    private static Map<String, Object> asked(String kind, Object... more) {
        Map<String, Object> asked = new HashMap<>(Map.of("kind", kind, "size", "a4", "large", false));
        for (int i = 0; i < more.length; i += 2) {
            asked.put((String) more[i], more[i + 1]);
        }
        return asked;
    }

    private byte[] cards(Map<String, Object> asked) {
        return file("/api/cards/" + set(asked).ok().path("id").asString());
    }

    private Answer set(Map<String, Object> asked) {
        return post("/api/lists/" + list + "/cards", asked);
    }

    private JsonNode row(int slot) {
        for (JsonNode each : get("/api/lists/" + list).ok().path("rows")) {
            if (each.path("slot").asInt() == slot) {
                return each;
            }
        }
        throw new AssertionError("no channel in slot " + slot);
    }

    private List<String> ids(int... slots) {
        return IntStream.of(slots)
                .mapToObj(each -> row(each).path("id").asString())
                .toList();
    }

    /** What a code says is what another list takes in as the same channel. */
    @Test
    void theCodesOfTheCardsBringTheChannelsBack() {
        lines(
                11,
                "\"ÖSTREY N\" 145.430 -0.600 T118.8 low",
                "FELL 446.100 +5.000 D023N R67.0 NFM",
                "AIR 132.800 AM listen");
        byte[] pdf = cards(asked("channel", "channels", ids(11, 12, 13)));
        assertThat(ReadPaper.text(pdf))
                .contains("ÖSTREYN", "145.430MHz", "144.830MHz", "CTCSS118.8", "never:onlylisten", "Notyetanswered");
        List<String> codes = ReadPaper.codes(pdf);
        assertThat(codes).hasSize(3);
        String other = newList(50);
        change(other, 0, edit("put", "slot", 1, "lines", codes)).ok();
        JsonNode back = get("/api/lists/" + other).ok().path("rows");
        for (int i = 0; i < 3; i++) {
            for (String each :
                    List.of("name", "receiveHz", "transmitHz", "talkTone", "listenTone", "emission", "power")) {
                assertThat(back.get(i).path(each))
                        .as(each)
                        .isEqualTo(row(i + 11).path(each));
            }
        }
    }

    @Test
    void onlyWhatIsChosenIsPrintedAndWhatIsWrongIsSaid() {
        lines(11, "ONE 146.520", "TWO 146.550");
        String radio = radio("wrenling-w12");
        String two = ReadPaper.text(cards(asked("channel", "channels", ids(12), "size", "index")));
        assertThat(two).contains("TWO").doesNotContain("ONE");
        assertThat(set(asked("channel", "channels", List.of(UUID.randomUUID()))).problem(422, "channel-gone"))
                .contains("1 of the chosen channels is");
        assertThat(set(asked("keys")).problem(422, "radio-needed")).contains("Choose one");
        assertThat(set(asked("strip", "size", "a0")).problem(400, "body-unreadable"))
                .contains("a4");
        assertThat(set(asked("lending", "radio", radio, "owner", "x".repeat(121)))
                        .problem(422, "card-too-small"))
                .contains("at most 120");
        // None is not all of them.
        assertThat(set(asked("channel", "channels", List.of())).problem(400, "field-invalid"))
                .contains("leave it out for all");
        list = newList(5);
        assertThat(set(asked("channel")).problem(422, "nothing-to-print")).contains("the list is empty");
        assertThat(get("/api/lists/" + list + "/pocket").problem(422, "nothing-to-print"))
                .contains("is empty");
    }

    /** What was looked at is what is saved, whatever became of the list since. */
    @Test
    void whatWasLookedAtIsWhatIsSaved() {
        lines(11, "ONE 146.520");
        JsonNode cards = set(asked("channel")).ok();
        String at = "/api/cards/" + cards.path("id").asString();
        byte[] before = file(at);
        assertThat(before.length).isEqualTo(cards.path("bytes").asInt());
        lines(12, "TWO 146.550");
        assertThat(file(at)).isEqualTo(before);
        assertThat(new String(file(at + "/sheets/1"), StandardCharsets.ISO_8859_1))
                .startsWith("\u0089PNG");
        assertThat(get(at + "/sheets/9").problem(422, "no-such-sheet")).contains("1 to 1");
        assertThat(get("/api/cards/" + UUID.randomUUID()).problem(404, "not-found"))
                .contains("set them again");
    }

    @Test
    void whatGoesWithARadioSaysWhatItHoldsAndHowItIsUsed() {
        lines(4, "HARBOUR 146.940- 100.0", "AIR 132.800");
        String radio = radio("wrenling-w12");
        String sheets = ReadPaper.text(cards(asked("keys", "radio", radio)));
        JsonNode keys = get("/api/lists/" + list + "/keys/all?radio=" + radio).ok();
        assertThat(sheets).contains("Slot4·HARBOUR", "Notinthisradio:AIR", "TAKE", "KEPT");
        keys.path("slots")
                .forEach(slot -> slot.path("lines").forEach(line -> {
                    StringBuilder pressed = new StringBuilder();
                    line.path("keys").forEach(each -> pressed.append(each.asString()));
                    assertThat(sheets).contains(pressed.toString().replace(" ", ""));
                }));
        assertThat(ReadPaper.text(cards(asked("settings", "radio", radio)))).contains("busylock:off", "NEVER");
        assertThat(ReadPaper.text(cards(asked("strip", "radio", radio)))).contains("4HARBOUR146.940");
        byte[] use = cards(asked("radio", "radio", radio));
        assertThat(ReadPaper.text(use)).contains("Leavealone", "notknown", "4HARBOUR146.940146.340CTCSS100.0");
        assertThat(ReadPaper.codes(use)).singleElement().asString().contains("HARBOUR 146.940 -0.600 T100.0");
        String lent = ReadPaper.text(cards(
                asked("lending", "radio", radio, "owner", "QV1AB", "back", "Sunday", "size", "a6", "large", true)));
        assertThat(lent)
                .contains("BelongstoQV1AB", "BackSunday", "2.Gotoslot1,SKARRA(145.310).", "emergencynumberfirst");
    }

    @Test
    void aTripIsPrintedByKilometre() {
        Map<String, ?> trip = Map.of(
                "route",
                Map.of("points", List.of(List.of(47.4, -38.4), List.of(47.7, -37.6)), "corridorKm", 60),
                "question",
                Map.of(),
                "perBand",
                false,
                "closedToo",
                true);
        JsonNode legs = post("/api/trips/plan", trip).ok().path("bands").get(0).path("legs");
        byte[] pdf = file("/api/trips/paper", Map.of("trip", trip, "size", "letter", "large", false));
        assertThat(legs.size()).isPositive();
        legs.forEach(leg -> assertThat(ReadPaper.text(pdf))
                .contains("%.1f%.1f"
                                .formatted(
                                        leg.path("fromKm").asDouble(),
                                        leg.path("toKm").asDouble())
                        + leg.path("entry").path("callSign").asString()));
        assertThat(ReadPaper.codes(pdf)).isNotEmpty();
    }

    /** Names are typed by people: none of them may end the script that holds them, or stand for a part of the page. */
    @Test
    void thePageForTheTelephoneHoldsTheListAndItsKeysInOneSmallFile() {
        String[] lines = IntStream.range(0, 100)
                .mapToObj(i -> "\"CH " + i + "\" " + (144 + i / 50) + "." + (100 + i % 50 * 5) + " simplex")
                .toArray(String[]::new);
        lines[0] = "\"</script><b>/* style */\" 146.520";
        list = newList(120);
        change(list, 0, edit("put", "slot", 0, "lines", List.of(lines))).ok();
        String first = radio("wrenling-w12");
        String second = radio("wrenling-w40");
        String page = get("/api/lists/" + list + "/pocket?radio=" + first + "&radio=" + second)
                .body()
                .asString();
        assertThat(page.length()).isLessThan(300_000);
        assertThat(page).contains("default-src 'none'").doesNotContain("http://", "https://", "<link", "src=");
        String data = page.replaceFirst("(?s).*id=\"data\"[^>]*>", "").replaceFirst("(?s)</script>.*", "");
        JsonNode held = json.readTree(data);
        assertThat(held.path("channels").size()).isEqualTo(100);
        assertThat(held.path("channels").get(0).path("name").asString()).isEqualTo("</script><b>/* style */");
        assertThat(held.path("channels")
                        .get(9)
                        .path("keys")
                        .path(first)
                        .path("steps")
                        .get(0)
                        .toString())
                .contains("144.145\\t1\\t4\\t4\\t1\\t4\\t5");
        assertThat(held.path("emergency").toString()).contains("public emergency number");
        assertThat(get("/api/lists/" + list + "/pocket?radio=nobody").problem(404, "not-found"))
                .contains("nobody");
    }

    /** The log comes home: what was answered in the field proves the channel of the list. */
    @Test
    void theLogOfTheTelephoneProvesTheChannel() {
        lines(11, "HARBOUR 146.940- 100.0");
        String channel = row(11).path("id").asString();
        String log = json.writeValueAsString(List.of(Map.of(
                "id",
                UUID.randomUUID(),
                "version",
                0,
                "at",
                "2026-11-20T10:00:00.000Z",
                "listId",
                list,
                "channelId",
                channel,
                "channel",
                "HARBOUR",
                "line",
                "HARBOUR 146.940 -0.600 T100.0",
                "seen",
                List.of("light", "tail"),
                "strength",
                4)));
        assertThat(post("/api/tests/take", Map.of("text", log))
                        .ok()
                        .path("taken")
                        .asInt())
                .isEqualTo(1);
        assertThat(ReadPaper.text(cards(asked("channel", "channels", ids(11))))).contains("Answeredon2026-11-20.");
        assertThat(row(11).toString()).contains("2026-11-20");
        assertThat(post("/api/tests/take", Map.of("text", log))
                        .ok()
                        .path("known")
                        .asInt())
                .isEqualTo(1);
    }
}
