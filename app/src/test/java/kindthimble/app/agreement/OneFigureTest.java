package kindthimble.app.agreement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What has one meaning has one figure on all screens and papers of an order, whatever state it is in. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class OneFigureTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private int presses;

    @Test
    @Order(1)
    void ordersAsTheyArePlanned() throws IOException, InterruptedException {
        for (long order = 1; order <= 6; order++) {
            new Figures(APP, order).agreeWithTheList();
        }
    }

    /** Mixing has begun, and then a design is wanted more often, and another one less: what is mixed, and mixed more, stays one thing for all. */
    @Test
    void anOrderWhoseMixingHasBegunAndThatIsChangedThen() throws IOException, InterruptedException {
        assertEquals(200, APP.post("/api/orders/4/mixing/start", null).status());
        agree(4);
        count(4, 0, 36);
        agree(4);
        assertEquals(1, get("/api/orders/4/mixing").get("additions").size());
        assertEquals(200, APP.post("/api/orders/4/mixing/more", null).status());
        count(4, 0, 12);
        agree(4);
        assertEquals(2, get("/api/orders/4/mixing").get("additions").size());
        count(4, 0, -40);
        agree(4);
    }

    /** An order whose cookies are half iced out of a bag that was topped up. */
    @Test
    void anOrderThatIsHalfIced() throws IOException, InterruptedException {
        List<String> pressed = new ArrayList<>();
        for (JsonNode step : get("/api/orders/5/bench").get("steps")) {
            if (List.of("DOUGH", "BASE", "BOWL").contains(step.get("doing").asString())) {
                pressed.add(event("DONE", step, 0, ""));
            } else if (step.get("doing").asString().equals("ICE")) {
                for (int cookie = 1; cookie <= step.get("cookies").asInt() / 2; cookie++) {
                    pressed.add(event("ICED", step, cookie, ""));
                }
                pressed.add(event("ADDED", step, 40, step.at("/bags/0/key").asString()));
            }
        }
        assertEquals(
                200,
                APP.post("/api/orders/5/bench", "[" + String.join(",", pressed) + "]")
                        .status());
        agree(5);
        count(5, 0, 24);
        agree(5);
    }

    /** All of it is done, and what was changed after that is no figure of anything that was mixed. */
    @Test
    void anOrderThatIsDone() throws IOException, InterruptedException {
        List<String> pressed = new ArrayList<>();
        for (JsonNode step : get("/api/orders/2/bench").get("steps")) {
            if (step.get("order").asLong() == 2 || !step.get("mixed").isNull()) {
                pressed.add(event("DONE", step, 0, ""));
            }
        }
        assertEquals(
                200,
                APP.post("/api/orders/2/bench", "[" + String.join(",", pressed) + "]")
                        .status());
        agree(2);
        agree(1);
        count(2, 0, 18);
        agree(2);
        agree(1);
    }

    /** A colour without a bowl of its own comes out of another one's, for the orders that are mixed together as well. */
    @Test
    void anOrderWithAJoinedColour() throws IOException, InterruptedException {
        JsonNode palette = get("/api/orders/3").at("/details/palette");
        String into = palette.get(0).get("key").asString();
        assertEquals(
                200,
                APP.change("/api/orders/3", "/details/palette/1/joinedInto", "\"" + into + "\"")
                        .status());
        agree(3);
        assertEquals(200, APP.post("/api/orders/3/mixing/start", null).status());
        count(3, 0, 12);
        agree(3);
        APP.call("DELETE", "/api/orders/3/mixing/start", null);
        APP.change("/api/orders/3", "/details/palette/1/joinedInto", "null");
    }

    /** Two orders out of common bowls, one colour joined into another, and a jar that fits one of them. */
    @Test
    void ordersThatAreJoined() throws IOException, InterruptedException {
        assertEquals(200, APP.post("/api/orders/6/mixing/with/3", null).status());
        agree(6);
        agree(3);
        JsonNode bowl = get("/api/orders/6/mixing").at("/pour/colours/0");
        assertEquals(
                201,
                APP.post(
                                "/api/shelf/jars",
                                "{\"name\": \"%s\", \"hex\": \"%s\", \"grams\": 40, \"countSeconds\": 20, \"recipe\": \"%s\", \"goodUntil\": \"2031-01-01\"}"
                                        .formatted(
                                                bowl.get("name").asString(),
                                                bowl.get("hex").asString(),
                                                get("/api/orders/6/mixing")
                                                        .at("/pour/recipeKey")
                                                        .asString()))
                        .status());
        JsonNode jar = get("/api/orders/6/mixing").at("/jars/0/jar/id");
        assertEquals(200, APP.post("/api/orders/6/mixing/jars/" + jar, null).status());
        assertTrue(
                get("/api/orders/6/mixing").at("/pour/pour/balance/jarsGrams").asDouble() > 0);
        agree(6);
        agree(3);
        assertEquals(200, APP.post("/api/orders/6/mixing/start", null).status());
        count(3, 0, 24);
        agree(6);
        agree(3);
    }

    private static void count(long order, int design, int more) {
        JsonNode one = get("/api/orders/" + order).at("/designs/" + design);
        assertEquals(
                200,
                APP.change(
                                "/api/orders/" + order,
                                "/designs/" + one.get("id").asLong() + "/count",
                                one.get("count").asInt() + more)
                        .status());
    }

    private String event(String what, JsonNode step, double amount, String words) {
        return "{\"id\": \"agreed-%d\", \"at\": \"%s\", \"device\": \"\", \"what\": \"%s\", \"step\": \"%s\", \"amount\": %s, \"words\": \"%s\"}"
                .formatted(++presses, Instant.now(), what, step.get("key").asString(), amount, words);
    }

    private static void agree(long order) throws IOException, InterruptedException {
        new Figures(APP, order).agree();
    }

    private static JsonNode get(String path) {
        return APP.get(path).body();
    }
}
