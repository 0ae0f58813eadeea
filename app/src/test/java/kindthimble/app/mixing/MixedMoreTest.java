package kindthimble.app.mixing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** An order whose dough and base were begun for 24 cookies, and that becomes 60: what is made and mixed more is work like any other. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class MixedMoreTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final long ORDER = 4;
    private static final List<String> SUGARS = List.of("icing sugar", "plain flour");
    private static int presses;

    private static JsonNode get(String path) {
        return APP.get("/api/orders/" + ORDER + path).body();
    }

    private static List<JsonNode> steps(String doing) {
        List<JsonNode> steps = new ArrayList<>();
        for (JsonNode step : get("/bench").get("steps")) {
            if (step.get("doing").asString().equals(doing)) {
                steps.add(step);
            }
        }
        return steps;
    }

    private static String press(String what, JsonNode step, double amount, String words) {
        String id = "more-" + ++presses;
        RunningApp.Answer answer = APP.post(
                "/api/orders/" + ORDER + "/bench",
                "[{\"id\": \"%s\", \"at\": \"%s\", \"device\": \"\", \"what\": \"%s\", \"step\": \"%s\", \"amount\": %s, \"words\": \"%s\"}]"
                        .formatted(id, Instant.now(), what, step.get("key").asString(), amount, words));
        assertEquals(200, answer.status(), answer::toString);
        return id;
    }

    private static double weighed(JsonNode step) {
        double grams = 0;
        for (JsonNode line : step.get("weighed")) {
            grams += line.get("grams").asDouble();
        }
        return grams;
    }

    private static void count(int count) {
        JsonNode design = get("").at("/designs/0");
        assertEquals(
                200,
                APP.change("/api/orders/" + ORDER, "/designs/" + design.get("id") + "/count", count)
                        .status());
    }

    @Test
    @Order(1)
    void whatWasBegunStaysAndTheRestIsWorkLikeAnyOther() {
        JsonNode dough = steps("DOUGH").get(0);
        press("DONE", dough, weighed(dough), "");
        steps("BASE").forEach(step -> press("DONE", step, 0, ""));
        double begun = get("/mixing").at("/since/begun/baseGrams").asDouble();
        count(60);
        JsonNode mixing = get("/mixing");
        JsonNode since = mixing.get("since");
        assertEquals(begun, since.at("/begun/baseGrams").asDouble(), "what was begun stays");
        assertEquals(weighed(dough), since.at("/begun/doughGrams").asDouble(), 1e-6);
        List<JsonNode> doughs = steps("DOUGH");
        assertEquals(
                List.of(0, 1),
                doughs.stream().map(step -> step.get("addition").asInt()).toList());
        assertEquals(weighed(dough), weighed(doughs.get(0)), 1e-6);
        assertEquals(weighed(doughs.get(1)), since.at("/more/doughGrams").asDouble(), 1e-6);
        assertTrue(weighed(dough) + weighed(doughs.get(1))
                >= since.at("/now/doughGrams").asDouble() - 60);
        JsonNode base = steps("BASE").get(1);
        assertEquals(1, base.get("addition").asInt());
        assertEquals(
                base.at("/mixed/grams").asDouble(), since.at("/more/baseGrams").asDouble(), 1e-6);
        assertEquals(6, since.at("/more/boxes").asInt(), "10 boxes of 6 for 60, 4 for 24");
        assertEquals(get("").at("/begun/moreGrams"), since.at("/more/baseGrams"), "and the order says the same");
        List<String> clock = new ArrayList<>();
        for (JsonNode row : get("/clock").get("rows")) {
            for (JsonNode run : row.get("runs")) {
                if (run.get("addition").asInt() > 0) {
                    clock.add(run.get("doing").asString());
                }
            }
        }
        assertTrue(clock.containsAll(List.of("DOUGH", "BASE", "BOWL")), clock::toString);
    }

    /** What goes off the shelf for it is what the list asked for, and no more is asked for then. */
    @Test
    @Order(2)
    void itComesOffTheShelfAndIsNotOnTheListAnyMore() {
        Map<String, Double> wanted = new TreeMap<>();
        for (JsonNode line : get("/mixing").get("shopping")) {
            wanted.put(line.get("name").asString(), line.get("needed").asDouble());
        }
        SUGARS.forEach(name -> APP.change("/api/shop", "/stock/" + name, 10_000));
        press("BEGUN", steps("BASE").get(1), 0, "");
        JsonNode dough = steps("DOUGH").get(1);
        press("BEGUN", dough, weighed(dough), "");
        for (String name : SUGARS) {
            assertEquals(10_000 - wanted.get(name), APP.stock().get(name), 0.05, name);
        }
        for (JsonNode line : get("/mixing").get("shopping")) {
            if (SUGARS.contains(line.get("name").asString())) {
                assertEquals(0, line.get("needed").asDouble(), 0.05, line::toString);
            }
        }
    }

    @Test
    @Order(3)
    void whatIsBegunOfItIsKeptAndComesBackWhereThatIsUndone() {
        JsonNode kept = get("/mixing").at("/additions/0");
        assertTrue(kept.get("isKept").asBoolean());
        count(72);
        JsonNode mixing = get("/mixing");
        assertEquals(kept, mixing.at("/additions/0"), "it stays as it was begun");
        assertEquals(2, mixing.get("additions").size());
        assertFalse(mixing.at("/additions/1/isKept").asBoolean());
        assertEquals(2, steps("BASE").get(2).get("addition").asInt());
        count(60);
        assertEquals(1, get("/mixing").get("additions").size(), "nothing is mixed twice");
        String path = "/api/orders/" + ORDER + "/mixing/more";
        assertEquals(422, APP.call("DELETE", path, null).status(), "it is being mixed");
        press("UNDONE", steps("BASE").get(1), 0, "more-" + (presses - 1));
        double before = APP.stock().get("icing sugar");
        assertEquals(10_000, before, 0.05, "back on the shelf");
        assertEquals(200, APP.call("DELETE", path, null).status());
        assertFalse(get("/mixing").at("/additions/0/isKept").asBoolean());
        assertEquals(422, APP.call("DELETE", path, null).status());
    }

    @Test
    @Order(4)
    void fewerCookiesSayWhatBecomesTooMuch() {
        count(12);
        JsonNode since = get("/mixing").get("since");
        assertEquals(0, get("/mixing").get("additions").size());
        assertEquals(0, since.at("/more/baseGrams").asDouble());
        assertEquals(2, since.at("/tooMuch/boxes").asInt(), "4 boxes for 24, 2 for 12");
        assertTrue(since.at("/tooMuch/doughGrams").asDouble() > 500);
        for (JsonNode one : since.get("colours")) {
            assertTrue(one.get("tooMuchGrams").asDouble() > 1, one::toString);
            assertEquals(0, one.get("missingGrams").asDouble());
        }
        assertEquals(1, steps("BASE").size());
    }

    /** What tops a bag up is told with the rest, and asks for nothing. */
    @Test
    @Order(5)
    void aTopUpIsToldBesideIt() {
        JsonNode bag = get("/bench").at("/bags/0");
        double begun = get("/mixing").at("/since/begun/baseGrams").asDouble();
        JsonNode ice = steps("ICE").get(0);
        press("ADDED", ice, 40, bag.get("key").asString());
        press("ADDED", ice, 15, bag.get("key").asString());
        press("ADDED", ice, 9, "base");
        JsonNode since = get("/mixing").get("since");
        assertEquals(1, since.get("toppedUp").size());
        assertEquals(55, since.at("/toppedUp/0/grams").asDouble());
        assertTrue(bag.get("key")
                .asString()
                .startsWith(since.at("/toppedUp/0/colour").asString() + " "));
        assertEquals(begun, since.at("/begun/baseGrams").asDouble());
        assertEquals(0, since.at("/more/baseGrams").asDouble());
    }

    /** A program presses that dough is done, and says no weight: it was the rest, and is not asked for again. */
    @Test
    @Order(6)
    void doughOfWhichNothingWasSaidIsNotAskedForAgain() {
        count(84);
        List<JsonNode> doughs = steps("DOUGH");
        JsonNode more = doughs.stream()
                .max(Comparator.comparingInt(step -> step.get("addition").asInt()))
                .orElseThrow();
        assertEquals(2, more.get("addition").asInt(), "the first of them was begun for 60");
        press("DONE", more, 0, "");
        assertEquals(0, get("/mixing").at("/since/more/doughGrams").asDouble());
    }
}
