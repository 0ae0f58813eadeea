package kindthimble.core.pour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import kindthimble.core.tint.Gel;
import kindthimble.core.tint.Mixture;
import kindthimble.core.tint.ReferenceGels;
import kindthimble.core.tint.TintRecipe;
import kindthimble.core.tint.TintSolver;
import kindthimble.core.tint.WhiteIcing;
import org.junit.jupiter.api.Test;

/** Gel in the pour, and shades that come out of one mother bowl. */
class FamiliesTest {
    private static final ShopSettings SHOP = ShopSettings.house();
    private static final BaseRecipe BASE = HouseRecipes.MERINGUE_POWDER;
    private static final Palette PALETTE = new Palette(
            Map.of("navy", Lab.ofHex("#4A5E8C"), "mist", Lab.ofHex("#8FADC8"), "white", Lab.ofHex("#F6F6F0")));

    private static Pour pour(Map<String, Double> gelShares, Map<String, Pouring.LetDown> letDowns, List<Jar> jars) {
        Cookie cookie = new Measuring(Kitchens.of(SHOP, 15, PALETTE))
                .measure(Moves.round(80, null, Moves.outline("navy"), Moves.flood("mist"), Moves.beads("white", 3)));
        return new Pouring(
                        Kitchens.of(SHOP, BASE),
                        new Allowance.Flat(10),
                        new Pouring.Wishes(Set.of(), jars, gelShares, letDowns, Map.of()))
                .of(new Tally(BASE, 5).of(new CookieSet(List.of(new CookieSet.Line("a", cookie, 40)))));
    }

    private static Pour.Bowl bowl(Pour pour, String colour) {
        return pour.bowls().stream()
                .filter(b -> b.colour().equals(colour))
                .findFirst()
                .orElseThrow();
    }

    /** At 15 s, 100 g of base take 7.278 g of water; 2 g of gel bring 1.5 g of that, and 2 g of mass. */
    @Test
    void gelCountsWithItsMassAndItsWater() {
        Pour.Bowl mist = bowl(pour(Map.of("mist", 0.02), Map.of(), List.of()), "mist");
        Pour.Portion flood = mist.portions().get(0);
        assertEquals(0.05778, flood.waterGrams() / flood.baseGrams(), 1e-5);
        assertEquals(0.02 * flood.baseGrams(), flood.gelGrams(), 1e-9);
        double wanted = flood.cookiesGrams() + flood.spareGrams() + flood.keptGrams();
        assertEquals(wanted, flood.baseGrams() * 1.07778, 1e-3);
        assertEquals(0.02 * mist.mixedGrams(), mist.gelGrams(), 1e-9);
    }

    @Test
    void motherGrowsByWhatIsLetDown() {
        Map<String, Double> gels = Map.of("navy", 0.01, "mist", 0.002, "white", 0.0);
        Pour alone = pour(gels, Map.of(), List.of());
        Pour family = pour(gels, Map.of("mist", new Pouring.LetDown("navy", 0.2)), List.of());
        Pour.Bowl mist = bowl(family, "mist");
        Pour.Bowl navy = bowl(family, "navy");
        assertEquals(0.2 * mist.baseGrams(), mist.letDown().motherBaseGrams(), 1e-6);
        assertEquals(0.8 * mist.baseGrams(), mist.letDown().whiteGrams(), 1e-6);
        assertEquals(1.01 * 0.2 * mist.baseGrams(), mist.letDown().motherGrams(), 1e-6);
        assertEquals(bowl(alone, "navy").mixedGrams() + 0.2 * mist.baseGrams(), navy.mixedGrams(), 1e-6);
        assertEquals(0, mist.gelGrams());
        assertEquals(0.002, mist.gelShare(), 1e-9, "a fifth of the mother's");
        assertEquals(alone.baseGrams(), family.baseGrams(), 1e-6, "no more base than on its own");
        assertEquals(family.balance().inGrams(), family.balance().outGrams(), 0.01);
        assertTrue(bowl(family, "white").untinted());
    }

    @Test
    void aJarOfTheLightShadeIsTakenFirst() {
        Map<String, Double> gels = Map.of("navy", 0.01);
        Map<String, Pouring.LetDown> letDowns = Map.of("mist", new Pouring.LetDown("navy", 0.2));
        Pour.Bowl without = bowl(pour(gels, letDowns, List.of()), "mist");
        Pour.Bowl with = bowl(pour(gels, letDowns, List.of(new Jar("j", "mist", 50, 15))), "mist");
        double fromJar = with.fromJars().get(0).baseGrams();
        assertEquals(
                without.letDown().motherBaseGrams() - 0.2 * fromJar,
                with.letDown().motherBaseGrams(),
                1e-6);
    }

    @Test
    void aMotherThatNoCookieTakesOrThatIsLetDownItselfHoldsNot() {
        assertNull(bowl(pour(Map.of(), Map.of("mist", new Pouring.LetDown("plum", 0.2)), List.of()), "mist")
                .letDown());
        Map<String, Pouring.LetDown> round =
                Map.of("mist", new Pouring.LetDown("navy", 0.2), "navy", new Pouring.LetDown("mist", 0.5));
        pour(Map.of(), round, List.of()).bowls().forEach(bowl -> assertNull(bowl.letDown()));
    }

    @Test
    void lightShadeOfANavyIsOfferedAsALetDown() {
        Pour pour = pour(Map.of("white", 0.0), Map.of(), List.of());
        TintSolver solver = new TintSolver(WhiteIcing.PLAIN, ReferenceGels.ALL, Habits.HOUSE);
        Map<String, LettingDown.Tinted> tinted = new HashMap<>();
        for (Pour.Bowl bowl : pour.bowls()) {
            TintRecipe recipe = solver.solve(PALETTE.colours().get(bowl.colour()), bowl.mixedGrams(), 3)
                    .recipe();
            Map<Gel, Double> drops = new HashMap<>();
            recipe.doses()
                    .forEach(dose -> drops.put(
                            ReferenceGels.find(dose.gel()).orElseThrow(),
                            dose.grams() / Gel.DROP_GRAMS * 100 / bowl.mixedGrams()));
            tinted.put(
                    bowl.colour(),
                    new LettingDown.Tinted(recipe, Mixture.absorption(WhiteIcing.PLAIN, drops, Gel.RESTED_HOURS)));
        }
        List<LettingDown.Advice> advice = LettingDown.of(pour, Kitchens.of(PALETTE), tinted, WhiteIcing.PLAIN);
        assertEquals(1, advice.size(), advice.toString());
        assertEquals("mist", advice.get(0).light());
        assertEquals("navy", advice.get(0).mother());
        assertTrue(advice.get(0).minutesSaved() > 0);
        assertTrue(advice.get(0).shade().share() > 0.05 && advice.get(0).shade().share() < 0.6);
    }
}
