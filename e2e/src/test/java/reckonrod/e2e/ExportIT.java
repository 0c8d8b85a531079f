package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.file.Files;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Lists as tables of other forms, and the whole installation as a file; both ways. */
class ExportIT extends BrowserTest {
    private static final String EXAMPLE = "No;Label;Rx MHz;Tx MHz;Tone;Room\n1;SKARRA;145,310;144,710;71,9;hut\n";

    private static FilePayload file(String name, byte[] bytes) {
        return new FilePayload(name, "application/octet-stream", bytes);
    }

    private static byte[] saved(Download download) {
        try {
            return Files.readAllBytes(download.path());
        } catch (IOException gone) {
            throw new IllegalStateException(gone);
        }
    }

    @Test
    void aRecipeIsWorkedOutFromAnExampleAndUsedBothWays() {
        Page page = page("/export");
        assertThat(page.getByText("30 of 30 channels go out.")).isVisible();
        page.getByLabel("Example of a table").setInputFiles(file("club.csv", EXAMPLE.getBytes(UTF_8)));
        assertThat(page.getByText("Worked out from club.csv: 1 of 1 rows give a channel."))
                .isVisible();
        Locator text = page.getByLabel("The recipe's file");
        // Those that never talk have no form in it, which is told; a word for them is typed.
        assertThat(page.getByLabel("What does not go out")).containsText("MARINE 16 (slot 40) is left out");
        String yaml = text.inputValue();
        text.fill(yaml.replace("holds: talk,", "holds: tlk,"));
        assertThat(page.getByText("One line is to be mended")).isVisible();
        text.fill(yaml.replace("holds: talk,", "holds: talk, never: \"-\","));
        assertThat(page.getByText("30 of 30 channels go out.")).isVisible();
        assertThat(page.getByLabel("What would come back otherwise")).containsText("The listen tone of 2 channels");
        WcagIT.check(page);
        button(page, "Keep this recipe").dblclick();
        assertThat(page.getByText("As it is kept.")).isVisible();
        Download download = page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Save the table"))
                        .click());
        Assertions.assertThat(new String(saved(download), UTF_8))
                .startsWith("No;Label;Rx MHz;Tx MHz;Tone;Room\n0;CALL;146,520;146,520;;hut\n")
                .contains("40;MARINE 16;156,800;-;;hut\n");
        page.getByLabel("Table to be read")
                .setInputFiles(
                        file("more.csv", EXAMPLE.replace("SKARRA", "NEWHAVEN").getBytes(UTF_8)));
        assertThat(page.getByText("NEWHAVEN").first()).isVisible();
        page.navigate(page.url().replaceFirst("/review.*", "/export"));
        choose(page, "Recipe", "club");
        button(page, "Delete it").click();
        assertThat(page.locator(".notice")).containsText("Its text stays here");
    }

    @Test
    void anArchiveIsSavedShownAndPutBack() {
        Page page = page("/about");
        byte[] archive = saved(page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back up everything"))
                        .click()));
        page.getByLabel("Archive to restore").setInputFiles(file("half.zip", java.util.Arrays.copyOf(archive, 5000)));
        assertThat(page.locator(".notice")).containsText("no whole zip");
        page.navigate(page.url().replaceFirst("/about.*", "/arrange"));
        row(page, 12).click();
        page.keyboard().press("Delete");
        assertThat(row(page, 12)).hasCount(0);
        page.navigate(page.url().replaceFirst("/arrange.*", "/about"));
        page.getByLabel("Archive to restore").setInputFiles(file("all.zip", archive));
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("It replaces everything that is here now");
        WcagIT.check(page);
        button(page, "Restore archive").click();
        assertThat(page.locator(".notice")).containsText("What each radio holds is unknown until you read it.");
        page.navigate(page.url().replaceFirst("/about.*", "/arrange"));
        assertThat(row(page, 12)).containsText("START");
    }
}
