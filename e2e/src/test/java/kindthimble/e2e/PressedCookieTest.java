package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
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

/** Cookies that are said by pressing them: where marks stand, on which sections, in which colour; and how few presses that takes. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class PressedCookieTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static Page fresh(Counted[] hands) {
        Page page = BROWSER.open("/orders/3/cookie");
        hands[0] = new Counted(page);
        hands[0].press(press(page, "Add a design"));
        assertThat(page.getByLabel("Name of the design")).isFocused();
        saved(page);
        return page;
    }

    /** What is stored of the design that is open. */
    private static JsonNode stored(Page page) {
        saved(page);
        String url = page.url();
        String id = url.substring(url.lastIndexOf('/') + 1);
        for (JsonNode design : APP.get("/api/orders/3").body().get("designs")) {
            if (design.get("id").asString().equals(id)) {
                return design.get("document");
            }
        }
        throw new AssertionError("no design " + id);
    }

    private static Locator quick(Page page, String word) {
        return page.locator("[data-add-move] .chip").getByText(word, new Locator.GetByTextOptions().setExact(true));
    }

    private static Locator bowl(Page page, String colour) {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Colours"))
                .getByText(colour);
    }

    private static Locator whole(Page page) {
        return page.locator("[data-section]").first();
    }

    /** A field of the open move. */
    private static Locator ofMove(Page page, String label) {
        return page.locator("aside .form .field:has(.label:text-is('" + label + "'))")
                .locator("input, select");
    }

    private static Locator placed(Page page) {
        return page.locator(".where select").first();
    }

    @Test
    @Order(1)
    void aFaceWithASmileTakesAtMostTwentyPresses() {
        Counted[] counted = new Counted[1];
        Page page = fresh(counted);
        Counted hands = counted[0];
        assertTrue(hands.presses() <= 6, "a round with outline and flood");
        hands.press(quick(page, "dot"));
        hands.press(bowl(page, "Cream"));
        hands.press(whole(page), 0.68, 0.4);
        hands.key("m");
        hands.pick(ofMove(page, "size"), "LARGE");
        for (String colour : new String[] {"Cobalt glaze", "Soot"}) {
            hands.press(quick(page, "dot"));
            hands.press(bowl(page, colour));
            hands.pick(placed(page), "MARKS");
        }
        hands.press(quick(page, "dot"));
        hands.press(bowl(page, "Ember"));
        hands.press(whole(page), 0.75, 0.62);
        hands.key("m");
        hands.press(quick(page, "drop"));
        hands.press(whole(page), 0.5, 0.55);
        hands.press(quick(page, "line"));
        smile(hands, page);
        JsonNode design = stored(page);
        System.out.println("A face: " + hands.presses() + " presses");
        assertTrue(hands.presses() <= 20, "presses: " + hands.presses());
        assertEquals(8, design.get("moves").size(), design::toPrettyString);
        JsonNode eye = design.at("/moves/2");
        assertEquals("cream", eye.get("colour").asString());
        assertEquals("BOTH_SIDES", eye.at("/where/mirrored").asString());
        assertTrue(eye.at("/where/places/0/x").asDouble() > 8, eye::toString);
        assertTrue(eye.at("/where/places/0/y").asDouble() < -4, eye::toString);
        assertEquals("dot 1", design.at("/moves/3/where/marks").asString());
        assertEquals("dot 2", design.at("/moves/4/where/marks").asString());
        assertEquals("SMALL", design.at("/moves/4/size").asString());
        // One curve from cheek to cheek, its belly down.
        assertTrue(
                design.at("/moves/7/where/path").asString().matches("M\\S+ \\S+Q\\S+ \\S+ \\S+ \\S+"),
                design.at("/moves/7")::toString);
        // Two eyes of three dots each.
        long id = Long.parseLong(page.url().substring(page.url().lastIndexOf('/') + 1));
        for (JsonNode one : APP.get("/api/orders/3").body().get("designs")) {
            if (one.get("id").asLong() == id) {
                assertEquals(2, one.at("/cookie/standing/4").size());
                assertEquals(
                        one.at("/cookie/standing/2/0/x").asDouble(),
                        one.at("/cookie/standing/4/0/x").asDouble());
                assertEquals(
                        0,
                        one.at("/cookie/cautions").findValuesAsString("weight").stream()
                                .filter("WILL_SPOIL"::equals)
                                .count());
            }
        }
        page.context().close();
    }

    private static void smile(Counted hands, Page page) {
        saved(page);
        BoundingBox box = whole(page).boundingBox();
        double[][] way = new double[20][];
        for (int i = 0; i < way.length; i++) {
            double share = i / (way.length - 1.0);
            way[i] = new double[] {
                box.x + box.width * (0.3 + 0.4 * share), box.y + box.height * (0.66 + 0.13 * Math.sin(Math.PI * share))
            };
        }
        hands.drag(way);
    }

    @Test
    @Order(2)
    void wetHeartsTakeAtMostEightPresses() {
        Counted[] counted = new Counted[1];
        Page page = fresh(counted);
        Counted hands = counted[0];
        hands.press(quick(page, "dot"));
        hands.press(bowl(page, "Cream"));
        hands.pick(ofMove(page, "drag"), "HEARTS");
        assertEquals("HEARTS", stored(page).at("/moves/2/drag").asString());
        assertTrue(hands.presses() <= 8, "presses: " + hands.presses());
        page.context().close();
    }

    @Test
    @Order(3)
    void sixWedgesInTwoColoursWithADiscTakeAtMostFourteen() {
        Counted[] counted = new Counted[1];
        Page page = fresh(counted);
        Counted hands = counted[0];
        page.locator("h1").click();
        hands.key("/");
        page.keyboard().type("rings");
        hands.key("Enter");
        hands.write(ofMove(page, "how many"), "2");
        saved(page);
        hands.press(page.locator("[data-section='a1']"), 0.04, 0.5);
        page.locator("h1").click();
        hands.key("/");
        page.keyboard().type("spokes");
        hands.key("Enter");
        hands.write(ofMove(page, "how many"), "6");
        saved(page);
        hands.press(quick(page, "flood"));
        hands.press(press(page, "every other one of b"));
        hands.press(bowl(page, "Cream"));
        JsonNode design = stored(page);
        System.out.println("A wheel: " + hands.presses() + " presses");
        assertTrue(hands.presses() <= 14, "presses: " + hands.presses());
        assertEquals("b-odd", design.at("/moves/4/on").asString(), design::toPrettyString);
        page.context().close();
    }

    @Test
    @Order(4)
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
    @Order(5)
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
    @Order(6)
    void aCookieBeginsWithAPictureOfItsCutter() {
        Page page = fresh(new Counted[1]);
        Locator cutters = page.getByLabel("Its cutter");
        cutters.getByText("heart", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertEquals("heart", stored(page).at("/cutter/shape/kind").asString());
        assertThat(cutters).isHidden();
        Locator name = page.getByLabel("Name of the design");
        name.fill("Clay heart");
        name.press("Enter");
        assertThat(name).not().isFocused();
        quick(page, "dot").click();
        // Later they lie behind the picture of the one that is taken.
        page.locator("button.shape").click();
        cutters.getByText("arch", new Locator.GetByTextOptions().setExact(true)).click();
        assertEquals("arch", stored(page).at("/cutter/shape/kind").asString());
        page.context().close();
    }

    @Test
    @Order(7)
    void aTransferIsIcedMoveByMove() {
        Page page = fresh(new Counted[1]);
        page.getByLabel("Name of the design").press("Escape");
        page.locator("aside").getByText("Add a move").click();
        page.getByLabel("Which move").fill("transfer");
        page.getByLabel("Which move").press("Enter");
        press(page, "Ice it move by move").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("transfer")))
                .isVisible();
        quick(page, "dot").click();
        bowl(page, "Cream").click();
        JsonNode moves = stored(page).at("/moves/2/moves");
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
        assertEquals(2.0, stored(page).at("/moves/2/moves/1/diameterMm").asDouble());
        page.keyboard().press("Escape");
        page.keyboard().press("Control+z");
        saved(page);
        page.context().close();
    }

    private static Locator cutter(Page page, String word) {
        return page.getByLabel("Its cutter").getByText(word, new Locator.GetByTextOptions().setExact(true));
    }

    private static void add(Counted hands, Page page, String word) {
        page.locator("h1").click();
        hands.key("/");
        page.keyboard().type(word);
        hands.key("Enter");
    }

    @Test
    @Order(10)
    void aNamePlaqueTakesAtMostTenPresses() {
        Counted[] counted = new Counted[1];
        Page page = fresh(counted);
        Counted hands = counted[0];
        hands.press(cutter(page, "banner"));
        hands.press(quick(page, "writing"));
        hands.write(ofMove(page, "text"), "Kiln");
        hands.press(bowl(page, "Soot"));
        add(hands, page, "bead border");
        hands.press(bowl(page, "Celadon"));
        JsonNode design = stored(page);
        System.out.println("A plaque: " + hands.presses() + " presses");
        assertTrue(hands.presses() <= 10, "presses: " + hands.presses());
        assertEquals("banner", design.at("/cutter/shape/kind").asString());
        assertEquals("Kiln", design.at("/moves/2/text").asString(), design::toPrettyString);
        assertEquals("celadon", design.at("/moves/3/colour").asString());
        page.context().close();
    }

    @Test
    @Order(11)
    void aFruitWithSeedsAndACrownOfLeavesTakesAtMostSixteen() {
        Counted[] counted = new Counted[1];
        Page page = fresh(counted);
        Counted hands = counted[0];
        hands.press(cutter(page, "heart"));
        hands.press(bowl(page, "Ember"));
        hands.press(whole(page), 0.5, 0.5);
        hands.press(quick(page, "drop"));
        hands.press(bowl(page, "Cream"));
        hands.write(ofMove(page, "how many"), "12");
        hands.press(quick(page, "piece"));
        hands.press(bowl(page, "Celadon"));
        hands.pick(ofMove(page, "what"), "LEAF");
        hands.press(whole(page), 0.4, 0.2);
        hands.press(whole(page), 0.5, 0.35);
        hands.press(whole(page), 0.6, 0.2);
        JsonNode design = stored(page);
        System.out.println("A fruit: " + hands.presses() + " presses");
        assertTrue(hands.presses() <= 16, "presses: " + hands.presses());
        assertEquals("ember", design.at("/moves/1/colour").asString(), design::toPrettyString);
        assertEquals("ember", design.at("/moves/0/colour").asString(), "its outline with it");
        assertEquals(3, design.at("/moves/3/where/places").size(), design::toPrettyString);
        page.context().close();
    }

    @Test
    @Order(12)
    void aScarfOfThreePatternsTakesAtMostFifteen() {
        Counted[] counted = new Counted[1];
        Page page = fresh(counted);
        Counted hands = counted[0];
        hands.press(cutter(page, "square"));
        hands.press(quick(page, "bands"));
        saved(page);
        hands.press(page.locator("[data-section='a1']"), 0.5, 0.5);
        hands.press(quick(page, "dot"));
        hands.press(bowl(page, "Cream"));
        close(hands, page);
        hands.press(page.locator("[data-section='a2']"), 0.5, 0.5);
        add(hands, page, "wet line");
        hands.press(bowl(page, "Celadon"));
        close(hands, page);
        hands.press(page.locator("[data-section='a3']"), 0.5, 0.5);
        hands.press(quick(page, "drop"));
        hands.press(bowl(page, "Ember"));
        JsonNode design = stored(page);
        System.out.println("A scarf: " + hands.presses() + " presses");
        assertTrue(hands.presses() <= 15, "presses: " + hands.presses());
        assertEquals("a1", design.at("/moves/3/on").asString(), design::toPrettyString);
        assertEquals("a2", design.at("/moves/4/on").asString(), design::toPrettyString);
        assertEquals("a3", design.at("/moves/5/on").asString(), design::toPrettyString);
        page.context().close();
    }

    private static void close(Counted hands, Page page) {
        saved(page);
        hands.press(page.locator("[aria-expanded='true']").first());
    }

    @Test
    @Order(9)
    void aLineIsBentAndAnOutlineDrawnOnTheCookie() {
        Counted[] counted = new Counted[1];
        Page page = fresh(counted);
        quick(page, "line").click();
        placed(page).selectOption("PATH");
        assertThat(page.getByText("Draw its line on the cookie.")).isVisible();
        whole(page).click(new Locator.ClickOptions().setPosition(80, 120));
        whole(page).click(new Locator.ClickOptions().setPosition(200, 120));
        assertTrue(stored(page).at("/moves/2/where/path").asString().matches("M\\S+ \\S+L\\S+ \\S+"));
        BoundingBox bend = page.locator("[data-bend='0']").boundingBox();
        counted[0].drag(new double[][] {
            {bend.x + bend.width / 2, bend.y + bend.height / 2},
            {bend.x + bend.width / 2, bend.y + 20},
            {bend.x + bend.width / 2, bend.y + 40}
        });
        String bent = stored(page).at("/moves/2/where/path").asString();
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
        JsonNode flood = stored(page).at("/moves/3");
        assertTrue(flood.get("path").asString().endsWith("Z"), flood::toString);
        assertTrue(flood.get("sizeMm").asDouble() > 10, flood::toString);
        assertThat(page.locator("[data-point]")).hasCount(3);
        page.context().close();
    }

    @Test
    @Order(8)
    void aMarkIsSizedByItsKnobAndTheCookieShownAsItDries() {
        Page page = fresh(new Counted[1]);
        quick(page, "dot").click();
        bowl(page, "Cream").click();
        whole(page).click(new Locator.ClickOptions().setPosition(60, 60));
        saved(page);
        BoundingBox knob = page.locator("[data-size-of='0']").boundingBox();
        page.mouse().move(knob.x + knob.width / 2, knob.y + knob.height / 2);
        page.mouse().down();
        page.mouse().move(knob.x + knob.width / 2 + 24, knob.y + knob.height / 2);
        page.mouse().up();
        assertTrue(stored(page).at("/moves/2/diameterMm").asDouble() > 5, "pulled out from 4 mm");
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
