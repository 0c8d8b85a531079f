package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

class WholePathIT extends BrowserTest {
    private static final LocatorAssertions.ContainsTextOptions SLOWLY =
            new LocatorAssertions.ContainsTextOptions().setTimeout(30_000);

    /** A directory line becomes a channel in a radio, and the radio's own face shows it; with no mouse at all. */
    @Test
    void byKeyboardFromTheLineToTheRadiosFace() {
        Page page = page("/");
        assertThat(row(page, 0)).isVisible();
        tabTo(page, page.locator(".rod-table"));
        page.keyboard().press("ArrowDown");
        page.keyboard().press("j");
        page.keyboard().press("j");
        page.keyboard().press("/");
        page.keyboard().type("145.310- 71.9");
        assertThat(page.locator("#reckon-answer")).containsText("144.710 MHz");
        assertThat(page.locator("#reckon-answer")).containsText("Enter puts it into slot 4 ");
        page.keyboard().press("Enter");
        assertThat(row(page, 4)).containsText("144.710");
        assertThat(row(page, 4)).containsText("71.9");

        page.keyboard().press("Alt+4");
        Locator read = button(page, "Read W12 · blue");
        tabTo(page, read);
        page.keyboard().press("Enter");
        assertThat(page.locator(".steps .job")).containsText("a snapshot of it is kept", SLOWLY);
        Locator write = page.getByText(Pattern.compile("Write .*changed to W12 · blue"));
        assertThat(page.locator("tbody tr", new Page.LocatorOptions().setHasText("SKARRA"))
                        .first())
                .containsText("CTCSS 77.0 → CTCSS 71.9");
        tabTo(page, write.locator("xpath=ancestor-or-self::button"));
        page.keyboard().press("Enter");
        assertThat(page.locator(".steps .job")).containsText("written, read back and found equal", SLOWLY);
        assertThat(page.getByText("holds all that fits of Vellan home")).isVisible();

        tabTo(page, button(page, "Switch on"));
        page.keyboard().press("Enter");
        tabTo(page, button(page, "Next in use"));
        for (int i = 0; i < 3 && !face(page, "slot").textContent().equals("004"); i++) {
            String before = face(page, "slot").textContent();
            page.keyboard().press("Enter");
            assertThat(face(page, "slot")).not().hasText(before);
        }
        assertThat(face(page, "frequency")).hasText("145.310");
        tabTo(page, button(page, "Hold to talk"));
        page.keyboard().down(" ");
        assertThat(face(page, "frequency")).hasText("144.710");
        assertThat(face(page, "tone")).hasText("CTCSS 71.9");
        page.keyboard().up(" ");
        assertThat(face(page, "frequency")).hasText("145.310");
        button(page, "Switch off").click();
        undoAll();
    }

    private static Locator face(Page page, String part) {
        return page.locator("[data-face='" + part + "']");
    }

    /** The same screens are read on a phone: nothing is wider than the screen, and a channel is found, worked out and fitted. */
    @Test
    void byTouchAndMouseOnAPhone() {
        Page page = page(
                "/arrange",
                new Browser.NewContextOptions().setViewportSize(390, 844).setHasTouch(true));
        row(page, 6).tap();
        assertThat(page.locator(".working")).containsText("147.135");
        assertThat(page.locator(".working")).containsText("CTCSS 127.3");
        fitsTheWidth(page);
        button(page, "Close Working").tap();
        page.getByText("Fit", new Page.GetByTextOptions().setExact(true)).click();
        page.getByRole(
                        com.microsoft.playwright.options.AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("left out")))
                .click();
        assertThat(page.locator(".placements .rows .row")).hasCount(1);
        assertThat(page.locator(".placements")).containsText("VELLAN AIR");
        page.locator(".placements .rows .row").tap();
        assertThat(page.locator(".placement")).containsText("only listens");
        button(page, "Close Why").tap();
        fitsTheWidth(page);
        page.getByText("Load", new Page.GetByTextOptions().setExact(true)).click();
        // The tabs of Fit have the same words.
        assertThat(page.locator(".page-bar h1")).hasText("Load");
        page.getByText("W12 · red").first().click();
        assertThat(button(page, "Read W12 · red")).isVisible();
        fitsTheWidth(page);
    }

    private static void fitsTheWidth(Page page) {
        Object wide = page.evaluate("""
                () => [...document.querySelectorAll('h1, h2, button, p, .row, .job')]
                  .filter((each) => each.getBoundingClientRect().right > 390.5)
                  .map((each) => `${each.className} ${each.textContent}`)
                  .concat(document.documentElement.scrollWidth > 390 ? ['the page'] : [])""");
        Assertions.assertThat((List<?>) wide).isEmpty();
    }
}
