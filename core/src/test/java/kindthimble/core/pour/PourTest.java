package kindthimble.core.pour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Icing;
import kindthimble.core.move.Dip;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Move;
import kindthimble.core.move.Outline;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

class PourTest {
    private static final ShopSettings SHOP = ShopSettings.house();
    private static final BaseRecipe BASE = HouseRecipes.MERINGUE_POWDER;
    private static final Allowance ONE_IN_FIFTY = new Allowance.Risk(0.02);

    private static Cookie cookie(double sizeMm, Double marginMm, Move... moves) {
        return new Measuring(Kitchens.of(SHOP, 15, Palette.UNKNOWN)).measure(Moves.round(sizeMm, marginMm, moves));
    }

    private static Pour pour(Allowance allowance, double breakage, CookieSet.Line... lines) {
        return new Pouring(Kitchens.of(SHOP, BASE), allowance)
                .of(new Tally(BASE, breakage).of(new CookieSet(List.of(lines))));
    }

    private static final Outline OUTLINE = Moves.outline("navy");
    private static final Flood FLOOD = Moves.flood("poppy");

    /** A bowl that feeds nothing but the flood of the 24 worked rounds (docs/craft.md). */
    @Test
    void workedFlood() {
        Cookie outlined = cookie(80, 3.0, OUTLINE, FLOOD);
        Cookie floodOnly = new Cookie(
                outlined.design(),
                outlined.baked(),
                outlined.iced(),
                outlined.marks().subList(1, 2),
                List.of(),
                List.of(),
                List.of(),
                0,
                Map.of(),
                false,
                Map.of());
        Pour.Bowl bowl = pour(ONE_IN_FIFTY, 0, new CookieSet.Line("a", floodOnly, 24))
                .bowls()
                .get(0);
        assertEquals(277.1, bowl.cookiesGrams(), 0.05);
        assertEquals(23.2, bowl.sigmaGrams(), 0.05);
        assertEquals(47.6, bowl.spareGrams(), 0.05);
        assertEquals(0.02, bowl.risk(), 1e-6);
    }

    @Test
    void riskOfTheOrderIsSharedByItsColours() {
        Pour pour = pour(
                ONE_IN_FIFTY,
                5,
                new CookieSet.Line("a", cookie(80, 3.0, OUTLINE, FLOOD, Moves.dots("white", 6, 5)), 24));
        assertEquals(3, pour.bowls().size());
        // One in 149 each would do if each bowl had a hand of its own; they share it.
        pour.bowls().forEach(bowl -> assertTrue(bowl.risk() > 1 / 149.0 && bowl.risk() < 0.02));
        assertEquals(0.02, pour.riskOfOrder(), 1e-6);
        assertEquals(2, pour.spares());
    }

    @Test
    void flatSchoolAddsTheSameShareToEveryColour() {
        Pour pour = pour(new Allowance.Flat(12), 5, new CookieSet.Line("a", cookie(80, null, OUTLINE, FLOOD), 40));
        pour.bowls().forEach(bowl -> assertEquals(0.12, bowl.spareGrams() / bowl.cookiesGrams(), 1e-9));
    }

    @Test
    void sameCookiesListedInAnyWayTakeTheSame() {
        Cookie cookie = cookie(80, null, OUTLINE, FLOOD);
        Pour once = pour(ONE_IN_FIFTY, 0, new CookieSet.Line("a", cookie, 36));
        Pour split = pour(
                ONE_IN_FIFTY,
                0,
                new CookieSet.Line("a", cookie, 11),
                new CookieSet.Line("b", cookie, 24),
                new CookieSet.Line("c", cookie, 1));
        assertEquals(once.balance().inGrams(), split.balance().inGrams(), 1e-6);
        assertEquals(once.bowls().get(0).spareGrams(), split.bowls().get(0).spareGrams(), 1e-9);
    }

    @Test
    void bagsHoldNoMoreThanTheirFill() {
        Pour pour = pour(ONE_IN_FIFTY, 5, new CookieSet.Line("a", cookie(90, null, OUTLINE, FLOOD), 200));
        for (Pour.Bowl bowl : pour.bowls()) {
            for (Pour.Portion portion : bowl.portions()) {
                double fill =
                        portion.largeBags() ? SHOP.mean(Habit.LARGE_BAG_FILL_GRAMS) : SHOP.mean(Habit.BAG_FILL_GRAMS);
                assertTrue(portion.gramsPerBag() <= fill + 1e-6);
                double oneBagFewer = (portion.cookiesGrams() + portion.spareGrams()) / Math.max(1, portion.bags() - 1);
                assertTrue(portion.bags() == 1 || oneBagFewer > fill - 8, "a bag too many");
            }
        }
    }

