package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What takes as long as it does on a cable: what is done while a transfer runs, and what waits for a person. */
class RealLineIT extends BrowserTest {
    private static final LocatorAssertions.ContainsTextOptions SLOWLY =
            new LocatorAssertions.ContainsTextOptions().setTimeout(30_000);
    private static final Pattern WRITE = Pattern.compile("Write \\d+ new");

    private static Program real;

    @BeforeAll
    static void start() throws IOException, InterruptedException {
        real = Application.another("real", Map.of());
    }

    @AfterAll
    static void stop() throws InterruptedException {
        real.stop();
    }

    @Override
    String address() {
        return real.address();
    }

    /** A transfer goes on without its page; a reload finds it again, and it can be stopped. */
    @Test
    void aReloadPicksTheTransferUpAndCancelStopsIt() {
        Page page = page("/load/red");
        button(page, "Read W12 · red").click();
        assertThat(page.locator(".steps .job")).containsText("Reading", SLOWLY);
        page.reload();
        assertThat(page.locator(".steps .job")).containsText(Pattern.compile("bytes/s · \\d+ seconds? left"), SLOWLY);
        assertThat(page.locator(".top .job")).containsText("W12 · red · Reading");
        button(page, "Cancel").click();
        assertThat(page.locator(".steps .job")).containsText("Stopped, as you asked. Nothing was written.", SLOWLY);
    }

    /** The person starts a clone on the radio: the screen leads through it in large words, by keys alone, on a phone beside it. */
    @Test
    void aStreamedCloneIsLedThroughStepByStep() {
        Page page = page("/load/green");
        page.setViewportSize(390, 844);
        button(page, "Read K31 · green").focus();
        page.keyboard().press("Enter");
        Locator steps = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("On the radio now"));
        assertThat(steps).containsText("Turn the dial until the display shows SEND.", SLOWLY);
        button(page, "Done, next").focus();
        page.keyboard().press("Enter");
        assertThat(steps).containsText("It goes on by itself");
        WcagIT.check(page);
        button(page, "Start its send").click();
        assertThat(page.locator(".steps .job")).containsText("a snapshot of it is kept", SLOWLY);
        page.locator("button", new Page.LocatorOptions().setHasText(WRITE)).click();
        assertThat(steps).containsText("TAKE", SLOWLY);
        assertThat(page.locator(".steps .job")).containsText("Nothing is written yet");
        button(page, "Set it to take").click();
        assertThat(page.locator(".steps .job")).containsText("is being written", SLOWLY);
        assertThat(page.locator(".steps .job")).containsText("by the radio's own sum of all", SLOWLY);
        assertThat(button(page, "Nothing to write to K31 · green")).isDisabled();
    }
}
