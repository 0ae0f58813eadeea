package kindthimble.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Times from a key to the paint that shows what follows from it; {@code bin/bench screen} runs it and prints them. Asserts nothing. */
@EnabledIfSystemProperty(named = "kind-thimble.paint-times", matches = "true")
class PaintTimesTest {
    private static final int CHANGES = 110;
    /** When somebody who has just started it would make the first change. */
    private static final int AFTER_START_MS = 25_000;

    private static final int WARMING = 10;
    /** A hand that presses again and again. */
    private static final int BETWEEN_KEYS_MS = 200;

    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    /** Presses an arrow key in a number, and waits until what is written elsewhere has changed and has been painted. */
    private static final String TIMED = """
            async ([field, shown, key]) => {
              const input = [...document.querySelectorAll('.field')].find(l => l.querySelector('.label')?.textContent === field)?.querySelector('input')
                ?? document.querySelector(field);
              const called = from => performance.getEntriesByType('resource').filter(e => e.startTime >= from && e.name.includes('/api/'));
              const what = () => [...document.querySelectorAll(shown)].map(e => e.outerHTML).join()
                + (shown === '.saved-state' ? called(0).length : '');
              input.focus();
              const before = what();
              const from = performance.now();
              if (input.type === 'range') { input[key === 'ArrowUp' ? 'stepUp' : 'stepDown'](); input.dispatchEvent(new Event('input', {bubbles: true})); }
              else input.dispatchEvent(new KeyboardEvent('keydown', {
                key: input.dataset.tile ? (key === 'ArrowUp' ? '+' : '-') : key, bubbles: true, cancelable: true}));
              while ((what() === before || document.querySelector(shown)?.textContent === 'saving') && performance.now() - from < 5000) await new Promise(requestAnimationFrame);
              // The frame in which it was seen is painted before the next message is read.
              await new Promise(painted => { const {port1, port2} = new MessageChannel(); port1.onmessage = painted; port2.postMessage(0); });
              const till = performance.now();
              const call = called(from).reduce((sum, e) => sum + e.duration, 0);
              performance.clearResourceTimings();
              return [till - from, call];
            }""";

    @Test
    void fromKeyToPaint() throws InterruptedException {
        Thread.sleep(AFTER_START_MS);
        time("Cookie: size of the kite", "/orders/1/cookie", "size", "main svg path");
        time("Set: count of the kite", "/orders/1", "[data-tile]", "aside dd");
        time("Bowls: risk of running short", "/orders/1/bowls", "input[type=range]", "g.bowl");
        time("Shelf: icing sugar, until it is kept", "/orders/1/shelf", "icing sugar", ".saved-state");
        time("Shop: edge margin, until it is kept", "/shop#cookie", "edge margin", ".saved-state");
        String moves = IntStream.range(0, 199)
                .mapToObj(i -> i == 0
                        ? "{\"move\": \"flood\", \"colour\": \"poppy\"}"
                        : "{\"move\": \"dot\", \"colour\": \"white\", \"pieces\": 3, \"diameterMm\": 2}")
                .collect(Collectors.joining(","));
        long large = APP.post("/api/orders/1/designs", """
                        {"count": 12, "document": {"format": 2, "name": "Two hundred moves",
                         "cutter": {"shape": {"kind": "round"}, "across": "WIDTH", "sizeMm": 120}, "moves": [%s]}}
                        """.formatted(moves))
                .body()
                .at("/designs/0/id")
                .asLong();
        time("Cookie: size of a design of 199 moves", "/orders/1/cookie/" + large, "size", "main svg path");
        long many = manyColoursAndDesigns();
        time("Set: count, 24 colours and 60 designs", "/orders/" + many, "[data-tile]", "aside dd");
        time("Bowls: risk, 24 colours and 60 designs", "/orders/" + many + "/bowls", "input[type=range]", "g.bowl");
        APP.post("/api/orders/6/practice/end", null);
        timeSteps("Bench: a press to the next step", false);
        timeSteps("Bench: the same without the network", true);
    }