    @Test
    void smallOrderFillsTheMixerToItsLeastAndSaysSo() {
        Pour pour = pour(ONE_IN_FIFTY, 0, new CookieSet.Line("a", cookie(30, null, FLOOD), 2));
        assertEquals(1, pour.batches().size());
        assertTrue(pour.batches().get(0).madeGrams() >= SHOP.mean(Habit.MIXER_LEAST_GRAMS));
        assertTrue(pour.batchCaution().contains("300"));
        assertTrue(pour.balance().surplusGrams() > 200);
    }

    @Test
    void orderWithNothingInItTakesNothing() {
        Pour pour = pour(ONE_IN_FIFTY, 5);
        assertTrue(pour.batches().isEmpty());
        assertEquals(0, pour.balance().inGrams());
        assertEquals(0, pour.riskOfOrder(), 1e-12);
    }

    /** A dip bowl keeps what a cookie can't reach, and a scraper what sticks to it at each load of 40 g. */
    @Test
    void dipBowlAndScraperKeepTheirs() {
        Pour.Portion dip = pour(ONE_IN_FIFTY, 0, new CookieSet.Line("a", cookie(80, 3.0, Moves.dip("sky")), 24))
                .bowls()
                .get(0)
                .portions()
                .get(0);
        assertEquals(Icing.Vessel.DIP_BOWL, dip.vessel());
        assertEquals(80, dip.finishedGrams() - dip.cookiesGrams() - dip.spareGrams(), 1e-9);
        Pour stencilled = pour(
                new Allowance.Flat(0),
                0,
                new CookieSet.Line("a", cookie(80, 3.0, FLOOD, Moves.stencil("coal", 50)), 100));
        Pour.Portion print = stencilled.bowls().stream()
                .filter(bowl -> bowl.colour().equals("coal"))
                .findFirst()
                .orElseThrow()
                .portions()
                .get(0);
        // 100 x 4,488.8 mm2 x 0.5 x 0.3 mm at 1.2965 g/ml: 87.3 g, three loads.
        assertEquals(87.3, print.cookiesGrams(), 0.1);
        assertEquals(3 * 4, print.keptGrams(), 1e-9);
        Pour plain = pour(new Allowance.Flat(0), 0, new CookieSet.Line("a", cookie(80, 3.0, FLOOD), 100));
        assertEquals(plain.bags(), stencilled.bags(), "a stencil takes no bag");
    }

    /** The larger of 2 pieces and 15 % more, 30 % where they break easily, rounded up. */
    @Test
    void transfersAreMadeWithSpares() {
        double each = cookie(80, 3.0, FLOOD, Moves.transfer("coal", SmallForm.DISC, 20, 1)).marks().stream()
                .filter(on -> on.mark().ahead() != null)
                .mapToDouble(on -> on.mark().grams(BASE))
                .sum();
        assertEquals(26 * each, ahead(SmallForm.DISC, 20, 22), 1e-6, "15 % of 22 is 3.3");
        assertEquals(6 * each, ahead(SmallForm.DISC, 20, 4), 1e-6, "at least two");
        double thin = ahead(SmallForm.LEAF, 3, 1) / 3;
        assertEquals(29 * thin, ahead(SmallForm.LEAF, 3, 22), 1e-6, "30 % of 22 is 6.6");
    }

    private static double ahead(SmallForm form, double sizeMm, int cookies) {
        Cookie cookie = cookie(80, 3.0, FLOOD, Moves.transfer("coal", form, sizeMm, 1));
        Demand demand = new Tally(BASE, 0).of(new CookieSet(List.of(new CookieSet.Line("a", cookie, cookies))));
        return demand.colours().stream()
                .filter(colour -> colour.colour().equals("coal"))
                .flatMap(colour -> colour.portions().stream())
                .filter(portion -> portion.consistency().countSeconds() == Habits.HOUSE.mean(Habit.MEDIUM_SECONDS))
                .mapToDouble(Demand.Portion::grams)
                .sum();
    }

