package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static kindthimble.e2e.CookiePages.bowl;
import static kindthimble.e2e.CookiePages.ofMove;
import static kindthimble.e2e.CookiePages.placed;
import static kindthimble.e2e.CookiePages.quick;
import static kindthimble.e2e.CookiePages.whole;
import static kindthimble.e2e.Hands.press;
import static kindthimble.e2e.Hands.saved;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Cookies that are said by pressing them: where marks stand, on which sections, in which colour, along which lines. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class PressedCookieTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static final CookiePages ON = new CookiePages(APP, BROWSER);

    @Test
    @Order(1)
    void marksAreDraggedMovedByKeysAndTakenByAPress() {
        Page page = BROWSER.open("/orders/3/cookie");
        // With nothing in hand, a press on a mark opens its move.
        new Counted(page).press(page.locator("[data-mark-of='6']").first(), 0.05, 0.5);
        Locator row = page.locator("[data-move='6']");
        assertThat(row).hasAttribute("aria-expanded", "true");
        Locator grip = page.locator(".grip").first();
        BoundingBox box = grip.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 - 20, box.y + box.height / 2 + 12);
        page.mouse().up();
        saved(page);
        JsonNode dragged = APP.get("/api/orders/3").body().at("/designs/0/document/moves/6/where/places/0");
        assertTrue(dragged.get("x").asDouble() < 23 && dragged.get("y").asDouble() > 15, dragged::toString);
        grip.focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Shift+ArrowDown");
        saved(page);
        JsonNode moved = APP.get("/api/orders/3").body().at("/designs/0/document/moves/6/where/places/0");
        assertEquals(dragged.get("x").asDouble() + 1, moved.get("x").asDouble(), 0.051);
        assertEquals(dragged.get("y").asDouble() + 0.2, moved.get("y").asDouble(), 0.051);
        // One undo each: the drag was one gesture.
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        saved(page);
        page.context().close();
    }

    @Test
    @Order(2)
    void sectionsAreChosenOnTheDrawing() {
        Page page = BROWSER.open("/orders/1/cookie");
        new Counted(page).press(page.locator("[data-section='a2']"), 0.3, 0.3);
        assertThat(page.getByText("press a colour to flood a2")).isVisible();
        new Counted(page).press(page.locator("[data-section='a4']"), 0.7, 0.7);
        bowl(page, "Sky").click();
        saved(page);
        JsonNode moves = APP.get("/api/orders/1").body().at("/designs/0/document/moves");
        boolean recoloured = false;
        for (JsonNode move : moves) {
            recoloured |= move.get("move").asString().equals("flood")
                    && move.path("on").asString("").equals("a-even")
                    && move.get("colour").asString().equals("sky");
        }
        assertTrue(recoloured, moves::toString);
        page.context().close();
    }

    @Test
    @Order(3)
    void aCookieBeginsWithAPictureOfItsCutter() {
        Page page = ON.fresh(new Counted[1]);
        Locator cutters = page.getByLabel("Its cutter");
        cutters.getByText("heart", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertEquals("heart", ON.stored(page).at("/cutter/shape/kind").asString());
        assertThat(cutters).isHidden();
        Locator name = page.getByLabel("Name of the design");
        name.fill("Clay heart");
        name.press("Enter");
        assertThat(name).not().isFocused();
        quick(page, "dot").click();
        // Later they lie behind the picture of the one that is taken.
        page.locator("button.shape").click();
        cutters.getByText("arch", new Locator.GetByTextOptions().setExact(true)).click();
        assertEquals("arch", ON.stored(page).at("/cutter/shape/kind").asString());
        page.context().close();
    }

    @Test
    @Order(4)
    void aTransferIsIcedMoveByMove() {
        Page page = ON.fresh(new Counted[1]);
        page.getByLabel("Name of the design").press("Escape");
        page.locator("aside").getByText("Add a move").click();
        page.getByLabel("Which move").fill("transfer");
        page.getByLabel("Which move").press("Enter");
        press(page, "Ice it move by move").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("transfer")))
                .isVisible();
        quick(page, "dot").click();
        bowl(page, "Cream").click();
        JsonNode moves = ON.stored(page).at("/moves/2/moves");
        assertEquals(2, moves.size(), moves::toPrettyString);
        assertEquals("flood", moves.at("/0/move").asString());
        assertEquals("cream", moves.at("/1/colour").asString());
        // What is refused inside is said at its own field, and the way back keeps it all.
        ofMove(page, "exactly").fill("59");
        assertThat(page.getByText("does not fit there")).isVisible();
        ofMove(page, "exactly").fill("2");
        saved(page);
        page.locator("main button").getByText("‹").click();
        assertThat(page.getByText("Open its own design, 2 moves")).isVisible();
        assertEquals(2.0, ON.stored(page).at("/moves/2/moves/1/diameterMm").asDouble());
        page.keyboard().press("Escape");
        page.keyboard().press("Control+z");
        saved(page);
        page.context().close();
    }

    @Test
    @Order(5)
    void aLineIsBentAndAnOutlineDrawnOnTheCookie() {
        Counted[] counted = new Counted[1];
        Page page = ON.fresh(counted);
        quick(page, "line").click();
        placed(page).selectOption("PATH");
        assertThat(page.getByText("Draw its line on the cookie.")).isVisible();
        whole(page).click(new Locator.ClickOptions().setPosition(80, 120));
        whole(page).click(new Locator.ClickOptions().setPosition(200, 120));
        assertTrue(ON.stored(page).at("/moves/2/where/path").asString().matches("M\\S+ \\S+L\\S+ \\S+"));
        BoundingBox bend = page.locator("[data-bend='0']").boundingBox();
        counted[0].drag(new double[][] {
            {bend.x + bend.width / 2, bend.y + bend.height / 2},
            {bend.x + bend.width / 2, bend.y + 20},
            {bend.x + bend.width / 2, bend.y + 40}
        });
        String bent = ON.stored(page).at("/moves/2/where/path").asString();
        assertTrue(bent.contains("Q"), bent);
        // By keys: a point more in the middle, moved and taken away again.
        page.locator("[data-bend='0']").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-point]")).hasCount(3);
        page.locator("[data-point='1']").focus();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("Delete");
        assertThat(page.locator("[data-point]")).hasCount(2);
        page.keyboard().press("Escape");
        page.locator("aside").getByText("Add a move").click();
        page.getByLabel("Which move").fill("second flood");
        page.getByLabel("Which move").press("Enter");
        press(page, "draw it on the cookie").click();
        whole(page).click(new Locator.ClickOptions().setPosition(90, 60));
        whole(page).click(new Locator.ClickOptions().setPosition(170, 60));
        whole(page).click(new Locator.ClickOptions().setPosition(130, 110));
        JsonNode flood = ON.stored(page).at("/moves/3");
        assertTrue(flood.get("path").asString().endsWith("Z"), flood::toString);
        assertTrue(flood.get("sizeMm").asDouble() > 10, flood::toString);
        assertThat(page.locator("[data-point]")).hasCount(3);
        page.context().close();
    }

    @Test
    @Order(6)
    void aMarkIsSizedByItsKnobAndTheCookieShownAsItDries() {
        Page page = ON.fresh(new Counted[1]);
        quick(page, "dot").click();
        bowl(page, "Cream").click();
        whole(page).click(new Locator.ClickOptions().setPosition(60, 60));
        saved(page);
        BoundingBox knob = page.locator("[data-size-of='0']").boundingBox();
        page.mouse().move(knob.x + knob.width / 2, knob.y + knob.height / 2);
        page.mouse().down();
        page.mouse().move(knob.x + knob.width / 2 + 24, knob.y + knob.height / 2);
        page.mouse().up();
        assertTrue(ON.stored(page).at("/moves/2/diameterMm").asDouble() > 5, "pulled out from 4 mm");
        quick(page, "line").click();
        bowl(page, "Soot").click();
        saved(page);
        page.getByLabel("As it dries").fill("0");
        assertThat(page.locator("[data-shine='wet']").first()).isVisible();
        assertThat(page.getByText("pass 1, wet")).isVisible();
        assertEquals(0, page.locator("main [data-shine='dry']").count(), "nothing is dry yet");
        page.getByLabel("As it dries").fill("3");
        assertThat(page.getByText("pass 2, dry")).isVisible();
        page.locator("aside").getByText("2 passes").click();
        assertThat(page.getByText(": dry through, so that it bears it")
                        .or(page.getByText(": dry through, or it bleeds")))
                .isVisible();
        assertThat(page.getByText("at this stage too:").first()).isVisible();
        page.context().close();
    }
}
