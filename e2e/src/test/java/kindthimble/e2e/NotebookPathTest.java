package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static kindthimble.e2e.Hands.press;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The notebook: what was measured, what it changed, and what was decided on it. */
class NotebookPathTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static Locator row(Page page, String name) {
        return page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(name))
                .filter(new Locator.FilterOptions().setHas(page.getByRole(AriaRole.IMG)));
    }

    private static void note(Page page, String kind) {
        page.keyboard().press("n");
        page.getByLabel("What was measured").selectOption(kind);
    }

    private static void write(Page page, String label, String value) {
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^" + label)))
                .fill(value);
    }

    @Test
    void aNoteByHandMovesItsFigureAndEachStepIsTakenBack() {
        Page page = BROWSER.open("/notebook");
        assertThat(page.getByText("15 s at", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();
        assertThat(row(page, "a petal weighs")).containsText("held");

        note(page, "step");
        page.getByLabel("work").selectOption("label");
        press(page, "Note it").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Write took.");
        write(page, "took", "3");
        write(page, "a few words", "three boxes");
        press(page, "Note it").click();
        Locator label = row(page, "to label an order");
        assertThat(label).containsText(Pattern.compile("1 → *1\\.\\d+ min"));
        assertThat(page.getByText("to label took 3 min, 1 planned").first()).isVisible();
        assertThat(page.getByText("three boxes").first()).isVisible();

        press(page, Pattern.compile("^put back to label an order")).click();
        assertThat(label).containsText("put back");
        press(page, "let go to label an order, to the notes").click();
        assertThat(press(page, Pattern.compile("^hold to label an order"))).isVisible();

        press(page, "take back: to label took 3 min, 1 planned").click();
        assertThat(label).hasCount(0);
    }

    @Test
    void whatDoesNotFitIsTakenInWithOnePress() {
        Page page = BROWSER.open("/orders/1/notebook");
        Locator look = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("To look at"));
        assertThat(look).containsText("41 s at 6.2 g of water");
        look.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it in"))
                .click();
        assertThat(look).containsText("Every note fits the others.");
        press(page, "All notes").click();
        press(page, "leave it to the others").click();
        assertThat(look).containsText("41 s at 6.2 g of water");
    }
}
