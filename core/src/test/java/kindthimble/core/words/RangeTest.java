package kindthimble.core.words;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindthimble.core.habit.Habit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class RangeTest {
    private static final Range MARGIN = new Range("edge margin", Unit.MM, 0.5, 20);

    @Test
    void bothEndsAreIn() {
        assertDoesNotThrow(() -> MARGIN.check("margin", 0.5));
        assertDoesNotThrow(() -> MARGIN.check("margin", 20));
        assertDoesNotThrow(() -> MARGIN.check("margin", 3.25));
    }

    @ParameterizedTest
    @ValueSource(
            doubles = {
                0.4999,
                20.0001,
                -3,
                Double.NaN,
                Double.POSITIVE_INFINITY,
                Double.NEGATIVE_INFINITY,
                Double.MAX_VALUE
            })
    void whatLiesOutsideIsRefusedWithBothEndsAndItself(double number) {
        Refused refused = assertThrows(Refused.class, () -> MARGIN.check("moves[2].marginMm", number));
        assertEquals("moves[2].marginMm", refused.field());
        assertEquals(
                "Edge margin: write a number from 0.5 to 20 mm; %s is out of that range."
                        .formatted(Range.plain(number)),
                refused.getMessage());
    }

    @Test
    void aNumberIsWrittenAsPeopleWriteIt() {
        assertEquals("12", Range.plain(12));
        assertEquals("-0.25", Range.plain(-0.25));
        assertEquals("0.1", Range.plain(0.1));
        assertEquals("20000", Range.plain(20_000));
        assertEquals("NaN", Range.plain(Double.NaN));
    }

    /** A figure's own ends and what the house says are in its range, and a step beyond is not. */
    @ParameterizedTest
    @EnumSource(Habit.class)
    void everyFigureOfTheHouseIsInItsRange(Habit habit) {
        Range range = habit.range();
        double step = (range.most() - range.least()) / 1000;
        for (double in : new double[] {range.least(), habit.house().mean(), range.most()}) {
            assertDoesNotThrow(() -> range.check(habit.name(), in));
        }
        for (double out : new double[] {range.least() - step, range.most() + step}) {
            assertThrows(Refused.class, () -> range.check(habit.name(), out));
        }
        assertTrue(habit.says().endsWith("."), habit.says());
    }

    @Test
    void aFieldInsideAnotherIsNamedFromTheOutside() {
        Refused refused = new Refused("widthMm", "Too wide.").inside("moves[3]").inside("designs[0]");
        assertEquals("designs[0].moves[3].widthMm", refused.field());
        assertEquals(
                "designs[0]", new Refused("", "Too much.").inside("designs[0]").field());
        assertEquals("Too wide.", refused.getMessage());
    }
}
