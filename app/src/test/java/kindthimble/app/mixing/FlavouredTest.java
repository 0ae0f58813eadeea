package kindthimble.app.mixing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A flavour of one bowl, from the palette to the pour, the list, the bench and the jars. */
class FlavouredTest {
    private static final int ORDER = 6;

    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static JsonNode mixing() {
        return APP.get("/api/orders/" + ORDER + "/mixing").body();
    }

    private static JsonNode bowl(String colour) {
        for (JsonNode bowl : mixing().at("/pour/pour/bowls")) {
            if (bowl.get("colour").asString().equals(colour)) {
                return bowl;
            }
        }
        throw new AssertionError("no bowl of " + colour);
    }

    private static Answer flavoured(int colour, String flavour) {
        return APP.change("/api/orders/" + ORDER, "/details/palette/" + colour + "/flavour", flavour);
    }

    @Test
    void cocoaMakesABowlOfItsOwnFromThePaletteToTheJar() {
        JsonNode palette = APP.get("/api/orders/" + ORDER).body().at("/details/palette");
        int at = -1;
        double gel = 0;
        for (int i = 0; i < palette.size() && gel == 0; i++) {
            for (JsonNode bowl : mixing().at("/pour/pour/bowls")) {
                if (bowl.get("colour")
                        .asString()
                        .equals(palette.get(i).get("key").asString())) {
                    at = i;
                    gel = bowl.get("gelGrams").asDouble();
                }
            }
        }
        assertTrue(gel > 0, "a colour with gel is there to be changed");
        String key = palette.get(at).get("key").asString();
        Answer refused = flavoured(at, "{\"name\":\"Cocoa\",\"percent\":31,\"waterPercent\":3,\"colours\":true}");
        assertEquals(422, refused.status());
        assertTrue(refused.body().get("field").asString().endsWith("[" + at + "].flavour.percent"));

        assertEquals(
                200,
                flavoured(at, "{\"name\":\"Cocoa\",\"percent\":8,\"waterPercent\":3,\"colours\":true}")
                        .status());
        JsonNode cocoa = bowl(key);
        double grams = cocoa.get("flavourGrams").asDouble();
        assertEquals(0.08 * cocoa.get("mixedGrams").asDouble(), grams, 1e-9);
        assertEquals(0, cocoa.get("gelGrams").asDouble());
        JsonNode view = mixing();
        assertFalse(view.get("tints").has(key), "no drops where the flavour tints");
        assertEquals(
                view.at("/pour/pour/balance/inGrams").asDouble(),
                view.at("/pour/pour/balance/outGrams").asDouble(),
                0.01);
        List<String> doing = new ArrayList<>();
        view.get("steps").forEach(step -> {
            if (key.equals(step.get("colour").asString(""))) {
                doing.add(step.get("doing").asString());
            }
        });
        assertEquals(List.of("DIVIDE", "FLAVOUR"), doing.subList(0, 2));
        double toBuy = 0;
        for (JsonNode line : view.get("shopping")) {
            toBuy += line.get("name").asString().equals("Cocoa")
                    ? line.get("needed").asDouble()
                    : 0;
        }
        assertEquals(grams, toBuy, 1e-9);

        // At the bench it is weighed, and off the shelf once it is in.
        APP.change("/api/shop", "/stock/Cocoa", 500);
        String step = "";
        JsonNode bench = APP.get("/api/orders/" + ORDER + "/bench").body();
        for (JsonNode one : bench.get("steps")) {
            if (one.at("/mixed/doing").asString("").equals("FLAVOUR")) {
                step = one.get("key").asString();
                assertEquals("Cocoa", one.at("/weighed/0/name").asString());
                assertEquals(grams, one.at("/weighed/0/grams").asDouble(), 1e-9);
            }
        }
        assertFalse(step.isEmpty());
        for (JsonNode bag : bench.get("bags")) {
            JsonNode making = bag.get("making");
            if (making.get("flavourName").asString().equals("Cocoa")) {
                assertEquals(
                        0.08,
                        making.get("flavour").asDouble() / making.get("base").asDouble(),
                        1e-9);
            }
        }

        // A jar fits where it tastes the same.
        String hex = palette.get(at).get("hex").asString();
        for (String taste : List.of("null", "\"Cocoa\"")) {
            assertEquals(
                    201,
                    APP.post("/api/shelf/jars", """
                            {"id": null, "name": "Left", "hex": "%s", "grams": 40, "countSeconds": 20,
                             "recipe": "%s", "goodUntil": "2099-01-01", "flavour": %s, "order": null}""".formatted(
                                            hex, mixing().at("/pour/recipeKey").asString(), taste))
                            .status());
        }
        List<String> fitting = new ArrayList<>();
        mixing().get("jars").forEach(jar -> {
            if (jar.at("/jar/name").asString().equals("Left")) {
                fitting.add(jar.at("/jar/flavour").asString("") + " "
                        + jar.get("bowl").asString());
            }
        });
        assertEquals(List.of("Cocoa " + key), fitting);

        assertEquals(
                200, APP.get("/api/orders/" + ORDER + "/print/mixing-sheet.pdf").status());
        assertEquals(200, flavoured(at, "null").status());
        assertEquals(gel, bowl(key).get("gelGrams").asDouble(), 1e-9, "taken away, all is as before");
    }
}
