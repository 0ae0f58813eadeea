package kindthimble.app.mixing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import kindthimble.app.testing.RunningApp;
import kindthimble.core.habit.Habit;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** That each number of the shop is kept as itself, and what of the shelf counts for an order. */
class KeptAndCountedTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static JsonNode mixing() {
        return APP.get("/api/orders/1/mixing").body();
    }

    /** Every number another one: none of them comes back as its neighbour. */
    @Test
    void everyNumberOfTheShopComesBackAsItself() {
        JsonNode before = APP.get("/api/shop").body();
        ObjectNode shop = (ObjectNode) before.deepCopy();
        ObjectNode settings = (ObjectNode) shop.get("settings");
        ObjectNode habits = (ObjectNode) settings.get("habits");
        int n = 0;
        for (Habit habit : Habit.values()) {
            double was = habits.at("/" + habit + "/mean").asDouble();
            double step = (habit.range().most() - was) / (2 + n++ % 7);
            ((ObjectNode) habits.get(habit.name()))
                    .put("mean", habit.isWhole() ? was + Math.ceil(step) : was + step)
                    .put("source", "SHOP");
        }
        assertEquals(200, APP.change("/api/shop", "/settings", settings).status());
        APP.restart();
        assertEquals(settings, APP.get("/api/shop").body().get("settings"));
        assertEquals(
                200,
                APP.change("/api/shop", "/settings", before.get("settings")).status());
    }

    /** A bag with a tip keeps other grams than one without. */
    @Test
    void whatABagKeepsGoesByItsTip() {
        JsonNode pour = mixing().at("/pour/pour");
        int tipped = 0;
        int tipless = 0;
        for (JsonNode bowl : pour.get("bowls")) {
            for (JsonNode portion : bowl.get("portions")) {
                if (portion.get("vessel").asString().equals("BAG")) {
                    boolean tip = !portion.get("tips").isEmpty();
                    tipped += tip ? 1 : 0;
                    tipless += tip ? 0 : 1;
                    assertEquals(
                            (tip ? 8 : 6) * portion.get("bags").asInt(),
                            portion.get("keptGrams").asDouble(),
                            1e-9);
                }
            }
        }
        assertTrue(tipped > 0 && tipless > 0);
    }

    @Test
    void flatSchoolAddsItsShareToEveryBowl() {
        JsonNode order = APP.get("/api/orders/1").body();
        String details = order.get("details").toString();
        String flat = details.replace("\"school\":\"RISK\"", "\"school\":\"FLAT\"")
                .replaceFirst("\"flatPercent\":[0-9.]+", "\"flatPercent\":17");
        assertEquals(200, APP.change("/api/orders/1", "/details", flat).status());
        for (JsonNode bowl : mixing().at("/pour/pour/bowls")) {
            assertEquals(
                    0.17 * bowl.get("cookiesGrams").asDouble(),
                    bowl.get("spareGrams").asDouble(),
                    1e-9);
        }
        APP.change("/api/orders/1", "/details", details);
    }

    /** Left-over icing that is too old, or of another base, is not offered. */
    @Test
    void onlyGoodJarsOfTheSameBaseAreOffered() {
        int offered = mixing().get("jars").size();
        add("2026-12-01", "meringue-powder");
        add("2026-12-20", "fresh-whites");
        assertEquals(offered, mixing().get("jars").size());
        add("2026-12-02", "meringue-powder");
        assertEquals(offered + 1, mixing().get("jars").size(), "good today is good");
    }

    private static void add(String goodUntil, String recipe) {
        RunningApp.Answer added = APP.post(
                "/api/shelf/jars",
                "{\"name\":\"White\",\"hex\":\"#F6F6F0\",\"grams\":40,\"countSeconds\":15,\"recipe\":\"%s\",\"goodUntil\":\"%s\"}"
                        .formatted(recipe, goodUntil));
        assertTrue(added.status() < 300, () -> added.toString());
    }

    /** A bottle of 350 drops costs what it costs: a recipe its share. */
    @Test
    void gelCostsByTheDrop() {
        JsonNode recipe = mixing().at("/tints/poppy/recipe");
        double expected = 0;
        for (JsonNode dose : recipe.get("doses")) {
            double drops = dose.get("drops").asInt() + dose.get("dabs").asInt() / 4.0;
            assertEquals(drops * 0.04, dose.get("grams").asDouble(), 1e-9);
            expected += drops / 350 * 4.6;
        }
        assertEquals(1, recipe.get("doses").size(), "poppy alone");
        assertEquals(expected, recipe.get("cost").asDouble(), 1e-9);
    }

    /** A label for each bag and each bottle, with what is in it. */
    @Test
    void everyBagAndBottleHasItsLabel() throws IOException, InterruptedException {
        assertEquals(
                200, APP.change("/api/shop", "/settings/habits/BOTTLES/mean", 3).status());
        int bags = 0;
        int bottles = 0;
        for (JsonNode bowl : mixing().at("/pour/pour/bowls")) {
            for (JsonNode portion : bowl.get("portions")) {
                String vessel = portion.get("vessel").asString();
                bags += vessel.equals("BAG") ? portion.get("bags").asInt() : 0;
                bottles += vessel.equals("BOTTLE") ? portion.get("bags").asInt() : 0;
            }
        }
        assertTrue(bottles > 0 && bottles <= 3);
        byte[] pdf = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(APP.url() + "/api/orders/1/print/bag-labels.pdf"))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
        try (PDDocument labels = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(labels);
            assertEquals(bags + bottles, text.split("the only bag|bag \\d+ of \\d+", -1).length - 1, text);
            assertEquals(bottles, text.split("bottle", -1).length - 1, text);
        }
        APP.change("/api/shop", "/settings/habits/BOTTLES/mean", 0);
    }
}
