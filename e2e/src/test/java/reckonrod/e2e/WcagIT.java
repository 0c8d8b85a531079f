package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.util.List;
import java.util.Locale;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WcagIT extends BrowserTest {
    private static final List<String> TAGS =
            List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice");
    private static final String DIALOG = ".v-dialog.v-overlay--active";

    /** Each page is loaded once and looked at in several ways. */
    @ParameterizedTest
    @CsvSource({
        "/arrange, LIGHT 1280 DARK 1280 LIGHT 390",
        "/fit/blue, LIGHT 1280 DARK 390",
        "/matrix, DARK 1280 LIGHT 390",
        "/radios, LIGHT 1280",
        "/models/dunnet-d7, DARK 390",
        "/load/blue, LIGHT 1280 DARK 1280",
        "/load/red, LIGHT 390",
        "/lists, DARK 390",
        "/tables/tones, LIGHT 1280",
        "/tables/codes, DARK 390",
        "/tables/plans, LIGHT 390 DARK 1280",
        "/prove, LIGHT 1280 DARK 390 LIGHT 640",
        "/prove/dry-run, LIGHT 390 DARK 640",
        "/prove/log, LIGHT 640 LIGHT 390",
        "/prove/ready, DARK 640 DARK 390",
        "/carry, LIGHT 390 DARK 640",
        "/carry/cards, DARK 390 LIGHT 640",
        "/carry/practice, DARK 390 LIGHT 640",
        "/about, LIGHT 390"
    })
    void axeFindsNothing(String path, String looks) {
        List<String> parts = List.of(looks.split(" ", 0));
        for (int i = 0; i < parts.size(); i += 2) {
            ColorScheme scheme = ColorScheme.valueOf(parts.get(i));
            int width = Integer.parseInt(parts.get(i + 1));
            Page page = i == 0 ? look(path, scheme, width) : lookAgain(scheme, width);
            assertThat(page.locator("h1").first()).isVisible();
            isIn(page, scheme);
            assertThat(page.locator(".rows .row, tbody tr, .display, .sheet:not(.stale), pre, .tap, .ask")
                            .first())
                    .isVisible();
            nothingIsCutOff(page);
            check(page);
            if (path.equals("/arrange")) {
                reckonLine(page).fill("144.710 145.310 71.5 ??");
                assertThat(page.locator("#reckon-answer")).containsText("Not understood");
                check(page, ".reckon");
                reckonLine(page).fill("");
            }
        }
    }

    /** The sheets that open over the list, and the review with lines of every kind. */
    @ParameterizedTest
    @ValueSource(ints = {1280, 390})
    void axeFindsNothingInSheetsAndTheReview(int width) {
        Page page = page("/arrange", new Browser.NewContextOptions().setViewportSize(width, 844));
        assertThat(row(page, 0)).isVisible();
        page.locator("button.plan").click();
        choose(page, "Band plan", "Region 1, Europe");
        assertThat(page.locator(".v-dialog tbody tr").first()).isVisible();
        checkBoth(page);
        page.keyboard().press("Escape");
        assertThat(page.locator(".v-dialog--active, .v-overlay--active")).hasCount(0);
        page.keyboard().press("?");
        button(page, "Words of the line").click();
        assertThat(page.getByText("145.310 receive only")).isAttached();
        checkBoth(page);
        page.keyboard().press("Escape");
        if (width > 720) {
            page.locator(".counts").click();
            assertThat(page.locator(".v-dialog .where").first()).isVisible();
            checkBoth(page);
            page.keyboard().press("Escape");
            button(page, "Satellite pass").click();
            page.getByLabel("Name").fill("QSAT");
            page.getByLabel("Talk to it on, MHz").fill("150.990");
            page.getByLabel("It sends on, MHz").fill("437.800");
            assertThat(page.getByLabel("Name")).hasValue("QSAT");
            assertThat(page.locator(".v-dialog tbody tr").first())
                    .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(20_000));
            checkBoth(page);
        }
        page.navigate(Application.address() + "/review");
        page.locator("#listing").fill("A 145.310- 71.9\nB 147.135+ 127.9\nC 145.430- 118.8\nTOWER 132.820");
        checkBoth(page);
        button(page, "Work these lines out").click();
        assertThat(page.locator(".review .rows .row")).hasCount(4);
        if (width < 720) {
            page.locator(".review .rows .row").first().click();
        }
        assertThat(page.locator(".side .answer")).isVisible();
        checkBoth(page);
    }

    /** On a wide screen in the dark too. */
    private static void checkBoth(Page page) {
        check(page);
        if (page.viewportSize().width > 720) {
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
            isIn(page, ColorScheme.DARK);
            check(page);
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
            isIn(page, ColorScheme.LIGHT);
        }
    }

    private static void isIn(Page page, ColorScheme scheme) {
        assertThat(page.locator(".v-theme--" + scheme.name().toLowerCase(Locale.ROOT))
                        .first())
                .isAttached();
    }

    /** Find with an entry, its path, a trip and the dialog; then the sources. */
    @ParameterizedTest
    @CsvSource({"LIGHT, 1280", "DARK, 390"})
    void axeFindsNothingInFindAndItsSources(ColorScheme scheme, int width) {
        Page page = page(
                "/find",
                new Browser.NewContextOptions().setViewportSize(width, 844).setColorScheme(scheme));
        awaitGround(page);
        page.locator("#find-at").fill("Vellan Harbour");
        page.locator("#find-at").press("Enter");
        assertThat(page.locator("#found-10")).isVisible();
        if (width < 720) {
            page.locator("#found-0").click();
            assertThat(page.locator(".side .profile")).isVisible();
            check(page);
            button(page, "Close Entry").click();
        } else {
            assertThat(page.locator(".side .profile")).isVisible();
        }
        assertThat(page.locator(".mast").first()).isVisible();
        button(page, "Filter").click();
        nothingIsCutOff(page);
        check(page);
        if (width < 720) {
            page.locator("#found-0").click();
        }
        button(page, "Take into Vellan home").click();
        assertThat(page.locator(".v-dialog .line").first()).isVisible();
        check(page);
        page.keyboard().press("Escape");
        if (width < 720) {
            button(page, "Close Entry").click();
        }
        button(page, "Along a route").click();
        button(page, "Try the road through Ardmoor").click();
        button(page, "Plan the trip").click();
        assertThat(page.locator(".trip .leg").first()).isVisible();
        nothingIsCutOff(page);
        check(page);
        page.navigate(Application.address() + "/sources");
        assertThat(page.locator(".plain tbody tr").first()).isVisible();
        check(page);
        page.getByLabel("Listing file")
                .setInputFiles(new FilePayload(
                        "zz-axe.csv", "text/csv", "Call,MHz\nQZ9ZZ,145.310\nQZ9ZY,x\n".getBytes(UTF_8)));
        button(page, "Bring the file in").click();
        assertThat(page.locator("tbody tr")).hasCount(2);
        check(page);
        button(page, "Read rows").click();
        assertThat(page.locator(".kinds")).containsText("1 bad");
        nothingIsCutOff(page);
        check(page);
        button(page, "Give it up").click();
        assertThat(page.locator(".sources")).containsText("Nothing of it was taken.");
    }

    /**
     * What can be pressed or filled in is there whole, unless it can be scrolled into view: no ancestor that hides what overflows
     * cuts it, and nothing else lies over its right edge. Not to be asked while something lies over the page on purpose.
     */
    static void nothingIsCutOff(Page page) {
        Object cut = page.evaluate("""
                () => [...document.querySelectorAll('button, select, .v-field, input:not(.v-field *, .v-selection-control *), textarea:not(.v-field *), a')].filter(each => {
                  const box = each.getBoundingClientRect()
                  if (!box.width || !box.height || each.closest('.skip, .unseen, .leaflet-container, .v-overlay-container'))
                    return false
                  for (let at = each.parentElement; at; at = at.parentElement) {
                    const style = getComputedStyle(at)
                    if (/auto|scroll/.test(style.overflowX + style.overflowY)
                      && (at.scrollWidth > at.clientWidth || at.scrollHeight > at.clientHeight)) return false
                    if (style.overflowX === 'visible') continue
                    const limit = at.getBoundingClientRect()
                    if (box.right > limit.right + 1 || box.left < limit.left - 1) return true
                  }
                  if (document.querySelector('.v-overlay--active')) return false
                  const there = document.elementFromPoint(box.right - 3, box.top + box.height / 2)
                  return !there || !(each.contains(there) || there.contains(each))
                }).map(each => each.getAttribute('aria-label') ?? each.textContent.trim())""");
        assertThat(cut)
                .asInstanceOf(InstanceOfAssertFactories.LIST)
                .as("cut off at " + page.viewportSize().width + " on " + page.url())
                .isEmpty();
    }

    /** While a dialog is open it alone is looked at: what lies behind it is looked at where nothing covers it. */
    static void check(Page page) {
        boolean covered = page.locator(DIALOG).count() > 0;
        check(page, covered ? DIALOG : "html");
    }

    private static void check(Page page, String part) {
        // Half a megabyte is read once for a page, and what is all right is not listed: both take much of the time.
        if ((Boolean) page.evaluate("() => !window.axe")) {
            page.evaluate(AxeBuilder.getAxeScript());
        }
        Object violations = page.evaluate("""
                async ([part, values]) => {
                  const options = { runOnly: { type: 'tag', values }, resultTypes: ['violations'] }
                  const { violations } = await axe.run(part, options)
                  return violations.map(({ id, nodes: [{ target, failureSummary }] }) =>
                    `${id}: ${target} ${failureSummary}`)
                }""", List.of(part, TAGS));
        assertThat(violations).asInstanceOf(InstanceOfAssertFactories.LIST).isEmpty();
    }
}
