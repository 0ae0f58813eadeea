package kindthimble.app.dough;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindthimble.app.testing.RunningApp;
import kindthimble.core.geometry.Region;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** From the dough to the bare cookies of an order. */
class BakingTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static JsonNode baking() {
        return APP.get("/api/orders/1/baking").body();
    }

    /** What is cut weighs what its cutters hold, and is no more than is made. */
    @Test
    void doughIsWhatTheCuttersHold() {
        JsonNode view = baking();
        double thick = view.at("/dough/rolledMm").asDouble();
        double cut = 0;
        int pieces = 0;
        for (JsonNode one : view.get("designs")) {
            double area = Region.drawn(one.get("path").asString()).areaMm2();
            // 1.2 g a millilitre, as the house has it.
            double each = area * thick / 1_000 * 1.2;
            assertEquals(each, one.get("gramsEach").asDouble(), each * 0.01, one::toString);
            int of = one.get("iced").asInt() + one.get("bare").asInt();
            cut += of * one.get("gramsEach").asDouble();
            pieces += of;
        }
        JsonNode dough = view.at("/dough/dough");
        assertEquals(pieces, dough.get("pieces").asInt());
        assertEquals(cut, dough.get("cutGrams").asDouble(), 0.01);
        assertTrue(dough.get("grams").asDouble() >= cut / 0.95 - 0.01, "with what is lost");
        double weighed = 0;
        for (JsonNode one : dough.get("weighed")) {
            weighed += one.get("grams").asDouble();
            if (one.get("pieces").asInt() > 0) {
                assertEquals(
                        Math.rint(one.get("pieces").asDouble()),
                        one.get("pieces").asDouble());
            }
        }
        assertTrue(weighed >= dough.get("grams").asDouble() - 0.01, "all of it is weighed in");
    }

    /** On the sheets no piece lies outside, each lies there as often as it is cut, or is said to be left. */
    @Test
    void everyPieceHasItsPlaceOnTheSheets() {
        JsonNode view = baking();
        int placed = 0;
        for (JsonNode sheet : view.at("/rolled/sheets")) {
            for (JsonNode piece : sheet.get("pieces")) {
                assertTrue(piece.get("xMm").asDouble() >= -0.01
                        && piece.get("xMm").asDouble() <= sheet.get("widthMm").asDouble());
                assertTrue(piece.get("yMm").asDouble() >= -0.01
                        && piece.get("yMm").asDouble() <= sheet.get("lengthMm").asDouble());
                placed++;
            }
        }
        assertEquals(
                view.at("/dough/dough/pieces").asInt(),
                placed + view.at("/rolled/left").asInt());
    }

    @Test
    void moreCookiesTakeMoreDoughAndLoads() {
        JsonNode before = baking();
        long design = before.at("/designs/0/design").asLong();
        int count = APP.get("/api/orders/1").body().at("/designs/0/count").asInt();
        assertEquals(
                200,
                APP.change("/api/orders/1", "/designs/" + design + "/count", 3 * count)
                        .status());
        JsonNode after = baking();
        assertTrue(after.at("/designs/0/loads").asInt()
                > before.at("/designs/0/loads").asInt());
        double more = (after.at("/designs/0/iced").asInt()
                        - before.at("/designs/0/iced").asInt())
                * before.at("/designs/0/gramsEach").asDouble();
        assertEquals(
                more,
                after.at("/dough/dough/cutGrams").asDouble()
                        - before.at("/dough/dough/cutGrams").asDouble(),
                0.01);
        APP.post("/api/orders/1/undo", null);
        assertEquals(before, baking());
    }

    /**
     * Sixty rounds of 60 mm with a small one of 40 mm on each, three spares and one that stays bare: 64 x (30^2 + 20^2) pi mm2, 6 mm thick, 1.2 g a millilitre;
     * worked out by hand.
     */
    @Test
    void smallCookiesOnTopAreDoughAndLoadsToo() {
        long order = APP.post("/api/orders", "{\"name\":\"Rounds\",\"handOver\":\"2026-12-12T10:00:00\"}")
                .body()
                .get("id")
                .asLong();
        APP.post("/api/orders/" + order + "/designs", """
                {"count": 60, "document": {"format": 2, "name": "Round on round",
                  "cutter": {"shape": {"kind": "round"}, "across": "WIDTH", "sizeMm": 60},
                  "moves": [{"move": "flood", "colour": "white"},
                            {"move": "cookie on top", "colour": "white", "form": "DISC", "sizeMm": 40, "pieces": 1}]}}
                """);
        JsonNode view = APP.get("/api/orders/" + order + "/baking").body();
        assertEquals(128, view.at("/dough/dough/pieces").asInt(), view::toString);
        assertEquals(1_882, view.at("/dough/dough/cutGrams").asDouble(), 1);
        assertEquals(2, view.get("designs").size());
        JsonNode small = view.at("/designs/1");
        assertTrue(small.get("onTray").asInt() > view.at("/designs/0/onTray").asInt());
        assertEquals(9, small.get("minutes").asDouble(), "under 50 mm");
        int placed = view.at("/rolled/left").asInt();
        for (JsonNode sheet : view.at("/rolled/sheets")) {
            placed += sheet.get("pieces").size();
        }
        assertEquals(128, placed);
        long baked = 0;
        for (JsonNode step : APP.get("/api/orders/" + order + "/bench").body().get("steps")) {
            baked += step.get("doing").asString().equals("BAKE")
                    ? step.get("cookies").asInt()
                    : 0;
        }
        assertEquals(128, baked);
    }

    @Test
    void anOrderWithoutCookiesNeedsNoDough() {
        long order = APP.post("/api/orders", "{\"name\":\"Nothing yet\",\"handOver\":\"2026-12-12T10:00:00\"}")
                .body()
                .get("id")
                .asLong();
        JsonNode view = APP.get("/api/orders/" + order + "/baking").body();
        assertEquals(0, view.at("/dough/dough/pieces").asInt());
        assertEquals(0, view.at("/dough/dough/grams").asDouble());
        assertTrue(view.get("designs").isEmpty());
        assertEquals(404, APP.get("/api/orders/999/baking").status());
    }
}
