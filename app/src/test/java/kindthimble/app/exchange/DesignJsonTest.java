package kindthimble.app.exchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.util.Set;
import java.util.TreeSet;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.design.Design;
import kindthimble.core.move.Move;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Guards the design document: what was written in format 1 reads, and reads back the same. */
class DesignJsonTest {
    private final JsonMapper json =
            JsonMapper.builder().addModule(new DesignJson().coreRecords()).build();

    @Test
    void goldenDesignsReadAndWriteBackTheSame() throws IOException {
        try (InputStream file = getClass().getResourceAsStream("/designs-format-1.json")) {
            JsonNode golden = json.readTree(file);
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
    }

    private static Set<String> wordsOf(Class<?> family) {
        Set<String> words = new TreeSet<>();
        Catalogue.recordsOf(family).forEach(record -> words.add(Catalogue.word(record)));
        return words;
    }
}
