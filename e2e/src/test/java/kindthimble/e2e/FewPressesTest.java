package kindthimble.e2e;

import static kindthimble.e2e.CookiePages.bowl;
import static kindthimble.e2e.CookiePages.cutter;
import static kindthimble.e2e.CookiePages.ofMove;
import static kindthimble.e2e.CookiePages.placed;
import static kindthimble.e2e.CookiePages.quick;
import static kindthimble.e2e.CookiePages.whole;
import static kindthimble.e2e.Hands.press;
import static kindthimble.e2e.Hands.saved;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** How few presses a cookie takes, everything counted. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FewPressesTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static final CookiePages ON = new CookiePages(APP, BROWSER);

    @Test
    @Order(1)
    void aFaceWithASmileTakesAtMostTwentyPresses() {
        Counted[] counted = new Counted[1];
        Page page = ON.fresh(counted);
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
        JsonNode design = ON.stored(page);
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
        Page page = ON.fresh(counted);
        Counted hands = counted[0];
        hands.press(quick(page, "dot"));
        hands.press(bowl(page, "Cream"));
        hands.pick(ofMove(page, "drag"), "HEARTS");
        assertEquals("HEARTS", ON.stored(page).at("/moves/2/drag").asString());
        assertTrue(hands.presses() <= 8, "presses: " + hands.presses());
        page.context().close();
    }

    @Test
    @Order(3)
    void sixWedgesInTwoColoursWithADiscTakeAtMostFourteen() {
        Counted[] counted = new Counted[1];
        Page page = ON.fresh(counted);
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
        JsonNode design = ON.stored(page);
        System.out.println("A wheel: " + hands.presses() + " presses");
        assertTrue(hands.presses() <= 14, "presses: " + hands.presses());
        assertEquals("b-odd", design.at("/moves/4/on").asString(), design::toPrettyString);
        page.context().close();
    }

    private static void add(Counted hands, Page page, String word) {
        page.locator("h1").click();
        hands.key("/");
        page.keyboard().type(word);
        hands.key("Enter");
    }

    @Test
    @Order(4)
    void aNamePlaqueTakesAtMostTenPresses() {
        Counted[] counted = new Counted[1];
        Page page = ON.fresh(counted);
        Counted hands = counted[0];
        hands.press(cutter(page, "banner"));
        hands.press(quick(page, "writing"));
        hands.write(ofMove(page, "text"), "Kiln");
        hands.press(bowl(page, "Soot"));
        add(hands, page, "bead border");
        hands.press(bowl(page, "Celadon"));
        JsonNode design = ON.stored(page);
        System.out.println("A plaque: " + hands.presses() + " presses");
        assertTrue(hands.presses() <= 10, "presses: " + hands.presses());
        assertEquals("banner", design.at("/cutter/shape/kind").asString());
        assertEquals("Kiln", design.at("/moves/2/text").asString(), design::toPrettyString);
        assertEquals("celadon", design.at("/moves/3/colour").asString());
        page.context().close();
    }

    @Test
    @Order(5)
    void aFruitWithSeedsAndACrownOfLeavesTakesAtMostSixteen() {
        Counted[] counted = new Counted[1];
        Page page = ON.fresh(counted);
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
        JsonNode design = ON.stored(page);
        System.out.println("A fruit: " + hands.presses() + " presses");
        assertTrue(hands.presses() <= 16, "presses: " + hands.presses());
        assertEquals("ember", design.at("/moves/1/colour").asString(), design::toPrettyString);
        assertEquals("ember", design.at("/moves/0/colour").asString(), "its outline with it");
        assertEquals(3, design.at("/moves/3/where/places").size(), design::toPrettyString);
        page.context().close();
    }

    @Test
    @Order(6)
    void aScarfOfThreePatternsTakesAtMostFourteen() {
        Counted[] counted = new Counted[1];
        Page page = ON.fresh(counted);
        Counted hands = counted[0];
        hands.press(cutter(page, "square"));
        hands.press(quick(page, "bands"));
        saved(page);
        hands.press(page.locator("[data-section='a1']"), 0.5, 0.5);
        hands.press(quick(page, "dot"));
        hands.press(bowl(page, "Cream"));
        // A press beside where the dots lie is for what comes next.
        saved(page);
        hands.press(page.locator("[data-section='a2']"), 0.5, 0.5);
        add(hands, page, "wet line");
        hands.press(bowl(page, "Celadon"));
        close(hands, page);
        hands.press(page.locator("[data-section='a3']"), 0.5, 0.5);
        hands.press(quick(page, "drop"));
        hands.press(bowl(page, "Ember"));
        JsonNode design = ON.stored(page);
        System.out.println("A scarf: " + hands.presses() + " presses");
        assertTrue(hands.presses() <= 14, "presses: " + hands.presses());
        assertEquals("a1", design.at("/moves/3/on").asString(), design::toPrettyString);
        assertEquals("a2", design.at("/moves/4/on").asString(), design::toPrettyString);
        assertEquals("a3", design.at("/moves/5/on").asString(), design::toPrettyString);
        page.context().close();
    }

    private static void close(Counted hands, Page page) {
        saved(page);
        hands.press(page.locator("[aria-expanded='true']").first());
    }
}
