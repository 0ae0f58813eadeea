package kindthimble.core.move;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.caution.Caution;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.design.SideCut;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Frill;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.passes.Passes;
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** Volumes of docs/craft.md on a card of 60 mm without margin, and what goes wrong with it. */
class MovesTest {
    private static final Palette PALETTE = new Palette(Map.of(
            "white", Lab.ofHex("#F6F6F0"),
            "coal", Lab.ofHex("#3A3330"),
            "navy", Lab.ofHex("#2A3E6C")));
    private static final Measuring MEASURING = new Measuring(Kitchens.of(ShopSettings.house(), 15, PALETTE));
    private static final Flood WHITE = Moves.flood("white");

    private static Cookie card(Move... moves) {
        return MEASURING.measure(Moves.card(60, moves));
    }

    private static Mark mark(int index, Move... moves) {
        return card(moves).marks().get(index).mark();
    }

    private static Caution caution(Design design, String part) {
        return MEASURING.measure(design).cautions().stream()
                .filter(c -> c.sentence().contains(part))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no caution of: " + part));
    }

    /** The press does away with its warning, and whoever sees the drawing knows where to look. */
    private static Design mended(Design design, String part) {
        Caution caution = caution(design, part);
        Design after = Moves.with(design, caution.moves());
        if (caution.marginMm() != null) {
            after = new Design(
                    after.format(),
                    after.name(),
                    after.cutter(),
                    after.spreadPercent(),
                    caution.marginMm(),
                    after.moves());
        }
        Cookie measured = MEASURING.measure(after);
        assertTrue(measured.cautions().stream().noneMatch(c -> c.sentence().contains(part)), part);
        assertTrue(measured.baked().covers(caution.at().x(), caution.at().y()));
        return after;
    }

    @Test
    void pressedTextureIsThickerAndDriesADay() {
        Spatula pressed = new Spatula("white", Spatula.Surface.PRESSED, null, null, null);
        assertEquals(3600 * 4.5, mark(0, pressed).volumeMm3(), 1e-6);
        Cookie cookie = card(pressed, Moves.line("coal"));
        assertEquals(Gate.TEXTURE_SHEET, cookie.passes().get(1).gate());
        assertEquals(3600 * 0.5, mark(1, WHITE, new Dab("coal", null, null)).volumeMm3(), 1e-6);
    }

    /** A fifth of a marbled dip is its second colour, and together they are the plain dip. */
    @Test
    void marbledDipHoldsWhatThePlainOneHolds() {
        double plain = mark(0, Moves.dip("white")).volumeMm3();
        Cookie marbled = card(new Dip("white", "navy", null, null, null));
        assertEquals(0.8 * plain, marbled.marks().get(0).mark().volumeMm3(), 1e-9);
        assertEquals(0.2 * plain, marbled.marks().get(1).mark().volumeMm3(), 1e-9);
        assertEquals(List.of("navy", "white"), List.copyOf(marbled.design().colours()));
    }

    @Test
    void linesOnAPathOfTheirOwnAreAsLongAsIt() {
        RaisedLines zigzag = new RaisedLines("coal", 1, null, null, "M-20 0L0 15L20 0", null, null, null, null, null);
        assertEquals(50 * Math.PI * 0.64 / 4, mark(1, WHITE, zigzag).volumeMm3(), 1e-6);
        RaisedLines arc =
                new RaisedLines("coal", 1, null, null, "M-10 0A10 10 0 0 1 10 0", null, null, null, null, null);
        assertEquals(10 * Math.PI, mark(1, WHITE, arc).lengthMm(), 0.01);
        Refused away = assertThrows(
                Refused.class,
                () -> card(
                        WHITE, new RaisedLines("coal", 1, null, null, "M500 0L600 0", null, null, null, null, null)));
        assertEquals("moves[1].path", away.field());
        assertThrows(
                Refused.class,
                () -> card(WHITE, new RaisedLines("coal", 1, null, null, "hello", null, null, null, null, null)));
    }

    /** Four lines each way, each 60 mm. */
    @Test
    void plaidRunsBothWays() {
        Stripe plaid = new Stripe("navy", null, null, 4, Strokes.Form.PLAID, null, null, "2", null, null, null, null);
        assertEquals(8 * 60, mark(1, WHITE, plaid).lengthMm(), 1e-6);
    }

