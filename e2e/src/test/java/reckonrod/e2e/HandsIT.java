package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Hands that stay on the keys: no key is lost, and the focus is where the person works. */
class HandsIT extends BrowserTest {
    @AfterEach
    void asBefore() {
        undoAll();
    }

    private static boolean isOnRod(Page page) {
        return (Boolean) page.evaluate("() => document.activeElement?.classList.contains('rod-table') === true");
    }

    /** The first key works after loading, after a dialog, after a line, after a delete with the mouse, after a step. */
    @Test
    void theKeysWorkAtOnceWhateverWasDoneBefore() {
        Page page = page("/arrange");
        isAt(page, 0);
        page.keyboard().press("j");
        isAt(page, 1);
        page.keyboard().press("?");
        assertThat(page.getByText("Keys of Arrange")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByText("Keys of Arrange")).isHidden();
        page.waitForCondition(() -> isOnRod(page));
        page.keyboard().press("k");
        isAt(page, 0);

        row(page, 9).click();
        button(page, "Delete").click();
        assertThat(row(page, 9)).hasCount(0);
        page.keyboard().press("Control+z");
        assertThat(row(page, 9)).containsText("LEG 1");
        assertThat(page.locator(".notice")).containsText("Undone: Delete LEG 1");

        page.keyboard().press("Alt+3");
        assertThat(page.locator(".page-bar h1")).hasText("Fit");
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("to the Reckon line");
        page.keyboard().press("Escape");
        page.keyboard().press("Alt+2");
        isAt(page, 9);
    }

    /** Lines typed without a pause all go in, and undo never brings an old one back into the field. */
    @Test
    void linesTypedWithoutAPauseAllGoIn() {
        Page page = page("/arrange");
        isAt(page, 0);
        page.keyboard().press("/");
        Keyboard.TypeOptions fast = new Keyboard.TypeOptions().setDelay(5);
        page.keyboard().type("ALFA 147.405\n147.420 nfm\nbravo 147.435 T71.9\n", fast);
        assertThat(row(page, 2)).containsText("ALFA");
        assertThat(row(page, 3)).containsText("147.420");
        assertThat(row(page, 4).or(row(page, 18))).containsText("bravo");
        page.waitForCondition(() -> isOnRod(page));
        for (int i = 0; i < 3; i++) {
            String undo = button(page, "Undo").getAttribute("title");
            page.keyboard().press("Control+z");
            page.waitForCondition(() -> !undo.equals(button(page, "Undo").getAttribute("title")));
        }
        assertThat(row(page, 2)).hasCount(0);
        assertThat(reckonLine(page)).hasValue("");
        reckonLine(page).click();
        page.keyboard().press("Control+z");
        assertThat(reckonLine(page)).hasValue("");
    }

    /** A figure typed on the rod begins a line; a line that cannot go in comes back. */
    @Test
    void typingAnywhereBeginsALineAndABadOneComesBack() {
        Page page = page("/arrange");
        isAt(page, 0);
        page.keyboard().type("1285", new Keyboard.TypeOptions().setDelay(20));
        assertThat(reckonLine(page)).isFocused();
        assertThat(reckonLine(page)).hasValue("1285");
        reckonLine(page).fill("");
        page.keyboard().type("hello there\n", new Keyboard.TypeOptions().setDelay(3));
        assertThat(reckonLine(page)).hasValue("hello there");
        // Enter before the answer is there is told below the screen; after it, the answer itself says it.
        assertThat(page.locator(".notice:visible, #reckon-answer:visible")
                        .getByText("No frequency was found")
                        .first())
                .isVisible();
        reckonLine(page).fill("");
    }

    /** The answer says its name, the slot that it really takes, and what the radios make of it. */
    @Test
    void theAnswerSaysWhereItGoesAndWhatTheRadiosMakeOfIt() {
        Page page = page("/arrange");
        row(page, 5).click();
        reckonLine(page).fill("147.39+ 100 Low Head");
        Locator answer = page.locator("#reckon-answer");
        assertThat(answer).containsText("Named LOW HEAD");
        assertThat(answer).containsText("Enter puts it into slot 18");
        assertThat(answer).containsText("W12 · blue");
        assertThat(answer).containsText("was read as part of the name");
        reckonLine(page).fill("132.800");
        assertThat(answer).containsText("never talks");
        assertThat(answer).not().containsText("Talk tone");
        assertThat(answer).containsText("The radio only listens on");
        reckonLine(page).fill("");
    }

    /** The kept line works again by itself once the server is back. */
    @Test
    void aLostServerIsSaidAndTheLineWorksAgainByItself() {
        Page page = page("/arrange");
        assertThat(row(page, 0)).isVisible();
        page.route("**/api/reckon", route -> route.abort());
        reckonLine(page).fill("145.310- 71.9");
        assertThat(page.locator("#reckon-answer")).containsText("server does not answer");
        page.unroute("**/api/reckon");
        assertThat(page.locator("#reckon-answer")).containsText("144.710");
        reckonLine(page).fill("");
    }

    /** The words that are read are shown, and an example is tried with a click. */
    @Test
    void theNotationCardIsTried() {
        Page page = page("/arrange");
        isAt(page, 0);
        page.keyboard().press("?");
        button(page, "Words of the line").click();
        Locator card = page.getByRole(AriaRole.DIALOG)
                .filter(new Locator.FilterOptions().setHasText("Words that the line reads"));
        card.getByRole(AriaRole.TEXTBOX).fill("never talk");
        card.getByText("145.310 receive only").click();
        assertThat(reckonLine(page)).hasValue("145.310 receive only");
        assertThat(page.locator("#reckon-answer")).containsText("never talks");
        reckonLine(page).fill("");
    }

