package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From a silent channel to its cause and back to a tail; a log that outlives the server; a round before the day. */
class ProveIT extends BrowserTest {
    private static final String HARBOUR = "47.388, -37.979";
    private static final LocatorAssertions.ContainsTextOptions SLOWLY =
            new LocatorAssertions.ContainsTextOptions().setTimeout(60_000);

    /** A list of its own with one line in slot 5, open in this tab. */
    private static void list(Page page, String name, String line) {
        page.evaluate("""
                async ({ name, line }) => {
                  const headers = { 'content-type': 'application/json' }
                  const post = async (path, body) =>
                    (await fetch(path, { method: 'POST', headers, body: JSON.stringify(body) })).json()
                  const { id } = await post('/api/lists', { name, bandPlan: 'r2-north-america', slots: 30 })
                  await post(`/api/lists/${id}/changes`, {
                    baseVersion: 0,
                    edits: [{ kind: 'put', slot: 5, lines: [line] }],
                  })
                  sessionStorage.setItem('reckonrod.list', id)
                }""", Map.of("name", name, "line", line));
    }

    private static String letters(long number) {
        StringBuilder letters = new StringBuilder();
        for (long rest = number; letters.length() < 5; rest /= 26) {
            letters.append((char) ('A' + rest % 26));
        }
        return letters.toString();
    }

    private static void write(Page page) {
        page.navigate(Application.address() + "/load/pocket");
        button(page, "Read W40 · pocket").click();
        assertThat(page.locator(".steps .job")).containsText("a snapshot of it is kept", SLOWLY);
        page.locator(
                        "button",
                        new Page.LocatorOptions().setHasText(Pattern.compile("Write \\d+ (new|changed|replaced)")))
                .click();
        assertThat(page.locator(".steps .job")).containsText("own sum of all", SLOWLY);
    }

