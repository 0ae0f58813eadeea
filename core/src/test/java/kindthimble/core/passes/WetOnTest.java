package kindthimble.core.passes;

import static kindthimble.core.passes.PassOf.pass;
import static kindthimble.core.passes.PassOf.passOf;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Stream;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.mark.Pieces;
import kindthimble.core.move.Airbrush;
import kindthimble.core.move.Dab;
import kindthimble.core.move.Drop;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.Paint;
import kindthimble.core.move.Piece;
import kindthimble.core.move.RaisedFill;
import kindthimble.core.move.RaisedLines;
import kindthimble.core.move.Ruffle;
import kindthimble.core.move.SecondFlood;
import kindthimble.core.move.Spatula;
import kindthimble.core.move.Sprinkle;
import kindthimble.core.move.Stack;
import kindthimble.core.move.Stitches;
import kindthimble.core.move.Wait;
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What goes on while something is wet goes on with that, whatever it is; and what has to wait, for as long as she says. On a square of 80 mm. */
class WetOnTest {
    private static final Move WHITE = Moves.flood("white");
    private static final Where HERE = Where.at(new Place(0, 0, null));
    private static final Where ASIDE = Where.at(new Place(0, 30, null));

    private static Cookie card(Move... moves) {
        return new Measuring(Kitchens.of(Palette.UNKNOWN)).measure(Moves.card(80, moves));
    }

    private static Move at(Where where, Move move) {
        return Catalogue.with(move, "where", where);
    }

    private static Move line() {
        return new RaisedLines("rose", 1, null, null, "M-20 0H20", null, null, Wait.FIRM, null, null);
    }

    private static Move bead(Wait waits) {
        return Catalogue.with(at(HERE, Moves.beads("coal", 5)), "waits", waits);
    }

    private static Move dot() {
        return at(HERE, Moves.dots("white", 1, 2));
    }

    private static Move strewn(Sprinkle.What what, Where where) {
        return new Sprinkle("white", what, 1, where, null);
    }

    private static Move form(Move move) {
        return Catalogue.with(at(HERE, move), "form", SmallForm.DISC);
    }

    private static Move secondFlood() {
        return form(new SecondFlood("coal", null, "", "", 20.0, null, null, null, null, null));
    }

