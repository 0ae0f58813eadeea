package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static kindthimble.e2e.Hands.labelled;
import static kindthimble.e2e.Hands.press;
import static kindthimble.e2e.Hands.saved;
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

/** The shop's own numbers in the browser: found, changed, put back; and what happens when nothing answers, or two orders are open. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ShopStationTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static Locator row(Page page, String word) {
        return page.locator("main li", new Page.LocatorOptions().setHasText(word));
    }

    private static Locator figure(Page page, String word) {
        return page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^" + word + "\\b")));
    }

    @Test
    @Order(1)
    void aNumberIsFoundChangedAndPutBack() {
        Page page = BROWSER.open("/shop");
        labelled(page, "find a number").fill("wet zzz margin");
        assertThat(page.getByText("No number is called that")).isVisible();
        labelled(page, "find a number").fill("edge inside");
        Locator margin = row(page, "edge margin");
        assertThat(margin.first()).containsText("0 to 20 mm; the house says 1.5 mm.");
        assertThat(press(page, "Put edge margin back to 1.5 mm")).isHidden();
        figure(page, "edge margin").fill("2,5");
        saved(page);
        assertThat(press(page, Pattern.compile("^Cookie 1"))).isVisible();
        press(page, "Put edge margin back to 1.5 mm").click();
        assertThat(figure(page, "edge margin")).hasValue("1.5");
        assertThat(press(page, "Put edge margin back to 1.5 mm")).isHidden();
        saved(page);
        page.context().close();
    }

    @Test
    @Order(2)
    void oddNumbersStayAsTypedAndAreNotStored() {
        Page page = BROWSER.open("/shop#mixer");
        figure(page, "couplers").fill("two");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Write a number here");
        figure(page, "couplers").fill("2.5");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("whole number");
        figure(page, "couplers").fill("4");
        figure(page, "most in the mixer").fill("200");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Write a number from 250 to 50,000 g.");
        assertThat(figure(page, "most in the mixer")).hasValue("200");
        // It is as typed after a reload too, the header says so, and a press there leads to it.
        page.reload();
        assertThat(figure(page, "most in the mixer")).hasValue("200");
        press(page, "Cookie").click();
        press(page, "1 thing not saved").click();
        assertThat(figure(page, "most in the mixer")).isFocused();
        assertEquals(
                1400,
                APP.get("/api/shop")
                        .body()
                        .at("/settings/habits/MIXER_MOST_GRAMS/mean")
                        .asDouble());
        figure(page, "most in the mixer").fill("1400");
        saved(page);
        page.context().close();
    }

    /** The chapter stands in the address, so that a reload or a link comes back to it. */
    @Test
    @Order(3)
    void chaptersAreAddresses() {
        Page page = BROWSER.open("/shop");
        assertThat(page.getByLabel("raised detail goes on")).isVisible();
        press(page, "Drying").click();
        assertThat(page).hasURL(Pattern.compile(".*/shop#drying$"));
        assertThat(figure(page, "half dry")).hasValue("35");
        page.reload();
        assertThat(figure(page, "half dry")).hasValue("35");
        page.navigate(APP.url() + "/shop#nothing-of-the-kind");
        assertThat(page.getByLabel("raised detail goes on")).isVisible();
        page.context().close();
    }

    /** A number of the shop is what a design shows for what is left open. */
    @Test
    @Order(4)
    void usualValuesOnCookieAreTheShops() {
        Page page = BROWSER.open("/shop#icing");
        figure(page, "piping count").fill("46");
        saved(page);
        page.navigate(APP.url() + "/orders/1/cookie");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("outline")))
                .first()
                .click();
        assertThat(page.getByLabel("count").first()).hasAttribute("placeholder", "46");
        page.navigate(APP.url() + "/shop#icing");
        press(page, "Put piping count back to 50 s").click();
        saved(page);
        page.context().close();
    }

    /** While nothing answers, what was typed stays, and is sent as soon as something does. */
    @Test
    @Order(5)
    void whatIsTypedWhileNothingAnswersIsSentLater() {
        Page page = BROWSER.open("/orders/1");
        saved(page);
        page.route("**/api/**", route -> route.abort());
        Locator client = labelled(page, "For");
        client.fill("Harbour kite club, second hall");
        client.press("Tab");
        assertThat(page.locator(".saved-state")).hasText("kept here, not sent yet");
        assertThat(page.getByText("The kitchen computer does not answer")).isVisible();
        assertThat(client).hasValue("Harbour kite club, second hall");
        page.unroute("**/api/**");
        saved(page);
        page.reload();
        assertThat(labelled(page, "For")).hasValue("Harbour kite club, second hall");
        page.context().close();
    }

    /** Going from one order to another in a tab leaves each with its own. */
    @Test
    @Order(6)
    void twoOrdersInOneTabKeepTheirOwn() {
        Page page = BROWSER.open("/orders/1");
        saved(page);
        labelled(page, "For").fill("One");
        labelled(page, "For").press("Tab");
        saved(page);
        page.navigate(APP.url() + "/orders/2");
        saved(page);
        labelled(page, "For").fill("Two");
        labelled(page, "For").press("Tab");
        saved(page);
        page.goBack();
        assertThat(labelled(page, "For")).hasValue("One");
        page.goForward();
        assertThat(labelled(page, "For")).hasValue("Two");
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
