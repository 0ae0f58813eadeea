package kindthimble.devices;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

class KitchenScaleTest {
    private static final double LATER = 5_000;

    private final KitchenScale scale = new KitchenScale(3);

    @Test
    void whatLiesOnItIsWhatWasLaidOnIt() {
        scale.take("add 200.04", 0);
        scale.take("add 8.3", 100);
        assertEquals("scale g=208.30", scale.line(LATER));
        scale.take("tare", LATER);
        assertEquals(0, scale.shown(2 * LATER));
        scale.take("add 3.2", 2 * LATER);
        assertEquals(3.2, scale.shown(3 * LATER));
        scale.take("add 0.16", 2 * LATER);
        assertEquals(3.36, scale.shown(3 * LATER), "four drops of gel");
        scale.take("add -3.36", 3 * LATER);
        scale.take("put 141.5", 3 * LATER);
        assertEquals(141.5, scale.shown(4 * LATER), "what is put on it is weighed whole");
    }

    @Test
    void whatMovesWaversAndComesToRest() {
        scale.take("put 100", 0);
        double off = 0;
        for (int i = 0; i < 20; i++) {
            off = Math.max(off, Math.abs(scale.shown(10) - 100));
        }
        assertTrue(off > 1 && off < 20, off + " g off while it wavers");
        assertEquals(100, scale.shown(1_500), 0.1);
    }

    @Test
    void whatCannotBeMeantIsLeftAlone() {
        scale.take("put 50", 0);
        for (String line : new String[] {"", "put", "put x", "add NaN", "put 1e9", "tare 5", "sing", "add 1 2"}) {
            scale.take(line, 0);
        }
        assertEquals(50, scale.shown(LATER));
        scale.take("add -80", LATER);
        assertEquals(0, scale.shown(2 * LATER), "nothing weighs less than nothing");
    }
}
