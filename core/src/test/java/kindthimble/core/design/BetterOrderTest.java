package kindthimble.core.design;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindthimble.core.caution.Caution;
import kindthimble.core.caution.Weight;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.move.Airbrush;
import kindthimble.core.move.Division;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.RaisedLines;
import kindthimble.core.move.Wait;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

/** Another order of her moves: proposed where it is shorter, and never taken. On a card of 80 mm. */
class BetterOrderTest {
    private static final Flood WHITE = Moves.flood("white");
    private static final Measuring MEASURING = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN));

    private static Cookie card(Move... moves) {
        return MEASURING.measure(Moves.card(80, moves));
    }

    private static Move flood(String on) {
        return Moves.flood("white", on, null);
    }

    private static Move marker(String path) {
        return new Marker("coal", null, null, null, null, null, null, path, null, null);
    }

    private static Move line(String colour, String path, Wait waits) {
        return new RaisedLines(colour, 1, null, null, path, null, null, waits, null, null);
    }

    @Test
    void aBetterOrderIsProposedAndNeverTaken() {
        Move line = line("rose", "M-20 0H20", Wait.FIRM);
        Move other = line("rose", "M-20 10H20", Wait.FIRM);
        Move drawn = marker("M-20 0H20");
        Cookie hers = card(WHITE, line, drawn, new Airbrush("gold", null), other);
        Caution thought = hers.cautions().stream()
                .filter(caution -> "Put them in that order".equals(caution.press()))
                .findFirst()
                .orElseThrow();
        assertEquals(Weight.A_THOUGHT, thought.weight());
        assertEquals(List.of(line, drawn), hers.design().moves().subList(1, 3), "it only proposes");
        Cookie sorted = card(thought.moves().toArray(Move[]::new));
        assertTrue(sorted.passes().size() < hers.passes().size());
        assertTrue(thought.sentence()
                .contains("%d passes instead of %d"
                        .formatted(sorted.passes().size(), hers.passes().size())));
        assertTrue(card(WHITE, new Airbrush("gold", null), line, drawn).cautions().stream()
                .noneMatch(caution -> "Put them in that order".equals(caution.press())));
    }

    @Test
    void whatIsMadeAheadIsSortedByWhenItIsSetOn() {
        // Made first of all, it is glued on the dry coat: nothing is won by listing it before that.
        Cookie cookie = card(
                new Division.Bands("a", null, 2, null),
                flood("a1"),
                flood("a2"),
                Moves.transfer("rose", SmallForm.DISC, 12, 1));
        assertTrue(cookie.cautions().stream().noneMatch(caution -> "Put them in that order".equals(caution.press())));
    }
}
