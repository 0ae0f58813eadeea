package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static kindthimble.e2e.Hands.press;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** From the dough to the hours of the week, as she goes through it. */
class ClockPathTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static Locator slip(Page page, String name) {
        return page.locator("section[aria-label='" + name + "']");
    }

    private static Locator runs(Page page) {
        return page.locator("svg .run");
    }

    @Test
    void theDoughFollowsItsThickness() {
        Page page = BROWSER.open("/orders/1");
        Locator dough = slip(page, "Dough");
        String before = dough.getByRole(AriaRole.HEADING).innerText();
        press(page, "10 mm").click();
        assertThat(dough.getByRole(AriaRole.HEADING)).not().hasText(before);
        press(page, "Weigh, roll and bake").click();
        Locator sheet = page.getByRole(AriaRole.DIALOG);
        assertThat(sheet).containsText("plain flour");
        assertThat(sheet.getByRole(AriaRole.IMG).first()).isVisible();
        assertThat(sheet).containsText(Pattern.compile("\\d+ % of (it|them) is cookies"));
    }

    @Test
    void aPieceOfWorkIsPinnedDoneAndUndone() {
        Page page = BROWSER.open("/orders/1/clock");
        assertThat(runs(page).first()).isVisible();
        int before = runs(page).count();
        runs(page).first().press("Enter");
        Locator slip = slip(page, "This piece of work");
        press(page, "Did this already").click();
        assertThat(slip(page, "Done")).containsText("1 piece of work done");
        assertThat(runs(page)).hasCount(before - 1);
        press(page, "None of it is done yet").click();
        assertThat(runs(page)).hasCount(before);
        runs(page).first().press("Enter");
        press(page, "Pin it there").click();
        assertThat(slip).containsText("You have pinned it");
        press(page, "Let it move again").click();
        assertThat(slip).not().containsText("You have pinned it");
    }

    @Test
    void whatIfIsSolvedSideBySide() {
        Page page = BROWSER.open("/orders/1/clock");
        press(page, "Solve them").click();
        Locator cards = slip(page, "What if").getByRole(AriaRole.LISTITEM);
        assertThat(cards).hasCount(8);
        assertThat(press(page, "Ask again")).isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(60_000));
        assertThat(cards.first()).containsText("fan");
        for (Locator card : cards.all()) {
            assertThat(card).not().containsText("solving");
        }
    }

    @Test
    void theRoomIsSetOnceForAllScreens() {
        Page page = BROWSER.open("/shop#hours-and-room");
        page.getByLabel("and humid").fill("62");
        page.getByLabel("and humid").press("Tab");
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.navigate(APP.url() + "/orders/1/clock");
        assertThat(slip(page, "Room")).containsText("62 %");
        assertThat(slip(page, "Room")).containsText("1.74");
        slip(page, "Room").getByRole(AriaRole.COMBOBOX).selectOption("UNDER_THE_FAN");
        assertThat(slip(page, "Room")).containsText("1.04");
    }

    @Test
    void theWeekSaysWhetherOneMoreCanBeTaken() {
        Page page = BROWSER.open("/");
        Locator asked = slip(page, "Can I take one more?");
        asked.getByLabel("how many").fill("2000");
        press(page, "Ask the clock").click();
        assertThat(asked.getByRole(AriaRole.STATUS))
                .containsText("No:", new LocatorAssertions.ContainsTextOptions().setTimeout(20_000));
        assertThat(page.locator(".pots").first()).isVisible();
        assertTrue(page.locator(".words").first().innerText().contains(" h"));
    }
}
