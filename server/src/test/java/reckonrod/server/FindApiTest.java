package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class FindApiTest extends ServerTest {
    private static final List<List<Double>> ARDMOOR =
            List.of(List.of(47.205, -36.24), List.of(47.28, -35.95), List.of(47.2, -35.45), List.of(47.5, -34.95));

    private List<String> labels(JsonNode found) {
        List<String> labels = new ArrayList<>();
        found.forEach(each -> labels.add(each.path("entry").path("label").asString()));
        return labels;
    }

    private static Map<String, ?> route(double corridor) {
        return Map.of("points", ARDMOOR, "corridorKm", corridor);
    }

    /** Without a place all of the directory is searched; what is found is seen from nowhere, so nothing is said of its reach. */
    @Test
    void withoutAPlaceAllIsSearched() {
        JsonNode all = get("/api/find?text=vellan").ok();
        assertThat(all.path("here").isNull()).isTrue();
        assertThat(all.path("found").size())
                .isEqualTo(all.path("total").asInt())
                .isGreaterThan(2);
        all.path("found").forEach(each -> {
            assertThat(each.path("reach").isNull()).isTrue();
            assertThat(each.path("passing").isNull()).isTrue();
            assertThat(each.path("entry").path("label").asString()
                            + each.path("entry").path("area").asString())
                    .containsIgnoringCase("vellan");
        });
        assertThat(get("/api/find?text=vellan&band=70%20cm").ok().path("total").asInt())
                .isPositive()
                .isLessThan(all.path("total").asInt());
        assertThat(get("/api/find?text=atlantis").ok().path("found")).isEmpty();
    }

    @Test
    void whereTheDirectoryComesFromIsSaid() {
        JsonNode vellan = get("/api/find/sources")
                .ok()
                .valueStream()
                .filter(each -> each.path("source").asString().equals("vellan"))
                .findFirst()
                .orElseThrow();
        assertThat(vellan.path("entries").asInt())
                .isEqualTo(sql.queryForObject(
                        "select count(*) from directory_entry where id like 'vellan:%'", Integer.class));
        assertThat(vellan.path("newest").asString())
                .isEqualTo(sql.queryForObject(
                        "select max(confirmed_on) from directory_entry where id like 'vellan:%'", String.class));
        assertThat(get("/api/find/flags")
                        .ok()
                        .valueStream()
                        .map(each -> each.path("words").asString()))
                .containsExactly("emergency power", "linked", "open", "closed", "wide area");
    }

    /** By name, by coordinates and by locator it is the same place; what looks dead comes last, with something better offered. */
    @Test
    void aroundAPlaceWhatIsOfUseComesFirst() {
        JsonNode view = get("/api/find?at=Vellan%20Harbour&km=60").ok();
        assertThat(view.path("here").path("name").asString()).isEqualTo("Vellan Harbour");
        List<String> labels = labels(view.path("found"));
        assertThat(labels).contains("Harbour", "Vellan Highland", "Pell Light").doesNotContain("Stonereach");
        assertThat(labels.get(labels.size() - 1)).isEqualTo("Old Link");
        assertThat(labels.indexOf("Fell Top")).isGreaterThan(labels.indexOf("Ostrey North"));
        JsonNode fell = view.path("found").get(labels.indexOf("Fell Top"));
        assertThat(fell.path("entry").path("looksDead").asBoolean()).isTrue();
        assertThat(fell.path("instead").path("label").asString()).isNotEmpty();
        assertThat(fell.path("reach").path("theyHearMe").path("verdict").asString())
                .isNotEmpty();
        assertThat(labels(get("/api/find?at=47.375%20-37.985&km=60").ok().path("found")))
                .isEqualTo(labels);
    }

    @ParameterizedTest
    @CsvSource({
        "km=70&band=70 cm, 6",
        "km=70&mode=digital, 1",
        "km=70&state=off the air, 1",
        "km=70&state=usable, 12",
        "km=70&flag=emergency power, 4",
        "km=70&flag=closed, 1",
        "km=70&tone=100.0, 1",
        "km=70&tone=1Z, 1",
        "km=70&tone=D023, 1",
        "km=70&tone=none, 2",
        "km=70&text=vellan high, 3",
        "km=70&text=100%25, 0",
        "km=2&text=harbour, 1"
    })
    void filtersNarrowIt(String filter, int count) {
        JsonNode view = get("/api/find?at=Vellan%20Harbour&" + filter.replace(" ", "%20"))
                .ok();
        assertThat(view.path("total").asInt())
                .as(() -> labels(view.path("found")).toString())
                .isEqualTo(count);
    }

    /** By distance the dead one nearby comes third, and not last. */
    @Test
    void theOrderIsThePersonsChoice() {
        List<String> near = labels(
                get("/api/find?at=Vellan%20Harbour&km=60&order=distance").ok().path("found"));
        assertThat(near).startsWith("Ferry Quay", "Harbour", "Fell Top");
        List<Long> outputs = new ArrayList<>();
        get("/api/find?at=Vellan%20Harbour&km=60&order=output")
                .ok()
                .path("found")
                .forEach(each -> outputs.add(each.path("entry").path("outputHz").asLong()));
        assertThat(outputs).hasSize(11).isSorted();
    }

    /** Each power of the person's own radios, then what people have; the figures given are the figures reckoned with. */
    @Test
    void stationsToChooseFrom() {
        JsonNode stations = get("/api/find/stations").ok();
        List<String> words = new ArrayList<>();
        stations.forEach(each -> words.add(each.path("words").asString()));
        assertThat(words)
                .startsWith("Kestrow K31, 5 W", "Kestrow K31, 2 W", "Kestrow K31, 0.5 W", "Kestrow KM90, 50 W")
                .contains("Wrenling W12, 1 W", "Car, 25 W");
        String way = "/api/find/path?id=vellan:pell-2&at=HN17aj&antenna=%s&gain=%s&watts=%s";
        double[] sent = new double[2];
        for (int i = 0; i < 2; i++) {
            JsonNode station = stations.get(2 * i);
            sent[i] = get(way.formatted(
                            station.path("antenna").asDouble(),
                            station.path("gain").asDouble(),
                            station.path("watts").asDouble()))
                    .ok()
                    .path("found")
                    .path("reach")
                    .path("theyHearMe")
                    .path("sentDbm")
                    .asDouble();
        }
        assertThat(sent[0] - sent[1]).as("5 W beside 0.5 W").isCloseTo(10, within(0.15));
    }

    /** An entry by itself comes with the line that its channel would be typed as; digital voice has none. */
    @Test
    void anEntryComesWithItsLine() {
        JsonNode detail = get("/api/find/entry?id=vellan:skarra-2").ok();
        assertThat(detail.path("line").asString()).isEqualTo("145.310 -0.600 T71.9 E L O");
        assertThat(detail.path("entry").path("ageWords").asString()).isEqualTo("confirmed within a year");
        assertThat(get("/api/find/entry?id=vellan:digital").ok().path("line").asString())
                .isEmpty();
        get("/api/find/entry?id=vellan:gone").problem(404, "not-found");
    }

    @ParameterizedTest
    @CsvSource({
        "at=Nowhere, place-unknown",
        "at=47.5%2099%20W%203, position-unreadable",
        "at=47%20-38&km=0, distance-out-of-range",
        "at=47%20-38&km=NaN, distance-out-of-range",
        "box=1;2, box-unreadable",
        "'box=50,1,40,2', box-unreadable",
        "'box=40,999,50,2', box-unreadable",
        "at=47%20-38&most=0, most-out-of-range",
        "at=47%20-38&watts=0, station-out-of-range",
        "at=47%20-38&band=9%20cm, filter-unknown",
        "at=47%20-38&tone=loud, filter-unknown",
        "at=47%20-38&state=asleep, filter-unknown",
        "at=47%20-38&flag=off, filter-unknown",
        "at=47%20-38&order=luck, order-unknown"
    })
    void whatCannotBeSearchedSaysWhy(String query, String code) {
        assertThat(get("/api/find?" + query).problem(422, code)).endsWith(".");
    }

    /** What is no number, no id or missing is said in the person's words, and nothing of the program's own. */
    @ParameterizedTest
    @CsvSource({
        "/api/find?at=HN17aj&antenna=tall, 'antenna must be a number, was \"tall\".'",
        "/api/find?at=HN17aj&most=few, 'most must be a whole number, was \"few\".'",
        "/api/find?at=HN17aj&list=mine, 'list must be an id of 32 hexadecimal digits with hyphens, was \"mine\".'",
        "/api/lists/mine, 'id must be an id of 32 hexadecimal digits with hyphens, was \"mine\".'",
        "/api/find/path?id=vellan:harbour, at must be given."
    })
    void aWrongKindOfValueIsSaid(String path, String said) {
        assertThat(get(path).problem(400, "field-invalid")).isEqualTo(said);
    }

    /** The isles but not Ardmoor; judged from a place when there is one, and over the date line without a seam. */
    @Test
    void aBoxHoldsWhatLiesInIt() {
        List<String> isles = labels(get("/api/find?box=47,-39,48,-37").ok().path("found"));
        assertThat(isles)
                .contains("Skarra Head", "Pell Light")
                .doesNotContain("Port Ardmoor")
                .hasSize(13);
        JsonNode seen =
                get("/api/find?box=47,-39,48,-37&at=Skarra%20Haven&most=3").ok();
        assertThat(seen.path("here").path("name").asString()).isEqualTo("Skarra Haven");
        assertThat(seen.path("found")).hasSize(3);
        assertThat(seen.path("found").get(0).path("entry").path("label").asString())
                .isEqualTo("Skarra Head");
        assertThat(get("/api/find?box=47,170,48,-37.9").ok().path("total").asInt())
                .isBetween(5, 12);
        assertThat(get("/api/find?box=47,-37,48,-39").ok().path("total").asInt())
                .isPositive();
    }

    @Test
    void anEntryIsShownWithThePathOverTheGround() {
        await(
                "/api/find/path?id=vellan:highland&at=Vellan%20Harbour",
                body -> !body.path("profile").isEmpty());
        JsonNode path = get("/api/find/path?id=vellan:highland&at=Vellan%20Harbour&watts=25")
                .ok();
        assertThat(path.path("profile").size()).isBetween(100, 401);
        assertThat(path.path("found").path("reach").path("overTerrain").asBoolean())
                .isTrue();
        double metres = path.path("obstacle").path("metres").asDouble();
        assertThat(metres)
                .isBetween(
                        1.0, path.path("found").path("reach").path("kilometres").asDouble() * 1000);
        List<String> codes = new ArrayList<>();
        path.path("found")
                .path("entry")
                .path("codes")
                .forEach(each -> codes.add(each.path("words").asString()));
        assertThat(codes).contains("emergency power", "linked", "open", "wide area");
        get("/api/find/path?id=vellan:gone&at=Vellan%20Harbour").problem(404, "not-found");
    }

    /** Driving order, only what lies within the corridor, and where each is passed. */
    @Test
    void alongARouteRepeatersComeInDrivingOrder() {
        JsonNode view = post("/api/find/route", Map.of("route", route(40), "question", Map.of()))
                .ok();
        List<String> labels = labels(view.path("found"));
        assertThat(labels)
                .contains("Port Ardmoor", "Stonereach", "Ashby Ford", "Middlemoor")
                .doesNotContain("Harbour");
        assertThat(labels.indexOf("Port Ardmoor")).isLessThan(labels.indexOf("Stonereach"));
        assertThat(view.path("route").path("kilometres").asDouble()).isBetween(100.0, 130.0);
        assertThat(labels(post("/api/find/route", Map.of("route", route(3), "question", Map.of()))
                        .ok()
                        .path("found")))
                .doesNotContain("Stonereach");
        post("/api/find/route", Map.of("route", Map.of("gpx", "<kml/>"), "question", Map.of()))
                .problem(422, "route-unreadable");
        post("/api/find/route", Map.of("question", Map.of())).problem(400, "field-invalid");
    }

    /** The shipped drive is planned, becomes a list with the home channels kept, and one action leads home again. */
    @Test
    void aTripIsPlannedTakenAndLeftAgain() throws Exception {
        await(
                "/api/find/path?id=vellan:highland&at=Vellan%20Harbour",
                body -> !body.path("profile").isEmpty());
        String gpx = text("/api/map/drive.gpx");
        JsonNode trip = post(
                        "/api/trips/plan",
                        Map.of(
                                "route",
                                Map.of("gpx", gpx, "corridorKm", 80),
                                "question",
                                Map.of("antenna", 2, "gain", 0, "watts", 25),
                                "perBand",
                                false,
                                "closedToo",
                                false))
                .ok();
        JsonNode band = trip.path("bands").get(0);
        assertThat(trip.path("kilometres").asDouble()).isBetween(500.0, 600.0);
        assertThat(band.path("legs").size()).isBetween(3, 12);
        double before = 0;
        for (JsonNode leg : band.path("legs")) {
            assertThat(leg.path("fromKm").asDouble()).isGreaterThanOrEqualTo(before);
            assertThat(leg.path("toKm").asDouble())
                    .isGreaterThan(leg.path("fromKm").asDouble());
            assertThat(leg.path("entry").path("looksDead").asBoolean()).isFalse();
            before = leg.path("toKm").asDouble();
        }
        List<String> entries = new ArrayList<>();
        trip.path("entries").forEach(each -> entries.add(each.asString()));
        JsonNode home = home();
        Map<String, ?> take = Map.of("entries", entries);
        JsonNode made = post(
                        "/api/lists/" + home.path("id").asString() + "/take/list", Map.of("name", "Trip", "take", take))
                .ok();
        JsonNode list = get("/api/lists/" + made.path("id").asString()).ok();
        assertThat(list.path("homeId").asString()).isEqualTo(home.path("id").asString());
        assertThat(list.path("rows").size()).isEqualTo(home.path("rows").size() + entries.size());
        assertThat(home()).isEqualTo(home);

        JsonNode withBlock = change(
                        made.path("id").asString(),
                        list.path("version").asLong(),
                        edit("take", "slot", 0, "take", take, "block", "Once more"))
                .ok()
                .path("list");
        assertThat(withBlock.path("blocks").size())
                .isEqualTo(list.path("blocks").size() + 1);
        JsonNode without = change(
                        made.path("id").asString(),
                        withBlock.path("version").asLong(),
                        edit("take-block-out", "block", "Once more"))
                .ok()
                .path("list");
        assertThat(without.path("rows").size()).isEqualTo(list.path("rows").size());
        sql.update("delete from channel_list where home_id is not null");
    }

    private JsonNode home() {
        String id = "";
        for (JsonNode each : get("/api/lists").ok()) {
            id = each.path("name").asString().equals("Vellan home")
                    ? each.path("id").asString()
                    : id;
        }
        return get("/api/lists/" + id).ok();
    }

    /** Findings come first; then the channels, linked to their entries, which tell when those change. */
    @Test
    void takenChannelsKnowTheirEntries() {
        String list = post("/api/lists", Map.of("name", "Zz taken", "bandPlan", "r2-north-america"))
                .ok()
                .path("id")
                .asString();
        Map<String, ?> take = Map.of(
                "entries", List.of("vellan:harbour", "vellan:digital", "vellan:old-link"), "recipe", "call-sign");
        JsonNode preview = post("/api/lists/" + list + "/take/preview", take).ok();
        assertThat(preview.path("channels").get(1).path("taken").asBoolean()).isFalse();
        assertThat(preview.path("channels").get(2).path("findings").toString()).contains("entry-off-air", "entry-old");
        assertThat(preview.path("slots")).isEmpty();
        assertThat(post("/api/lists/" + list + "/take/preview?slot=7", take)
                        .ok()
                        .path("slots")
                        .toString())
                .isEqualTo("[7,8]");
        JsonNode full =
                post("/api/lists/" + list + "/take/preview?slot=149", take).ok();
        assertThat(full.path("refused").asString()).contains("1 slots from 149");
        assertThat(full.path("slots")).isEmpty();
        JsonNode taken =
                change(list, 0, edit("take", "slot", 0, "take", take)).ok().path("list");
        assertThat(taken.path("rows")).hasSize(2);
        JsonNode harbour = taken.path("rows").get(0);
        assertThat(harbour.path("name").asString()).isEqualTo("QV0HB");
        assertThat(harbour.path("talkTone").asString()).isEqualTo("CTCSS 100.0");
        assertThat(harbour.path("findings").toString()).doesNotContain("entry-changed");

        sql.update("update directory_entry set talk_tone = 'CTCSS 103.5' where id = 'vellan:harbour'");
        JsonNode later = get("/api/lists/" + list).ok().path("rows").get(0).path("findings");
        assertThat(later.toString()).contains("entry-changed", "146.940 -0.600 T103.5");
        sql.update("update directory_entry set talk_tone = 'CTCSS 100.0' where id = 'vellan:harbour'");

        post("/api/lists/" + list + "/take/preview", Map.of("entries", List.of("vellan:nobody")))
                .problem(404, "not-found");
        post("/api/lists/" + list + "/take/preview", Map.of("entries", List.of()))
                .problem(400, "field-invalid");
        change(list, 0, edit("take", "slot", 9, "take", take)).problem(409, "changed-elsewhere");
        sql.update("delete from channel_list where name = 'Zz taken'");
    }

    private String text(String path) throws Exception {
        return java.net.http.HttpClient.newHttpClient()
                .send(request(path).GET().build(), java.net.http.HttpResponse.BodyHandlers.ofString())
                .body();
    }

    /** Kept here so that a route of one point, too long a route and a bare request are refused alike. */
    @Test
    void aRouteThatIsNoneIsRefused() {
        for (Object points :
                List.of(List.of(List.of(1, 1)), List.of(List.of(1, 1), List.of(95, 1)), List.of(List.of(1)))) {
            post("/api/find/route", Map.of("route", Map.of("points", points), "question", Map.of()))
                    .problem(422, "route-unreadable");
        }
        Map<String, ?> around = Map.of("points", List.of(List.of(0, -100), List.of(0, 0), List.of(0, 60)));
        post("/api/trips/plan", Map.of("route", around, "question", Map.of(), "perBand", true, "closedToo", true))
                .problem(422, "route-too-long");
        assertThat(send(request("/api/trips/plan").POST(HttpRequest.BodyPublishers.ofString("{")))
                        .problem(400, "body-unreadable"))
                .isNotEmpty();
    }
}
