package kindthimble.core.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.move.Dot;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.Transfer;
import kindthimble.core.testing.Moves;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** Records with only what they must have, and lists of them inside others. */
class PlainTest {
    @Test
    void eachKindStartsWithWhatItMustHaveAndIsAccepted() {
        for (Class<?> kind : Catalogue.recordsOf(Move.class)) {
            Catalogue.check((Record) Plain.of(kind, "rose"));
        }
        for (Class<?> kind : Catalogue.recordsOf(CutterShape.class)) {
            Catalogue.check((Record) Plain.of(kind, "rose"));
        }
        Dot dot = Plain.of(Dot.class, "rose");
        assertEquals("rose", dot.colour());
        assertEquals(6, dot.pieces());
        assertNull(dot.size());
        assertNull(Plain.of(Marker.class, "rose").colour(), "a guide may be scratched");
    }

    @Test
    void whatIsInsideIsCheckedAtItsOwnPlace() {
        Transfer transfer = Catalogue.with(
                Moves.transfer("rose", SmallForm.DISC, 20, 1),
                "moves",
                List.of(Moves.flood("rose"), Catalogue.with(Moves.dots("navy", 3, 2), "pieces", 0)));
        Refused refused = assertThrows(Refused.class, () -> Catalogue.check(transfer));
        assertEquals("moves[1].pieces", refused.field());
        assertTrue(Catalogue.parametersOf(Transfer.class).stream()
                .anyMatch(one -> one.type() == Kind.Type.MOVES && one.name().equals("moves")));
    }

    @Test
    void choicesAreChangedInsideAsWell() {
        Transfer transfer = Catalogue.with(
                Moves.transfer("rose", SmallForm.DISC, 20, 1), "moves", List.of(Moves.dots("navy", 3, 2)));
        Transfer other = Catalogue.withChoices(transfer, Choice.From.PALETTE, key -> key + "2");
        assertEquals("rose2", other.colour());
        assertEquals("navy2", other.moves().get(0).colour());
        assertEquals("navy", transfer.moves().get(0).colour());
    }

    @Test
    void aTransferWithoutMovesOfItsOwnIsAsBefore() {
        Transfer plain = Moves.transfer("rose", SmallForm.DISC, 20, 1);
        assertEquals(plain, Catalogue.with(plain, "moves", List.of()), "none is none");
    }
}
