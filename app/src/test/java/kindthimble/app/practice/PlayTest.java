package kindthimble.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import kindthimble.app.testing.RunningApp;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.Happened;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** An order that is played in the practice kitchen, whose scale is a program of its own. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class PlayTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final long ORDER = 6;
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static int ids;
    private static int minutes;

    private static JsonNode bench(long order) {
        return APP.get("/api/orders/" + order + "/bench").body();
    }

    private static JsonNode deed(String what, String step, String name, double wanted, int nth, int from, int to) {
        RunningApp.Answer answer = APP.post(
                "/api/orders/" + ORDER + "/practice/deeds", """
                {"what": "%s", "step": "%s", "name": "%s", "wanted": %s, "nth": %d, "fromMs": %d, "toMs": %d, "isLast": false}
                """.formatted(what, step, name, wanted, nth, from, to));
        assertEquals(200, answer.status(), answer::toString);
        return answer.body();
    }

    private static void press(String what, String step, double amount, String words) {
        RunningApp.Answer answer =
                APP.post("/api/orders/" + ORDER + "/bench", """
                [{"id": "p%d", "at": "2026-12-02T08:%02d:00Z", "device": "tablet", "what": "%s", "step": "%s", "amount": %s, "words": "%s"}]
                """.formatted(++ids, ids % 60, what, step, amount, words));
        assertEquals(200, answer.status(), answer::toString);
    }

    private static List<JsonNode> steps(String doing) {
        List<JsonNode> steps = new ArrayList<>();
        bench(ORDER).get("steps").forEach(step -> {
            if (step.get("doing").asString().equals(doing)
                    || step.at("/mixed/doing").asString("").equals(doing)) {
                steps.add(step);
            }
        });
        return steps;
    }

    private static String key(JsonNode step) {
        return step.get("key").asString();
    }

    /** What the scale shows when it has come to rest. */
    private static double onScale() throws InterruptedException {
        for (int i = 0; i < 100; i++) {
            JsonNode scale = APP.get("/api/orders/" + ORDER + "/scale").body();
            if (scale.get("isHeld").asBoolean()) {
                return scale.get("grams").asDouble();
            }
            Thread.sleep(50);
        }
        throw new AssertionError("the scale did not come to rest");
    }

    @Test
    @Order(1)
    void whatIsPouredLiesOnTheScale() throws InterruptedException {
        minutes = APP.get("/api/orders/" + ORDER + "/clock")
                .body()
                .get("handMinutes")
                .asInt();
        JsonNode bench = bench(ORDER);
        assertFalse(bench.get("seed").isNull(), "the demo's orders are played");
        assertTrue(bench.get("hasScale").asBoolean());
        String mix = key(steps("BASE").get(0));
        APP.post("/api/orders/" + ORDER + "/scale/tare", null);
        double before = onScale();
        double poured =
                deed("POUR", mix, "icing sugar", 472, 0, 0, 1_000).get("amount").asDouble()
                        + deed("POUR", mix, "icing sugar", 472, 0, 1_000, 2_500)
                                .get("amount")
                                .asDouble();
        assertTrue(poured > 100 && poured < 400, poured + " g");
        assertEquals(before + poured, onScale(), 0.11);
        double spoon =
                deed("SPOON", mix, "icing sugar", 472, 0, 0, 0).get("amount").asDouble();
        assertEquals(before + poured - spoon, onScale(), 0.11);
        APP.post("/api/orders/" + ORDER + "/scale/tare", null);
        assertEquals(0, onScale(), 0.02);
    }

    /** The same line asked for twice levels alike; water makes it level sooner, by the kitchen's hidden curve. */
    @Test
    @Order(2)
    void aLineLevelsSoonerWithWater() {
        JsonNode thin = steps("THIN").get(0);
        double first = deed("LINE", key(thin), "", 0, 0, 0, 0).get("amount").asDouble();
        assertEquals(
                first, deed("LINE", key(thin), "", 0, 0, 0, 0).get("amount").asDouble());
        double base = thin.at("/mixed/baseGrams").asDouble();
        press("WATER", key(thin), base / 100, "");
        double second = deed("LINE", key(thin), "", 0, 0, 0, 0).get("amount").asDouble();
        press("WATER", key(thin), base / 100, "");
        double third = deed("LINE", key(thin), "", 0, 0, 0, 0).get("amount").asDouble();
        assertEquals(first / second, second / third, 1e-6);
        assertTrue(second < 0.95 * first, second + " of " + first);
    }

    /** A bag weighs what was filled in, less what each cookie took. */
    @Test
    @Order(3)
    void aBagGetsLighterByWhatIsIced() throws InterruptedException {
        JsonNode ice = steps("ICE").stream()
                .filter(step -> step.at("/bags/0/fullGrams").asDouble() > 0)
                .findFirst()
                .orElseThrow();
        JsonNode bag = ice.at("/bags/0");
        String word = bag.get("key").asString();
        double full = deed("BAG", key(ice), word, 0, 0, 0, 0).get("amount").asDouble();
        assertEquals(bag.get("fullGrams").asDouble(), full, 0.6);
        for (int n = 1; n <= 5; n++) {
            press("ICED", key(ice), n, "");
        }
        double left = deed("BAG", key(ice), word, 0, 0, 0, 0).get("amount").asDouble();
        assertEquals(
                1.25 * 5 * bag.get("eachGrams").asDouble(),
                full - left,
                0.25 * 5 * bag.get("eachGrams").asDouble());
        assertEquals(left, onScale(), 0.11);
    }

    @Test
    @Order(4)
    void theClockOfThePlayIsPutForward() {
        String before = bench(ORDER).get("now").asString();
        APP.post("/api/orders/" + ORDER + "/practice/later", "{\"seconds\": 3600}");
        assertEquals(3_600, seconds(before, bench(ORDER).get("now").asString()), 30);
        assertEquals(
                422,
                APP.post("/api/orders/" + ORDER + "/practice/later", "{\"seconds\": -1}")
                        .status());
    }

    private static long seconds(String from, String to) {
        return java.time.Duration.between(java.time.Instant.parse(from), java.time.Instant.parse(to))
                .toSeconds();
    }

    /** Ending the play takes back all of it: the shelf, the clock and the bowls are as they were. */
    @Test
    @Order(5)
    void endingItTakesAllOfItBack() {
        double sugar = APP.get("/api/shop").body().at("/stock/icing sugar").asDouble();
        for (JsonNode step : steps("BASE")) {
            press("BEGUN", key(step), 0, "");
            press("DONE", key(step), 0, "");
        }
        assertTrue(APP.get("/api/shop").body().at("/stock/icing sugar").asDouble() < sugar);
        assertFalse(APP.get("/api/orders/" + ORDER + "/mixing")
                .body()
                .get("startedAt")
                .isNull());
        assertEquals(
                200, APP.post("/api/orders/" + ORDER + "/practice/end", null).status());
        assertEquals(sugar, APP.get("/api/shop").body().at("/stock/icing sugar").asDouble(), 1e-6);
        assertTrue(APP.get("/api/orders/" + ORDER + "/mixing")
                .body()
                .get("startedAt")
                .isNull());
        assertEquals(
                minutes,
                APP.get("/api/orders/" + ORDER + "/clock")
                        .body()
                        .get("handMinutes")
                        .asInt());
        JsonNode bench = bench(ORDER);
        assertTrue(bench.get("seed").isNull());
        assertFalse(bench.get("hasScale").asBoolean());
        assertEquals(
                422, APP.post("/api/orders/" + ORDER + "/practice/deeds", """
                        {"what": "LINE", "step": "x", "name": "", "wanted": 0, "nth": 0, "fromMs": 0, "toMs": 0, "isLast": false}
                        """).status());
    }

    /** What was taken back in play stays so, what was pressed before and taken back in play is there again; a second play changes nothing of that. */
    @Test
    @Order(6)
    void whatWasTakenBackInPlayDoesNotComeAgain() {
        JsonNode ice = steps("ICE").get(0);
        press("ICED", key(ice), 1, "");
        String real = "p" + ids;
        for (int play = 0; play < 2; play++) {
            APP.post("/api/orders/" + ORDER + "/practice/begin", "{\"seed\": 7}");
            press("ICED", key(ice), 2, "");
            press("UNDONE", key(ice), 0, "p" + ids);
            press("UNDONE", key(ice), 0, real);
            press("ICED", key(ice), 3, "");
            assertEquals(Set.of(3), iced(key(ice)));
            assertEquals(
                    200,
                    APP.post("/api/orders/" + ORDER + "/practice/end", null).status());
            assertEquals(Set.of(1), iced(key(ice)));
        }
        press("UNDONE", key(ice), 0, real);
    }

    private static Set<Integer> iced(String step) {
        List<BenchEvent> events =
                JSON.convertValue(bench(ORDER).get("pressed"), new TypeReference<List<BenchEvent>>() {});
        Happened.StepNow now = Happened.of(events).steps().get(step);
        return now == null ? Set.of() : Set.copyOf(now.iced());
    }

    /** What hands can't do is refused in a sentence; a scale that is off is no fault. */
    @Test
    @Order(7)
    void whatCannotBeIsRefused() {
        APP.post("/api/orders/" + ORDER + "/practice/begin", "{\"seed\": 7}");
        for (String bad : List.of("-1", "1e30")) {
            assertEquals(
                    422,
                    APP.post("/api/orders/" + ORDER + "/practice/deeds", """
                            {"what": "POUR", "step": "x", "name": "", "wanted": %s, "nth": 0, "fromMs": 0, "toMs": 0, "isLast": false}
                            """.formatted(bad))
                            .status());
        }
        assertEquals(
                404, APP.post("/api/orders/999/practice/begin", "{\"seed\": 7}").status());
    }
}
