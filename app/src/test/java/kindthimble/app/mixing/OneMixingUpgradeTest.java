package kindthimble.app.mixing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/**
 * A database in which one order named another as mixed with it, and had started by a plan of the first format with a jar in it: now both
 * are one mixing that has started, by the same plan.
 */
class OneMixingUpgradeTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.on("/before-one-mixing.sql");

    @Test
    void bothOrdersSeeTheMixingThatOneHadStarted() {
        JsonNode kites = APP.get("/api/orders/1/mixing").body();
        JsonNode train = APP.get("/api/orders/2/mixing").body();
        assertFalse(kites.get("startedAt").isNull());
        assertEquals(kites.get("startedAt"), train.get("startedAt"));
        assertTrue(kites.get("neighbours").get(0).get("mixed").asBoolean());
        assertTrue(train.get("neighbours").get(0).get("mixed").asBoolean());
        JsonNode balance = kites.at("/pour/pour/balance");
        assertEquals(balance, train.at("/pour/pour/balance"));
        assertEquals(balance.get("inGrams").asDouble(), balance.get("outGrams").asDouble(), 0.01);
        assertEquals(62, balance.get("jarsGrams").asDouble(), 1e-6);
        double added = 0;
        for (JsonNode rung : kites.at("/ladders/white")) {
            for (JsonNode jar : rung.get("jars")) {
                assertEquals(15, jar.get("countSeconds").asDouble(), 0.1);
                added += jar.get("grams").asDouble();
            }
        }
        assertEquals(62, added, 1e-6, "the jar is added on its ladder");

        // The order that leads can't go while both are being mixed; afterwards the other one leads.
        assertEquals(422, APP.call("DELETE", "/api/orders/1", null).status());
        assertEquals(200, APP.call("DELETE", "/api/orders/1/mixing/start", null).status());
        assertEquals(204, APP.call("DELETE", "/api/orders/1", null).status());
        assertTrue(APP.get("/api/orders/2/mixing").body().get("startedAt").isNull());
        assertEquals(200, APP.post("/api/orders/2/mixing/start", null).status());
        assertFalse(APP.get("/api/orders/2/mixing").body().get("startedAt").isNull());
    }
}
