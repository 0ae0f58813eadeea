package kindthimble.core.drying;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.colour.Palette;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.move.Airbrush;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.Spatula;
import kindthimble.core.move.Wait;
import kindthimble.core.passes.Passes;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import kindthimble.core.work.Task;
import kindthimble.core.work.WorkList;
import org.junit.jupiter.api.Test;

/** What dries goes by the square of its thickness, between half and two and a half times what 2 mm take. */
class ThicknessTest {
    private static final Move SPREAD = new Spatula("white", null, null, null, null);

    private static Cookie card(int floodSeconds, Move... moves) {
        return new Measuring(Kitchens.of(ShopSettings.house(), floodSeconds, Palette.UNKNOWN))
                .measure(Moves.card(80, moves));
    }

    private static int dry(int pass, Cookie cookie) {
        return cookie.passes().stream()
                .filter(one -> one.number() == pass)
                .mapToInt(Passes.Pass::dryMinutes)
                .sum();
    }

    /** Times of the craft's table, worked out by hand: 600 x 1.5^2, 600 x 0.5 (0.36 is under the least), 300 x (2.675/2)^2. */
    @Test
    void thicknessesOfTheCraft() {
        assertEquals(1350, dry(1, card(15, SPREAD)));
        assertEquals(300, dry(1, card(15, Moves.dip("white"))));
        assertEquals(
                537,
                card(25, Moves.flood("white"), new Airbrush("sky", null))
                        .passes()
                        .get(1)
                        .gateMinutes());
        assertEquals(1500, Gate.DRY_THROUGH.minutes(Habits.HOUSE, 4.5), "not over two and a half times");
        assertEquals(100, Gate.FIRM.minutes(Habits.HOUSE, 3), "a skin does not go by what is under it");
    }

    /** Ink on a coat is dry long before the coat is: what is packed waits for both, each from when it was done. */
    @Test
    void aPassOfMarkerWaitsForItsOwnInk() {
        Cookie cookie =
                card(15, SPREAD, new Marker("coal", null, null, null, null, null, null, "M0 -10V10", null, null));
        assertEquals(10, dry(2, cookie));
        assertEquals(675, cookie.passes().get(1).gateMinutes(), "300 x 1.5^2");
        assertEquals(List.of(1350 * 60, 10 * 60), packed(cookie));
        // What was piped on half a day later is dry last, and the coat by then.
        Cookie piped = card(15, SPREAD, Catalogue.with(Moves.line("rose"), "waits", Wait.DRY_THROUGH));
        assertEquals(300, dry(2, piped));
        assertEquals(List.of(300 * 60), packed(piped));
    }

    private static List<Integer> packed(Cookie cookie) {
        return WorkList.of(
                        List.of(new WorkList.Order(7, 7, List.of(new WorkList.Design(3, 1, 0, cookie)), List.of())),
                        Habits.HOUSE)
                .stream()
                .filter(task -> task.doing() == Task.Work.PACK)
                .flatMap(task -> task.waits().stream())
                .map(Task.Wait::seconds)
                .toList();
    }
}
