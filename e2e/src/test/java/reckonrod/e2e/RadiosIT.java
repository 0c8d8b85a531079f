package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The shelf of radios, models of one's own, and one list in all radios at once. */
class RadiosIT extends BrowserTest {
    /** Radios that a test brings are laid aside, and the list is as before. */
    @AfterEach
    void asBefore() {
        for (JsonElement each : JsonParser.parseString(Application.ask("GET", "/api/radios", null))
                .getAsJsonArray()) {
            String id = each.getAsJsonObject().get("id").getAsString();
            if (id.startsWith("zz")) {
                Application.ask("POST", "/api/radios/" + id + "/retire", "{}");
            }
        }
        undoAll();
    }

    private static Locator dialog(Page page) {
        return page.getByRole(AriaRole.DIALOG);
    }

    private static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator mark(Page page, int slot, String radio) {
        return page.locator("[role=row][data-slot='" + slot + "']")
                .getByRole(AriaRole.IMG, new Locator.GetByRoleOptions().setName(radio + ": "));
    }

    private static Locator rowOf(Page page, String channel) {
        return page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(channel));
    }

    private static void add(Page page, String model, String name) {
        button(page, "Add a radio").dblclick();
        choose(page, "Model", model);
        field(page, "What you call it").fill(name);
        page.keyboard().press("Enter");
        assertThat(dialog(page)).hasCount(0);
        assertThat(page.getByRole(AriaRole.TABLE).first()).containsText(name);
    }

    /** A borrowed radio is added, gets the home list packed, is lent on, and comes back. */
    @ParameterizedTest
    @ValueSource(ints = {1280, 390})
    void aBorrowedRadioIsAddedAndCarriesTheHomeList(int width) {
        Page page = page("/radios", new Browser.NewContextOptions().setViewportSize(width, 844));
        String name = "Zz borrowed " + width;
        add(page, "Orvane OT9", name);
        WcagIT.nothingIsCutOff(page);
        WcagIT.check(page);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name)).click();
        assertThat(page.locator("[role=row][data-slot='0']")).containsText("left out");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Its slots"))
                .click();
        assertThat(dialog(page)).containsText("Nothing changes for this list");
        choose(page, "Its slots", "packed, one behind the other");
        choose(page, "Round · 2 m", "not into this radio");
        choose(page, "Calling", "from slot");
        field(page, "First slot of Calling").fill("40");
        field(page, "First slot of Calling").press("Tab");
        // All of it is shown before any of it is so.
        Locator then = dialog(page).locator("tbody tr");
        assertThat(then.filter(new Locator.FilterOptions().setHasText("CALL")).first())
                .containsText("exact, slot 40");
        WcagIT.nothingIsCutOff(page);
        WcagIT.check(page);
        assertThat(page.locator("[role=row][data-slot='0']")).containsText("left out");
        button(page, "Carry it so").dblclick();
        assertThat(dialog(page)).hasCount(0);
        assertThat(page.locator("[role=row][data-slot='5']")).containsText("does not go into this radio");
        assertThat(page.locator("[role=row][data-slot='0']")).containsText("exact");
        page.reload();
        assertThat(page.locator("[role=row][data-slot='0']")).containsText("exact");

        page.navigate(Application.address() + "/radios");
        button(page, "Lend " + name).click();
        field(page, "Who has it").fill("Checkpoint 2");
        page.keyboard().press("Enter");
        assertThat(dialog(page)).hasCount(0);
        button(page, name + " is back").click();
        assertThat(dialog(page)).containsText("Checkpoint 2");
        field(page, "How it came back").fill("antenna loose");
        button(page, "It is back").click();
        assertThat(dialog(page)).hasCount(0);
        button(page, "Lend " + name).click();
        assertThat(dialog(page)).containsText("antenna loose");
        page.keyboard().press("Escape");
        button(page, "Lay " + name + " aside").click();
        assertThat(page.getByRole(AriaRole.TABLE).last()).containsText(name);
        button(page, "Take " + name + " up again").click();
        assertThat(button(page, "Lend " + name)).isVisible();
        // Deleting is asked first, and a second click of a double click answers nothing.
        button(page, "Lay " + name + " aside").click();
        button(page, "Delete " + name).dblclick();
        assertThat(dialog(page)).containsText("This deletes the radio and 0 snapshots for good.");
        WcagIT.check(page);
        button(page, "Cancel").click();
        button(page, "Delete " + name).click();
        button(page, "Delete radio").click();
        assertThat(dialog(page)).hasCount(0);
        assertThat(button(page, "Delete " + name)).hasCount(0);
    }

    /** A model is copied, broken, told by its line, mended and kept; what is typed survives a reload. */
    @Test
    void aModelIsBrokenAndMendedOnScreen() {
        Page page = page("/models/wrenling-w12");
        button(page, "Copy it and edit the copy").click();
        Locator text = page.getByLabel("The model's file");
        String yaml = text.inputValue();
        int line = (int) yaml.substring(0, yaml.indexOf("bits: 56")).lines().count();
        text.fill(yaml.replace("bits: 56", "bits: 48"));
        assertThat(page.locator("#file-faults")).containsText("Line " + line);
        assertThat(page.locator("#file-faults")).containsText("name must be able to hold");
        assertThat(button(page, "Keep this model")).isDisabled();
        page.reload();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Edit").setExact(true))
                .click();
        assertThat(page.locator("#file-faults")).containsText("Line " + line);
        text.fill(yaml.replace("last: 149", "last: 99"));
        assertThat(page.locator("#file-faults")).containsText("No fault found");
        button(page, "Keep this model").click();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What the model can")))
                .containsText("100, numbered 0–99");
        button(page, "Delete").click();
        assertThat(page.locator(".notice")).containsText("is gone");
    }

    /** What the owner can tell is enough; a figure that cannot be is told, and nothing that was typed is lost. */
    @Test
    void aRadioThatIsNotHereIsToldByItsOwner() {
        Page page = page("/models");
        button(page, "A radio that is not here").click();
        field(page, "Maker").fill("Zz");
        field(page, "Model").last().fill("Pocket 7");
        field(page, "Powers in W, highest first").fill("0,5");
        page.keyboard().press("Enter");
        assertThat(dialog(page).getByRole(AriaRole.ALERT)).containsText("with a point in 0.5");
        assertThat(field(page, "Maker")).hasValue("Zz");
        field(page, "Powers in W, highest first").fill("0.5");
        page.keyboard().press("Enter");
        assertThat(dialog(page)).hasCount(0);
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What the model can")))
                .containsText("0.5 W");
        button(page, "Delete").click();
        assertThat(page.locator(".notice")).containsText("is gone");
    }

    /** The matrix makes the list fit three radios: a name that each can show, a channel moved from slot 0, and back by one undo each. */
    @Test
    void theMatrixMakesAListFit() {
        Page page = page("/matrix");
        assertThat(mark(page, 5, "K31 · green")).hasAttribute("aria-label", "K31 · green: adapted");
        assertThat(mark(page, 5, "W12 · blue")).hasAttribute("aria-label", "W12 · blue: adapted");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        Locator side = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("K31 · green"));
        side.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("Call it .*")))
                .click();
        assertThat(mark(page, 5, "K31 · green")).hasAttribute("aria-label", "K31 · green: exact");
        assertThat(mark(page, 5, "W12 · blue")).hasAttribute("aria-label", "W12 · blue: exact");
        assertThat(mark(page, 5, "W40 · pocket")).hasAttribute("aria-label", "W40 · pocket: exact");
        page.keyboard().press("u");
        assertThat(mark(page, 5, "K31 · green")).hasAttribute("aria-label", "K31 · green: adapted");

        choose(page, "In the radio", "W40 · pocket");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(".*by hand")))
                .click();
        assertThat(page.locator("[role=row][data-slot]")).hasCount(1);
        assertThat(page.locator(".split, body")
                        .first()
                        .getByText("keeps no AM in its slots")
                        .first())
                .isVisible();
        page.keyboard().press("w");
        assertThat(dialog(page)).containsText("A radio that carries Vellan home as it is");
        assertThat(dialog(page)).containsText("K31 · green and OT9 · crew get on on");
        WcagIT.check(page);
        page.keyboard().press("Escape");
        assertThat(dialog(page)).hasCount(0);
    }

    /** The display of the radio follows the channel that is looked at; its keys, held and pressed, do what they do there. */
    @Test
    void theDisplayOfARadioShowsTheListThatWouldBeInIt() {
        Page page = page("/fit/car");
        Locator frequency = page.locator("[data-face='frequency']");
        page.locator("[role=row][data-slot='7']").click();
        assertThat(frequency).hasText("146.835");
        assertThat(page.locator("[data-face='tone']")).isEmpty();
        tabTo(page, button(page, "Hold to talk"));
        page.keyboard().down(" ");
        assertThat(frequency).hasText("146.235");
        assertThat(page.locator("[data-face='tone']")).hasText("code023 N");
        page.keyboard().up(" ");
        assertThat(frequency).hasText("146.835");
        button(page, "Home").click();
        assertThat(page.locator("[data-face='name']")).hasText("CALL");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("List").setExact(true))
                .click();
        assertThat(page.locator("[data-face='bank']")).hasText("list 1");
        button(page, "Scan").click();
        assertThat(page.locator("[data-face='state']")).hasText("scanning");
        String slot = page.locator("[data-face='slot']").textContent();
        // It goes on by itself.
        assertThat(page.locator("[data-face='slot']")).not().hasText(slot);
        page.locator("[role=row][data-slot='43']").click();
        assertThat(page.locator("[data-face='emission']")).hasText("AM");
        page.locator("[role=tab], a")
                .filter(new Locator.FilterOptions().setHasText("K31 · green"))
                .first()
                .click();
        page.locator("[role=row][data-slot='7']").click();
        assertThat(page.locator("[data-face='name']")).hasText("VLLNHL");
        WcagIT.check(page);
        // The mend changes the list, and one undo takes it back.
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Call it VLLNHL"))
                .click();
        assertThat(page.locator("[role=row][data-slot='7']")).containsText("exact");
        page.locator("[role=row][data-slot='7']").click();
        page.keyboard().press("u");
        assertThat(page.locator("[role=row][data-slot='7']")).containsText("adapted");
        // What many channels have is mended by a rule of the list, which shows what it does first.
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("For the whole list"))
                .click();
        assertThat(field(page, "What it is for")).isFocused();
        page.keyboard().press("Escape");
        assertThat(dialog(page)).hasCount(0);
        page.reload();
        assertThat(row(page, 6)).isVisible();
        assertThat(dialog(page)).hasCount(0);
    }

    /** A channel that is there twice is offered to be left out of a radio that it hinders, and the list keeps it. */
    @Test
    void whatAnotherChannelCoversIsLeftOutOfOneRadio() {
        Page page = page("/arrange");
        row(page, 29).click();
        reckonLine(page).fill("AGAIN 447.000");
        page.keyboard().press("Enter");
        assertThat(page.locator(".rod-table")).containsText("AGAIN");
        reckonLine(page).fill("ONCE MORE 447.000");
        page.keyboard().press("Enter");
        assertThat(page.locator(".rod-table")).containsText("ONCE MORE");
        page.navigate(Application.address() + "/radios");
        add(page, "Orvane OT9", "Zz small");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Zz small"))
                .click();
        button(page, "What it can do without").dblclick();
        Locator offered = dialog(page).getByRole(AriaRole.LISTITEM);
        assertThat(offered.first()).containsText("ONCE MORE, slot");
        assertThat(offered.first()).containsText("Nobody can tell it from AGAIN");
        field(page, "Where it is used, if reach is to count").fill("nowhere at all");
        assertThat(dialog(page).getByRole(AriaRole.ALERT)).containsText("nowhere at all");
        field(page, "Where it is used, if reach is to count").fill("");
        WcagIT.check(page);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("Leave .* out of this radio")))
                .click();
        assertThat(dialog(page)).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("left out"))
                .click();
        assertThat(rowOf(page, "ONCE MORE")).containsText("left out");
        assertThat(rowOf(page, "AGAIN")).hasCount(0);
        button(page, "As another model").click();
        choose(page, "If it were a", "Kestrow KM90");
        assertThat(dialog(page)).containsText("Now");
        assertThat(dialog(page).locator("tbody tr").first()).containsText("CALL");
        page.keyboard().press("Escape");
        page.navigate(Application.address() + "/arrange");
        undoAll();
    }

    /** One channel is otherwise in one radio alone, and all of it is taken back. */
    @Test
    void oneChannelIsOtherwiseInOneRadioAlone() {
        Page page = page("/radios");
        add(page, "Wrenling W40", "Zz mine");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Zz mine"))
                .click();
        page.locator("[role=row][data-slot='1']").click();
        field(page, "Name there").fill("CALLING");
        // What the radio has now comes late: what is asked for meanwhile adds to it, and what is typed stays.
        List<Route> late = new ArrayList<>();
        page.route("**/api/radios", late::add);
        page.keyboard().press("Enter");
        assertThat(page.locator("[role=row][data-slot='1']")).containsText("CALLING");
        page.waitForResponse("**/overrules/*", page.getByLabel("It only listens there")::click);
        field(page, "Talk tone there").fill("a whistle");
        page.keyboard().press("Enter");
        assertThat(page.locator(".notice")).containsText("a whistle");
        page.unroute("**/api/radios");
        late.forEach(Route::resume);
        assertThat(button(page, "As in the list again")).isVisible();
        assertThat(page.getByLabel("It only listens there")).isChecked();
        assertThat(field(page, "Name there")).hasValue("CALLING");
        assertThat(field(page, "Talk tone there")).hasValue("a whistle");
        page.getByLabel("Leave it out of this radio").check();
        assertThat(page.locator("[role=row][data-slot='1']")).containsText("left out");
        page.navigate(Application.address() + "/matrix");
        assertThat(mark(page, 1, "Zz mine")).hasAttribute("aria-label", "Zz mine: left out");
        assertThat(mark(page, 1, "W40 · pocket")).hasAttribute("aria-label", "W40 · pocket: exact");
        page.goBack();
        page.locator("[role=row][data-slot='1']").click();
        button(page, "As in the list again").click();
        assertThat(page.locator("[role=row][data-slot='1']")).containsText("exact");
    }
}
