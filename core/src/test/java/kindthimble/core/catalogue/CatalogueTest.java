package kindthimble.core.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.move.Dip;
import kindthimble.core.move.Division;
import kindthimble.core.move.Dot;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Move;
import kindthimble.core.move.Outline;
import kindthimble.core.move.Writing;
import kindthimble.core.placing.Laid;
import kindthimble.core.testing.Moves;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;
import org.junit.jupiter.api.Test;

/** What records say of themselves: ranges, what has to be given, what stands in. */
class CatalogueTest {
    /** Every amount of every move and cutter, at the ends of its range and beyond. */
    @Test
    void amountsAreCheckedAtBothEnds() {
        int checked = 0;
        for (Class<?> family : List.of(Move.class, CutterShape.class)) {
            for (Class<?> record : Catalogue.recordsOf(family)) {
                for (Kind.Parameter parameter : Catalogue.parametersOf(record)) {
                    if (parameter.least() != null) {
                        ends(record, parameter);
                        checked++;
                    }
                }
            }
        }
        assertTrue(checked > 60, "only " + checked);
    }

    private static void ends(Class<?> record, Kind.Parameter parameter) {
        Object any = Example.of(record);
        for (double inside : new double[] {parameter.least(), parameter.most()}) {
            Catalogue.check((Record) Catalogue.with(any, parameter.name(), number(parameter, inside)));
        }
        for (double outside : new double[] {parameter.least() - 1, parameter.most() + 1}) {
            Record wrong = (Record) Catalogue.with(any, parameter.name(), number(parameter, outside));
            Refused refused = assertThrows(Refused.class, () -> Catalogue.check(wrong));
            assertEquals(parameter.name(), refused.field());
            assertTrue(refused.getMessage().startsWith(Range.capital(parameter.word())), refused.getMessage());
            assertTrue(refused.getMessage().contains(Range.plain(parameter.least())), refused.getMessage());
        }
    }

    private static Object number(Kind.Parameter parameter, double number) {
        return parameter.type() == Kind.Type.WHOLE_NUMBER ? (Object) (int) number : (Object) number;
    }

