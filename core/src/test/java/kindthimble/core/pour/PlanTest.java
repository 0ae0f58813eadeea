package kindthimble.core.pour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.ThinningCurve;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Icing;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

/** What follows from a pour: its ladder, its order of work, bowls worth joining and the list to buy. */
class PlanTest {
    private static final ShopSettings SHOP = ShopSettings.house();
    private static final BaseRecipe BASE = HouseRecipes.MERINGUE_POWDER;
    private static final Allowance FLAT = new Allowance.Flat(10);
    private static final Palette PALETTE = new Palette(Map.of(
            "coal", Lab.ofHex("#3A3330"),
            "gold", Lab.ofHex("#FFB14E"),
            "amber", Lab.ofHex("#FFB450"),
            "white", Lab.ofHex("#F6F6F0")));

    private static Pour pour(int kites, String from, String into) {
        Cookie kite = new Measuring(Kitchens.of(SHOP, 15, PALETTE))
                .measure(Moves.round(80, null, Moves.outline("gold"), Moves.flood("gold"), Moves.line("coal")));
        Cookie star = new Measuring(Kitchens.of(SHOP, 15, PALETTE))
                .measure(Moves.round(50, null, Moves.flood("amber"), Moves.beads("white", 3)));
        CookieSet set =
                new CookieSet(List.of(new CookieSet.Line("kite", kite, kites), new CookieSet.Line("star", star, 12)));
        return new Pouring(Kitchens.of(SHOP, BASE), FLAT)
                .of(new Tally(BASE, 5, key -> key.equals(from) ? into : key).of(set));
    }

    private static Pour pour(int kites) {
        return pour(kites, null, null);
    }

    /** Gold is piped at 50 s and flooded at 15 s: w = 2.043 and 7.278 in 100 g. */
    @Test
    void ladderComesDownFromStiffToThin() {
        Pour.Bowl gold = bowl(pour(24), "gold");
        List<Ladder.Rung> steps = Ladder.of(gold);
        double base = gold.baseGrams() - SHOP.mean(Habit.BOWL_KEEPS_GRAMS);
        double first = gold.portions().get(0).baseGrams();
        assertEquals(base * 0.02043, steps.get(0).waterGrams(), 0.01);
        assertEquals((base - first) * (0.07278 - 0.02043), steps.get(1).waterGrams(), 0.01);
        assertEquals(
                steps.get(1).inBowlGrams() + steps.get(1).waterGrams(),
                steps.get(1).takenGrams(),
                1e-9);
    }

    /** A base of 30 s: what is stiffer comes out first, unthinned, and gets its sugar. */
    @Test
    void ladderOfALooserBaseTakesSugarOutsideTheBowl() {
        BaseRecipe loose = new BaseRecipe("l", "Loose", BASE.ingredients(), new ThinningCurve(30, 0.23), "");
        Cookie cookie = new Measuring(Kitchens.of(SHOP, 15, PALETTE))
                .measure(Moves.round(80, null, Moves.outline("gold"), Moves.flood("gold")));
        Pour pour = new Pouring(Kitchens.of(SHOP, loose), FLAT)
                .of(new Tally(loose, 5).of(new CookieSet(List.of(new CookieSet.Line("a", cookie, 24)))));
        List<Ladder.Rung> steps = Ladder.of(pour.bowls().get(0));
        assertEquals(0, steps.get(0).waterGrams());
        assertTrue(steps.get(0).sugarGrams() > 0);
        assertTrue(steps.get(1).waterGrams() > 0);
        assertEquals(pour.balance().inGrams(), pour.balance().outGrams(), 0.01);
        assertTrue(pour.balance().sugarGrams() > 0);
    }

    @Test
    void darkBowlsAreTintedFirstAndEveryGramIsBaggedOnce() {
        Pour pour = pour(24);
        List<MixingOrder.Step> steps = MixingOrder.of(pour, Kitchens.of(PALETTE));
        assertEquals(MixingOrder.Doing.MIX, steps.get(0).doing());
        assertEquals(
                List.of("coal", "gold", "amber", "white"),
                steps.stream()
                        .filter(step -> step.doing() == MixingOrder.Doing.TINT)
                        .map(MixingOrder.Step::colour)
                        .toList());
        assertEquals(
                pour.bowls().stream()
                        .flatMap(bowl -> bowl.portions().stream())
                        .mapToDouble(Pour.Portion::finishedGrams)
                        .sum(),
                steps.stream()
                        .filter(step -> step.doing() == MixingOrder.Doing.THIN)
                        .mapToDouble(MixingOrder.Step::grams)
                        .sum(),
                1e-6);
        assertEquals(
                Minutes.of(pour, Habits.HOUSE),
                steps.stream().mapToDouble(MixingOrder.Step::minutes).sum(),
                1e-9);
        assertTrue(steps.stream().allMatch(step -> step.coveredGrams() >= 0));
    }