    @Test
    void piecesAndBordersWeighWhatTheShopSays() {
        Cookie cookie = card(WHITE, new Ruffle("coal", Frill.Border.RUFFLE, 5.0, null, null, null));
        double centimetres = 4 * 55 / 10.0;
        assertEquals(centimetres * 0.233, cookie.marks().get(1).mark().grams(HouseRecipes.MERINGUE_POWDER), 1e-9);
        Mark stitches = mark(
                1, WHITE, new Stitches("coal", 4.0, 2.0, Where.alongEdge(null, null, 3.0), null, null, null, null));
        assertEquals(4 * 54 * 4 / 6.0 * Math.PI * 0.64 / 4, stitches.volumeMm3(), 1e-6);
        Mark glue = mark(1, WHITE, new Stack("white", SmallForm.DISC, null, 20, 2, 2.5, null));
        assertEquals(5, glue.grams(HouseRecipes.MERINGUE_POWDER), 1e-9);
        assertEquals(Gate.DRY_THROUGH, glue.gate());
    }

    /** A disc of 20 mm at 1.8 mm by the closed form of a coat, glued on with 0.3 g, or dropped in without. */
    @Test
    void transferIsACoatOfItsOwn() {
        double r = 10;
        double h = 1.8;
        double closed =
                Math.PI * (r * r * h - 2 * r * h * h * (1 - Math.PI / 4) + Math.pow(h, 3) * (5.0 / 3 - Math.PI / 2));
        Cookie glued = card(WHITE, Moves.transfer("coal", SmallForm.DISC, 20, 1));
        assertEquals(closed, glued.marks().get(1).mark().volumeMm3(), 0.5);
        assertEquals(0.3, glued.marks().get(2).mark().grams(HouseRecipes.MERINGUE_POWDER), 1e-9);
        assertEquals(
                List.of(Stage.AHEAD, Stage.COAT, Stage.RAISED),
                glued.passes().stream().map(Passes.Pass::stage).toList());
        assertEquals(0, glued.passes().get(0).number());
        Cookie dropped = card(
                WHITE,
                new Transfer(
                        "coal",
                        SmallForm.DISC,
                        null,
                        20,
                        1,
                        null,
                        null,
                        null,
                        null,
                        Transfer.SetOn.DROPPED,
                        null,
                        null,
                        null,
                        null));
        assertEquals(
                List.of(Stage.AHEAD, Stage.COAT),
                dropped.passes().stream().map(Passes.Pass::stage).toList());
        assertTrue(dropped.cautions().stream().noneMatch(c -> c.sentence().contains("dry")));
    }

    @Test
    void raisedDetailIsInPassesByWhatItWaitsFor() {
        Cookie cookie = card(
                WHITE,
                new Beads("white", 2, null, null, null, null, Wait.HALF_DRY, null),
                Moves.stencil("white", 20),
                new Line("white", Where.alongEdge(null, null, 8.0), null, null, Wait.DRY_THROUGH, null, null));
        // The order is hers: beads half-dry, the stencil over them, then the line.
        assertEquals(
                List.of(Gate.BARE_COOKIE, Gate.HALF_DRY, Gate.SURFACE_DRY, Gate.DRY_THROUGH),
                cookie.passes().stream().map(Passes.Pass::gate).toList());
        assertEquals(
                List.of(1, 2, 3, 4), cookie.marks().stream().map(OnCookie::pass).toList());
    }

