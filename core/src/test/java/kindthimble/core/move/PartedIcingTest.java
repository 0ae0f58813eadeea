package kindthimble.core.move;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Balls;
import kindthimble.core.mark.Bead;
import kindthimble.core.mark.Blended;
import kindthimble.core.mark.Frill;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Icing that is parted between colours, walls and turns, on a card of 60 mm without margin: none is made by that, and none is lost. */
class PartedIcingTest {
    private static final Measuring MEASURING = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN));
    private static final Flood WHITE = Moves.flood("white");

    private static Cookie card(Move... moves) {
        return MEASURING.measure(Moves.card(60, moves));
    }

    private static List<Mark> marks(Move... moves) {
        return card(moves).marks().stream().map(OnCookie::mark).toList();
    }

    private static double mm3(List<Mark> marks) {
        return marks.stream().mapToDouble(Mark::volumeMm3).sum();
    }

    @Test
    void coloursThatMarbleAFloodShareItsIcing() {
        Move outline = Moves.outline("white");
        double plain = mm3(marks(outline, WHITE));
        List<Mark> three = marks(outline, new Flood("white", null, null, null, null, null, "rose", "navy", 30.0));
        assertEquals(plain, mm3(three), 1e-6);
        Mark coat = three.get(1);
        assertEquals(0.15 / 0.7, three.get(2).volumeMm3() / coat.volumeMm3(), 1e-9, "half of 30 % each");
        assertEquals(three.get(2).volumeMm3(), three.get(3).volumeMm3(), 1e-9);
        assertEquals(
                List.of("rose", "navy"),
                List.of(three.get(2).colour(), three.get(3).colour()));
    }

    /** Three bands that crease are flooded in two passes: veins go into each coat while that is wet. */
    @Test
    void veinsGoOnWithTheirCoat() {
        Cookie cookie = card(
                new Division.Bands("a", null, 3, null),
                new Flood("white", null, null, null, null, null, "rose", null, 20.0));
        List<OnCookie> marks = cookie.marks();
        assertEquals(4, marks.size(), "two coats, and veins in both");
        for (int pass = 1; pass <= 2; pass++) {
            int own = pass;
            List<Mark> wet = marks.stream()
                    .filter(on -> on.pass() == own)
                    .map(OnCookie::mark)
                    .toList();
            assertEquals(2, wet.size());
            assertEquals(0.25, wet.get(1).volumeMm3() / wet.get(0).volumeMm3(), 1e-9, "a fifth of the whole");
        }
    }

    @Test
    void aColourIsNotMarbledWithItself() {
        List<Mark> own = marks(new Flood("white", null, null, null, null, null, "white", null, 30.0));
        assertEquals(1, own.size());
        assertEquals(mm3(marks(WHITE)), mm3(own), 1e-9);
    }

    @Test
    void threeColoursOfADipAreInOneBowl() {
        List<Mark> dipped = marks(new Dip("white", "rose", "navy", 30.0, null, null));
        assertEquals(mm3(marks(Moves.dip("white"))), mm3(dipped), 1e-6);
        dipped.forEach(mark ->
                assertEquals(Set.of("white", "rose", "navy"), mark.icing().beside()));
    }

    @Test
    void aWallAndWhatItHoldsAreOneSecondFlood() {
        SecondFlood open =
                new SecondFlood("rose", SmallForm.DISC, null, null, 20.0, null, null, 1.0, Wait.SURFACE_DRY, null);
        SecondFlood walled = new SecondFlood(
                "rose",
                SmallForm.DISC,
                null,
                null,
                20.0,
                null,
                null,
                1.0,
                "2",
                Wait.SURFACE_DRY,
                null,
                null,
                null,
                null,
                null);
        List<Mark> held = marks(WHITE, walled);
        Bead wall = (Bead) held.get(1);
        assertEquals(Math.PI * (20 - 1.2), wall.lengthMm(), 0.1, "half a bead inside");
        assertEquals(mm3(marks(WHITE, open)), mm3(held), 1e-6);
        Cookie cookie = card(WHITE, walled);
        assertEquals(cookie.marks().get(1).pass(), cookie.marks().get(2).pass(), "filled at once");
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void everyOtherLetterIsFilledFirst(boolean raised) {
        Move atOnce = letters(raised, null, null);
        Move inTurn = letters(raised, null, Turns.EVERY_OTHER);
        List<Mark> filled = marks(WHITE, inTurn);
        assertEquals(3, filled.size());
        assertEquals(mm3(marks(WHITE, atOnce)), mm3(filled), 0.1);
        assertTrue(filled.get(1).areaMm2() > 1.5 * filled.get(2).areaMm2(), "the first and the third of three");
        Cookie cookie = card(WHITE, inTurn);
        assertEquals(cookie.marks().get(1).pass() + 1, cookie.marks().get(2).pass());
        assertEquals(
                raised ? Gate.TOUCHING : Gate.SKINNED,
                cookie.passes().get(cookie.passes().size() - 1).gate());
        assertEquals(card(WHITE, atOnce).passes().size() + 1, cookie.passes().size());
    }

    @Test
    void aGapLiesBetweenLettersAndNotBesideThem() {
        double close =
                marks(WHITE, letters(true, null, null)).get(1).covers().box().widthMm();
        double apart =
                marks(WHITE, letters(true, 2.5, null)).get(1).covers().box().widthMm();
        assertEquals(close + 2 * 2.5, apart, 0.01, "three letters have two gaps");
    }

    private static Move letters(boolean raised, Double gapMm, Turns turns) {
        return raised
                ? new RaisedFill(
                        "rose", null, "HHH", null, 12.0, null, null, null, null, null, null, gapMm, turns, null)
                : new SecondFlood(
                        "rose", null, "HHH", null, 12.0, null, null, null, null, null, null, null, gapMm, turns, null);
    }

    @Test
    void lettersAndTheirGroundAreTheWholeCookie() {
        Cookie cookie = card(new Division.Lettering("a", null, "HI|H", 30, 3.0, Division.Lettering.Each.EACH_LETTER));
        assertEquals(4, cookie.sections().size(), "three letters and their ground");
        assertEquals(
                3600,
                cookie.sections().stream()
                        .mapToDouble(one -> one.region().areaMm2())
                        .sum(),
                0.01);
    }

    @Test
    void beadsOfTwoColoursAreAsManyOfEach() {
        for (double mm : new double[] {3, 4.1, 5.3}) {
            List<Mark> two = marks(
                    WHITE, new Beads("rose", "navy", mm, Where.of(Laid.EDGE), null, null, null, null, null, null));
            int rose = ((Balls) two.get(1)).spots().size();
            assertEquals(rose, ((Balls) two.get(2)).spots().size(), "none beside one of its own colour, " + mm);
            double around = 4 * (60 - mm);
            assertEquals(around / (0.85 * mm), 2 * rose, 1, "about one every 0.85 of their width");
        }
    }

    @Test
    void aTaperedLineIsAConeAndAnEvenOneACylinder() {
        double even = marks(WHITE, lines(Bead.Ends.EVEN)).get(1).volumeMm3();
        double cone = 0;
        int steps = 1000;
        for (int i = 0; i < steps; i++) {
            double wide = 1.6 * (1 - (i + 0.5) / steps);
            cone += Math.PI / 4 * wide * wide * 20 / steps;
        }
        assertEquals(cone, marks(WHITE, lines(Bead.Ends.TAPERED)).get(1).volumeMm3(), 1e-4);
        assertEquals(Math.PI / 4 * 1.6 * 1.6 * 20, even, 1e-6);
    }

    private static Move lines(Bead.Ends ends) {
        return new RaisedLines(
                "rose", 1, null, null, "M-10 0L10 0", null, null, "3", null, null, null, null, ends, null);
    }

    @Test
    void wetWritingIsOfItsOwnCountOrOfTheFloods() {
        assertEquals(15, wetSeconds(null));
        assertEquals(22, wetSeconds(22.0));
    }

    private static double wetSeconds(Double seconds) {
        Writing wet = new Writing("rose", "Kite", 9, Drop.Sits.WET, null, null, seconds, null, null, null);
        return marks(WHITE, wet).get(1).icing().consistency().countSeconds();
    }

    @Test
    void aCookieIsSetIntoTheWetCoatOrGluedOnADryOne() {
        Stack wet = new Stack("white", SmallForm.DISC, null, 20, 1, null, null, null, null, Wait.AT_ONCE, null, null);
        Cookie set = card(WHITE, wet);
        assertEquals(set.marks().get(0).pass(), set.marks().get(1).pass());
        Cookie glued = card(WHITE, new Stack("white", SmallForm.DISC, null, 20, 1, null, null));
        assertEquals(Gate.DRY_THROUGH, glued.marks().get(1).mark().gate());
    }

    /** A row of brush embroidery is a line as thick as its tip, drawn out 1.3 times; a ruffle is as wide as its tip: 1.3 g/ml. */
    @Test
    void bordersWeighWhatTheirTipsLeave() {
        for (String tip : List.of("2", "3", "5")) {
            double mm = tip.equals("2") ? 1.2 : tip.equals("3") ? 1.6 : 2.4;
            Mark row = border(Frill.Border.BRUSH_EMBROIDERY, tip);
            assertEquals(
                    Math.PI / 4 * mm * mm * 1.3 * 1.3e-3 * row.lengthMm(),
                    row.volumeMm3() * 1.3e-3,
                    0.02 * row.volumeMm3() * 1.3e-3);
        }
        Mark ruffle = border(Frill.Border.RUFFLE, null);
        assertEquals(7 * 1.6 * 1.6 * ruffle.lengthMm(), ruffle.volumeMm3(), 0.01 * ruffle.volumeMm3());
        assertEquals("ruffle", ruffle.icing().tip());
        assertEquals(8 / 7.0, border(Frill.Border.RUFFLE, "petal").volumeMm3() / ruffle.volumeMm3(), 1e-9);
    }

    /** Its grams were weighed with the petal tip, and stay what they were. */
    @Test
    void aShopWithoutARuffleTipTakesItsPetalTip() {
        ShopSettings before = Catalogue.with(
                ShopSettings.house(),
                "tips",
                Tip.HOUSE.stream().filter(tip -> !tip.name().equals("ruffle")).toList());
        Mark ruffle = new Measuring(Kitchens.of(before, 15, Palette.UNKNOWN))
                .measure(Moves.card(
                        60, WHITE, new Ruffle("rose", Frill.Border.RUFFLE, 5.0, 1, null, null, null, null, null)))
                .marks()
                .get(1)
                .mark();
        assertEquals("petal", ruffle.icing().tip());
        assertEquals(border(Frill.Border.RUFFLE, null).volumeMm3(), ruffle.volumeMm3(), 1e-9);
    }

    private static Mark border(Frill.Border kind, String tip) {
        return marks(WHITE, new Ruffle("rose", kind, 5.0, 1, null, tip, null, null, null))
                .get(1);
    }

    @Test
    void oneNeedleGoesThroughAllThatIsWet() {
        Move outer = dot("rose", 24);
        Move inner = dot("navy", 12);
        Drag drag = new Drag(6, Needle.Dragged.FROM_MIDDLE, null, null, null);
        List<Mark> marks = marks(WHITE, outer, inner, drag);
        assertEquals(mm3(marks(WHITE, outer, inner)), mm3(marks), 1e-9, "it moves icing and adds none");
        Blended drawn = (Blended) marks.get(3);
        assertEquals(
                List.of("white", "rose", "navy"),
                drawn.layers().stream().map(Layer::colour).toList());
        assertNotEquals(
                marks.get(1).layers().get(0).path(), drawn.layers().get(1).path());
        assertEquals(6 * 2.0, drawn.handSeconds(Habits.HOUSE), 1e-9);
        Cookie cookie = card(WHITE, outer, inner, drag);
        assertEquals(1, cookie.passes().size(), "all of it wet");
    }

    private static Move dot(String colour, double mm) {
        return new Dot(colour, 1, null, mm, Where.at(new Place(0, 0, null)), null, null, null, null);
    }

    @Test
    void aNeedleThroughMarksStaysInThem() {
        Move dots = new Dot("rose", 4, null, 12.0, Where.of(Laid.RING), null, null, null, null);
        Drag drag = new Drag(5, Needle.Dragged.TO_MIDDLE, null, Where.on("dot"), null);
        Blended drawn = (Blended) marks(WHITE, dots, drag).get(2);
        assertEquals(4 * 5 * 2.0, drawn.handSeconds(Habits.HOUSE), 1e-9);
        assertTrue(drawn.layers().size() >= 4);
    }

    /** Two wings off the middle, piped on film, set up on a stand of icing and dried once more: two passes ahead, and then glued on. */
    @Test
    void wingsThatStandAreMirroredAndDryTwice() {
        Where off = Where.at(new Place(13, -4, 70.0)).onBothSides();
        Move wing = new Transfer(
                "rose",
                null,
                "M0 0Q14 -6 18 6Q10 16 0 8Z",
                18,
                1,
                off,
                null,
                null,
                null,
                Transfer.SetOn.GLUED,
                Transfer.Standing.STANDING,
                null,
                null,
                null);
        Cookie cookie = card(WHITE, wing);
        List<Mark> own = cookie.marks().stream()
                .filter(on -> on.move() == 1)
                .map(OnCookie::mark)
                .toList();
        assertEquals(2, own.get(0).ahead().pieces());
        List<Integer> ahead = cookie.passes().stream()
                .filter(pass -> pass.number() <= 0)
                .map(pass -> pass.number())
                .toList();
        assertEquals(2, ahead.size(), "on film, and again when they are put together");
        Region set = own.get(own.size() - 1).covers();
        assertEquals(2, set.pieces().size());
        assertEquals(0, set.middle().x(), 0.01, "as far to the left as to the right");
    }

    /** Along a line of her own inside the edge, in rows, each so much farther to its right. */
    @Test
    void embroideryFollowsALine() {
        Ruffle rows = new Ruffle(
                "rose", Frill.Border.BRUSH_EMBROIDERY, 5.0, 2, Where.along("M-20 -15L20 -15"), null, null, null, null);
        List<Mark> own = marks(WHITE, rows);
        assertEquals(40, own.get(1).lengthMm(), 1e-6);
        assertEquals(40, own.get(2).lengthMm(), 1e-6);
        assertEquals(
                4,
                own.get(2).covers().middle().y() - own.get(1).covers().middle().y(),
                0.01,
                "0.8 of its width");
        List<Layer> layers = own.get(1).layers();
        assertEquals(Layer.Role.PRINT, layers.get(0).role(), "what the brush has drawn");
        double from = own.get(1).covers().middle().y();
        for (String stroke : layers.get(0).path().substring(1).split("M")) {
            double end = Double.parseDouble(stroke.substring(stroke.lastIndexOf(' ') + 1));
            assertTrue(end > from && end <= from + 5.01, "to its right, as far as it is wide: " + stroke);
        }
    }
}
