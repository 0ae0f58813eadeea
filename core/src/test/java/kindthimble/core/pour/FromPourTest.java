package kindthimble.core.pour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Supply;
import kindthimble.core.testing.Kitchens;
import org.junit.jupiter.api.Test;

/** What follows from a pour: batches, bags, ladders, minutes, tips, jars and what is bought, each against sums by hand. */
class FromPourTest {
    private static final BaseRecipe BASE = HouseRecipes.MERINGUE_POWDER;
    private static final Kitchen HOUSE = Kitchens.of(ShopSettings.house(), BASE);

    private static Kitchen with(Habit habit, double mean) {
        return HOUSE.with(habit, mean);
    }

    private static Demand.Portion portion(double count, double grams, String... tips) {
        return new Demand.Portion(
                new Consistency(count),
                Icing.Vessel.BAG,
                List.of(tips),
                List.of(new Demand.Drink("a", 0, grams, 1, 0, 0)));
    }

    private static Demand demand(Demand.OfColour... colours) {
        return new Demand(1, 0, List.of(colours));
    }

    private static Demand.OfColour colour(String key, Demand.Portion... portions) {
        return new Demand.OfColour(key, 0, List.of(portions));
    }

    private static Pour pour(Kitchen kitchen, Pouring.Wishes wishes, Demand demand) {
        return new Pouring(kitchen, new Allowance.Flat(0), wishes).of(demand);
    }

    private static Pour pour(Kitchen kitchen, Demand.OfColour... colours) {
        return pour(kitchen, Pouring.Wishes.NONE, demand(colours));
    }

    // Batches

    @Test
    void mixerHoldsItsMostAndKeepsItsOwn() {
        for (double base : new double[] {100, 285, 286, 1385, 1386, 2770, 2771, 9999}) {
            Batches batches = Batches.of(base, HOUSE);
            int least = (int) Math.ceil(base / 1385 - 1e-9);
            assertEquals(least, batches.list().size(), () -> base + " g in as few as the mixer allows");
            batches.list().forEach(batch -> assertTrue(batch.madeGrams() <= 1400 + 3, batch.toString()));
            double made =
                    batches.list().stream().mapToDouble(Pour.Batch::madeGrams).sum();
            assertEquals(base + 15 * least + batches.surplusGrams(), made, 1e-6);
        }
        assertTrue(Batches.of(0, HOUSE).list().isEmpty());
    }

    @Test
    void tooLittleForTheMixerIsMadeUpToItsLeast() {
        Batches little = Batches.of(100, HOUSE);
        assertTrue(little.list().get(0).madeGrams() >= 300);
        assertEquals(185, little.surplusGrams(), 2, "300 less 15 that it keeps and 100 that are wanted");
        assertTrue(little.caution().contains("no less than 300 g"), little.caution());
        assertEquals("", Batches.of(285, HOUSE).caution());
        assertTrue(Batches.of(284, HOUSE).caution().contains("300 g"));
    }

    @Test
    void manyBatchesAreWarnedOfWithTheirMinutes() {
        assertEquals("", Batches.of(6 * 1385, HOUSE).caution());
        String caution = Batches.of(6 * 1385 + 1, HOUSE).caution();
        assertTrue(caution.startsWith("7 batches: that is 84 minutes"), caution);
        assertTrue(Batches.of(3 * 1385, with(Habit.MANY_BATCHES, 2)).caution().startsWith("3 batches"));
    }

    /** Powder goes by tenths of a gram below 20 g, sugar by whole ones, both up. */
    @Test
    void scaleRoundsUp() {
        Habits house = Habits.HOUSE;
        assertEquals(20, Batches.onScale(20, house));
        assertEquals(21, Batches.onScale(20.01, house));
        assertEquals(19.9, Batches.onScale(19.81, house), 1e-9);
        assertEquals(0.1, Batches.onScale(0.01, house), 1e-9);
        assertEquals(25, Batches.onScale(20.01, house.with(Habit.SCALE_STEP_GRAMS, 5)));
        assertEquals(21, Batches.onScale(20.2, house.with(Habit.FINE_SCALE_BELOW_GRAMS, 0)));
    }

    // Bags

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

    // Water and sugar, bowls and ladders

