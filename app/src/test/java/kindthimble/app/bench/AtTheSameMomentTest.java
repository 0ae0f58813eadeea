package kindthimble.app.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Several devices press and change at the same moment. */
class AtTheSameMomentTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static int presses;

    /** Does all of it at the same moment, and waits for it. */
    private static <T> List<T> atOnce(List<Callable<T>> all) throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(all.size());
        try {
            CountDownLatch go = new CountDownLatch(1);
            List<Future<T>> answers = new ArrayList<>();
            for (Callable<T> one : all) {
                answers.add(hands.submit(() -> {
                    go.await();
                    return one.call();
                }));
            }
            go.countDown();
            List<T> done = new ArrayList<>();
            for (Future<T> answer : answers) {
                done.add(answer.get());
            }
            return done;
        } finally {
            hands.shutdownNow();
        }
    }

    private static String step(long order, String doing) {
        for (JsonNode step : APP.get("/api/orders/" + order + "/bench").body().get("steps")) {
            if (step.get("doing").asString().equals(doing)) {
                return step.get("key").asString();
            }
        }
        throw new AssertionError(order + " has no " + doing);
    }

    private static synchronized String id() {
        return "same-moment-" + ++presses;
    }

    private static Callable<Integer> press(long order, String what, String step, String words) {
        String id = id();
        return () -> APP.post("/api/orders/" + order + "/bench", """
                        [{"id": "%s", "at": "2026-12-02T08:%02d:00Z", "device": "tablet", "what": "%s", "step": "%s", "amount": 0, "words": "%s"}]
                        """.formatted(id, presses % 60, what, step, words))
                .status();
    }

    /** What two doughs take that are begun at once is what they take one after the other, and put back at once it is all there again. */
    @Test
    void whatTwoOrdersTakeAtOnceIsTakenTwice() throws Exception {
        long[] orders = {4, 5};
        for (String name : List.of("plain flour", "butter", "caster sugar", "egg", "vanilla", "salt")) {
            APP.change("/api/shop", "/stock/" + name, 20_000);
        }
        TreeMap<String, Double> full = APP.stock();
        TreeMap<String, Double> one = new TreeMap<>(full);
        for (long order : orders) {
            String dough = step(order, "DOUGH");
            assertEquals(200, press(order, "BEGUN", dough, "").call());
        }
        TreeMap<String, Double> afterBoth = APP.stock();
        assertTrue(afterBoth.get("plain flour") < full.get("plain flour") - 100, "they take some");
        for (long order : orders) {
            undo(order);
        }
        assertEquals(full, APP.stock());
        for (int round = 0; round < 4; round++) {
            List<Callable<Integer>> begin = new ArrayList<>();
            for (long order : orders) {
                begin.add(press(order, "BEGUN", step(order, "DOUGH"), ""));
            }
            assertEquals(List.of(200, 200), atOnce(begin));
            assertEquals(afterBoth, APP.stock(), "round " + round);
            for (long order : orders) {
                undo(order);
            }
            assertEquals(one, APP.stock(), "round " + round);
        }
    }

    /** Takes back what was begun last of an order's dough. */
    private static void undo(long order) throws Exception {
        String last = "";
        String dough = step(order, "DOUGH");
        for (JsonNode event : APP.get("/api/orders/" + order + "/bench").body().get("pressed")) {
            if (event.get("what").asString().equals("BEGUN")
                    && event.get("step").asString().equals(dough)) {
                last = event.get("id").asString();
            }
        }
        assertEquals(200, press(order, "UNDONE", dough, last).call());
    }

    /** Four devices change two orders that are mixed together: nobody waits for somebody who waits for him, and nothing is lost. */
    @Test
    void devicesOnOrdersThatAreMixedTogetherDoNotBlockEachOther() throws Exception {
        List<Callable<List<String>>> devices = new ArrayList<>();
        for (int device = 0; device < 4; device++) {
            int number = device;
            devices.add(() -> {
                Random random = new Random(number);
                List<String> stored = new ArrayList<>();
                for (int i = 0; i < 25; i++) {
                    String address = "/api/orders/" + (1 + random.nextInt(2));
                    String field = List.of("/details/notes", "/details/place", "/details/allergies", "/details/client")
                            .get(number);
                    String text = "device %d, change %d".formatted(number, i);
                    for (int again = 0; again < 60; again++) {
                        Answer answer = APP.change(address, field, "\"" + text + "\"");
                        assertTrue(answer.status() < 500, answer::toString);
                        if (answer.status() == 200) {
                            stored.add(address + field + " " + text);
                            break;
                        }
                        assertEquals(409, answer.status(), answer::toString);
                    }
                }
                return stored;
            });
        }
        for (List<String> stored : atOnce(devices)) {
            assertEquals(25, stored.size(), "each change was stored at last");
            TreeMap<String, String> last = new TreeMap<>();
            stored.forEach(one -> last.put(one.split(" ")[0], one.substring(one.indexOf(' ') + 1)));
            last.forEach((place, text) -> assertEquals(
                    text,
                    APP.get(place.substring(0, 13))
                            .body()
                            .at(place.substring(13))
                            .asString(),
                    place));
        }
    }
}
