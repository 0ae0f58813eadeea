package kindthimble.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Takes the pictures of the docs from the demo data; bin/screenshots runs it. */
@EnabledIfSystemProperty(named = "kind-thimble.screenshots", matches = ".+")
class ScreenshotsTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    @Test
    void picturesOfTheMainViews() {
        take("week", "/", 1280, 800);
        take("set", "/orders/1", 1280, 800);
        take(
                "cookie",
                "/orders/3/cookie",
                1280,
                800,
                page -> page.locator("[data-move='6']").click());
        take("cookie-warnings", "/orders/1/cookie/2", 1280, 800);
        take(
                "cookie-passes",
                "/orders/1/cookie/4",
                1280,
                800,
                page -> page.locator(".turn").click());
        take("drawing", "/orders/1/drawing", 1280, 800, page -> {
            Hands.press(page, "lantern").click();
            page.waitForTimeout(900);
        });
        take("bowls", "/orders/1/bowls", 1280, 800);
        take("bowls-tint", "/orders/1/bowls", 1280, 800, page -> openBowl(page, "Glow green"));
        take("colours", "/orders/1", 1280, 800, page -> {
            Hands.press(page, Pattern.compile("^Haze")).click();
            Hands.press(page, "Choose…").click();
            page.locator("dialog svg path").first().waitFor();
        });
        take(
                "clock",
                "/orders/1/clock",
                1280,
                900,
                page -> page.locator("svg rect.run").first().waitFor());
        take("bench", "/orders/3/bench", 1280, 800);
        take("bench-phone", "/orders/3/bench", 390, 844);
        take("notebook", "/notebook", 1280, 800);
        take("shelf", "/orders/1/shelf", 1280, 800);
        take("shop", "/shop", 1280, 800);
        take("orders", "/orders", 1280, 800);
        take(
                "cookie-tablet",
                "/orders/3/cookie",
                820,
                1180,
                page -> page.locator("[data-move='6']").click());
        take("bowls-phone", "/orders/1/bowls", 390, 844);
        // The last one: it changes a number.
        take("shop-numbers", "/shop#drying", 1280, 800, page -> {
            page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^half dry")))
                    .fill("45");
            Hands.saved(page);
        });
    }

    private static void openBowl(Page page, String name) {
        page.locator("svg g.bowl")
                .filter(new Locator.FilterOptions().setHasText(name))
                .click();
        page.getByText("Other ways").waitFor();
        page.mouse().move(0, 0);
    }

    private static void take(String name, String path, int width, int height) {
        take(name, path, width, height, page -> {});
    }

    private static void take(String name, String path, int width, int height, Consumer<Page> before) {
        Page page = BROWSER.open(path, width, height);
        page.waitForLoadState(LoadState.NETWORKIDLE);
        before.accept(page);
        page.evaluate("() => document.fonts.ready.then(() => null)");
        page.screenshot(new Page.ScreenshotOptions()
                .setPath(Path.of(System.getProperty("kind-thimble.screenshots"), name + ".png")));
        page.context().close();
    }
}
