package kindthimble.core.design;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Region;
import org.junit.jupiter.api.Test;

/** Which cutters are longer than wide, by their drawn outlines. */
class TallCuttersTest {
    @Test
    void tallIsWhatIsDrawnLongerThanWide() {
        List<String> tall = Pictures.ofTallCutters();
        for (Map.Entry<String, String> one : Pictures.ofCutters().entrySet()) {
            Box box = Region.drawn(one.getValue()).box();
            assertEquals(box.heightMm() > 1.25 * box.widthMm(), tall.contains(one.getKey()), one.getKey());
        }
        assertTrue(tall.size() > 2 && tall.size() < Pictures.ofCutters().size(), tall::toString);
        assertTrue(!tall.contains("round") && !tall.contains("square"));
    }
}
