package kindthimble.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Ten drawings of others, whose visible colours were counted from the pixels of a browser: {@code truth.json}. */
class RealDrawingsTest {
    private static final double WITHIN = 0.002;

    @ParameterizedTest
    @ValueSource(strings = {"P01", "P02", "P03", "P04", "P05", "P06", "P07", "P08", "P09", "P10"})
    void everyColourShowsAsMuchAsInABrowser(String name) throws IOException {
        Drawing drawing = SvgDrawing.read(RealDrawings.file(name + ".svg"), 90);
        Map<String, Double> truth = RealDrawings.truth(name + ".svg");
        assertTrue(truth.size() > 2);
        double view = drawing.widthMm() * drawing.heightMm();
        Map<String, Double> read = new HashMap<>();
        drawing.colours().forEach(colour -> read.put(colour.hex(), colour.areaMm2() / view));
        truth.forEach((hex, share) -> assertEquals(share, read.getOrDefault(hex, 0.0), WITHIN, name + " " + hex));
        read.forEach((hex, share) -> assertEquals(truth.getOrDefault(hex, 0.0), share, WITHIN, name + " " + hex));
        // What the parts show is what their colour shows, and their regions are as large.
        double parts =
                drawing.parts().stream().mapToDouble(Drawing.Part::areaMm2).sum();
        double regions = drawing.parts().stream()
                .mapToDouble(part -> part.region().areaMm2())
                .sum();
        double colours =
                drawing.colours().stream().mapToDouble(Drawing.Colour::areaMm2).sum();
        assertEquals(colours, parts, 1e-3 * view);
        assertEquals(colours, regions, 1e-3 * view);
    }
}
