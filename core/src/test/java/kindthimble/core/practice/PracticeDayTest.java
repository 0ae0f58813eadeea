package kindthimble.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.function.UnaryOperator;
import kindthimble.core.colour.Palette;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.ThinningCurve;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.pour.Allowance;
import kindthimble.core.pour.CookieSet;
import kindthimble.core.pour.Pour;
import kindthimble.core.pour.Pouring;
import kindthimble.core.pour.Tally;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

/** Days by chance in the practice kitchen: whether the plan keeps what it promises there. */
class PracticeDayTest {
    private static final ThinningCurve BELIEVED = new ThinningCurve(80, ThinningCurve.PER_GRAM);
    private static final int DAYS = 400;
    private static final Pour POUR = pour();

    private static Pour pour() {
        Cookie cookie = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN))
                .measure(Moves.round(80, 3.0, Moves.outline("navy"), Moves.flood("poppy"), Moves.dots("white", 6, 5)));
        return new Pouring(Kitchens.of(ShopSettings.house(), HouseRecipes.MERINGUE_POWDER), new Allowance.Risk(0.05))
                .of(new Tally(HouseRecipes.MERINGUE_POWDER, 5)
                        .of(new CookieSet(List.of(new CookieSet.Line("a", cookie, 36)))));
    }

    private static int shortDays(UnaryOperator<Truth> changed) {
        int ran = 0;
        for (int seed = 0; seed < DAYS; seed++) {
            Truth truth = changed.apply(Truth.of(seed, Habits.HOUSE, 80));
            ran += PracticeDay.played(POUR, 36, truth, BELIEVED, seed).ranShort() ? 1 : 0;
        }
        return ran;
    }

    /** Planned at 1 in 20, and 400 days: 20 of them run short, give or take three times sqrt(400 x 0.05 x 0.95) = 4.4. */
    @Test
    void ordersRunShortAsOftenAsThePlanSays() {
        assertEquals(20, shortDays(truth -> truth), 13);
    }

    /** A habit that is wrong shows: a hand a sixth fuller than the shop believes runs short more often than not; a leaner one never. */
    @Test
    void aWrongHabitShows() {
        assertTrue(shortDays(truth -> truth.withHand(1.17)) > DAYS / 2);
        assertTrue(shortDays(truth -> truth.withHand(0.8)) <= 1);
        assertTrue(shortDays(truth -> truth.erring(0.1)) > 60, "what is redone takes its icing twice");
    }

    /** Over all days together the cookies take what the plan says that they do. */
    @Test
    void theMeanOfAllDaysIsThePlan() {
        double used = 0;
        double planned = 0;
        for (int seed = 0; seed < DAYS; seed++) {
            for (PracticeDay.OfColour colour : PracticeDay.played(
                            POUR, 36, Truth.of(seed, Habits.HOUSE, 80), BELIEVED, seed)
                    .colours()) {
                used += colour.usedGrams();
                planned += colour.plannedGrams();
            }
        }
        assertEquals(1, used / planned, 0.015);
    }

    /** A curve that is not the believed one, and a person's counts: the bench comes to what is wanted all the same. */
    @Test
    void countsComeToWhatIsWanted() {
        int right = 0;
        int all = 0;
        for (int seed = 0; seed < 100; seed++) {
            for (PracticeDay.Thinned one : PracticeDay.played(
                            POUR, 36, Truth.of(seed, Habits.HOUSE, 80), BELIEVED, seed)
                    .thinned()) {
                all++;
                right += Math.abs(one.seconds() / one.wantedSeconds() - 1) < 0.3 ? 1 : 0;
                assertTrue(one.counts() < 12, one::toString);
            }
        }
        assertTrue(right > 0.93 * all, right + " of " + all);
    }

    @Test
    void theSameSeedPlaysTheSameDay() {
        Truth truth = Truth.of(7, Habits.HOUSE, 80);
        assertEquals(
                PracticeDay.played(POUR, 36, truth, BELIEVED, 7), PracticeDay.played(POUR, 36, truth, BELIEVED, 7));
    }
}
