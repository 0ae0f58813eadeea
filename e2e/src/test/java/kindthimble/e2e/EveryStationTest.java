package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds for every station: accessible by axe' rules, no wider than the screen, reachable by its key. */
class EveryStationTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static final String RULES =
            "{ runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] }";

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/",
                "/orders",
                "/shelf",
                "/library",
                "/library/cutter",
                "/notebook",
                "/shop",
                "/shop#everything",
                "/shop#hours-and-room",
                "/orders/1",
                "/orders/1/cookie",
                "/orders/1/drawing",
                "/orders/1/bowls",
                "/orders/1/clock",
                "/orders/3/bench",
                "/devices",
                "/orders/1/notebook",
                "/orders/1/shelf",
                "/orders/999",
                "/nowhere"
            })
    void isAccessibleAndFitsLaptopTabletAndPhone(String path) throws IOException {
        Page page = BROWSER.open(path);
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        // Evaluated by the debugger, which the page's content security policy does not bind.
        page.evaluate(Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js")));
        Object found = page.evaluate(
                "async () => (await axe.run(document, " + RULES
                        + ")).violations.map(v => v.id + ': ' + v.nodes.map(n => n.target + ' ' + n.failureSummary).join('; '))");
        assertEquals(List.of(), found, path);
        for (int[] size : new int[][] {{1280, 800}, {820, 1180}, {390, 844}, {640, 400}}) {
            page.setViewportSize(size[0], size[1]);
            Object wide = page.evaluate("() => document.documentElement.scrollWidth");
            assertTrue(((Number) wide).intValue() <= size[0], path + " is " + wide + " wide on " + size[0]);
            Object small = page.evaluate("""
                    () => [...document.querySelectorAll('body *')].filter(e => !e.closest('svg') && e.children.length === 0
                        && e.textContent.trim() && parseFloat(getComputedStyle(e).fontSize) < 12).map(e => e.textContent)""");
            assertEquals(List.of(), small, path);
        }
        page.context().close();
    }

    @Test
    void stationsHaveTheirKeys() {
        Page page = BROWSER.open("/orders/1");
        assertThat(page.locator("[data-tile]").first()).isVisible();
        String[] addresses = {"", "/cookie", "/bowls", "/clock", "/bench", "/notebook", "/shelf"};
        for (int i = addresses.length; i >= 1; i--) {
            page.keyboard().press(String.valueOf(i));
            page.waitForURL(APP.url() + "/orders/1" + addresses[i - 1]);
        }
        page.locator("[data-tile]").first().focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("+");
        assertThat(page.getByLabel("How many Wind sock")).hasValue("13");
        page.keyboard().press("?");
        assertThat(page.locator("dialog[open]")).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("w");
        page.waitForURL(APP.url() + "/");
        page.context().close();
    }
}
