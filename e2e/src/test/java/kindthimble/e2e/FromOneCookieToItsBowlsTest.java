package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static kindthimble.e2e.Hands.press;
import static kindthimble.e2e.Hands.saved;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** The path of a decorator through an empty shop, in the real interface. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FromOneCookieToItsBowlsTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.empty();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    @Test
    @Order(1)
    void takesAnOrderDrawsACookieAndFindsItsBowlsAgain() {
        Page page = BROWSER.open("/");
        page.getByText("Take the first order").click();
        page.getByLabel("What is it called?").fill("Opening day");
        page.getByLabel("Handed over on").fill("5 Dec 2026");
        press(page, "Take it").click();

        assertThat(page.getByText("An empty tray")).isVisible();
        page.getByText("Add the first design").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("2 moves")))
                .isVisible();
        page.getByLabel("edge margin").fill("3");
        saved(page);
        saved(page);

        // Wet dots in a second colour, by mouse; a raised line in a third, by keyboard.
        press(page, "dot").click();
        assertThat(page.locator("aside .form :focus")).hasCount(1);
        page.keyboard().press("Escape");
        page.keyboard().press("/");
        page.getByLabel("Which move").fill("raised");
        page.getByLabel("Which move").press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("4 moves")))
                .isVisible();
        Locator rows = page.locator("aside ol > li .row");
        assertThat(rows.nth(0)).containsText("0.34 g");
        assertThat(rows.nth(1)).containsText("11.5 g");
        assertThat(rows.nth(2)).containsText("while wet");
        assertThat(rows.nth(3)).containsText("dry through");

        page.keyboard().press("Escape");
        page.locator("h1").click();
        page.keyboard().press("1");
        page.getByLabel("How many Design 1").fill("24");
        saved(page);
        page.locator("h1").click();
        page.keyboard().press("3");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Pour")))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("each colour alone 1 in (8|9)\\d")))
                .isVisible();
        assertThat(page.locator("svg [role=button]")).hasCount(3);
        String base = page.locator(".sum").last().innerText();

        // The browser is closed, the application stopped and started: it is all there.
        page.context().close();
        APP.restart();
        Page again = BROWSER.open("/");
        again.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Opening day")))
                .first()
                .click();
        again.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Bowls")))
                .click();
        assertThat(again.locator(".sum").last()).hasText(base);
        again.context().close();
    }

    @Test
    @Order(2)
    void changingANumberShowsItsGramsAndUndoTakesItBack() {
        Page page = BROWSER.open("/orders/1/cookie");
        Locator flood = page.locator("aside ol > li .row").nth(1);
        assertThat(flood).containsText("11.5 g");
        page.getByLabel("size").first().fill("100");
        assertThat(flood).not().containsText("11.5 g");
        String larger = flood.innerText();
        page.keyboard().press("Control+z");
        assertThat(flood).containsText("11.5 g");
        page.reload();
        assertThat(flood).containsText("11.5 g");
        page.keyboard().press("Control+Shift+z");
        page.locator("h1").click();
        page.keyboard().press("Control+z");
        saved(page);
        assertTrue(larger.contains("flood"));
        page.context().close();
    }

    @Test
    @Order(3)
    void badInputKeepsWhatWasTypedAndSaysWhatToDo() {
        Page page = BROWSER.open("/orders/1/cookie");
        Locator size = page.getByLabel("size").first();
        size.fill("5");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("from 10 to 300 mm");
        assertThat(size).hasValue("5");
        size.fill("eighty");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Write a number");
        assertThat(size).hasValue("eighty");
        size.fill("80,0");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        saved(page);
        page.getByLabel("edge margin").fill("60");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("leaves no room");
        page.getByLabel("edge margin").fill("3");
        saved(page);
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);

        page.navigate(APP.url() + "/orders/1");
        Locator count = page.getByLabel("How many Design 1");
        saved(page);
        for (String odd : List.of("0", "100000", "-3", "", "two dozen", "24 kites")) {
            count.fill(odd);
            assertThat(page.getByRole(AriaRole.ALERT).first()).isVisible();
        }
        // It holds back only itself, is in no total, and outlives a reload as it was typed.
        page.getByLabel("For").fill("Harbour office");
        page.getByLabel("For").press("Tab");
        assertThat(page.locator(".saved-state")).hasText("1 thing not saved");
        page.waitForCondition(() ->
                APP.get("/api/orders/1").body().at("/details/client").asString().equals("Harbour office"));
        assertThat(page.getByRole(
                        AriaRole.HEADING, new Page.GetByRoleOptions().setName(Pattern.compile("^\\d\\d cookies$"))))
                .isVisible();
        page.reload();
        assertThat(count).hasValue("24 kites");
        assertThat(page.locator(".saved-state")).hasText("1 thing not saved");
        count.fill("24");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        saved(page);
        page.context().close();
    }

    @Test
    @Order(4)
    void devicesFollowAndChangesOfDifferentFieldsMerge() {
        Page laptop = BROWSER.open("/orders/1/cookie");
        Page tablet = BROWSER.open("/orders/1");
        Locator count = tablet.locator("[data-place$='/count'] input");
        assertThat(count).hasValue("24");
        laptop.getByLabel("Name of the design").fill("Round of the laptop");
        saved(laptop);
        assertThat(tablet.getByText("Round of the laptop")).isVisible();

        // What is typed while nothing gets through is stored beside what another device has stored meanwhile.
        tablet.route("**/api/orders/1", route -> {
            if (route.request().method().equals("PATCH")) {
                route.abort();
            } else {
                route.resume();
            }
        });
        count.fill("36");
        laptop.getByLabel("Name of the design").fill("Round of both");
        saved(laptop);
        tablet.unroute("**/api/orders/1");
        saved(tablet);
        assertThat(laptop.locator("main [data-place$='/count'] input")).hasValue("36");
        assertThat(tablet.getByText("Round of both")).isVisible();
        JsonNode stored = APP.get("/api/orders/1").body().at("/designs/0");
        assertEquals(36, stored.get("count").asInt());
        assertEquals("Round of both", stored.at("/document/name").asString());
        laptop.context().close();
        tablet.context().close();
    }

    @Test
    @Order(5)
    void ofTheSameFieldBothVersionsStandSideBySide() {
        Page laptop = BROWSER.open("/orders/1");
        Page tablet = BROWSER.open("/orders/1");
        tablet.route("**/api/orders/1", route -> {
            if (route.request().method().equals("PATCH")) {
                route.abort();
            } else {
                route.resume();
            }
        });
        tablet.getByLabel("How many Round of both").fill("48");
        tablet.getByLabel("For").fill("Typed on the tablet");
        laptop.getByLabel("How many Round of both").fill("30");
        saved(laptop);
        tablet.unroute("**/api/orders/1");
        Locator both = tablet.getByRole(AriaRole.ALERT)
                .filter(new Locator.FilterOptions().setHasText("was changed here and on another device"));
        assertThat(both).containsText("How many of Round of both");
        assertThat(both).containsText("48");
        assertThat(both).containsText("30");
        assertEquals(30, APP.get("/api/orders/1").body().at("/designs/0/count").asInt());
        // It survives a reload, and nothing else is lost by it.
        tablet.reload();
        press(tablet, "Keep this one").click();
        assertThat(both).hasCount(0);
        saved(tablet);
        JsonNode stored = APP.get("/api/orders/1").body();
        assertEquals(48, stored.at("/designs/0/count").asInt());
        assertEquals("Typed on the tablet", stored.at("/details/client").asString());
        laptop.getByLabel("How many Round of both").fill("24");
        saved(laptop);
        laptop.context().close();
        tablet.context().close();
    }

    @Test
    @Order(5)
    void removedDesignsAndOrdersCanBePutBack() {
        Page page = BROWSER.open("/orders/1");
        press(page, Pattern.compile("^What to do with Round")).click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Take off the tray"))
                .click();
        assertThat(page.getByText("An empty tray")).isVisible();
        press(page, "Put it back").click();
        assertThat(page.locator("[data-tile]")).hasCount(1);
        page.locator("h1").click();
        page.keyboard().press("Control+z");
        assertThat(page.getByText("An empty tray")).isVisible();
        assertThat(page.getByText("undone: Round of both off the tray")).isVisible();
        page.keyboard().press("Control+Shift+z");
        assertThat(page.locator("[data-tile]")).hasCount(1);
        page.getByText("The week").first().click();
        press(page, "What to do with Opening day").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Remove"))
                .click();
        assertThat(page.getByText("Nothing promised")).isVisible();
        press(page, "Put it back").click();
        assertThat(press(page, "What to do with Opening day")).isVisible();
        page.context().close();
    }

    @Test
    @Order(6)
    void riskAndTheFlatSchoolChangeTheSpare() {
        Page page = BROWSER.open("/orders/1/bowls");
        Locator spare = page.getByText(Pattern.compile("\\+ .* g spare"));
        String atOneInFifty = spare.innerText();
        page.getByLabel("Risk of running short").press("ArrowRight");
        assertThat(spare).not().hasText(atOneInFifty);
        page.getByText("flat share").click();
        assertThat(page.getByLabel("more of every colour")).hasValue("12");
        saved(page);
        page.getByText("by risk").click();
        assertThat(page.getByText("1 in 70")).isVisible();
        page.context().close();
    }

    @Test
    @Order(7)
    void nothingComplainedOnTheConsole() {
        assertEquals(
                List.of(),
                BROWSER.complaints().stream()
                        .filter(complaint -> !complaint.contains("ERR_FAILED"))
                        .toList());
    }
}
