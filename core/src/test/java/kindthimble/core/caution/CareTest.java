package kindthimble.core.caution;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.mark.WetDots;
import kindthimble.core.move.Airbrush;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.Paint;
import kindthimble.core.move.Sprinkle;
import kindthimble.core.move.Transfer;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

/** Said where it applies, and once. */
class CareTest {
    private static final Move PAINT = new Paint("gold", Paint.What.PAINT, null, null, null);
    private static final Move DUST = new Paint("gold", Paint.What.DUST, null, null, null);
    private static final Marker MARKER = new Marker("coal", null, null, null, null, null, null, null, null, null);

    private static Move strewn(Sprinkle.What what) {
        return new Sprinkle("rose", what, 5, null, null);
    }

    @Test
    void icingAloneAsksForNone() {
        assertEquals(
                List.of(),
                Care.of(List.of(
                        Moves.outline("white"),
                        Moves.flood("white"),
                        Moves.dots("rose", 3, 4),
                        Moves.transfer("rose", SmallForm.HEART, 12, 1),
                        strewn(Sprinkle.What.SUGAR))));
    }

    @Test
    void eachWhereItAppliesAndOnce() {
        assertEquals(List.of(Care.THINNED, Care.SOLD_AS_FOOD), Care.of(List.of(PAINT, DUST, PAINT)));
        assertEquals(List.of(Care.SOLD_AS_FOOD), Care.of(List.of(DUST, MARKER, new Airbrush("rose", null))));
        assertEquals(List.of(Care.PINS), Care.of(List.of(Catalogue.with(MARKER, "colour", ""))));
        assertEquals(
                List.of(Care.HARD_AND_SMALL),
                Care.of(List.of(strewn(Sprinkle.What.PEARLS), strewn(Sprinkle.What.CANDIES))));
        assertEquals(
                List.of(Care.PINS),
                Care.of(List.of(
                        Catalogue.with(Moves.dots("rose", 3, 4), "drag", WetDots.Drag.HEARTS),
                        Catalogue.with(
                                Moves.transfer("rose", SmallForm.BOW, 12, 1),
                                "standing",
                                Transfer.Standing.STANDING))));
    }

    @Test
    void whatASmallDesignAsksForCounts() {
        Move small = Catalogue.with(Moves.transfer("rose", SmallForm.HEART, 20, 1), "moves", List.of(PAINT));
        assertEquals(List.of(Care.THINNED, Care.SOLD_AS_FOOD), Care.of(List.of(small)));
    }
}
