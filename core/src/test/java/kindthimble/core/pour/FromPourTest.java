package kindthimble.core.pour;

import static kindthimble.core.pour.Wanted.HOUSE;
import static kindthimble.core.pour.Wanted.colour;
import static kindthimble.core.pour.Wanted.demand;
import static kindthimble.core.pour.Wanted.portion;
import static kindthimble.core.pour.Wanted.pour;
import static kindthimble.core.pour.Wanted.with;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.Kitchen;
import org.junit.jupiter.api.Test;

/** What follows from a pour: batches, ladders, minutes, jars, and which bowls are worth joining, each against sums by hand. */
class FromPourTest {
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

    @Test
    void minutesAreThoseOfBatchesBowlsConsistenciesAndBags() {
        Pour pour = pour(
                HOUSE,
                new Pouring.Wishes(Set.of(), List.of(), Map.of("white", 0.0), Map.of(), Map.of()),
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
                Map.of("mist", new Pouring.LetDown("navy", 0.25)),
                Map.of());
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
        assertEquals(Optional.of("white"), Jar.bowlFor(Lab.ofHex("#F5F5EF"), null, bowls, Map.of(), Habits.HOUSE));
        assertEquals(Optional.of("cream"), Jar.bowlFor(Lab.ofHex("#F3EFE0"), null, bowls, Map.of(), Habits.HOUSE));
        Lab off = Lab.ofHex("#E0E8F0");
        assertEquals(Optional.empty(), Jar.bowlFor(off, null, bowls, Map.of(), Habits.HOUSE));
        assertEquals(
                Optional.of("white"),
                Jar.bowlFor(off, null, bowls, Map.of(), Habits.HOUSE.with(Habit.JAR_FITS_DELTA_E, 20)));
        assertEquals(Optional.empty(), Jar.bowlFor(off, null, new Palette(Map.of()), Map.of(), Habits.HOUSE));
    }

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
                number, number, List.of(new CommonBowls.Colour("c", name, Lab.ofHex(hex), null, null, null)));
    }
}
