package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static kindthimble.e2e.Hands.press;
import static kindthimble.e2e.Hands.saved;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.Random;
import java.util.concurrent.atomic.AtomicReference;
import java.util.regex.Pattern;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** On a slow line nothing that can be pressed moves away while the rest of the screen is still coming. */
class SlowAnswersTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static final String WATCH = """
            window.moved = [];
            new PerformanceObserver(list => {
              for (const entry of list.getEntries()) {
                window.moved.push({
                  value: entry.value,
                  what: entry.sources.map(s => (s.node?.textContent ?? '').trim().slice(0, 30) + ' '
                    + Math.round(s.previousRect.y) + ' to ' + Math.round(s.currentRect.y)).join('; '),
                });
              }
            }).observe({ type: 'layout-shift', buffered: true });
            """;

    private static Page slow(String path, long seed) {
        Page page = BROWSER.open("/nowhere");
        Random random = new Random(seed);
        page.addInitScript(WATCH);
        page.route("**/api/**", route -> {
            page.waitForTimeout(random.nextInt(350));
            route.resume();
        });
        page.navigate(APP.url() + path);
        return page;
    }

    /** Nothing is held up any more that would be let go when the page is no more. */
    private static void close(Page page) {
        page.unrouteAll();
        page.context().close();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/",
                "/orders",
                "/shelf",
                "/shop",
                "/orders/1",
                "/orders/1/cookie",
                "/orders/1/bowls",
                "/orders/1/shelf",
                "/orders/1/clock"
            })
    void nothingMovesWhileAnswersCome(String path) {
        for (int seed = 1; seed <= (path.endsWith("/bowls") || path.endsWith("/shelf") ? 2 : 1); seed++) {
            Page page = slow(path, seed);
            page.waitForLoadState(LoadState.NETWORKIDLE);
            page.waitForTimeout(300);
            Object moved = page.evaluate(
                    "() => window.moved.reduce((sum, m) => sum + m.value, 0) > 0.01 ? JSON.stringify(window.moved) : ''");
            assertTrue(moved.toString().isEmpty(), path + ": " + moved);
            close(page);
        }
    }

    @Test
    void theFirstPressCounts() {
        for (int seed = 1; seed <= 4; seed++) {
            Page page = slow("/orders/1/shelf", seed);
            press(page, "Add a gel").click();
            Locator dialog = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("A new gel"));
            assertThat(dialog).isVisible();
            close(page);
        }
    }

    /** A press that overtakes what was typed makes that a change of an older revision: it is sent again, not lost. */
    @Test
    void whatWasTypedBeforeAPressOvertookItIsStored() {
        Page page = BROWSER.open("/orders/1/cookie");
        AtomicReference<Route> onItsWay = new AtomicReference<>();
        page.route("**/api/orders/1", route -> {
            if (!route.request().method().equals("PATCH") || !onItsWay.compareAndSet(null, route)) {
                route.resume();
            }
        });
        int designs = APP.get("/api/orders/1").body().get("designs").size();
        page.getByLabel(Pattern.compile("^How many")).fill("37");
        page.getByLabel("Add a design").click();
        assertThat(page.locator("[data-design]")).hasCount(designs + 1);
        onItsWay.get().resume();
        saved(page);
        assertEquals(37, APP.get("/api/orders/1").body().at("/designs/0/count").asInt());
        page.context().close();
    }
}
