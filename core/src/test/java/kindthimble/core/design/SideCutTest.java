package kindthimble.core.design;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Layer;
import kindthimble.core.move.Division;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Line;
import kindthimble.core.move.Move;
import kindthimble.core.move.Seam;
import kindthimble.core.placing.Where;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

/** What is seen from the side, and from above. */
class SideCutTest {
    private static final Measuring MEASURING = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN));

    private static Cookie card(Move... moves) {
        return MEASURING.measure(Moves.card(60, moves));
    }

    @Test
    void aCoatIsAsThickAsItsCount() {
        List<SideCut.CutPiece> cut = SideCut.through(card(Moves.flood("white")), 0);
        assertEquals(1, cut.size());
        assertEquals(60, cut.get(0).toMm() - cut.get(0).fromMm(), 0.01);
        assertEquals(2.025, cut.get(0).heightMm(), 1e-9);
        assertEquals(0, cut.get(0).baseMm());
        List<SideCut.CutPiece> thin = SideCut.through(card(new Flood("white", 5.0, null, null, null, null)), 0);
        assertEquals(1.375, thin.get(0).heightMm(), 1e-9);
    }

    @Test
    void whatIsRaisedStandsOnItsCoat() {
        Line line = new Line("coal", Where.alongEdge(null, null, 10.0), "2", null, null, null, null);
        List<SideCut.CutPiece> cut = SideCut.through(card(Moves.flood("white"), line), 0);
        assertEquals(3, cut.size(), "the coat, and the line on both sides");
        assertEquals(2.025, cut.get(1).baseMm(), 1e-9);
        assertEquals(1.2, cut.get(1).heightMm(), 1e-9);
        assertEquals("coal", cut.get(1).colour());
        assertEquals(2, cut.get(1).pass());
        List<SideCut.CutPiece> bare = SideCut.through(card(line), 0);
        assertEquals(0, bare.get(0).baseMm(), "on the cookie itself");
    }

    @Test
    void coatsOfOnePassMeetFlatAndOthersCrease() {
        Division halves = new Division.Bands("a", null, 2, null);
        List<SideCut.CutPiece> flat = SideCut.through(card(halves, Moves.flood("white", null, Seam.FLOW)), 0);
        assertEquals(2, flat.size());
        assertTrue(flat.get(0).meetsAfter() && flat.get(1).meetsBefore());
        assertFalse(flat.get(0).meetsBefore() || flat.get(1).meetsAfter(), "the rim is free");
        List<SideCut.CutPiece> creased = SideCut.through(card(halves, Moves.flood("white")), 0);
        assertTrue(creased.stream().noneMatch(piece -> piece.meetsAfter() || piece.meetsBefore()));
    }

    @Test
    void aCutBesideTheCookieMeetsNothing() {
        assertTrue(SideCut.through(card(Moves.flood("white")), 40).isEmpty());
        assertTrue(SideCut.through(card(), 0).isEmpty());
    }

    @Test
    void layersLieInOrderOfWorkAndSayTheirMove() {
        Cookie cookie = card(Moves.outline("white"), Moves.flood("white"), Moves.dots("rose", 3, 4));
        List<Layer> layers = cookie.layers();
        assertEquals(
                List.of(Layer.Role.DOUGH, Layer.Role.BEAD, Layer.Role.COAT, Layer.Role.SUNK),
                layers.stream().map(Layer::role).toList());
        assertEquals(List.of(-1, 0, 1, 2), layers.stream().map(Layer::move).toList());
    }

    @Test
    void whatIsSetOnIsSeenAndNotItsGlue() {
        Move transfer = Catalogue.with(Moves.transfer("rose", SmallForm.DISC, 20, 1), "glue", "navy");
        Cookie cookie = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN))
                .measure(Moves.card(60, Moves.flood("white"), transfer));
        assertEquals(
                "rose",
                SideCut.through(cookie, cookie.iced().inside().y()).get(1).colour());
    }
}
