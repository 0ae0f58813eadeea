package kindthimble.core.move;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.mark.Placed;
import kindthimble.core.passes.Passes;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** Small designs of their own, on film and as a cookie on top, on a card of 60 mm without margin. */
class SmallDesignTest {
    private static final BaseRecipe BASE = HouseRecipes.MERINGUE_POWDER;
    private static final Measuring MEASURING = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN));
    private static final Flood WHITE = Moves.flood("white");
    private static final Where TWO = Where.at(new Place(-14, 0, null), new Place(14, 0, 90.0));
    private static final Transfer PLAIN = Catalogue.with(
            Catalogue.with(Moves.transfer("rose", SmallForm.DISC, 20, 2), "where", TWO), "countSeconds", 20.0);

    private static Cookie card(Move... moves) {
        return MEASURING.measure(Moves.card(60, moves));
    }

    private static Transfer of(Move... moves) {
        return Catalogue.with(PLAIN, "moves", List.of(moves));
    }

    private static List<Mark> ahead(Cookie cookie) {
        return cookie.marks().stream()
                .map(OnCookie::mark)
                .filter(mark -> mark.stage() == Stage.AHEAD)
                .toList();
    }

    private static List<Passes.Pass> passesAhead(Cookie cookie) {
        return cookie.passes().stream()
                .filter(pass -> pass.number() <= Passes.AHEAD)
                .toList();
    }

    @Test
    void aFloodOnFilmIsThePlainCoat() {
        Cookie plain = card(WHITE, PLAIN);
        Cookie flooded = card(WHITE, of(new Flood("rose", 20.0, null, null, null, null)));
        assertEquals(plain.grams(BASE), flooded.grams(BASE), 1e-9);
        assertEquals(ahead(plain).get(0).ahead(), ahead(flooded).get(0).ahead());
        assertEquals(ahead(plain).get(0).supplies(), ahead(flooded).get(0).supplies(), "film, gaps with it");
    }

    @Test
    void onAllPiecesIsSoManyTimesWhatIsOnOne() {
        Cookie cookie = card(WHITE, of(Moves.flood("rose"), Moves.dots("white", 3, 3), Moves.line("navy")));
        double dots = 2 * 3 * Math.PI / 4 * 9 * 1.8 / 2;
        assertEquals(dots, ahead(cookie).get(1).volumeMm3(), 1e-6, "half of each sinks into 1.8 mm, on both pieces");
        Cookie one = card(WHITE, Catalogue.with(of(Moves.flood("rose"), Moves.line("navy")), "where", null));
        Cookie single = card(
                WHITE,
                Catalogue.with(
                        Catalogue.with(of(Moves.flood("rose"), Moves.line("navy")), "where", null), "pieces", 1));
        double flood = WHITE_GRAMS;
        assertEquals(2 * (single.grams(BASE) - flood), one.grams(BASE) - flood, 1e-9);
    }

    private static final double WHITE_GRAMS = card(WHITE).grams(BASE);

    @Test
    void bodiesFirstThenWingsThenTheMarkerBeforeTheyAreLifted() {
        Cookie cookie = card(
                WHITE,
                Catalogue.with(
                        of(
                                new Division.Bands("a", null, 2, null),
                                Moves.flood("rose", "a1", null),
                                Moves.flood("white", "a2", null),
                                new Marker("navy", null, null, null, null, null, null, null, null, null)),
                        "standing",
                        Transfer.Standing.STANDING));
        assertEquals(
                List.of(-3, -2, -1, 0),
                passesAhead(cookie).stream().map(Passes.Pass::number).toList());
        assertEquals(
                List.of(Gate.BARE_COOKIE, Gate.SKINNED, Gate.SURFACE_DRY, Gate.LIFTS_OFF),
                passesAhead(cookie).stream().map(Passes.Pass::gate).toList(),
                "it dries a second time when it is put together");
        // A piece is 1.8 mm thick: 300 min x 0.9^2.
        assertEquals(
                List.of(0, 25, 243, 480),
                passesAhead(cookie).stream().map(Passes.Pass::gateMinutes).toList());
        assertEquals(16, ahead(cookie).get(3).handSeconds(Habits.HOUSE), 1e-9, "two are put together");
        assertEquals(Set.of("rose", "white", "navy"), cookie.design().colours());
        assertEquals("navy", ahead(cookie).get(2).colour(), "of the marker, not of the piece");
    }

    @Test
    void twoSmallDesignsShareTheirStages() {
        Move halves = new Division.Bands("a", null, 2, null);
        Transfer winged = of(halves, Moves.flood("rose", "a1", null), Moves.flood("white", "a2", null));
        Cookie cookie = card(WHITE, winged, of(Moves.flood("navy")));
        List<OnCookie> first =
                cookie.marks().stream().filter(on -> on.pass() == -1).toList();
        assertEquals(List.of(1, 2), first.stream().map(OnCookie::move).toList(), "all bodies");
        assertEquals(2, passesAhead(cookie).size());
    }

    @Test
    void glueIsOfAnyColourAndCount() {
        Transfer glued = Catalogue.with(Catalogue.with(PLAIN, "glue", "navy"), "glueSeconds", 15.0);
        Cookie cookie = card(WHITE, glued);
        Mark placed = cookie.marks().get(cookie.marks().size() - 1).mark();
        assertEquals("navy", placed.icing().colour());
        assertEquals(15, placed.icing().consistency().countSeconds());
        assertTrue(glued.colours().contains("navy"));
    }

    @Test
    void aCookieOnTopIsIcedInsideItsMarginAndCountedWithTheOther() {
        Stack bare = new Stack("white", SmallForm.DISC, null, 30, 1, null, null);
        Stack iced = Catalogue.with(bare, "moves", List.of(Moves.flood("rose"), Moves.dots("navy", 2, 3)));
        Cookie below = MEASURING.measure(Moves.round(90, 1.5, WHITE, bare));
        Cookie cookie = MEASURING.measure(Moves.round(90, 1.5, WHITE, iced));
        Region top = SmallForm.region(SmallForm.DISC, null, 30 * 1.02);
        Cookie alone = MEASURING.measure(new Design(
                Design.FORMAT,
                "Top",
                new Cutter(new BasicForm.Round(), Across.WIDTH, 30),
                null,
                1.5,
                List.of(Moves.flood("rose"), Moves.dots("navy", 2, 3))));
        assertEquals(
                below.grams(BASE) + alone.grams(BASE),
                cookie.grams(BASE),
                1e-6,
                "as if it were baked and iced by itself");
        assertEquals(top.areaMm2(), cookie.small().get(1).baked().areaMm2(), 1e-9);
        assertTrue(ahead(cookie).stream().allMatch(mark -> mark.ahead() == null), "no spares but those of the cookie");
    }

    @Test
    void thePictureOfASmallDesignLiesWhereEachOfItsPiecesDoes() {
        Cookie cookie = card(WHITE, of(Moves.flood("rose"), Moves.line("navy")));
        Placed placed = (Placed) cookie.marks().get(cookie.marks().size() - 1).mark();
        List<Layer> layers = placed.layers();
        assertEquals(4, layers.size());
        assertEquals(
                List.of(new Pose(16, 30, 0), new Pose(16, 30, 0), new Pose(44, 30, 90), new Pose(44, 30, 90)),
                layers.stream().map(Layer::at).map(SmallDesignTest::onTheCard).toList());
    }

    /** The card's middle is at 30, 30 of its own corner. */
    private static Pose onTheCard(Pose pose) {
        var box = card(WHITE).baked().box();
        return new Pose(Math.rint(pose.x() - box.x()), Math.rint(pose.y() - box.y()), pose.turnDegrees());
    }

    @Test
    void whatIsWrongInsideIsNamed() {
        assertEquals(
                "moves[1].moves[0].diameterMm",
                assertThrows(Refused.class, () -> card(WHITE, of(Moves.dots("navy", 1, 90))))
                        .field());
        Transfer deep = of(of(Moves.flood("rose")));
        assertEquals(
                "moves[1].moves[0].moves",
                assertThrows(Refused.class, () -> card(WHITE, deep)).field());
        assertThrows(Refused.class, () -> card(WHITE, of(Moves.flood("rose"), Moves.flood("rose", "z9", null))));
        Transfer many = Catalogue.with(of(Moves.dots("navy", 200, 1)), "pieces", 60);
        assertTrue(assertThrows(Refused.class, () -> card(WHITE, many))
                .getMessage()
                .contains("at most"));
    }

    @Test
    void anotherColourReachesTheInside() {
        Design design = Moves.card(60, WHITE, of(Moves.flood("rose"), Moves.line("navy")));
        assertEquals(
                Set.of("white", "mist", "navy"),
                design.recoloured(key -> key.equals("rose") ? "mist" : key).colours());
    }

    @Test
    void onFilmSmallIsUsualAndOnACookieItIsNot() {
        assertEquals(List.of(), warnings(card(WHITE, Catalogue.with(of(Moves.flood("rose")), "sizeMm", 8.0))));
        Stack tiny = Catalogue.with(
                new Stack("white", SmallForm.DISC, null, 8, 1, null, null), "moves", List.of(Moves.flood("rose")));
        assertTrue(warnings(card(WHITE, tiny)).stream().anyMatch(said -> said.startsWith("On it: Only 8 mm wide")));
    }

    private static List<String> warnings(Cookie cookie) {
        return cookie.cautions().stream()
                .filter(caution -> caution.isWarning())
                .map(caution -> caution.sentence())
                .toList();
    }

    @Test
    void icingAndGoldGoOverWhatHasBeenSetOn() {
        Transfer one = Catalogue.with(Moves.transfer("rose", SmallForm.DISC, 20, 1), "where", Where.of(Laid.MIDDLE));
        Move line = new RaisedLines("navy", 1, null, null, "M-8 0H8", null, null, null, null, null);
        Paint gold = new Paint("gold", Paint.What.DUST, null, Where.on("transfer"), null);
        Cookie cookie = card(WHITE, one, line, gold);
        List<Passes.Pass> passes = cookie.passes();
        assertEquals(
                List.of(Gate.DRY_THROUGH, Gate.LINES_SET, Gate.LINES_SET),
                passes.stream().skip(2).map(Passes.Pass::gate).toList(),
                "the glue holds it before a line is piped over it, and that is set before it is gilded");
        Mark gilded = cookie.marks().get(cookie.marks().size() - 1).mark();
        assertEquals(Math.PI * 100, gilded.areaMm2(), 3, "just the piece");
    }
}
