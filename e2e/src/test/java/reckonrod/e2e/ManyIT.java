package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Several channels at once, blocks, and lists that come and go. */
class ManyIT extends BrowserTest {
    @AfterEach
    void asBefore() {
        undoAll();
    }

    private static Locator marked(Page page) {
        return page.getByRole(AriaRole.TOOLBAR, new Page.GetByRoleOptions().setName("Marked channels"));
    }

    private static Locator nameField(Page page) {
        return page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Name").setExact(true));
    }

    /** A bank is filled from marked channels and cell by cell; emptied or removed, it takes no channel out of the list. */
    @Test
    void aBankTakesChannelsInAndLetsThemGo() {
        Page page = page("/arrange");
        row(page, 5).click();
        page.keyboard().press(" ");
        page.keyboard().press("Shift+ArrowDown");
        page.keyboard().press("B");
        page.getByLabel("New bank").fill("Two");
        button(page, "Add it with the 2 channels marked").dblclick();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        Locator.GetByLabelOptions exact = new Locator.GetByLabelOptions().setExact(true);
        Locator cell = dialog.getByLabel("PELL is in bank Two", exact);
        assertThat(cell).hasText("✓ 2");
        cell.click();
        assertThat(dialog.getByLabel("PELL is not in bank Two", exact)).isVisible();
        dialog.getByLabel("PELL is in bank Repeaters", exact).click();
        assertThat(page.locator(".notice")).containsText("PELL is in bank Repeaters by its rule");
        dialog.getByLabel("A scan stops at PELL", exact).click();
        assertThat(dialog.getByLabel("A scan passes PELL", exact)).hasText("⤳ passes");
        button(page, "What to do with bank Two").click();
        page.getByText("Remove it, its channels stay").click();
        assertThat(page.locator(".notice")).containsText("Remove bank Two; its channels stay in the list");
        button(page, "Close").last().click();
        assertThat(dialog).hasCount(0);
        assertThat(row(page, 6)).containsText("PELL");
        page.keyboard().press("Escape");
        page.keyboard().press("Control+z");
        page.keyboard().press("B");
        assertThat(dialog.getByLabel("OSTREY N is in bank Two", exact)).hasText("✓ 1");
    }