    /** Whole eggs only: 240 g of sugar to each white of 33 g, as many as reach what is wanted. */
    @Test
    void freshWhitesComeWhole() {
        BaseRecipe fresh = HouseRecipes.ALL.get(1);
        Pour pour = new Pouring(Kitchens.of(SHOP, fresh), ONE_IN_FIFTY)
                .of(new Tally(fresh, 5)
                        .of(new CookieSet(List.of(new CookieSet.Line("a", cookie(80, null, OUTLINE, FLOOD), 40)))));
        Pour.Weighed white = pour.batches().get(0).weighed().get(1);
        assertEquals(white.pieces() * 33, white.grams(), 1e-9);
        assertTrue(white.pieces() >= 1);
        assertEquals(
                white.pieces() * 240, pour.batches().get(0).weighed().get(0).grams(), 1);
        assertTrue(pour.batches().get(0).madeGrams() >= pour.batches().get(0).wantedGrams());
        double oneFewer = (white.pieces() - 1) * 273.0;
        assertTrue(oneFewer < pour.batches().get(0).wantedGrams(), "an egg too many");
    }

    /** A marbled dip is one bowl that keeps 80 g, shared by the grams of its two colours; a plain one beside it keeps its own. */
    @Test
    void marbledDipIsOneBowl() {
        Cookie marbled = cookie(80, 3.0, new Dip("poppy", "white", 20.0, null, null));
        Pour pour = pour(new Allowance.Flat(0), 0, new CookieSet.Line("a", marbled, 24));
        assertEquals(2, pour.bowls().size());
        assertEquals(80, pour.balance().bagsGrams(), 1e-9);
        Pour.Portion poppy = pour.bowls().get(0).portions().get(0);
        assertEquals(80 * poppy.cookiesGrams() / pour.balance().cookiesGrams(), poppy.keptGrams(), 1e-9);
        Pour both = pour(
                new Allowance.Flat(0),
                0,
                new CookieSet.Line("a", marbled, 24),
                new CookieSet.Line("b", cookie(80, 3.0, Moves.dip("white")), 10));
        assertEquals(160, both.balance().bagsGrams(), 1e-9);
    }

    /** Whole eggs need not come out even between the batches: all of them together round up by less than one. */
    @Test
    void unevenBatchesWasteLessThanAnEgg() {
        BaseRecipe fresh = HouseRecipes.ALL.get(1);
        double eggMakes = 33 + 240.0;
        for (double base : new double[] {280, 1300, 1390, 2800, 4711, 11_400, 23_456}) {
            Batches batches = Batches.of(base, Kitchens.of(SHOP, fresh));
            assertTrue(batches.surplusGrams() < eggMakes + 1, () -> base + " g leaves " + batches.surplusGrams());
            double made = 0;
            for (Pour.Batch batch : batches.list()) {
                assertTrue(batch.madeGrams() <= SHOP.mean(Habit.MIXER_MOST_GRAMS) + 1
                        && batch.madeGrams() >= SHOP.mean(Habit.MIXER_LEAST_GRAMS));
                assertEquals(
                        batch.weighed().get(1).pieces() * 33,
                        batch.weighed().get(1).grams(),
                        1e-9);
                made += batch.madeGrams();
            }
            assertEquals(
                    base + batches.list().size() * SHOP.mean(Habit.MIXER_KEEPS_GRAMS) + batches.surplusGrams(),
                    made,
                    0.01);
        }
    }

    /** Gel of 2.4 % brings a stiff 80 s down to 53 s; with 14 % of water in the base, sugar brings it back. */
    @Test
    void gelDoesNotThinWhatIsStiff() {
        assertEquals(52.9, 80 * Math.exp(-0.23 * 0.75 * 2.4), 0.1);
        double water = 100 * (75 + 4) / 563.0;
        double sugar = 100 * 454 / 563.0;
        BaseRecipe.Change change = BASE.to(new Consistency(80), 0.75 * 2.4, 0);
        assertEquals(0, change.waterGrams(), 1e-9);
        assertEquals(water / sugar, (water + 0.75 * 2.4) / (sugar + change.sugarGrams()), 1e-12);
        // Half of it is wanted anyway at 60 s, and the rest of the water is stirred in.
        double wanted = Math.log(80 / 60.0) / 0.23;
        assertEquals(wanted - 0.5, BASE.to(new Consistency(60), 0.5, 0).waterGrams(), 1e-9);
        Pour pour = new Pouring(
                        Kitchens.of(SHOP, BASE),
                        ONE_IN_FIFTY,
                        new Pouring.Wishes(Set.of(), List.of(), Map.of("poppy", 0.03), Map.of(), Map.of()))
                .of(new Tally(BASE, 0)
                        .of(new CookieSet(List.of(
                                new CookieSet.Line("a", cookie(80, null, Moves.outline("poppy"), FLOOD), 40)))));
        Pour.Portion piping = pour.bowls().get(0).portions().get(0);
        double gel = 100 * piping.gelGrams() / piping.baseGrams();
        double inBase = 100 * piping.sugarGrams() / piping.baseGrams();
        // Sugar to water as in the base with just the water that 50 s ask for.
        assertEquals(
                sugar / (water + Math.log(80 / 50.0) / 0.23),
                (sugar + inBase) / (water + 0.75 * gel + 100 * piping.waterGrams() / piping.baseGrams()),
                1e-9);
    }

