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

/** An empty shop: one thing to do, the example a press away, and few presses to a first plan of her own. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FirstMinutesTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.empty();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static final int MOST_PRESSES = 35;

    @Test
    @Order(1)
    void takingAnOrderIsThreeAnswersAndEscapeCloses() {
        Page page = BROWSER.open("/");
        press(page, "Take the first order").click();
        Locator name = page.getByLabel("What is it called?");
        assertThat(name).isFocused();
        press(page, "Take it").click();
        assertThat(page.getByText("Give the order a name.")).isVisible();
        name.fill("P");
        assertThat(page.getByText("Give the order a name.")).hasCount(0);
        page.getByLabel("Handed over on").fill("3 Jan 2020");
        page.getByLabel("Handed over on").press("Tab");
        assertThat(page.getByText("This day is over.")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.locator("dialog[open]")).hasCount(0);
        // The example is one press away, and a menu away from being gone.
        press(page, "show me an example order").click();
        assertThat(page.getByText(Pattern.compile("next hand-over, of 1 ahead")))
                .isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Kite festival set"))
                .first()
                .click();
        assertThat(page.locator("[data-tile]")).hasCount(6);
        page.navigate(APP.url() + "/");
        press(page, "Take it away").click();
        assertThat(page.getByText("The example is removed.")).isVisible();
        assertEquals(404, APP.get("/api/orders/1").status());
        page.context().close();
    }

    @Test
    @Order(2)
    void aFirstPlanOfFourDesignsTakesFewPresses() {
        Page page = BROWSER.open("/");
        Counted hands = new Counted(page);
        hands.press(press(page, "Take an order"));
        hands.write(page.getByLabel("What is it called?"), "Harbour opening");
        hands.write(page.getByLabel("For whom?"), "Sailing society");
        hands.press(press(page, "Take it"));
        hands.press(press(page, "Add the first design"));
        String[][] designs = {
            {"Boat", "round", "70", "24", "poppy"},
            {"Sail", "square", "60", "18", "lagoon"},
            {"Buoy", "heart", "55", "12", "marigold"},
            {"Anchor", "star", "75", "6", "coal"}
        };
        for (int i = 0; i < designs.length; i++) {
            if (i > 0) {
                hands.press(page.getByLabel("Add a design"));
            }
            Locator name = page.getByLabel("Name of the design");
            assertThat(name).isFocused();
            hands.write(name, designs[i][0]);
            if (!designs[i][1].equals("round")) {
                hands.press(Hands.press(page, designs[i][1]));
            }
            hands.write(page.locator("main").getByLabel("size").first(), designs[i][2]);
            hands.write(page.getByLabel(Pattern.compile("^How many")), designs[i][3]);
        }
        hands.press(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Bowls"))));
        assertThat(page.locator("svg g.bowl").first()).isVisible();
        saved(page);
        System.out.println("First plan: " + hands.presses() + " presses");
        assertTrue(hands.presses() <= MOST_PRESSES, "presses: " + hands.presses());
        String stored = APP.get("/api/orders/2").body().toString();
        for (String[] design : designs) {
            assertTrue(stored.contains("\"name\":\"" + design[0] + "\""), stored);
        }
        assertEquals(
                List.of(24, 18, 12, 6),
                APP.get("/api/orders/2").body().get("designs").findValues("count").stream()
                        .map(count -> count.asInt())
                        .toList());
        page.context().close();
    }

    @Test
    @Order(3)
    void firstControlOfAStationIsFiveTabsAway() {
        for (String address : List.of(
                "/orders/2", "/orders/2/cookie", "/orders/2/bowls", "/orders/2/shelf", "/shop", "/orders", "/")) {
            Page page = BROWSER.open(address);
            page.locator("main").first().waitFor();
            page.waitForTimeout(600);
            int tabs = 0;
            boolean isThere = false;
            while (!isThere && tabs < 12) {
                page.keyboard().press("Tab");
                tabs++;
                isThere = (Boolean) page.evaluate(
                        "() => Boolean(document.activeElement.closest('main, aside, [aria-label=Designs]'))");
            }
            assertTrue(tabs <= 5, address + ": " + tabs);
            page.context().close();
        }
        Page page = BROWSER.open("/orders/2");
        page.locator("[data-tile]").first().waitFor();
        page.keyboard().press("Tab");
        page.keyboard().press("Enter");
        assertEquals("MAIN", page.evaluate("() => document.activeElement.tagName"));
        page.context().close();
    }

    @Test
    @Order(4)
    void focusFollowsTheThing() {
        Page page = BROWSER.open("/orders/2/cookie");
        press(page, "dot").click();
        assertThat(page.locator("aside .form :focus")).hasCount(1);
        Locator rows = page.locator("aside ol > li .row");
        rows.nth(2).focus();
        page.keyboard().press("Alt+ArrowUp");
        assertThat(rows.nth(1)).isFocused();
        assertThat(rows.nth(1)).containsText("dot");
        page.keyboard().press("Delete");
        assertThat(rows).hasCount(2);
        assertThat(rows.nth(1)).isFocused();
        saved(page);
        page.navigate(APP.url() + "/orders/2");
        page.locator("[data-tile]").first().focus();
        page.keyboard().press("Alt+ArrowRight");
        assertThat(page.locator("[data-tile]").nth(1)).isFocused();
        // No shortcut works through a dialog.
        press(page, "From the library").click();
        page.keyboard().press("3");
        page.keyboard().press("w");
        assertThat(page).hasURL(APP.url() + "/orders/2");
        page.keyboard().press("Escape");
        page.context().close();
    }

    @Test
    @Order(5)
    void wordsOfTheCraftAreExplainedAtAPress() {
        Page page = BROWSER.open("/orders/2");
        press(page, "What is a count?").click();
        assertThat(page.getByText("Draw a knife through the icing")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByText("Draw a knife through the icing")).isHidden();
        page.navigate(APP.url() + "/orders/2/cookie");
        page.locator("aside ol > li .row").nth(1).click();
        for (String word : List.of("a count", "fullness", "a crease")) {
            assertThat(press(page, "What is " + word + "?").first()).isVisible();
        }
        press(page, Pattern.compile("^1 pass$")).click();
        assertThat(press(page, "What is a gate?")).isVisible();
        page.navigate(APP.url() + "/orders/2/bowls");
        assertThat(press(page, "What is spare?")).isVisible();
        assertThat(press(page, "What is the ladder?")).isVisible();
        page.context().close();
    }

    /** Whatever can be pressed is as large as a finger: itself, or with what lies round it and belongs to it. */
    @Test
    @Order(6)
    void targetsAreLargeEnough() {
        for (String address : List.of(
                "/", "/orders", "/orders/2", "/orders/2/cookie", "/orders/2/bowls", "/orders/2/shelf", "/shop")) {
            Page page = BROWSER.open(address, 390, 844);
            page.locator("main").first().waitFor();
            page.waitForTimeout(600);
            Object small = page.evaluate("""
                    () => [...document.querySelectorAll('button, select, input:not([type=checkbox], [type=radio]), nav a')]
                      .filter(e => e.getClientRects().length && !e.closest('svg') && !e.closest('[popover]') && !e.matches('.ask, .unseen'))
                      .filter(e => { const b = e.getBoundingClientRect(); return b.height < 43.5 && b.width > 0; })
                      .map(e => (e.getAttribute('aria-label') ?? e.textContent).trim().slice(0, 30) + ' ' + Math.round(e.getBoundingClientRect().height))""");
            assertEquals(List.of(), small, address);
            page.context().close();
        }
    }

    @Test
    @Order(7)
    void nothingComplainedOnTheConsole() {
        assertEquals(List.of(), BROWSER.complaints());
    }
}
