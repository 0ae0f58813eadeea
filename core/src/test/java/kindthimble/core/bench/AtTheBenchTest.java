package kindthimble.core.bench;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Random;
import kindthimble.core.icing.Consistency;
import kindthimble.core.icing.ThinningCurve;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.tint.Gel;
import kindthimble.core.tint.Mixture;
import kindthimble.core.tint.ReferenceGels;
import kindthimble.core.tint.WhiteIcing;
import org.junit.jupiter.api.Test;

/** The arithmetic at the bench, against what was worked out by hand and against simulation. */
class AtTheBenchTest {
    private static final ThinningCurve CURVE = new ThinningCurve(80, 0.23);

    /** 208 g of base, 22 s counted, 15 wanted: 0.8 x ln(22/15)/0.23 x 2.08 g. */
    @Test
    void nextWaterComesFromAbove() {
        assertEquals(2.77, NextWater.grams(22, 15, 208, CURVE), 0.01);
        assertEquals(0, NextWater.grams(16.4, 15, 208, CURVE));
        assertEquals(0, NextWater.grams(9, 15, 208, CURVE));
    }

    /** Half of the way to 10 s is a g x ln(t/10)/2b: where that is less, it is what goes in. */
    @Test
    void neverMoreThanHalfOfWhatIsLeft() {
        assertEquals(0.5 * Math.log(22 / 10.0) / 0.23 * 2.08, NextWater.grams(22, 10.5, 208, CURVE), 1e-9);
    }

    /** Icing that follows its curve comes into the band, and never under it, whatever it starts from. */
    @Test
    void itNeverGetsTooThinOnItsOwnCurve() {
        Random random = new Random(2);
        for (int round = 0; round < 200; round++) {
            double wanted = 3 + random.nextInt(40);
            double water = 0;
            double count = 80;
            int steps = 0;
            while (NextWater.grams(count, wanted, 300, CURVE) > 0 && steps < 40) {
                water += NextWater.grams(count, wanted, 300, CURVE);
                count = 80 * Math.exp(-0.23 * water / 3);
                steps++;
            }
            assertTrue(steps < 15, "in few steps");
            assertTrue(count >= NextWater.leastSeconds(wanted) && count <= NextWater.mostSeconds(wanted));
        }
    }

    /** Base of the mixer brings it back: base and water together give the count that is wanted. */
    @Test
    void stiffBaseBringsBackWhatIsTooThin() {
        double water = CURVE.waterPer100Base(new Consistency(11)) * 2;
        double more = NextWater.stiffGrams(11, 15, 200, CURVE);
        assertEquals(15, 80 * Math.exp(-0.23 * water * 100 / (200 + more)), 1e-9);
        assertEquals(0, NextWater.stiffGrams(15, 15, 200, CURVE), 1e-9);
        assertTrue(Double.isInfinite(NextWater.stiffGrams(15, 80, 200, CURVE)));
    }

    /** 206 g for 24 cookies; after 6 of them 141.5 g are left, of which 8 stay in the bag. */
    @Test
    void aBagThatWillNotReachIsSaidEarly() {
        BagForecast forecast = BagForecast.of(206, 141.5, 8, 6, 18, 8, 0.12, 0.08);
        assertEquals(10.75, forecast.eachGrams(), 1e-9);
        assertEquals(12.4, forecast.cookies(), 0.05);
        assertEquals(60, forecast.shortGrams(), 0.01);
        assertTrue(forecast.isShort());
        assertTrue(forecast.chance() > 0.99);
        assertFalse(BagForecast.of(260, 212, 8, 6, 18, 8, 0.12, 0.08).isShort());
    }

    /** The chance, against days by chance: a hand and cookies as they are said to vary, and of those only where six cookies took what they took. */
    @Test
    void theChanceIsThatOfDaysByChance() {
        Random random = new Random(9);
        int seen = 0;
        int ranOut = 0;
        double used = 52;
        while (seen < 4_000) {
            double hand = 8 * (1 + 0.08 * random.nextGaussian());
            double first = 6 * hand + Math.sqrt(6) * 0.96 * random.nextGaussian();
            if (Math.abs(first - used) > 0.5) {
                continue;
            }
            seen++;
            double rest = 18 * hand + Math.sqrt(18) * 0.96 * random.nextGaussian();
            ranOut += rest > 158 - 8 ? 1 : 0;
        }
        double chance = BagForecast.of(158 + used, 158, 8, 6, 18, 8, 0.12, 0.08).chance();
        assertTrue(chance > 0.1 && chance < 0.9, "a day that may go either way: " + chance);
        assertEquals((double) ranOut / seen, chance, 0.03);
    }

    /** Sugar 702 instead of 689: powder 46.9, water 116. */
    @Test
    void theRestFollowsTheSugar() {
        List<Double> then = InProportion.of(List.of(689.0, 46.0, 113.9), 0, 702);
        assertEquals(702, then.get(0));
        assertEquals(46.9, then.get(1), 0.05);
        assertEquals(116, then.get(2), 0.1);
        assertEquals(0.2, InProportion.band(4));
        assertEquals(14, InProportion.band(700));
    }

    /** Planned 7.2 g, 6 of them coat; a cookie of 24 g comes to 31.8 g: 6.6 g of coat, 1.1 times as full. */
    @Test
    void aTrialCookieSaysHowFullTheCoatIs() {
        assertEquals(1.1, TrialCookie.fullness(24, 31.8, 7.2, 6).orElseThrow(), 1e-9);
        assertTrue(TrialCookie.fullness(24, 24, 7.2, 6).isEmpty(), "nothing is on it");
        assertTrue(TrialCookie.fullness(24, 60, 7.2, 6).isEmpty(), "no hand is so heavy");
        assertTrue(TrialCookie.fullness(24, 31.8, 7.2, 0).isEmpty(), "no coat in this pass");
    }

    /** What looks like 1.25 times its drops, with a quarter more base, looks as wanted: the very same K/S, band by band. */
    @Test
    void aBowlThatIsTooDarkComesBackWithBase() {
        WhiteIcing white = WhiteIcing.of(HouseRecipes.MERINGUE_POWDER);
        Gel gel = ReferenceGels.ALL.get(3);
        double more = ColourRescue.baseGrams(200, 1.25);
        double[] wanted = Mixture.absorption(white, Map.of(gel, 5.0), 0);
        double[] rescued = Mixture.absorption(white, Map.of(gel, 1.25 * 5 * 200 / (200 + more)), 0);
        assertArrayEquals(wanted, rescued, 1e-12);
        assertEquals(2, ColourRescue.drops(10, 0.8), 1e-9);
        assertEquals(0, ColourRescue.baseGrams(200, 0.8));
        assertEquals(0, ColourRescue.drops(10, 1.25));
    }
}
