package kindthimble.app.notebook;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.fail;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What is noted moves the plans, and everything of it can be taken back. */
class NotebookTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final JsonMapper JSON = JsonMapper.shared();
    private static final double A_LITTLE = 1e-9;

    @AfterEach
    void takeBack() {
        notebook().get("figures").forEach(figure -> decide(figure.get("figure").asString(), null));
        notebook().get("notes").forEach(note -> {
            if (note.get("counts").asBoolean() && note.get("order").isNull()) {
                APP.call("DELETE", "/api/notebook/notes/" + note.get("id").asString(), "");
            }
        });
    }

    private static JsonNode notebook() {
        return APP.get("/api/notebook").body();
    }

    private static Answer note(String fields) {
        return APP.post("/api/notebook/notes", "{\"note\": {" + fields + "}}");
    }

    private static JsonNode written(String fields) {
        Answer answer = note(fields);
        assertEquals(200, answer.status(), answer::toString);
        return answer.body();
    }

    private static Answer decide(String figure, String way) {
        return APP.call(
                "PUT",
                "/api/notebook/figures",
                "{\"figure\": \"%s\", \"way\": %s}".formatted(figure, way == null ? "null" : "\"" + way + "\""));
    }

    private static JsonNode figure(String name) {
        for (JsonNode figure : notebook().get("figures")) {
            if (figure.get("figure").asString().equals(name)) {
                return figure;
            }
        }
        return fail("there is no figure " + name);
    }

    private static double habit(String habit) {
        return APP.get("/api/shop")
                .body()
                .at("/settings/habits/" + habit + "/mean")
                .asDouble();
    }

    /** Water that all portions of an order take, in grams. */
    private static double water() {
        double water = 0;
        for (JsonNode bowl : APP.get("/api/orders/3").body().at("/plan/pour/pour/bowls")) {
            for (JsonNode portion : bowl.get("portions")) {
                water += portion.get("waterGrams").asDouble();
            }
        }
        return water;
    }

    private static void count(double water, double seconds) {
        written("\"kind\": \"count\", \"recipe\": \"meringue-powder\", \"water\": %s, \"seconds\": %s"
                .formatted(water, seconds));
    }

    @Test
    void countsOfOnesOwnChangeTheWaterOfTheNextPlan() {
        double before = water();
        assertTrue(before > 0);
        // ln t = ln 80 - 0.3 w: this icing needs less water than the house's, which goes with 0.23.
        for (double water : new double[] {2, 3, 4, 5, 6, 7}) {
            count(water, 80 * Math.exp(-0.3 * water));
        }
        JsonNode curve = notebook().at("/curves/0");
        assertEquals(6, curve.get("counts").size());
        assertTrue(curve.get("waterIs").asDouble() < curve.get("waterWas").asDouble());
        assertTrue(water() < before - 1, "less water");
        JsonNode last = notebook().get("notes").get(0);
        APP.call("DELETE", "/api/notebook/notes/" + last.get("id").asString(), "");
        assertEquals(5, notebook().at("/curves/0/counts").size());
        takeBack();
        assertEquals(before, water(), A_LITTLE, "without notes it is the house's again");
    }

    @Test
    void aFigureIsHeldPutBackAndLetGoAndEachStepCanBeTakenBack() {
        double house = habit("TINT_MINUTES");
        for (int i = 0; i < 6; i++) {
            written("\"kind\": \"step\", \"work\": \"tint\", \"measured\": 8");
        }
        double learnt = habit("TINT_MINUTES");
        assertTrue(learnt > house * 1.3 && learnt < 8, "between the house's 4 and the 8 of the notes: " + learnt);
        assertEquals(learnt, figure("minutes tint").get("used").asDouble(), A_LITTLE);
        assertEquals(house, figure("minutes tint").get("was").asDouble(), A_LITTLE);

        decide("minutes tint", "HELD");
        written("\"kind\": \"step\", \"work\": \"tint\", \"measured\": 12");
        assertEquals(learnt, habit("TINT_MINUTES"), A_LITTLE, "held");
        decide("minutes tint", "PUT_BACK");
        assertEquals(house, habit("TINT_MINUTES"), A_LITTLE);
        assertEquals(7, figure("minutes tint").get("notes").asInt(), "its notes stay");

        Answer undone = APP.post("/api/shop/undo", "");
        assertEquals(200, undone.status(), undone::toString);
        assertTrue(undone.body().get("sentence").asString().contains("to tint a bowl held"), undone::toString);
        assertEquals(learnt, habit("TINT_MINUTES"), A_LITTLE);
        APP.post("/api/shop/undo", "");
        assertEquals(6, figure("minutes tint").get("notes").asInt(), "the last note is taken back");
        APP.post("/api/shop/redo", "");
        assertEquals(7, figure("minutes tint").get("notes").asInt());

        decide("minutes tint", "HELD");
        double held = habit("TINT_MINUTES");
        notebook().get("notes").forEach(note -> {
            if (note.get("counts").asBoolean()) {
                APP.call("DELETE", "/api/notebook/notes/" + note.get("id").asString(), "");
            }
        });
        assertEquals(held, habit("TINT_MINUTES"), A_LITTLE, "held without notes too");
        assertEquals("HELD", figure("minutes tint").get("decided").asString());
        assertEquals(0, figure("minutes tint").get("notes").asInt());
        assertEquals(200, decide("minutes tint", null).status());
        assertEquals(house, habit("TINT_MINUTES"), A_LITTLE);
    }

    @Test
    void aFigureMayBeCalledAnything() {
        written("\"kind\": \"step\", \"work\": \"wash/dry ~ up\", \"planned\": 10, \"measured\": 14");
        assertEquals(200, decide("minutes wash/dry ~ up", "HELD").status());
        Answer undone = APP.post("/api/shop/undo", "");
        assertEquals(200, undone.status(), undone::toString);
        assertTrue(figure("minutes wash/dry ~ up").get("decided").isNull());
    }

    @Test
    void whatTheShopHasTypedIsNotMovedByNotes() {
        APP.change("/api/shop", "/settings/habits/THIN_MINUTES/mean", 7);
        written("\"kind\": \"step\", \"work\": \"thin\", \"measured\": 30");
        assertEquals(7, habit("THIN_MINUTES"), 0);
        assertTrue(figure("minutes thin").get("typed").asBoolean());
        APP.post("/api/shop/undo", "");
        APP.post("/api/shop/undo", "");
    }

    @Test
    void oneThatDoesNotFitIsSetAsideAndOnePressTakesItIn() {
        for (int i = 0; i < 11; i++) {
            written("\"kind\": \"kept\", \"what\": \"bag\", \"measured\": " + (9 + i % 3 * 0.5));
        }
        double before = figure("kept bag").get("is").asDouble();
        JsonNode view = written("\"kind\": \"kept\", \"what\": \"bag\", \"measured\": 95, \"words\": \"half full\"");
        JsonNode first = view.get("notes").get(0);
        assertTrue(first.get("aside").asBoolean(), "those set aside stand first");
        assertEquals("half full", first.get("remark").asString());
        assertEquals(before, figure("kept bag").get("is").asDouble(), before * 0.02);
        Answer kept = APP.call(
                "PUT",
                "/api/notebook/kept",
                "{\"id\": \"%s\", \"keep\": true}".formatted(first.get("id").asString()));
        assertEquals(200, kept.status(), kept::toString);
        assertTrue(figure("kept bag").get("is").asDouble() > before * 1.1);
        assertEquals(0, figure("kept bag").get("aside").asInt());
        APP.post("/api/shop/undo", "");
        assertEquals(1, figure("kept bag").get("aside").asInt());
    }

    @Test
    void aCorrectionTakesTheOldOnesPlaceAndBothAreThere() {
        JsonNode view = written("\"kind\": \"step\", \"work\": \"bag\", \"measured\": 15");
        String slip = view.get("notes").get(0).get("id").asString();
        Answer corrected = APP.post(
                "/api/notebook/notes",
                "{\"note\": {\"kind\": \"step\", \"work\": \"bag\", \"measured\": 1.5}, \"insteadOf\": \"%s\"}"
                        .formatted(slip));
        assertEquals(200, corrected.status(), corrected::toString);
        assertEquals(1, figure("minutes bag").get("notes").asInt());
        assertEquals(1.5, figure("minutes bag").get("is").asDouble(), A_LITTLE);
        boolean isThere = false;
        for (JsonNode note : corrected.body().get("notes")) {
            isThere |= note.get("id").asString().equals(slip)
                    && !note.get("counts").asBoolean();
        }
        assertTrue(isThere);
    }

    @Test
    void whatCannotBeIsSaidByItsField() {
        Answer bad = note("\"kind\": \"count\", \"recipe\": \"meringue-powder\", \"water\": 4, \"seconds\": 0");
        assertEquals(422, bad.status(), bad::toString);
        assertEquals("seconds", bad.body().get("field").asString());
        assertEquals(422, note("\"kind\": \"nothing\"").status());
        assertEquals(404, decide("minutes nothing", "HELD").status());
        assertEquals(404, APP.call("DELETE", "/api/notebook/notes/none", "").status());
    }

    @Test
    void theTableHasEachNoteAndIsTakenOverAgain() {
        written("\"kind\": \"step\", \"work\": \"bag\", \"measured\": 2, \"words\": \"=cold hands\"");
        String table = APP.text("/api/notebook/notes.csv");
        assertTrue(table.startsWith("kind,day,hand,order"), table);
        assertTrue(table.contains("to bag took 2 min"), table);
        assertTrue(table.contains("'=cold hands"), "a remark is no formula");

        List<String> before = lines(table);
        Answer same = APP.send("/api/notebook/table", "text/csv", table.getBytes(StandardCharsets.UTF_8));
        assertEquals(0, same.body().get("notes").asInt(), "they are here already");
        String ofAnother = table.lines()
                .map(line -> line.endsWith(",id") ? line : line.substring(0, line.lastIndexOf(',') + 1))
                .collect(Collectors.joining("\n"));
        Answer taken = APP.send("/api/notebook/table", "text/csv", ofAnother.getBytes(StandardCharsets.UTF_8));
        assertEquals(200, taken.status(), taken::toString);
        assertEquals(before.size(), taken.body().get("notes").asInt());
        List<String> after = lines(APP.text("/api/notebook/notes.csv"));
        assertEquals(2 * before.size(), after.size());
        assertEquals(Set.copyOf(before), Set.copyOf(after), "each of them twice");
        APP.post("/api/shop/undo", "");
        assertEquals(
                before.size(),
                notebook()
                        .get("notes")
                        .valueStream()
                        .filter(note -> note.get("counts").asBoolean())
                        .count(),
                "one step takes all of them back");
    }

    /** Rows without their ids, and without those that were taken back. */
    private static List<String> lines(String table) {
        return table.lines()
                .skip(1)
                .filter(line -> !line.matches(".*,no,[^,]*"))
                .map(line -> line.substring(0, line.lastIndexOf(',')))
                .toList();
    }

    @Test
    void aTableThatCannotBeReadSaysWhichLine() {
        String table = "kind,recipe,water,seconds\ncount,meringue-powder,4,30\ncount,meringue-powder,four,20\n";
        Answer bad = APP.send("/api/notebook/table", "text/csv", table.getBytes(StandardCharsets.UTF_8));
        assertEquals(422, bad.status(), bad::toString);
        assertTrue(bad.body().get("detail").asString().startsWith("Line 3: write water as a number"), bad::toString);
        Answer missing = APP.send(
                "/api/notebook/table",
                "text/csv",
                "kind,recipe,water\ncount,meringue-powder,4\n".getBytes(StandardCharsets.UTF_8));
        assertTrue(missing.body().get("detail").asString().startsWith("Line 2: seconds is missing"), missing::toString);
        assertEquals(
                0,
                notebook()
                        .at("/curves")
                        .valueStream()
                        .filter(curve -> curve.get("recipe").asString().equals("meringue-powder"))
                        .count());
    }

    @Test
    void whatIsTakenOutAsJsonIsWhatThePreviewTakes() {
        JsonNode all = APP.get("/api/notebook/notebook.json").body();
        ObjectNode request = JSON.createObjectNode();
        request.set("asOf", all.get("asOf"));
        request.set("halfLifeDays", all.get("halfLifeDays"));
        request.set("notes", all.get("notes"));
        assertEquals(
                all.get("figures"),
                APP.post("/api/notebook/preview", request.toString()).body().get("figures"));
    }

    /** Step of thinning at the bench of an order that nobody plays. */
    private static JsonNode thinning(long order) {
        for (JsonNode step : APP.get("/api/orders/" + order + "/bench").body().get("steps")) {
            if (step.at("/mixed/doing").asString("").equals("THIN")) {
                return step;
            }
        }
        return fail("nothing is thinned");
    }

    @Test
    void theBenchWritesAndPlayTeachesNothing() throws InterruptedException {
        JsonNode played = thinning(3);
        press(3, played, "COUNT", 60);
        Thread.sleep(300);
        assertTrue(ofOrder(3).isEmpty(), "it is played");
        APP.post("/api/orders/3/practice/end", "");
        JsonNode step = thinning(3);
        String water = press(3, step, "WATER", step.at("/against/baseGrams").asDouble() * 0.05);
        press(3, step, "COUNT", 22);
        List<JsonNode> notes = List.of();
        for (int i = 0; i < 100 && notes.isEmpty(); i++) {
            Thread.sleep(50);
            notes = ofOrder(3);
        }
        assertEquals(1, notes.size());
        assertEquals(
                "22 s at 5 g of water in 100 g of base",
                notes.get(0).get("words").asString());
        assertFalse(water.isEmpty());
    }

    /** Else what was learnt would be learnt once more from each press. */
    @Test
    void aStepIsPressedAgainstTheHousesFiguresWhateverWasLearnt() {
        JsonNode before = tinting();
        for (int i = 0; i < 6; i++) {
            written("\"kind\": \"step\", \"work\": \"tint\", \"measured\": 8");
        }
        JsonNode after = tinting();
        assertTrue(after.get("seconds").asInt() > before.get("seconds").asInt() + 30, "the plan takes more time");
        assertEquals(
                before.at("/against/minutes").asDouble(),
                after.at("/against/minutes").asDouble(),
                A_LITTLE);
    }

    private static JsonNode tinting() {
        for (JsonNode step : APP.get("/api/orders/4/bench").body().get("steps")) {
            if (step.at("/mixed/doing").asString("").equals("TINT")) {
                return step;
            }
        }
        return fail("nothing is tinted");
    }

    private static List<JsonNode> ofOrder(long order) {
        List<JsonNode> own = new ArrayList<>();
        notebook().get("notes").forEach(note -> {
            if (note.get("order").asLong(0) == order) {
                own.add(note);
            }
        });
        return own;
    }

    private static int ids;

    private static String press(long order, JsonNode step, String what, double amount) {
        ArrayNode events = JSON.createArrayNode();
        ObjectNode event = events.addObject();
        String id = "noted" + ids++;
        event.put("id", id)
                .put(
                        "at",
                        Instant.parse("2026-12-02T08:00:00Z").plusSeconds(ids).toString())
                .put("device", "tablet")
                .put("what", what)
                .put("step", step.get("key").asString())
                .put("amount", amount)
                .put("words", "");
        event.set("against", step.get("against"));
        Answer answer = APP.post("/api/orders/" + order + "/bench", events.toString());
        assertEquals(200, answer.status(), answer::toString);
        return id;
    }
}
