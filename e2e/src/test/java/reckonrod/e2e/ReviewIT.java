package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A whole listing at once: judged, mended, put in together. */
class ReviewIT extends BrowserTest {
    private static final String LISTING = """
            Name Output Shift Tone
            NEWFELL 146.640- 71.9 E L
            NEWPELL 147.135+ 127.9
            TOWER 132.820 am
            OSTREY N 145.430- 118.8
            """;

    @AfterEach
    void asBefore() {
        undoAll();
    }

    private static Locator line(Page page, int number) {
        return page.locator(".row[data-line='" + number + "']");
    }

    private static void paste(Page page, String text) {
        reckonLine(page).evaluate("""
                        (input, text) => {
                          const data = new DataTransfer()
                          data.setData('text/plain', text)
                          input.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
                        }""", text);
    }

    /** Pasted into the Reckon line; by keyboard alone from there on. Good lines go in, the others stay through a reload. */
    @Test
    void goodLinesGoInTogetherAndTheOthersStayToBeMended() {
        Page page = page("/arrange");
        row(page, 4 - 3).click();
        paste(page, LISTING);
        assertThat(line(page, 2)).containsText("goes in");
        assertThat(line(page, 1)).containsText("No frequency was found");
        assertThat(line(page, 3)).containsText("no standard tone");
        assertThat(line(page, 4)).containsText("no air channel 132.820");
        assertThat(line(page, 5)).containsText("Already in slot 5");
        assertThat(button(page, "Put 1 line in, from slot 1 on")).isVisible();

        tabTo(page, page.locator(".review .lines"));
        page.keyboard().press("j");
        page.keyboard().press("j");
        assertThat(line(page, 3)).hasAttribute("aria-selected", "true");
        assertThat(page.locator(".review aside")).containsText("Use 127.3");
        page.keyboard().press("f");
        assertThat(line(page, 3)).containsText("goes in");
        page.keyboard().press("Enter");
        page.keyboard().type("NEWPELL 146.670- 127.3");
        assertThat(page.locator(".review aside .changes")).containsText("147.135 MHz");
        page.keyboard().press("Enter");
        assertThat(line(page, 3)).containsText("146.070");
        assertThat(line(page, 3)).containsText("goes in");

        button(page, "Put 2 lines in, from slot 1 on").click();
        assertThat(page.locator(".review")).containsText("2 to mend");
        assertThat(page.locator(".review .rows .row")).hasCount(3);
        page.reload();
        assertThat(line(page, 2)).containsText("no air channel");
        button(page, "Edit as text").click();
        page.reload();
        assertThat(page.locator("#listing")).hasValue(java.util.regex.Pattern.compile("TOWER 132.820 am"));
        page.locator("#listing").fill("");
        page.navigate(Application.address() + "/arrange");
        assertThat(row(page, 2)).containsText("NEWFELL");
        assertThat(row(page, 3)).containsText("NEWPELL");
        assertThat(row(page, 3)).containsText("146.070");
        button(page, "Undo").click();
        assertThat(row(page, 2)).hasCount(0);
        assertThat(row(page, 3)).hasCount(0);
    }

    /** A table with headings is read by them; a second paste asks; many are let in, mended or cleared at once. */
    @Test
    void manyAtOnceAndNothingJoinedUnasked() {
        Page page = page("/arrange");
        row(page, 1).click();
        paste(page, "Name,Frequency,Offset,Decode,Encode\nNEWFELL,145.310,-0.6,,71.9\nNEWPELL,441.150,+5,100.0,156.7");
        assertThat(page.locator(".notice")).containsText("Read by the headings of the table");
        assertThat(line(page, 1)).containsText("144.710");
        line(page, 2).click();
        assertThat(page.locator(".review aside .tones")).containsText("CTCSS 156.7");
        assertThat(page.locator(".review aside .tones")).containsText("CTCSS 100.0");

        reckonLine(page).focus();
        paste(page, "ODDA 145.330- 71.5\nODDB 145.350- 71.5\nMAYBE 145.370 71.9");
        assertThat(page.locator(".arrived")).containsText("3 lines came in, and 2 lines of before wait here still");
        button(page, "Only the new ones").click();
        assertThat(page.locator(".review .rows .row")).hasCount(3);
        line(page, 1).click();
        button(page, "Mend all 2 like this").click();
        assertThat(line(page, 2)).containsText("goes in");
        button(page, "Let all 1 doubtful in").click();
        assertThat(button(page, "Put 3 lines in, from slot 1 on")).isEnabled();
        button(page, "Clear").click();
        assertThat(page.locator("#listing")).isVisible();
        page.locator("h1").click();
        page.keyboard().press("Control+z");
        assertThat(page.locator(".review .rows .row")).hasCount(3);
        page.evaluate("sessionStorage.clear()");
    }

    /** Thousands of lines are worked out and only those in view are drawn; the last is reached by its key. */
    @Test
    void fiveThousandLinesScroll() {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < 5_000; i++) {
            text.append("SITE ").append(440_000 + i).append(" 44").append(i % 5).append('.');
            text.append(String.format("%03d", 25 * (i / 5 % 40))).append("+ 71.9\n");
        }
        Page page = page("/arrange");
        assertThat(row(page, 0)).isVisible();
        paste(page, text.toString());
        assertThat(line(page, 1)).isVisible();
        Assertions.assertThat(page.locator(".review .rows .row").count()).isLessThan(100);
        page.locator(".review .lines").focus();
        page.keyboard().press("End");
        assertThat(line(page, 5_000)).isVisible();
        assertThat(page.locator(".review aside h2").first()).hasText("Line 5000");
        page.locator(".review .lines").press("Home");
        assertThat(line(page, 1)).hasAttribute("aria-selected", "true");
        page.evaluate("sessionStorage.clear()");
    }
}
