package kindthimble.core.notebook;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.bench.TrialCookie;
import kindthimble.core.colour.Palette;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.habit.Measured;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import org.junit.jupiter.api.Test;

/** What plans take from the notebook. */
class LearntTest {
    private static Figure figure(String name, Figure.Scale scale, double mean) {
        return new Figure(name, scale, mean, 0.1, mean - 0.2, mean + 0.2, null, 5, 5, List.of(), null);
    }

    private static Learnt learnt(Object... namesAndMeans) {
        Map<String, Double> means = new HashMap<>();
        for (int i = 0; i < namesAndMeans.length; i += 2) {
            means.put((String) namesAndMeans[i], (Double) namesAndMeans[i + 1]);
        }
        return new Learnt(means, Map.of());
    }

    @Test
    void aFactorMovesTheHousesFigureAndSaysThatItIsLearnt() {
        Habits habits = learnt("minutes tint", Math.log(1.5)).in(Habits.HOUSE);
        assertEquals(6, habits.mean(Habit.TINT_MINUTES), 1e-12, "4 min of the house");
        assertEquals(
                Measured.Source.LEARNT, habits.all().get(Habit.TINT_MINUTES).source());
        assertEquals(Habit.THIN_MINUTES.house().mean(), habits.mean(Habit.THIN_MINUTES), 0);
    }

    @Test
    void whatTheShopHasTypedIsHeld() {
        Habits typed = Habits.HOUSE.with(Habit.TINT_MINUTES, 9);
        assertEquals(9, learnt("minutes tint", 1.0).in(typed).mean(Habit.TINT_MINUTES), 0);
    }

    @Test
    void whatIsMeasuredStandsAgainstTheHouseWhateverWasLearntBefore() {
        Habits learnt = learnt("minutes tint", Math.log(1.5)).in(Habits.HOUSE);
        assertEquals(4, 6 * Learnt.houseTimes("minutes tint", learnt), 1e-12, "6 min are planned by now");
        assertEquals(
                4, 8 * Learnt.houseTimes("minutes tint", Habits.HOUSE.with(Habit.TINT_MINUTES, 8)), 1e-12, "or typed");
        assertEquals(1, Learnt.houseTimes("minutes thin", learnt), 0);
        Habits quick = learnt("seconds icing", Math.log(0.8)).in(Habits.HOUSE.with(Habit.OUTLINE_SECONDS_PER_CM, 7));
        assertEquals(
                1.25,
                Learnt.houseTimes("seconds icing", quick),
                1e-12,
                "one that was typed says nothing of the others");
    }

    @Test
    void nothingLeavesTheRangeOfItsFigure() {
        double most = learnt("kept bag", 5.0).in(Habits.HOUSE).mean(Habit.TIPPED_BAG_KEEPS_GRAMS);
        assertEquals(Habit.TIPPED_BAG_KEEPS_GRAMS.range().most(), most, 0);
    }

    @Test
    void sparesCoverThatACookieBreaksAtAnyOfThreeTimes() {
        assertEquals(
                Habit.BREAKAGE_PERCENT.house().mean(),
                learnt("broken whole iced", 1 / 60.0).in(Habits.HOUSE).mean(Habit.BREAKAGE_PERCENT),
                0.1,
                "three of one in sixty are the house's one in twenty");
        double half = learnt("broken whole baked", 0.0, "broken whole iced", 0.5, "broken whole packed", 0.5)
                .in(Habits.HOUSE)
                .mean(Habit.BREAKAGE_PERCENT);
        assertEquals(75, half, 1e-9, "one in four gets through");
    }

    @Test
    void aBaseThinsAsItsCountsSay() {
        BaseRecipe base = HouseRecipes.MERINGUE_POWDER;
        Learnt learnt =
                learnt("thinning " + base.key() + " ln t0", Math.log(70), "thinning " + base.key() + " b", 0.25);
        assertEquals(70, learnt.in(base).curve().ownCountSeconds(), 1e-9);
        assertEquals(0.25, learnt.in(base).curve().perGram(), 0);
        assertSame(base, Learnt.NOTHING.in(base));
    }

