package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Takes the pictures of the documentation; scripts/pictures.sh runs it. */
@EnabledIfSystemProperty(named = "reckonrod.pictures", matches = ".+")
class PicturesIT extends BrowserTest {
    private static final LocatorAssertions.ContainsTextOptions SLOWLY =
            new LocatorAssertions.ContainsTextOptions().setTimeout(30_000);

    private static final String LISTING = """
            # the printed list of the isles
            SKARRA W 146.610- 71.9 E L
            RIDGE 146.670 -0.6 2B W
            PELL N 147.150 + 127.9
            FELL S 147.045 +0.06 88.5
            LAKE 441.175+ D340N
            HARBOUR 146.940- 100.0
            TOWER 132.820 am
            APPROACH 132.810 am
            CREW 12 445.1025 nfm low
            SHORE 447.775 - 88.5 (closed) net 2
            """;

    private static void take(Page page, String name) {
        page.waitForTimeout(300);
        page.screenshot(
                new Page.ScreenshotOptions().setPath(Path.of(System.getProperty("reckonrod.pictures"), name + ".png")));
    }

    @Test
    void takesThem() {
        Page page = page("/arrange");
        assertThat(row(page, 0)).isVisible();
        page.locator(".row.free[data-slot='4']").click();
        reckonLine(page).fill("SKARRA 145.310- 71.9");
        assertThat(page.locator("#reckon-answer")).containsText("144.710");
        take(page, "reckon-line");
        reckonLine(page).press("Enter");
        row(page, 4).click();
        assertThat(page.locator(".working")).containsText("SKARRA");
        take(page, "arrange");
        row(page, 5).dblclick();
        page.locator(".editor input").fill("OSTREY N 145.430 -0.06 R118.8 E");
        assertThat(page.locator(".working .changes")).containsText("−0.060");
        take(page, "working");
        page.keyboard().press("Escape");
        page.navigate(Application.address() + "/carry/cards");
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^Sheet 1 of"))))
                .isVisible();
        take(page, "cards");
        page.navigate(Application.address() + "/lists");
        for (String name : List.of("Ferry weekend", "Last summer")) {
            button(page, "Copy Vellan home").first().click();
            page.getByRole(
                            AriaRole.TEXTBOX,
                            new Page.GetByRoleOptions().setName("Name").setExact(true))
                    .fill(name);
            page.keyboard().press("Enter");
            assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        }
        button(page, "Delete Last summer").click();
        assertThat(button(page, "Bring Last summer back")).isVisible();
        take(page, "lists");
        page.navigate(Application.address() + "/arrange");
        row(page, 6).click();
        page.keyboard().press("Delete");
        assertThat(row(page, 6)).hasCount(0);
        row(page, 12).dblclick();
        page.locator(".editor input").fill("START 146.565 low");
        page.keyboard().press("Enter");
        assertThat(row(page, 12)).containsText("146.565");
        page.navigate(Application.address() + "/carry/practice");
        choose(page, "On", "KM90 · car");
        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("Drill").setExact(true))
                .fill("12 ·");
        page.keyboard().press("Enter");
        assertThat(page.locator(".task")).containsText("in slot 12");
        for (String key : List.of("1", "4", "6", "5", "6", "5", "g", "w", "ArrowUp", "ArrowUp")) {
            page.getByRole(
                            AriaRole.REGION,
                            new Page.GetByRoleOptions().setName("Practice").setExact(true))
                    .press(key);
        }
        page.keyboard().press("h");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Hint")))
                .isVisible();
        take(page, "practice");
        page.navigate(Application.address() + "/arrange");
        assertThat(row(page, 0)).isVisible();
        page.keyboard().press("Control+z");
        assertThat(row(page, 12)).containsText("146.550");
        page.keyboard().press("Control+z");
        assertThat(row(page, 6)).containsText("PELL");
        page.navigate(Application.address() + "/review");
        page.locator("#listing").fill(LISTING);
        button(page, "Work these lines out").click();
        page.locator(".row[data-line='4']").click();
        assertThat(page.locator(".review aside")).containsText("Use 127.3");
        take(page, "review");
        page.evaluate("sessionStorage.clear()");
        page.navigate(Application.address() + "/tables/plans");
        assertThat(page.locator(".band").first()).isVisible();
        take(page, "tables-plans");
        page.navigate(Application.address() + "/matrix");
        page.locator("[role=row][data-slot='7']").click();
        assertThat(page.locator("aside")).containsText("cannot send");
        take(page, "matrix");
        page.navigate(Application.address() + "/fit/blue");
        assertThat(page.locator(".placements")).containsText("SKARRA");
        take(page, "fit");
        page.navigate(Application.address() + "/load/blue");
        button(page, "Read W12 · blue").click();
        assertThat(page.locator(".steps .job")).containsText("a snapshot of it is kept", SLOWLY);
        button(page, "Switch on").click();
        button(page, "Next in use").click();
        button(page, "Next in use").click();
        page.locator("button", new Page.LocatorOptions().setHasText("changed to W12 · blue"))
                .click();
        assertThat(page.locator(".steps .job")).containsText("found equal", SLOWLY);
        page.navigate(Application.address() + "/load/green");
        button(page, "Read K31 · green").click();
        assertThat(page.locator(".steps .job")).containsText("Turn the dial", SLOWLY);
        take(page, "load");
        button(page, "Start its send").click();
        assertThat(page.locator(".steps .job")).containsText("a snapshot of it is kept", SLOWLY);
        page.navigate(Application.address() + "/find");
        awaitGround(page);
        page.locator("#find-at").fill("Vellan Harbour");
        page.locator("#find-at").press("Enter");
        assertThat(page.locator("#found-10")).isVisible();
        page.locator("#found-2").click();
        assertThat(page.locator(".side .profile")).isVisible();
        page.waitForTimeout(1_000);
        take(page, "find");
        button(page, "Along a route").click();
        button(page, "Try the road through Ardmoor").click();
        choose(page, "My radio", "Car, 25 W");
        button(page, "Plan the trip").click();
        page.getByLabel("each band by itself").check();
        assertThat(page.locator(".trip .strip"))
                .hasCount(2, new LocatorAssertions.HasCountOptions().setTimeout(20_000));
        page.waitForTimeout(1_000);
        take(page, "trip");
        page.navigate(Application.address() + "/sources");
        page.getByLabel("next month's edition").check();
        button(page, "Pull its listing").click();
        assertThat(page.locator(".kinds"))
                .containsText("50,001 new", new LocatorAssertions.ContainsTextOptions().setTimeout(90_000));
        take(page, "sources");
        button(page, "Give it up").click();
        page.navigate(Application.address() + "/sources");
        page.getByLabel("next month's edition").uncheck();
        prove(page);
        Page phone = page("/arrange", new Browser.NewContextOptions().setViewportSize(390, 844));
        row(phone, 4).click();
        assertThat(phone.locator(".working")).containsText("SKARRA");
        take(phone, "arrange-phone");
    }

    /** The repeater on the fell has another tone by now; the harbour answers. */
    private static void prove(Page page) {
        page.navigate(Application.address() + "/prove");
        choose(page, "With", "W12 · blue");
        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("Where").setExact(true))
                .fill("Vellan Harbour");
        page.keyboard().press("Tab");
        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("Channel").setExact(true))
                .fill("FELL");
        page.keyboard().press("Enter");
        assertThat(page.locator(".what")).containsText("FELL TOP");
        button(page, "Transmit light").click();
        button(page, "Talk frequency shown").click();
        button(page, "Nothing").click();
        page.locator(".answer")
                .filter(new Locator.FilterOptions().setHasText("noise"))
                .first()
                .click();
        assertThat(page.locator(".answered li")).hasCount(2);
        take(page, "prove");
        page.navigate(Application.address() + "/prove/dry-run");
        button(page, "KM90 · car").click();
        page.getByLabel("Places, one a line").fill("Vellan Harbour\n47.881, -37.902");
        button(page, "Run it dry").click();
        assertThat(page.locator("tbody tr").first()).isVisible();
        take(page, "dry-run");
        page.navigate(Application.address() + "/prove/log");
        assertThat(page.locator("tbody tr").first()).isVisible();
        take(page, "log");
        page.navigate(Application.address() + "/prove/ready");
        button(page, "Plan it").click();
        assertThat(page.locator(".stops li").first()).isVisible();
        take(page, "ready");
    }
}
