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

/** What a decorator does with designs: moves by keyboard, warnings and their presses, order on the tray, colours, the library. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class DesignsTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static Page design(String name) {
        Page page = BROWSER.open("/orders/1/cookie");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
        assertThat(page.getByLabel("Name of the design")).hasValue(name);
        return page;
    }

    @Test
    @Order(1)
    void warningIsOnTheDrawingAndOnePressMendsItAndUndoBringsItBack() {
        Page page = design("Wind sock");
        Locator warnings = page.getByLabel("What is likely to go wrong").locator("li");
        assertThat(warnings.first()).containsText("Dark beside light");
        assertThat(page.locator("main svg circle.badge")).hasCount(1);
        assertThat(press(page, "2 passes")).isVisible();
        press(page, Pattern.compile("^Dry the first one through")).click();
        assertThat(page.getByText("Dark beside light")).hasCount(0);
        // The crease that shows stays, and is waited for.
        assertThat(press(page, "2 passes")).isVisible();
        page.locator("h1").click();
        page.keyboard().press("Control+z");
        assertThat(warnings.first()).containsText("Dark beside light");
        saved(page);
        page.context().close();
    }

    @Test
    @Order(2)
    void transferIsMadeAheadWithSpares() {
        Page page = design("Rosette");
        press(page, "3 passes").click();
        assertThat(page.getByText("made before it, on film")).isVisible();
        // Nine rosettes are iced for the eight wanted; 15 % of nine bows are 1.35, and at least two are spare.
        assertThat(page.getByText("11 pieces, 2 of them spare").first()).isVisible();
        assertThat(page.getByText(Pattern.compile("Poppy on Apricot: dry through, .* · 10 h")))
                .isVisible();
        page.context().close();
    }

    @Test
    @Order(3)
    void everyMoveIsAddedByKeyboardAlone() {
        Page page = design("Star");
        page.locator("h1").click();
        page.keyboard().press("/");
        page.keyboard().type("stitch");
        page.keyboard().press("Enter");
        Locator heading = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("5 moves"));
        assertThat(heading).isVisible();
        Locator row = page.locator("aside ol > li .row").last();
        assertThat(row).containsText("stitched border");
        row.focus();
        page.keyboard().press("Alt+ArrowUp");
        assertThat(page.locator("aside ol > li .row").nth(3)).containsText("stitched border");
        page.locator("aside ol > li .row").nth(3).focus();
        page.keyboard().press("Delete");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("4 moves")))
                .isVisible();
        page.locator("h1").click();
        page.keyboard().press("/");
        page.keyboard().type("zzz");
        assertThat(page.getByText("No move is called that.")).isVisible();
        page.keyboard().press("Enter");
        page.keyboard().press("Escape");
        assertThat(page.locator("dialog[open]")).hasCount(0);
        saved(page);
        page.context().close();
    }

    @Test
    @Order(4)
    void designsChangePlacesOnTheTray() {
        Page page = BROWSER.open("/orders/1");
        Locator tiles = page.locator("[data-tile]");
        assertThat(tiles.nth(1)).containsText("Wind sock");
        tiles.nth(1).focus();
        page.keyboard().press("Alt+ArrowLeft");
        assertThat(tiles.first()).containsText("Wind sock");
        page.reload();
        assertThat(tiles.first()).containsText("Wind sock");
        press(page, "What to do with Wind sock").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Later on the tray"))
                .click();
        assertThat(tiles.nth(1)).containsText("Wind sock");
        page.context().close();
    }

    @Test
    @Order(5)
    void designGoesThroughTheLibraryIntoAnotherOrdersColours() {
        Page page = design("Diamond kite");
        press(page, "keep in the library").click();
        assertThat(page.getByText("Diamond kite is in the library now")).isVisible();
        page.navigate(APP.url() + "/orders/2");
        press(page, "From the library").click();
        press(page, "Diamond kite").click();
        assertThat(labelled(page, "white parts")).hasValue("white");
        labelled(page, "most of it").selectOption("plum");
        labelled(page, "the next most").selectOption("");
        labelled(page, "how many").fill("many");
        assertThat(page.getByText("Write how many")).isVisible();
        labelled(page, "how many").fill("9");
        press(page, "Put it on the tray").click();
        assertThat(page.getByLabel("Name of the design")).hasValue("Diamond kite");
        String order = APP.get("/api/orders/2").body().toString();
        assertEquals(true, order.contains("\"colour\":\"plum\""));
        saved(page);
        page.context().close();
    }

    @Test
    @Order(6)
    void recolouringReachesEveryMoveAndUndoBringsItBack() {
        Page page = design("Diamond kite");
        press(page, "other colours").click();
        labelled(page, "most of it").selectOption("lagoon");
        page.keyboard().press("Escape");
        Locator rows = page.locator("aside ol > li .row");
        assertThat(rows.filter(new Locator.FilterOptions().setHasText("Lagoon")))
                .hasCount(2);
        page.locator("h1").click();
        page.keyboard().press("Control+z");
        assertThat(rows.filter(new Locator.FilterOptions().setHasText("Lagoon")))
                .hasCount(0);
        saved(page);
        page.context().close();
    }

    @Test
    @Order(7)
    void tenPipedAndWeighedSetTheShopsPiece() {
        Page page = BROWSER.open("/shop#icing");
        Locator ten = page.locator("li", new Page.LocatorOptions().setHasText("a rosette weighs"))
                .getByLabel("ten weigh");
        Locator rosette = page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^a rosette weighs")));
        ten.fill("14.2");
        assertThat(rosette).hasValue("1.42");
        saved(page);
        ten.fill("0");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("from 0.1 to 500 g");
        assertThat(rosette).hasValue("1.42");
        page.context().close();
    }

    @Test
    @Order(8)
    void aBouquetIsPutTogetherAndItsCookiesAreMade() {
        Page page = BROWSER.open("/orders/1");
        press(page, "Put some together").click();
        Locator stars = page.getByLabel("How many Star");
        assertThat(stars).hasValue("8");
        page.locator("[data-place='/details/bundles/0/count'] input").fill("9");
        assertThat(stars).hasValue("9");
        saved(page);
        stars.fill("5");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("9 of Star are in bundles");
        stars.fill("9");
        saved(page);
        press(page, "Take it apart").click();
        assertThat(page.getByText("Put some together")).isVisible();
        assertThat(stars).hasValue("9");
        page.context().close();
    }

    @Test
    @Order(9)
    void nothingComplainedOnTheConsole() {
        assertEquals(List.of(), BROWSER.complaints());
    }
}
