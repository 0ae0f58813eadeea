package kindthimble.app.order;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A database as the first release left it comes up to today's with every order, design and number in it. */
class FirstReleaseTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.on("/first-release.sql");

    @Test
    void everyOrderIsKept() {
        JsonNode orders = APP.get("/api/orders?sort=EARLIEST").body();
        assertEquals(3, orders.get("total").asInt());
        JsonNode kites = APP.get("/api/orders/" + orders.at("/orders/0/id")).body();
        assertEquals("Kite festival set", kites.at("/details/name").asString());
        assertEquals("2026-11-28T10:00:00", kites.at("/details/handOver").asString());
        assertEquals(6, kites.get("designs").size());
        assertEquals("Diamond kite", kites.at("/designs/0/document/name").asString());
        assertEquals(24, kites.at("/designs/0/count").asInt());
        for (JsonNode design : kites.get("designs")) {
            assertTrue(design.get("trouble").isNull(), design::toString);
        }
        JsonNode balance = kites.at("/plan/pour/pour/balance");
        assertEquals(balance.get("inGrams").asDouble(), balance.get("outGrams").asDouble(), 0.01);
        JsonNode supper = APP.get("/api/orders/3").body();
        assertEquals("Night-train society", supper.at("/details/client").asString());
        assertEquals(15, supper.at("/details/extra/flatPercent").asDouble());
        assertEquals(12, supper.at("/details/floodSeconds").asDouble());
        assertEquals(
                5,
                APP.get("/api/shop")
                        .body()
                        .at("/settings/habits/BREAKAGE_PERCENT/mean")
                        .asDouble());
    }
}