    /** An edit in place outlives a reload; each tab keeps its own list and each list its own cursor. */
    @Test
    void aTabKeepsItsEditItsListAndItsCursor() {
        Page page = page("/arrange");
        row(page, 6).dblclick();
        page.locator(".editor input").fill("PELL 147.135+ 123.0");
        page.reload();
        assertThat(page.locator(".editor input")).hasValue("PELL 147.135+ 123.0");
        page.locator(".editor input").press("Escape");
        assertThat(row(page, 6)).containsText("127.3");
        Assertions.assertThat(page.title()).isEqualTo("Arrange · Vellan home · Reckonrod");

        choose(page, "Open list", "New list…");
        page.getByLabel("Name").fill("Zz other tab " + System.nanoTime());
        button(page, "Make the list").click();
        assertThat(page.locator(".page-bar h1")).containsText("Zz other tab");
        assertThat(page.locator(".working")).containsText("Slot 0 is free");
        Page second = page.context().newPage();
        second.navigate(Application.address() + "/arrange");
        // The rod takes the focus when it comes.
        assertThat(second.locator(".rod-table")).isFocused();
        choose(second, "Open list", "Vellan home");
        assertThat(second.locator(".page-bar h1")).hasText("Vellan home");
        page.reload();
        assertThat(page.locator(".page-bar h1")).containsText("Zz other tab");
        assertThat(page.locator(".rod-table")).isFocused();
        choose(page, "Open list", "Vellan home");
        assertThat(row(page, 6)).hasAttribute("aria-selected", "true");
    }

    /** A window that comes to the front shows what was done elsewhere. */
    @Test
    void aTabLooksAgainWhenItGetsTheFocus() {
        Page first = page("/arrange");
        assertThat(row(first, 10)).isVisible();
        Page second = page("/arrange");
        row(second, 10).click();
        row(second, 10).press("Delete");
        assertThat(row(second, 10)).hasCount(0);
        // What was looked at less than two seconds ago counts as fresh.
        first.waitForTimeout(2_100);
        first.evaluate("() => dispatchEvent(new Event('focus'))");
        assertThat(row(first, 10)).hasCount(0);
    }

    /** A channel that moves to a taken slot asks; what the move did is told. */
    @Test
    void aMoveToATakenSlotAsksAndSaysWhatItDid() {
        Page page = page("/arrange");
        row(page, 9).dragTo(row(page, 11));
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Slot 11 holds LEG 3");
        button(page, "Push down to the next free slot").click();
        assertThat(page.locator(".notice")).containsText("Move LEG 1 to slot 11");
        assertThat(page.locator(".notice")).containsText("give way");
        assertThat(row(page, 12)).containsText("LEG 3");
        page.keyboard().press("Control+z");
        assertThat(row(page, 9)).containsText("LEG 1");
        row(page, 9).dragTo(row(page, 11));
        button(page, "Leave both").click();
        assertThat(row(page, 9)).containsText("LEG 1");
        row(page, 17).click();
        page.getByLabel("Move to slot").fill("30");
        button(page, "Move to 30").click();
        assertThat(page.locator(".notice")).containsText("out of block Round · 2 m into block");
    }

    /** At 200 % zoom the rod shows five rows and the answer scrolls by keys; on both every action is there. */
    @Test
    void atTwiceTheSizeThereIsRoomAndEveryAction() {
        Page page = page("/arrange", new Browser.NewContextOptions().setViewportSize(640, 400));
        assertThat(row(page, 0)).isVisible();
        Number rows = (Number) page.evaluate("""
                () => {
                  const box = document.querySelector('.rod-table').getBoundingClientRect()
                  return [...document.querySelectorAll('.rod-table .rows .row')].filter((row) => {
                    const its = row.getBoundingClientRect()
                    return its.top >= box.top - 1 && its.bottom <= box.bottom + 1
                  }).length
                }""");
        Assertions.assertThat(rows.intValue()).isGreaterThanOrEqualTo(5);
        for (String action : List.of("History", "Paste lines", "Satellite pass", "Working of the channel")) {
            button(page, "More").click();
            assertThat(page.locator(".v-list-item-title")
                            .getByText(action, new Locator.GetByTextOptions().setExact(true)))
                    .isVisible();
            page.keyboard().press("Escape");
        }
        reckonLine(page).fill("144.710 145.310 71.5");
        assertThat(page.locator("#reckon-answer")).containsText("no standard tone");
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("PageDown");
        }
        page.waitForCondition(
                () -> ((Number) page.locator("#reckon-answer").evaluate("it => it.scrollTop")).doubleValue() > 100);
        reckonLine(page).fill("");
        page.keyboard().press("Escape");
        page.getByText("2 free").first().click();
        assertThat(page.locator(".row.free[data-slot='3']")).isVisible();
    }

    /** An address that leads nowhere says so, and a radio that nobody has shows none. */
    @Test
    void addressesThatLeadNowhereSaySo() {
        Page page = page("/nonesuch/at/all");
        assertThat(page.locator("main")).containsText("There is no page here");
        page.navigate(Application.address() + "/load/nonesuch");
        assertThat(page.locator("main")).containsText("There is no radio “nonesuch” here");
        assertThat(button(page, "Read W12")).hasCount(0);
        page.navigate(Application.address() + "/fit/nonesuch");
        assertThat(page.locator("main")).containsText("There is no radio “nonesuch” here");
    }

    /** The first press of Tab offers to skip to the work. */
    @Test
    void aSkipLinkLeadsToTheWork() {
        Page page = page("/tables");
        assertThat(page.locator(".page-bar h1")).hasText("Tables");
        page.keyboard().press("Tab");
        assertThat(page.getByText("To the work")).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.locator(".tables")).isFocused();
        assertThat(page).hasTitle(Pattern.compile("Tables · .*Reckonrod"));
    }
}
