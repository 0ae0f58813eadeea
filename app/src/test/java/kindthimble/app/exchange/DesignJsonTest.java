package kindthimble.app.exchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.design.Design;
import kindthimble.core.move.Move;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Where;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Guards the design document: what is written reads back the same, and what was written in format 1 still reads. */
class DesignJsonTest {
    private final JsonMapper json =
            JsonMapper.builder().addModule(new DesignJson().coreRecords()).build();

    @Test
    void goldenDesignsReadAndWriteBackTheSame() throws IOException {
        JsonNode golden = golden(2);
        Set<String> words = new TreeSet<>();
        Set<String> forms = new TreeSet<>();
        for (JsonNode document : golden) {
            Design design = json.treeToValue(document, Design.class);
            design.check();
            assertEquals(document, json.readTree(json.writeValueAsString(design)));
            document.get("moves").forEach(move -> words.add(move.get("move").asString()));
            forms.add(document.at("/cutter/shape/kind").asString());
        }
        // A new kind of move or cutter has to be added to the golden file.
        assertEquals(wordsOf(Move.class), words);
        assertTrue(wordsOf(CutterShape.class).containsAll(forms));
    }

    @Test
    void designsOfFormatOneReadAsTheyWere() throws IOException {
        JsonNode old = golden(1);
        JsonNode now = golden(2);
        for (int i = 0; i < old.size(); i++) {
            assertEquals(1, old.get(i).get("format").asInt());
            Design design = json.treeToValue(old.get(i), Design.class);
            assertEquals(now.get(i), json.readTree(json.writeValueAsString(design)));
        }
    }

    @Test
    void aLineAlongSplitsHasNoInset() {
        Design design = json.readValue("""
                {"format": 1, "name": "Splits", "cutter": {"shape": {"kind": "round"}, "across": "WIDTH", "sizeMm": 80}, "moves": [
                  {"move": "line", "colour": "coal", "along": "SPLITS", "insetMm": 3},
                  {"move": "line", "colour": "coal", "along": "EDGE", "insetMm": 3},
                  {"move": "bead border", "colour": "coal", "diameterMm": 3, "laid": "SCATTERED"}]}
                """, Design.class);
        assertEquals(
                List.of(Where.of(Laid.SEAMS), Where.alongEdge(null, null, 3.0), Where.of(Laid.SCATTERED)),
                design.moves().stream()
                        .map(move -> Catalogue.read(move, "where"))
                        .toList());
    }

    private JsonNode golden(int format) throws IOException {
        try (InputStream file = getClass().getResourceAsStream("/designs-format-" + format + ".json")) {
            return json.readTree(file);
        }
    }

    private static Set<String> wordsOf(Class<?> family) {
        Set<String> words = new TreeSet<>();
        Catalogue.recordsOf(family).forEach(record -> words.add(Catalogue.word(record)));
        return words;
    }
}
