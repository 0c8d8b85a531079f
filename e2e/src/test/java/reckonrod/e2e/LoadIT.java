package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.Test;

class LoadIT extends BrowserTest {
    private static final LocatorAssertions.ContainsTextOptions SLOWLY =
            new LocatorAssertions.ContainsTextOptions().setTimeout(30_000);

    private static final String TROUBLE = "Practise with cable trouble";

    /** The cable comes off in the middle of a write: it is told, and one button brings back what the radio held. */
    @Test
    void aPulledCableIsToldAndOneButtonPutsTheSnapshotBack() {
        Page page = page("/load/red");
        button(page, "Read W12 · red").click();
        assertThat(page.locator(".steps .job")).containsText("a snapshot of it is kept", SLOWLY);
        page.getByLabel(TROUBLE).selectOption(new SelectOption().setLabel("cable pulled while writing"));
        page.getByLabel("After byte").fill("333");
        page.getByLabel("After byte").press("Tab");
        page.locator("button", new Page.LocatorOptions().setHasText("changed slots to W12 · red"))
                .click();
        assertThat(page.locator(".half")).containsText("half written", SLOWLY);
        assertThat(page.locator(".steps .job")).containsText("The cable came off");
        page.getByLabel(TROUBLE).selectOption("none");
        button(page, "Put the snapshot back into W12 · red").click();
        assertThat(page.locator(".steps .job")).containsText("holds the snapshot again", SLOWLY);
        assertThat(page.locator(".half")).hasCount(0);
    }

    /** A transfer goes on without its page; a reload finds it again, and it can be stopped. */
    @Test
    void aReloadPicksTheTransferUpAndCancelStopsIt() {
        Page page = page("/load/red");
        button(page, "Read W12 · red").click();
        assertThat(page.locator(".steps .job")).containsText("Reading", SLOWLY);
        page.reload();
        assertThat(page.locator(".steps .job")).containsText("bytes/s", SLOWLY);
        assertThat(page.locator(".top .job")).containsText("reading W12 · red");
        button(page, "Cancel").click();
        assertThat(page.locator(".steps .job")).containsText("Stopped, as you asked. Nothing was written.", SLOWLY);
    }
}
