package kindthimble.core.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pen;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Consistency;
import org.junit.jupiter.api.Test;

/** Picking up bags: 4 s on each cookie where several icings must be wet together, else 1 s by the tray; nothing for what is in hand. */
class HandsTest {
    private static final Region LEFT = Pen.following("M-20 -20H0V20H-20Z").region();
    private static final Region RIGHT = Pen.following("M0 -20H20V20H0Z").region();
    private static final double COAT = 8 * 0.5 + 8;
    private static final double LINE = 4 * 0.8;

    private static Icing icing(String colour, double count, String tip) {
        return new Icing(colour, new Consistency(count), tip);
    }

    private static Mark coat(String colour, Region region) {
        return new Coat(icing(colour, 15, null), List.of(region), 2, 1000);
    }

    private static Mark outline(String colour, double count) {
        Lines line = Lines.through(List.of(new Spot(-20, 0), new Spot(20, 0)));
        return new Bead(icing(colour, count, "2"), line, 40, 1.2, 1, Gate.BARE_COOKIE, 0.8);
    }

    private static Mark dots(String colour, double count, String tip) {
        return new WetDots(icing(colour, count, tip), List.of(new Pose(0, 0, 0)), 4, 2, 0.5, null);
    }

    private static OnCookie on(int move, int pass, Mark mark) {
        return new OnCookie(move, pass, mark);
    }

    private static double all(OnCookie... marks) {
        return Hands.on(List.of(marks), Habits.HOUSE).all();
    }

    @Test
    void onePassOfOneColourGoesByTheTray() {
        assertEquals(COAT + 1, all(on(0, 1, coat("white", LEFT))), 1e-9);
        assertEquals(COAT + 1 + LINE + 1, all(on(0, 1, outline("white", 50)), on(1, 1, coat("white", LEFT))), 1e-9);
    }

    @Test
    void whatSinksInHasBothBagsPickedUpOnEachCookie() {
        assertEquals(COAT + 4 + 1 + 4, all(on(0, 1, coat("white", LEFT)), on(1, 1, dots("rose", 15, null))), 1e-9);
        assertEquals(
                COAT + 4 + 1, all(on(0, 1, coat("white", LEFT)), on(1, 1, dots("white", 15, null))), 1e-9, "one bag");
    }

    @Test
    void twoCoatsOfOnePassMeetWet() {
        assertEquals(2 * (COAT + 4), all(on(0, 1, coat("white", LEFT)), on(1, 1, coat("rose", RIGHT))), 1e-9);
        assertEquals(
                2 * (COAT + 1),
                all(on(0, 1, coat("white", LEFT)), on(1, 2, coat("rose", RIGHT))),
                1e-9,
                "in passes of their own each goes by the tray");
        assertEquals(
                2 * COAT + 1,
                all(on(0, 1, coat("white", LEFT)), on(1, 1, coat("white", RIGHT))),
                1e-9,
                "one colour, one bag");
    }

    @Test
    void anIcingThatOutlinesAndFloodsStaysInHand() {
        assertEquals(LINE + 1 + COAT, all(on(0, 1, outline("white", 15)), on(1, 1, coat("white", LEFT))), 1e-9);
        assertEquals(
                COAT + 1 + LINE + 1,
                all(on(0, 1, coat("white", LEFT)), on(1, 1, outline("white", 15))),
                1e-9,
                "the other way round the tip is put on in between");
    }

    @Test
    void nothingIsPickedUpForADipOrAStencil() {
        Mark dip = new Coat(new Icing("sky", new Consistency(3), null, Icing.Vessel.DIP_BOWL), List.of(LEFT), 1.2, 900);
        assertEquals(12, all(on(0, 1, dip)), 1e-9);
        Mark print = new Print(
                new Icing("rose", new Consistency(50), null, Icing.Vessel.SCRAPER),
                LEFT,
                0.3,
                0.3,
                1,
                Gate.SURFACE_DRY);
        assertEquals(45, all(on(0, 1, print)), 1e-9);
    }

    @Test
    void bagsGoByTheirFigures() {
        Habits slow = Habits.HOUSE.with(Habit.BAG_SECONDS, 9).with(Habit.BAG_SECONDS_BY_THE_TRAY, 2);
        List<OnCookie> tray = List.of(on(0, 1, coat("white", LEFT)));
        assertEquals(COAT + 2, Hands.on(tray, slow).all(), 1e-9);
        List<OnCookie> wet = List.of(on(0, 1, coat("white", LEFT)), on(1, 1, dots("rose", 15, null)));
        assertEquals(COAT + 1 + 18, Hands.on(wet, slow).all(), 1e-9);
    }

    @Test
    void secondsOfMovesAreThoseOfTheirMarks() {
        List<OnCookie> marks = new ArrayList<>();
        marks.add(on(2, 1, coat("white", LEFT)));
        marks.add(on(2, 2, coat("white", RIGHT)));
        marks.add(on(5, 3, dots("rose", 15, null)));
        Hands hands = Hands.on(marks, Habits.HOUSE);
        assertEquals(Map.of(2, hands.of(0) + hands.of(1), 5, hands.of(2)), hands.byMove());
        assertEquals(hands.of(0) + hands.of(1) + hands.of(2), hands.all(), 1e-9);
        assertEquals(0, Hands.on(List.of(), Habits.HOUSE).all());
    }
}
