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
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import kindthimble.app.stock.Takings;
import kindthimble.app.testing.RunningApp;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.Happened;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** An order at the bench, pressed as devices do; it is Wednesday 2 December, nine o'clock. */
class BenchTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static int ids;

    private static JsonNode bench(long order) {
        return APP.get("/api/orders/" + order + "/bench").body();
    }

    private static String event(String what, String step, double amount, String words) {
        return """
                {"id": "t%d", "at": "2026-12-02T08:%02d:00Z", "device": "tablet", "what": "%s", "step": "%s", "amount": %s, "words": "%s"}
                """.formatted(++ids, ids % 60, what, step, amount, words);
    }

    private static RunningApp.Answer press(long order, String... events) {
        return APP.post("/api/orders/" + order + "/bench", "[" + String.join(",", events) + "]");
    }

    private static void take(long order, String event) {
        RunningApp.Answer answer = press(order, event);
        assertEquals(200, answer.status(), answer::toString);
    }

    private static List<JsonNode> steps(JsonNode bench, String doing) {
        List<JsonNode> steps = new ArrayList<>();
        bench.get("steps").forEach(step -> {
            if (step.get("doing").asString().equals(doing)) {
                steps.add(step);
            }
        });
        return steps;
    }

    private static double stock(String name) {
        return APP.get("/api/shop").body().get("stock").get(name).asDouble();
    }

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
            JsonNode bench = bench(order);
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
            for (JsonNode step : steps(bench, "ICE")) {
                for (JsonNode bag : step.get("bags")) {
                    assertTrue(keys.contains(bag.get("key").asString()), step::toString);
                }
            }
        }
        assertEquals(bench(1).get("bags"), bench(2).get("bags"), "they are mixed together");
    }

    /** Everything of the order is a step, once; what a step waits for is there as well, and comes before it. */
    @Test
    void allOfAnOrderIsThereInTheOrderOfTheClock() {
        JsonNode bench = bench(6);
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
        assertEquals(1, steps(bench, "DOUGH").size());
        assertFalse(steps(bench, "BASE").get(0).get("weighed").isEmpty());
        for (JsonNode step : steps(bench, "ICE")) {
            for (JsonNode bag : step.get("bags")) {
                assertTrue(bag.get("eachGrams").asDouble() > 0, step::toString);
                assertTrue(
                        bag.get("fullGrams").asDouble() > bag.get("keepsGrams").asDouble(), step::toString);
            }
        }
        // A step of thinning knows the base in its bowl, and how it should count then.
        List<JsonNode> thinned = steps(bench, "BOWL").stream()
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
        JsonNode dough = steps(bench(2), "DOUGH").get(0);
        String done = event("DONE", dough.get("key").asString(), 0, "");
        String id = JSON.readTree(done).get("id").asString();
        assertEquals(200, press(2, done).status());
        int after = APP.get("/api/orders/2/clock").body().get("handMinutes").asInt();
        assertTrue(after < before, after + " of " + before);
        // The same press once more, as a device does that did not hear the answer.
        press(2, done);
        assertEquals(1, bench(2).get("pressed").size());
        press(2, event("UNDONE", dough.get("key").asString(), 0, id));
        assertEquals(
                before, APP.get("/api/orders/2/clock").body().get("handMinutes").asInt());
    }

    /** Mixing takes its ingredients off the shelf when it is begun, and keeps the plan; undone, they are back. */
    @Test
    void whatIsBegunComesOffTheShelfAndUndoPutsItBack() {
        JsonNode mix = steps(bench(6), "BASE").get(0);
        double sugar = stock("icing sugar");
        double wanted = mix.at("/weighed/0/grams").asDouble();
        String begun = event("BEGUN", mix.get("key").asString(), 0, "");
        take(6, begun);
        take(6, event("DONE", mix.get("key").asString(), 0, ""));
        assertEquals(Math.max(0, sugar - wanted), stock("icing sugar"), 1e-6);
        assertFalse(APP.get("/api/orders/6/mixing").body().get("startedAt").isNull());
        for (JsonNode event : bench(6).get("pressed")) {
            take(
                    6,
                    event(
                            "UNDONE",
                            mix.get("key").asString(),
                            0,
                            event.get("id").asString()));
        }
        assertEquals(sugar, stock("icing sugar"), 1e-6);

        JsonNode pack = steps(bench(6), "PACK").get(0);
        APP.change("/api/shop", "/stock/cookie bags", 50);
        double piping = stock("bags");
        take(6, event("BEGUN", pack.get("key").asString(), 0, ""));
        assertEquals(50 - pack.get("cookies").asInt(), stock("cookie bags"));
        assertEquals(piping, stock("bags"), "bags to pipe with are other bags");
        // A box holds six: 36 cookies take six boxes.
        double boxes = stock("boxes");
        take(6, event("BEGUN", steps(bench(6), "LABEL").get(0).get("key").asString(), 0, ""));
        assertEquals(boxes - 6, stock("boxes"));
    }

    /** Each taking is an entry of its own, and what is put back another one: with the shelf they add up to what there was. */
    @Test
    void whatIsTakenAndPutBackIsAccountedFor() {
        JsonNode pack = steps(bench(4), "PACK").get(0);
        String key = pack.get("key").asString();
        String name = pack.at("/packaging/0/name").asString();
        double pieces = pack.at("/packaging/0/pieces").asDouble();
        double before = stock(name);
        Takings takings = APP.bean(Takings.class);
        assertFalse(takings.standing(List.of(4L)).containsKey(key));
        for (int times = 1; times <= 2; times++) {
            String begun = event("BEGUN", key, 0, "");
            take(4, begun);
            assertEquals(
                    pieces, takings.standing(List.of(4L)).get(key).amounts().get(name), 1e-9);
            assertEquals(before, stock(name) + pieces, 1e-9);
            take(4, event("UNDONE", key, 0, begun.replaceFirst("(?s).*\"id\": \"(t\\d+)\".*", "$1")));
            assertFalse(takings.standing(List.of(4L)).containsKey(key));
            assertEquals(before, stock(name), 1e-9);
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
        JsonNode dough = steps(bench(5), "DOUGH").get(0);
        assertTrue(before.containsKey("plain flour"), before::toString);
        take(5, event("BEGUN", dough.get("key").asString(), 0, ""));
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
        JsonNode bench = bench(4);
        JsonNode ice = steps(bench, "ICE").stream()
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
        double before = stock("icing sugar");
        String added = event("ADDED", ice.get("key").asString(), 30, key);
        take(4, added);
        // 5 g stay in the bowl.
        assertEquals(before - 35 * making.get("base").asDouble() * sugar, stock("icing sugar"), 1e-6);
        take(4, event("UNDONE", ice.get("key").asString(), 0, added.replaceFirst("(?s).*\"id\": \"(t\\d+)\".*", "$1")));
        assertEquals(before, stock("icing sugar"), 1e-9);
    }

    /** What a tablet with a clock of another year has pressed was pressed now. */
    @Test
    void aWrongClockOfADeviceSpoilsNothing() {
        String key = steps(bench(4), "LABEL").get(0).get("key").asString();
        RunningApp.Answer answer = press(4, """
                {"id": "years-ahead", "at": "2031-12-02T08:00:00Z", "device": "tablet", "what": "PUT_OFF", "step": "%s", "amount": 0, "words": ""}""".formatted(key));
        assertTrue(answer.body().get("movedSeconds").asLong() < -365 * 86_400, answer::toString);
        JsonNode bench = bench(4);
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
        assertEquals(422, press(6, event("DONE", "999 dough", 0, "")).status());
        assertEquals(422, press(6, event("DONE", "6 " + "x".repeat(200), 0, "")).status());
        assertEquals(400, press(6, event("EATEN", "6 dough", 0, "")).status());
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
        JsonNode before = steps(bench(4), "ICE").stream()
                .filter(step -> step.get("coatGrams").asDouble() > 0)
                .findFirst()
                .orElseThrow();
        double lines =
                before.get("icedGrams").asDouble() - before.get("coatGrams").asDouble();
        assertEquals(422, APP.change("/api/orders/4", "/details/fullness", 5).status());
        assertEquals(200, APP.change("/api/orders/4", "/details/fullness", 1.2).status());
        JsonNode after = steps(bench(4), "ICE").stream()
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
                steps(bench(4), "ICE").stream()
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
        JsonNode ice = steps(bench(5), "ICE").stream()
                .filter(step -> step.get("cookies").asInt() >= 8)
                .findFirst()
                .orElseThrow();
        String key = ice.get("key").asString();
        int all = APP.get("/api/orders/5/clock").body().get("handMinutes").asInt();
        for (int n = 1; n <= 8; n++) {
            take(5, event("ICED", key, n, ""));
        }
        int less = APP.get("/api/orders/5/clock").body().get("handMinutes").asInt();
        double iced =
                ice.get("seconds").asDouble() / 60 * 8 / ice.get("cookies").asInt();
        assertEquals(all - iced, less, 5.1, "in steps of five minutes");
        for (int n = 1; n <= 8; n++) {
            take(5, event("REDONE", key, n, "bled"));
        }
        assertEquals(
                all, APP.get("/api/orders/5/clock").body().get("handMinutes").asInt(), 5.1);
    }

    /** A bowl's looks go from light to dark, the middle one as its recipe says. */
    @Test
    void aBowlIsShownLighterAndDarker() {
        JsonNode tint = steps(bench(6), "BOWL").stream()
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
