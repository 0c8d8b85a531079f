package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.Geolocation;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Which repeaters, near here or along the road, and will they hear me. */
class FindIT extends BrowserTest {
    private static final LocatorAssertions.ContainsTextOptions SLOWLY =
            new LocatorAssertions.ContainsTextOptions().setTimeout(30_000);

    private static final String GPX = """
            <?xml version="1.0"?><gpx xmlns="http://www.topografix.com/GPX/1/1" version="1.1"><trk><trkseg>
            <trkpt lat="47.205" lon="-36.24"/><trkpt lat="47.28" lon="-35.95"/><trkpt lat="47.2" lon="-35.45"/>
            <trkpt lat="47.5" lon="-34.95"/><trkpt lat="47.75" lon="-34.45"/></trkseg></trk></gpx>""";

    private static Locator at(Page page) {
        return page.locator("#find-at");
    }

    private static Locator found(Page page, int i) {
        return page.locator("#found-" + i);
    }

    private static void search(Page page, String place) {
        at(page).fill(place);
        at(page).press("Enter");
    }

    /** By keyboard alone: the place, the list, what an entry says, and into the list of channels with another recipe. */
    @Test
    void aroundAPlaceAndIntoTheListByKeyboard() {
        Page page = page("/arrange");
        awaitGround(page);
        assertThat(row(page, 0)).isVisible();
        row(page, 4).or(page.locator(".row.free[data-slot='4']")).first().click();
        page.keyboard().press("Alt+1");
        tabTo(page, at(page));
        page.keyboard().type("Vellan Harb");
        page.keyboard().press("End");
        page.keyboard().type("our");
        page.keyboard().press("Enter");
        assertThat(page.locator(".count")).containsText("11 found around Vellan Harbour");
        assertThat(found(page, 10)).containsText("looks dead");
        assertThat(page.locator(".mast")).hasCount(11);
        tabTo(page, page.locator(".found"));
        page.keyboard().press("End");
        assertThat(page.locator(".side")).containsText("Old Link");
        assertThat(page.locator(".side")).containsText("The directory has Old Link off the air.");
        assertThat(page.locator(".side")).containsText("better confirmed, reach");
        assertThat(page.locator(".mast.chosen")).containsText("Old Link");
        page.keyboard().press("Home");
        page.keyboard().press("j");
        assertThat(page.locator(".side .title")).hasText("Harbour");
        assertThat(page.locator(".side .profile figcaption")).containsText("km from you", SLOWLY);
        assertThat(page.locator(".side")).containsText("anyone with a licence may use it");
        page.keyboard().press("Space");
        page.keyboard().press("j");
        page.keyboard().press("Space");
        page.keyboard().press("t");
        assertThat(page.locator(".v-dialog")).containsText("HARBOUR in slot 16 has the same pair and tones.");
        choose(page, "Names", "call sign");
        assertThat(page.locator(".v-dialog")).containsText("\"QV0HB\" 146.940 -0.600 T100.0");
        button(page, "Put 2 channels in, into slots 4, 18").click();
        assertThat(page.locator(".notice")).containsText("2 channels are in Vellan home");
        page.keyboard().press("Alt+2");
        assertThat(row(page, 4)).containsText("QV0HB");
        assertThat(row(page, 4)).containsText("146.340");
        undoAll();
    }

    /** The same place in other forms, a click, the browser's own place; a wrong one says why and is kept to be mended. */
    @Test
    void aPointIsGivenInAnyFormAndMistakesAreKept() {
        Page page = page(
                "/find",
                new Browser.NewContextOptions()
                        .setViewportSize(1280, 800)
                        .setGeolocation(new Geolocation(47.56, -38.18))
                        .setPermissions(List.of("geolocation")));
        assertThat(page.locator(".left")).containsText("Say where you are");
        for (String form :
                List.of("47.375 -37.985", "47 22.5 N 37 59.1 W", "24T 576637 5247288", "N 47.375, W 37.985")) {
            search(page, form);
            assertThat(page.locator(".count")).containsText("11 found");
            assertThat(found(page, 0)).containsText("Ferry Quay");
        }
        search(page, "47.375 99 W 12");
        assertThat(page.locator(".left [role=alert]")).containsText("Position must be");
        assertThat(page.locator("#found-0")).hasCount(0);
        assertThat(at(page)).hasValue("47.375 99 W 12");
        page.reload();
        assertThat(at(page)).hasValue("47.375 99 W 12");
        button(page, "Where I am").click();
        assertThat(page.locator(".count")).containsText("47.56000 N 38.18000 W");
        assertThat(found(page, 0)).containsText("Vellan Highland");
        page.locator(".map").click(new Locator.ClickOptions().setPosition(60, 400));
        assertThat(at(page)).not().hasValue("47.56000 -38.18000");
        String clicked = at(page).inputValue();
        page.locator(".map").focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Enter");
        assertThat(at(page)).not().hasValue(clicked);
        button(page, "Filter").click();
        choose(page, "Band", "70 cm");
        search(page, "Vellan Harbour");
        assertThat(page.locator(".found")).not().containsText("146.940");
        assertThat(page.locator(".found")).containsText("442.700");
        page.getByLabel("Words in the entry").fill("nobody of that name");
        page.keyboard().press("Enter");
        assertThat(page.locator(".left")).containsText("Nothing was found that passes the filters");
        button(page, "Clear the filters").click();
        assertThat(page.locator(".count")).containsText("11 found");
        button(page, "Search what the map shows").click();
        assertThat(page.locator(".count")).containsText("on the part of the map, seen from Vellan Harbour");
        assertThat(page.locator(".found")).containsText("Skarra Head");
        button(page, "Around the place again").click();
        assertThat(page.locator(".count")).containsText("11 found");
    }

