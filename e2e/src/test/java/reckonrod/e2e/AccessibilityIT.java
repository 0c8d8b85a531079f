package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AccessibilityIT extends BrowserTest {
    @ParameterizedTest
    @CsvSource({
        "/arrange, LIGHT, 1280",
        "/arrange, DARK, 1280",
        "/arrange, LIGHT, 390",
        "/fit/blue, LIGHT, 1280",
        "/fit/blue, DARK, 390",
        "/load/blue, LIGHT, 1280",
        "/load/blue, DARK, 1280",
        "/load/red, LIGHT, 390"
    })
    void axeFindsNothing(String path, ColorScheme scheme, int width) {
        Page page = page(
                path,
                new Browser.NewContextOptions().setViewportSize(width, 844).setColorScheme(scheme));
        assertThat(page.locator("h1").first()).isVisible();
        assertThat(page.locator(".row.channel, tbody tr, .display").first()).isVisible();
        check(page);
        reckonLine(page).fill("144.710 145.310 71.5 ??");
        assertThat(page.locator("#reckon-answer")).containsText("Not understood");
        check(page);
    }

    private static void check(Page page) {
        List<String> violations = new AxeBuilder(page)
                        .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"))
                        .analyze()
                        .getViolations()
                        .stream()
                        .map(violation -> violation.getId() + ": "
                                + violation.getNodes().get(0).getTarget() + " "
                                + violation.getNodes().get(0).getFailureSummary())
                        .toList();
        assertThat(violations).isEmpty();
    }
}
