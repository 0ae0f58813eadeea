package kindthimble.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.IntStream;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.ThinningCurve;
import org.junit.jupiter.api.Test;

/** What a practice kitchen does when it is asked for one deed. */
class PracticeKitchenTest {
    private static final int COOKIES = 2_000;
    private static final Truth TRUTH = new Truth(1.1, 0.12, new ThinningCurve(80, 0.25), 1.2, 0.03, 0.05, 1.3);
    private static final PracticeKitchen KITCHEN = new PracticeKitchen(TRUTH, 7);

    /** What flows in many short stretches is what flows in one long one; longer is more; a stream begins thin. */
    @Test
    void pouringAddsUp() {
        double whole = KITCHEN.poured("sugar", 689, 0, 4_000);
        double pieces = IntStream.range(0, 40)
                .mapToDouble(i -> KITCHEN.poured("sugar", 689, i * 100.0, (i + 1) * 100.0))
                .sum();
        assertEquals(whole, pieces, 1e-9);
        assertTrue(KITCHEN.poured("sugar", 689, 0, 200) < KITCHEN.poured("sugar", 689, 2_000, 2_200) / 2);
        // Held for about five seconds, about what is wanted has flowed, whatever is wanted.
        assertEquals(1, KITCHEN.poured("sugar", 689, 0, 5_300) / 689, 0.4);
        assertEquals(KITCHEN.poured("water", 2.8, 0, 3_000) * 100, KITCHEN.poured("water", 280, 0, 3_000), 1e-9);
        assertTrue(KITCHEN.tail("sugar", 689, 3_000) > 0);
    }

    /** Water that should bring 22 s to 15 s by the kitchen's own curve does: ln(22/15)/0.25 g in 100 g. */
    @Test
    void aLineLevelsByTheHiddenCurve() {
        double at22 = Math.log(80 / 22.0) / 0.25;
        assertEquals(22, KITCHEN.lineSeconds(at22, 15), 1e-9);
        assertEquals(15, KITCHEN.lineSeconds(at22 + Math.log(22 / 15.0) / 0.25, 15), 1e-9);
    }

    /** Two thousand cookies take what the hidden hand takes, scattered as it scatters, and break as often as they break. */
    @Test
    void manyCookiesShowTheTruth() {
        double[] grams = IntStream.range(0, COOKIES)
                .mapToDouble(n -> KITCHEN.cookieGrams("1 ice", n, 10))
                .toArray();
        double mean =
                IntStream.range(0, COOKIES).mapToDouble(n -> grams[n]).average().orElseThrow();
        double sd = Math.sqrt(IntStream.range(0, COOKIES)
                .mapToDouble(n -> (grams[n] - mean) * (grams[n] - mean))
                .average()
                .orElseThrow());
        assertEquals(11, mean, 3 * 1.2 / Math.sqrt(COOKIES));
        assertEquals(1.2, sd, 0.08);
        long broke = IntStream.range(0, COOKIES)
                .filter(n -> KITCHEN.mishap("1 ice", n) == PracticeKitchen.Mishap.BROKE)
                .count();
        assertEquals(0.03 * COOKIES, broke, 3 * Math.sqrt(COOKIES * 0.03 * 0.97));
        long well = IntStream.range(0, COOKIES)
                .filter(n -> KITCHEN.mishap("1 ice", n) == PracticeKitchen.Mishap.NONE)
                .count();
        assertEquals(0.92 * COOKIES, well, 3 * Math.sqrt(COOKIES * 0.92 * 0.08));
    }

    /** Asked twice it says the same; of another seed another thing. */
    @Test
    void aDeedComesOutTheSame() {
        PracticeKitchen other = new PracticeKitchen(TRUTH, 8);
        assertEquals(KITCHEN.cookieGrams("1 ice", 3, 10), KITCHEN.cookieGrams("1 ice", 3, 10));
        assertNotEquals(KITCHEN.cookieGrams("1 ice", 3, 10), other.cookieGrams("1 ice", 3, 10));
        assertEquals(Truth.of(5, Habits.HOUSE, 80), Truth.of(5, Habits.HOUSE, 80));
    }

    @Test
    void theRoomDriesInItsOwnTime() {
        assertFalse(KITCHEN.isDry(1.29 * 1_500, 1_500));
        assertTrue(KITCHEN.isDry(1.31 * 1_500, 1_500));
    }

    @Test
    void dropsFallByOnesAndNowAndThenByTwos() {
        long twos = IntStream.range(0, COOKIES)
                .filter(n -> KITCHEN.drops("poppy", n) == 2)
                .count();
        assertEquals(0.04 * COOKIES, twos, 3 * Math.sqrt(COOKIES * 0.04 * 0.96));
        assertEquals(
                IntStream.rangeClosed(1, 50).map(n -> KITCHEN.drops("poppy", n)).sum(), KITCHEN.fallen("poppy", 50));
        assertEquals(0, KITCHEN.fallen("poppy", 0));
        double strength = IntStream.range(0, COOKIES)
                .mapToDouble(n -> Math.log(KITCHEN.strength("gel " + n)))
                .average()
                .orElseThrow();
        assertEquals(0, strength, 3 * 0.1 / Math.sqrt(COOKIES));
        double grams = IntStream.range(0, COOKIES)
                .mapToDouble(n -> KITCHEN.dropGrams("poppy", n, 0.04))
                .average()
                .orElseThrow();
        assertEquals(0.04, grams, 0.0005);
    }
}