    /** A GPX file, in driving order; then the trip as a list of its own, and home again with one action. */
    @Test
    void alongAGpxRouteAndATripAsAListOfItsOwn() {
        Page page = page("/find");
        button(page, "Along a route").click();
        page.getByLabel("GPX file", new Page.GetByLabelOptions().setExact(true))
                .setInputFiles(
                        new FilePayload("wrong.gpx", "application/gpx+xml", "<kml/>".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator(".left [role=alert]")).containsText("must be GPX");
        page.getByLabel("GPX file", new Page.GetByLabelOptions().setExact(true))
                .setInputFiles(
                        new FilePayload("moor.gpx", "application/gpx+xml", GPX.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator(".count")).containsText(Pattern.compile("found along 1[0-9]{2} km, moor"));
        assertThat(found(page, 0)).containsText("Port Ardmoor");
        List<String> passed =
                page.locator(".found .row:not(.head):not(.dead) .under").allInnerTexts();
        List<Integer> kilometres = passed.stream()
                .filter(text -> text.startsWith("km "))
                .map(text -> Integer.parseInt(text.substring(3, text.indexOf(','))))
                .toList();
        Assertions.assertThat(kilometres).hasSizeGreaterThan(6).isSorted();

        choose(page, "My radio", "Car, 25 W");
        button(page, "Plan the trip").click();
        assertThat(page.locator(".trip h3").first()).containsText("changes", SLOWLY);
        assertThat(page.locator(".trip .leg").first()).isVisible();
        assertThat(page.locator(".trip tbody tr").first()).containsText("km 0 to");
        page.getByLabel("each band by itself").check();
        assertThat(page.locator(".trip")).containsText("70 cm:", SLOWLY);
        assertThat(page.locator(".trip .strip")).hasCount(2);
        page.getByLabel("each band by itself").uncheck();
        assertThat(page.locator(".trip .strip")).hasCount(1);
        int legs = page.locator(".trip tbody tr").count();
        page.getByLabel("Name").fill("Zz trip");
        button(page, "Make a list of its own, home channels kept").click();
        assertThat(page.locator(".notice")).containsText("“Zz trip” is open, with the channels of Vellan home kept");
        assertThat(page.locator(".top")).containsText("Zz trip");
        page.keyboard().press("Alt+2");
        assertThat(page.locator(".page-bar h1")).hasText("Zz trip");
        assertThat(page.locator("footer").first()).containsText((30 + legs) + " of 150 slots");
        assertThat(row(page, 16)).containsText("HARBOUR");
        button(page, "Back to Vellan home").click();
        assertThat(page.locator(".page-bar h1")).hasText("Vellan home");
        assertThat(page.locator("footer").first()).containsText("30 of 150 slots");
    }

    /** A route by the names of its places, one of which is none; then one drawn on the map, with a point taken back. */
    @Test
    void aRouteIsNamedOrDrawn() {
        Page page = page("/find");
        button(page, "Along a route").click();
        Locator places = page.getByLabel("Places along the route");
        places.fill("Port Ardmoor; Atlantis");
        button(page, "Go").click();
        assertThat(page.locator(".notice")).containsText("No place is called “Atlantis”");
        assertThat(places).hasValue("Port Ardmoor; Atlantis");
        places.fill("Port Ardmoor; 47.5 -34.95");
        places.press("Enter");
        assertThat(page.locator(".count")).containsText(Pattern.compile("found along 10[0-9] km"));
        assertThat(found(page, 0)).containsText("Port Ardmoor");
        page.reload();
        assertThat(page.locator(".count")).containsText(Pattern.compile("found along 10[0-9] km"));
        button(page, "Draw").click();
        for (int x : new int[] {120, 200, 280}) {
            page.locator(".map").click(new Locator.ClickOptions().setPosition(x, 300));
        }
        button(page, "Take back").click();
        button(page, "Use 2 points").click();
        assertThat(page.locator(".count")).containsText("Drawn on the map");
    }

    /** In the field, by touch on a narrow screen: what is near, how it is opened, and into the list. */
    @Test
    void onAPhoneByTouch() {
        Page page = page(
                "/find",
                new Browser.NewContextOptions().setViewportSize(390, 844).setHasTouch(true));
        awaitGround(page);
        search(page, "Skarra Haven");
        found(page, 0).tap();
        assertThat(page.locator(".side .title")).hasText("Skarra Head");
        page.locator(".side .profile").scrollIntoViewIfNeeded();
        assertThat(page.locator(".side .profile")).isVisible();
        assertThat(page.locator(".side .talk").first()).containsText("144.710");
        button(page, "Close Entry").tap();
        page.locator("#found-0").getByRole(AriaRole.CHECKBOX).check();
        button(page, "Take 1 into Vellan home").tap();
        choose(page, "Block", "Round · 2 m (4–19)");
        button(page, "Put 1 channel in, into slot 4").tap();
        assertThat(page.locator(".notice")).containsText("1 channel is in Vellan home");
        undoAll();
    }

    /** A listing comes again with another tone: the channel taken from it says so in the list, and one key mends it. */
    @Test
    void aChannelSaysThatItsEntryHasChanged() {
        Page page = page("/sources");
        String listing =
                "Call,Site,Lat,Lon,Output,Shift,Tone,Confirmed\nQZ2ZZ,Zz Knoll,20.1,20.1,145.390,-0.6,%s,2026-10-0%d\n";
        takeIn(page, listing.formatted("88.5", 1), "1 new");
        page.navigate(Application.address() + "/find");
        search(page, "Zz Knoll");
        assertThat(page.locator(".count")).containsText("1 found");
        page.locator("#found-0").click();
        assertThat(page.locator(".side .strip")).isVisible();
        button(page, "Take into Vellan home").click();
        page.getByLabel("From slot").fill("140");
        page.getByLabel("From slot").press("Tab");
        button(page, "Put 1 channel in, into slot 140").click();
        assertThat(page.locator(".notice")).containsText("1 channel is in Vellan home");
        page.navigate(Application.address() + "/sources");
        takeIn(page, listing.formatted("100.0", 2), "1 changed");
        page.navigate(Application.address() + "/arrange");
        row(page, 140).click();
        assertThat(page.locator(".working"))
                .containsText("The directory has Zz Knoll as 145.390 -0.600 T100.0 now; the channel was taken from");
        assertThat(page.locator(".working [aria-label='In the directory']"))
                .containsText("Zz Knoll, QZ2ZZ: unknown, confirmed within a year, on 2026-10-02.");
        page.keyboard().press("f");
        assertThat(row(page, 140)).containsText("100.0");
        assertThat(page.locator(".working")).not().containsText("the channel was taken from");
        button(page, "Look around it in Find").click();
        assertThat(page.locator(".count")).containsText("1 found");
        undoAll();
    }

    private static void takeIn(Page page, String listing, String counted) {
        page.getByLabel("Listing file")
                .setInputFiles(new FilePayload("zz-knoll.csv", "text/csv", listing.getBytes(StandardCharsets.UTF_8)));
        button(page, "Bring the file in").click();
        button(page, "Read rows").click();
        assertThat(page.locator(".kinds")).containsText(counted, SLOWLY);
        button(page, "Take 1 entry into the directory").click();
        assertThat(page.locator(".sources")).containsText("1 entry was taken.");
    }

    /** A lost server is said, the question stays, and it is asked again when the person says so. */
    @Test
    void aLostServerIsSaid() {
        Page page = page("/find");
        page.route("**/api/find?**", route -> route.abort());
        search(page, "Vellan Harbour");
        assertThat(page.locator(".left [role=alert]"))
                .containsText(
                        "The server does not answer", new LocatorAssertions.ContainsTextOptions().setTimeout(15_000));
        assertThat(at(page)).hasValue("Vellan Harbour");
        page.unroute("**/api/find?**");
        button(page, "Search again").click();
        assertThat(page.locator(".count")).containsText("11 found");
    }
}
