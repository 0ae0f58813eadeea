package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** What hands do on every station. */
final class Hands {
    private Hands() {}

    /** A button by its words. */
    static Locator press(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** A button whose words match. */
    static Locator press(Page page, Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** A control by its whole label. */
    static Locator labelled(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** Waits until all that was typed is stored. */
    static void saved(Page page) {
        assertThat(page.locator(".saved-state")).hasText("saved");
    }
}
