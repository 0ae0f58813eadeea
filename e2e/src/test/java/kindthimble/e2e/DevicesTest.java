package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static kindthimble.e2e.Hands.labelled;
import static kindthimble.e2e.Hands.press;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.Shared;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A phone is let in over the home network, works, and is turned out. */
class DevicesTest {
    private static final Shared SHARED = Shared.ONCE;

    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.overTls();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static final double SHOWS_NO_LONGER_MS = 2_000;

    @Test
    void aPhoneIsLetInWorksAndIsTurnedOut() {
        Page kitchen = BROWSER.open("/devices");
        press(kitchen, "Make a square").click();
        Locator address = kitchen.locator(".address");
        assertThat(address).containsText("/pair#");

        Page phone = BROWSER.openAt(address.innerText().strip(), 390, 844);
        assertThat(phone.getByRole(AriaRole.HEADING).first()).hasText("Let this device in");
        labelled(phone, "Its name").fill("Phone by the sink");
        press(phone, "Let it in").click();
        assertThat(phone.getByRole(AriaRole.HEADING).first()).hasText("The week");
        assertThat(phone).hasURL(SHARED.url() + "/");

        // It lets nobody else in: that is done at the kitchen's own computer.
        phone.navigate(SHARED.url() + "/devices");
        assertThat(phone.locator("main")).containsText("Open this page at the kitchen's own computer");
        assertThat(press(phone, "Make a square")).hasCount(0);
        assertThat(phone.getByText("Another password")).hasCount(0);

        // What is pressed on it carries its name, and is seen at the kitchen's computer.
        APP.post("/api/orders/3/practice/end", null);
        phone.navigate(SHARED.url() + "/orders/3/bench");
        press(phone, Pattern.compile("^Next cookie")).click();
        kitchen.navigate(APP.url() + "/orders/3/bench");
        assertThat(kitchen.locator("section[aria-label='Next at the bench']")).containsText("at Phone by the sink");

        kitchen.navigate(APP.url() + "/devices");
        press(kitchen, "Unpair Phone by the sink").click();
        press(kitchen, "Turn Phone by the sink out now").click();
        assertThat(press(kitchen, "Unpair Phone by the sink")).hasCount(0);
        // It shows nothing of the order any more, without a hand on it.
        assertThat(phone.getByRole(AriaRole.HEADING).first())
                .hasText("Let this device in", new LocatorAssertions.HasTextOptions().setTimeout(SHOWS_NO_LONGER_MS));
        assertThat(phone.getByText("does not answer")).hasCount(0);
        labelled(phone, "Its name").fill("Phone by the sink");
        labelled(phone, "Password").fill("not that one");
        press(phone, "Let it in").click();
        assertThat(phone.getByRole(AriaRole.ALERT)).hasText("That is not the password of this kitchen.");
        labelled(phone, "Password").fill(Shared.PASSWORD);
        press(phone, "Let it in").click();
        assertThat(phone.locator("section[aria-label='Now']")).containsText("6 iced, 1 broken");
        assertEquals(List.of(), BROWSER.complaints());
    }
}