    @Test
    void orderOfWorkIsCheckedAndPutRight() {
        Design late = Moves.card(
                60,
                WHITE,
                new RaisedLines("white", 1, null, null, "M-20 0L20 0", null, null, null, null, null),
                Catalogue.with(Moves.dots("coal", 1, 4), "where", Where.at(new Place(0, 2, null))));
        assertEquals("Dot", name(mended(late, "find the coat dry"), 1));
        Design early = Moves.card(60, Moves.stencil("coal", 20), WHITE);
        assertEquals("Stencil", name(mended(early, "needs a dry coat"), 1));
        Design bare = Moves.card(60, Moves.dots("coal", 5, 3));
        assertEquals(2, mended(bare, "need a wet coat").moves().size());
        mended(Moves.card(60, WHITE, new Stencil("coal", 20, null, Wait.HALF_DRY, null)), "not dry on top");
        mended(
                Moves.card(
                        60,
                        WHITE,
                        new Marker("coal", null, null, null, null, null, null, null, Marker.When.HALF_DRY, null)),
                "half dry");
        Sprinkle sugar = new Sprinkle("white", Sprinkle.What.SUGAR, 50, null, null);
        Sprinkle candies = new Sprinkle("coal", Sprinkle.What.CANDIES, 3, null, null);
        Design sugarFirst = Moves.card(60, WHITE, sugar, candies);
        assertEquals(
                List.of(WHITE, candies, sugar),
                mended(sugarFirst, "do not hold").moves());
        assertEquals(3.0, mended(sugarFirst, "pushes icing outward").marginMm());
    }

    private static String name(Design design, int move) {
        return design.moves().get(move).getClass().getSimpleName();
    }

    @Test
    void dotsOnSectionsThatAreWetAtDifferentTimesAreDoneOncePerPass() {
        Design design = Moves.card(60, new Division.Bands("a", null, 2, null), WHITE, Moves.dots("coal", 6, 3, "a"));
        Design after = mended(design, "different times");
        assertEquals(
                List.of("a1", "a2"),
                after.moves().stream()
                        .filter(Dot.class::isInstance)
                        .map(dot -> ((Dot) dot).on())
                        .toList());
        assertEquals(
                6,
                after.moves().stream()
                        .filter(Dot.class::isInstance)
                        .mapToInt(dot -> ((Dot) dot).pieces())
                        .sum());
    }