    static Stream<Arguments> wetOn() {
        return Stream.of(
                Arguments.of(
                        "sugar on a raised dot", bead(Wait.FIRM), strewn(Sprinkle.What.SUGAR, Where.on("bead border"))),
                Arguments.of("a candy on a piped line", line(), strewn(Sprinkle.What.CANDIES, HERE)),
                Arguments.of(
                        "a pearl on a piped flower",
                        at(HERE, new Piece("rose", Pieces.PieceKind.FLOWER, 1, 12, null, null, Wait.FIRM, null)),
                        strewn(Sprinkle.What.PEARLS, HERE)),
                Arguments.of("a white dot on a black bead", bead(Wait.FIRM), dot()),
                Arguments.of("a light on a dark second flood", secondFlood(), dot()),
                Arguments.of("an accent on a stencil", form(Moves.stencil("coal", 30)), dot()),
                Arguments.of("a bow on a piped cord", line(), bead(Wait.AT_ONCE)),
                Arguments.of("beads at once on a second flood", secondFlood(), bead(Wait.AT_ONCE)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("wetOn")
    void itGoesOnWithWhatItLiesOn(String name, Move lower, Move upper) {
        Cookie cookie = card(WHITE, lower, upper);
        assertTrue(pass(cookie, 1) > 1);
        assertEquals(pass(cookie, 1), pass(cookie, 2));
        assertEquals(passOf(card(WHITE, lower), 1), passOf(cookie, 1), "and that waits no longer for it");
    }

    /** Beside it, it goes into the coat; what is listed before what it would lie on does as well. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("wetOn")
    void besideItAndBeforeItTheCoatIsMeant(String name, Move lower, Move upper) {
        assertEquals(1, pass(card(WHITE, lower, at(ASIDE, upper)), 2));
        if (((Where) Catalogue.read(upper, "where")).marks() == null) {
            assertEquals(1, pass(card(WHITE, upper, lower), 1));
        }
    }

    /** A dot of each colour on the one before, while the first is wet. */
    @Test
    void whatLiesOnWhatLiesOnItGoesWithIt() {
        Cookie cookie = card(WHITE, secondFlood(), dot(), at(Where.on("dot"), Moves.dots("coal", 1, 1)));
        assertEquals(List.of(2, 2, 2), List.of(pass(cookie, 1), pass(cookie, 2), pass(cookie, 3)));
    }

    /** A drawing is no icing, and a squiggle lies under the coat. */
    @Test
    void whatIsNoIcingAboveTheCoatHoldsNothing() {
        Marker drawn = new Marker("coal", null, null, null, null, null, null, "M-20 0H20", null, null);
        assertEquals(1, pass(card(WHITE, drawn, dot()), 2));
    }

    /** Twenty minutes after the dots, which come when the coat is half dry; what is painted beside them as well waits for the coat. */
    @Test
    void gildingOfJustTheseDotsDoesNotWaitForTheCoat() {
        Move dots = Catalogue.with(Moves.beads("rose", 3), "waits", Wait.HALF_DRY);
        Paint gilding = new Paint("gold", Paint.What.DUST, null, Where.on("bead border"), null);
        Passes.Pass gilded = passOf(card(WHITE, dots, gilding), 2);
        assertEquals(Gate.DOTS_SET, gilded.gate());
        assertEquals(20, gilded.gateMinutes());
        assertEquals(20, gilded.waitMinutes());
        assertEquals(1, gilded.after());
        Passes.Pass all = passOf(card(WHITE, dots, Catalogue.with(gilding, "where", null)), 2);
        assertEquals(Gate.DRY_THROUGH, all.gate());
        assertEquals(0, all.after());
    }

    static Stream<Move> canWait() {
        return Stream.of(
                line(),
                bead(Wait.FIRM),
                Moves.line("rose"),
                secondFlood(),
                form(Moves.stencil("coal", 30)),
                new Airbrush("rose", null),
                new Paint("gold", Paint.What.PAINT, null, null, null),
                new Marker("coal", null, null, null, null, null, null, "M-20 0H20", null, null),
                Moves.writing("coal", "Kite", 15),
                new Dab("rose", null, null),
                new Piece("rose", Pieces.PieceKind.ROSETTE, 3, 9, null, null, null, null),
                new RaisedFill("rose", SmallForm.HEART, "", "", 14.0, null, null, null, null, null),
                new Ruffle("rose", null, null, null, null, null, null),
                new Stitches("rose", null, null, null, null, null, null, null),
                Catalogue.with(
                        new Drop("rose", 1, 5, null, null, HERE, null, null, null, null), "sits", Drop.Sits.RAISED),
                Moves.transfer("rose", SmallForm.HEART, 12, 1),
                new Stack("rose", SmallForm.DISC, null, 20, 1, null, null));
    }

    /** Her own time, for each kind of work that can wait: it comes so long after the coat, and packing knows. */
    @ParameterizedTest
    @MethodSource("canWait")
    void whatCanWaitIsToldItsOwnMinutes(Move move) {
        Passes.Pass usual = passOf(card(WHITE, move), 1);
        Passes.Pass own = passOf(card(WHITE, Catalogue.with(move, "waitMinutes", 47.0)), 1);
        assertEquals(47, own.gateMinutes());
        assertEquals(47, own.waitMinutes());
        assertNotEquals(47, usual.waitMinutes());
        assertEquals(usual.dryMinutes(), own.dryMinutes());
    }

    /** Under a texture sheet nothing can be piped before that is peeled off. */
    @Test
    void herOwnTimeIsNoShorterThanTheSheetLies() {
        Move pressed = new Spatula("white", Spatula.Surface.PRESSED, null, null, null);
        Move own = Catalogue.with(Moves.line("rose"), "waitMinutes", 47.0);
        assertEquals(
                passOf(card(pressed, Moves.line("rose")), 1).gateMinutes(),
                passOf(card(pressed, own), 1).gateMinutes());
        assertEquals(
                47,
                passOf(card(Catalogue.with(pressed, "surface", Spatula.Surface.SMOOTH), own), 1)
                        .gateMinutes());
    }

    /** Twelve minutes where a gap is wanted, her hour where black must not bleed into white. */
    @Test
    void aPipedPartOnAPipedPartToo() {
        Move across = new RaisedLines("coal", 1, null, null, "M0 -20V20", null, null, Wait.FIRM, null, null);
        assertEquals(12, passOf(card(WHITE, line(), across), 2).waitMinutes());
        assertEquals(
                60,
                passOf(card(WHITE, line(), Catalogue.with(across, "waitMinutes", 60.0)), 2)
                        .waitMinutes());
    }

    /** Of two that are alike but for her time, only the one waits. */
    @Test
    void itHoldsNothingElseUp() {
        Move other = new RaisedLines("rose", 1, null, null, "M-20 20H20", null, null, Wait.FIRM, null, null);
        Cookie cookie = card(WHITE, line(), Catalogue.with(other, "waitMinutes", 300.0));
        assertEquals(100, passOf(cookie, 1).waitMinutes());
        assertEquals(200, passOf(cookie, 2).waitMinutes());
        assertEquals(Stage.RAISED, passOf(cookie, 2).stage());
    }
}
