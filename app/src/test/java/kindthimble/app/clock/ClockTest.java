package kindthimble.app.clock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDateTime;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** The demo's orders on the clock; it is Wednesday 2 December, nine o'clock. */
class ClockTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static JsonNode clock(long order) {
        return APP.get("/api/orders/" + order + "/clock").body();
    }

    private static LocalDateTime time(JsonNode node) {
        return LocalDateTime.parse(node.asString());
    }

    @Test
    void allOfAnOrderIsReadyBeforeItsHandOver() {
        JsonNode clock = clock(1);
        assertTrue(clock.get("trouble").isNull());
        assertEquals(time(clock.get("handOver")).minusMinutes(120), time(clock.get("ready")));
        JsonNode designs = APP.get("/api/orders/1").body().get("designs");
        int rows = 0;
        for (JsonNode row : clock.get("rows")) {
            rows += row.get("design").asLong() > 0 ? 1 : 0;
            for (JsonNode run : row.get("runs")) {
                assertFalse(time(run.get("from")).isBefore(time(clock.get("now"))), run::toString);
                assertTrue(time(run.get("from")).isBefore(time(run.get("to"))), run::toString);
                if (clock.get("lateMinutes").asInt() == 0) {
                    assertFalse(time(run.get("to")).isAfter(time(clock.get("ready"))), run::toString);
                }
            }
        }
        assertEquals(designs.size(), rows);
        assertEquals(0, clock.get("leftOut").size());
    }

    /** More to do in the same time: it begins earlier, or is late. */
    @Test
    void moreCookiesBeginEarlier() {
        JsonNode before = clock(2);
        long design = APP.get("/api/orders/2").body().at("/designs/0/id").asLong();
        assertEquals(
                200,
                APP.change("/api/orders/2", "/designs/" + design + "/count", 300)
                        .status());
        JsonNode after = clock(2);
        assertTrue(after.get("handMinutes").asInt() > before.get("handMinutes").asInt() + 200);
        assertEquals(200, APP.post("/api/orders/2/undo", "{}").status());
        assertEquals(before.get("handMinutes"), clock(2).get("handMinutes"));
    }

    @Test
    void aHandOverInThePastIsSaid() {
        long past = APP.post("/api/orders", "{\"name\": \"Late\", \"handOver\": \"2026-12-02T10:00:00\"}")
                .body()
                .get("id")
                .asLong();
        assertTrue(clock(past).get("trouble").asString().contains("past"));
        long empty = APP.post("/api/orders", "{\"name\": \"Soon\", \"handOver\": \"2026-12-09T10:00:00\"}")
                .body()
                .get("id")
                .asLong();
        assertTrue(clock(empty).get("trouble").asString().contains("draw a cookie first"));
        assertEquals(404, APP.get("/api/orders/99999/clock").status());
    }

    /** Mixed with an order whose hand-over is past: its bowls are still wanted, and it is no order that is late. */
    @Test
    void bowlsOfAnOrderThatIsPastAreStillMixed() {
        String first = APP.get("/api/orders/1").body().at("/details/handOver").toString();
        String second = APP.get("/api/orders/2").body().at("/details/handOver").toString();
        APP.change("/api/orders/1", "/details/handOver", "\"2026-12-02T09:30:00\"");
        APP.change("/api/orders/2", "/details/handOver", "\"2026-12-02T12:00:00\"");
        JsonNode clock = clock(2);
        assertTrue(clock.get("trouble").isNull(), () -> clock.toString().substring(0, 200));
        assertTrue(clock.get("lateMinutes").asInt() > 0);
        clock.get("others").forEach(other -> assertFalse(other.isNull()));
        APP.change("/api/orders/1", "/details/handOver", first);
        APP.change("/api/orders/2", "/details/handOver", second);
    }
}
