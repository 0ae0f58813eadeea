package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static kindthimble.e2e.Hands.press;
import static kindthimble.e2e.Hands.saved;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import kindthimble.app.testing.RunningApp;
import tools.jackson.databind.JsonNode;

/** The Cookie station of the pottery order, and what is pressed there. */
final class CookiePages {
    private final RunningApp app;
    private final Browser browser;

    CookiePages(RunningApp app, Browser browser) {
        this.app = app;
        this.browser = browser;
    }

    /** A new design on the pottery order, its name chosen. */
    Page fresh(Counted[] hands) {
        Page page = browser.open("/orders/3/cookie");
        hands[0] = new Counted(page);
        hands[0].press(press(page, "Add a design"));
        assertThat(page.getByLabel("Name of the design")).isFocused();
        saved(page);
        return page;
    }

    /** What is stored of the design that is open. */
    JsonNode stored(Page page) {
        saved(page);
        String url = page.url();
        String id = url.substring(url.lastIndexOf('/') + 1);
        for (JsonNode design : app.get("/api/orders/3").body().get("designs")) {
            if (design.get("id").asString().equals(id)) {
                return design.get("document");
            }
        }
        throw new AssertionError("no design " + id);
    }

    static Locator quick(Page page, String word) {
        return page.locator("[data-add-move] .chip").getByText(word, new Locator.GetByTextOptions().setExact(true));
    }

    static Locator bowl(Page page, String colour) {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Colours"))
                .getByText(colour);
    }

    static Locator whole(Page page) {
        return page.locator("[data-section]").first();
    }

    /** A field of the open move. */
    static Locator ofMove(Page page, String label) {
        return page.locator("aside .form .field:has(.label:text-is('" + label + "'))")
                .locator("input, select");
    }

    static Locator placed(Page page) {
        return page.locator(".where select").first();
    }

    static Locator cutter(Page page, String word) {
        return page.getByLabel("Its cutter").getByText(word, new Locator.GetByTextOptions().setExact(true));
    }
}
