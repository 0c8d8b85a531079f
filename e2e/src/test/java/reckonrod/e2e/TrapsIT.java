package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Every trap of the radios is fallen into by the keyboard, and named on the screen in the moment it happens. */
class TrapsIT extends BrowserTest {
    private static final Map<Character, String> KEYS =
            Map.of('M', "m", 'T', "Enter", 'B', "Backspace", 'S', "v", 'F', "f", 'H', "F", 'R', "ArrowUp");

    /**
     * A way into a trap. Letters are keys of the radio: menu, take, back, slots or frequencies, function, function held, right; a dot is
     * a pause of five seconds.
     */
    private record Fall(String radio, String keys, String said) {}

    private static final List<Fall> FALLEN_INTO = List.of(
            new Fall("W12 · red", "M52T 003TT", "Something else is gone"),
            new Fall("W12 · red", "145310 M31T.. 0", "Too slow: the menu closed"),
            new Fall("W12 · red", "M31T 003T B 145310", "Another frequency forgets"),
            new Fall("W12 · red", "145310 M42T 6T", "Zeros left out"),
            new Fall("W12 · red", "145310 M51T 003T", "The slot is in use"),
            new Fall("W12 · red", "145310 M51T 009T", "Another slot"),
            new Fall("W12 · red", "S 145310", "Digits called a slot"),
            new Fall("W12 · red", "145310 M31T 003B", "Left without taking it"),
            new Fall("W12 · red", "145310 M32T 003T 41T 2T 42T 006000T 21T 1T 51T 008T", "Tone on the wrong side"),
            new Fall("W12 · red", "145310 M31T 003T 41T 1T 42T 006000T 21T 1T 51T 008T", "Shift the wrong way"),
            new Fall("W12 · red", "145310 M31T 004T 41T 2T 42T 006000T 21T 1T 51T 008T", "Not what was asked for"),
            new Fall("W12 · red", "199310", "The radio refused"),
            new Fall("K31 · green", "145310 F. 1", "The number came too late"),
            new Fall("K31 · green", "145310 F1RRRF H008H", "Tone not switched on"),
            new Fall("K31 · green", "145310 H008F", "Pressed shortly, not held"),
            new Fall("K31 · green", "145310 R", "The dial moved the frequency"),
            new Fall("OT9 · crew", "145310 F50160F", "Other slots changed with it"));

    /** Opens a list with a channel in slot 3 and one in slot 8; the id of that. */
    private static String list(Page page) {
        return (String) page.evaluate("""
                async () => {
                  const headers = { 'content-type': 'application/json' }
                  const post = async (path, body) =>
                    (await fetch(path, { method: 'POST', headers, body: JSON.stringify(body) })).json()
                  const { id } = await post('/api/lists', { name: 'Zz traps', bandPlan: 'r2-north-america', slots: 30 })
                  await post(`/api/lists/${id}/changes`, {
                    baseVersion: 0,
                    edits: [
                      { kind: 'put', slot: 3, lines: ['145.350 - 71.9'] },
                      { kind: 'put', slot: 8, lines: ['145.310 - 71.9'] },
                    ],
                  })
                  sessionStorage.setItem('reckonrod.list', id)
                  return (await (await fetch(`/api/lists/${id}`)).json()).rows.find((row) => row.slot === 8).id
                }""");
    }

    @Test
    void everyTrapIsNamedWhenItIsFallenInto() {
        Page page = page("/about");
        // The drill of every second channel goes into a slot that is in use; these traps lie around one that is not.
        while (Math.floorMod(UUID.fromString(list(page)).hashCode(), 2) == 1) {
            assertThat(page.locator("h1")).isVisible();
        }
        page.navigate(address() + "/carry/practice");
        Locator practice = page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName("Practice").setExact(true));
        Locator drill = page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Drill").setExact(true));
        String radio = "";
        for (Fall fall : FALLEN_INTO) {
            if (!fall.radio().equals(radio)) {
                radio = fall.radio();
                choose(page, "On", radio);
                drill.fill("8 ·");
                page.keyboard().press("Enter");
            } else {
                button(page, "Begin again").click();
            }
            assertThat(page.locator(".task")).containsText("in slot 8");
            assertThat(page.locator(".told")).not().containsText("key");
            practice.focus();
            press(page, fall.keys());
            assertThat(page.getByRole(AriaRole.ALERT)).containsText(fall.said());
        }
    }

    private static void press(Page page, String keys) {
        keys.replace(" ", "").chars().mapToObj(each -> (char) each).forEach(each -> {
            if (each == '.') {
                // The pause itself is what is fallen into.
                page.waitForTimeout(5_300);
            } else {
                page.keyboard().press(KEYS.getOrDefault(each, each.toString()));
            }
        });
    }
}