    @Test
    void ladderGivesEachPortionItsWater() {
        Pour.Bowl bowl = pour(
                        HOUSE, colour("rose", portion(50, 40, "2"), portion(36, 30), portion(15, 100), portion(3, 20)))
                .bowls()
                .get(0);
        List<Ladder.Rung> rungs = Ladder.of(bowl);
        assertEquals(4, rungs.size());
        double inBowl =
                bowl.portions().stream().mapToDouble(Pour.Portion::baseGrams).sum();
        double water = 0;
        for (int i = 0; i < rungs.size(); i++) {
            Ladder.Rung rung = rungs.get(i);
            assertEquals(inBowl, rung.inBowlGrams(), 1e-9);
            assertTrue(rung.waterGrams() >= 0);
            inBowl += rung.waterGrams() - rung.takenGrams();
            water += rung.waterGrams();
            assertEquals(bowl.portions().get(i).finishedGrams(), rung.takenGrams(), 1e-9);
        }
        assertEquals(0, inBowl, 1e-9, "the bowl is empty, but for what sticks to it");
        assertEquals(
                bowl.portions().stream().mapToDouble(Pour.Portion::waterGrams).sum(), water, 1e-9);
    }

    @Test
    void stifferThanTheBaseTakesSugar() {
        Kitchen loose = HOUSE.with(HouseRecipes.ALL.get(3));
        Pour.Portion stiff = pour(loose, colour("rose", portion(80, 50)))
                .bowls()
                .get(0)
                .portions()
                .get(0);
        assertEquals(0, stiff.waterGrams());
        assertTrue(stiff.sugarGrams() > 0);
        assertEquals(stiff.finishedGrams(), stiff.baseGrams() + stiff.sugarGrams(), 1e-9);
    }

    // Minutes

    @Test
    void minutesAreThoseOfBatchesBowlsConsistenciesAndBags() {
        Pour pour = pour(
                HOUSE,
                new Pouring.Wishes(Set.of(), List.of(), Map.of("white", 0.0), Map.of()),
                demand(colour("white", portion(50, 20, "2"), portion(15, 300)), colour("rose", portion(15, 50))));
        int bags = pour.bowls().stream()
                .flatMap(bowl -> bowl.portions().stream())
                .mapToInt(Pour.Portion::bags)
                .sum();
        assertEquals(12 + 1 + 4 + 3 * 3 + 1.5 * bags, Minutes.of(pour, Habits.HOUSE), 1e-9);
        Habits slow = Habits.HOUSE.with(Habit.BAG_MINUTES, 2.5).with(Habit.BATCH_MINUTES, 20);
        assertEquals(20 + 1 + 4 + 3 * 3 + 2.5 * bags, Minutes.of(pour, slow), 1e-9);
    }

    @Test
    void aBowlLetDownAndOneFromAJarTakeLess() {
        Pouring.Wishes wishes = new Pouring.Wishes(
                Set.of(),
                List.of(new Jar("1", "mist", 30, 15)),
                Map.of("navy", 0.02, "mist", 0.005),
                Map.of("mist", new Pouring.LetDown("navy", 0.25)));
        Pour pour = pour(HOUSE, wishes, demand(colour("navy", portion(15, 80)), colour("mist", portion(15, 80))));
        Pour.Bowl mist = pour.bowls().get(1);
        assertTrue(mist.letDown() != null && mist.fromJars().size() == 1);
        assertEquals(2 + 1 + 3 + 1.5, Minutes.of(mist, Habits.HOUSE), 1e-9, "let down, a jar, thinned, a bag");
        List<MixingOrder.Step> steps = MixingOrder.of(pour, HOUSE);
        assertEquals(
                Minutes.of(pour, Habits.HOUSE),
                steps.stream().mapToDouble(MixingOrder.Step::minutes).sum(),
                1e-9);
        assertTrue(steps.stream().anyMatch(step -> step.doing() == MixingOrder.Doing.LET_DOWN && step.minutes() == 2));
        assertTrue(steps.stream()
                .anyMatch(step -> step.doing() == MixingOrder.Doing.ADD_JAR && Math.abs(step.grams() - 30) < 1e-9));
    }

    // Jars

    @Test
    void jarsServeWhatIsNoStiffer() {
        Demand wanted = demand(colour("rose", portion(50, 40, "2"), portion(15, 60)));
        for (double count : new double[] {50, 15, 8}) {
            Pour.Bowl bowl = pour(
                            HOUSE, new Pouring.Wishes(Set.of(), List.of(new Jar("1", "rose", 500, count))), wanted)
                    .bowls()
                    .get(0);
            double served = bowl.fromJars().stream()
                    .mapToDouble(Pour.FromJar::baseGrams)
                    .sum();
            double all = bowl.portions().stream()
                    .filter(portion -> portion.countSeconds() <= count)
                    .mapToDouble(Pour.Portion::baseGrams)
                    .sum();
            assertEquals(all, served, 1e-9, count + " s");
            assertEquals(bowl.baseGrams() - served, bowl.mixedGrams(), 1e-9);
        }
    }

