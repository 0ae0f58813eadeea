package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

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

/** From the order to what is mixed, thinned, bagged and bought, on the Bowls and Shelf stations. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class BowlsTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static Locator press(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void saved(Page page) {
        assertThat(page.locator("header .when")).containsText("saved");
    }

    private static Locator bowls(Page page) {
        return page.locator("svg g.bowl");
    }

    @Test
    @Order(1)
    void nearTwinIsJoinedWithOnePressAndParted() {
        Page page = BROWSER.open("/orders/1/bowls");
        assertThat(bowls(page)).hasCount(9);
        assertThat(page.getByText("is a near twin of")).isVisible();
        press(page, "Join them").first().click();
        assertThat(bowls(page)).hasCount(8);
        assertThat(page.getByText("Apricot comes out of Marigold's bowl.")).isVisible();
        press(page, "Part them").click();
        assertThat(bowls(page)).hasCount(9);
        saved(page);
        page.context().close();
    }

    @Test
    @Order(2)
    void jarIsUsedUpAndOrdersAreMixedTogetherOrAlone() {
        Page page = BROWSER.open("/orders/1/bowls");
        press(page, "Use it up").click();
        assertThat(page.getByText("62 of it from jars")).isVisible();
        press(page, "Leave it").click();
        assertThat(page.getByText("of it from jars")).hasCount(0);
        page.getByLabel(Pattern.compile("Night train society")).uncheck();
        assertThat(bowls(page)).hasCount(8);
        page.getByLabel(Pattern.compile("Night train society")).check();
        assertThat(bowls(page)).hasCount(9);
        saved(page);
        page.context().close();
    }

    @Test
    @Order(3)
    void streamsSayWhoDrinksAndTheLadderComesDown() {
        Page page = BROWSER.open("/orders/1/bowls");
        page.locator("g.stream").first().focus();
        assertThat(page.locator(".lit")).containsText("Diamond kite (outline)");
        page.locator("g.bowl").first().press("Enter");
        assertThat(page.getByText("Down the ladder")).isVisible();
        page.getByLabel("never run out of Poppy").check();
        assertThat(page.getByText("runs short 1 in 1,000")).isVisible();
        saved(page);
        press(page, "Order of work").click();
        Locator steps = page.locator("main ol > li");
        assertThat(steps.first()).containsText("Mix");
        assertThat(steps.nth(2)).containsText("tint Coal");
        press(page, "To buy").click();
        assertThat(page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("icing sugar")))
                .containsText("750 g");
        page.context().close();
    }

    @Test
    @Order(4)
    void baseAndFillingAreChosenAndUnreachableOnesSayWhatToDo() {
        Page page = BROWSER.open("/orders/1/bowls");
        page.getByLabel("base", new Page.GetByLabelOptions().setExact(true)).selectOption("fresh-whites");
        assertThat(page.locator("dt").filter(new Locator.FilterOptions().setHasText("egg white")))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("Raw egg white"))).isVisible();
        assertThat(page.getByText(Pattern.compile("Keep the \\d+ yolks"))).isVisible();
        page.getByLabel("base", new Page.GetByLabelOptions().setExact(true)).selectOption("dried-egg-white-loose");
        assertThat(page.getByText(Pattern.compile("\\+ .* g sugar")).first()).isVisible();
        page.getByLabel("filled by").selectOption("ONE_ICING");
        saved(page);
        page.getByLabel("base", new Page.GetByLabelOptions().setExact(true)).selectOption("");
        page.getByLabel("filled by").selectOption("");
        saved(page);
        page.context().close();
    }

    @Test
    @Order(5)
    void startedMixingKeepsThePlanAndShowsWhatChanges() {
        Page page = BROWSER.open("/orders/1/bowls");
        press(page, "Start mixing").click();
        assertThat(page.getByText("Nothing has changed since.")).isVisible();
        page.navigate(APP.url() + "/orders/1");
        page.getByLabel("How many Diamond kite").fill("36");
        saved(page);
        page.navigate(APP.url() + "/orders/1/bowls");
        assertThat(page.locator(".since")).containsText(Pattern.compile("\\+\\d+ g Poppy"));
        assertThat(page.locator(".since")).containsText("Top up");
        press(page, "Plan afresh").click();
        assertThat(press(page, "Start mixing")).isVisible();
        page.context().close();
    }

    @Test
    @Order(6)
    void shelfIsCountedAndKeepsJars() {
        Page page = BROWSER.open("/orders/1/shelf");
        assertThat(page.getByText(Pattern.compile("g short")).first()).isVisible();
        page.getByLabel("icing sugar").fill("99999");
        assertThat(page.locator(".one").first()).not().containsText("short");
        page.getByLabel("icing sugar").fill("-5");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("from 0 to");
        page.getByLabel("icing sugar").fill("99999");
        page.getByLabel("in the jar").fill("45");
        press(page, "Put it on the shelf").click();
        assertThat(page.getByText("Poppy, 45 g at 15 s")).isVisible();
        page.getByLabel("Take the jar of Poppy off").click();
        assertThat(page.getByText("Poppy, 45 g at 15 s")).hasCount(0);
        page.context().close();
    }

    @Test
    @Order(7)
    void ownRecipeIsMadeFromTheHouses() {
        Page page = BROWSER.open("/shop");
        page.getByLabel("icing sugar, grams", new Page.GetByLabelOptions().setExact(true))
                .fill("500");
        press(page, "Save as a new one").click();
        assertThat(page.getByText("saved; every order with this base follows")).isVisible();
        page.getByLabel("orders take").selectOption("meringue-powder-of-ours");
        assertThat(page.getByText("saved; every order follows")).isVisible();
        page.navigate(APP.url() + "/orders/1/bowls");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Meringue powder of ours")))
                .isVisible();
        page.context().close();
    }

    @Test
    @Order(8)
    void nothingComplainedOnTheConsole() {
        assertEquals(List.of(), BROWSER.complaints());
    }
}
