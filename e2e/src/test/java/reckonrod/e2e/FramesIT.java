package reckonrod.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * Measures, with the browser's own tracing, how a rod of a thousand channels scrolls; {@code perf/frames} runs it. What it prints is
 * judged there and not here: on a busy machine frames are late for other reasons.
 */
@EnabledIfSystemProperty(named = "reckonrod.frames", matches = ".+")
class FramesIT extends BrowserTest {
    private static final double FRAME_MICROS = 16_700;

    @Test
    void aThousandRowsScroll() {
        Page page = page("/arrange");
        assertThat(row(page, 0)).isVisible();
        page.evaluate("""
                async () => {
                  const ask = async (path, body) => (await fetch(path, {
                    method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body),
                  })).json()
                  const made = await ask('/api/lists', { name: 'Zz thousand', bandPlan: 'r2-north-america', slots: 1000 })
                  const lines = Array.from({ length: 1000 }, (_, i) =>
                    `SITE ${i} 44${i % 5}.${String(25 * (Math.floor(i / 5) % 40)).padStart(3, '0')}+ ${i % 3 ? '71.9' : 'D023N'}`)
                  const { version } = await (await fetch('/api/lists/' + made.id)).json()
                  await ask(`/api/lists/${made.id}/changes`,
                    { baseVersion: version, edits: [{ kind: 'put', slot: 0, lines, block: null }] })
                  sessionStorage.setItem('reckonrod.list', made.id)
                }""");
        page.reload();
        assertThat(row(page, 0)).containsText("SITE 0");
        page.waitForTimeout(2_000);
        CDPSession browser = page.context().newCDPSession(page);
        List<JsonObject> events = new ArrayList<>();
        AtomicBoolean ended = new AtomicBoolean();
        browser.on("Tracing.dataCollected", told -> {
            for (JsonElement each : (JsonArray) told.get("value")) {
                events.add(each.getAsJsonObject());
            }
        });
        browser.on("Tracing.tracingComplete", told -> ended.set(true));
        JsonObject how = new JsonObject();
        how.addProperty("categories", "toplevel,devtools.timeline,disabled-by-default-devtools.timeline.frame");
        browser.send("Tracing.start", how);
        Object frames = page.evaluate("""
                () => new Promise((done) => {
                  const rod = document.querySelector('.rod-table')
                  let frames = 0
                  const next = () => {
                    rod.scrollTop += 48
                    if (++frames < 600) requestAnimationFrame(next)
                    else done(frames)
                  }
                  requestAnimationFrame(next)
                })""");
        browser.send("Tracing.end");
        page.waitForCondition(ended::get);
        List<Double> tasks = events.stream()
                .filter(each -> each.get("name").getAsString().equals("RunTask") && each.has("dur"))
                .map(each -> each.get("dur").getAsDouble())
                .sorted()
                .toList();
        System.out.printf(
                "frames %s, drawn %d, dropped %d, tasks longer than a frame %d, longest task %.1f ms%n",
                frames,
                count(events, "DrawFrame"),
                count(events, "DroppedFrame"),
                tasks.stream().filter(each -> each > FRAME_MICROS).count(),
                tasks.get(tasks.size() - 1) / 1000);
    }

    private static long count(List<JsonObject> events, String name) {
        return events.stream()
                .filter(each -> each.get("name").getAsString().equals(name))
                .count();
    }
}
