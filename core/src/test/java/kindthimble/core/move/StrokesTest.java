package kindthimble.core.move;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Collectors;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.colour.Palette;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Pen;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Frill;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.Supply;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Where;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** How lines run, what dressing takes, what would be easier: on a card of 60 mm without margin. */
class StrokesTest {
    private static final Region CARD = Pen.following("M-30 -30H30V30H-30Z").region();
    private static final Measuring MEASURING = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN));
    private static final Flood WHITE = Moves.flood("white");

    private static Cookie card(Move... moves) {
        return MEASURING.measure(Moves.card(60, moves));
    }

    private static Mark last(Move... moves) {
        Cookie cookie = card(moves);
        return cookie.marks().get(cookie.marks().size() - 1).mark();
    }

    private static double length(int count, double tilt, Strokes.Form form) {
        return Strokes.across(CARD, count, tilt, form).lengthMm();
    }

    @Test
    void straightLinesAreAsLongAsTheCardIsWide() {
        assertEquals(60, length(1, 0, Strokes.Form.STRAIGHT), 1e-6);
        assertEquals(300, length(5, 0, Strokes.Form.STRAIGHT), 1e-6);
        assertEquals(300, length(5, 90, Strokes.Form.STRAIGHT), 1e-6);
        assertEquals(60 * Math.sqrt(2), length(1, 45, Strokes.Form.STRAIGHT), 1e-6, "from corner to corner");
        assertEquals(600, length(5, 0, Strokes.Form.PLAID), 1e-6, "and across again");
    }

    /** Up 3 on 4 and down again: five for each four. */
    @Test
    void zigzagIsThreeFourFive() {
        assertEquals(60 * 5 / 4.0, length(1, 0, Strokes.Form.ZIGZAG), 1e-6);
        assertEquals(3 * 60 * 5 / 4.0, length(3, 0, Strokes.Form.ZIGZAG), 1e-6);
        // Twelve lines are 60/13 mm apart; each is a third of that high.
        double high = 60.0 / 13 / 3;
        assertEquals(12 * 60 * Math.hypot(4, high) / 4, length(12, 0, Strokes.Form.ZIGZAG), 1e-6);
    }

    @Test
    void curvesAreAsLongAsTheirIntegral() {
        assertEquals(arc(x -> 3 * Math.sin(2 * Math.PI * x / 8)), length(1, 0, Strokes.Form.WAVY), 0.6);
        assertEquals(
                arc(x -> 3 * (Math.abs(Math.sin(Math.PI * x / 8)) - 0.5)), length(1, 0, Strokes.Form.SCALLOP), 0.6);
        assertEquals(arc(x -> 9 * (1 - Math.pow(2 * x / 60 - 1, 2)) - 4.5), length(1, 0, Strokes.Form.CURVE), 0.05);
    }

    private static double arc(DoubleUnaryOperator y) {
        double sum = 0;
        double step = 0.01;
        for (double x = 0; x < 60 - step / 2; x += step) {
            sum += Math.hypot(step, y.applyAsDouble(x + step) - y.applyAsDouble(x));
        }
        return sum;
    }

    @Test
    void linesThatMissAreRefused() {
        assertThrows(Refused.class, () -> Strokes.across(Region.EMPTY, 3, 0, Strokes.Form.STRAIGHT));
        Refused misses = assertThrows(
                Refused.class,
                () -> card(WHITE, new RaisedLines("rose", 1, null, null, "M100 0H200", null, null, null, null, null)));
        assertEquals("moves[1].path", misses.field());
        Refused unread = assertThrows(
                Refused.class,
                () -> card(WHITE, new RaisedLines("rose", 1, null, null, "M0 0Q", null, null, null, null, null)));
        assertTrue(unread.getMessage().startsWith("This path can't be read"), unread.getMessage());
        assertThrows(Refused.class, () -> Strokes.alongEdge(CARD, 31));
    }

    @Test
    void shareOfAPathOutside() {
        assertEquals(0, Strokes.shareOutside(CARD, "M-20 0H20"), 1e-9);
        assertEquals(0.25, Strokes.shareOutside(CARD, "M-10 0H30V10"), 0.26, "the end lies on the edge");
        assertEquals(0.5, Strokes.shareOutside(CARD, "M0 0H60"), 1e-9);
    }

    @Test
    void splitsAreCountedOnce() {
        Line splits = new Line("coal", Where.of(Laid.SEAMS), null, null, null, null, null);
        Mark two = last(new Division.Bands("a", null, 2, null), WHITE, splits);
        assertEquals(60, two.volumeMm3() / (Math.PI * 0.16), 0.5);
        Mark four = last(new Division.Bands("a", null, 4, null), WHITE, splits);
        assertEquals(180, four.volumeMm3() / (Math.PI * 0.16), 1.5);
        assertThrows(Refused.class, () -> card(WHITE, splits));
    }

    @Test
    void seamsBetweenTwoSections() {
        assertEquals(Seam.CREASE, Seam.between(Seam.CREASE, Seam.CREASE));
        assertEquals(Seam.FLOW, Seam.between(Seam.CREASE, Seam.FLOW));
        assertEquals(Seam.FLOW, Seam.between(Seam.FLOW, Seam.CREASE));
        assertEquals(Seam.WALL, Seam.between(Seam.FLOW, Seam.WALL));
        assertEquals(Seam.WALL, Seam.between(Seam.WALL, Seam.CREASE));
    }

    private static Map<Supply.Sort, Double> supplies(Mark mark) {
        return mark.supplies().stream().collect(Collectors.toMap(Supply::sort, Supply::amount));
    }

    /** 36 cm2, or 40 % of them. */
    @Test
    void paintAndDustGoByArea() {
        Mark paint = last(WHITE, new Paint("rose", Paint.What.PAINT, null, null, null));
        assertEquals(36 * 0.003, supplies(paint).get(Supply.Sort.DUST), 1e-9);
        assertEquals(36 * 0.01, supplies(paint).get(Supply.Sort.THINNER), 1e-9);
        assertEquals(36 * 2.0, paint.handSeconds(Habits.HOUSE), 1e-9);
        assertEquals(Gate.DRY_THROUGH, paint.gate());
        Mark some = last(WHITE, new Paint("rose", Paint.What.DUST, 40.0, null, null));
        assertEquals(0.4 * 36 * 0.003, supplies(some).get(Supply.Sort.DUST), 1e-4);
        assertFalse(supplies(some).containsKey(Supply.Sort.THINNER));
        Mark veins = last(WHITE, new Paint("rose", Paint.What.MARBLED, 50.0, null, null));
        assertEquals(Gate.WET, veins.gate());
        assertEquals(Stage.COAT, veins.stage());
        assertEquals(0.5 * 36 * 0.003, supplies(veins).get(Supply.Sort.DUST), 1e-9);
        assertEquals(0.5 * 36 * 2, veins.handSeconds(Habits.HOUSE), 1e-9);
    }

    @Test
    void sugarAirbrushAndMarkersAreCounted() {
        Mark sugared =
                last(WHITE, new Line("rose", Where.alongEdge(null, null, 5.0), null, null, null, Finish.SUGARED, null));
        assertEquals(20 * 0.04, supplies(sugared).get(Supply.Sort.SUGAR), 1e-6, "50 mm square: 20 cm");
        assertEquals(5, sugared.handSeconds(Habits.HOUSE), 1e-9);
        Mark strewn = last(WHITE, new Sprinkle("rose", Sprinkle.What.SUGAR, 30, null, null));
        assertEquals(36 * 0.08, supplies(strewn).get(Supply.Sort.SUGAR), 1e-9);
        Mark sprayed = last(WHITE, new Airbrush("rose", null));
        assertEquals(36 * 0.015, supplies(sprayed).get(Supply.Sort.AIRBRUSH), 1e-9);
        assertEquals(10, sprayed.handSeconds(Habits.HOUSE), 1e-9);
        Mark edge = last(WHITE, new Marker("navy", Marker.Drawn.EDGE, null, null, null, null, null, null, null, null));
        double around = 4 * (60 - 0.7);
        assertEquals(around / 1000, supplies(edge).get(Supply.Sort.MARKER), 1e-6);
        assertEquals(around / 10 * 0.8, edge.handSeconds(Habits.HOUSE), 1e-6);
        assertEquals(
                4,
                last(WHITE, new Sprinkle("rose", Sprinkle.What.CANDIES, 4, null, null))
                        .handSeconds(Habits.HOUSE),
                1e-9);
    }

    @Test
    void rufflesAreStiffAndEmbroideryIsPiped() {
        Mark ruffle = last(WHITE, new Ruffle("rose", Frill.Border.RUFFLE, 6.0, null, null, null));
        assertEquals(80, ruffle.icing().consistency().countSeconds());
        assertEquals("ruffle", ruffle.icing().tip());
        assertEquals(4 * 54, ruffle.lengthMm(), 1e-6, "three millimetres inside");
        Mark brushed = last(WHITE, new Ruffle("rose", Frill.Border.BRUSH_EMBROIDERY, 6.0, null, null, null));
        assertEquals(50, brushed.icing().consistency().countSeconds());
        assertEquals("3", brushed.icing().tip(), "a round tip, and then the brush");
    }

    /** What a move says would be easier is a sentence, and what its press puts there can be measured. */
    @Test
    void whatIsEasierCanBeDone() {
        List<Move> moves = List.of(
                Moves.outline("white"),
                WHITE,
                Moves.dip("white"),
                new Spatula("white", null, null, null, null),
                Moves.dots("rose", 8, 3),
                new Stripe("rose", null, null, 3, null, null, null, null, null, null, null, null),
                Moves.line("rose"),
                new RaisedLines("rose", 3, null, null, null, null, null, null, null, null),
                new Stitches("rose", null, null, null, null, null, null, null),
                Moves.writing("rose", "Kite", 9),
                Moves.beads("rose", 3),
                new Piece("rose", null, 4, 9, null, null, null),
                new Ruffle("rose", null, null, null, null, null),
                new Dab("rose", null, null),
                Moves.stencil("rose", 30),
                Moves.transfer("rose", null, 14, 1),
                new Stack("rose", null, null, 20, 1, null, null));
        int presses = 0;
        for (Move move : moves) {
            Easier easier = move.easier();
            assertTrue(easier.sentence().endsWith("."), Catalogue.word(move.getClass()));
            assertEquals(easier.press() == null, easier.instead().isEmpty() && !(move instanceof Outline));
            if (easier.press() != null) {
                presses++;
                Move[] instead = easier.instead().toArray(new Move[0]);
                double before = card(WHITE, move).handSeconds();
                Cookie after = card(concat(WHITE, instead));
                assertTrue(after.handSeconds() < before, Catalogue.word(move.getClass()) + " is no quicker");
            }
        }
        assertTrue(presses >= 10, "only " + presses);
    }

    private static Move[] concat(Move first, Move... others) {
        Move[] all = new Move[others.length + 1];
        all[0] = first;
        System.arraycopy(others, 0, all, 1, others.length);
        return all;
    }

    /** With a needle instead of a marker: as long for the hands, and nothing is used up. */
    @Test
    void aScratchedGuideTakesNoColour() {
        Marker drawn = new Marker("rose", null, null, null, null, null, null, "M-10 0H10", null, null);
        Mark scratched = last(Catalogue.with(drawn, "colour", null));
        Mark coloured = last(drawn);
        assertEquals(List.of(), scratched.supplies());
        assertEquals(1, coloured.supplies().size());
        assertEquals(coloured.handSeconds(Habits.HOUSE), scratched.handSeconds(Habits.HOUSE), 1e-12);
        assertEquals(Gate.BARE_COOKIE, scratched.gate());
    }
}
