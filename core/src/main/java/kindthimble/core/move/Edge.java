package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.words.Unit;

/** How some sections meet each other, whatever their floods say: each edge that two of them share. */
@Word(
        value = "seam",
        says = "how two sections meet: a soft or deep crease, flat, or by a wall",
        group = Kind.Group.DIVIDE)
public record Edge(
        @Choice(word = "they meet by a", from = Choice.From.WORDS, usual = "FLOW")
        Seam seam,

        @Amount(
                word = "crease after",
                unit = Unit.MINUTES,
                least = 5,
                most = 1440,
                otherwise = "25, a soft one; 60 is deep")
        Double minutes,

        @Choice(word = "between", from = Choice.From.SECTIONS, otherwise = "all of them")
        String on)
        implements Trim {}
