package kindthimble.app.shop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import kindthimble.core.habit.Habit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The shop's own numbers, over HTTP. */
class ShopTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static ObjectNode shop() {
        return (ObjectNode) APP.get("/api/shop").body();
    }

    private static ObjectNode figure(ObjectNode shop, Habit habit) {
        return (ObjectNode) shop.at("/settings/habits/" + habit);
    }

    private static Answer set(Habit habit, double mean) {
        return APP.change("/api/shop", "/settings/habits/" + habit + "/mean", mean);
    }

    private static void putBack(Habit habit) {
        ObjectNode house =
                figure(shop(), habit).put("mean", habit.house().mean()).put("source", "HOUSE");
        assertEquals(
                200, APP.change("/api/shop", "/settings/habits/" + habit, house).status());
    }

    private static JsonNode orders() {
        ObjectNode order = (ObjectNode) APP.get("/api/orders/1").body();
        order.remove("shop");
        return order;
    }

    /** What the demo's notebook has taught. */
    private static final List<String> LEARNT = List.of("PETAL_GRAMS", "FLAVOUR_MINUTES");

    @Test
    void catalogueSaysOfEveryFigureWhatItIs() {
        JsonNode habits = APP.get("/api/catalogue").body().get("habits");
        assertEquals(Habit.values().length, habits.size());
        ObjectNode shop = shop();
        for (JsonNode habit : habits) {
            assertTrue(habit.get("word").asString().length() > 3, habit::toString);
            assertTrue(habit.get("says").asString().endsWith("."), habit::toString);
            double house = habit.at("/house/mean").asDouble();
            assertTrue(
                    house >= habit.get("least").asDouble()
                            && house <= habit.get("most").asDouble(),
                    habit::toString);
            JsonNode is = figure(shop, Habit.valueOf(habit.get("habit").asString()));
            if (is.get("source").asString().equals("LEARNT")) {
                assertTrue(LEARNT.contains(habit.get("habit").asString()), habit::toString);
            } else {
                assertEquals(house, is.get("mean").asDouble());
            }
        }
    }

    /** Figures of every kind reach what follows from them, and put back all is as before. */
    @Test
    void figuresReachThePlanAndCanBePutBack() {
        JsonNode before = orders();
        for (Habit habit : new Habit[] {
            Habit.MARGIN_MM,
            Habit.PIPING_SECONDS,
            Habit.COAT_MM,
            Habit.OUTLINE_SECONDS_PER_CM,
            Habit.SKINNED_MINUTES,
            Habit.BOWL_KEEPS_GRAMS,
            Habit.GLUE_GRAMS,
            Habit.MARKER_METRES
        }) {
            double mean =
                    habit.isWhole() ? habit.house().mean() + 1 : habit.house().mean() * 0.75;
            assertEquals(200, set(habit, mean).status(), habit.toString());
            JsonNode changed = orders();
            putBack(habit);
            if (habit != Habit.MARKER_METRES) {
                assertNotEquals(before, changed, habit + " changes something");
            }
            assertEquals(before, orders(), habit + " is put back");
        }
    }

    /** A number that says it is the house's and is not becomes the shop's own. */
    @Test
    void aChangedNumberIsTheShopsWhateverItSays() {
        JsonNode answer = set(Habit.DRAW, 0.9).body();
        assertEquals("SHOP", answer.at("/settings/habits/DRAW/source").asString());
        putBack(Habit.DRAW);
        assertEquals("HOUSE", shop().at("/settings/habits/DRAW/source").asString());
    }

    @ParameterizedTest
    @CsvSource({"MARGIN_MM, 21", "MARGIN_MM, -1", "COUPLERS, 2.5", "WET_WINDOW_SECONDS, 0", "MIXER_LEAST_GRAMS, 1500"})
    void whatCannotBeIsRefusedWithItsField(Habit habit, double mean) {
        JsonNode before = shop();
        Answer answer = set(habit, mean);
        assertEquals(422, answer.status());
        assertEquals(
                "settings.habits." + habit + ".mean", answer.body().get("field").asString());
        assertEquals(before, shop());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"MARGIN_MM\": null}",
                "{\"NO_SUCH_HABIT\": {\"mean\": 1, \"spread\": 0, \"source\": \"SHOP\"}}",
                "{\"MARGIN_MM\": {\"mean\": \"wide\", \"spread\": 0, \"source\": \"SHOP\"}}",
                "{\"MARGIN_MM\": {\"mean\": 1, \"spread\": -1, \"source\": \"SHOP\"}}",
                "{\"MARGIN_MM\": {\"mean\": 1, \"spread\": 0, \"source\": \"HEARSAY\"}}",
                "[1, 2]"
            })
    void oddHabitsAreAnsweredWithASentence(String habits) {
        JsonNode before = shop();
        Answer answer = APP.change("/api/shop", "/settings/habits", habits);
        if (answer.status() == 200) {
            assertEquals(before.get("settings"), answer.body().get("settings"), "nothing is the house's");
            return;
        }
        assertTrue(answer.status() == 400 || answer.status() == 422, answer.toString());
        assertTrue(answer.body().get("detail").asString().length() > 10);
        assertEquals(before, shop());
    }

    @ParameterizedTest
    @ValueSource(strings = {"/settings", "/gels", "/stock", "/recipes"})
    void whatCannotBeTakenAwayIsSaidSo(String path) {
        JsonNode before = shop();
        Answer answer = APP.call(
                "PATCH",
                "/api/shop",
                "{\"revision\": %s, \"gesture\": null, \"edits\": [{\"path\": \"%s\"}]}"
                        .formatted(before.get("revision"), path));
        assertTrue(answer.status() == 422 || answer.status() == 404, answer::toString);
        assertTrue(answer.body().get("detail").asString().length() > 10);
        assertEquals(before, shop());
    }

    /** The database writes it out in 322 digits, and what was stored is read again. */
    @Test
    void aNumberNextToNothingIsTakenBackAsAnyOther() {
        double mean = Habit.CUT_SECONDS.house().mean();
        Answer tiny = set(Habit.CUT_SECONDS, 1e-320);
        if (tiny.status() == 200) {
            assertEquals(200, APP.post("/api/shop/undo", null).status());
        }
        assertEquals(mean, shop().at("/settings/habits/CUT_SECONDS/mean").asDouble(), 1e-9);
        String path = "/stock/icing sugar";
        assertEquals(200, APP.change("/api/shop", path, "1e-320").status());
        assertEquals(200, APP.get("/api/shop").status());
        assertEquals(200, APP.post("/api/shop/undo", null).status());
    }

    @Test
    void secondTabHearsOfTheFirst() {
        long seen = shop().get("revision").asLong();
        assertEquals(200, set(Habit.CUT_MM, 3).status());
        assertEquals(
                409,
                APP.patch("/api/shop", seen, "/settings/habits/CUT_MM/mean", 4).status());
        putBack(Habit.CUT_MM);
    }

    /** Eight tabs change the same shelf at the same moment, each as it has seen it: one of them is stored, and the others are told. */
    @Test
    void ofManyWhoChangeTheShelfAtOnceOneIsFirst() throws Exception {
        ExecutorService tabs = Executors.newFixedThreadPool(8);
        try {
            for (int round = 0; round < 5; round++) {
                long revision = APP.get("/api/shop").body().get("revision").asLong();
                CountDownLatch go = new CountDownLatch(1);
                List<Future<Integer>> answers = new ArrayList<>();
                for (int tab = 1; tab <= 8; tab++) {
                    int amount = 1_000 * (round + 1) + tab;
                    answers.add(tabs.submit(() -> {
                        go.await();
                        return APP.patch("/api/shop", revision, "/stock/icing sugar", amount)
                                                .status()
                                        == 200
                                ? amount
                                : 0;
                    }));
                }
                go.countDown();
                List<Integer> stored = new ArrayList<>();
                for (Future<Integer> answer : answers) {
                    if (answer.get() > 0) {
                        stored.add(answer.get());
                    }
                }
                assertEquals(1, stored.size(), "one of them is first");
                JsonNode shop = APP.get("/api/shop").body();
                assertEquals(stored.get(0), shop.at("/stock/icing sugar").asInt());
                assertEquals(revision + 1, shop.get("revision").asLong());
            }
        } finally {
            tabs.shutdownNow();
        }
    }
}