    /** One icing needs no bag of its own for outlines, without outlines nothing is piped, and a dip takes 1.2 mm. */
    @Test
    void schoolsOfFilling() {
        Design design = Moves.round(80, 3.0, Moves.outline("poppy"), FLOOD);
        Map<Filling, Pour> poured = new EnumMap<>(Filling.class);
        for (Filling filling : Filling.values()) {
            Cookie cookie = new Measuring(Kitchens.of(SHOP, 15, Palette.UNKNOWN, filling)).measure(design);
            poured.put(filling, pour(ONE_IN_FIFTY, 0, new CookieSet.Line("a", cookie, 5)));
        }
        assertEquals(2, poured.get(Filling.WALL_AND_FLOOD).bags());
        assertEquals(1, poured.get(Filling.ONE_ICING).bags());
        assertEquals(1, poured.get(Filling.NO_OUTLINE).bags());
        assertEquals(0, poured.get(Filling.DIP).bags());
        Cookie plain = cookie(80, 3.0, FLOOD);
        assertEquals(
                5 * plain.grams(BASE), poured.get(Filling.NO_OUTLINE).balance().cookiesGrams(), 1e-6);
        Cookie dipped = cookie(80, 3.0, Moves.dip("poppy"));
        assertEquals(5 * dipped.grams(BASE), poured.get(Filling.DIP).balance().cookiesGrams(), 1e-6);
    }

    @Test
    void colourSetApartAlmostNeverRunsOut() {
        CookieSet set = new CookieSet(List.of(new CookieSet.Line("a", cookie(80, null, OUTLINE, FLOOD), 40)));
        for (Allowance school : List.of(ONE_IN_FIFTY, new Allowance.Flat(1))) {
            Pour pour = new Pouring(Kitchens.of(SHOP, BASE), school, new Pouring.Wishes(Set.of("navy"), List.of()))
                    .of(new Tally(BASE, 5).of(set));
            Pour.Bowl navy = pour.bowls().stream()
                    .filter(bowl -> bowl.colour().equals("navy"))
                    .findFirst()
                    .orElseThrow();
            assertEquals(0.001, navy.risk(), 1e-9);
        }
    }

    /** 60 g at 15 s hold 60 / 1.07278 of base: so much less is mixed, and its water less is stirred in. */
    @Test
    void jarIsSubtractedFromItsBowl() {
        CookieSet set = new CookieSet(List.of(new CookieSet.Line("a", cookie(80, null, FLOOD), 40)));
        Demand demand = new Tally(BASE, 5).of(set);
        Pour without = new Pouring(Kitchens.of(SHOP, BASE), ONE_IN_FIFTY).of(demand);
        Pour with = new Pouring(
                        Kitchens.of(SHOP, BASE),
                        ONE_IN_FIFTY,
                        new Pouring.Wishes(Set.of(), List.of(new Jar("j", "poppy", 60, 15))))
                .of(demand);
        assertEquals(60 / 1.07278, without.baseGrams() - with.baseGrams(), 0.01);
        assertEquals(60, with.balance().jarsGrams(), 1e-9);
        Pour thin = new Pouring(
                        Kitchens.of(SHOP, BASE),
                        ONE_IN_FIFTY,
                        new Pouring.Wishes(Set.of(), List.of(new Jar("j", "poppy", 60, 10))))
                .of(demand);
        assertEquals(without.baseGrams(), thin.baseGrams(), 1e-9, "what is too thin already serves nothing");
    }
}