    /** Puts the step off, and waits until the next one has been painted. */
    private static final String NEXT_STEP = """
            async () => {
              const press = [...document.querySelectorAll('button')].find(b => b.textContent === 'Put it off');
              const title = () => document.querySelector('section[aria-label=Now] h2')?.textContent;
              const before = title();
              const from = performance.now();
              press.click();
              while (title() === before && performance.now() - from < 5000) await new Promise(requestAnimationFrame);
              await new Promise(painted => { const {port1, port2} = new MessageChannel(); port1.onmessage = painted; port2.postMessage(0); });
              return performance.now() - from;
            }""";

    private static void timeSteps(String what, boolean isOffline) {
        Page page = BROWSER.open("/orders/6/bench");
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.context().setOffline(isOffline);
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < CHANGES; i++) {
            page.waitForTimeout(BETWEEN_KEYS_MS);
            times.add(((Number) page.evaluate(NEXT_STEP)).doubleValue());
        }
        page.context().close();
        System.out.printf(
                "%-42s first %4.0f ms, then median %4.0f ms, 95th of 100 %4.0f ms, slowest %4.0f ms%n",
                what, times.get(0), later(times, 0.5), later(times, 0.95), later(times, 1));
    }

    private static long manyColoursAndDesigns() {
        String palette = IntStream.range(0, 24)
                .mapToObj(i -> "{\"name\": \"Colour %d\", \"hex\": \"#%06X\"}".formatted(i, 0x102030 + i * 0x090705))
                .collect(Collectors.joining(","));
        long order = APP.post(
                        "/api/orders",
                        "{\"name\": \"Many\", \"handOver\": \"2027-01-09T10:00\", \"palette\": [" + palette + "]}")
                .body()
                .get("id")
                .asLong();
        for (int i = 0; i < 60; i++) {
            APP.post("/api/orders/" + order + "/designs", """
                    {"count": %d, "document": {"format": 2, "name": "Design %d",
                     "cutter": {"shape": {"kind": "round"}, "across": "WIDTH", "sizeMm": %d},
                     "moves": [{"move": "outline", "colour": "colour-%d"}, {"move": "flood", "colour": "colour-%d"},
                               {"move": "dot", "colour": "colour-%d", "pieces": 5, "diameterMm": 4}]}}
                    """.formatted(
                            12 + i, i, 60 + i % 20, i % 24, i % 24, (i + 7) % 24));
        }
        return order;
    }

    private static void time(String what, String path, String field, String shown) {
        Page page = BROWSER.open(path);
        page.waitForLoadState(LoadState.NETWORKIDLE);
        List<Double> times = new ArrayList<>();
        List<Double> calls = new ArrayList<>();
        for (int i = 0; i < CHANGES; i++) {
            page.waitForTimeout(BETWEEN_KEYS_MS);
            String key = i % 2 == 0 ? "ArrowUp" : "ArrowDown";
            List<?> both = (List<?>) page.evaluate(TIMED, List.of(field, shown, key));
            times.add(((Number) both.get(0)).doubleValue());
            calls.add(((Number) both.get(1)).doubleValue());
        }
        page.context().close();
        System.out.printf(
                "%-42s first %4.0f ms, then median %4.0f ms, 95th of 100 %4.0f ms, slowest %4.0f ms; the server's part %4.0f ms%n",
                what, times.get(0), later(times, 0.5), later(times, 0.95), later(times, 1), later(calls, 0.5));
    }

    /** A quantile of all but the first few. */
    private static double later(List<Double> times, double share) {
        List<Double> later = new ArrayList<>(times.subList(WARMING, CHANGES));
        Collections.sort(later);
        return later.get((int) Math.min(later.size() - 1, share * later.size()));
    }
}
