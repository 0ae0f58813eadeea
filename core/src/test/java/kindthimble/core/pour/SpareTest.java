package kindthimble.core.pour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Icing;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;

/** The risk of an order against closed forms at both ends, a worked figure between them, and days drawn at random. */
class SpareTest {
    private static final NormalDistribution NORMAL = new NormalDistribution();

    private static Demand.OfColour colour(String name, int cookies, double gramsEach) {
        return new Demand.OfColour(
                name,
                cookies * gramsEach * gramsEach,
                List.of(new Demand.Portion(
                        new Consistency(15),
                        Icing.Vessel.BAG,
                        List.of(),
                        List.of(new Demand.Drink("d", 0, gramsEach, cookies, 0, 0, null)))));
    }

    private static Demand alike(int bowls, int cookies, double gramsEach) {
        List<Demand.OfColour> colours = new ArrayList<>();
        for (int i = 0; i < bowls; i++) {
            colours.add(colour("c" + i, cookies, gramsEach));
        }
        return new Demand(cookies, 0, colours);
    }

    private static Spare spare(Demand demand, double cookiePercent, double dayPercent) {
        return new Spare(
                Habits.HOUSE
                        .with(Habit.COOKIE_VARIATION_PERCENT, cookiePercent)
                        .with(Habit.DAY_VARIATION_PERCENT, dayPercent),
                demand);
    }

    private static double z(double risk) {
        return NORMAL.inverseCumulativeProbability(1 - risk);
    }

    /** Three bowls of 24 cookies of 11.547 g at 1 in 50: 2.264; each on its own 2.472, as one 2.054 (craft.md 6). */
    @Test
    void workedCase() {
        Demand three = alike(3, 24, 11.547);
        assertEquals(2.264, spare(three, 12, 8).sigmas(0.02), 0.001);
        assertEquals(2.472, z(1 - Math.pow(0.98, 1.0 / 3)), 0.001);
        assertEquals(2.054, z(0.02), 0.001);
        assertEquals(23.2, spare(three, 12, 8).sigmaGrams(three.colours().get(0)), 0.05);
    }

    @Test
    void withoutACommonHandEachBowlIsOnItsOwnAndWithNothingElseAllAreOne() {
        for (int k : new int[] {2, 3, 8, 24}) {
            for (double risk : new double[] {0.001, 0.02, 0.1, 0.5}) {
                Demand demand = alike(k, 24, 11.547);
                assertEquals(
                        z(1 - Math.pow(1 - risk, 1.0 / k)), spare(demand, 12, 0).sigmas(risk), 1e-3);
                assertEquals(z(risk), spare(demand, 0, 8).sigmas(risk), 1e-3);
                double between = spare(demand, 12, 8).sigmas(risk);
                assertTrue(between > z(risk) && between < z(1 - Math.pow(1 - risk, 1.0 / k)));
            }
        }
        // 40,000 cookies: what is left of their own scatter is one part in a thousand.
        assertEquals(z(0.02), spare(alike(3, 40_000, 5), 12, 8).sigmas(0.02), 0.03);
        assertEquals(z(0.02), spare(alike(1, 24, 11.547), 12, 8).sigmas(0.02), 1e-9);
    }

    /** A million days: how often any of five unlike bowls runs short with the spare that 1 in 20 asks for. */
    @Test
    void daysDrawnAtRandomRunShortAsOftenAsPlanned() {
        Demand demand = new Demand(
                0,
                0,
                List.of(
                        colour("a", 24, 11.5),
                        colour("b", 6, 3),
                        colour("c", 72, 0.4),
                        colour("d", 2, 9),
                        colour("e", 300, 2)));
        Spare spare = spare(demand, 12, 8);
        double sigmas = spare.sigmas(0.05);
        int k = demand.colours().size();
        double[] spares = new double[k];
        double[] ofCookies = new double[k];
        double[] ofDay = new double[k];
        for (int i = 0; i < k; i++) {
            Demand.OfColour colour = demand.colours().get(i);
            ofCookies[i] = 0.12 * Math.sqrt(colour.squaredGrams());
            ofDay[i] = 0.08 * colour.grams();
            spares[i] = sigmas * Math.hypot(ofCookies[i], ofDay[i]);
        }
        assertEquals(0.05, spare.riskOfOrder(spares), 1e-5);
        Random random = new Random(6);
        int days = 1_000_000;
        int ranShort = 0;
        for (int day = 0; day < days; day++) {
            double hand = random.nextGaussian();
            boolean isShort = false;
            for (int i = 0; i < k; i++) {
                isShort |= ofDay[i] * hand + ofCookies[i] * random.nextGaussian() > spares[i];
            }
            ranShort += isShort ? 1 : 0;
        }
        // The z of what was counted is within 0.01 of the one that was asked for.
        assertEquals(z(0.05), z((double) ranShort / days), 0.01);
    }

    @Test
    void tableOfTheNormalDistributionIsExact() {
        for (double x = -10; x < 10; x += 0.00731) {
            assertEquals(NORMAL.cumulativeProbability(x), Normal.below(x), 1e-9);
        }
    }
}
