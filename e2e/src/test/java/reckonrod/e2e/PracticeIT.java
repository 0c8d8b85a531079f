package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A practice radio: a drill failed by traps and then passed, another by the keyboard alone, and the list on paper. */
class PracticeIT extends BrowserTest {
    private static final Map<String, String> TYPED = Map.of(
            "F", "f",
            "F held", "F",
            "CLR", "Backspace",
            "VFO/MEM", "v",
            "dial right", "ArrowUp",
            "dial left", "ArrowDown",
            "pushed right", "Shift+ArrowUp",
            "pushed left", "Shift+ArrowDown",
            "dial pushed", "g");

    private static void type(Page page, String digits) {
        digits.chars().forEach(each -> page.keyboard().press(Character.toString(each)));
    }

    private static Locator display(Page page) {
        return page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Display"));
    }

    @Test
    void aDrillIsFailedByTrapsAndThenPassed() {
        Page page = page("/carry/practice");
        choose(page, "On", "W12 · red");
        page.getByLabel("Who practises").fill("Ann");
        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("Drill").setExact(true))
                .fill("12 ·");
        page.keyboard().press("Enter");
        assertThat(page.locator(".task")).containsText("in slot 12");
        page.getByRole(
                        AriaRole.REGION,
                        new Page.GetByRoleOptions().setName("Practice").setExact(true))
                .focus();
        type(page, "146550");
        assertThat(display(page)).containsText("146.550");
        page.keyboard().press("m");
        type(page, "42");
        page.keyboard().press("Enter");
        type(page, "6");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Zeros left out");
        page.keyboard().press("h");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Hint")))
                .isVisible();
        // What was pressed is kept while the page is away.
        page.reload();
        assertThat(page.locator(".told")).containsText("12 keys");
        assertThat(page.locator(".told")).containsText("1 hint");
        button(page, "Begin again").click();
        assertThat(page.locator(".told")).not().containsText("keys");
        byHints(
                page,
                Map.of(
                        "LIST",
                        "m",
                        "TAKE",
                        "Enter",
                        "BACK",
                        "Backspace",
                        "UP",
                        "ArrowUp",
                        "DOWN",
                        "ArrowDown",
                        "M/F",
                        "v"));
        Locator went = page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("How it went"));
        assertThat(went).containsText("To be repeated today.");
        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("Where").setExact(true))
                .fill("46.41, -33.92");
        button(page, "Press the talk key").click();
        assertThat(page.locator(".keyed-up")).containsText("The transmit light came on");
        WcagIT.check(page);
    }

    /** What each hint says is pressed, until it is done. */
    private static void byHints(Page page, Map<String, String> typed) {
        Locator hint = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Hint"));
        Locator went = page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("How it went"));
        page.getByRole(
                        AriaRole.REGION,
                        new Page.GetByRoleOptions().setName("Practice").setExact(true))
                .focus();
        int pressed = 0;
        for (int line = 0; line < 40 && !went.isVisible(); line++) {
            page.keyboard().press("h");
            hint.or(went).first().waitFor();
            if (went.isVisible()) {
                break;
            }
            List<String> keys = hint.locator("kbd").allInnerTexts();
            for (String each : keys) {
                int times = each.indexOf(" ×");
                String key = times < 0 ? each : each.substring(0, times);
                for (int i = 0; i < (times < 0 ? 1 : Integer.parseInt(each.substring(times + 2))); i++) {
                    page.keyboard().press(typed.getOrDefault(key, key));
                    pressed++;
                }
            }
            assertThat(page.locator(".told")).containsText(pressed + " keys");
            hint.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
        }
        assertThat(went).isVisible();
    }

    /** The radio without a socket is filled by its keys alone, and so it is practised by the keyboard alone. */
    @Test
    void aSheetIsCarriedThroughByTheKeyboardAlone() {
        Page page = page("/carry/practice");
        choose(page, "On", "OT9 · crew");
        page.getByRole(
                        AriaRole.REGION,
                        new Page.GetByRoleOptions().setName("Practice").setExact(true))
                .focus();
        // The drills of this radio are there, and its display, before one is asked for.
        assertThat(display(page)).containsText("144.000");
        page.keyboard().press("n");
        assertThat(page.locator(".task")).containsText("Store ");
        byHints(page, TYPED);
        page.keyboard().press("b");
        assertThat(page.locator(".task")).containsText("Store ");
        // A function key alone is forgotten, and says so on the display.
        page.keyboard().press("f");
        assertThat(display(page)).containsText("F");
        assertThat(display(page))
                .not()
                .containsText("F", new LocatorAssertions.ContainsTextOptions().setTimeout(8_000));
    }

    @Test
    void theWholeListStandsOnPaper() {
        Page page = page("/carry");
        choose(page, "Into", "OT9 · crew");
        Locator paper = page.locator(".paper");
        assertThat(paper).containsText("it has no link");
        assertThat(paper).containsText("by the keys of OT9 · crew");
        assertThat(paper).containsText("OWN SHIFT");
        assertThat(paper).containsText("local rules");
        choose(page, "Into", "W12 · red");
        assertThat(paper).containsText("goes in by the link only");
        page.setViewportSize(390, 844);
        WcagIT.nothingIsCutOff(page);
    }
}
