package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Cards are chosen, looked at, saved and read back; the page for the telephone works without a network, and its log comes home. */
class CardsIT extends BrowserTest {
    @TempDir
    private Path folder;

    private Path saved(Page page, String button) {
        Download download = page.waitForDownload(() -> button(page, button).click());
        Path file = folder.resolve(download.suggestedFilename());
        download.saveAs(file);
        return file;
    }

    private static Locator sheet(Page page) {
        return page.locator("img.sheet:not(.stale)");
    }

    private static String text(Path pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void cardsAreChosenLookedAtAndSaved() throws IOException {
        Page page = page("/carry/cards");
        assertThat(sheet(page)).hasAttribute("alt", Pattern.compile("Vellan home, channels"));
        choose(page, "What", "A radio: its use");
        choose(page, "For", "W12 · red");
        choose(page, "Paper", "A6");
        page.getByLabel("Large type").check();
        assertThat(sheet(page)).hasAttribute("alt", Pattern.compile("Sheet 1 of \\d+: W12 · red, its use"));
        page.getByRole(
                        AriaRole.REGION,
                        new Page.GetByRoleOptions().setName("Cards").setExact(true))
                .focus();
        page.keyboard().press("n");
        assertThat(sheet(page)).hasAttribute("alt", Pattern.compile("Sheet 2 of"));
        // What was chosen outlives a reload.
        page.reload();
        assertThat(sheet(page)).hasAttribute("alt", Pattern.compile("W12 · red, its use"));
        page.getByText("All channels", new Page.GetByTextOptions().setExact(true))
                .click();
        page.getByLabel("Calling", new Page.GetByLabelOptions().setExact(true)).check();
        assertThat(page.getByText(Pattern.compile("^\\d channels? of \\d+"))).isVisible();
        assertThat(sheet(page)).isVisible();
        WcagIT.nothingIsCutOff(page);
        WcagIT.check(page);
        String read = text(saved(page, "Save as PDF"));
        assertThat(read)
                .contains("W12 · red", "Leave alone", "CALL", "146.520", "version", "Transmitting needs a licence")
                .doesNotContain("PELL");
        choose(page, "What", "For whoever borrows");
        page.getByLabel("Whose it is").fill("QV1AB");
        assertThat(sheet(page)).hasAttribute("alt", Pattern.compile("lent"));
        String lent = text(saved(page, "Save as PDF"));
        assertThat(lent).contains("Belongs to QV1AB", "Three first steps", "public emergency number");
    }

    @Test
    void thePageForTheTelephoneWorksAloneAndItsLogComesHome() throws IOException {
        Page page = page("/carry/cards");
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Key sheets of"))
                .focus();
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("W12 · red"))
                .click();
        page.keyboard().press("Escape");
        Path file = saved(page, "Save the page");
        Path log;
        try (BrowserContext phone = page.context()
                .browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setColorScheme(ColorScheme.DARK)
                        .setAcceptDownloads(true))) {
            phone.setOffline(true);
            Page pocket = phone.newPage();
            pocket.onPageError(errors::add);
            pocket.navigate(file.toUri().toString());
            pocket.getByLabel("Search").fill("harbour 146.940");
            assertThat(pocket.getByText(Pattern.compile("^1 of \\d+ channels$")))
                    .isVisible();
            pocket.locator("summary:visible").click();
            assertThat(pocket.locator("details[open]")).containsText("146.940 MHz");
            assertThat(pocket.locator("details[open] ol kbd").first()).hasText("1");
            WcagIT.check(pocket);
            button(pocket, "Keep in the log").click();
            assertThat(pocket.getByText("Say what was seen or heard")).isVisible();
            pocket.getByLabel("Tail of the repeater").check();
            pocket.getByLabel("Where").fill("Fell gate");
            button(pocket, "Keep in the log").click();
            assertThat(pocket.getByText("Kept, 1 in the log.")).isVisible();
            pocket.reload();
            assertThat(pocket.getByText(Pattern.compile("HARBOUR, .*tail of the repeater")))
                    .isVisible();
            log = saved(pocket, "Give the log back as a file");
        }
        page.navigate(Application.address() + "/prove/log");
        button(page, "Take a log in").click();
        page.getByLabel("File of a log").setInputFiles(log);
        button(page, "Take it in").click();
        assertThat(page.getByText("1 test taken in")).isVisible();
        assertThat(page.locator("main")).containsText("Fell gate");
        JsonElement kept =
                JsonParser.parseString(Files.readString(log)).getAsJsonArray().get(0);
        page.request()
                .delete(Application.address() + "/api/tests/"
                        + kept.getAsJsonObject().get("id").getAsString());
        undoAll();
    }
}
