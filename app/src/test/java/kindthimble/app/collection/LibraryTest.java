package kindthimble.app.collection;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

class LibraryTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static JsonNode order(int id) {
        return APP.get("/api/orders/" + id).body();
    }

    private static long keepTheKite() {
        long design = order(1).at("/designs/0/id").asLong();
        Answer kept = APP.post("/api/library", "{\"order\": 1, \"design\": %d}".formatted(design));
        assertEquals(201, kept.status());
        return kept.body().get("id").asLong();
    }

    @Test
    void keptDesignHasRolesAndIsCastInAnotherOrdersColours() {
        long kept = keepTheKite();
        JsonNode design = APP.get("/api/library?order=2").body().get(0);
        assertEquals(kept, design.get("id").asLong());
        assertEquals("white", design.at("/cast/white").asString());
        assertEquals("marigold", design.at("/cast/main").asString());
        // The kite of poppy, marigold, white and coal; the night train has no coal, and brings it along when asked to.
        Answer taken = APP.post(
                "/api/library/" + kept + "/take",
                "{\"order\": 2, \"count\": 9, \"colours\": {\"main\": \"marigold\", \"second\": \"plum\", \"white\": \"white\"}}");
        assertEquals(201, taken.status(), () -> taken.body().toString());
        JsonNode palette = taken.body().at("/order/details/palette");
        assertEquals("Coal", palette.get(palette.size() - 1).get("name").asString());
        JsonNode designs = taken.body().at("/order/designs");
        JsonNode added = designs.get(designs.size() - 1);
        assertEquals(9, added.get("count").asInt());
        assertEquals(
                order(1).at("/designs/0/cookie/gramsEach").asDouble(),
                added.at("/cookie/gramsEach").asDouble(),
                1e-9,
                "colours do not change what it takes");

        assertEquals(204, APP.call("DELETE", "/api/library/" + kept, null).status());
        assertEquals(
                404,
                APP.post("/api/library/" + kept + "/take", "{\"order\": 2, \"count\": 1}")
                        .status());
        assertEquals(200, APP.post("/api/library/" + kept + "/restore", null).status());
    }

    @Test
    void aDesignIsFoundByItsTagsAndSaysWhereItIsUsed() {
        long kept = keepTheKite();
        assertEquals(
                204,
                APP.call("PUT", "/api/library/" + kept + "/tags", "[\"spring\", \" Spring\", \"\", \"kites\"]")
                        .status());
        APP.post("/api/library/" + kept + "/take", "{\"order\": 2, \"count\": 5, \"colours\": {}}");
        JsonNode design = APP.get("/api/library").body().get(0);
        assertEquals("[\"spring\",\"kites\"]", design.get("tags").toString());
        // Where it was kept from, and where it was taken to.
        List<Long> orders = new ArrayList<>();
        design.get("usedIn").forEach(use -> orders.add(use.get("order").asLong()));
        assertEquals(List.of(1L, 2L), orders.stream().sorted().toList());
        String many = "\"a\""
                + IntStream.range(0, 12).mapToObj(i -> ", \"t" + i + "\"").collect(Collectors.joining());
        assertEquals(
                422,
                APP.call("PUT", "/api/library/" + kept + "/tags", "[" + many + "]")
                        .status());
    }

    @Test
    void wrongColoursAreRefusedAndNothingIsAdded() {
        long kept = keepTheKite();
        int before = order(1).get("designs").size();
        Answer refused = APP.post(
                "/api/library/" + kept + "/take", "{\"order\": 1, \"count\": 9, \"colours\": {\"main\": \"mauve\"}}");
        assertEquals(422, refused.status());
        assertTrue(refused.body().get("detail").asString().contains("mauve"));
        assertEquals(
                422,
                APP.post("/api/library/" + kept + "/take", "{\"order\": 1, \"count\": 0}")
                        .status());
        assertEquals(before, order(1).get("designs").size());
        assertEquals(
                404,
                APP.post("/api/library", "{\"order\": 1, \"design\": 99999}").status());
    }

    @Test
    void designsAreSortedAsAskedAndOnlyAllOfThem() {
        JsonNode designs = order(1).get("designs");
        long first = designs.get(0).get("id").asLong();
        StringBuilder turned = new StringBuilder();
        for (int i = designs.size() - 1; i >= 0; i--) {
            turned.append(turned.isEmpty() ? "" : ",").append(designs.get(i).get("id"));
        }
        Answer sorted = APP.call("PUT", "/api/orders/1/designs", "{\"designs\": [" + turned + "]}");
        assertEquals(200, sorted.status());
        assertNotEquals(first, order(1).at("/designs/0/id").asLong());
        assertEquals(
                422,
                APP.call("PUT", "/api/orders/1/designs", "{\"designs\": [" + first + "]}")
                        .status());
        assertEquals(422, APP.call("PUT", "/api/orders/1/designs", "{}").status());
    }
}