    /** A record with nothing but what has to be given. */
    private static final class Example {
        static Object of(Class<?> record) {
            var components = record.getRecordComponents();
            Object[] values = new Object[components.length];
            Class<?>[] types = new Class<?>[components.length];
            List<Kind.Parameter> parameters = Catalogue.parametersOf(record);
            for (int i = 0; i < components.length; i++) {
                types[i] = components[i].getType();
                Kind.Parameter parameter = parameters.get(i);
                if (types[i].isPrimitive()) {
                    values[i] = number(parameter, Double.parseDouble(parameter.usual()));
                } else if (parameter.required()) {
                    values[i] = "poppy";
                }
            }
            try {
                return record.getDeclaredConstructor(types).newInstance(values);
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    @Test
    void whatHasToBeGivenIsAskedFor() {
        Refused refused =
                assertThrows(Refused.class, () -> Catalogue.check(new Flood(" ", null, null, null, null, null)));
        assertEquals("colour", refused.field());
        assertEquals("Pick the colour.", refused.getMessage());
        Catalogue.check(new Flood("poppy", null, null, null, null, null));
    }

    @Test
    void lettersAreCountedAsPeopleDo() {
        Writing forty = Moves.writing("coal", "x".repeat(60), 9);
        Catalogue.check(forty);
        Catalogue.check(Catalogue.with(forty, "text", "\uD83E\uDE81".repeat(60)));
        Refused refused =
                assertThrows(Refused.class, () -> Catalogue.check(Catalogue.with(forty, "text", "x".repeat(61))));
        assertEquals("Text: keep it under 61 letters.", refused.getMessage());
        Refused key = assertThrows(Refused.class, () -> Catalogue.check(new Division.Bands("ab", null, 3, null)));
        assertEquals("Called: write one only.", key.getMessage());
    }

    @Test
    void usualValuesAreFilledInAndNothingElse() {
        Flood flood = Filled.of(Moves.flood("white"), Habits.HOUSE);
        assertEquals(new Flood("white", 15.0, 1.0, null, null, null, null, null, 20.0), flood);
        assertSame(flood, Filled.of(flood, Habits.HOUSE), "nothing is left out");
        Dot dot = Filled.of(Moves.dots("rose", 3, 4), Habits.HOUSE);
        assertEquals(Dot.Size.MEDIUM, dot.size());
        assertEquals(Laid.SCATTERED, dot.where().laid());
        assertNull(dot.drag(), "undragged means something");
        assertNull(Filled.of(Moves.beads("rose", 3), Habits.HOUSE).pieces(), "as many as fit");
        assertEquals(
                "Hello", Filled.of(Moves.writing("coal", "  ", 9), Habits.HOUSE).text());
        assertEquals(5, Filled.of(new BasicForm.Star(null, null), Habits.HOUSE).points());
    }

    @Test
    void shopsFiguresStandInBeforeTheHouses() {
        Habits ours = Habits.HOUSE
                .with(Habit.PIPING_SECONDS, 45)
                .with(Habit.GLAZE_SECONDS, 4)
                .with(Habit.MARBLED_SHARE_PERCENT, 30)
                .with(Habit.FLOOD_COUNT_SECONDS, 18);
        assertEquals(45, Filled.of(Moves.outline("white"), ours).countSeconds());
        assertEquals(18, Filled.of(Moves.flood("white"), ours).countSeconds());
        assertEquals(18, Filled.of(Moves.dots("rose", 3, 4), ours).countSeconds());
        Dip dip = Filled.of(new Dip("sky", "navy", null, null, null), ours);
        assertEquals(4, dip.countSeconds());
        assertEquals(30, dip.secondPercent());
        assertEquals(
                12,
                Filled.of(new Flood("white", 12.0, null, null, null, null), ours)
                        .countSeconds());
    }

    /** One icing for both outlines at the flood's count, but never at one that does not hold its edge. */
    @Test
    void outlinesOfOneIcingTakeTheFlood() {
        Kitchen one = Kitchen.house().with(Filling.ONE_ICING);
        assertEquals(15, ((Outline) Moves.outline("white").filled(one)).countSeconds());
        assertEquals(
                10, ((Outline) Moves.outline("white").filled(one.with(Habit.FLOOD_COUNT_SECONDS, 6.0))).countSeconds());
        assertEquals(50, ((Outline) Moves.outline("white").filled(Kitchen.house())).countSeconds());
        Outline own = new Outline("white", null, 40.0, null, null, null);
        assertEquals(40, ((Outline) own.filled(one)).countSeconds());
    }

    @Test
    void choicesAreReplacedByWhereTheyComeFrom() {
        Dip dip = new Dip("sky", "navy", null, null, "a1");
        Dip other = Catalogue.withChoices(dip, Choice.From.PALETTE, key -> "x-" + key);
        assertEquals(Set.of("x-sky", "x-navy"), other.colours());
        assertEquals("a1", other.on());
        assertThrows(IllegalArgumentException.class, () -> Catalogue.with(dip, "nothing", 1));
        assertThrows(IllegalArgumentException.class, () -> Catalogue.read(dip, "nothing"));
        assertTrue(Catalogue.has(dip, "second") && !Catalogue.has(dip, "nothing"));
    }

    @Test
    void rangesAreSaidAsPeopleWrite() {
        Range range = new Range("edge margin", Unit.MM, 0, 20);
        range.check("x", 0);
        range.check("x", 20);
        Refused refused = assertThrows(Refused.class, () -> range.check("marginMm", 20.5));
        assertEquals("marginMm", refused.field());
        assertEquals("Edge margin: write a number from 0 to 20 mm; 20.5 is out of that range.", refused.getMessage());
        assertThrows(Refused.class, () -> range.check("x", Double.NaN));
        assertEquals("1000000", Range.plain(1_000_000));
        assertEquals("0.065", Range.plain(0.065));
        assertEquals("moves[3].marginMm", refused.inside("moves[3]").field());
        assertEquals("moves", new Refused("", "no").inside("moves").field());
    }
}
