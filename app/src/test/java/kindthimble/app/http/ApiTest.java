package kindthimble.app.http;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class ApiTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    /** The interface's types are made from this file; after a change of the controllers, run bin/api. */
    @Test
    void descriptionThatTheInterfaceIsBuiltOnIsThatOfTheControllers() throws IOException {
        Path kept = Path.of("../web/src/api/openapi.json");
        JsonMapper json =
                JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
        ObjectNode now = (ObjectNode) APP.get("/api/openapi").body();
        // Where it was asked for is no part of it; it stands there from the second time on.
        now.remove("servers");
        if (Boolean.getBoolean("kind-thimble.write-api")) {
            Files.writeString(kept, json.writeValueAsString(now) + "\n");
        }
        assertEquals(json.readTree(Files.readString(kept)), now);
    }

    @Test
    void demoOrdersMoveWithTheDayAndEveryGramIsAccountedFor() {
        assertEquals("2026-12-02", APP.get("/api/week").body().get("today").asString());
        JsonNode week = APP.get("/api/orders").body();
        assertTrue(week.get("orders").size() >= 2);
        for (JsonNode order : week.get("orders")) {
            assertTrue(order.get("handOver").asString().compareTo("2026-12-03") > 0);
            JsonNode balance =
                    APP.get("/api/orders/" + order.get("id") + "/pour").body().at("/pour/balance");
            assertTrue(balance.get("inGrams").asDouble() > 100);
            assertEquals(
                    balance.get("inGrams").asDouble(), balance.get("outGrams").asDouble(), 0.01);
        }
        int orders = week.get("orders").size();
        APP.restart();
        assertEquals(orders, APP.get("/api/orders").body().get("orders").size(), "demo data comes once");
    }

    @Test
    void unknownAddressesAnswerAsProblems() {
        assertEquals(404, APP.get("/api/nothing").status());
        assertEquals(404, APP.get("/api/orders/x").status());
        assertEquals(404, APP.get("/api/orders/999999").status());
        assertEquals(405, APP.call("PATCH", "/api/orders", "{}").status());
    }
}