    @Test
    void jarFitsTheNearestBowlAsFarAsItMay() {
        Palette bowls = new Palette(Map.of("white", Lab.ofHex("#F6F6F0"), "cream", Lab.ofHex("#F3F0E2")));
        assertEquals(Optional.of("white"), Jar.bowlFor(Lab.ofHex("#F5F5EF"), bowls, Habits.HOUSE));
        assertEquals(Optional.of("cream"), Jar.bowlFor(Lab.ofHex("#F3EFE0"), bowls, Habits.HOUSE));
        Lab off = Lab.ofHex("#E0E8F0");
        assertEquals(Optional.empty(), Jar.bowlFor(off, bowls, Habits.HOUSE));
        assertEquals(Optional.of("white"), Jar.bowlFor(off, bowls, Habits.HOUSE.with(Habit.JAR_FITS_DELTA_E, 20)));
        assertEquals(Optional.empty(), Jar.bowlFor(off, new Palette(Map.of()), Habits.HOUSE));
    }

    // Tips

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

    // Shopping

    @Test
    void packsAreWholeAndTheShelfComesFirst() {
        Pour pour = pour(HOUSE, colour("rose", portion(15, 900)));
        Map<String, Double> shelf = new HashMap<>(Map.of("icing sugar", 100.0, "bags", 1.0));
        Map<String, Shopping.ToBuy> lines = new HashMap<>();
        Shopping.of(pour, HOUSE, shelf).forEach(line -> lines.put(line.name(), line));
        Shopping.ToBuy sugar = lines.get("icing sugar");
        double needed = pour.batches().get(0).weighed().get(0).grams();
        assertEquals(needed, sugar.needed(), 1e-9);
        assertEquals(needed - 100, sugar.missing(), 1e-9);
        assertEquals(Math.ceil((needed - 100) / 1000), sugar.packs(), 1e-9);
        assertEquals(2.4 * sugar.packs(), sugar.cost(), 1e-9);
        assertEquals(null, lines.get("water"));
        Shopping.ToBuy large = lines.get("large bags");
        assertEquals(4, large.needed(), "900 g in bags of 244");
        assertEquals(1, large.packs());
        assertTrue(large.unpriced());
    }

    @Test
    void boxesGoByCookiesAndNoneIsAllowed() {
        Demand thirteen = new Demand(13, 1, List.of(colour("rose", portion(15, 50))));
        Pour pour = pour(HOUSE, Pouring.Wishes.NONE, thirteen);
        assertEquals(3, named(Shopping.of(pour, HOUSE, Map.of()), "boxes").needed(), "13 in boxes of six");
        assertEquals(
                7,
                named(Shopping.of(pour, with(Habit.COOKIES_PER_BOX, 2), Map.of()), "boxes")
                        .needed());
        assertTrue(Shopping.of(pour, with(Habit.COOKIES_PER_BOX, 0), Map.of()).stream()
                .noneMatch(line -> line.name().equals("boxes")));
        assertEquals(
                1,
                named(Shopping.of(pour, with(Habit.BOXES_IN_A_PACK, 3), Map.of()), "boxes")
                        .packs());
        assertEquals(
                3,
                named(Shopping.of(pour, with(Habit.BOXES_IN_A_PACK, 1), Map.of()), "boxes")
                        .packs());
    }

