package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a list is for, its policies and names; orders that ask where; lists that are swapped, compared with a radio and printed. */
class IntentIT extends BrowserTest {
    private static final LocatorAssertions.ContainsTextOptions SLOWLY =
            new LocatorAssertions.ContainsTextOptions().setTimeout(30_000);

    @AfterEach
    void asBefore() {
        undoAll();
    }

    private static Locator dialog(Page page) {
        return page.getByRole(AriaRole.DIALOG);
    }

    private static Locator pressed(Page page, Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** A policy shows what it changes before it is set, is one undo, and what is typed against it later is told. */
    @ParameterizedTest
    @ValueSource(ints = {1280, 390})
    void aPolicyShowsWhatItChangesAndIsTakenBackInOne(int width) {
        Page page = page("/arrange", new Browser.NewContextOptions().setViewportSize(width, 844));
        assertThat(row(page, 6)).isVisible();
        if (width > 720) {
            page.keyboard().press("i");
        } else {
            button(page, "More").click();
            page.getByText("About the list").click();
        }
        assertThat(dialog(page).getByLabel("What it is for")).isFocused();
        choose(page, "Listening", "open: no channel waits for a tone");
        assertThat(dialog(page).getByRole(AriaRole.STATUS)).containsText("2 lines would change:");
        choose(page, "Power", "low on calling frequencies");
        assertThat(dialog(page).getByRole(AriaRole.STATUS)).containsText("4 lines would change:");
        WcagIT.nothingIsCutOff(page);
        WcagIT.check(page);
        button(page, "Set it so").dblclick();
        assertThat(dialog(page)).hasCount(0);
        assertThat(page.locator(".notice")).containsText("2 channels change; Power policy: low on calling frequencies");
        row(page, 6).click();
        page.keyboard().press("Control+z");
        assertThat(page.locator(".notice")).not().containsText("2 channels change");
        page.reload();
        assertThat(row(page, 6)).isVisible();
        if (width > 720) {
            page.keyboard().press("i");
            assertThat(page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Listening")))
                    .isVisible();
            assertThat(dialog(page)).containsText("each channel as it is");
        }
    }

    /** Somebody else changes the list while a purpose is typed: it stays, and setting it is told of, or goes on top. */
    @Test
    void whatIsTypedStaysWhenTheListIsChangedElsewhere() {
        Page page = page("/arrange");
        assertThat(row(page, 6)).isVisible();
        page.keyboard().press("i");
        Locator purpose = dialog(page).getByLabel("What it is for");
        assertThat(purpose).isFocused();
        purpose.fill("For the ferry crew");
        slotTwelveGoesElsewhere(page, () -> row(page, 12).count() == 0);
        assertThat(purpose).hasValue("For the ferry crew");
        button(page, "Set it so").click();
        assertThat(page.locator(".notice")).containsText("Say what the list is for");
        assertThat(dialog(page)).hasCount(0);
        page.navigate(Application.address() + "/lists");
        assertThat(page.locator("tbody").first()).containsText("For the ferry crew");
    }

    /** Another tab clears a slot, and this one looks again, as it does when it comes to the front. */
    private static void slotTwelveGoesElsewhere(Page page, BooleanSupplier seen) {
        Page other = page.context().newPage();
        other.navigate(Application.address() + "/arrange");
        row(other, 12).click();
        other.keyboard().press("Delete");
        assertThat(row(other, 12)).hasCount(0);
        other.close();
        page.bringToFront();
        // What was fetched a moment ago is not fetched again; looking at the tab once more does it.
        page.waitForCondition(() -> {
            page.evaluate(
                    "window.dispatchEvent(new Event('focus')); document.dispatchEvent(new Event('visibilitychange'))");
            page.waitForTimeout(300);
            return seen.getAsBoolean();
        });
    }

    /** All is worked out anew then; what stands half typed in a field stays. */
    @ParameterizedTest
    @CsvSource({"b, New block", "r, ' shows as'"})
    void whatIsHalfTypedStaysToo(String key, String label) {
        Page page = page("/arrange");
        assertThat(row(page, 6)).isVisible();
        page.keyboard().press(key);
        Locator field = dialog(page).getByLabel(Pattern.compile(label + "$"));
        field.fill("Half");
        slotTwelveGoesElsewhere(page, () -> row(page, 12).count() == 0);
        assertThat(field).hasValue("Half");
    }

    @Test
    void aLineThatIsHalfMendedStaysToo() {
        Page page = page("/review");
        page.locator("#listing").fill("A 145.310- 71.9\nB 147.135+ 127.9");
        button(page, "Work these lines out").click();
        Locator line = page.locator(".side").getByRole(AriaRole.TEXTBOX);
        assertThat(line).hasValue("A 145.310- 71.9");
        line.fill("A 145.310- 77");
        AtomicBoolean judgedAnew = new AtomicBoolean();
        page.onResponse(answer -> judgedAnew.compareAndSet(false, answer.url().endsWith("/review")));
        slotTwelveGoesElsewhere(page, judgedAnew::get);
        assertThat(line).hasValue("A 145.310- 77");
    }

    /** All names by a recipe, counted; the number of keys is the least that a person needs. */
    @Test
    void thirtyNamesAreMadeByARecipeAndTheSlotsAreSpread() {
        Page page = page("/arrange");
        row(page, 0).click();
        page.keyboard().press("Control+a");
        page.keyboard().press("c");
        assertThat(dialog(page)).containsText("Change 30 channels");
        choose(page, "Name them", "by parts…");
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Name by, in the order chosen"))
                .focus();
        page.keyboard().press("Enter");
        for (String part : java.util.List.of("band", "number in its block")) {
            page.getByRole(
                            AriaRole.OPTION,
                            new Page.GetByRoleOptions().setName(part).setExact(true))
                    .click();
        }
        page.keyboard().press("Tab");
        assertThat(dialog(page).getByRole(AriaRole.STATUS)).containsText("30 lines would change:");
        // Short names are shown by every radio as they are.
        assertThat(dialog(page).getByRole(AriaRole.STATUS))
                .containsText(java.util.regex.Pattern.compile("In K31 · green: exact \\d+ → \\d+, adapted"));
        choose(page, "Rank: how much it matters", "1, the most");
        assertThat(dialog(page).getByRole(AriaRole.STATUS)).containsText("Rank 1 for 30 channels");
        WcagIT.check(page);
        button(page, "Change them").click();
        assertThat(row(page, 6)).containsText("2m 3");
        assertThat(row(page, 21)).containsText("70cm 2");
        assertThat(page.locator(".working")).containsText("Rank 1");
        page.keyboard().press("Control+z");
        assertThat(row(page, 6)).containsText("PELL");
    }

    /** A word of one's own shortens names at once; one that is wrong stays to be mended. */
    @Test
    void aWordThatIsAbbreviatedShowsOnTheDisplays() {
        Page page = page("/arrange");
        row(page, 14).click();
        page.keyboard().press("r");
        Locator words = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Words you abbreviate"));
        words.fill("SAFETY");
        page.keyboard().press("Enter");
        assertThat(dialog(page)).containsText("“SAFETY” is not of the form word=shorter");
        assertThat(dialog(page).locator(".v-chip")).hasText("SAFETY");
        words.focus();
        page.keyboard().press("Backspace");
        page.keyboard().press("Backspace");
        assertThat(dialog(page).locator(".v-chip")).hasCount(0);
        words.fill("SAFETY=SF");
        page.keyboard().press("Enter");
        assertThat(dialog(page).locator(".names")).containsText("SF 1");
        assertThat(page.locator(".notice")).containsText("Abbreviate SAFETY");
    }

    /** A block in the order of a way by names and by coordinates; a place that there is not loses nothing that was typed. */
    @Test
    void aBlockFollowsAWay() {
        Page page = page("/arrange");
        row(page, 5).click();
        page.keyboard().press("b");
        choose(page, "Order of Round · 2 m", "along a way…");
        Locator begins = page.getByRole(
                AriaRole.COMBOBOX,
                new Page.GetByRoleOptions().setName("The way begins at (place, coordinates or locator)"));
        begins.fill("Atlantis");
        page.keyboard().press("Tab");
        Locator leads = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("and leads by"));
        leads.fill("46.6, -37.5");
        button(page, "Show what would happen").click();
        assertThat(dialog(page).getByRole(AriaRole.ALERT)).containsText("No place is called \"Atlantis\"");
        assertThat(leads).hasValue("46.6, -37.5");
        begins.fill("Skarra Haven");
        page.keyboard().press("Tab");
        button(page, "Show what would happen").click();
        assertThat(dialog(page).locator(".asked")).containsText("in order by the way Skarra Haven–");
        WcagIT.check(page);
        button(page, "Keep it so").click();
        assertThat(dialog(page)).containsText("by the way Skarra Haven");
        button(page, "Close").last().click();
        // While the dialog fades, keys are not the screen's.
        assertThat(dialog(page)).hasCount(0);
        page.keyboard().press("Control+z");
        assertThat(row(page, 6)).containsText("PELL");
    }

    /** A radio that was read is compared with the list; what it holds as it would be written is no difference. */
    @Test
    void aListIsComparedWithWhatARadioHeldAndAChangeGetsAName() {
        Page page = page("/load/blue");
        button(page, "Read W12 · blue").click();
        assertThat(page.locator(".steps .job")).containsText("a snapshot of it is kept", SLOWLY);
        page.navigate(Application.address() + "/compare");
        choose(page, "With", "W12 · blue of");
        assertThat(page.locator("tbody")).containsText("only there");
        WcagIT.check(page);
        page.locator("tbody tr", new Page.LocatorOptions().setHasText("only here"))
                .first()
                .waitFor();
        pressed(page, Pattern.compile("^Take over \\d+ channels?$")).click();
        assertThat(page.locator(".notice")).containsText("from W12 · blue of");
        page.navigate(Application.address() + "/arrange");
        button(page, "History").click();
        pressed(page, Pattern.compile("^Name what it was after Begin")).click();
        page.getByLabel(Pattern.compile("is called$")).fill("before the Round");
        page.keyboard().press("Enter");
        assertThat(dialog(page)).containsText("before the Round");
        WcagIT.nothingIsCutOff(page);
        WcagIT.check(page);
    }

    /** One key to the trip and back; Load says what the radio was written with. */
    @Test
    void homeAndTripAreSwappedByOneKey() {
        Page page = page("/find");
        awaitGround(page);
        button(page, "Along a route").click();
        button(page, "Try the road through Ardmoor").click();
        button(page, "Plan the trip").click();
        assertThat(page.locator(".trip tbody tr").first()).containsText("km 0 to", SLOWLY);
        page.getByLabel("Name").fill("Zz swap");
        button(page, "Make a list of its own, home channels kept").click();
        assertThat(page.locator(".top")).containsText("Zz swap");
        page.keyboard().press("Alt+2");
        assertThat(page.locator(".page-bar h1")).hasText("Zz swap");
        assertThat(row(page, 0)).isVisible();
        page.keyboard().press("h");
        assertThat(page.locator(".page-bar h1")).hasText("Vellan home");
        assertThat(button(page, "Over to Zz swap")).isVisible();
        page.keyboard().press("h");
        assertThat(page.locator(".page-bar h1")).hasText("Zz swap");
        page.navigate(Application.address() + "/lists");
        Locator made = page.locator("tbody tr", new Page.LocatorOptions().setHasText("Zz swap"));
        // What it is for is there as soon as where it is loaded: the trip has not the purpose of its home.
        assertThat(made).containsText("no radio");
        assertThat(made.locator("th .purpose")).hasText("made from Vellan home");
        page.navigate(Application.address() + "/print");
        assertThat(page.locator(".paper h1")).hasText("Zz swap");
        assertThat(page.locator(".paper")).containsText("local rules and the local frequency coordinator prevail");
        WcagIT.check(page);
        page.navigate(Application.address() + "/lists");
        button(page, "Delete Zz swap").click();
        assertThat(button(page, "Bring Zz swap back")).isVisible();
    }

    /** Three hundred channels are put in order by a rule of their block, seen before, and one undo brings all of them back. */
    @Test
    void threeHundredChannelsAreReorderedByARuleAndUndone() {
        Page page = page("/lists");
        String id = (String) page.evaluate("""
                async () => {
                  const json = { 'Content-Type': 'application/json' }
                  const send = async (path, body) =>
                    (await fetch(path, { method: 'POST', headers: json, body: JSON.stringify(body) })).json()
                  const { id } = await send('/api/lists', { name: 'Zz many', bandPlan: 'r2-north-america', slots: 320 })
                  const lines = Array.from({ length: 300 }, (_, i) =>
                    `N${i} ${(446.5 - ((i * 37) % 300) * 0.0125).toFixed(4)} simplex`)
                  await send(`/api/lists/${id}/changes`, { baseVersion: 0, edits: [
                    { kind: 'put', slot: 0, lines },
                    { kind: 'add-block', block: 'All', slots: { first: 0, last: 309 } },
                  ] })
                  sessionStorage.setItem('reckonrod.list', id)
                  return id
                }""");
        page.navigate(Application.address() + "/arrange");
        assertThat(row(page, 0)).containsText("N0");
        page.keyboard().press("b");
        choose(page, "Order of All", "by frequency");
        assertThat(dialog(page).locator(".asked")).containsText("300 take their place in All");
        button(page, "Keep it so").click();
        assertThat(dialog(page).locator(".asked")).hasCount(0);
        button(page, "Close").last().click();
        assertThat(row(page, 0)).containsText("442.7625");
        page.keyboard().press("Control+z");
        assertThat(row(page, 0)).containsText("N0");
        assertThat(row(page, 1)).containsText("N1");
        page.evaluate("id => fetch(`/api/lists/${id}`, { method: 'DELETE' })", id);
    }
}