    private static Locator why(Page page) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Why it is silent"));
    }

    private static void at(Page page, String place) {
        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("Where").setExact(true))
                .fill(place);
        page.keyboard().press("Tab");
    }

    @Test
    void aToneOnTheWrongSideIsFoundMendedWrittenAndAnswered() {
        Page page = page("/about");
        awaitGround(page);
        // A name of its own each time: what the radio holds already is not written once more.
        String name = "ZZ " + letters(System.nanoTime());
        list(page, "Zz wrong side", name + " 146.940 > 146.340 listen 100.0");
        write(page);
        page.navigate(Application.address() + "/prove");
        choose(page, "With", "W40 · pocket");
        at(page, HARBOUR);
        button(page, "Press the talk key of the simulated radio").click();
        assertThat(page.locator(".field")).containsText("nothing was heard");
        assertThat(page.locator(".field")).containsText("The display showed 146.340");
        assertThat(page.locator(".result")).containsText("Silent");

        // Two answers, the second by its key.
        why(page).getByText("Another question").click();
        why(page)
                .getByText("What does the display show while nobody talks?")
                .last()
                .click();
        button(page, "The slot or name, only a sign for listening").click();
        Locator first = why(page).locator(".causes li").first();
        assertThat(first).containsText("The tone is on the listen side");
        page.getByRole(
                        AriaRole.REGION,
                        new Page.GetByRoleOptions().setName("Prove").setExact(true))
                .focus();
        page.keyboard().press("a");
        assertThat(why(page).locator(".answered li")).hasCount(2);
        assertThat(first).containsText(Pattern.compile("The tone is on the listen side(probably|almost certainly)"));
        first.getByText("Why").click();
        assertThat(first).containsText("times likelier");
        WcagIT.check(page);

        // An answer that is taken back is asked again; the cause does not hang on it.
        why(page).locator(".answered button").last().click();
        assertThat(why(page).locator(".answered li")).hasCount(1);
        page.getByRole(
                        AriaRole.REGION,
                        new Page.GetByRoleOptions().setName("Prove").setExact(true))
                .focus();
        page.keyboard().press("m");
        assertThat(page.locator(".notice")).containsText("Write it into the radio in Load");
        assertThat(page.locator(".what .mono").last()).not().containsText("listen");
        page.keyboard().press("Control+z");
        assertThat(page.locator(".what .mono").last()).containsText("listen");
        page.keyboard().press("Control+Shift+z");
        assertThat(page.locator(".what .mono").last()).not().containsText("listen");
        assertThat(page.locator(".what")).containsText("100.0");

        write(page);
        page.navigate(Application.address() + "/prove");
        button(page, "Press the talk key of the simulated radio").click();
        assertThat(page.locator(".field")).containsText("a tail came back from Harbour");
        assertThat(page.locator(".result")).containsText("Answered");
        page.navigate(Application.address() + "/prove/log");
        assertThat(page.locator("tbody tr").first()).containsText(name);
        page.navigate(Application.address() + "/arrange");
        assertThat(row(page, 5)).isVisible();
    }

    /** On a phone, without the server: every tap is kept, a reload loses none, and all go when the server is back. */
    @Test
    void aLogIsKeptThroughAnOutage() {
        Page page = page("/about");
        list(page, "Zz outage", "ZZ FELL 147.000+ 88.5");
        page.setViewportSize(390, 844);
        page.navigate(Application.address() + "/prove");
        assertThat(page.locator(".what")).containsText("ZZ FELL");
        page.route("**/api/tests/**", route -> route.abort());
        button(page, "Transmit light").click();
        button(page, "Tail").dblclick();
        button(page, "Tail").click();
        button(page, "Strength 4").click();
        assertThat(page.locator(".result")).containsText("1 test kept in this browser");
        page.reload();
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Tail").setPressed(true)))
                .isVisible();
        assertThat(page.locator(".result")).containsText("1 test kept in this browser");
        WcagIT.nothingIsCutOff(page);
        page.unroute("**/api/tests/**");
        // It is there again, but its database is not yet.
        page.route("**/api/tests/**", route -> route.fulfill(new Route.FulfillOptions().setStatus(503)));
        page.waitForResponse("**/api/tests/**", () -> {});
        assertThat(page.locator(".result")).containsText("1 test kept in this browser");
        page.unroute("**/api/tests/**");
        assertThat(page.locator(".result")).containsText("Answered");
        assertThat(page.locator(".result")).not().containsText("kept in this browser");
        // A page that is opened while the server is away says so, and comes by itself.
        page.route("**/api/lists", route -> route.fulfill(new Route.FulfillOptions().setStatus(503)));
        page.reload();
        Locator away = page.getByRole(AriaRole.ALERT)
                .filter(new Locator.FilterOptions().setHasText("It is asked again by itself"));
        assertThat(away).isVisible();
        page.unroute("**/api/lists");
        assertThat(page.locator(".what")).containsText("ZZ FELL");
        assertThat(away).hasCount(0);
        page.navigate(Application.address() + "/prove/log");
        Locator test = page.locator("tbody tr").filter(new Locator.FilterOptions().setHasText("ZZ FELL"));
        assertThat(test).hasCount(1);
        assertThat(test).containsText("transmit light, tail; strength 4");

        // Corrected at the desk, and let go.
        page.setViewportSize(1280, 800);
        test.getByText("Correct…").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Tail"))
                .click();
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Only noise"))
                .click();
        dialog.getByLabel("When").fill("2026-02-30 14:05");
        assertThat(dialog).containsText("As in 2026-11-27 14:05");
        assertThat(button(page, "Keep")).isDisabled();
        WcagIT.check(page);
        dialog.getByLabel("When").fill("2026-11-02 08:15");
        dialog.getByLabel("Radio").fill("a borrowed one");
        button(page, "Keep").click();
        assertThat(test).containsText("silent");
        assertThat(test).containsText("2026-11-02 08:15");
        assertThat(test).containsText("a borrowed one");
        test.getByText("Let go…").click();
        button(page, "Let it go").click();
        assertThat(test).hasCount(0);
    }

    /** Two tabs: what one still has to send, the other leaves alone; once that is closed for good, the other brings it there. */
    @Test
    void aTestOutlivesTheTabInWhichItWasMade() {
        Page page = page("/about");
        list(page, "Zz tabs", "ZZ TABS 147.000+ 88.5");
        page.navigate(Application.address() + "/prove");
        assertThat(page.locator(".what")).containsText("ZZ TABS");
        page.route("**/api/tests/**", route -> route.abort());
        button(page, "Tail").click();
        assertThat(page.locator(".result")).containsText("1 test kept in this browser");
        Page other = page.context().newPage();
        other.navigate(Application.address() + "/prove/log");
        assertThat(other.getByText("1 test kept in this browser")).isVisible();
        Locator test = other.locator("tbody tr").filter(new Locator.FilterOptions().setHasText("ZZ TABS"));
        assertThat(test).hasCount(0);
        page.close();
        // As if it had been closed for a while.
        other.evaluate("""
                () => {
                  const key = Object.keys(localStorage).find((each) => each.startsWith('reckonrod.test.'))
                  const test = JSON.parse(localStorage.getItem(key))
                  localStorage.setItem(key, JSON.stringify({ ...test, tapped: test.tapped - 120_000 }))
                }""");
        // The log was asked for before the test came there, and its answer comes after: it is older, and asked for
        // again.
        List<Runnable> older = new ArrayList<>();
        List<Route> brought = new ArrayList<>();
        other.route("**/api/tests", route -> {
            if (!older.isEmpty()) {
                route.resume();
                return;
            }
            APIResponse answer = route.fetch();
            older.add(() -> route.fulfill(new Route.FulfillOptions().setResponse(answer)));
            brought.forEach(Route::resume);
        });
        other.route("**/api/tests/**", route -> {
            if (older.isEmpty()) {
                brought.add(route);
            } else {
                route.resume();
            }
        });
        other.waitForResponse(answer -> answer.request().method().equals("PUT"), other::reload);
        assertThat(other.getByText("kept in this browser")).hasCount(0);
        older.get(0).run();
        assertThat(test).containsText("answered");
        assertThat(other.getByText("kept in this browser")).hasCount(0);
    }

    /** Before the day: what is not proven since is told, a round tries it, and what is tried there counts. */
    @Test
    void aRoundOfTestsBeforeTheDay() {
        Page page = page(
                "/about",
                new Browser.NewContextOptions().setViewportSize(1280, 800).setColorScheme(ColorScheme.DARK));
        awaitGround(page);
        list(page, "Zz ready", "ZZ HIGH 146.835- D023N");
        page.navigate(Application.address() + "/prove/ready");
        assertThat(page.getByText("0 of 1 channel")).isVisible();
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("From"))
                .fill(HARBOUR);
        page.keyboard().press("Tab");
        button(page, "Plan it").click();
        Locator round = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The round"));
        assertThat(round).containsText("1 stop");
        assertThat(round).containsText("ZZ HIGH");
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("GPX")))
                .isVisible();
        WcagIT.check(page);
        page.navigate(Application.address() + "/prove");
        assertThat(page.locator(".what")).containsText("ZZ HIGH");
        page.keyboard().press("1");
        page.keyboard().press("3");
        assertThat(page.locator(".result")).containsText("Answered");
        // What is taken back is what was done here last, not some change of the list.
        page.keyboard().press("Control+z");
        assertThat(page.locator(".notice")).containsText("Undone: Tail");
        assertThat(page.locator(".result")).containsText("Tap what you see and hear");
        page.keyboard().press("Control+Shift+z");
        assertThat(page.locator(".result")).containsText("Answered");
        page.navigate(Application.address() + "/prove/ready");
        assertThat(page.getByText("1 of 1 channel")).isVisible();
        button(page, "Plan it").click();
        assertThat(round).containsText("Everything that has a repeater is proven");
    }

    /** By radio and place, then along a way; what is wrong comes with what mends it; and who hears whom. */
    @Test
    void aDryRunByKeysAndAlongAWay() {
        Page page = page("/about");
        awaitGround(page);
        list(page, "Zz dry", "ZZ HARBOUR 146.940-");
        page.navigate(Application.address() + "/prove/dry-run");
        page.getByLabel("Places, one a line").fill(HARBOUR + "\n47.881, -37.902");
        button(page, "Run it dry").click();
        Locator line = page.locator("tbody tr").first();
        assertThat(line).containsText("heard only");
        assertThat(line).containsText("it waits for a tone, and none is sent");
        line.getByText("Mend:").click();
        assertThat(line).containsText("opens");
        page.getByLabel("as a way, kilometre by kilometre").check();
        assertThat(page.getByText("run it again")).isVisible();
        button(page, "Run it dry").click();
        assertThat(line.locator(".cell").nth(20)).isVisible();
        line.locator(".cell").first().click();
        assertThat(page.locator(".detail")).containsText("dB to spare");
        WcagIT.check(page);
        page.setViewportSize(640, 400);
        WcagIT.nothingIsCutOff(page);
        page.setViewportSize(1280, 800);

        button(page, "Who hears whom").first().click();
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Channels"))
                .fill("HARBOUR");
        page.getByRole(AriaRole.OPTION).first().click();
        page.keyboard().press("Escape");
        for (int post = 1; post <= 2; post++) {
            page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Where " + post))
                    .fill(HARBOUR);
            page.keyboard().press("Tab");
        }
        button(page, "Who hears whom").last().click();
        assertThat(page.locator("tbody tr").first()).containsText("by the repeater");
    }
}
