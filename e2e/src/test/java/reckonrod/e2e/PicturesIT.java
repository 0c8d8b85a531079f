package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Takes the pictures of the documentation; scripts/pictures.sh runs it. */
@EnabledIfSystemProperty(named = "reckonrod.pictures", matches = ".+")
class PicturesIT extends BrowserTest {
    private static final LocatorAssertions.ContainsTextOptions SLOWLY =
            new LocatorAssertions.ContainsTextOptions().setTimeout(30_000);

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
        page.navigate(Application.address() + "/fit/blue");
        assertThat(page.locator("tbody")).containsText("SKARRA");
        take(page, "fit");
        page.navigate(Application.address() + "/load/blue");
        button(page, "Read W12 · blue").click();
        assertThat(page.locator(".steps .job")).containsText("a snapshot of it is kept", SLOWLY);
        button(page, "Switch on").click();
        button(page, "Next in use").click();
        button(page, "Next in use").click();
        page.locator("button", new Page.LocatorOptions().setHasText("changed slots to W12 · blue"))
                .click();
        assertThat(page.locator(".steps .job")).containsText("left", SLOWLY);
        take(page, "load");
        assertThat(page.locator(".steps .job")).containsText("found equal", SLOWLY);
        Page phone = page("/arrange", new Browser.NewContextOptions().setViewportSize(390, 844));
        row(phone, 4).click();
        assertThat(phone.locator(".working")).containsText("SKARRA");
        take(phone, "arrange-phone");
    }
}
