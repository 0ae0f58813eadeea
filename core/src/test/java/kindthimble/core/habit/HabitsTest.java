package kindthimble.core.habit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.lang.reflect.RecordComponent;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.move.Move;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** The figures of a kitchen: in range, said in words, and whose they are. */
class HabitsTest {
    @Test
    void houseIsInRangeAndSaysWhatItDoes() {
        Habits.HOUSE.check();
        Set<String> words = new HashSet<>();
        for (Habit habit : Habit.values()) {
            assertTrue(words.add(habit.chapter() + habit.range().word()), habit + " is called like another");
            assertTrue(habit.says().endsWith("."), habit + " says what it does in a sentence");
            for (double beyond :
                    new double[] {habit.range().least() - 1, habit.range().most() + 1, Double.NaN}) {
                Habits wrong = Habits.HOUSE.with(habit, beyond);
                assertThrows(Refused.class, wrong::check, () -> habit + " " + beyond);
            }
        }
        Habits half = Habits.HOUSE.with(Habit.COUPLERS, 2.5);
        assertThrows(Refused.class, half::check, "half a coupler");
    }

    /** What a kitchen may say is what a move may say, so that a figure of the shop never makes a design wrong. */
    @Test
    void whatStandsInForALeftOutAmountIsAllowedThere() {
        int checked = 0;
        for (Class<?> record : Catalogue.recordsOf(Move.class)) {
            for (RecordComponent component : record.getRecordComponents()) {
                Amount amount = component.getAnnotation(Amount.class);
                for (Habit habit : amount == null ? new Habit[0] : amount.habit()) {
                    String where = Catalogue.word(record) + "." + component.getName() + " by " + habit;
                    assertTrue(habit.range().least() >= amount.least(), where);
                    assertTrue(habit.range().most() <= amount.most(), where);
                    assertEquals(habit.range().unit(), amount.unit(), where);
                    checked++;
                }
            }
        }
        assertTrue(checked > 10, "only " + checked);
    }

    @Test
    void aShopKeepsItsOwnAndFollowsTheHouse() {
        assertEquals(Map.of(), Habits.HOUSE.own());
        Habits own = Habits.HOUSE.with(Habit.MARGIN_MM, 3);
        assertEquals(Set.of(Habit.MARGIN_MM), own.own().keySet());
        assertEquals(Measured.Source.SHOP, own.all().get(Habit.MARGIN_MM).source());
        assertEquals(own, Habits.of(own.own()), "the rest is the house's");
        Measured house = Habit.MARGIN_MM.house();
        assertEquals(Habits.HOUSE, own.with(Habit.MARGIN_MM, house), "put back");
        Habits changed = Habits.HOUSE.with(Habit.DRAW, new Measured(0.85, house.spread(), Measured.Source.HOUSE));
        assertEquals(Measured.Source.SHOP, changed.kept().all().get(Habit.DRAW).source());
    }

    @Test
    void oneFigureIsChangedAndTheOthersStay() {
        Habits own = Habits.HOUSE.with(Habit.DRAW, 0.85);
        for (Habit habit : Habit.values()) {
            assertEquals(habit == Habit.DRAW ? 0.85 : habit.house().mean(), own.mean(habit), habit.toString());
        }
        assertEquals(Habits.HOUSE, Habits.HOUSE.with(Habit.DRAW, 1), "the same again is no change");
        assertTrue(!own.equals(Habits.HOUSE) && own.hashCode() != Habits.HOUSE.hashCode());
        assertTrue(!own.equals(null) && !Habits.HOUSE.equals(own));
        assertEquals(Habits.HOUSE.with(Habit.DRAW, 0.85), own);
        assertEquals(4, Habits.HOUSE.pieces(Habit.COUPLERS));
        assertTrue(own.toString().contains("DRAW") && !own.toString().contains("MARGIN"));
    }

    @Test
    void everyFigureThatIsMeasuredHasASpread() {
        for (Habit habit : Habit.values()) {
            Measured house = habit.house();
            assertTrue(house.spread() >= 0 && house.spread() <= 1, habit.toString());
            assertEquals(Measured.Source.HOUSE, house.source());
            if (habit.chapter() == Habit.Chapter.HANDS && habit != Habit.LARGE_SHARE_OF_HANDS) {
                assertTrue(house.spread() > 0, habit + " is measured");
            }
        }
        Habits wild = Habits.HOUSE.with(Habit.DRAW, new Measured(1, 2.5, Measured.Source.LEARNT));
        assertThrows(Refused.class, wild::check);
        Habits nobodys = Habits.HOUSE.with(Habit.DRAW, new Measured(1, 0.1, null));
        assertThrows(Refused.class, nobodys::check);
    }
}
