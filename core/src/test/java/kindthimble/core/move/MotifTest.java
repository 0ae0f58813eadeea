package kindthimble.core.move;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindthimble.core.caution.Caution;
import kindthimble.core.caution.Weight;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.drying.Gate;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Frill;
import kindthimble.core.mark.Mark;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** Forms, stripes and strokes of paint, spray and stencil, needles, brushed rows, bags without a tip: on a card of 60 mm without margin. */
class MotifTest {
    private static final Measuring MEASURING = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN));
    private static final Flood WHITE = Moves.flood("white");
    private static final Where TWO = Where.at(new Place(-10, 0, null), new Place(10, 0, null));

    private static Cookie card(Move... moves) {
        return MEASURING.measure(Moves.card(60, moves));
    }

    private static Mark last(Move... moves) {
        Cookie cookie = card(moves);
        return cookie.marks().get(cookie.marks().size() - 1).mark();
    }

    private static Airbrush sprayed(Where where, Airbrush.Masked masked, double mm) {
        return new Airbrush("rose", where, null, null, mm, null, masked, null);
    }

    @Test
    void whatAFormLetsThroughAndWhatItCoversAreTheWhole() {
        double through = last(WHITE, sprayed(TWO, Airbrush.Masked.THROUGH, 12)).areaMm2();
        double around = last(WHITE, sprayed(TWO, Airbrush.Masked.AROUND, 12)).areaMm2();
        assertEquals(2 * Math.PI * 36, through, 0.01 * through, "two discs of 12 mm");
        assertEquals(3600, through + around, 1e-3);
        assertThrows(Refused.class, () -> last(WHITE, sprayed(Where.of(Laid.MIDDLE), Airbrush.Masked.AROUND, 199)));
    }

    @Test
    void whatHangsOverTheSectionIsNotPainted() {
        Where corner = Where.at(new Place(30, 30, null));
        Paint quarter = new Paint("rose", Paint.What.DUST, null, corner, null, null, 20.0, null, null, null, null);
        assertEquals(Math.PI * 100 / 4, last(WHITE, quarter).areaMm2(), 1);
    }

    @Test
    void paintedStripesAreAsWideAsTheyAreSaid() {
        Paint level = new Paint("rose", Paint.What.PAINT, null, null, null, null, 4.0, null, 5, null, null);
        assertEquals(5 * 4 * 60, last(WHITE, level).areaMm2(), 1e-6);
        assertEquals(12 * 2, last(WHITE, level).handSeconds(Habits.HOUSE), 1e-6, "2 s/cm2");
        Paint round =
                new Paint("rose", Paint.What.PAINT, null, Where.of(Laid.EDGE), null, null, 2.0, null, null, null, null);
        assertEquals(3600 - 56 * 56, last(WHITE, round).areaMm2(), 1, "2 mm along the whole edge");
    }

    @Test
    void aStencilledMotifTakesItsOwnAreaOnly() {
        Stencil hearts = new Stencil("navy", 50, null, TWO, SmallForm.DISC, null, 10.0, null, null, null);
        Mark print = last(WHITE, hearts);
        assertEquals(0.5 * 2 * Math.PI * 25 * 0.3, print.volumeMm3(), 0.2, "open area x 0.3 mm");
        Move creased = Moves.flood("rose", "a1", null);
        Move other = Moves.flood("white", "a2", null);
        Move halves = new Division.Bands("a", null, 2, null);
        Stencil left =
                new Stencil("navy", 50, null, Where.at(new Place(-15, 0, null)), null, null, 10.0, null, null, null);
        assertEquals(List.of(), spoiled(card(halves, creased, other, left)), "all of it on one flat coat");
        Stencil over = new Stencil("navy", 50, null, Where.of(Laid.MIDDLE), null, null, 10.0, null, null, null);
        assertEquals(1, spoiled(card(halves, creased, other, over)).size(), "over the crease");
        assertEquals(1, spoiled(card(WHITE, hearts, hearts)).size(), "on a stencil's relief");
    }

    private static List<String> spoiled(Cookie cookie) {
        return cookie.cautions().stream()
                .filter(caution -> caution.weight() == Weight.WILL_SPOIL)
                .map(Caution::sentence)
                .toList();
    }

    @Test
    void aNeedleAddsNoIcing() {
        Stripe plain = new Stripe("rose", null, null, 6, null, null, null, null, null, null, null, null);
        double grams = last(WHITE, plain).volumeMm3();
        String drawn = last(WHITE, plain).layers().get(0).path();
        for (Needle.Dragged dragged : Needle.Dragged.values()) {
            Stripe through =
                    new Stripe("rose", null, null, 6, Strokes.Form.PLAID, null, null, null, null, 5, dragged, null);
            assertEquals(2 * grams, last(WHITE, through).volumeMm3(), 1e-9, dragged + ": lines both ways, and no more");
            assertTrue(!last(WHITE, through).layers().get(0).path().startsWith(drawn), dragged + " is seen");
        }
        Stripe web = new Stripe(
                "rose", null, null, 4, Strokes.Form.RINGS, null, null, null, null, 8, Needle.Dragged.TO_MIDDLE, null);
        double rings = 4 * (2 * 4 * (30 + 30.0) / 2) - 4 * 2 * (30 / 4.5) * (0.5 + 1.5 + 2.5 + 3.5);
        assertEquals(rings, last(WHITE, web).volumeMm3() / grams * 360, 2, "squares, one inside the other");
    }

    @Test
    void brushedRowsLieOnEachOtherAndWait() {
        Ruffle rows = new Ruffle("rose", Frill.Border.BRUSH_EMBROIDERY, 5.0, 3, null, null, null);
        Cookie cookie = card(WHITE, rows);
        List<Mark> own = cookie.marks().stream().map(on -> on.mark()).skip(1).toList();
        for (int row = 0; row < 3; row++) {
            assertEquals(4 * (60 - 2 * (2.5 + row * 4)), own.get(row).lengthMm(), 1e-6, "0.8 of its width farther in");
        }
        assertEquals(4, cookie.passes().size());
        assertEquals(Gate.TOUCHING, cookie.passes().get(3).gate());
        Cookie ruffled = card(WHITE, new Ruffle("rose", Frill.Border.RUFFLE, 5.0, 3, null, null, null));
        assertEquals(2, ruffled.passes().size(), "ruffles follow at once");
    }

    @Test
    void aBagWithoutATipIsAsWideAsItIsCut() {
        Line cut = new Line("rose", null, "cut 1.6", null, null, null, null);
        Line tip = new Line("rose", null, "3", null, null, null, null);
        assertEquals(last(WHITE, tip).volumeMm3(), last(WHITE, cut).volumeMm3(), 1e-9, "tip 3 is 1.6 mm wide");
        for (String wrong : List.of("cut", "cut ", "cut x", "cut -1", "cut 90", "cut NaN")) {
            assertThrows(
                    Refused.class, () -> last(WHITE, new Line("rose", null, wrong, null, null, null, null)), wrong);
        }
    }

    @Test
    void onlyWhatIsWetTogetherBlends() {
        Move halves = new Division.Bands("a", null, 2, null);
        Blend drag = new Blend(6, 4.0, null);
        Cookie flowing =
                card(halves, Moves.flood("rose", "a1", Seam.FLOW), Moves.flood("white", "a2", Seam.FLOW), drag);
        Mark blended = flowing.marks().get(flowing.marks().size() - 1).mark();
        assertEquals(12, blended.handSeconds(Habits.HOUSE), 1e-9, "six strokes over one seam");
        assertEquals(0, blended.volumeMm3());
        assertEquals(2, blended.layers().size(), "a tip of each colour in the other");
        assertEquals(1, flowing.passes().size());
        assertEquals(List.of(), spoiled(flowing));
        Cookie creased = card(halves, Moves.flood("rose", "a1", null), Moves.flood("white", "a2", null), drag);
        assertTrue(
                spoiled(creased).stream().anyMatch(said -> said.contains("do not meet wet")),
                spoiled(creased).toString());
    }

    @Test
    void shortLinesStandWhereTheyArePut() {
        RaisedLines lashes =
                new RaisedLines("navy", 4, null, null, null, TWO.onBothSides(), 6.0, "2", null, null, null, null);
        assertEquals(4 * 6, last(WHITE, lashes).lengthMm(), 1e-9, "two places, each on both sides");
        Where ring = Where.of(Laid.RING);
        RaisedLines rays = new RaisedLines("navy", 12, null, 90.0, null, ring, 5.0, null, null, null, null, null);
        assertEquals(12 * 5, last(WHITE, rays).lengthMm(), 1e-9);
        RaisedLines bent = new RaisedLines(
                "navy", 1, Strokes.Form.CURVE, null, null, Where.of(Laid.RING), 12.0, null, null, null, null, null);
        assertTrue(last(WHITE, bent).lengthMm() > 12.2, "a bent one is longer than its chord");
        assertThrows(
                Refused.class,
                () -> last(
                        WHITE,
                        new RaisedLines(
                                "navy",
                                1,
                                null,
                                null,
                                null,
                                Where.of(Laid.SCATTERED),
                                90.0,
                                null,
                                null,
                                null,
                                null,
                                null)));
    }
}
