package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** How a channel is keyed in by hand, beside the rod and on a phone. */
class KeysIT extends BrowserTest {
    private static Locator keys(Page page) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Keyed in by hand"));
    }

    @Test
    void theKeysOfAChannelStandInTheWorkingPanel() {
        Page page = page("/arrange");
        row(page, 12).click();
        page.keyboard().press("K");
        choose(page, "Into", "W12 · red");
        assertThat(keys(page)).containsText("Slot 12 of W12 · red");
        assertThat(keys(page).locator("li").first()).hasText(Pattern.compile("146550\\s*shows 146\\.550"));
        assertThat(keys(page).locator("li").last()).containsText("012TAKE");
        assertThat(keys(page)).containsText("it closes then, and keeps nothing");
        WcagIT.check(page);
        // The next channel has its own.
        row(page, 12).click();
        page.keyboard().press("ArrowDown");
        assertThat(keys(page)).containsText("Slot 13 of W12 · red");
        choose(page, "Into", "W40 · pocket");
        assertThat(keys(page)).containsText("QUIT until no item is shown");
        page.reload();
        assertThat(keys(page)).containsText("Slot 13 of W40 · pocket");
        choose(page, "Into", "W12 · red");
        // Down to the one that talks on another band, whose shift no key can set.
        row(page, 13).click();
        Locator ferry =
                page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Working · slot 22 FERRY X"));
        for (int i = 0; i < 30 && !ferry.isVisible(); i++) {
            page.keyboard().press("ArrowDown");
            page.waitForTimeout(60);
        }
        assertThat(keys(page)).containsText("goes in by the link only");
        assertThat(keys(page).locator("li")).hasCount(0);
        page.setViewportSize(390, 844);
        // The key means the sheet from below once the page is a narrow one.
        assertThat(keys(page)).hasCount(0);
        page.keyboard().press("w");
        assertThat(keys(page)).isVisible();
        WcagIT.nothingIsCutOff(page);
        button(page, "Hide the key sheet").click();
        assertThat(keys(page)).hasCount(0);
    }
}
