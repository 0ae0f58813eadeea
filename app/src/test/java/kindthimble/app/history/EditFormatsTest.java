package kindthimble.app.history;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class EditFormatsTest {
    private static final JsonMapper JSON = new JsonMapper();

    private static JsonNode node(String json) {
        return json == null ? null : JSON.readTree(json);
    }

    private static void becomes(String path, String was, String now, Edit expected) {
        Edit edit = EditFormats.upgraded(new Edit(path, node(was), node(now)));
        assertEquals(expected.path(), edit.path());
        assertEquals(expected.was(), edit.was());
        assertEquals(expected.now(), edit.now());
    }

    @Test
    void whatWasLaidIsPlaced() {
        String move = "/designs/7/document/moves/3";
        becomes(move + "/laid", null, "\"ROWS\"", new Edit(move + "/where", null, node("{\"laid\": \"ROWS\"}")));
        becomes(
                move + "/insetMm",
                "2",
                "3",
                new Edit(
                        move + "/where",
                        node("{\"laid\": \"EDGE\", \"besideMm\": 2}"),
                        node("{\"laid\": \"EDGE\", \"besideMm\": 3}")));
    }

    @Test
    void wholeMovesAndDesignsAreUpgraded() {
        String old = "{\"move\": \"dot\", \"pieces\": 3, \"laid\": \"ROWS\"}";
        String now = "{\"move\": \"dot\", \"pieces\": 3, \"where\": {\"laid\": \"ROWS\"}}";
        becomes("/designs/7/document/moves/3", old, null, new Edit("/designs/7/document/moves/3", node(now), null));
        becomes(
                "/designs/7/document/moves",
                "[" + old + "]",
                "[]",
                new Edit("/designs/7/document/moves", node("[" + now + "]"), node("[]")));
        Edit whole = EditFormats.upgraded(
                new Edit("/designs/7/document", null, node("{\"format\": 1, \"moves\": [" + old + "]}")));
        assertEquals(node("{\"format\": 2, \"moves\": [" + now + "]}"), whole.now());
        assertNull(whole.was());
    }

    @Test
    void whatIsNoDesignStaysAsItIs() {
        becomes("/details/name", "\"a\"", "\"b\"", new Edit("/details/name", node("\"a\""), node("\"b\"")));
        becomes("/designs/7/count", "12", "13", new Edit("/designs/7/count", node("12"), node("13")));
    }
}
