package kindthimble.app.tint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Gels, recipes, let-downs and swatches over HTTP, on the demo data. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class TintTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static Answer solve(String body) {
        return APP.post("/api/tint/solve", body);
    }

    private static JsonNode mixing() {
        return APP.get("/api/orders/1/mixing").body();
    }

    private static JsonNode gel(String key) {
        for (JsonNode gel : APP.get("/api/gels").body()) {
            if (gel.get("key").asString().equals(key)) {
                return gel;
            }
        }
        throw new AssertionError("no gel " + key);
    }

    @Test
    @Order(1)
    void recipeIsInWholeDropsForTheGramsOfTheBowl() {
        JsonNode red = solve("{\"target\": \"#D5473F\", \"baseGrams\": 258}").body();
        assertEquals("poppy", red.at("/drops/0/gel").asString());
        assertEquals(41, red.at("/drops/0/drops").asInt(), 1);
        assertTrue(red.get("deltaE00").asDouble() < 1);
        assertEquals(
                red.at("/drops/0/drops").asInt() * 0.04 / 2.58,
                red.get("gelPercent").asDouble(),
                0.01);
        assertEquals(3, red.get("predictedDryLab").size());
        double best = red.at("/alternatives/0/deltaE00").asDouble();
        assertTrue(red.get("deltaE00").asDouble() <= best + 0.5 + 1e-9);
        // Twice the base, about twice the drops.
        JsonNode twice = solve("{\"target\": \"#D5473F\", \"baseGrams\": 516}").body();
        assertEquals(
                2.0 * red.at("/drops/0/drops").asInt(),
                twice.at("/drops/0/drops").asInt(),
                3);
    }

    @Test
    @Order(2)
    void namedGelsAreTakenFromTheShelfOrTheReferencesAndAllElseIsRefused() {
        JsonNode one = solve(
                        "{\"target\": \"#F6F6F0\", \"baseGrams\": 200, \"gels\": [\"poppy\", \"whitener\"], \"maxGels\": 1}")
                .body();
        assertTrue(one.get("drops").size() <= 1);
        Answer unknown = solve("{\"target\": \"#D5473F\", \"baseGrams\": 258, \"gels\": [\"mauve\"]}");
        assertEquals(422, unknown.status());
        assertEquals("gels", unknown.body().get("field").asString());
        assertEquals(422, solve("{\"target\": \"red\", \"baseGrams\": 258}").status());
        assertEquals(422, solve("{\"target\": \"#D5473F\", \"baseGrams\": 0}").status());
        assertEquals(422, solve("{\"target\": \"#D5473F\", \"baseGrams\": -3}").status());
        assertEquals(
                422,
                solve("{\"target\": \"#D5473F\", \"baseGrams\": 20, \"maxGels\": 4}")
                        .status());
        assertEquals(400, solve("").status());
    }

    @Test
    @Order(3)
    void everyBowlHasItsTintAndTheGelsAreOnTheList() {
        JsonNode view = mixing();
        double gel = 0;
        for (JsonNode bowl : view.at("/pour/pour/bowls")) {
            String key = bowl.get("colour").asString();
            JsonNode tint = view.get("tints").get(key);
            assertFalse(tint == null, key);
            gel += bowl.get("gelGrams").asDouble();
            if (key.equals("haze")) {
                assertEquals("navy-ink", tint.at("/shade/mother").asString());
                assertTrue(tint.at("/shade/deltaE").asDouble() < 2);
                double white = bowl.at("/letDown/whiteGrams").asDouble();
                double navy = bowl.at("/letDown/motherBaseGrams").asDouble();
                assertEquals(bowl.get("baseGrams").asDouble(), white + navy, 1e-6);
                assertEquals(tint.at("/shade/share").asDouble(), navy / (white + navy), 1e-6);
            } else {
                // The drops for these grams weigh what the pour reckons with, but for the rounding to whole dabs.
                assertEquals(
                        bowl.get("gelGrams").asDouble(),
                        tint.at("/recipe/gelGrams").asDouble(),
                        0.35,
                        key);
            }
        }
        assertEquals(view.at("/pour/pour/balance/gelGrams").asDouble(), gel, 1e-9);
        assertEquals(
                view.at("/pour/pour/balance/inGrams").asDouble(),
                view.at("/pour/pour/balance/outGrams").asDouble(),
                0.01);
        assertTrue(view.at("/tints/glow-green/hints").toString().contains("OUT_OF_REACH"));
        double onList = 0;
        double inBowls = 0;
        for (JsonNode line : view.get("shopping")) {
            onList += line.get("measure").asString().equals("DROPS")
                    ? line.get("needed").asDouble()
                    : 0;
        }
        for (JsonNode tint : view.get("tints")) {
            for (JsonNode dose : tint.at("/recipe/doses")) {
                inBowls += dose.get("drops").asInt() + dose.get("dabs").asInt() / 4.0;
            }
        }
        assertEquals(inBowls, onList, 1e-9);
    }

    @Test
    @Order(4)
    void lightColourIsTintedOnItsOwnAndOfferedAsALetDownAgain() {
        JsonNode order = APP.get("/api/orders/1").body();
        String details = order.get("details").toString();
        String own = details.replace("\"letDownFrom\":\"navy-ink\"", "\"letDownFrom\":null");
        Answer changed = APP.change("/api/orders/1", "/details", own);
        assertEquals(200, changed.status());
        JsonNode families = mixing().get("families");
        List<String> lights = new ArrayList<>();
        families.forEach(family -> lights.add(family.get("light").asString()));
        assertTrue(lights.contains("haze"), families.toString());
        String wrong = details.replace("\"letDownFrom\":\"navy-ink\"", "\"letDownFrom\":\"mauve\"");
        Answer refused = APP.change("/api/orders/1", "/details", wrong);
        assertEquals(422, refused.status());
        assertTrue(refused.body().get("field").asString().endsWith("letDownFrom"));
        assertEquals(200, APP.change("/api/orders/1", "/details", details).status());
    }

    @Test
    @Order(5)
    void swatchesMoveAGelAndCanBeTakenOut() {
        JsonNode leaf = gel("leaf");
        assertEquals(3, leaf.get("swatches").size());
        assertTrue(leaf.get("after").asDouble() < leaf.get("before").asDouble());
        double strength = leaf.get("strength").asDouble();
        Answer wrong = APP.post("/api/gels/leaf/swatches", "{\"drops\": 6, \"grams\": 50, \"hex\": \"#FF00FF\"}");
        assertEquals(201, wrong.status());
        assertTrue(wrong.body().get("after").asDouble() > 5, "a wrong note is seen by its error");
        long id = wrong.body().at("/swatches/3/id").asLong();
        assertEquals(
                strength,
                APP.call("DELETE", "/api/gels/leaf/swatches/" + id, null)
                        .body()
                        .get("strength")
                        .asDouble(),
                1e-9);
        assertEquals(
                422,
                APP.post("/api/gels/leaf/swatches", "{\"drops\": 0, \"grams\": 50, \"hex\": \"#FF00FF\"}")
                        .status());
        assertEquals(
                404,
                APP.post("/api/gels/none/swatches", "{\"drops\": 1, \"grams\": 50, \"hex\": \"#FF00FF\"}")
                        .status());
    }

    @Test
    @Order(6)
    void newGelStartsFromASwatchOrAReference() {
        String bottle = "{\"name\": \"%s\", \"dropsLeft\": 100, \"bottleDrops\": 300, \"price\": null}";
        Answer liked = APP.post(
                "/api/gels",
                "{\"bottle\": %s, \"reference\": null, \"swatch\": {\"drops\": 8, \"grams\": 100, \"hex\": \"#FF73BE\"}}"
                        .formatted(bottle.formatted("Märchen")));
        assertEquals(201, liked.status());
        assertEquals("marchen", liked.body().get("key").asString());
        assertEquals("rose", liked.body().get("reference").asString());
        assertEquals(1, liked.body().get("strength").asDouble(), 0.05);
        assertEquals(
                422,
                APP.post("/api/gels", "{\"bottle\": %s}".formatted(bottle.formatted("Märchen")))
                        .status());
        assertEquals(
                422,
                APP.post("/api/gels", "{\"bottle\": %s}".formatted(bottle.formatted("Other")))
                        .status());
        assertEquals(204, APP.call("DELETE", "/api/gels/marchen", null).status());
        assertEquals(12, APP.get("/api/gels").body().size());
        assertEquals(204, APP.post("/api/gels/marchen/restore", null).status());
        assertEquals(13, APP.get("/api/gels").body().size());
        assertEquals(204, APP.call("DELETE", "/api/gels/marchen", null).status());
    }

    @Test
    @Order(7)
    void palettesGoOutAndComeInAgain() {
        for (String form : List.of("gpl", "json")) {
            String text = APP.text("/api/orders/1/palette." + form);
            JsonNode read = APP.post("/api/colours/read", JsonMapper.shared().writeValueAsString(Map.of("text", text)))
                    .body();
            JsonNode palette = APP.get("/api/orders/1").body().at("/details/palette");
            assertEquals(palette.size(), read.get("colours").size(), form);
            for (int i = 0; i < palette.size(); i++) {
                assertEquals(
                        palette.get(i).get("hex").asString(),
                        read.get("colours").get(i).get("hex").asString());
                assertEquals(
                        palette.get(i).get("name").asString(),
                        read.get("colours").get(i).get("name").asString());
            }
        }
        for (String wrong : List.of("", "hello", "{\\\"colours\\\": [{\\\"hex\\\": \\\"red\\\"}]}", "GIMP Palette")) {
            assertEquals(
                    422,
                    APP.post("/api/colours/read", "{\"text\": \"%s\"}".formatted(wrong))
                            .status(),
                    wrong);
        }
    }

    @Test
    @Order(8)
    void theWheelIsMadeOfWhatTheShelfReachesAndPastBowlsAreListed() {
        JsonNode reach = APP.get("/api/tint/reach").body();
        assertTrue(reach.size() > 200);
        JsonNode place = reach.get(reach.size() / 2);
        assertTrue(solve("{\"target\": \"%s\", \"baseGrams\": 1000}"
                                .formatted(place.get("hex").asString()))
                        .body()
                        .get("deltaE00")
                        .asDouble()
                < 1.5);
        List<String> past = new ArrayList<>();
        APP.get("/api/colours/past")
                .body()
                .forEach(one -> past.add(one.get("name").asString()));
        assertTrue(past.contains("Plum") && past.contains("Haze"));
    }

    @Test
    @Order(9)
    void aFrozenPlanKeepsItsTintsWhenAGelChanges() {
        assertEquals(200, APP.post("/api/orders/1/mixing/start", null).status());
        JsonNode before = mixing().get("tints");
        assertEquals(
                201,
                APP.post("/api/gels/navy/swatches", "{\"drops\": 8, \"grams\": 100, \"hex\": \"#86A3C2\"}")
                        .status());
        assertEquals(before, mixing().get("tints"));
        APP.call("DELETE", "/api/orders/1/mixing/start", null);
        assertFalse(before.equals(mixing().get("tints")), "planned afresh, the weaker navy takes more drops");
    }

    /** Plans that were frozen before gels were weighed have neither tints nor the gel's grams. */
    @Test
    @Order(10)
    void anOlderFrozenPlanIsStillRead() {
        assertEquals(200, APP.post("/api/orders/1/mixing/start", null).status());
        APP.store("""
                update mixing set frozen = (regexp_replace(frozen::text,
                    '"(gelGrams|gelShare|givenGrams|untinted|letDown)": ([-0-9.eE]+|true|false|null|\\{[^}]*\\}), ', '', 'g'))::jsonb
                    - 'tints'
                """);
        Answer older = APP.get("/api/orders/1/mixing");
        assertEquals(200, older.status());
        assertEquals(0, older.body().at("/pour/pour/bowls/0/gelGrams").asDouble());
        assertTrue(older.body().get("tints").size() > 0);
        APP.call("DELETE", "/api/orders/1/mixing/start", null);
    }

    @Test
    @Order(11)
    void whatIsHardToSeeIsNamed() {
        JsonNode order = APP.get("/api/orders/1").body();
        String details = order.get("details")
                .toString()
                .replace("\"hex\":\"#D5473F\"", "\"hex\":\"#C0562F\"")
                .replace("\"hex\":\"#FFB14E\"", "\"hex\":\"#7A7A20\"");
        assertEquals(200, APP.change("/api/orders/1", "/details", details).status());
        JsonNode kite = APP.get("/api/orders/1/colours/seeing").body().get(0);
        assertEquals("Diamond kite", kite.get("name").asString());
        assertEquals(1, kite.get("alike").size(), kite.toString());
        List<String> eyes = new ArrayList<>();
        kite.at("/alike/0/seen").forEach(seen -> eyes.add(seen.get("eyes").asString()));
        assertEquals(List.of("DEUTAN"), eyes);
    }
}
