package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What many screens are made of: the grid, the field of a figure, the stream of events. */
class KitIT extends BrowserTest {
    /** One focus for the whole, the row at the cursor told to who hears it, and what is said about it beside it. */
    @Test
    void theGridOfTheFitIsWalkedThroughByKeysAlone() {
        Page page = page("/fit/crew");
        Locator grid = page.getByRole(AriaRole.GRID, new Page.GetByRoleOptions().setName("Placements"));
        assertThat(grid).isFocused();
        Locator picked = grid.locator("[role=row][aria-selected=true]");
        assertThat(picked).hasCount(1);
        page.keyboard().press("j");
        page.keyboard().press("j");
        assertThat(picked).hasAttribute("aria-rowindex", "4");
        Assertions.assertThat(grid.getAttribute("aria-activedescendant")).isEqualTo(picked.getAttribute("id"));
        page.keyboard().press("n");
        assertThat(picked).not().hasClass(Pattern.compile("\\bexact\\b"));
        assertThat(page.locator(".placement")).containsText("Slot " + picked.getAttribute("data-slot"));
        page.keyboard().press("End");
        assertThat(picked).isInViewport();
        assertThat(grid)
                .hasAttribute("aria-rowcount", String.valueOf(Integer.parseInt(picked.getAttribute("aria-rowindex"))));
        // Fewer rows: the cursor stays among them.
        page.locator(".kinds button").nth(3).click();
        assertThat(picked).hasCount(1);
        assertThat(page.locator(".placement")).containsText("left out");
    }

    @Test
    void onAPhoneTheReasonsComeFromBelowAndGoBackToTheGrid() {
        Page page = page("/fit/crew", new Browser.NewContextOptions().setViewportSize(390, 844));
        Locator row = page.locator("[role=row].left_out").first();
        row.click();
        assertThat(page.locator(".placement")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.locator(".placement")).isHidden();
        page.keyboard().press("Enter");
        assertThat(page.locator(".placement")).isVisible();
    }

    /** The second click of a double click is heard when the dialog has been fetched and is open; it closes nothing. */
    @Test
    void theSecondClickOfADoubleClickClosesNothing() {
        Page page = page("/radios");
        BoundingBox add = button(page, "Add a radio").boundingBox();
        page.mouse().move(add.x + add.width / 2, add.y + add.height / 2);
        page.mouse().down();
        page.mouse().up();
        Locator name = page.getByLabel("What you call it", new Page.GetByLabelOptions().setExact(true));
        assertThat(name).isVisible();
        page.mouse().down(new Mouse.DownOptions().setClickCount(2));
        page.mouse().up(new Mouse.UpOptions().setClickCount(2));
        name.fill("Zz late");
        assertThat(name).hasValue("Zz late");
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    /** A figure that is emptied and left is what it was: no block is ever asked for from nowhere. */
    @Test
    void aFigureThatIsEmptiedIsWhatItWas() {
        Page page = page("/arrange");
        assertThat(row(page, 0)).isVisible();
        page.keyboard().press("b");
        Locator from = page.getByLabel("From slot");
        String before = from.inputValue();
        from.fill("");
        page.getByLabel("New block").focus();
        assertThat(from).hasValue(before);
        from.fill("140");
        assertThat(from).hasValue("140");
    }

    /** A stream that is turned away is asked for again, and the transfer is seen to its end. */
    @Test
    void aStreamThatIsTurnedAwayComesBack() {
        Page page = page("/load/red");
        AtomicInteger asked = new AtomicInteger();
        page.route("**/api/jobs/*/events", route -> {
            if (asked.incrementAndGet() <= 2) {
                route.fulfill(new Route.FulfillOptions().setStatus(503).setBody(""));
            } else {
                route.resume();
            }
        });
        button(page, "Read W12 · red").click();
        assertThat(page.locator(".steps .job"))
                .containsText(
                        "a snapshot of it is kept", new LocatorAssertions.ContainsTextOptions().setTimeout(30_000));
        Assertions.assertThat(asked.get()).isGreaterThanOrEqualTo(3);
    }
}
