package kindthimble.app.notebook;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Notes and what they say, against the answers of an independent program. */
class PreviewTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final JsonMapper JSON = JsonMapper.shared();

    private static JsonNode examples() {
        try (InputStream in = PreviewTest.class.getResourceAsStream("/notebook/examples.json")) {
            return JSON.readTree(in);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    static Stream<Arguments> each() {
        return examples()
                .get("examples")
                .valueStream()
                .map(one -> Arguments.of(one.get("name").asString(), one));
    }

    private static Answer preview(JsonNode request) {
        return APP.post("/api/notebook/preview", request.toString());
    }

    /** 1e-5, or 1e-6 of what is small; what comes of coarser grids 1e-3. */
    private static void assertNear(JsonNode expected, JsonNode actual, String figure, String field) {
        boolean coarse = figure.startsWith("gate")
                || List.of("scatter", "hand", "cookie", "degrees", "scale").contains(field);
        double wanted = expected.get(field).asDouble();
        double tolerance = Math.max(1e-6, (coarse ? 1e-3 : 1e-5) * Math.abs(wanted));
        assertEquals(wanted, actual.get(field).asDouble(), tolerance, figure + " " + field);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("each")
    void answersAsTheIndependentProgramDoes(String name, JsonNode example) {
        JsonNode figures = preview(example.get("request")).body().get("figures");
        JsonNode expected = example.at("/answer/figures");
        assertEquals(expected.size(), figures.size(), figures::toString);
        for (int i = 0; i < expected.size(); i++) {
            JsonNode one = expected.get(i);
            JsonNode own = figures.get(i);
            String figure = one.get("figure").asString();
            for (String same : List.of("figure", "scale", "notes", "aside")) {
                assertEquals(one.get(same), own.get(same), figure);
            }
            for (String number : List.of("mean", "sd", "low", "high", "weight", "scatter")) {
                assertNear(one, own, figure, number);
            }
            assertEquals(one.has("next"), own.has("next"), figure);
            if (one.has("next")) {
                assertNear(one, own, figure, "hand");
                assertNear(one, own, figure, "cookie");
                for (String number : List.of("centre", "scale", "degrees", "sd")) {
                    assertNear(one.get("next"), own.get("next"), figure + " next", number);
                }
            }
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("each")
    void shuffledNotesAnswerTheSameToTheLastByte(String name, JsonNode example) {
        ObjectNode request = (ObjectNode) example.get("request").deepCopy();
        String before = preview(request).body().toString();
        List<JsonNode> notes =
                new ArrayList<>(request.get("notes").valueStream().toList());
        Collections.shuffle(notes, new Random(7));
        ArrayNode shuffled = request.putArray("notes");
        notes.forEach(shuffled::add);
        assertEquals(before, preview(request).body().toString());
    }

    @Test
    void priorsOfTheCallStandInForTheHouses() {
        ObjectNode request = (ObjectNode) examples().at("/examples/0/request").deepCopy();
        String house = preview(request).body().toString();
        request.set("priors", examples().get("priors"));
        assertEquals(house, preview(request).body().toString(), "the house's own");
        ((ObjectNode) request.at("/priors/count")).put("s0", 0.3);
        assertTrue(!house.equals(preview(request).body().toString()));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "kind|\"kind\": \"smell\"",
                "day|\"kind\": \"kept\", \"what\": \"bag\", \"planned\": 3, \"measured\": 2",
                "day|\"kind\": \"kept\", \"day\": \"Tuesday\", \"what\": \"bag\", \"planned\": 3, \"measured\": 2",
                "measured|\"kind\": \"kept\", \"day\": \"2026-12-01\", \"what\": \"bag\", \"planned\": 3",
                "measured|\"kind\": \"kept\", \"day\": \"2026-12-01\", \"what\": \"bag\", \"planned\": 3, \"measured\": 0",
                "measured|\"kind\": \"kept\", \"day\": \"2026-12-01\", \"what\": \"bag\", \"planned\": 3, \"measured\": \"2\"",
                "broken|\"kind\": \"broken\", \"day\": \"2026-12-01\", \"form\": \"limb\", \"when\": \"iced\", \"n\": 4, \"broken\": 5",
                "seconds|\"kind\": \"run\", \"day\": \"2026-12-01\", \"planned\": {\"flood\": 10}, \"seconds\": -1",
                "iced|\"kind\": \"cookie\", \"day\": \"2026-12-01\", \"order\": \"a\", \"school\": \"s\", \"bare\": 25, \"iced\": 24, \"planned\": 8",
            })
    void aNonsensicalNoteIsRefusedByItsIdAndField(String odd) {
        String[] parts = odd.split("\\|");
        Answer answer = APP.post(
                "/api/notebook/preview",
                "{\"asOf\": \"2026-12-01\", \"notes\": [{\"id\": \"n7\", %s}]}".formatted(parts[1]));
        assertEquals(400, answer.status(), answer.body()::toString);
        assertEquals("n7", answer.body().get("id").asString());
        assertEquals(parts[0], answer.body().get("field").asString());
    }

    @Test
    void nothingNotedIsNothingLearnt() {
        assertEquals(
                0,
                APP.post("/api/notebook/preview", "{\"asOf\": \"2026-12-01\", \"notes\": []}")
                        .body()
                        .get("figures")
                        .size());
        assertEquals(422, APP.post("/api/notebook/preview", "{}").status());
        String twice =
                "{\"id\": \"a\", \"kind\": \"kept\", \"day\": \"2026-12-01\", \"what\": \"bag\", \"planned\": 3, \"measured\": 2}";
        assertEquals(
                "id",
                APP.post("/api/notebook/preview", "{\"notes\": [" + twice + "," + twice + "]}")
                        .body()
                        .get("field")
                        .asString());
    }
}
