package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class ArrangeIT extends BrowserTest {
    @AfterEach
    void asBefore() {
        undoAll();
    }

    @Test
    void editsMovesDragsAndDeletesAndUndoSurvivesAReload() {
        Page page = page("/arrange");
        row(page, 8).dblclick();
        Locator editor = page.locator(".editor input");
        assertThat(editor).hasValue("RACE CTRL 147.555 71.9 low");
        editor.fill("RACE 147.525 low");
        assertThat(page.locator(".working")).containsText("147.525");
        editor.press("Enter");
        assertThat(row(page, 8)).containsText("147.525");
        row(page, 8).press("[");
        assertThat(row(page, 7)).containsText("RACE");
        assertThat(row(page, 8)).containsText("VELLAN HL");
        row(page, 7).dragTo(page.locator(".row.free[data-slot='4']"));
        assertThat(row(page, 4)).containsText("RACE");
        row(page, 4).press("Delete");
        assertThat(row(page, 4)).hasCount(0);
        page.reload();
        button(page, "Undo").click();
        assertThat(row(page, 4)).containsText("RACE");
        page.keyboard().press("Control+Shift+Z");
        assertThat(row(page, 4)).hasCount(0);
        for (int slot : new int[] {4, 7, 8}) {
            page.keyboard().press("Control+z");
            assertThat(row(page, slot)).containsText("RACE");
        }
        page.keyboard().press("Control+z");
        assertThat(row(page, 8)).containsText("RACE CTRL");
    }

    /** Only rows in view are drawn, but what is typed into one goes on in it wherever the rod is scrolled to. */
    @Test
    void anEditGoesOnWhileSomebodyLooksElsewhere() {
        Page page = page("/arrange");
        row(page, 5).dblclick();
        assertThat(page.locator(".editor input")).isFocused();
        page.mouse().wheel(0, 6_000);
        assertThat(row(page, 43)).isVisible();
        assertThat(row(page, 1)).hasCount(0);
        assertThat(page.locator(".editor input")).isFocused();
        page.keyboard().press("End");
        page.keyboard().type(" low\n");
        assertThat(row(page, 5)).containsText("low");
        assertThat(page.locator(".editor")).hasCount(0);
    }

    /** Keys that come faster than answers are all made, each from where the one before it led; so are as many undos. */
    @Test
    void fastMovesAreMadeOneAfterTheOther() {
        Page page = page("/arrange");
        row(page, 8).click();
        assertThat(row(page, 8)).containsText("RACE CTRL");
        for (int i = 0; i < 5; i++) {
            page.keyboard().press("[");
        }
        assertThat(row(page, 3)).containsText("RACE CTRL");
        assertThat(page.locator(".notice [role=alert]")).hasCount(0);
        for (int i = 0; i < 5; i++) {
            page.keyboard().press("Control+z");
        }
        assertThat(row(page, 8)).containsText("RACE CTRL");
        assertThat(page.locator(".notice [role=alert]")).hasCount(0);
    }

    @Test
    void aPinnedChannelStaysAndSaysWhy() {
        Page page = page("/arrange");
        row(page, 1).click();
        row(page, 1).press("[");
        assertThat(page.locator(".notice [role=alert]")).containsText("pinned to slot 1");
        assertThat(row(page, 1)).containsText("CALL 70");
    }

    @Test
    void twoTabsAreToldAndNothingIsOverwritten() {
        Page first = page("/arrange");
        Page second = page("/arrange");
        assertThat(row(second, 9)).isVisible();
        row(first, 9).click();
        row(first, 9).press("Delete");
        assertThat(row(first, 9)).hasCount(0);
        row(second, 9).dblclick();
        second.locator(".editor input").fill("LEG 1 147.480 low");
        second.locator(".editor input").press("Enter");
        assertThat(second.locator(".notice [role=alert]")).containsText("changed in another tab");
        assertThat(row(second, 9)).hasCount(0);
    }

    /** A wrong tone is offered its neighbours, and what was typed outlives a lost server and a reload. */
    @Test
    void findingsAreMendedAndTypingIsNeverLost() {
        Page page = page("/arrange");
        assertThat(row(page, 0)).isVisible();
        reckonLine(page).fill("NEWREP 145.310- 71.5");
        assertThat(page.locator("#reckon-answer")).containsText("no standard tone");
        button(page, "Use 71.9").click();
        assertThat(reckonLine(page)).hasValue("NEWREP 145.310- 71.9");
        page.route("**/api/**", route -> route.abort());
        reckonLine(page).press("Enter");
        // Whether or not the answer to the mended line was there before Enter.
        assertThat(page.locator(".notice")).containsText("server does not answer");
        assertThat(reckonLine(page)).hasValue("NEWREP 145.310- 71.9");
        page.unroute("**/api/**");
        page.reload();
        assertThat(reckonLine(page)).hasValue("NEWREP 145.310- 71.9");
        reckonLine(page).focus();
        assertThat(page.locator("#reckon-answer")).containsText("144.710");
        reckonLine(page).press("Enter");
        assertThat(row(page, 2)).containsText("NEWREP");
        assertThat(reckonLine(page)).hasValue("");
    }

    @Test
    void anErrorIsPutInOnlyOnASecondEnter() {
        Page page = page("/arrange");
        assertThat(row(page, 0)).isVisible();
        reckonLine(page).fill("ODD 145.310- 71.5");
        assertThat(page.locator("#reckon-answer")).containsText("press Enter twice");
        reckonLine(page).press("Enter");
        assertThat(page.locator("#reckon-answer")).containsText("Enter again");
        Assertions.assertThat(row(page, 2).count()).isZero();
        reckonLine(page).press("Enter");
        assertThat(row(page, 2)).containsText("ODD");
    }

    /** Free slots are folded; unfolded, each can be chosen; the keys are shown by the question mark. */
    @Test
    void freeSlotsUnfoldAndTheKeysAreShown() {
        Page page = page("/arrange");
        row(page, 1).click();
        page.keyboard().press("ArrowDown");
        assertThat(page.locator(".working")).containsText("Slot 2 is free");
        page.keyboard().press("Enter");
        page.keyboard().press("ArrowDown");
        assertThat(page.locator(".row.free[data-slot='3']")).hasAttribute("aria-selected", "true");
        page.keyboard().press("?");
        assertThat(page.getByText("Keys of Arrange")).isVisible();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("a figure or a word");
        page.keyboard().press("Escape");
        assertThat(page.getByText("Keys of Arrange")).isHidden();
    }

    @Test
    void historyGoesBackAndThatCanBeUndoneToo() {
        Page page = page("/arrange");
        row(page, 13).click();
        row(page, 13).press("Delete");
        assertThat(row(page, 13)).hasCount(0);
        button(page, "History").click();
        assertThat(page.getByText("Delete FINISH from slot 13")).isVisible();
        page.locator(".v-list-item", new Page.LocatorOptions().setHasText("Begin Vellan home"))
                .getByText("Go back here")
                .click();
        button(page, "Close").first().click();
        assertThat(row(page, 13)).containsText("FINISH");
        button(page, "Undo").click();
        assertThat(row(page, 13)).hasCount(0);
    }

    /** A list for the mainland goes by the mainland's practice, and the choice of list outlives a reload. */
    @Test
    void aNewListGoesByTheBandPlanThatWasChosen() {
        Page page = page("/arrange");
        choose(page, "Open list", "New list…");
        page.getByLabel("Name").fill("West Ardmoor");
        choose(page, "Band plan", "Region 1, Europe");
        button(page, "Make the list").click();
        assertThat(page.locator(".page-bar h1")).hasText("West Ardmoor");
        reckonLine(page).fill("ARDMOOR 438.825- 67.0");
        assertThat(page.locator("#reckon-answer")).containsText("431.225");
        reckonLine(page).press("Enter");
        assertThat(row(page, 0)).containsText("−7.600");
        page.reload();
        assertThat(page.locator(".page-bar h1")).hasText("West Ardmoor");
        choose(page, "Open list", "Vellan home");
        assertThat(page.locator(".page-bar h1")).hasText("Vellan home");
    }

    /** One key mends; what is laid aside is out of the count until the channel changes; all of it is undone by undo. */
    @Test
    void findingsAreMendedByOneKeyOrLaidAside() {
        Page page = page("/arrange");
        row(page, 0).click();
        page.keyboard().press("f");
        assertThat(row(page, 0)).containsText("low");
        page.keyboard().press("n");
        assertThat(row(page, 1)).hasAttribute("aria-selected", "true");
        assertThat(page.locator(".working")).containsText("calling frequency");
        button(page, "Lay aside").click();
        page.getByLabel("Why it is all right").fill("The summit needs it");
        page.keyboard().press("Enter");
        assertThat(page.locator(".working .aside")).containsText("1 laid aside");
        assertThat(row(page, 1).locator(".doubt svg")).hasCount(0);
        page.locator(".counts").click();
        Locator dialog = page.locator(".v-dialog .sheet");
        assertThat(dialog).containsText("1 laid aside");
        assertThat(dialog.locator("ul")).not().containsText("CALL 70");
        dialog.locator(".kinds button", new Locator.LocatorOptions().setHasText("laid aside"))
                .click();
        assertThat(dialog.locator("ul")).containsText("The summit needs it");
        dialog.locator(".where").first().click();
        page.locator(".working .aside summary").click();
        button(page, "Look again").click();
        assertThat(row(page, 1).locator(".doubt svg")).hasCount(1);
    }

    /** While a line is edited the panel says what the edit changes; afterwards, what was typed over. */
    @Test
    void anEditShowsWhatItChangesAndLaterWhatWasTypedOver() {
        Page page = page("/arrange");
        row(page, 5).dblclick();
        page.locator(".editor input").fill("OSTREY N 145.430- 123.0");
        assertThat(page.locator(".working .changes")).containsText("Talk tone: CTCSS 118.8 → CTCSS 123.0");
        page.locator(".editor input").press("Enter");
        assertThat(page.locator(".working .over")).containsText("CTCSS 123.0, published CTCSS 118.8");
        assertThat(page.locator(".working .changes")).hasCount(0);
        assertThat(page.locator(".working")).containsText("came in as OSTREY N 145.430- 118.8");
    }

    @Test
    void aSatellitePassBecomesABlock() {
        Page page = page("/arrange");
        row(page, 0).click();
        button(page, "Satellite pass").click();
        page.getByLabel("Name").fill("QSAT");
        page.getByLabel("Talk to it on, MHz").fill("150.990");
        page.getByLabel("It sends on, MHz").fill("437.800");
        assertThat(page.locator(".v-dialog")).containsText("outside every amateur band");
        assertThat(button(page, "Put these 5 in")).isDisabled();
        page.getByLabel("Talk to it on, MHz").fill("145.990");
        page.getByLabel("Height of orbit, km").fill("90");
        assertThat(page.locator(".v-dialog")).containsText("160 to 3000 km, was 90");
        page.getByLabel("Height of orbit, km").fill("420");
        assertThat(page.locator(".v-dialog")).containsText("±10.496 kHz");
        button(page, "Put these 5 in").click();
        assertThat(page.locator(".row.block", new Page.LocatorOptions().setHasText("QSAT pass")))
                .isVisible();
        assertThat(row(page, 50)).containsText("437.810");
        assertThat(row(page, 50)).containsText("145.985");
    }
}
