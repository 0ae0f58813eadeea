package kindthimble.core.clock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class DryingTest {
    private static final Drying DAMP =
            new Drying(List.of(new Drying.Stretch(1_000, 3_000, 2), new Drying.Stretch(5_000, 6_000, 4)));

    @Test
    void aSteadyRoomAddsTheTime() {
        assertEquals(500, Drying.STEADY.after(200, 300));
        assertEquals(200, Drying.STEADY.before(500, 300));
        assertEquals(1, Drying.STEADY.slowest());
    }

    /** 500 before it is damp, 1,000 in the 2,000 s that are damp, and the rest after it. */
    @Test
    void aDampStretchTakesLonger() {
        assertEquals(800, DAMP.after(500, 300));
        assertEquals(3_000, DAMP.after(500, 1_500));
        assertEquals(3_250, DAMP.after(500, 1_750));
        assertEquals(4, DAMP.slowest());
    }

    /** Second by second: so much of the drying as the rate says. */
    @Test
    void againstTheSumOfSeconds() {
        Random random = new Random(3);
        for (int round = 0; round < 300; round++) {
            int start = random.nextInt(7_000);
            int seconds = random.nextInt(4_000);
            double left = seconds;
            int at = start;
            while (left > 1e-6) {
                left -= at >= 1_000 && at < 3_000 ? 0.5 : at >= 5_000 && at < 6_000 ? 0.25 : 1;
                at++;
            }
            assertEquals(at, DAMP.after(start, seconds), 1);
            long latest = DAMP.before(at, seconds);
            assertTrue(DAMP.after(latest, seconds) <= at, "dry in time");
            assertTrue(DAMP.after(latest + 4, seconds) > at, "and no earlier than need be");
        }
    }
}
