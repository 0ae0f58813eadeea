package kindthimble.core.pour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import java.util.Map;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** Bouquets and boxes: what they take of the designs, and what they are packed in, counted by hand. */
class BundleTest {
    private static final Bundle BOUQUET = new Bundle("Bouquet", 6, Map.of("kite", 2, "star", 3));
    private static final Bundle BOX = new Bundle("Box", 4, Map.of("star", 1));

    @Test
    void takesWhatIsInEachAsOftenAsItIsMade() {
        assertEquals(Map.of("kite", 12, "star", 22), Bundle.takes(List.of(BOUQUET, BOX)));
        assertEquals(5, BOUQUET.cookies());
        assertEquals(Map.of(), Bundle.takes(List.of()));
    }

    @Test
    void looseCookiesGoInFirstAndWhatIsInWholeFollows() {
        assertEquals(24, Bundle.follows(24, 0, 12), "enough are there");
        assertEquals(30, Bundle.follows(24, 0, 30), "more are made");
        assertEquals(18, Bundle.follows(12, 12, 18), "all of it is in bundles: more bundles, more cookies");
        assertEquals(6, Bundle.follows(12, 12, 6), "fewer, fewer");
        assertEquals(24, Bundle.follows(24, 12, 6), "what was loose stays loose");
        assertEquals(12, Bundle.follows(12, 12, 0), "taken apart they are loose");
    }

    /** A box holds six: seven loose cookies take two, and each bundle its own. */
    @Test
    void eachHasABoxAndATagOfItsOwn() {
        Packaging packed = Packaging.of(37, 41, List.of(BOUQUET), Habits.HOUSE);
        assertEquals(new Packaging(41, 2 + 6, 2 + 6), packed);
        assertEquals(
                new Packaging(41, 0, 7 + 6),
                Packaging.of(37, 41, List.of(BOUQUET), Habits.HOUSE.with(Habit.COOKIES_PER_BOX, 0)));
        assertEquals(new Packaging(41, 7, 7), Packaging.of(37, 41, List.of(), Habits.HOUSE));
        assertEquals(new Packaging(30, 6, 6), Packaging.of(30, 30, List.of(BOUQUET), Habits.HOUSE), "none is loose");
    }

    @Test
    void oddOnesAreRefusedByTheirField() {
        assertEquals(BOUQUET, new Bundle(" Bouquet ", 6, Map.of("kite", 2, "star", 3)).checked("b"));
        assertEquals("b.name", field(new Bundle("", 1, Map.of())));
        assertEquals("b.name", field(new Bundle("b".repeat(61), 1, Map.of())));
        assertEquals("b.count", field(new Bundle("Box", 0, Map.of())));
        assertEquals("b.count", field(new Bundle("Box", 10_000, Map.of())));
        assertEquals("b.each.kite", field(new Bundle("Box", 1, Map.of("kite", 0))));
        assertEquals("b.each.kite", field(new Bundle("Box", 1, Map.of("kite", 201))));
        assertEquals(
                Map.of("7", 2),
                BOUQUET.renamed(key -> key.equals("kite") ? "7" : null).each());
    }

    private static String field(Bundle bundle) {
        return assertThrows(Refused.class, () -> bundle.checked("b")).field();
    }
}