    private static Shopping.ToBuy named(List<Shopping.ToBuy> lines, String name) {
        return lines.stream()
                .filter(line -> line.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void suppliesAreCountedAsTheyAreBought() {
        List<Supply> supplies = List.of(
                new Supply(Supply.Sort.PEARLS, "rose", 41.2),
                new Supply(Supply.Sort.MARKER, "navy", 61),
                new Supply(Supply.Sort.FILM, null, 530),
                new Supply(Supply.Sort.DUST, "rose", 0.111));
        List<Double> needed = new ArrayList<>();
        Shopping.supplies(
                        supplies, Map.of("pearls, Rose", 10.0), key -> key.equals("rose") ? "Rose" : key, Habits.HOUSE)
                .forEach(line -> needed.add(line.needed()));
        assertEquals(List.of(42.0, 2.0, 2.0, 0.2), needed, "whole pearls, markers and sheets, tenths of a gram");
        Shopping.ToBuy pearls = Shopping.supplies(supplies, Map.of("pearls, rose", 10.0), key -> key, Habits.HOUSE)
                .get(0);
        assertEquals(32, pearls.missing(), 1e-9);
        assertEquals(
                1,
                Shopping.supplies(supplies, Map.of(), key -> key, Habits.HOUSE.with(Habit.MARKER_METRES, 61))
                        .get(1)
                        .needed());
    }

    @Test
    void whatIsToBuyStandsFirst() {
        Shopping.ToBuy there = new Shopping.ToBuy("a", Shopping.Measure.GRAMS, 5, 10, 0, 0, null);
        Shopping.ToBuy lacking = new Shopping.ToBuy("b", Shopping.Measure.GRAMS, 15, 10, 0, 0, null);
        assertEquals(List.of(lacking, there), Shopping.toBuyFirst(List.of(there, lacking)));
        assertTrue(!there.unpriced() && lacking.unpriced());
        assertEquals(0, there.missing());
    }

    @Test
    void gelsAreBoughtByTheBottle() {
        Map<String, Shopping.Bottle> bottles = Map.of(
                "navy", new Shopping.Bottle("Navy", 12, 250, 4.6), "rose", new Shopping.Bottle("Rose", 90, 250, null));
        List<Shopping.ToBuy> lines =
                Shopping.gels(new TreeMap<>(Map.of("navy", 40.0, "rose", 40.0, "sky", 3.0)), bottles);
        assertEquals(1, named(lines, "Navy gel").packs());
        assertEquals(4.6, named(lines, "Navy gel").cost(), 1e-9);
        assertEquals(0, named(lines, "Rose gel").packs());
        assertTrue(!named(lines, "Rose gel").unpriced());
        assertTrue(named(lines, "sky gel").unpriced(), "no such bottle is on the shelf");
    }

    // Colour judgements

    @Test
    void joiningIsOfferedAsTheShopJudges() {
        Palette palette = new Palette(
                Map.of("rose", Lab.ofHex("#E8A0B4"), "pink", Lab.ofHex("#E5A3B9"), "navy", Lab.ofHex("#2A3E6C")));
        Kitchen kitchen = HOUSE.with(palette);
        Demand three = demand(
                colour("rose", portion(15, 90)), colour("pink", portion(15, 80)), colour("navy", portion(15, 200)));
        Pour pour = pour(kitchen, Pouring.Wishes.NONE, three);
        Demand two = demand(colour("rose", portion(15, 170)), colour("navy", portion(15, 200)));
        Pour joined = pour(kitchen, Pouring.Wishes.NONE, two);
        List<Joining.Advice> advice = Joining.of(pour, kitchen, (from, into) -> joined);
        assertEquals(1, advice.size());
        assertEquals("pink", advice.get(0).from());
        assertEquals("rose", advice.get(0).into());
        assertEquals(
                Minutes.of(pour, Habits.HOUSE) - Minutes.of(joined, Habits.HOUSE),
                advice.get(0).minutesSaved(),
                1e-9);
        assertTrue(Joining.of(pour, kitchen.with(Habit.NEAR_TWINS_DELTA_E, 0.5), (from, into) -> joined)
                .isEmpty());
        assertEquals(
                2,
                Joining.of(
                                pour,
                                kitchen.with(Habit.NEAR_TWINS_DELTA_E, 0.5).with(Habit.TINY_BOWL_GRAMS, 95.0),
                                (from, into) -> joined)
                        .size(),
                "rose and pink are tiny then");
    }

    @Test
    void coloursOfTwoOrdersShareABowlAsTheShopJudges() {
        List<CommonBowls.OfOrder> orders = List.of(order("1", "White", "#F6F6F0"), order("2", "Snow", "#F4F4EF"));
        assertEquals(1, CommonBowls.of(orders, Habits.HOUSE).bowls().size());
        CommonBowls apart = CommonBowls.of(orders, Habits.HOUSE.with(Habit.SAME_DELTA_E, 0.1));
        assertEquals(2, apart.bowls().size());
        assertEquals("2-c", apart.bowlOf("2", "c"));
    }

    private static CommonBowls.OfOrder order(String number, String name, String hex) {
        return new CommonBowls.OfOrder(
                number, number, List.of(new CommonBowls.Colour("c", name, Lab.ofHex(hex), null, null)));
    }
}
