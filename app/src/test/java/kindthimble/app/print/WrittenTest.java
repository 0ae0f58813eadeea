package kindthimble.app.print;

import static org.junit.jupiter.api.Assertions.assertEquals;

import kindthimble.core.kitchen.ShopSettings;
import org.junit.jupiter.api.Test;

/** Numbers on paper are those of the screen: halves go up there ({@code web/src/units/format.ts}), and so they do here. */
class WrittenTest {
    private final Written written = new Written(ShopSettings.house());

    @Test
    void halvesGoUp() {
        assertEquals("21 g", written.grams(20.5));
        assertEquals("22 g", written.grams(21.5));
        assertEquals("20 g", written.grams(19.95));
        assertEquals("0.3 g", written.grams(0.25));
        assertEquals("0.1", written.number(0.125, 1));
        assertEquals("0.13", written.number(0.125, 2));
        assertEquals("0 g", written.grams(0));
    }
}
