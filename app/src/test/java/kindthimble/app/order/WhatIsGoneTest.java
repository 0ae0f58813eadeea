package kindthimble.app.order;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Tips, bases and gels that are put away while orders take them: nothing fails, and an order says what it lacks. */
class WhatIsGoneTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static void shopWithTips(String tips) {
        assertEquals(
                200, APP.change("/api/shop", "/settings/tips", "[" + tips + "]").status());
    }

    @Test
    void tipsThatAreGone() {
        shopWithTips("");
        JsonNode order = APP.get("/api/orders/1").body();
        assertTrue(order.at("/plan/trouble").isNull(), "the house's tips are still known");
        JsonNode tips = APP.get("/api/orders/1/mixing").body().get("tips");
        assertEquals(0, tips.get(0).get("owned").asInt(), "and it is said that there are none");

        shopWithTips("{\"name\":\"fine\",\"openingMm\":0.6,\"owned\":1}");
        JsonNode first = APP.get("/api/orders/1").body().at("/designs/0");
        String document = first.get("document").toString();
        String fine = document.replaceFirst("\"move\":\"outline\"", "\"move\":\"outline\",\"tip\":\"fine\"");
        assertFalse(fine.equals(document));
        assertEquals(
                200,
                APP.change("/api/orders/1", "/designs/" + first.get("id") + "/document", fine)
                        .status());
        // Its dough is begun: what is left of it can't be said now, and what was begun stays.
        assertEquals(
                200,
                APP.post(
                                "/api/orders/1/bench",
                                "[{\"id\": \"d1\", \"at\": \"%s\", \"device\": \"\", \"what\": \"BEGUN\", \"step\": \"1 dough\", \"amount\": 500, \"words\": \"\"}]"
                                        .formatted(Instant.now()))
                        .status());
        shopWithTips("");
        assertEquals(200, APP.get("/api/week").status());
        assertEquals(200, APP.get("/api/orders/1/clock").status());
        JsonNode lacking = APP.get("/api/orders/1").body();
        assertTrue(lacking.at("/designs/0/trouble").asString().contains("no tip fine"));
        assertTrue(lacking.at("/designs/1/trouble").isNull());
        assertTrue(lacking.at("/plan/trouble").asString().contains("no tip fine"));
        shopWithTips("{\"name\":\"fine\",\"openingMm\":0.6,\"owned\":1}");
        assertTrue(APP.get("/api/orders/1").body().at("/plan/trouble").isNull());
    }

    @Test
    void aBaseAndAGelThatAreGone() {
        APP.store("update cookie_order set recipe = 'plaster' where id = 2");
        APP.store("update cookie_order set mixed_into = null");
        assertEquals(200, APP.get("/api/week").status());
        JsonNode order = APP.get("/api/orders/2").body();
        assertTrue(order.at("/plan/trouble").asString().contains("no base recipe plaster"));
        assertTrue(order.get("designs").size() > 0);
        assertEquals(422, APP.get("/api/orders/2/mixing").status());
        assertEquals(204, APP.call("DELETE", "/api/gels/navy", null).status());
        assertEquals(200, APP.get("/api/orders/1/mixing").status());
        APP.store("update cookie_order set recipe = null where id = 2");
        assertTrue(APP.get("/api/orders/2").body().at("/plan/trouble").isNull());
    }
}
