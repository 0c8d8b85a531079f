package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class LoadIT extends BrowserTest {
    private static final LocatorAssertions.ContainsTextOptions SLOWLY =
            new LocatorAssertions.ContainsTextOptions().setTimeout(30_000);

    private static final Pattern WRITE = Pattern.compile("Write \\d+ new");

    private static final String TROUBLE = "Practise with cable trouble";

    /** The cable comes off in the middle of a write: it is told, and one button brings back what the radio held. */
    @Test
    void aPulledCableIsToldAndOneButtonPutsTheSnapshotBack() {
        Page page = page("/load/red");
        button(page, "Read W12 · red").click();
        assertThat(page.locator(".steps .job")).containsText("a snapshot of it is kept", SLOWLY);
        choose(page, TROUBLE, "cable pulled while writing");
        page.getByLabel("After byte").fill("333");
        page.getByLabel("After byte").press("Tab");
        page.locator("button", new Page.LocatorOptions().setHasText(WRITE)).click();
        assertThat(page.locator(".half")).containsText("half written", SLOWLY);
        assertThat(page.locator(".steps .job")).containsText("The cable came off");
        choose(page, TROUBLE, "none");
        button(page, "Put the snapshot back into W12 · red").click();
        assertThat(page.locator(".steps .job")).containsText("holds the snapshot again", SLOWLY);
        assertThat(page.locator(".half")).hasCount(0);
    }

    /** An empty list takes nothing away by one click; what would go is named before it goes, and left alone by default. */
    @Test
    void anEmptyListEmptiesNoRadio() {
        Page page = page("/load/blue");
        asTheRadioWas(page);
        button(page, "Read W12 · blue").dblclick();
        assertThat(page.locator(".steps .job")).containsText("a snapshot of it is kept", SLOWLY);
        assertThat(page.getByText("is running already")).hasCount(0);
        choose(page, "Open list", "New list…");
        page.getByLabel("Name").fill("Zz nothing at all");
        button(page, "Make the list").click();
        assertThat(page.locator(".list-picker")).containsText("0 channels");
        assertThat(button(page, "Nothing to write to W12 · blue")).isDisabled();
        assertThat(page.locator(".own")).containsText("only in W12 · blue stay");
        button(page, "Remove them too").click();
        Locator remove = page.locator("button", new Page.LocatorOptions().setHasText("channels from W12 · blue"));
        remove.dblclick();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        page.waitForTimeout(600);
        assertThat(dialog).containsText("channels of W12 · blue would go");
        assertThat(dialog).containsText("CALL (slot 0)");
        WcagIT.check(page);
        button(page, "Write nothing").click();
        assertThat(page.locator(".steps .job")).containsText("a snapshot of it is kept");
        page.getByLabel("Write slot 0, CALL").uncheck();
        assertThat(remove).not().containsText("Remove 13");
        choose(page, "Open list", "Vellan home");
        page.locator("button", new Page.LocatorOptions().setHasText(WRITE)).click();
        assertThat(page.locator(".steps .job")).containsText("29 of 30 channels. Left out: VELLAN AIR", SLOWLY);
        assertThat(page.locator(".steps .job")).containsText("of the radio's own stayed");

        page.locator(".snapshots summary").click();
        page.locator(".snapshots button").last().click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("slots would change");
        button(page, "Put it back into W12 · blue").click();
        assertThat(page.locator(".steps .job")).containsText("holds the snapshot again", SLOWLY);

        // What the radio held can be a list of its own.
        page.locator(".snapshots .as-list").last().click();
        page.getByLabel("Name").fill("Zz of the blue one");
        WcagIT.check(page);
        button(page, "Make the list").dblclick();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Zz of the blue one is made of 13 channels");
        button(page, "Done").click();
        assertThat(page.locator(".list-picker")).containsText("Zz of the blue one");
        assertThat(button(page, "Nothing to write to W12 · blue")).isVisible();
    }

    /** Puts the oldest snapshot back, if there is one: whatever other tests wrote, the radio has channels of its own again. */
    private static void asTheRadioWas(Page page) {
        boolean restores = (Boolean) page.evaluate("""
                async () => {
                  const all = await (await fetch('/api/radios/blue/snapshots')).json()
                  if (!all.length) return false
                  const body = JSON.stringify({ snapshotId: all.at(-1).id })
                  const headers = { 'content-type': 'application/json' }
                  return (await fetch('/api/radios/blue/restore', { method: 'POST', headers, body })).ok
                }""");
        if (restores) {
            page.reload();
            assertThat(page.locator(".steps .job")).containsText("holds the snapshot again", SLOWLY);
        }
    }

    /** A card is written, taken in, exported and read; up to then nothing is said to be in the radio. */
    @Test
    void aCardGoesThereAndBack() {
        Page page = page("/load/car");
        button(page, "Export to its card").click();
        assertThat(page.getByText("It shows Exported")).isVisible();
        button(page, "Read the card of KM90 · car").click();
        assertThat(page.locator(".steps .job")).containsText("by its own clock", SLOWLY);
        page.locator("button", new Page.LocatorOptions().setHasText(WRITE)).click();
        assertThat(page.locator(".steps .job")).containsText("Nothing is in the radio yet", SLOWLY);
        assertThat(page.locator("#card-out")).isVisible();
        WcagIT.check(page);
        button(page, "Take its card in").click();
        assertThat(page.getByText("It shows Taken in")).isVisible();
        button(page, "Export to its card").click();
        assertThat(page.getByText("It shows Exported")).isVisible();
        button(page, "Read the card of KM90 · car").click();
        assertThat(page.locator(".steps .job")).containsText("took the card in", SLOWLY);
        assertThat(page.locator("#card-out")).hasCount(0);
        assertThat(button(page, "Nothing to write to KM90 · car")).isDisabled();
    }

    /** A plan is kept and looked at on paper, and made later; what is left by hand stays on the list over a reload. */
    @Test
    void aPlanIsKeptPrintedAndMadeAndWhatIsLeftStays() {
        Page page = page("/load/pocket");
        button(page, "Read W40 · pocket").click();
        assertThat(page.locator(".steps .job")).containsText("a snapshot of it is kept", SLOWLY);
        page.getByText("Settings of W40 · pocket").click();
        button(page, "Set all as advised").click();
        WcagIT.check(page);
        assertThat(page.locator(
                        "button", new Page.LocatorOptions().setHasText(Pattern.compile("Write .* settings? to"))))
                .isVisible();
        button(page, "Keep as a plan").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Plan of W40 · pocket on paper"))
                .click();
        assertThat(page.locator(".paper")).containsText("new free → ");
        assertThat(page.locator(".paper")).containsText("Setting ");
        WcagIT.check(page);
        page.goBack();
        button(page, "Write it").click();
        Locator plan = page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("W40 · pocket"));
        assertThat(plan).containsText("done", SLOWLY);
        page.reload();
        Locator step = page.getByLabel(Pattern.compile("VELLAN AIR \\(slot 43\\)"));
        step.check();
        page.reload();
        assertThat(step).isChecked();
        assertThat(page.getByText("left to do by hand on W40 · pocket")).isVisible();
        button(page, "Drop the plan of W40 · pocket").click();
        assertThat(page.locator("#kept-plans")).hasCount(0);
    }

    private static int snapshotsOfBlue() {
        return JsonParser.parseString(Application.ask("GET", "/api/radios/blue/snapshots", null))
                .getAsJsonArray()
                .size();
    }

    /** The library of all radios: named, kept for ever, laid beside each other. */
    @Test
    void snapshotsAreNamedAndCompared() {
        Page page = page("/load/blue");
        int there = snapshotsOfBlue();
        button(page, "Read W12 · blue").click();
        page.waitForCondition(() -> snapshotsOfBlue() == there + 1);
        // Both are there before one of them is named: the newest stands first.
        button(page, "Read W12 · blue").click();
        page.waitForCondition(() -> snapshotsOfBlue() == there + 2);
        page.locator(".snapshots summary").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("All snapshots of all radios"))
                .click();
        WcagIT.check(page);
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Find"))
                .fill("w12 · blue");
        Locator rows = page.locator("tbody tr");
        rows.nth(0).getByRole(AriaRole.BUTTON).first().click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Name"))
                .fill("Zz before the race");
        page.getByLabel("Keep it for ever").check();
        button(page, "Keep").dblclick();
        assertThat(rows.nth(0)).containsText("Zz before the race");
        assertThat(rows.nth(0)).containsText("kept for ever");
        rows.nth(0).getByRole(AriaRole.CHECKBOX).check();
        rows.nth(1).getByRole(AriaRole.CHECKBOX).check();
        page.keyboard().press("c");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("differ");
        WcagIT.check(page);
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }
}
