package kindthimble.app.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.fail;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import kindthimble.app.testing.RunningApp;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.Happened;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** An order at the bench, pressed as devices do; it is Wednesday 2 December, nine o'clock. */
class BenchTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final Presses HANDS = new Presses(APP);
    private static final JsonMapper JSON = JsonMapper.builder().build();
    /** The page on a tablet works out the same from the same presses: this file is what both are held to. */
    @Test
    void theServerAndThePageWorkOutTheSame() throws IOException {
        JsonNode day = JSON.readTree(Files.readString(Path.of("../web/src/stations/bench/day.json")));
        List<BenchEvent> events = JSON.convertValue(day.get("events"), new TypeReference<List<BenchEvent>>() {});
        JsonNode now = JSON.valueToTree(Happened.of(events).steps());
        for (Map.Entry<String, JsonNode> step : day.get("now").properties()) {
            for (Map.Entry<String, JsonNode> figure : step.getValue().properties()) {
                assertTrue(
                        figure.getValue()
                                .equals(
                                        (a, b) -> a.isNumber() && b.isNumber() && a.asDouble() == b.asDouble()
                                                ? 0
                                                : a.equals(b) ? 0 : 1,
                                        now.get(step.getKey()).get(figure.getKey())),
                        step.getKey() + " " + figure.getKey() + ": "
                                + now.get(step.getKey()).get(figure.getKey()));
            }
        }
    }

    /**
     * Orders that are mixed together know their bags by the same keys. All that is iced out of them, over all trays of all orders, is what the pour has for the
     * cookies; and what is in them is what it has in their bags.
     */
    @Test
    void bagsAreThoseOfTheMixing() {
        for (int order = 1; order <= 6; order++) {
            JsonNode bench = HANDS.bench(order);
            JsonNode leading = APP.get("/api/orders/" + order + "/mixing").body();
            Map<String, Double> drunk = new TreeMap<>();
            Map<String, Double> filled = new TreeMap<>();
            Set<String> keys = new HashSet<>();
            for (JsonNode bag : bench.get("bags")) {
                assertTrue(keys.add(bag.get("key").asString()));
                String portion = "%s %.3f %s"
                        .formatted(
                                bag.get("name").asString(),
                                bag.get("countSeconds").asDouble(),
                                bag.get("vessel").asString());
                for (JsonNode drink : bag.get("drinks")) {
                    drunk.merge(
                            portion,
                            drink.get("cookies").asInt()
                                    * drink.get("eachGrams").asDouble(),
                            Double::sum);
                }
                filled.merge(portion, bag.get("filledGrams").asDouble(), Double::sum);
            }
            Map<String, String> names = new TreeMap<>();
            leading.get("names")
                    .forEach(one ->
                            names.put(one.get("key").asString(), one.get("name").asString()));
            int portions = 0;
            for (JsonNode bowl : leading.at("/pour/pour/bowls")) {
                for (JsonNode portion : bowl.get("portions")) {
                    String key = "%s %.3f %s"
                            .formatted(
                                    names.get(bowl.get("colour").asString()),
                                    portion.get("countSeconds").asDouble(),
                                    portion.get("vessel").asString());
                    double cookies = portion.get("cookiesGrams").asDouble();
                    assertEquals(cookies, drunk.getOrDefault(key, 0.0), 0.001 * cookies, order + ": " + key);
                    double grams = portion.get("bags").asInt()
                            * portion.get("gramsPerBag").asDouble();
                    assertEquals(grams, filled.getOrDefault(key, 0.0), 1e-6 * grams, order + ": " + key);
                    portions++;
                }
            }
            assertEquals(drunk.size(), portions, "order " + order);
            for (JsonNode step : HANDS.steps(bench, "ICE")) {
                for (JsonNode bag : step.get("bags")) {
                    assertTrue(keys.contains(bag.get("key").asString()), step::toString);
                }
            }
        }
        assertEquals(HANDS.bench(1).get("bags"), HANDS.bench(2).get("bags"), "they are mixed together");
    }

    /** Everything of the order is a step, once; what a step waits for is there as well, and comes before it. */
    @Test
    void allOfAnOrderIsThereInTheOrderOfTheClock() {
        JsonNode bench = HANDS.bench(6);
        Set<String> keys = new HashSet<>();
        Set<String> tasks = new HashSet<>();
        String last = "";
        for (JsonNode step : bench.get("steps")) {
            assertTrue(keys.add(step.get("key").asString()), step::toString);
            for (JsonNode wait : step.get("waits")) {
                assertTrue(tasks.contains(wait.get("task").asString()), step::toString);
            }
            tasks.add(step.get("task").asString());
            assertTrue(last.compareTo(step.get("from").asString()) <= 0);
            last = step.get("from").asString();
        }
        assertEquals(1, HANDS.steps(bench, "DOUGH").size());
        assertFalse(HANDS.steps(bench, "BASE").get(0).get("weighed").isEmpty());
        for (JsonNode step : HANDS.steps(bench, "ICE")) {
            for (JsonNode bag : step.get("bags")) {
                assertTrue(bag.get("eachGrams").asDouble() > 0, step::toString);
                assertTrue(
                        bag.get("fullGrams").asDouble() > bag.get("keepsGrams").asDouble(), step::toString);
            }
        }
        // A step of thinning knows the base in its bowl, and how it should count then.
        List<JsonNode> thinned = HANDS.steps(bench, "BOWL").stream()
                .filter(step -> step.at("/mixed/doing").asString().equals("THIN"))
                .toList();
        assertFalse(thinned.isEmpty());
        for (JsonNode step : thinned) {
            double base = step.at("/mixed/baseGrams").asDouble();
            assertTrue(base > 0 && step.at("/mixed/countSeconds").asDouble() > 0, step::toString);
        }
    }

    @Test
    void whatIsDoneLeavesTheClockAndComesBack() {
        int before = APP.get("/api/orders/2/clock").body().get("handMinutes").asInt();
        JsonNode dough = HANDS.steps(HANDS.bench(2), "DOUGH").get(0);
        String done = HANDS.event("DONE", dough.get("key").asString(), 0, "");
        String id = JSON.readTree(done).get("id").asString();
        assertEquals(200, HANDS.press(2, done).status());
        int after = APP.get("/api/orders/2/clock").body().get("handMinutes").asInt();
        assertTrue(after < before, after + " of " + before);
        // The same press once more, as a device does that did not hear the answer.
        HANDS.press(2, done);
        assertEquals(1, HANDS.bench(2).get("pressed").size());
        HANDS.press(2, HANDS.event("UNDONE", dough.get("key").asString(), 0, id));
        assertEquals(
                before, APP.get("/api/orders/2/clock").body().get("handMinutes").asInt());
    }

    /** What a tablet with a clock of another year has pressed was pressed now. */
    @Test
    void aWrongClockOfADeviceSpoilsNothing() {
        String key = HANDS.steps(HANDS.bench(4), "LABEL").get(0).get("key").asString();
        RunningApp.Answer answer = HANDS.press(4, """
                {"id": "years-ahead", "at": "2031-12-02T08:00:00Z", "device": "tablet", "what": "PUT_OFF", "step": "%s", "amount": 0, "words": ""}""".formatted(key));
        assertTrue(answer.body().get("movedSeconds").asLong() < -365 * 86_400, answer::toString);
        JsonNode bench = HANDS.bench(4);
        Instant now = Instant.parse(bench.get("now").asString());
        for (JsonNode event : bench.get("pressed")) {
            if (event.get("id").asString().equals("years-ahead")) {
                assertEquals(
                        0,
                        Duration.between(Instant.parse(event.get("at").asString()), now)
                                .toSeconds(),
                        60);
                return;
            }
        }
        fail("it is not there");
    }

    @Test
    void whatIsOfNoWorkOfTheOrderIsRefused() {
        assertEquals(
                422, HANDS.press(6, HANDS.event("DONE", "999 dough", 0, "")).status());
        assertEquals(
                422,
                HANDS.press(6, HANDS.event("DONE", "6 " + "x".repeat(200), 0, ""))
                        .status());
        assertEquals(400, HANDS.press(6, HANDS.event("EATEN", "6 dough", 0, "")).status());
        assertEquals(404, APP.get("/api/orders/999/bench").status());
    }

    /** A whole order without a screen: the same seed gives the same report, another one another; nothing is stored. */
    @Test
    void aPracticeDayIsPlayedWithoutAScreen() {
        String day = APP.text("/api/orders/6/practice?seed=7");
        assertTrue(day.contains("Practice day 7: 39 cookies iced"), day);
        assertTrue(day.contains("Haze") && day.contains("ran short."), day);
        assertEquals(day, APP.text("/api/orders/6/practice?seed=7"));
        assertFalse(day.equals(APP.text("/api/orders/6/practice?seed=8")));
    }

    /** What a trial cookie said goes into the coats of the whole order, and into nothing else; the rounded edge of a coat goes not quite with its height. */
    @Test
    void aFullerHandMakesItsCoatsFuller() {
        JsonNode before = HANDS.steps(HANDS.bench(4), "ICE").stream()
                .filter(step -> step.get("coatGrams").asDouble() > 0)
                .findFirst()
                .orElseThrow();
        double lines =
                before.get("icedGrams").asDouble() - before.get("coatGrams").asDouble();
        assertEquals(422, APP.change("/api/orders/4", "/details/fullness", 5).status());
        assertEquals(200, APP.change("/api/orders/4", "/details/fullness", 1.2).status());
        JsonNode after = HANDS.steps(HANDS.bench(4), "ICE").stream()
                .filter(step -> step.get("key").equals(before.get("key")))
                .findFirst()
                .orElseThrow();
        assertEquals(
                1.2 * before.get("coatGrams").asDouble(),
                after.get("coatGrams").asDouble(),
                5e-3 * before.get("coatGrams").asDouble());
        assertEquals(
                lines,
                after.get("icedGrams").asDouble() - after.get("coatGrams").asDouble(),
                1e-6);
        APP.change("/api/orders/4", "/details/fullness", null);
        assertEquals(
                before.get("coatGrams").asDouble(),
                HANDS.steps(HANDS.bench(4), "ICE").stream()
                        .filter(step -> step.get("key").equals(before.get("key")))
                        .findFirst()
                        .orElseThrow()
                        .get("coatGrams")
                        .asDouble(),
                1e-9);
    }

    /** A cookie that is iced is behind for the clock, one that is to be iced once more ahead again: its minutes are there. */
    @Test
    void theClockFollowsCookieByCookie() {
        JsonNode ice = HANDS.steps(HANDS.bench(5), "ICE").stream()
                .filter(step -> step.get("cookies").asInt() >= 8)
                .findFirst()
                .orElseThrow();
        String key = ice.get("key").asString();
        int all = APP.get("/api/orders/5/clock").body().get("handMinutes").asInt();
        for (int n = 1; n <= 8; n++) {
            HANDS.take(5, HANDS.event("ICED", key, n, ""));
        }
        int less = APP.get("/api/orders/5/clock").body().get("handMinutes").asInt();
        double iced =
                ice.get("seconds").asDouble() / 60 * 8 / ice.get("cookies").asInt();
        assertEquals(all - iced, less, 5.1, "in steps of five minutes");
        for (int n = 1; n <= 8; n++) {
            HANDS.take(5, HANDS.event("REDONE", key, n, "bled"));
        }
        assertEquals(
                all, APP.get("/api/orders/5/clock").body().get("handMinutes").asInt(), 5.1);
    }

    /** A bowl's looks go from light to dark, the middle one as its recipe says. */
    @Test
    void aBowlIsShownLighterAndDarker() {
        JsonNode tint = HANDS.steps(HANDS.bench(6), "BOWL").stream()
                .filter(step -> step.at("/mixed/looks").size() > 0)
                .findFirst()
                .orElseThrow();
        double light = 101;
        for (JsonNode look : tint.at("/mixed/looks")) {
            double l = kindthimble.core.colour.Lab.ofHex(look.get("hex").asString())
                    .l();
            assertTrue(l < light, look::toString);
            light = l;
            if (look.get("times").asDouble() == 1) {
                assertEquals(tint.at("/mixed/tint/now"), look.get("hex"));
            }
        }
    }
}
