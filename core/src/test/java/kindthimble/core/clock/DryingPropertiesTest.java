package kindthimble.core.clock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Icing that dries over days of which some are damp. */
class DryingPropertiesTest {
    private static Drying any(Random random) {
        List<Drying.Stretch> stretches = new ArrayList<>();
        long at = random.nextInt(5_000);
        for (int i = 0; i < random.nextInt(5); i++) {
            long end = at + 1 + random.nextInt(20_000);
            stretches.add(new Drying.Stretch(at, end, 0.5 + random.nextDouble() * 3));
            at = end + random.nextInt(8_000);
        }
        return new Drying(stretches);
    }

    /** What dries second by second is dry when it is said to be. */
    @Test
    void isWhatSecondAfterSecondAddsUpTo() {
        Random random = new Random(1);
        for (int i = 0; i < 60; i++) {
            Drying drying = any(random);
            long start = random.nextInt(30_000);
            long needs = 1 + random.nextInt(15_000);
            double dried = 0;
            long at = start;
            while (dried < needs - 1e-6) {
                long now = at;
                double times = drying.stretches().stream()
                        .filter(one -> one.start() <= now && now < one.end())
                        .mapToDouble(Drying.Stretch::times)
                        .findFirst()
                        .orElse(1);
                dried += 1 / times;
                at++;
            }
            assertEquals(at, drying.after(start, needs), 2);
        }
    }

    @Test
    void whatHasToBeDryInTimeIs() {
        Random random = new Random(2);
        for (int i = 0; i < 2_000; i++) {
            Drying drying = any(random);
            long end = 20_000 + random.nextInt(60_000);
            long needs = random.nextInt(20_000);
            long latest = drying.before(end, needs);
            assertTrue(drying.after(latest, needs) <= end + 1, "begun then, it is dry");
            assertTrue(drying.after(latest + 3, needs) >= end - 1, "and not much later");
        }
    }

    @Test
    void moreTakesLongerAndLaterEndsLater() {
        Random random = new Random(3);
        for (int i = 0; i < 2_000; i++) {
            Drying drying = any(random);
            long start = random.nextInt(60_000);
            long needs = random.nextInt(20_000);
            long dry = drying.after(start, needs);
            assertTrue(drying.after(start, needs + 100) >= dry);
            assertTrue(drying.after(start + 100, needs) >= dry);
            assertTrue(dry - start <= Math.ceil(needs * drying.slowest()) + 1);
            assertEquals(
                    dry,
                    drying.after(drying.after(start, needs / 2), needs - needs / 2),
                    1 + drying.slowest(),
                    "in two halves");
        }
    }

    @Test
    void aRoomThatStaysAsItIsTakesWhatItTakes() {
        assertEquals(1_700, Drying.STEADY.after(200, 1_500));
        assertEquals(200, Drying.STEADY.before(1_700, 1_500));
        assertEquals(1, Drying.STEADY.slowest());
    }
}