    @Test
    void darkOnLightWaitsOrGoesInWet() {
        Design piped = Moves.card(60, WHITE, new Line("coal", null, null, null, Wait.HALF_DRY, null, null));
        assertEquals(
                Wait.DRY_THROUGH, ((Line) mended(piped, "Dark on light").moves().get(1)).waits());
        Design beside = Moves.card(
                60,
                new Division.Bands("a", null, 2, null),
                Moves.flood("coal", "a1", null),
                Moves.flood("white", "a2", null));
        Cookie dried = MEASURING.measure(mended(beside, "Dark beside light"));
        assertEquals(2, dried.passes().size(), "the crease that she wants stays");
        assertEquals(615, dried.passes().get(1).gateMinutes());
        // The same in one colour, or where no colour is known, bleeds nowhere.
        assertTrue(new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN))
                .measure(beside).cautions().stream().noneMatch(c -> c.sentence().contains("Dark")));
    }

    @Test
    void whatIsTooThickTooCrowdedOrTooSmallIsSaid() {
        mended(Moves.card(60, new Flood("white", 30.0, 1.15, null, null, null)), "run over the edge");
        Dot atEdge = Catalogue.with(Moves.dots("coal", 1, 12), "where", Where.at(new Place(23, 0, null)));
        mended(Moves.card(60, WHITE, atEdge, Catalogue.with(atEdge, "colour", "navy")), "within 3 mm of the edge");
        Design rash = Moves.card(60, WHITE, Moves.dots("coal", 180, 2), Moves.dots("navy", 180, 1));
        mended(rash, "stays wet enough");
        Design thin = Moves.card(60, WHITE, Moves.transfer("coal", SmallForm.LEAF, 3, 1));
        mended(thin, "breaks easily");
        Design fine = Moves.card(60, WHITE, Moves.writing("coal", "Kite day", 3));
        mended(fine, "finer than tip");
        Design long_ = Moves.card(60, WHITE, Moves.writing("coal", "Harbour kite day", 12));
        mended(long_, "over the edge");
        Design slow = Moves.card(
                60,
                Moves.outline("white"),
                WHITE,
                new Marker("coal", null, null, null, null, null, null, null, null, null));
        assertTrue(mended(slow, "% of the hands").moves().stream().anyMatch(Dip.class::isInstance));
    }

    /** A press that would not help is not offered: coats that dry for longer than a crease can wait, and do not flow. */
    @Test
    void pressesThatDoNotMendAreNotOffered() {
        Design coats = Moves.card(
                60,
                new Division.Bands("a", null, 2, null),
                new Spatula("coal", null, 8.0, null, "a1"),
                new Spatula("white", null, 8.0, null, "a2"));
        Caution bleeds = caution(coats, "Dark beside light");
        assertNull(bleeds.press());
        assertNull(bleeds.moves());
    }

    /** Hands of craft.md 9: by cm, cm2 and piece, and a bag picked up where it must be. */
    @Test
    void handsOnACookie() {
        // 24 cm of outline take 19 s; a round of 80 mm (its icing 78.6 mm wide) 20 s of outline, and 24 + 8 s of flood.
        assertEquals(0.8, Habits.HOUSE.mean(Habit.OUTLINE_SECONDS_PER_CM));
        Cookie round = MEASURING.measure(Moves.round(80, 1.5, Moves.outline("white"), WHITE));
        double across = 80 * 1.02 - 3;
        assertEquals(
                0.8 * Math.PI * (across - 1.2) / 10, round.marks().get(0).mark().handSeconds(Habits.HOUSE), 0.05);
        assertEquals(
                0.5 * Math.PI * across * across / 400 + 8,
                round.marks().get(1).mark().handSeconds(Habits.HOUSE),
                0.05);
        double marks = round.marks().stream()
                .mapToDouble(on -> on.mark().handSeconds(Habits.HOUSE))
                .sum();
        assertEquals(
                marks + 2 * 1,
                round.handSeconds(),
                1e-9,
                "a tray is outlined with one bag, then flooded with the other");
        Cookie dotted =
                MEASURING.measure(Moves.round(80, 1.5, Moves.outline("white"), WHITE, Moves.dots("coal", 6, 4)));
        assertEquals(marks + 6 + 3 * 4, dotted.handSeconds(), 1e-9, "wet dots: every bag on every cookie");
        Cookie oneIcing = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN, Filling.ONE_ICING))
                .measure(Moves.round(80, 1.5, Moves.outline("white"), WHITE));
        assertEquals(marks + 1, oneIcing.handSeconds(), 1e-6, "one icing is one bag");
        assertEquals(12, card(Moves.dip("white")).handSeconds(), 1e-9);
        assertEquals(12, card(new Dip("white", "coal", null, null, null)).handSeconds(), 1e-9);
        assertEquals(45, mark(1, WHITE, Moves.stencil("coal", 30)).handSeconds(Habits.HOUSE), 1e-9);
    }

    /** Strokes are as long for hands and on the screen as for grams: a V of 20 mm is two lines of 21. */
    @Test
    void writingIsMeasuredOnce() {
        Mark hello = mark(1, WHITE, Moves.writing("coal", "Hello", 14));
        double opening = 0.8;
        assertEquals(hello.volumeMm3() / (Math.PI * opening * opening / 4), hello.lengthMm(), 0.05 * hello.lengthMm());
        assertEquals(1.6 * hello.lengthMm() / 10, hello.handSeconds(Habits.HOUSE), 1e-9);
        Mark v = mark(1, WHITE, Moves.writing("coal", "V", 20));
        assertEquals(42, v.lengthMm(), 3);
    }

    @Test
    void transferIsTheBowThatTheScreenNames() {
        Mark said = mark(1, WHITE, Moves.transfer("coal", SmallForm.BOW, 20, 1));
        Mark usual = mark(1, WHITE, Moves.transfer("coal", null, 20, 1));
        assertEquals(said.volumeMm3(), usual.volumeMm3(), 1e-9);
    }

    @Test
    void sideViewStandsRaisedDetailOnTheCoatUnderIt() {
        Cookie cookie = card(
                new Division.Bands("a", null, 2, null),
                new Flood("white", 15.0, null, null, "a1", null),
                new Spatula("navy", null, 3.0, null, "a2"),
                new RaisedLines("coal", 3, null, 90.0, null, null, null, null, null, null));
        List<Double> bases = SideCut.through(cookie, 0).stream()
                .filter(piece -> "coal".equals(piece.colour()))
                .map(SideCut.CutPiece::baseMm)
                .toList();
        assertEquals(3, bases.size());
        assertEquals(2.025, bases.get(0), 1e-9);
        assertEquals(3, bases.get(2), 1e-9);
    }
}
