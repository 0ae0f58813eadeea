package kindthimble.app.shelf;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.TreeMap;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What there is on the shelf, and what work takes off it. */
class ShelfTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static String jar(String name, String hex, double grams, double count, String goodUntil) {
        return """
                {"id": null, "name": "%s", "hex": "%s", "grams": %s, "countSeconds": %s, "recipe": "meringue-powder", "goodUntil": %s, "order": null}
                """.formatted(name, hex, grams, count, goodUntil);
    }

    private static boolean holdsJar(String name) {
        for (JsonNode jar : APP.get("/api/shelf").body().get("jars")) {
            if (jar.get("name").asString().equals(name)) {
                return true;
            }
        }
        return false;
    }

    @Test
    void showsAllThatRecipesTakeAndPackagingWithWhatThereIs() {
        TreeMap<String, Double> amounts = APP.stock();
        assertEquals(750, amounts.get("icing sugar"));
        assertEquals(0, amounts.get("plain flour"), "known, and none there");
        assertTrue(amounts.containsKey("cookie bags"));
        assertFalse(amounts.containsKey("water"), "nobody buys that");
    }

    @Test
    void aJarIsAddedTakenOffAndPutBackAndEachIsAStep() {
        Answer added = APP.post("/api/shelf/jars", jar("Sky", "#88AACC", 80, 15, "\"2026-12-09\""));
        assertEquals(201, added.status(), added::toString);
        assertTrue(holdsJar("Sky"));
        long id = 0;
        for (JsonNode jar : added.body().get("jars")) {
            id = jar.get("name").asString().equals("Sky") ? jar.get("id").asLong() : id;
        }
        APP.call("DELETE", "/api/shelf/jars/" + id, null);
        assertFalse(holdsJar("Sky"));
        APP.post("/api/shop/undo", null);
        assertTrue(holdsJar("Sky"));
        APP.post("/api/shop/redo", null);
        assertFalse(holdsJar("Sky"));
        APP.post("/api/shelf/jars/" + id + "/restore", null);
        assertTrue(holdsJar("Sky"));
        assertEquals(404, APP.call("DELETE", "/api/shelf/jars/999", null).status());
    }

    @ParameterizedTest
    @CsvSource({
        "name, '', #88AACC, 80, 15, '\"2026-12-09\"'",
        "grams, Sky, #88AACC, 0, 15, '\"2026-12-09\"'",
        "grams, Sky, #88AACC, 5001, 15, '\"2026-12-09\"'",
        "countSeconds, Sky, #88AACC, 80, 1, '\"2026-12-09\"'",
        "countSeconds, Sky, #88AACC, 80, 301, '\"2026-12-09\"'",
        "goodUntil, Sky, #88AACC, 80, 15, null",
    })
    void aJarThatCanNotBeIsRefusedByField(
            String field, String name, String hex, double grams, double count, String goodUntil) {
        int before = APP.get("/api/shelf").body().get("jars").size();
        Answer refused = APP.post("/api/shelf/jars", jar(name, hex, grams, count, goodUntil));
        assertEquals(422, refused.status(), refused::toString);
        assertEquals(field, refused.body().get("field").asString());
        assertTrue(refused.body().get("detail").asString().length() > 15);
        assertEquals(before, APP.get("/api/shelf").body().get("jars").size());
    }

    /** A jar that is set aside goes into its bowl: so much less base is made, and what goes in is still what comes out. */
    @Test
    void aJarThatIsSetAsideIsMadeLessOf() {
        String fresh =
                APP.get("/api/orders/1/mixing").body().at("/pour/pour/balance").toString();
        JsonNode jars = APP.get("/api/orders/1/mixing").body().get("jars");
        assertFalse(jars.isEmpty(), "white of the demo fits its bowl");
        JsonNode jar = jars.get(0);
        long id = jar.at("/jar/id").asLong(jar.path("id").asLong());
        double before = balance("ingredientsGrams");
        assertEquals(200, APP.post("/api/orders/1/mixing/jars/" + id, null).status());
        double grams = balance("jarsGrams");
        assertEquals(62, grams, 1e-6);
        assertTrue(balance("ingredientsGrams") < before, "less is made");
        assertEquals(balance("inGrams"), balance("outGrams"), 0.01);
        assertEquals(
                200, APP.call("DELETE", "/api/orders/1/mixing/jars/" + id, null).status());
        assertEquals(
                fresh,
                APP.get("/api/orders/1/mixing").body().at("/pour/pour/balance").toString());
    }

    private static double balance(String part) {
        return APP.get("/api/orders/1/mixing")
                .body()
                .at("/pour/pour/balance/" + part)
                .asDouble();
    }
}
