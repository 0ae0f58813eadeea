package kindthimble.app.colours;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.Set;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** The colours of orders: those of past ones, palettes as files, and whether they can be told apart. */
class ColoursTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    @Test
    void pastColoursAreEachToldOnceWithTheLatestOrderThatHadThem() {
        JsonNode past = APP.get("/api/colours/past").body();
        assertTrue(past.size() > 10);
        Set<String> told = new HashSet<>();
        for (JsonNode colour : past) {
            assertTrue(
                    told.add(colour.get("name").asString() + colour.get("hex").asString()), colour::toString);
            JsonNode order = APP.get("/api/orders/" + colour.get("order")).body();
            assertEquals(
                    order.at("/details/name").asString(),
                    colour.get("orderName").asString());
            assertTrue(order.at("/details/palette")
                    .toString()
                    .contains(colour.get("hex").asString()));
        }
    }

    @Test
    void aPaletteGoesOutAndComesInAsItWas() {
        JsonNode palette = APP.get("/api/orders/1").body().at("/details/palette");
        for (String file : new String[] {"palette.gpl", "palette.json"}) {
            String text = APP.text("/api/orders/1/" + file);
            Answer read = APP.post(
                    "/api/colours/read",
                    tools.jackson.databind.json.JsonMapper.builder()
                            .build()
                            .writeValueAsString(java.util.Map.of("text", text)));
            assertEquals(200, read.status(), read::toString);
            JsonNode colours = read.body().has("colours") ? read.body().get("colours") : read.body();
            assertEquals(palette.size(), colours.size(), file);
            for (int i = 0; i < palette.size(); i++) {
                assertEquals(
                        palette.get(i).get("name").asString(),
                        colours.get(i).get("name").asString(),
                        file);
                assertEquals(
                        palette.get(i).get("hex").asString(),
                        colours.get(i).get("hex").asString(),
                        file);
            }
        }
        Answer none = APP.post("/api/colours/read", "{\"text\": \"a kite\"}");
        assertEquals(422, none.status());
        assertTrue(none.body().get("detail").asString().length() > 15);
    }

    @Test
    void twoNeighboursThatLookAlikeAreNamedAndOthersAreNot() {
        JsonNode views = APP.get("/api/orders/1/colours/seeing").body();
        assertEquals(APP.get("/api/orders/1").body().get("designs").size(), views.size());
        int before = alike(views);
        JsonNode palette = APP.get("/api/orders/1").body().at("/details/palette");
        // All colours are the same grey: whatever lies side by side looks alike to all eyes.
        for (int i = 0; i < palette.size(); i++) {
            APP.change("/api/orders/1", "/details/palette/" + i + "/hex", "\"#80808%d\"".formatted(i % 10));
        }
        JsonNode grey = APP.get("/api/orders/1/colours/seeing").body();
        assertTrue(alike(grey) > before, "more are alike");
        for (JsonNode view : grey) {
            for (JsonNode pair : view.get("alike")) {
                assertFalse(pair.get("seen").isEmpty());
                assertTrue(pair.get("deltaE").asDouble() < 7);
            }
        }
        for (int i = 0; i < palette.size(); i++) {
            APP.post("/api/orders/1/undo", null);
        }
        assertEquals(views, APP.get("/api/orders/1/colours/seeing").body());
    }

    private static int alike(JsonNode views) {
        int alike = 0;
        for (JsonNode view : views) {
            alike += view.get("alike").size();
        }
        return alike;
    }
}
