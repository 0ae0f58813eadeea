package kindthimble.core.pour;

import static kindthimble.core.pour.Wanted.HOUSE;
import static kindthimble.core.pour.Wanted.colour;
import static kindthimble.core.pour.Wanted.portion;
import static kindthimble.core.pour.Wanted.pour;
import static kindthimble.core.pour.Wanted.with;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindthimble.core.habit.Habit;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Icing;
import org.junit.jupiter.api.Test;

/** Bags, bottles, couplers and tips, against sums by hand. */
class BagsTest {
    @Test
    void bagsAreFilledToTheirMostWithWhatTheyKeep() {
        Kitchen small = with(Habit.LARGE_BAG_FILL_GRAMS, 0);
        for (double grams : new double[] {1, 113.9, 114.1, 228, 228.1}) {
            Pour.Portion bag = pour(small, colour("rose", portion(15, grams)))
                    .bowls()
                    .get(0)
                    .portions()
                    .get(0);
            assertEquals((int) Math.ceil(grams / 114 - 1e-9), bag.bags(), grams + " g, 114 of them to a bag of 120");
            assertEquals(6.0 * bag.bags(), bag.keptGrams(), 1e-9);
            assertEquals((grams + bag.keptGrams()) / bag.bags(), bag.gramsPerBag(), 1e-9);
            assertEquals(2, bag.cutMm());
        }
    }

    @Test
    void largeBagsAreTakenWhereTheyAreFewer() {
        Pour.Portion one = pour(HOUSE, colour("rose", portion(15, 114)))
                .bowls()
                .get(0)
                .portions()
                .get(0);
        assertTrue(!one.largeBags() && one.bags() == 1);
        Pour.Portion large = pour(HOUSE, colour("rose", portion(15, 115)))
                .bowls()
                .get(0)
                .portions()
                .get(0);
        assertTrue(large.largeBags() && large.bags() == 1);
    }

    @Test
    void eachTipWantsABagUnlessThereIsACoupler() {
        Demand.OfColour rose = colour("rose", portion(50, 20, "1", "2", "3"));
        Pour.Portion coupled = pour(HOUSE, rose).bowls().get(0).portions().get(0);
        assertTrue(coupled.coupler());
        assertEquals(1, coupled.bags());
        assertEquals(8, coupled.keptGrams(), 1e-9, "with a tip");
        assertEquals(0, coupled.cutMm());
        Pour.Portion apart =
                pour(with(Habit.COUPLERS, 0), rose).bowls().get(0).portions().get(0);
        assertEquals(3, apart.bags());
        assertEquals(24, apart.keptGrams(), 1e-9);
    }

    @Test
    void aBagThatIsCutKeepsWhatATiplessOneKeepsAndTakesNoTip() {
        Pour.Portion cut = pour(HOUSE, colour("rose", portion(50, 20, "cut 1.4")))
                .bowls()
                .get(0)
                .portions()
                .get(0);
        assertEquals(1, cut.bags());
        assertEquals(6, cut.keptGrams(), 1e-9, "no tip to keep icing in");
        Pour both = pour(HOUSE, colour("rose", portion(50, 20, "1", "2", "cut 1.4")));
        Pour.Portion mixed = both.bowls().get(0).portions().get(0);
        assertEquals(2, mixed.bags(), "a coupler changes tips, and does nothing for a bag that is cut");
        assertEquals(List.of(), TipUse.tooFew(both, List.of("rose"), ShopSettings.house()));
    }

    @Test
    void couplersGoWhereMostTipsAre() {
        Pour pour = pour(
                with(Habit.COUPLERS, 1),
                colour("rose", portion(50, 20, "1", "2")),
                colour("navy", portion(50, 20, "1", "2", "3")));
        assertTrue(!pour.bowls().get(0).portions().get(0).coupler());
        assertTrue(pour.bowls().get(1).portions().get(0).coupler());
    }

    @Test
    void bottlesAreFilledAsFarAsTheyGo() {
        Kitchen two = with(Habit.BOTTLES, 2);
        Pour pour = pour(
                two,
                colour("rose", portion(15, 140)),
                colour("navy", portion(15, 70)),
                colour("mist", portion(50, 10)));
        Pour.Portion first = pour.bowls().get(0).portions().get(0);
        assertEquals(Icing.Vessel.BOTTLE, first.vessel());
        assertEquals(2, first.bags(), "74 g of 80 in each");
        assertEquals(Icing.Vessel.BAG, pour.bowls().get(1).portions().get(0).vessel(), "none is left");
        assertEquals(Icing.Vessel.BAG, pour.bowls().get(2).portions().get(0).vessel(), "piping goes in a bag");
    }

    @Test
    void tipsThatGoFromBagToBagAreTold() {
        Pour pour = pour(
                with(Habit.COUPLERS, 0),
                colour("rose", portion(50, 20, "1")),
                colour("navy", portion(50, 20, "1")),
                colour("mist", portion(50, 20, "1", "2")));
        List<TipUse> few = TipUse.tooFew(pour, List.of("navy", "rose", "mist"), ShopSettings.house());
        assertEquals(List.of(new TipUse("1", 2, List.of("navy", "rose", "mist"))), few);
        ShopSettings one = ShopSettings.house();
        assertTrue(TipUse.tooFew(pour, List.of("navy", "mist"), one).isEmpty(), "two are enough for two");
    }
}
