package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import org.junit.jupiter.api.Test;

class TablesIT extends BrowserTest {
    private static Locator search(Page page) {
        return page.getByRole(AriaRole.SEARCHBOX);
    }

    @Test
    void tonesAndCodesAreFoundByFigureCodeAndWord() {
        Page page = page("/arrange");
        assertThat(row(page, 0)).isVisible();
        page.keyboard().press("Alt+9");
        assertThat(page.locator("tbody tr")).hasCount(51);
        search(page).fill("71.5");
        assertThat(page.locator("tbody tr")).hasCount(2);
        assertThat(page.locator("tbody tr").first()).containsText("71.9");
        search(page).fill("1a");
        assertThat(page.locator("tbody tr")).containsText("103.5");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("DCS codes"))
                .click();
        search(page).fill("763813");
        assertThat(page.locator("tbody tr")).containsText("047 I");
        search(page).fill("9");
        assertThat(page.locator(".tables")).containsText("No code begins like that");
    }

    @Test
    void onPaperStandsTheTableAlone() {
        Page page = page("/tables/codes");
        assertThat(page.locator("tbody tr")).hasCount(104);
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.locator(".v-app-bar")).isHidden();
        assertThat(page.getByRole(AriaRole.NAVIGATION)).isHidden();
        assertThat(search(page)).isHidden();
        assertThat(page.locator("tbody tr").last()).isVisible();
    }

    /** Copied, spoilt, refused by line, mended, kept; then a list goes by it after seeing what moves. */
    @Test
    void aPlanOfOnesOwn() {
        Page page = page("/tables/plans/r1-europe");
        button(page, "Copy it and edit the copy").click();
        Locator text = page.getByLabel("The plan's file");
        assertThat(text).hasValue(java.util.regex.Pattern.compile("id: my-r1-europe-\\d"));
        String yaml = text.inputValue();
        text.fill(yaml.replace("shift_mhz: \"-7.6\"", "shift_mhz: \"seven\""));
        assertThat(page.locator("#file-faults")).containsText("Shift must be");
        assertThat(button(page, "Keep this plan")).isDisabled();
        page.locator("#file-faults button").click();
        assertThat(text).isFocused();
        page.reload();
        page.getByText("Edit", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("#file-faults")).containsText("Shift must be");
        text.fill(yaml.replace("shift_mhz: \"-7.6\"", "shift_mhz: \"-7.5\""));
        assertThat(page.locator("#file-faults")).containsText("No fault found");
        button(page, "Keep this plan").click();
        assertThat(page.locator(".band").filter(new Locator.FilterOptions().setHasText("70 cm")))
                .containsText("−7.500 MHz");

        page.navigate(Application.address() + "/arrange");
        assertThat(page.locator(".rod-table")).isFocused();
        choose(page, "Open list", "New list…");
        page.getByLabel("Name").fill("West Holm");
        choose(page, "Band plan", "Region 1, Europe");
        button(page, "Make the list").click();
        assertThat(page.locator(".page-bar h1")).hasText("West Holm");
        reckonLine(page).fill("HOLM 438.825-");
        assertThat(page.locator("#reckon-answer")).containsText("431.225");
        reckonLine(page).press("Enter");
        assertThat(row(page, 0)).containsText("431.225");
        page.locator("button.plan").click();
        choose(page, "Band plan", "my copy");
        assertThat(page.locator(".v-dialog tbody")).containsText("431.325");
        assertThat(row(page, 0)).containsText("431.225");
        button(page, "Go by this plan, 1 channels move").click();
        assertThat(row(page, 0)).containsText("431.325");
        button(page, "Undo").click();
        assertThat(row(page, 0)).containsText("431.225");
    }
}
