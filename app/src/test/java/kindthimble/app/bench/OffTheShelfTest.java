package kindthimble.app.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.app.stock.Takings;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** What is begun at the bench is off the shelf, and back on it where that is undone. */
class OffTheShelfTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final Presses HANDS = new Presses(APP);

    /** Mixing takes its ingredients off the shelf when it is begun, and keeps the plan; undone, they are back. */
    @Test
    void whatIsBegunComesOffTheShelfAndUndoPutsItBack() {
        JsonNode mix = HANDS.steps(HANDS.bench(6), "BASE").get(0);
        double sugar = HANDS.stock("icing sugar");
        double wanted = mix.at("/weighed/0/grams").asDouble();
        String begun = HANDS.event("BEGUN", mix.get("key").asString(), 0, "");
        HANDS.take(6, begun);
        HANDS.take(6, HANDS.event("DONE", mix.get("key").asString(), 0, ""));
        assertEquals(Math.max(0, sugar - wanted), HANDS.stock("icing sugar"), 1e-6);
        assertFalse(APP.get("/api/orders/6/mixing").body().get("startedAt").isNull());
        for (JsonNode event : HANDS.bench(6).get("pressed")) {
            HANDS.take(
                    6,
                    HANDS.event(
                            "UNDONE",
                            mix.get("key").asString(),
                            0,
                            event.get("id").asString()));
        }
        assertEquals(sugar, HANDS.stock("icing sugar"), 1e-6);

        JsonNode pack = HANDS.steps(HANDS.bench(6), "PACK").get(0);
        APP.change("/api/shop", "/stock/cookie bags", 50);
        double piping = HANDS.stock("bags");
        HANDS.take(6, HANDS.event("BEGUN", pack.get("key").asString(), 0, ""));
        assertEquals(50 - pack.get("cookies").asInt(), HANDS.stock("cookie bags"));
        assertEquals(piping, HANDS.stock("bags"), "bags to pipe with are other bags");
        // A box holds six: 36 cookies take six boxes.
        double boxes = HANDS.stock("boxes");
        HANDS.take(
                6,
                HANDS.event(
                        "BEGUN",
                        HANDS.steps(HANDS.bench(6), "LABEL").get(0).get("key").asString(),
                        0,
                        ""));
        assertEquals(boxes - 6, HANDS.stock("boxes"));
    }

    /** Each taking is an entry of its own, and what is put back another one: with the shelf they add up to what there was. */
    @Test
    void whatIsTakenAndPutBackIsAccountedFor() {
        JsonNode pack = HANDS.steps(HANDS.bench(4), "PACK").get(0);
        String key = pack.get("key").asString();
        String name = pack.at("/packaging/0/name").asString();
        double pieces = pack.at("/packaging/0/pieces").asDouble();
        double before = HANDS.stock(name);
        Takings takings = APP.bean(Takings.class);
        assertFalse(takings.standing(List.of(4L)).containsKey(key));
        for (int times = 1; times <= 2; times++) {
            String begun = HANDS.event("BEGUN", key, 0, "");
            HANDS.take(4, begun);
            assertEquals(
                    pieces, takings.standing(List.of(4L)).get(key).amounts().get(name), 1e-9);
            assertEquals(before, HANDS.stock(name) + pieces, 1e-9);
            HANDS.take(4, HANDS.event("UNDONE", key, 0, begun.replaceFirst("(?s).*\"id\": \"(t\\d+)\".*", "$1")));
            assertFalse(takings.standing(List.of(4L)).containsKey(key));
            assertEquals(before, HANDS.stock(name), 1e-9);
            assertEquals(
                    2L * times,
                    APP.bean(JdbcTemplate.class)
                            .queryForObject("select count(*) from shelf_taking where step = ?", Long.class, key));
        }
    }

    private static Map<String, Double> toBuy(long order) {
        Map<String, Double> needed = new TreeMap<>();
        for (JsonNode line : APP.get("/api/orders/" + order + "/mixing").body().get("shopping")) {
            needed.put(line.get("name").asString(), line.get("needed").asDouble());
        }
        return needed;
    }

    /** What is begun is off the shelf and off the list: what the list had before is what was taken, and what it still has. */
    @Test
    void whatWasTakenIsNotOnTheListAnyMore() {
        Map<String, Double> before = toBuy(5);
        JsonNode dough = HANDS.steps(HANDS.bench(5), "DOUGH").get(0);
        assertTrue(before.containsKey("plain flour"), before::toString);
        HANDS.take(5, HANDS.event("BEGUN", dough.get("key").asString(), 0, ""));
        Map<String, Double> after = toBuy(5);
        for (JsonNode line : dough.get("weighed")) {
            String name = line.get("name").asString();
            double taken = APP.bean(Takings.class)
                    .standing(List.of(5L))
                    .get(dough.get("key").asString())
                    .wanted()
                    .getOrDefault(name, 0.0);
            assertTrue(taken > 0, name);
            assertEquals(before.get(name), after.getOrDefault(name, 0.0) + taken, 1e-6, name);
        }
        assertTrue(after.containsKey("cookie bags"), "what is not begun stands there as before");
        assertEquals(before.get("cookie bags"), after.get("cookie bags"));
    }

    /** A small bowl that tops a bag up takes what goes into it: its base by the recipe, its gel by weight; taken back, all of that returns. */
    @Test
    void aTopUpComesOffTheShelf() {
        JsonNode bench = HANDS.bench(4);
        JsonNode ice = HANDS.steps(bench, "ICE").stream()
                .filter(step -> !step.at("/bags/0/key").asString().isEmpty())
                .findFirst()
                .orElseThrow();
        String key = ice.at("/bags/0/key").asString();
        JsonNode making = null;
        for (JsonNode bag : bench.get("bags")) {
            making = bag.get("key").asString().equals(key) ? bag.get("making") : making;
        }
        assertEquals(
                1,
                making.get("base").asDouble()
                        + making.get("water").asDouble()
                        + making.get("sugar").asDouble()
                        + making.get("gel").asDouble(),
                1e-9,
                "a gram is a gram");
        double sugar = 0;
        for (JsonNode line : making.get("weighed")) {
            sugar += line.get("name").asString().equals("icing sugar")
                    ? line.get("grams").asDouble()
                    : 0;
        }
        double before = HANDS.stock("icing sugar");
        String added = HANDS.event("ADDED", ice.get("key").asString(), 30, key);
        HANDS.take(4, added);
        // 5 g stay in the bowl.
        assertEquals(before - 35 * making.get("base").asDouble() * sugar, HANDS.stock("icing sugar"), 1e-6);
        HANDS.take(
                4,
                HANDS.event(
                        "UNDONE",
                        ice.get("key").asString(),
                        0,
                        added.replaceFirst("(?s).*\"id\": \"(t\\d+)\".*", "$1")));
        assertEquals(before, HANDS.stock("icing sugar"), 1e-9);
    }
}
