package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A traveller's evening: from nothing to a list for the way, by keys alone, and as few of them as that. */
class EveningIT extends BrowserTest {
    private static final int MOST_KEYS = 120;

    private int pressed;

    private void press(Page page, String key, int times) {
        for (int i = 0; i < times; i++) {
            page.keyboard().press(key);
            pressed++;
        }
    }

    private void type(Page page, String text) {
        page.keyboard().type(text);
        pressed += text.length();
    }

    /** As a directory on paper has them, one after another as they come along the way; 40 in all. */
    private static String listing() {
        String repeaters = IntStream.range(0, 30)
                .mapToObj(i -> "WAYSIDE " + (char) ('A' + i % 26) + (i < 26 ? "" : "A") + " "
                        + (i % 2 == 0
                                ? "145." + (210 + 10 * i) + "- 71.9"
                                : "44" + (i % 5) + "." + (125 + 25 * i) + "+ 88.5"))
                .collect(Collectors.joining("\n"));
        String simplex = IntStream.range(0, 8)
                .mapToObj(i -> "CAMP " + i + " 147." + (420 + 15 * i))
                .collect(Collectors.joining("\n"));
        return repeaters + "\nCALL 146.520\n" + simplex + "\nTOWER 118.300 am";
    }

    @Test
    void fromNothingToAListForTheWayInBlocksAndBanksWithNames() {
        Page page = page("/lists");
        page.context().grantPermissions(java.util.List.of("clipboard-read", "clipboard-write"));
        page.evaluate("text => navigator.clipboard.writeText(text)", listing());
        Locator start = button(page, "New list");
        assertThat(start).isVisible();
        start.focus();
        press(page, "Enter", 1);
        Locator name = page.getByRole(AriaRole.DIALOG).getByLabel("Name");
        assertThat(name).isFocused();
        type(page, "Way");
        press(page, "Tab", 2);
        press(page, "Enter", 1);
        assertThat(page.getByRole(AriaRole.OPTION).first()).isVisible();
        press(page, "ArrowDown", 1);
        press(page, "Enter", 1);
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Blocks, filled by themselves: Calling, Simplex");
        press(page, "Tab", 2);
        press(page, "Enter", 1);
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);

        page.navigate(page.url().replaceFirst("/lists.*", "/arrange"));
        assertThat(page.locator(".rod-table")).isFocused();
        press(page, "Control+v", 1);
        assertThat(button(page, "Put 40 lines in, each where it belongs")).isVisible();
        button(page, "Put 40 lines in, each where it belongs").focus();
        press(page, "Enter", 1);
        assertThat(page.locator(".notice")).containsText("15 into block 2 m repeaters for 2 m, repeaters");
        page.goBack();

        // Each band is in the order of its frequencies, and what belongs together stands together.
        assertThat(row(page, 0)).containsText("CALL");
        assertThat(row(page, 6)).containsText("CAMP 0");
        assertThat(row(page, 26)).containsText("145.210");
        assertThat(row(page, 40)).containsText("145.490");
        assertThat(row(page, 86)).containsText("440.");
        press(page, "Control+f", 1);
        type(page, "camp");
        button(page, "Mark all").focus();
        press(page, "Enter", 1);
        page.locator(".rod-table").focus();
        press(page, "c", 1);
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Change 8 channels");
        page.getByLabel("In names, find").focus();
        type(page, "camp");
        press(page, "Tab", 1);
        type(page, "STOP");
        press(page, "Enter", 1);
        assertThat(row(page, 6)).containsText("STOP 0");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        press(page, "B", 1);
        assertThat(page.getByLabel("New bank")).isFocused();
        type(page, "Stops");
        press(page, "Enter", 1);
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("what is put there");
        press(page, "Escape", 1);
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        press(page, "Escape", 1);
        press(page, "B", 1);
        assertThat(page.getByLabel("New bank")).isFocused();
        type(page, "Way");
        press(page, "Enter", 1);
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("All of block"))
                .focus();
        press(page, "ArrowDown", 1);
        assertThat(page.getByRole(AriaRole.OPTION).first()).isVisible();
        press(page, "ArrowDown", 1);
        press(page, "Enter", 1);
        button(page, "Fill it so").focus();
        press(page, "Enter", 1);
        assertThat(page.locator(".notice")).containsText(Pattern.compile("Fill bank Way: all of block \\w+; [1-9]"));
        WcagIT.check(page);
        press(page, "Escape", 1);
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        press(page, "r", 1);
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("What the radios show");
        WcagIT.check(page);
        press(page, "Escape", 1);
        Assertions.assertThat(pressed).isLessThan(MOST_KEYS);
        System.out.println("evening: " + pressed + " keys");
    }
}
