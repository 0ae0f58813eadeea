package kindthimble.app.history;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One history for an order and one for the shop: each step is taken back and done again, and says so; over a restart too. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class HistoryTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final String ORDER = "/api/orders/1";

    /** What is stored of an order and follows from it, without what counts changes. */
    private static JsonNode order() {
        ObjectNode order = (ObjectNode) APP.get(ORDER).body();
        order.remove(List.of("revision", "steps", "shop"));
        return order;
    }

    private static JsonNode mixing() {
        ObjectNode mixing = (ObjectNode) APP.get(ORDER + "/mixing").body();
        mixing.remove("revision");
        return mixing;
    }

    private static long design(int nth) {
        return order().at("/designs/" + nth + "/id").asLong();
    }

    private static String undo() {
        Answer answer = APP.post(ORDER + "/undo", null);
        assertEquals(200, answer.status(), answer::toString);
        return answer.body().get("sentence").asString();
    }

    private static String redo() {
        Answer answer = APP.post(ORDER + "/redo", null);
        assertEquals(200, answer.status(), answer::toString);
        return answer.body().get("sentence").asString();
    }

    private static void ok(Answer answer) {
        assertTrue(answer.status() < 300, answer::toString);
    }

    private record Step(String undone, Runnable does) {}

    private static List<Step> steps() {
        long kite = design(0);
        long sock = design(1);
        return List.of(
                new Step(
                        "undone: 24 of Diamond kite, was 30",
                        () -> ok(APP.change(ORDER, "/designs/" + kite + "/count", 30))),
                new Step(
                        "undone: Diamond kite, was Lozenge",
                        () -> ok(APP.change(ORDER, "/designs/" + kite + "/document/name", "\"Lozenge\""))),
                new Step(
                        "undone: Lozenge: size 99, was 82",
                        () -> ok(APP.change(ORDER, "/designs/" + kite + "/document/cutter/sizeMm", 82))),
                new Step(
                        "undone: Wind sock: flood on it again",
                        () -> ok(APP.change(
                                ORDER,
                                "/designs/" + sock + "/document/moves",
                                "[" + order().at("/designs/1/document/moves/0") + "]"))),
                new Step(
                        "undone: the order's name Kite festival set, was Sails",
                        () -> ok(APP.change(ORDER, "/details/name", "\"Sails\""))),
                new Step(
                        "undone: hand-over Sat 5 Dec 2026, 10:00, was Mon 7 Dec 2026, 08:30",
                        () -> ok(APP.change(ORDER, "/details/handOver", "\"2026-12-07T08:30\""))),
                new Step(
                        "undone: running short 1 in 50, was 1 in 100",
                        () -> ok(APP.change(ORDER, "/details/extra/risk", 0.01))),
                new Step(
                        "undone: Poppy #D5473F, was #C03030",
                        () -> ok(APP.change(ORDER, "/details/palette/0/hex", "\"#C03030\""))),
                new Step(
                        "undone: Wind sock on the tray again",
                        () -> ok(APP.call("DELETE", ORDER + "/designs/" + sock, null))),
                new Step("undone: the designs in another order", () -> {
                    List<Long> ids = new ArrayList<>();
                    order().get("tray").forEach(id -> ids.add(id.asLong()));
                    Collections.reverse(ids);
                    ok(APP.call("PUT", ORDER + "/designs", "{\"designs\":" + ids + "}"));
                }),
                new Step(
                        "undone: how orders are mixed together",
                        () -> ok(APP.call("DELETE", ORDER + "/mixing/with/2", null))),
                new Step("undone: mixing has not started", () -> ok(APP.post(ORDER + "/mixing/start", null))));
    }

    @Test
    @Order(1)
    void everyStepIsTakenBackAndDoneAgain() {
        List<JsonNode> orders = new ArrayList<>(List.of(order()));
        List<JsonNode> mixings = new ArrayList<>(List.of(mixing()));
        List<Step> steps = steps();
        steps.forEach(step -> {
            step.does.run();
            orders.add(order());
            mixings.add(mixing());
        });
        APP.restart();
        List<String> said = new ArrayList<>();
        for (int i = steps.size() - 1; i >= 0; i--) {
            said.add(0, undo());
            assertEquals(orders.get(i), order(), steps.get(i).undone);
            assertEquals(mixings.get(i), mixing(), steps.get(i).undone);
        }
        List<String> expected = steps.stream().map(Step::undone).toList();
        assertEquals(
                String.join("\n", expected.subList(0, 3)) + "\n" + String.join("\n", expected.subList(4, 12)),
                String.join("\n", said.subList(0, 3)) + "\n" + String.join("\n", said.subList(4, 12)));
        assertTrue(said.get(3).startsWith("undone: Wind sock: ") && said.get(3).endsWith("on it again"), said.get(3));
        assertEquals(422, APP.post(ORDER + "/undo", null).status());
        for (int i = 1; i <= steps.size(); i++) {
            assertTrue(redo().startsWith("done again: "));
            assertEquals(orders.get(i), order(), steps.get(i - 1).undone);
        }
        assertEquals(422, APP.post(ORDER + "/redo", null).status());
        for (int i = 0; i < steps.size(); i++) {
            undo();
        }
        assertEquals(orders.get(0), order());
    }

    @Test
    @Order(2)
    void whatIsTypedInOneGoIsOneStep() {
        JsonNode before = order();
        String path = "/designs/" + design(0) + "/count";
        for (int n : new int[] {1, 12, 120}) {
            long revision = APP.get(ORDER).body().get("revision").asLong();
            ok(APP.call(
                    "PATCH",
                    ORDER,
                    "{\"revision\":%d,\"gesture\":\"g1\",\"edits\":[{\"path\":\"%s\",\"now\":%d}]}"
                            .formatted(revision, path, n)));
        }
        assertEquals(
                "24 of Diamond kite, was 120",
                APP.get(ORDER).body().at("/steps/undo").asString());
        undo();
        assertEquals(before, order());
        // A change after undo is the end of what could be done again.
        ok(APP.change(ORDER, path, 25));
        assertEquals(422, APP.post(ORDER + "/redo", null).status());
        undo();
    }

    @Test
    @Order(3)
    void anyRowOfStepsComesBackToWhereItBegan() {
        Random random = new Random(12);
        for (int round = 0; round < 2; round++) {
            JsonNode before = order();
            int made = 0;
            for (int i = 0; i < 12; i++) {
                List<Step> steps = steps();
                long revision = APP.get(ORDER).body().get("revision").asLong();
                steps.get(random.nextInt(10)).does.run();
                made += APP.get(ORDER).body().get("revision").asLong() > revision ? 1 : 0;
                if (random.nextInt(4) == 0 && made > 0) {
                    undo();
                    made--;
                }
            }
            for (int i = 0; i < made; i++) {
                undo();
            }
            assertEquals(before, order());
        }
    }

    @Test
    @Order(4)
    void whatWasTakenFromTheLibraryGoesAsOneStep() {
        ok(APP.post("/api/library", "{\"order\":1,\"design\":%d}".formatted(design(0))));
        long kept = APP.get("/api/library").body().at("/0/id").asLong();
        JsonNode before = APP.get("/api/orders/2").body().get("details");
        ok(APP.post("/api/library/" + kept + "/take", "{\"order\":2,\"count\":5,\"colours\":{}}"));
        assertTrue(APP.get("/api/orders/2").body().at("/details/palette").size()
                > before.get("palette").size());
        ok(APP.post("/api/orders/2/undo", null));
        assertEquals(before, APP.get("/api/orders/2").body().get("details"));
        assertEquals(2, APP.get("/api/orders/2").body().get("designs").size());
    }

    @Test
    @Order(5)
    void theShopHasAHistoryOfItsOwn() {
        ObjectNode before = (ObjectNode) APP.get("/api/shop").body();
        before.remove(List.of("revision", "steps"));
        ok(APP.change("/api/shop", "/stock/icing sugar", 10));
        ok(APP.change("/api/shop", "/settings/habits/MARGIN_MM/mean", 3));
        ok(APP.change("/api/shop", "/gels/leaf/price", 9.5));
        ok(APP.call("DELETE", "/api/gels/leaf", null));
        ok(APP.change("/api/shop", "/recipes/meringue-powder/ingredients/0/grams", 500));
        ok(APP.call("DELETE", "/api/shelf/jars/1", null));
        List<String> said = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            said.add(APP.post("/api/shop/undo", null).body().get("sentence").asString());
        }
        assertEquals(
                List.of(
                        "undone: the jar of White on the shelf again",
                        "undone: Meringue powder: grams 454, was 500",
                        "undone: Leaf: on the shelf again",
                        "undone: Leaf: price 4.2, was 9.5",
                        "undone: edge margin 1.5, was 3",
                        "undone: icing sugar 750, was 10"),
                said);
        ObjectNode after = (ObjectNode) APP.get("/api/shop").body();
        after.remove(List.of("revision", "steps"));
        assertEquals(before, after);
        assertEquals(1, APP.get("/api/shelf").body().get("jars").size());
    }

    @Test
    @Order(6)
    void stepsAreKeptForThirtyDays() {
        ok(APP.change(ORDER, "/details/notes", "\"x\""));
        APP.store("update step set at = timestamp '2026-10-30'");
        APP.forget();
        assertEquals(422, APP.post(ORDER + "/undo", null).status());
    }

    /** Typed and typed back in one go: there is nothing to take back, and undo takes back what was before it. */
    @Test
    @Order(20)
    void whatIsTypedAndTypedBackIsNoStep() {
        ok(APP.change(ORDER, "/details/place", "\"at the pier\""));
        JsonNode before = APP.get(ORDER).body().get("steps");
        String notes = order().at("/details/notes").toString();
        typed("/details/notes", "\"blue\"", "typing-1");
        assertTrue(APP.get(ORDER).body().at("/steps/undo").asString().contains("notes"), "half-way it is a step");
        typed("/details/notes", "\"blue ribbon\"", "typing-1");
        typed("/details/notes", notes, "typing-1");
        assertEquals(before, APP.get(ORDER).body().get("steps"));
        assertTrue(undo().contains("handed over"), "what was before it");
    }

    private static void typed(String path, String now, String gesture) {
        long revision = APP.get(ORDER).body().get("revision").asLong();
        ok(APP.call(
                "PATCH",
                ORDER,
                "{\"revision\": %d, \"gesture\": \"%s\", \"edits\": [{\"path\": \"%s\", \"now\": %s}]}"
                        .formatted(revision, gesture, path, now)));
    }

    /** Mixing that was started, taken back and done again is the mixing that was started: kept whole, whatever has changed since. */
    @Test
    @Order(21)
    void mixingThatIsStartedAgainIsTheSameMixing() {
        ok(APP.post(ORDER + "/mixing/start", null));
        JsonNode started = mixing();
        assertFalse(started.path("startedAt").isNull(), started::toString);
        undo();
        JsonNode not = mixing();
        redo();
        assertEquals(started, mixing());
        undo();
        assertEquals(not, mixing());
    }
}
