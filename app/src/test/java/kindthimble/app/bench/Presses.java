package kindthimble.app.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import kindthimble.app.testing.RunningApp;
import tools.jackson.databind.JsonNode;

/** What a test presses at the bench; it is Wednesday 2 December, nine o'clock. */
final class Presses {
    private final RunningApp app;
    private int ids;

    Presses(RunningApp app) {
        this.app = app;
    }

    JsonNode bench(long order) {
        return app.get("/api/orders/" + order + "/bench").body();
    }

    String event(String what, String step, double amount, String words) {
        return """
                {"id": "t%d", "at": "2026-12-02T08:%02d:00Z", "device": "tablet", "what": "%s", "step": "%s", "amount": %s, "words": "%s"}
                """.formatted(++ids, ids % 60, what, step, amount, words);
    }

    RunningApp.Answer press(long order, String... events) {
        return app.post("/api/orders/" + order + "/bench", "[" + String.join(",", events) + "]");
    }

    void take(long order, String event) {
        RunningApp.Answer answer = press(order, event);
        assertEquals(200, answer.status(), answer::toString);
    }

    List<JsonNode> steps(JsonNode bench, String doing) {
        List<JsonNode> steps = new ArrayList<>();
        bench.get("steps").forEach(step -> {
            if (step.get("doing").asString().equals(doing)) {
                steps.add(step);
            }
        });
        return steps;
    }

    double stock(String name) {
        return app.get("/api/shop").body().get("stock").get(name).asDouble();
    }
}
