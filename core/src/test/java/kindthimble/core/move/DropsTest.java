package kindthimble.core.move;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.CoatVolume;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Mark;
import kindthimble.core.passes.Passes;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** Drops, raised fills, second floods and wet letters against the closed forms of docs/craft.md, on a round of 75 mm. */
class DropsTest {
    private static final Flood WHITE = Moves.flood("white");
    private static final Measuring MEASURING = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN));

    private static Cookie round(Move... moves) {
        return MEASURING.measure(Moves.round(75, 1.5, moves));
    }

    private static Mark last(Move... moves) {
        Cookie cookie = round(moves);
        return cookie.marks().get(cookie.marks().size() - 1).mark();
    }

    private static Drop drop(int pieces, double widthMm, Double lengthMm, Drop.Sits sits) {
        return new Drop("rose", pieces, widthMm, lengthMm, sits, null, null, null, Wait.FIRM, null);
    }

    private static SecondFlood second(SmallForm form, String text, Where where, Double sizeMm) {
        return new SecondFlood("rose", form, text, null, sizeMm, where, null, null, null, null);
    }

    /** pi D^2 L / 12 of 3, 6 and 12 mm, each twice as long: 14.1, 113.1 and 904.8 mm3. */
    @Test
    void raisedDropsAreHalfBallsDrawnOut() {
        assertEquals(14.1, last(WHITE, drop(1, 3, null, null)).volumeMm3(), 0.05);
        assertEquals(113.1, last(WHITE, drop(1, 6, null, null)).volumeMm3(), 0.05);
        assertEquals(904.8, last(WHITE, drop(1, 12, null, null)).volumeMm3(), 0.05);
        assertEquals(3 * 113.1, last(WHITE, drop(3, 6, 12.0, null)).volumeMm3(), 0.1);
        assertThrows(Refused.class, () -> last(WHITE, drop(1, 6, 5.0, null)));
    }

    /** As a half ball is as long as it is wide, a drop of that length is one. */
    @Test
    void aDropAsLongAsWideIsABead() {
        Beads dots = new Beads("rose", 2.5, Where.of(Laid.SCATTERED), 14, null, null, Wait.FIRM, null);
        assertEquals(57.3, last(WHITE, dots).volumeMm3(), 0.05);
        assertEquals(
                last(WHITE, dots).volumeMm3(),
                last(WHITE, drop(14, 2.5, 2.5, null)).volumeMm3(),
                1e-9);
    }

    @Test
    void wetDropsSinkWithTheirCoat() {
        Cookie cookie = round(WHITE, drop(4, 5, 10.0, Drop.Sits.WET));
        double h = 1.05 + 0.065 * 15;
        assertEquals(
                4 * Math.PI / 4 * 5 * 10 * 0.7 * h / 2,
                cookie.marks().get(1).mark().volumeMm3(),
                1e-6);
        assertEquals(1, cookie.marks().get(1).pass(), "into the wet coat");
    }

    @Test
    void aSecondFloodIsACoatOnItsOwnRegion() {
        Mark heart = last(WHITE, second(SmallForm.HEART, null, null, 30.0));
        double h = 1.05 + 0.065 * 15;
        assertEquals(CoatVolume.mm3(SmallForm.region(SmallForm.HEART, null, 30), h), heart.volumeMm3(), 0.01);
        Cookie cookie = round(WHITE, second(SmallForm.HEART, null, Where.at(new Place(4, -6, 20.0)), 20.0));
        assertEquals(
                List.of(0, 308),
                cookie.passes().stream().map(Passes.Pass::waitMinutes).toList());
        assertEquals(Stage.SECOND, cookie.passes().get(1).stage());
        assertThrows(
                Refused.class, () -> last(WHITE, second(SmallForm.HEART, null, Where.at(new Place(90, 0, null)), 9.0)));
        Mark whole = last(WHITE, second(null, null, null, null));
        assertEquals(round(WHITE).marks().get(0).mark().volumeMm3(), whole.volumeMm3(), 0.01, "the section once more");
    }

    /** Letters lie on the coat below them, which stays whole. */
    @Test
    void lettersOfASecondFloodSubtractNothing() {
        Cookie cookie = round(WHITE, second(null, "K", null, 30.0));
        assertEquals(
                round(WHITE).marks().get(0).mark().volumeMm3(),
                cookie.marks().get(0).mark().volumeMm3(),
                1e-9);
        assertTrue(cookie.marks().get(1).mark().volumeMm3() > 100);
    }

    @Test
    void twoSecondFloodsThatTouchAreACreaseApart() {
        SecondFlood left = second(SmallForm.DISC, null, Where.at(new Place(-9, 0, null)), 20.0);
        SecondFlood right = second(SmallForm.DISC, null, Where.at(new Place(9, 0, null)), 20.0);
        assertEquals(
                List.of(0, 308, 25),
                round(WHITE, left, right).passes().stream()
                        .map(Passes.Pass::waitMinutes)
                        .toList());
        SecondFlood far = second(SmallForm.DISC, null, Where.at(new Place(25, 0, null)), 10.0);
        assertEquals(2, round(WHITE, left, far).passes().size(), "apart from each other they are one pass");
    }

    @Test
    void aRaisedFillIsACoatAtItsOwnCount() {
        RaisedFill flag = new RaisedFill("rose", SmallForm.KITE, null, null, 14.0, null, null, 36.0, Wait.FIRM, null);
        Mark mark = last(WHITE, flag);
        double h = 1.05 + 0.065 * 36;
        assertEquals(CoatVolume.mm3(SmallForm.region(SmallForm.KITE, null, 14), h), mark.volumeMm3(), 0.01);
        assertEquals(Gate.FIRM, mark.gate());
        Mark bonded =
                last(WHITE, Moves.beads("rose", 3), new Beads("rose", 4, null, null, null, null, Wait.AT_ONCE, null));
        assertEquals(Stage.COAT, bonded.stage(), "at once on the wet coat");
    }

    /** Strokes as long for the hands as for the grams, and 1.6 s/cm. */
    @Test
    void lettersTakeHandsAsLongAsTheirIcing() {
        Mark hello = last(WHITE, Moves.writing("coal", "Hello", 14));
        double byGrams = hello.volumeMm3() / (Math.PI * 0.8 * 0.8 / 4);
        double byHands = hello.handSeconds(Habits.HOUSE) / 1.6 * 10;
        assertEquals(byGrams, byHands, 0.05 * byGrams);
        Mark twice = last(WHITE, Moves.writing("coal", "Hello|Hello", 14));
        assertEquals(2 * hello.volumeMm3(), twice.volumeMm3(), 0.02 * twice.volumeMm3(), "two lines of it");
        Writing wet = new Writing("coal", "Hello", 14, Drop.Sits.WET, null, null, null, null, null, null);
        assertEquals(
                byGrams * 0.8 * 1.3 * (1.05 + 0.065 * 15) / 2, last(WHITE, wet).volumeMm3(), 0.01 * hello.volumeMm3());
    }

    @Test
    void outlinesInOneGoComeBeforeTheFirstFlood() {
        Outline go = new Outline("white", null, null, null, Outline.Piped.IN_ONE_GO, null);
        Cookie cookie = round(
                new Division.Bands("a", null, 3, null),
                go,
                Moves.flood("white", "a-odd", null),
                Moves.flood("rose", "a-even", null));
        Cookie each = round(
                new Division.Bands("a", null, 3, null),
                Moves.outline("white"),
                Moves.flood("white", "a-odd", null),
                Moves.flood("rose", "a-even", null));
        assertEquals(1, cookie.marks().stream().filter(on -> on.move() == 1).count());
        assertEquals(1, cookie.marks().get(0).pass());
        assertEquals(
                each.marks().stream()
                        .filter(on -> on.move() == 1)
                        .mapToDouble(on -> on.mark().volumeMm3())
                        .sum(),
                cookie.marks().get(0).mark().volumeMm3(),
                1e-6);
    }
}
