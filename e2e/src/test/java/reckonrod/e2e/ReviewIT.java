package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
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

    /** What only a person can say of a table is asked once, and nothing is read before; typed text outlives the question. */
    @Test
    void aTableThatLeavesTheSidesOpenIsAskedAboutOnce() {
        Page page = page("/arrange");
        row(page, 1).click();
        paste(page, "Name,TX,RX,Tone,Mast height\nNEWFERRY,433.475,145.350,71.9,67.0\nNEWBUOY,441.500,146.520,,88.5");
        assertThat(page.locator(".sides")).containsText("Receive on RX (145.350), transmit on TX (433.475)");
        assertThat(button(page, "Read rows")).isDisabled();
        assertThat(page.locator(".review .rows .row")).hasCount(0);
        WcagIT.check(page);
        page.reload();
        assertThat(page.locator("#listing")).hasValue(java.util.regex.Pattern.compile("NEWBUOY"));
        button(page, "Work these lines out").click();
        page.getByLabel("Receive on TX (433.475)").check();
        button(page, "Read rows").click();
        assertThat(line(page, 1)).containsText("433.475");
        assertThat(page.locator(".review aside .channel, .review aside").first())
                .containsText("145.350");
        assertThat(page.locator(".notice")).containsText("Left out: Mast height");
        assertThat(page.locator("#listing")).hasCount(0);
        page.evaluate("sessionStorage.clear()");
    }

    /** A table from a file becomes a list of its own by way of the review; a cell that nobody understood stays a doubt. */
    @Test
    void aTableFromAFileBecomesAList() {
        Page page = page("/lists");
        page.getByLabel("File with a list")
                .setInputFiles(new FilePayload(
                        "Zz isles.csv",
                        "text/csv",
                        "Place;Ausgabe;Eingabe;Ton;Status\nTarnhill;146,700;146,100;71,9;zerquist\nQvale;147,210;147,810;88,5;\n"
                                .getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Zz isles");
        button(page, "Make the list").click();
        assertThat(line(page, 1)).containsText("State: zerquist");
        assertThat(page.locator(".list-picker")).containsText("Zz isles");
        button(page, "Put 1 line in, from slot 0 on").click();
        assertThat(page.locator(".review .rows .row")).hasCount(1);
        page.evaluate("sessionStorage.clear()");
        page.navigate(Application.address() + "/lists");
        button(page, "Delete Zz isles").click();
        assertThat(button(page, "Bring Zz isles back")).isVisible();
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
