package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Listings from files and from a service, looked at before they are taken. */
class SourcesIT extends BrowserTest {
    private static final LocatorAssertions.ContainsTextOptions SLOWLY =
            new LocatorAssertions.ContainsTextOptions().setTimeout(60_000);

    private static final String LISTING = """
            who;where;Lat;Lng;MHz;Offset;CTCSS
            QZ1AA;Far Point;10.10;10.10;145.310;-0.6;71.9
            QZ1AB;Formula;10.11;10.11;=1+1;-0.6;71.9
            QZ1AC;Odd Tone;10.12;10.12;145.350;-0.6;71.2
            QZ1AD;Short;10.13
            """;

    /** The cell in which the meaning of a heading is chosen. */
    private static Locator meaning(Page page, String heading) {
        return page.locator("tbody tr", new Page.LocatorOptions().setHasText(heading))
                .locator("td")
                .first();
    }

    private static void told(Page page, String what) {
        assertThat(page.locator(".sources [role=alert]", new Page.LocatorOptions().setHasText(what)))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(60_000));
    }

    private static void bring(Page page, String name, byte[] content) {
        page.getByLabel("Listing file").setInputFiles(new FilePayload(name, "text/csv", content));
        button(page, "Bring the file in").click();
    }

    /** What is wrong with a file is said in place; its columns are put right; bad lines come back with their reasons. */
    @Test
    void aFileWithBadLinesIsTakenWithoutThem() throws IOException {
        Page page = page("/sources");
        assertThat(page.locator(".plain").first()).containsText("vellan");
        bring(page, "sheet.csv", new byte[] {'P', 'K', 3, 4, 0});
        told(page, "packed file");
        bring(page, "zz-far.csv", LISTING.getBytes(StandardCharsets.UTF_8));
        assertThat(page.locator("tbody tr")).hasCount(7);
        assertThat(meaning(page, "MHz")).containsText("Output (you listen)");
        choose(page, "Meaning of who", "notes");
        choose(page, "Meaning of MHz", "Leave out");
        button(page, "Read rows").click();
        told(page, "no column is the output");
        choose(page, "Meaning of MHz", "output");
        choose(page, "Meaning of who", "call sign");
        choose(page, "Meaning of where", "site");
        button(page, "Read rows").click();
        assertThat(page.locator(".kinds")).containsText("2 new", SLOWLY);
        button(page, "2 bad").click();
        assertThat(page.locator("tbody")).containsText("holds a formula");
        assertThat(page.locator("tbody")).containsText("3 cells, the headings have 7");
        Download download = page.waitForDownload(
                () -> page.getByText("Save the 2 bad rows as a file").click());
        Assertions.assertThat(Files.readString(download.path()))
                .startsWith("line,reason,who,where")
                .contains("'=1+1");
        page.getByLabel("take the 1 in doubt too").uncheck();
        page.reload();
        page.getByLabel("take the 1 in doubt too").uncheck();
        button(page, "Take 1 entry into the directory").click();
        assertThat(page.locator(".sources")).containsText("1 entry was taken.");
        page.navigate(Application.address() + "/find");
        page.locator("#find-at").fill("10.1 10.1");
        page.locator("#find-at").press("Enter");
        assertThat(page.locator(".count")).containsText("1 found");
        assertThat(page.locator("#found-0")).containsText("Far Point");
        // Standing under its mast there is no path to draw.
        assertThat(page.locator(".reach").first()).isVisible();
        assertThat(page.locator("path[d*=NaN]")).hasCount(0);
        Assertions.assertThat(page.url()).contains("at=10.1");
        page.reload();
        assertThat(page.locator("#found-0")).containsText("Far Point");

        page.navigate(Application.address() + "/sources");
        page.getByText("zz-far.csv").first().click();
        button(page, "Take it back out of the directory").click();
        assertThat(page.locator(".sources")).containsText("Taken back: 1 entry went");
        page.navigate(Application.address() + "/sources");
        assertThat(page.locator(".plain").first()).not().containsText("zz-far");
    }

    /** Sides are told from the numbers, a sign and its size are put together, and what would go in is in sight before it does. */
    @Test
    void aTableOfAnotherLayoutShowsWhatItBecomes() {
        Page page = page("/sources");
        bring(page, "zz-sides.csv", """
                Repeater;Town;TX;+/-;Offset;CTCSS RX;CTCSS TX;Tx/Rx DCS;Longitude (W);Lat
                QZ1BA;Zz Near;145.310;-;0.6;71.9;100.0;;38.2;11
                QZ1BB;Zz Open;145.350;;0.6;;;023;38.3;11
                """.getBytes(StandardCharsets.UTF_8));
        assertThat(meaning(page, "TX")).containsText("Output (you listen)");
        assertThat(page.getByText("left out so far: \"Tx/Rx DCS\"")).isVisible();
        WcagIT.check(page);
        choose(page, "Meaning of Tx/Rx DCS", "DCS code to talk");
        assertThat(page.getByText("left out so far")).hasCount(0);
        button(page, "Read rows").click();
        assertThat(page.locator(".kinds")).containsText("1 in doubt", SLOWLY);
        Locator rows = page.locator("tbody tr");
        assertThat(rows.nth(0))
                .hasText(Pattern.compile("2\\s*Zz Near\\s*145.310\\s*−0.600\\s*CTCSS 71.9\\s*CTCSS 100.0\\s*FM"));
        assertThat(rows.nth(1)).containsText("±0.600");
        assertThat(rows.nth(1)).containsText("DCS 023 N");
        assertThat(rows.nth(1)).containsText("has no direction");
        WcagIT.nothingIsCutOff(page);
        button(page, "Take 2 entries into the directory").click();
        assertThat(page.locator(".sources")).containsText("2 entries were taken.");
        page.navigate(Application.address() + "/find?at=11%20-38.3");
        page.locator("#found-0").click();
        assertThat(page.locator(".pane.side, aside").first()).containsText("144.750 MHz by the plan");
        page.navigate(Application.address() + "/sources");
        button(page, "Remove zz-sides").click();
        button(page, "Remove 2 entries").click();
        assertThat(page.locator(".plain").first()).not().containsText("zz-sides");
    }

    /** A source is removed with all its entries, after the loss was named. */
    @Test
    void aSourceIsRemovedWithItsLossNamed() {
        Page page = page("/sources");
        page.locator("#source-lines").fill("FAR 145.310- 71.9\nFARTHER 147.135+ 127.3");
        button(page, "Bring the lines in").click();
        button(page, "Take 2 entries into the directory").click();
        assertThat(page.locator(".sources")).containsText("2 entries were taken.");
        page.navigate(Application.address() + "/sources");
        button(page, "Remove pasted-lines").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("2 entries would go");
        button(page, "Keep them").click();
        assertThat(page.locator(".plain").first()).containsText("pasted-lines");
        button(page, "Remove pasted-lines").click();
        button(page, "Remove 2 entries").click();
        assertThat(page.locator(".plain").first()).not().containsText("pasted-lines");
    }

    /** A pull that fails in the middle says so, goes on where it was, and is given up without a trace. */
    @Test
    void aPullThatFailsGoesOn() {
        Page page = page("/sources");
        page.getByLabel("let it fail at entry 20,000").check();
        button(page, "Pull its listing").click();
        told(page, "503 at entry 20001");
        page.navigate(Application.address() + "/sources");
        page.getByLabel("let it fail at entry 20,000").uncheck();
        page.getByLabel("make it slow").check();
        page.locator("a.v-list-item", new Page.LocatorOptions().setHasText("Directory service"))
                .first()
                .click();
        button(page, "Go on from row 20,001").click();
        assertThat(page.locator(".reading")).containsText("of 50,032 rows");
        page.navigate(Application.address() + "/arrange");
        page.locator(
                        ".top a",
                        new Page.LocatorOptions()
                                .setHasText(Pattern.compile("Directory service · Reading [45][0-9] %")))
                .click();
        assertThat(page.locator(".reading")).containsText("of 50,032 rows");
        button(page, "Stop reading").click();
        told(page, "Stopped");
        button(page, "Give it up").click();
        assertThat(page.locator(".sources")).containsText("Nothing of it was taken.", SLOWLY);
        page.navigate(Application.address() + "/sources");
        page.getByLabel("make it slow").uncheck();
    }
}
