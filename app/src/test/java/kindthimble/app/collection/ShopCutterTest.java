package kindthimble.app.collection;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

class ShopCutterTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static String cutter(String name, String path, double mm) {
        return "{\"id\": 0, \"name\": \"%s\", \"path\": \"%s\", \"across\": \"WIDTH\", \"sizeMm\": %s, \"tags\": [\" autumn \", \"Autumn\"]}"
                .formatted(name, path, mm);
    }

    private static JsonNode kept(String name, String path) {
        Answer kept = APP.post("/api/cutters", cutter(name, path, 60));
        assertEquals(201, kept.status(), () -> kept.body().toString());
        return kept.body();
    }

    private static JsonNode found(long id) {
        for (JsonNode one : APP.get("/api/cutters").body()) {
            if (one.get("id").asLong() == id) {
                return one;
            }
        }
        return null;
    }

    @Test
    void aCutterIsDrawnAtItsSizeAndItsTagsAreTidied() {
        JsonNode roof = kept("Roof", "M0 0L4 3H-4Z");
        // 8 wide becomes 60: 3 high becomes 22.5, about the middle.
        assertTrue(
                roof.get("drawn").asString().contains("30.00 11.25"),
                () -> roof.get("drawn").asString());
        assertEquals(1, roof.get("tags").size());
        assertEquals("autumn", roof.get("tags").get(0).asString());
        assertEquals(0, roof.get("usedIn").size());
    }

    /** A design holds the outline itself: with the cutter gone it is what it was. */
    @Test
    void aDesignStandsWithoutTheCutterThatItWasCutWith() {
        String path = "M0 0H60V40L30 70L0 40Z";
        long id = kept("Pennant", path).get("id").asLong();
        long design = APP.get("/api/orders/1").body().at("/designs/0/id").asLong();
        String place = "/designs/" + design + "/document/cutter";
        assertEquals(
                200,
                APP.change(
                                "/api/orders/1",
                                place,
                                "{\"shape\": {\"kind\": \"own outline\", \"path\": \"%s\", \"called\": \"Pennant\"}, \"across\": \"WIDTH\", \"sizeMm\": 60}"
                                        .formatted(path))
                        .status());
        JsonNode uses = found(id).get("usedIn");
        assertEquals(1, uses.size());
        assertEquals(design, uses.get(0).get("design").asLong());
        assertEquals("Kite festival set", uses.get(0).get("orderName").asString());
        double grams = APP.get("/api/orders/1")
                .body()
                .at("/designs/0/cookie/gramsEach")
                .asDouble();

        assertEquals(204, APP.call("DELETE", "/api/cutters/" + id, null).status());
        assertEquals(null, found(id));
        assertEquals(404, APP.call("DELETE", "/api/cutters/" + id, null).status());
        JsonNode after = APP.get("/api/orders/1").body().at("/designs/0");
        assertEquals(grams, after.at("/cookie/gramsEach").asDouble());
        assertEquals("Pennant", after.at("/document/cutter/shape/called").asString());

        assertEquals(204, APP.post("/api/cutters/" + id + "/restore", null).status());
        assertEquals(1, found(id).get("usedIn").size());
    }

    @Test
    void whatIsNoCutterIsRefusedWithTheFieldThatIsWrong() {
        assertEquals("name", field(cutter("  ", "M0 0H5V5Z", 60)));
        assertEquals("path", field(cutter("Line", "M0 0H5", 60)));
        assertEquals("path", field(cutter("Words", "a round one", 60)));
        assertEquals("path", field(cutter("Nothing", "", 60)));
        assertEquals("sizeMm", field(cutter("Huge", "M0 0H5V5Z", 4000)));
        assertEquals("tags", field(cutter("Tags", "M0 0H5V5Z", 60).replace(" autumn ", "x".repeat(31))));
        assertEquals("across", field(cutter("Size", "M0 0H5V5Z", 60).replace("\"WIDTH\"", "null")));
    }

    private static String field(String body) {
        Answer refused = APP.post("/api/cutters", body);
        assertEquals(422, refused.status(), () -> refused.body().toString());
        assertFalse(refused.body().get("detail").asString().isBlank());
        return refused.body().get("field").asString();
    }

    @Test
    void aCutterIsRenamedWithoutChangingItsIdentity() {
        JsonNode before = kept("Crate", "M0 0H9V5H0Z");
        long id = before.get("id").asLong();
        assertEquals(
                200,
                APP.call("PUT", "/api/cutters/" + id, cutter("Box", "M0 0H9V5H0Z", 70))
                        .status());
        JsonNode after = found(id);
        assertEquals("Box", after.get("name").asString());
        assertEquals(70, after.get("sizeMm").asDouble());
        assertEquals(before.get("uid"), after.get("uid"));
        assertEquals(
                404,
                APP.call("PUT", "/api/cutters/99999", cutter("Box", "M0 0H9V5H0Z", 70))
                        .status());
    }
}
