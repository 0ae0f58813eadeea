package kindthimble.app.http;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.http.HttpHeaders;
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
        assertEquals(404, APP.get("/error").status());
    }

    @Test
    void whatCantBeReadIsSaidAndIsNoFaultOfOurs() {
        assertEquals(200, APP.get("/api/orders?text=%C3%BC").status());
        for (String address : new String[] {"/api/orders?text=%ff", "/api/orders?%ff=1", "/api/orders?text=%"}) {
            RunningApp.Answer unread = APP.raw(address);
            assertEquals(400, unread.status(), address);
            assertTrue(unread.body().get("detail").asString().length() > 15, address);
        }
        for (String place : new String[] {"/", "//", "/details//name", "details"}) {
            RunningApp.Answer nowhere = APP.change("/api/orders/1", place, 1);
            assertEquals(422, nowhere.status(), place);
            assertTrue(nowhere.body().get("detail").asString().length() > 15, place);
        }
        assertEquals(
                200,
                APP.change("/api/orders/1", "/details/name", "\"Kite festival\"")
                        .status());
    }

    /** A page whose answer was lost sends the same patch again, whatever others have done meanwhile. */
    @Test
    void aPatchThatIsSentTwiceCountsOnce() {
        for (String[] one :
                new String[][] {{"/api/orders/2", "/details/notes"}, {"/api/shop", "/settings/customs/currency"}}) {
            long revision = APP.get(one[0]).body().get("revision").asLong();
            String patch =
                    "{\"id\": \"once %s\", \"revision\": %d, \"gesture\": null, \"edits\": [{\"path\": \"%s\", \"now\": \"GBP\"}]}"
                            .formatted(one[1], revision, one[1]);
            assertEquals(200, APP.call("PATCH", one[0], patch).status());
            assertEquals(200, APP.change(one[0], one[1], "\"EUR\"").status());
            long after = APP.get(one[0]).body().get("revision").asLong();
            RunningApp.Answer again = APP.call("PATCH", one[0], patch);
            assertEquals(200, again.status(), again::toString);
            assertEquals(after, again.body().get("revision").asLong());
            assertEquals("EUR", APP.get(one[0]).body().at(one[1]).asString());
            assertEquals(
                    409,
                    APP.call("PATCH", one[0], patch.replace("once", "another")).status());
        }
    }

    @Test
    void pagesMayLoadNothingFromElsewhereAndNobodyElseMayLoadThem() {
        HttpHeaders headers = APP.headers("/");
        String policy = headers.firstValue("Content-Security-Policy").orElse("");
        for (String rule :
                new String[] {"default-src 'self'", "base-uri 'none'", "form-action 'self'", "frame-ancestors 'none'"
                }) {
            assertTrue(policy.contains(rule), policy);
        }
        assertEquals(
                "same-origin",
                headers.firstValue("Cross-Origin-Resource-Policy").orElse(""));
    }
}
