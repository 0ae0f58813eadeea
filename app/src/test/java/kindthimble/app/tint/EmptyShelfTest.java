package kindthimble.app.tint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A new shop without a gel on its shelf: it sees recipes all the same, and is told whence they are. */
class EmptyShelfTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static long orderOfPoppies() {
        long order = APP.post("/api/orders", "{\"name\": \"Poppies\", \"handOver\": \"2026-12-05T10:00\"}")
                .body()
                .get("id")
                .asLong();
        APP.post("/api/orders/" + order + "/designs", """
                {"count": 24, "document": {"format": 2, "name": "Round",
                 "cutter": {"shape": {"kind": "round"}, "across": "WIDTH", "sizeMm": 80}, "marginMm": 3,
                 "moves": [{"move": "flood", "colour": "poppy"}]}}
                """);
        return order;
    }

    @Test
    void referenceGelsStandInAndTheListSaysWhatIsMissing() {
        JsonNode mixing = APP.get("/api/orders/" + orderOfPoppies() + "/mixing").body();
        JsonNode tint = mixing.at("/tints/poppy");
        assertEquals("poppy", tint.at("/recipe/doses/0/gel").asString());
        assertTrue(tint.get("hints").toString().contains("STAND_IN"));
        assertTrue(tint.at("/recipe/cost").isNull());
        JsonNode last = null;
        for (JsonNode line : mixing.get("shopping")) {
            if (line.get("name").asString().equals("poppy gel")) {
                last = line;
            }
        }
        assertEquals(
                tint.at("/recipe/doses/0/drops").asInt(), last.get("missing").asDouble(), 1);
        assertEquals(0, last.get("packs").asInt());
    }

    @Test
    void solveSaysSoTooAndTheFirstBottleEndsIt() {
        String red = "{\"target\": \"#D5473F\", \"baseGrams\": 258}";
        assertTrue(
                APP.post("/api/tint/solve", red).body().get("notes").toString().contains("stand in"));
        assertEquals(0, APP.get("/api/gels").body().size());
        assertEquals(
                201,
                APP.post(
                                "/api/gels",
                                "{\"bottle\": {\"name\": \"Only rose\", \"dropsLeft\": 90, \"bottleDrops\": 300, \"price\": 3}, \"reference\": \"rose\"}")
                        .status());
        JsonNode solved = APP.post("/api/tint/solve", red).body();
        assertEquals("only-rose", solved.at("/drops/0/gel").asString());
        assertTrue(!solved.get("notes").toString().contains("stand in"));
        assertEquals(204, APP.call("DELETE", "/api/gels/only-rose", null).status());
    }

    @Test
    void wrongBottlesAreRefusedWithTheirField() {
        String[][] wrong = {
            {"name", "{\"name\": \" \", \"dropsLeft\": 1, \"bottleDrops\": 1}"},
            {"name", "{\"name\": \"%s\", \"dropsLeft\": 1, \"bottleDrops\": 1}".formatted("x".repeat(41))},
            {"dropsLeft", "{\"name\": \"A\", \"dropsLeft\": -1, \"bottleDrops\": 1}"},
            {"bottleDrops", "{\"name\": \"A\", \"dropsLeft\": 1, \"bottleDrops\": 0}"},
            {"price", "{\"name\": \"A\", \"dropsLeft\": 1, \"bottleDrops\": 1, \"price\": -2}"},
        };
        for (String[] one : wrong) {
            var answer = APP.post("/api/gels", "{\"bottle\": %s, \"reference\": \"sky\"}".formatted(one[1]));
            assertEquals(422, answer.status(), one[1]);
            assertEquals(one[0], answer.body().get("field").asString());
        }
        assertEquals(422, APP.post("/api/gels", "{}").status());
        assertEquals(
                422,
                APP.post(
                                "/api/gels",
                                "{\"bottle\": {\"name\": \"A\", \"dropsLeft\": 1, \"bottleDrops\": 1}, \"reference\": \"mauve\"}")
                        .status());
    }
}