    @Test
    void markedChannelsMoveSortAndGoTogetherAndOneUndoBringsThemBack() {
        Page page = page("/arrange");
        row(page, 5).click();
        page.keyboard().press(" ");
        page.keyboard().press("Shift+ArrowDown");
        page.keyboard().press("Shift+ArrowDown");
        assertThat(marked(page)).containsText("3 channels marked");
        row(page, 12).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.CONTROL)));
        assertThat(marked(page)).containsText("4 channels marked");
        page.locator(".row.free[data-slot='4'], .row.channel[data-slot='4']").click();
        page.keyboard().press("m");
        assertThat(page.locator(".notice")).containsText("Move 4 channels to slot");
        page.keyboard().press("Control+z");
        assertThat(row(page, 12)).containsText("START");

        page.keyboard().press("o");
        page.getByText("by name").click();
        assertThat(page.locator(".notice")).containsText("Order 4 channels by name");
        assertThat(row(page, 12)).containsText("VELLAN HL");
        page.keyboard().press("Control+z");
        assertThat(row(page, 12)).containsText("START");
        page.keyboard().press("Escape");
        assertThat(marked(page)).hasCount(0);

        page.keyboard().press("Control+a");
        page.keyboard().press("Delete");
        assertThat(page.locator(".notice")).containsText("stayed, being pinned");
        assertThat(row(page, 12)).hasCount(0);
        assertThat(row(page, 0)).isVisible();
        page.keyboard().press("Control+z");
        assertThat(row(page, 12)).containsText("START");
    }

    /** What is found is marked, changed together, done again to another, copied, and read by the review of the same list. */
    @Test
    void whatIsFoundIsChangedTogetherAndGoesOverTheClipboard() {
        Page page = page("/arrange");
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        row(page, 0).click();
        page.keyboard().press("Control+f");
        page.keyboard().type("leg nfm -pinned");
        assertThat(page.getByRole(AriaRole.SEARCH)).containsText("3 of 30 channels");
        page.keyboard().press("Enter");
        assertThat(page.locator(".row.picked")).containsText("LEG 1");
        page.keyboard().press("Enter");
        assertThat(page.locator(".row.picked")).containsText("LEG 2");
        page.keyboard().press("Shift+Enter");
        assertThat(page.locator(".row.picked")).containsText("LEG 1");
        button(page, "Mark all").click();
        button(page, "Change").click();
        page.getByLabel("Talk tone").fill("88.55");
        assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.ALERT)).containsText("A tone must be");
        assertThat(button(page, "Change them")).isDisabled();
        page.getByLabel("Talk tone").fill("88.5");
        page.getByLabel("In names, find").fill("leg ");
        page.getByLabel("and write instead").fill("STAGE ");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("\"STAGE 3\" 147.570 simplex T88.5 NFM low");
        page.getByLabel("and write instead").press("Enter");
        assertThat(page.locator(".notice")).containsText("Write \"STAGE \" for \"leg \" in 3 names");
        assertThat(row(page, 9)).containsText("STAGE 1");
        assertThat(row(page, 9)).containsText("88.5");

        page.locator(".rod-table").focus();
        page.keyboard().press("Escape");
        page.keyboard().press("Escape");
        assertThat(marked(page)).hasCount(0);
        row(page, 9).click();
        page.keyboard().press("Control+c");
        assertThat(page.locator(".notice")).containsText("1 channel copied");
        page.keyboard().press("Control+v");
        assertThat(page).hasURL(Pattern.compile(".*/review.*"));
        assertThat(page.getByRole(AriaRole.GRID)).containsText("STAGE 1");
        assertThat(page.getByRole(AriaRole.GRID)).containsText("look at it");
        button(page, "Clear").click();
        page.goBack();
        assertThat(row(page, 9)).containsText("STAGE 1");
        page.keyboard().press("Control+z");
        assertThat(row(page, 9)).containsText("LEG 1");
    }

    @Test
    void aBlockIsMadeCalledMovedAndRemovedByItsKey() {
        Page page = page("/arrange");
        row(page, 14).click();
        page.keyboard().press("b");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(page.getByLabel("New block")).isFocused();
        page.keyboard().type("Spare\n");
        assertThat(page.getByLabel("First slot of Spare")).hasValue("50");
        page.getByLabel("Last slot of Spare").fill("52");
        page.getByLabel("Last slot of Spare").press("Enter");
        assertThat(page.locator(".notice")).containsText("Block Spare has slots 50–52");
        page.getByLabel("Last slot of Spare").fill("5x");
        page.getByLabel("Last slot of Spare").press("Enter");
        assertThat(page.getByLabel("Last slot of Spare")).hasValue("52");
        page.getByLabel("Name of block Spare").fill("calling");
        page.getByLabel("Name of block Spare").press("Enter");
        assertThat(page.locator(".notice [role=alert]")).containsText("There is a block Calling already");
        WcagIT.check(page);

        choose(page, "Order of Round · 2 m", "by name");
        assertThat(dialog).containsText("Keep block Round · 2 m in order by name");
        assertThat(dialog).containsText("FINISH 13→");
        button(page, "Keep it so").click();
        assertThat(page.locator(".notice")).containsText("take their place in Round");
        page.getByLabel("What to do with Calling").click();
        page.getByText("Move behind Round").click();
        assertThat(page.locator(".notice [role=alert]")).containsText("pinned and would have to move");
        page.getByLabel("What to do with Round · 2 m").click();
        page.getByText("Split at the cursor, slot 14").click();
        assertThat(page.getByLabel("First slot of Round · 2 m 2")).hasValue("14");
        page.keyboard().press("Escape");
        assertThat(dialog).hasCount(0);
        assertThat(page.locator(".row.block[data-slot='14']")).containsText("Round · 2 m 2");
        page.keyboard().press("Control+z");
        assertThat(page.locator(".row.block[data-slot='14']")).hasCount(0);
    }

    @Test
    void aListIsCopiedRenamedDeletedAndBroughtBack() {
        Page page = page("/lists");
        // What axe cannot judge behind a button's overlay: the theme's own ink on its own colour.
        assertThat(button(page, "New list")).hasCSS("color", "rgb(255, 255, 255)");
        button(page, "Copy Vellan home").click();
        assertThat(nameField(page)).hasValue("Vellan home copy");
        nameField(page).fill("A list before all others");
        page.keyboard().press("Enter");
        assertThat(page.locator(".list-picker")).containsText("Vellan home");
        button(page, "Delete A list before all others").click();
        button(page, "Copy Vellan home").click();
        nameField(page).fill("Zz for the ferry");
        // A hand that is nervous makes one copy.
        button(page, "Make the copy").dblclick();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(button(page, "Delete Zz for the ferry")).hasCount(1);
        assertThat(page.locator("tbody tr").first()).containsText("Zz for the ferry");
        button(page, "Rename Zz for the ferry").click();
        nameField(page).fill("Zz ferry");
        page.keyboard().press("Enter");
        button(page, "Delete Zz ferry").click();
        assertThat(page.locator(".notice")).containsText("lies in the bin for 30 days");
        WcagIT.check(page);
        button(page, "Bring Zz ferry back").click();
        page.locator("button.link", new Page.LocatorOptions().setHasText("Zz ferry"))
                .click();
        assertThat(page.locator(".page-bar h1")).hasText("Zz ferry");
        assertThat(row(page, 5)).containsText("OSTREY N");
        row(page, 5).click();
        page.keyboard().press("Delete");
        assertThat(row(page, 5)).hasCount(0);
        button(page, "History").click();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Compare with how it was after Call the list"))
                .click();
        assertThat(page.locator("tbody tr")).hasCount(1);
        assertThat(page.locator("tbody tr")).containsText("only there");
        WcagIT.check(page);
        button(page, "Take over 1 channel").click();
        assertThat(page.getByText("The two are alike")).isVisible();
        page.navigate(address() + "/lists");
        String file = (String) page.evaluate("""
                async () => {
                  const all = await (await fetch('/api/lists')).json()
                  const ferry = all.find((each) => each.name === 'Zz ferry').id
                  return (await fetch(`/api/lists/${ferry}/export?as=json`)).text()
                }""");
        Locator picker = page.getByLabel("File with a list");
        picker.setInputFiles(new FilePayload(
                "half.json", "application/json", file.substring(99).getBytes(UTF_8)));
        assertThat(page.locator(".notice [role=alert]")).containsText("half.json is not valid JSON");
        picker.setInputFiles(new FilePayload("ferry.json", "application/json", file.getBytes(UTF_8)));
        assertThat(page.locator(".notice")).containsText("Imported ferry.json as a new list");
        assertThat(page.locator(".list-picker")).containsText("Zz ferry (2)");
        button(page, "Delete Zz ferry (2)").click();
        assertThat(button(page, "Bring Zz ferry (2) back")).isVisible();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Delete Zz ferry").setExact(true))
                .click();
        assertThat(button(page, "Bring Zz ferry back")).isVisible();
        page.navigate(address() + "/arrange");
        assertThat(page.locator(".page-bar h1")).hasText("Vellan home");
    }
}
