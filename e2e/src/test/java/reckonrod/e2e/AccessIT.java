package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.SameSiteAttribute;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The password page, as who comes from another machine meets it. */
class AccessIT extends BrowserTest {
    private static final String PASSWORD = "quiet harbour at dusk";
    private static Program guarded;

    @BeforeAll
    static void start() throws IOException, InterruptedException {
        guarded = Application.another("guarded", Map.of("RECKONROD_PASSWORD", PASSWORD));
    }

    @AfterAll
    static void stop() throws InterruptedException {
        guarded.stop();
    }

    @Override
    String address() {
        return guarded.address();
    }

    private static Locator password(Page page) {
        return page.getByLabel("Password");
    }

    private static void enter(Page page, String password) {
        password(page).fill(password);
        page.keyboard().press("Enter");
    }

    @Test
    void nothingIsShownWithoutThePasswordAndWhatWasTypedOutlastsTheSession() {
        Page page = page("/arrange");
        assertThat(password(page)).isFocused();
        assertThat(page.locator("body")).not().containsText("Vellan");
        enter(page, "quiet harbour");
        assertThat(page.getByText("That is not the password.")).isVisible();
        enter(page, PASSWORD);
        assertThat(row(page, 0)).isVisible();
        List<Cookie> cookies = page.context().cookies();
        assertThat(cookies).singleElement().satisfies(cookie -> {
            assertThat(cookie.httpOnly).isTrue();
            assertThat(cookie.sameSite).isEqualTo(SameSiteAttribute.STRICT);
            assertThat(cookie.value).doesNotContain("quiet");
        });

        // The session ends elsewhere, in the middle of a line. The next request brings the page back, and the line
        // stays.
        reckonLine(page).fill("145.310- 71.9 Half typed");
        assertThat(page.locator("body")).containsText("144.710");
        page.context().clearCookies();
        reckonLine(page).press("Enter");
        assertThat(password(page)).isVisible();
        enter(page, PASSWORD);
        assertThat(reckonLine(page)).hasValue("145.310- 71.9 Half typed");

        page.navigate(address() + "/about");
        button(page, "Leave on this browser").click();
        assertThat(password(page)).isVisible();
        page.reload();
        assertThat(password(page)).isVisible();
        assertThat(page.request().get(address() + "/api/lists").status()).isEqualTo(401);
    }
}
