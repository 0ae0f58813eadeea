package kindthimble.core.passes;

import static kindthimble.core.passes.PassOf.pass;
import static kindthimble.core.passes.PassOf.passOf;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.move.Division;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.RaisedLines;
import kindthimble.core.move.Wait;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What two marks wait for that lie on or beside each other, on a square of 80 mm. */
class WaitsTest {
    private static Cookie card(Habits habits, Move... moves) {
        return new Measuring(Kitchens.of(ShopSettings.house().with(habits), 15, Palette.UNKNOWN))
                .measure(Moves.card(80, moves));
    }

    private static Move line(String colour, String path) {
        return new RaisedLines(colour, 1, null, null, path, null, null, Wait.FIRM, null, null);
    }

    /** A line of ten corners, 3 mm apart, that hardly leaves its way. */
    private static final String CORNERS = IntStream.range(0, 10)
            .mapToObj(n -> "%d %s".formatted(3 * n - 15, n % 2 == 0 ? "0" : "0.3"))
            .collect(Collectors.joining("L", "M", ""));

    /** Of ten corners of a line so many lie on another one: from six on it lies on that, and does not only touch it. */
    @ParameterizedTest
    @CsvSource({"10, LINES_SET", "7, LINES_SET", "6, LINES_SET", "5, TOUCHING", "2, TOUCHING"})
    void aLineLiesOnAnotherFromThreeInFiveOn(int corners, Gate gate) {
        Cookie cookie = card(
                Habits.HOUSE,
                Moves.flood("white"),
                line("rose", "M-15 0L%d 0".formatted(3 * corners - 18)),
                line("navy", CORNERS));
        assertEquals(gate, passOf(cookie, 2).gate());
    }

    /** Of two that have come at the same time, the one that asks for more is told, whichever was listed first. */
    @Test
    void ofTwoGatesAtOnceTheStricterIsTold() {
        Habits alike = Habits.HOUSE.with(Habit.TOUCHING_MINUTES, 40).with(Habit.LINES_SET_MINUTES, 40);
        Move across = line("rose", "M11 -15L11 15");
        Move under = line("rose", "M-15 0L7 0");
        Move upper = line("navy", CORNERS);
        for (List<Move> both : List.of(List.of(across, under), List.of(under, across))) {
            Cookie cookie = card(alike, Moves.flood("white"), both.get(0), both.get(1), upper);
            assertEquals(pass(cookie, 1), pass(cookie, 2), "both are there at once");
            assertEquals(40, passOf(cookie, 3).gateMinutes());
            assertEquals(Gate.LINES_SET, passOf(cookie, 3).gate());
        }
    }

    /** A guide is covered by what comes: no coat beside it waits for it to dry, as it would for a drawing that is to be seen. */
    @Test
    void aGuideHoldsNoCoatUp() {
        Move guide = new Marker("coal", null, null, null, null, null, null, "M-5 -5L5 5", null, "a1");
        for (Marker.When when : List.of(Marker.When.GUIDE, Marker.When.values()[0])) {
            Cookie cookie = card(
                    Habits.HOUSE,
                    new Division.Bands("a", null, 2, null),
                    Moves.flood("white", "a1", null),
                    Catalogue.with(guide, "when", when),
                    Moves.flood("sky", "a2", null));
            boolean isGuide = when == Marker.When.GUIDE;
            boolean waitsForIt = cookie.passes().stream()
                    .anyMatch(pass -> pass.stage() == Stage.COAT && pass.gate() == Gate.PRINT_DRY);
            assertEquals(!isGuide, waitsForIt, when::toString);
            assertEquals(isGuide ? 2 : 3, pass(cookie, 3), when::toString);
        }
    }

    /** A coat that waits for a drawing beside it waits for that, and not for a guide that was drawn over it meanwhile. */
    @Test
    void aCoatWaitsForTheDrawingAndNotForTheGuideOverIt() {
        Move drawn = new Marker("coal", null, null, null, null, null, null, "M-5 -5L5 5", null, "a1");
        Cookie cookie = card(
                Habits.HOUSE,
                new Division.Bands("a", null, 2, null),
                Moves.flood("white", "a1", null),
                drawn,
                Catalogue.with(drawn, "when", Marker.When.GUIDE),
                Moves.flood("sky", "a2", null));
        assertEquals(Gate.PRINT_DRY, passOf(cookie, 4).gate());
        assertEquals(2, passOf(cookie, 4).after(), "for the drawing");
    }

    /** What is made ahead in one go waits for the slowest of what goes on in it. */
    @Test
    void aPassAheadWaitsForTheSlowest() {
        Move quick = onFilm(Wait.HALF_DRY);
        Move slow = onFilm(Wait.FIRM);
        int half = Habits.HOUSE.pieces(Habit.HALF_DRY_MINUTES);
        int firm = Habits.HOUSE.pieces(Habit.FIRM_MINUTES);
        assertEquals(List.of(0, half), ahead(quick));
        assertEquals(List.of(0, firm), ahead(slow));
        assertEquals(List.of(0, firm), ahead(quick, slow));
        assertEquals(List.of(0, firm), ahead(slow, quick));
        assertTrue(half < firm);
    }

    private static Move onFilm(Wait waits) {
        return Catalogue.with(
                Moves.transfer("rose", SmallForm.HEART, 20, 1),
                "moves",
                List.of(
                        Moves.flood("rose"),
                        new RaisedLines("navy", 1, null, null, "M-4 0L4 0", null, null, waits, null, null)));
    }

    private static List<Integer> ahead(Move... moves) {
        Move[] all = new Move[moves.length + 1];
        all[0] = Moves.flood("white");
        System.arraycopy(moves, 0, all, 1, moves.length);
        return card(Habits.HOUSE, all).passes().stream()
                .filter(pass -> pass.number() <= Passes.AHEAD)
                .map(Passes.Pass::gateMinutes)
                .toList();
    }
}
