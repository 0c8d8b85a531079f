package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** How a channel is keyed in by hand, for the radio as it was read last. */
class KeySheetApiTest extends RadiosTest {
    private String channel(int slot) {
        for (JsonNode each : get("/api/lists/" + list).ok().path("rows")) {
            if (each.path("slot").asInt() == slot && each.hasNonNull("id")) {
                return each.path("id").asString();
            }
        }
        throw new AssertionError("no channel in slot " + slot);
    }

    private String keys(int slot, String radio) {
        return "/api/lists/" + list + "/keys?channel=" + channel(slot) + "&radio=" + radio;
    }

    @Test
    void aSheetSaysWhatToPressAndWhatIfTheSlotIsInUse() {
        lines(5, "HARBOUR 146.940- 100.0");
        String radio = radio("wrenling-w12");
        JsonNode sheet = get(keys(5, radio)).ok();
        assertThat(sheet.path("slot").asInt()).isEqualTo(5);
        assertThat(sheet.path("readAt").isNull()).isTrue();
        assertThat(sheet.path("lines").get(0).path("keys").toString())
                .isEqualTo("[\"1\",\"4\",\"6\",\"9\",\"4\",\"0\"]");
        assertThat(sheet.path("lines").get(0).path("shows").toString()).contains("146.940");
        int last = sheet.path("lines").size() - 1;
        assertThat(sheet.path("lines").get(last).toString()).contains("\"0\",\"0\",\"5\",\"TAKE\"", "KEPT");
        assertThat(sheet.path("cannot").toString()).contains("The name HARBOUR cannot be keyed in");
        assertThat(sheet.path("filled").asString()).isEqualTo("FILLED");
        assertThat(sheet.path("ifFilled").toString()).contains("SURE", "GONE", "KEPT");
        assertThat(sheet.path("presses").asInt()).isBetween(30, 60);
        assertThat(sheet.path("pauseSeconds").asInt()).isEqualTo(10);

        // Once it was read, what is in the slot is known, and the sheet clears it first.
        read(radio);
        assertDone(write(radio));
        JsonNode known = get(keys(5, radio)).ok();
        assertThat(known.path("holds").asString()).contains("HARBOUR 146.940");
        assertThat(known.path("lines").toString()).contains("SURE");
        assertThat(known.path("filled").isNull()).isTrue();
    }

    @Test
    void whatHasNoKeysOrNoRoomIsRefused() {
        lines(5, "VELLAN AIR 132.800");
        String w12 = radio("wrenling-w12");
        assertThat(get(keys(5, w12)).problem(422, "not-in-radio")).contains("VELLAN AIR");
        assertThat(get("/api/lists/" + list + "/keys?radio=" + w12 + "&channel=00000000-0000-0000-0000-000000000000")
                        .problem(404, "not-found"))
                .contains("not in");
    }

    /** A whole list for a radio that nobody can read: slot by slot, what it leaves out, and the settings as steps. */
    @Test
    void aWholeListIsKeyedIn() {
        lines(21, "HARB 146.940- 100.0", "AIR 132.800", "SIMP 146.520");
        JsonNode sheets = get("/api/lists/" + list + "/keys/all?radio=" + radio("orvane-ot9"))
                .ok();
        assertThat(sheets.path("slots").findValuesAsString("slot"))
                .contains("21", "23")
                .doesNotContain("22");
        assertThat(sheets.path("left").toString()).contains("AIR");
        assertThat(sheets.path("linkSeconds").isNull()).isTrue();
        JsonNode first = null;
        int presses = 0;
        for (JsonNode each : sheets.path("slots")) {
            first = each.path("slot").asInt() == 21 ? each : first;
            presses += each.path("presses").asInt();
        }
        assertThat(first.path("content").asString())
                .isEqualTo("HARB 146.940, talk 146.340, talk tone CTCSS 100.0, FM high");
        assertThat(first.path("lines").toString()).contains("NAME", "HARB", "F held", "STORED");
        assertThat(sheets.path("presses").asInt()).isEqualTo(presses).isGreaterThan(30);
        assertThat(sheets.path("settings").findValuesAsString("name")).contains("busy lock");
        assertThat(sheets.path("settings").get(0).path("lines").toString()).contains("OWN SHIFT");
        assertThat(get("/api/lists/" + list + "/keys/all?radio=" + radio("wrenling-w12"))
                        .ok()
                        .path("linkSeconds")
                        .asInt())
                .isPositive();
    }

    /** Once a radio was read, only what differs from it is keyed in. */
    @Test
    void onlyWhatDiffersIsKeyedIn() {
        String radio = radio("wrenling-w40");
        String differing = "/api/lists/" + list + "/keys/all?differing=true&radio=" + radio;
        assertThat(get(differing).problem(422, "never-read")).contains("Nobody knows");
        read(radio);
        assertDone(write(radio));
        assertThat(get(differing).ok().path("slots")).isEmpty();
        lines(21, "NEWONE 146.550");
        JsonNode sheets = get(differing).ok();
        assertThat(sheets.path("slots")).hasSize(1);
        assertThat(sheets.path("slots").get(0).path("channel").asString()).isEqualTo("NEWONE");
        assertThat(sheets.path("readAt").asString()).startsWith("20");
        assertThat(sheets.path("spare")).isEmpty();
        // Taken off the list, it stays in the radio, and the way to clear it is told.
        change(list, version(list), edit("delete", "channel", channel(2))).ok();
        JsonNode spare = get(differing).ok().path("spare");
        assertThat(spare).hasSize(1);
        assertThat(spare.get(0).path("content").asString()).contains("147.510");
        assertThat(spare.get(0).path("lines").toString()).contains("OK");
        assertThat(get(differing).ok().path("reset").toString()).contains("9");
    }
}
