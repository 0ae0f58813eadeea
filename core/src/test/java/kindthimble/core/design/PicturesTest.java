package kindthimble.core.design;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.mark.Layer;
import kindthimble.core.move.Move;
import org.junit.jupiter.api.Test;

/** Each kind has a picture, and no two look the same. */
class PicturesTest {
    /** A seam by itself shows nothing but the sections that it lies between. */
    private static final Set<String> PLAIN = Set.of("seam");

    @Test
    void eachMoveShowsWhatItDoes() {
        Map<String, List<Layer>> pictures = Pictures.ofMoves();
        assertEquals(Catalogue.recordsOf(Move.class).size(), pictures.size());
        Set<String> seen = new HashSet<>();
        pictures.forEach((word, layers) -> {
            assertTrue(
                    PLAIN.contains(word) || layers.stream().anyMatch(layer -> layer.move() >= 0 && shows(layer)), word);
            assertTrue(seen.add(layers.toString()), word + " looks like another one");
        });
    }

    private static boolean shows(Layer layer) {
        return !layer.path().isBlank()
                && (layer.colour() == null || layer.colour().equals(Pictures.MARK));
    }

    @Test
    void eachCutterIsDrawnAboutTheOrigin() {
        Map<String, String> outlines = Pictures.ofCutters();
        assertEquals(Catalogue.recordsOf(CutterShape.class).size(), outlines.size());
        assertEquals(outlines.size(), new HashSet<>(outlines.values()).size());
        outlines.forEach((word, path) -> assertTrue(path.startsWith("M"), word));
    }
}