    @Test
    void aCoatIsAsFullAsTheHandOfItsSchool() {
        Learnt learnt = learnt("coat wall and flood", Math.log(1.1));
        Kitchen kitchen = coated(learnt, Filling.WALL_AND_FLOOD);
        assertEquals(1.1 * Habit.COAT_MM.house().mean(), kitchen.mean(Habit.COAT_MM), 1e-12);
        assertEquals(Habit.DIP_MM.house().mean(), kitchen.mean(Habit.DIP_MM), 0);
        assertEquals(
                Habit.COAT_MM.house().mean(),
                coated(learnt, Filling.NO_OUTLINE).mean(Habit.COAT_MM),
                0,
                "another school, another hand");
        assertEquals(
                1.2 * Habit.DIP_MM.house().mean(),
                coated(learnt("coat dip", Math.log(1.2)), Filling.DIP).mean(Habit.DIP_MM),
                1e-12);
    }

    private static Kitchen coated(Learnt learnt, Filling filling) {
        return Kitchen.of(
                learnt.in(ShopSettings.house()), HouseRecipes.MERINGUE_POWDER, null, Palette.UNKNOWN, filling);
    }

    @Test
    void aDoughSpreadsMoreThanTheShopsUnlessItHasItsOwn() {
        ShopSettings house = ShopSettings.house();
        String key = house.doughs().get(0).key();
        Learnt learnt = learnt("bake spread " + key, 1.5);
        assertEquals(3.5, learnt.in(house).dough(key).spreadPercent(), 1e-12, "2 % of the house");
        ShopSettings own = house.withDoughs(List.of(house.doughs().get(0).spreading(4)));
        assertEquals(4, learnt.in(own).dough(key).spreadPercent(), 0);
    }

    @Test
    void whatIsHeldStaysAndWhatIsPutBackIsTheHouses() {
        List<Figure> figures =
                List.of(figure("minutes tint", Figure.Scale.LOG, 0.5), figure("minutes thin", Figure.Scale.LOG, 0.5));
        Learnt learnt = Learnt.of(
                figures,
                Map.of(
                        "minutes tint", new Learnt.Decision(Learnt.Way.HELD, 0.2),
                        "minutes thin", new Learnt.Decision(Learnt.Way.PUT_BACK, 0)));
        assertEquals(Map.of("minutes tint", 0.2), learnt.means());
    }

    @Test
    void aTrialCookieWeighsMostInAKitchenThatIsNotKnown() {
        TrialCookie.Weighed twice = new TrialCookie.Weighed(30, 30 + 2 * 8);
        assertEquals(1.59, moved(Learnt.Hand.HOUSE, twice), 0.005, "one, of which 0.59 counts");
        assertEquals(1.81, moved(Learnt.Hand.HOUSE, twice, twice, twice), 0.005);
        Learnt.Hand known = new Learnt.Hand(0, 0.08, 0.12);
        assertEquals(1.31, moved(known, twice), 0.005);
        assertEquals(1.57, moved(known, twice, twice, twice), 0.005);
    }

    private static double moved(Learnt.Hand hand, TrialCookie.Weighed... weighed) {
        return TrialCookie.of(List.of(weighed), 8, 8, hand.cookie(), hand.nextOrder())
                .moved();
    }

    @Test
    void eachFigureKnowsWhatItMoves() {
        assertTrue(Learnt.habitsOf("seconds icing").contains(Habit.FLOOD_SECONDS_PER_CM2));
        assertEquals(Set.of(Habit.TINT_MINUTES), Learnt.habitsOf("minutes tint"));
        assertEquals(Set.of(Habit.BREAKAGE_PERCENT), Learnt.habitsOf("broken whole iced"));
    }
}
