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

    private static final TooThin.Base BASE = new TooThin.Base(CURVE, 80, 13);

    /** Base of the mixer brings it back: base and water together give the count that is wanted. */
    @Test
    void stiffBaseBringsBackWhatIsTooThin() {
        double water = CURVE.waterPer100Base(new Consistency(11)) * 2;
        double more = TooThin.of(11, 15, 200, BASE).stiffGrams();
        assertEquals(15, 80 * Math.exp(-0.23 * water * 100 / (200 + more)), 1e-9);
        assertEquals(0, TooThin.of(15, 15, 200, BASE).stiffGrams(), 1e-9);
        assertTrue(Double.isInfinite(TooThin.of(15, 80, 200, BASE).stiffGrams()));
    }

    /** A looser base has less to give: of one that counts 30 itself, 58 g to 100, and none that is stiffer than itself; sugar does that. */
    @Test
    void aLooseBaseGoesByItsOwnCurve() {
        TooThin.Base loose = new TooThin.Base(new ThinningCurve(30, 0.23), 78, 16);
        assertEquals(58.5, TooThin.of(10, 15, 100, loose).stiffGrams(), 0.1);
        TooThin stiffer = TooThin.of(10, 36, 100, loose);
        assertTrue(Double.isInfinite(stiffer.stiffGrams()));
        // Sugar and water then stand as in the base with the wanted water, which is less than none.
        double wanted = Math.log(30 / 36.0) / 0.23;
        double now = Math.log(30 / 10.0) / 0.23;
        assertEquals(78 / (16 + wanted), (78 + stiffer.sugarGrams()) / (16 + now), 1e-9);
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
        assertEquals(0.05, InProportion.band(0.1), 1e-12, "nothing at all is not right");
        assertFalse(InProportion.canBeWeighed(0.06));
        assertTrue(InProportion.canBeWeighed(0.1));
    }

    private static TrialCookie trial(double coatGrams, TrialCookie.Weighed... cookies) {
        return TrialCookie.of(List.of(cookies), 7.2, coatGrams, 0.12, 0.08);
    }

    /** Planned 7.2 g, 6 of them coat; a cookie of 24 g comes to 31.8 g: 6.6 g of coat, 1.1 times as full. One moves the plan by 0.31 of that, three by 0.57. */
    @Test
    void aTrialCookieSaysHowFullTheCoatIs() {
        TrialCookie.Weighed fuller = new TrialCookie.Weighed(24, 31.8);
        assertEquals(1.1, trial(6, fuller).found(), 1e-9);
        assertEquals(1 + 0.1 * 0.0064 / (0.0064 + 0.0144), trial(6, fuller).moved(), 1e-12);
        assertEquals(1.0308, trial(6, fuller).moved(), 1e-4);
        assertEquals(1.0571, trial(6, fuller, fuller, fuller).moved(), 1e-4);
        assertFalse(trial(6, fuller).isAsPlanned());
        assertTrue(trial(6, new TrialCookie.Weighed(24, 31.5)).isAsPlanned());
        TrialCookie.Weighed none = new TrialCookie.Weighed(24, 24);
        assertEquals(TrialCookie.NONE, trial(6, none), "nothing is on it");
        assertEquals(TrialCookie.NONE, trial(6, new TrialCookie.Weighed(24, 60)), "no hand is so heavy");
        assertEquals(TrialCookie.NONE, trial(0, fuller), "no coat in this pass");
        assertEquals(1, trial(6, fuller, none).cookies());
    }

    /** Whether it is better to move by less than was found: 20,000 hands and cookies by chance, each plan against what the hand then takes. */
    @Test
    void toMoveByAShareIsNearerThanToTakeItWhole() {
        Random random = new Random(5);
        double whole = 0;
        double share = 0;
        double nothing = 0;
        for (int i = 0; i < 20_000; i++) {
            double hand = 1 + 0.08 * random.nextGaussian();
            double coat = 6 * (hand + 0.12 * random.nextGaussian());
            TrialCookie trial = trial(6, new TrialCookie.Weighed(24, 24 + 1.2 + coat));
            whole += Math.abs(trial.found() - hand);
            share += Math.abs(trial.moved() - hand);
            nothing += Math.abs(1 - hand);
        }
        assertTrue(share < nothing && nothing < whole, share + " " + nothing + " " + whole);
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
        assertEquals(new ColourRescue.Dose(2, 0), ColourRescue.more(10 * 0.04, 0.8));
        assertEquals(
                new ColourRescue.Dose(1, 2),
                ColourRescue.more(3 * 0.04, 0.5),
                "a drop and two dabs are half of three drops");
        assertEquals(0, ColourRescue.baseGrams(200, 0.8));
        assertEquals(new ColourRescue.Dose(0, 0), ColourRescue.more(0.4, 1.25));
    }
}
