package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;

/** A page in Debian's Chromium; every error that it logs fails the test. */
abstract class BrowserTest {
    private static Browser browser;

    static final List<String> errors = new ArrayList<>();

    private static BrowserContext usual;

    private static Page looking;

    private final List<BrowserContext> contexts = new ArrayList<>();

    /** One browser for all tests. */
    @BeforeAll
    static void open() {
        // A machine that does other work besides is slow, not wrong.
        PlaywrightAssertions.setDefaultAssertionTimeout(15_000);
        if (browser != null) {
            return;
        }
        Playwright playwright = Playwright.create();
        Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        // Debian's Chromium without its window: a page takes half the work.
                        .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    @AfterEach
    void nothingWasLogged() {
        contexts.forEach(BrowserContext::close);
        forgetUsual();
        List<String> logged = List.copyOf(errors);
        errors.clear();
        assertThat(logged).isEmpty();
    }

    /** A page that is only looked at: always the same, with nothing kept from the last look, which is soon there again. */
    Page look(String path, ColorScheme scheme, int width) {
        if (looking == null) {
            looking = watched(context(new Browser.NewContextOptions()).newPage());
            looking.navigate(address() + "/about");
        }
        looking.evaluate("() => { localStorage.clear(); sessionStorage.clear() }");
        lookAgain(scheme, width);
        looking.navigate(address() + path);
        return looking;
    }

    /** What was looked at last, turned to another size or other colours. */
    static Page lookAgain(ColorScheme scheme, int width) {
        looking.setViewportSize(width, 844);
        looking.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
        // The page has drawn itself anew by the second moment after.
        looking.evaluate("() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))");
        return looking;
    }

    /**
     * A page of somebody who was here before and has nothing kept: its scripts need not be fetched and compiled again. A second
     * one in the same test is somebody else.
     */
    Page page(String path) {
        Browser.NewContextOptions options = new Browser.NewContextOptions().setViewportSize(1280, 800);
        if (usual == null) {
            usual = context(options);
        }
        if (!usual.pages().isEmpty()) {
            return page(path, options);
        }
        Page page = watched(usual.newPage());
        page.navigate(address() + path);
        return page;
    }

    Page page(String path, Browser.NewContextOptions options) {
        BrowserContext own = context(options);
        contexts.add(own);
        Page page = watched(own.newPage());
        page.navigate(address() + path);
        return page;
    }

    private static BrowserContext context(Browser.NewContextOptions options) {
        // Nothing glides: what is there is looked at as it is, and not on its way.
        return browser.newContext(
                options.setLocale("en-GB").setTimezoneId("UTC").setReducedMotion(ReducedMotion.REDUCE));
    }

    private void forgetUsual() {
        if (usual == null || usual.pages().isEmpty()) {
            return;
        }
        JsonObject all = new JsonObject();
        all.addProperty("origin", address());
        all.addProperty("storageTypes", "cookies,local_storage,indexeddb,service_workers,cache_storage");
        usual.newCDPSession(usual.pages().get(0)).send("Storage.clearDataForOrigin", all);
        usual.clearPermissions();
        usual.pages().forEach(Page::close);
    }

    private Page watched(Page page) {
        page.onPageError(errors::add);
        page.onConsoleMessage(message -> {
            // A refused change answers with 4xx on purpose; the browser logs that by itself.
            if (message.type().equals("error") && !message.text().startsWith("Failed to load resource")) {
                errors.add(message.text());
            }
        });
        page.onRequest(request -> {
            if (!request.url().startsWith(address()) && request.url().startsWith("http")) {
                errors.add("The page asked the network for " + request.url());
            }
        });
        return page;
    }

    /** Where the pages of this test are. */
    String address() {
        return Application.address();
    }

    static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** The invented ground comes a moment after the first start. */
    static void awaitGround(Page page) {
        page.waitForCondition(
                () -> page.request()
                        .get(Application.address() + "/api/find/path?id=vellan:highland&at=Vellan%20Harbour")
                        .text()
                        .contains("fresnel"),
                new Page.WaitForConditionOptions().setTimeout(40_000));
    }

    static Locator row(Page page, int slot) {
        return page.locator(".row.channel[data-slot='" + slot + "']");
    }

    static Locator reckonLine(Page page) {
        return page.locator("#reckon-line");
    }

    /** The keys go to the rod, and the cursor stands at that slot. */
    static void isAt(Page page, int slot) {
        assertThat(page.locator(".rod-table")).isFocused();
        assertThat(row(page, slot)).hasAttribute("aria-selected", "true");
    }

    /** Chooses from a list by its keys, whatever lies over it. */
    static void choose(Page page, String label, String option) {
        Locator field = page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
        field.focus();
        page.keyboard().press("Enter");
        // A long list draws what is in view only, and draws anew while it scrolls: a choice is taken in the moment it
        // is
        // there, and the ends of the list are one key away.
        for (int i = 0; !taken(page, option); i++) {
            assertThat(i)
                    .as("moments that \"%s\" was looked for in %s", option, label)
                    .isLessThan(300);
            if (i % 10 == 9) {
                boolean open = page.locator(".v-overlay--active [role=option]").count() > 0;
                if (!open) {
                    // A page that has just come may have taken the keys to where its work is.
                    field.focus();
                }
                page.keyboard().press(!open ? "Enter" : i % 20 == 9 ? "End" : "Home");
            }
            page.waitForTimeout(50);
        }
        assertThat(page.locator(".v-select__content.v-overlay--active, .v-overlay--active .v-select__content"))
                .hasCount(0);
    }

    private static boolean taken(Page page, String option) {
        return (Boolean) page.evaluate("""
                wanted => {
                  const plain = text => text.replace(/\\s+/g, ' ').toLowerCase()
                  const choice = [...document.querySelectorAll('.v-overlay--active [role=option]')].find(each =>
                    plain(each.textContent).includes(plain(wanted)))
                  choice?.click()
                  const list = document.querySelector('.v-overlay--active .v-list')
                  if (!choice && list) {
                    const last = list.scrollHeight - list.clientHeight
                    list.scrollTop = list.scrollTop >= last ? 0 : list.scrollTop + list.clientHeight / 2
                  }
                  return choice !== undefined
                }""", option);
    }

    /** Moves the focus with the Tab key alone. */
    static void tabTo(Page page, Locator target) {
        assertThat(target).isEnabled();
        for (int i = 0; i < 80; i++) {
            if ((Boolean) target.evaluate("element => element === document.activeElement")) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("The Tab key never reached " + target);
    }

    /** Puts the list of the demo data back as it was. */
    static void undoAll() {
        JsonObject home =
                JsonParser.parseString(Application.ask("GET", "/api/lists", null)).getAsJsonArray().asList().stream()
                        .map(JsonElement::getAsJsonObject)
                        .filter(list -> list.get("name").getAsString().equals("Vellan home"))
                        .findFirst()
                        .orElseThrow();
        String path = "/api/lists/" + home.get("id").getAsString();
        JsonObject list =
                JsonParser.parseString(Application.ask("GET", path, null)).getAsJsonObject();
        while (list.has("undo") && !list.get("undo").isJsonNull()) {
            String undone = Application.ask("POST", path + "/undo", "{\"baseVersion\": " + list.get("version") + "}");
            list = JsonParser.parseString(undone).getAsJsonObject();
        }
    }
}