    /** Gold and amber are near twins, coal is a tiny bowl: joining saves what the bowl and its bag keep, and part of the spare. */
    @Test
    void nearTwinsAndTinyBowlsAreWorthJoining() {
        Pour pour = pour(24);
        List<Joining.Advice> advice = Joining.of(pour, Kitchens.of(PALETTE), (from, into) -> pour(24, from, into));
        Joining.Advice twins = advice.get(0);
        assertEquals("amber", twins.from());
        assertEquals("gold", twins.into());
        assertTrue(twins.deltaE() < 5);
        assertEquals(List.of("star"), twins.designs());
        Pour joined = pour(24, "amber", "gold");
        assertEquals(
                pour.baseGrams()
                        - joined.baseGrams()
                        + pour.balance().waterGrams()
                        - joined.balance().waterGrams(),
                twins.gramsSaved(),
                1e-6);
        assertTrue(twins.minutesSaved() >= 4 + 3);
        assertTrue(advice.stream().anyMatch(a -> a.from().equals("coal")));
    }

    /** Tip 1 and 2 of the house are two each; a third bag with one has to wait for it. */
    @Test
    void tipsOfWhichThereAreTooFewGoFromBagToBag() {
        List<String> order = List.of("coal", "gold", "amber", "white");
        assertTrue(TipUse.tooFew(pour(24), order, SHOP).isEmpty());
        Pour many = pour(24 * 60);
        List<TipUse> uses = TipUse.tooFew(many, order, SHOP);
        int bags = bowl(many, "gold").portions().get(0).bags();
        assertTrue(bags >= 2);
        TipUse two =
                uses.stream().filter(use -> use.tip().equals("2")).findFirst().orElseThrow();
        assertEquals(
                bags + bowl(many, "white").portions().get(0).bags(), two.bags().size());
        assertEquals("gold", two.bags().get(0));
    }

    /** A bottle of 60 ml holds 80 g and keeps 6: floods come out of bottles as far as there are any. */
    @Test
    void floodsComeOutOfBottlesWhereThereAreAny() {
        ShopSettings bottled = SHOP.with(Habit.BOTTLES, 5);
        Cookie round =
                new Measuring(Kitchens.of(bottled, 15, PALETTE)).measure(Moves.round(80, null, Moves.flood("gold")));
        Demand demand = new Tally(BASE, 0).of(new CookieSet(List.of(new CookieSet.Line("a", round, 20))));
        Pour.Portion flood = new Pouring(Kitchens.of(bottled, BASE), FLAT)
                .of(demand)
                .bowls()
                .get(0)
                .portions()
                .get(0);
        assertEquals(Icing.Vessel.BOTTLE, flood.vessel());
        assertEquals(Math.ceil((flood.cookiesGrams() + flood.spareGrams()) / 74), flood.bags());
        assertTrue(flood.gramsPerBag() <= 80);
        Pour.Portion bagged = new Pouring(Kitchens.of(SHOP, BASE), FLAT)
                .of(demand)
                .bowls()
                .get(0)
                .portions()
                .get(0);
        assertEquals(Icing.Vessel.BAG, bagged.vessel());
        assertEquals(2, bagged.cutMm());
    }

    @Test
    void shoppingIsWhatTheShelfLacksInPacks() {
        Pour pour = pour(24);
        double sugar = pour.batches().get(0).weighed().get(0).grams();
        List<Shopping.ToBuy> lines =
                Shopping.of(pour, Kitchens.of(SHOP, BASE), Map.of("icing sugar", 100.0, "bags", 500.0));
        Shopping.ToBuy first = lines.get(0);
        assertEquals("icing sugar", first.name());
        assertEquals(sugar, first.needed(), 1e-9);
        assertEquals(sugar - 100, first.missing(), 1e-9);
        assertEquals(1, first.packs());
        assertEquals(2.4, first.cost(), 1e-9);
        assertTrue(lines.stream().noneMatch(line -> line.name().equals("water")));
        Shopping.ToBuy bags = lines.stream()
                .filter(line -> line.name().equals("bags"))
                .findFirst()
                .orElseThrow();
        assertEquals(0, bags.packs());
    }

    private static Pour.Bowl bowl(Pour pour, String colour) {
        return pour.bowls().stream()
                .filter(bowl -> bowl.colour().equals(colour))
                .findFirst()
                .orElseThrow();
    }
}
