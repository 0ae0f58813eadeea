package kindthimble.app.recipe;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Base recipes of the shop's own. */
class RecipeTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final String SUGAR =
            "{\"name\": \"icing sugar\", \"role\": \"SUGAR\", \"grams\": 500, \"allergens\": []}";
    private static final String WATER = "{\"name\": \"water\", \"role\": \"WATER\", \"grams\": 80, \"allergens\": []}";
    private static final String CURVE = "{\"ownCountSeconds\": 80, \"perGram\": 0.23}";

    private static String recipe(String name, String ingredients, String curve) {
        return "{\"name\": \"%s\", \"ingredients\": [%s], \"curve\": %s, \"caution\": \"\"}"
                .formatted(name, ingredients, curve);
    }

    private static Answer add(String name) {
        return APP.post("/api/recipes", recipe(name, SUGAR + "," + WATER, CURVE));
    }

    private static boolean isListed(String key) {
        for (JsonNode one : APP.get("/api/recipes").body()) {
            if (one.get("key").asString().equals(key)) {
                return true;
            }
        }
        return false;
    }

    @Test
    void aNewOneHasAKeyOfItsOwnAndCanBeTaken() {
        Answer first = add("Line & kite, stiff");
        assertEquals(201, first.status(), first::toString);
        assertEquals("line-kite-stiff", first.body().get("key").asString());
        assertEquals(
                "line-kite-stiff-2", add("Line & kite, stiff").body().get("key").asString());
        assertEquals(
                "meringue-powder-2", add("Meringue powder").body().get("key").asString(), "not over the house's");
        assertEquals("recipe", add("…").body().get("key").asString());

        double before = base();
        assertEquals(
                200,
                APP.change("/api/orders/3", "/details/recipe", "\"line-kite-stiff\"")
                        .status());
        JsonNode weighed = APP.get("/api/orders/3/mixing").body().at("/pour/pour/batches/0/weighed");
        double sugar = 0;
        double water = 0;
        for (JsonNode one : weighed) {
            sugar += one.get("ingredient").asString().equals("icing sugar")
                    ? one.get("grams").asDouble()
                    : 0;
            water += one.get("ingredient").asString().equals("water")
                    ? one.get("grams").asDouble()
                    : 0;
        }
        assertEquals(500.0 / 80, sugar / water, 0.2, "in the proportion of the recipe");
        APP.change("/api/orders/3", "/details/recipe", "null");
        assertEquals(before, base(), 1e-9);
    }

    private static double base() {
        return APP.get("/api/orders/3/mixing")
                .body()
                .at("/pour/pour/balance/ingredientsGrams")
                .asDouble();
    }

    @Test
    void oneOfTheShopsOwnIsPutAwayAndBroughtBack() {
        String key = add("Sail").body().get("key").asString();
        assertTrue(isListed(key));
        assertEquals(200, APP.call("DELETE", "/api/recipes/" + key, null).status());
        assertFalse(isListed(key));
        // Orders that take it still find it.
        assertEquals(
                200,
                APP.change("/api/orders/3", "/details/recipe", "\"" + key + "\"")
                        .status());
        assertEquals(200, APP.get("/api/orders/3").status());
        APP.change("/api/orders/3", "/details/recipe", "null");
        assertEquals(200, APP.post("/api/recipes/" + key + "/restore", null).status());
        assertTrue(isListed(key));
    }

    @Test
    void changesToOneOfTheHouseAreTakenBackAndItStays() {
        double house = grams();
        assertEquals(
                200,
                APP.change("/api/shop", "/recipes/fresh-whites/ingredients/0/grams", house + 10)
                        .status());
        assertEquals(house + 10, grams());
        assertEquals(200, APP.call("DELETE", "/api/recipes/fresh-whites", null).status());
        assertEquals(house, grams());
        assertTrue(isListed("fresh-whites"));
        // That is a step as any.
        assertEquals(200, APP.post("/api/shop/undo", null).status());
        assertEquals(house + 10, grams());
        assertEquals(200, APP.post("/api/shop/redo", null).status());
        assertEquals(house, grams());
    }

    private static double grams() {
        for (JsonNode one : APP.get("/api/recipes").body()) {
            if (one.get("key").asString().equals("fresh-whites")) {
                return one.at("/ingredients/0/grams").asDouble();
            }
        }
        throw new AssertionError("it is gone");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "name | '' | S,W | C",
                "name | x81 | S,W | C",
                "ingredients | Kite | '' | C",
                "ingredients | Kite | S | C",
                "ingredients | Kite | W | C",
                "ingredients[0].grams | Kite | S0,W | C",
                "ingredients[1].grams | Kite | S,W- | C",
                "ingredients[0].name | Kite | S?,W | C",
                "curve.ownCountSeconds | Kite | S,W | 1",
                "curve.ownCountSeconds | Kite | S,W | 301",
                "curve.perGram | Kite | S,W | b",
            })
    void whatCanNotBeABaseIsRefusedByField(String field, String name, String ingredients, String curve) {
        int before = APP.get("/api/recipes").body().size();
        String curved = switch (curve) {
            case "C" -> CURVE;
            case "b" -> "{\"ownCountSeconds\": 80, \"perGram\": 0}";
            default -> "{\"ownCountSeconds\": %s, \"perGram\": 0.23}".formatted(curve);
        };
        String made = ingredients
                .replace("S0", SUGAR.replace("500", "0"))
                .replace("W-", WATER.replace("80", "-1"))
                .replace("S?", SUGAR.replace("\"icing sugar\"", "\" \""))
                .replaceAll("\\bS\\b", SUGAR)
                .replaceAll("\\bW\\b", WATER);
        Answer refused = APP.post("/api/recipes", recipe(name.equals("x81") ? "x".repeat(81) : name, made, curved));
        assertTrue(refused.status() == 422 || refused.status() == 400, refused::toString);
        String named = refused.body().get("field").asString();
        assertTrue(field.equals(named) || field.startsWith(named + "."), refused::toString);
        assertTrue(refused.body().get("detail").asString().length() > 15);
        assertEquals(before, APP.get("/api/recipes").body().size(), "nothing is stored");
    }
}
