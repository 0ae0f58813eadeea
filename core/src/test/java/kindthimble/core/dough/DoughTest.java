package kindthimble.core.dough;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

class DoughTest {
    private static final Region ROUND = new Cutter(new BasicForm.Round(), Across.WIDTH, 80).baked(0);
    private static final DoughRecipe PLAIN = DoughRecipe.HOUSE.get(0);

    private static Dough dough(int iced, int bare) {
        return Dough.of(List.of(new Dough.Cut(1, iced, bare, ROUND)), 6, PLAIN, Habits.HOUSE);
    }

    /** A disc of 80 mm, 6 mm thick, has 30.16 ml. */
    @Test
    void roundsWeighWhatTheirVolumeSays() {
        assertEquals(36.19, Dough.pieceGrams(ROUND.areaMm2(), 6, Habits.HOUSE), 0.02);
        Dough dough = dough(72, 0);
        assertEquals(72 * 36.19, dough.cutGrams(), 1.5);
        assertEquals(dough.cutGrams() * 0.91, dough.bakedGrams(), 1e-9);
        assertEquals(
                dough.cutGrams() * 10 / 6,
                Dough.of(List.of(new Dough.Cut(1, 72, 0, ROUND)), 10, PLAIN, Habits.HOUSE)
                        .cutGrams(),
                1e-6);
    }

    /** What goes in is what is cut, what is lost, and what the last whole egg makes more. */
    @Test
    void whatGoesInComesOut() {
        for (int pieces = 1; pieces < 200; pieces += 7) {
            Dough dough = dough(pieces, 2);
            double in = dough.weighed().stream()
                    .mapToDouble(Dough.WeighedOut::grams)
                    .sum();
            assertEquals(dough.grams(), in, 1e-6);
            assertTrue(in * 0.95 >= dough.cutGrams() - 1e-6, "enough");
            Dough.WeighedOut eggs = dough.weighed().stream()
                    .filter(one -> one.ingredient().equals("egg"))
                    .findFirst()
                    .orElseThrow();
            assertEquals(50.0 * eggs.pieces(), eggs.grams(), 1e-9);
            double eggLess = in * (eggs.pieces() - 1) / eggs.pieces();
            assertTrue(eggLess * 0.95 < dough.cutGrams(), "one egg less would not do");
            for (DoughIngredient one : PLAIN.ingredients()) {
                double grams = dough.weighed().stream()
                        .filter(weighed -> weighed.ingredient().equals(one.name()))
                        .mapToDouble(Dough.WeighedOut::grams)
                        .sum();
                assertEquals(one.grams() / PLAIN.grams(), grams / in, 1e-9, one.name());
            }
        }
    }

    @Test
    void byGramsNothingIsMadeBeyondNeed() {
        List<DoughIngredient> free = PLAIN.ingredients().stream()
                .map(one -> new DoughIngredient(one.name(), one.grams(), null, one.allergens(), null, null))
                .toList();
        Dough dough = Dough.of(
                List.of(new Dough.Cut(1, 10, 0, ROUND)), 6, new DoughRecipe("free", "Free", free, null), Habits.HOUSE);
        assertEquals(dough.cutGrams() / 0.95, dough.grams(), 1e-6);
    }

    @Test
    void nothingTakesNothing() {
        assertEquals(0, dough(0, 0).grams(), 1e-12);
        assertEquals(0, Dough.Cut.of(1, 0, null, ROUND, Habits.HOUSE).pieces());
        assertEquals(13, Dough.Cut.of(1, 12, null, ROUND, Habits.HOUSE).pieces());
        assertEquals(15, Dough.Cut.of(1, 12, 3, ROUND, Habits.HOUSE).pieces());
    }

    @Test
    void oneCookieMeasuredAcrossGivesTheSpread() {
        assertEquals(2.5, DoughRecipe.spreadPercent(80, 82));
        assertEquals(-2.5, DoughRecipe.spreadPercent(80, 78));
    }

    @Test
    void aShopFallsBackOnADoughThatItHas() {
        ShopSettings shop = ShopSettings.house();
        assertEquals("Dark cocoa", shop.dough("dark-cocoa").name());
        assertEquals("Plain vanilla", shop.dough(null).name());
        assertEquals("Plain vanilla", shop.dough("put away").name());
    }

    @Test
    void whatIsWrongIsNamed() {
        refused("doughs[0].name", new DoughRecipe("a", " ", PLAIN.ingredients(), null));
        refused("doughs[0].ingredients", new DoughRecipe("a", "A", List.of(), null));
        refused("doughs[0].spreadPercent", new DoughRecipe("a", "A", PLAIN.ingredients(), 99.0));
        DoughIngredient heavy = new DoughIngredient("flour", 1e9, null, null, null, null);
        refused("doughs[0].ingredients[0].grams", new DoughRecipe("a", "A", List.of(heavy), null));
        assertEquals(
                "doughs[1].key",
                assertThrows(Refused.class, () -> DoughRecipe.check(List.of(PLAIN, PLAIN)))
                        .field());
    }

    private static void refused(String field, DoughRecipe recipe) {
        assertEquals(
                field,
                assertThrows(Refused.class, () -> DoughRecipe.check(List.of(recipe)))
                        .field());
    }

    /** What was begun stays; what is lacking is made beside it, and together it does for all pieces, with no egg more than has to be broken for that. */
    @Test
    void moreDoughIsMadeForMorePieces() {
        double begun = dough(24, 2).grams();
        List<Dough.Making> same = dough(24, 2).makings(Map.of(0, begun), PLAIN, Habits.HOUSE);
        assertEquals(List.of(true), same.stream().map(Dough.Making::isBegun).toList(), "nothing is made twice");
        Dough wanted = dough(60, 2);
        List<Dough.Making> makings = wanted.makings(Map.of(0, begun), PLAIN, Habits.HOUSE);
        assertEquals(2, makings.size());
        assertEquals(begun, makings.get(0).dough().grams(), 1e-9);
        Dough more = makings.get(1).dough();
        assertEquals(
                more.grams(),
                more.weighed().stream().mapToDouble(Dough.WeighedOut::grams).sum(),
                1e-6);
        assertEquals(62, makings.stream().mapToInt(one -> one.dough().pieces()).sum());
        double cut = wanted.cutGrams() / 0.95;
        assertTrue(begun + more.grams() >= cut - 1e-6, "it does for all of them");
        assertTrue(begun + more.grams() * (1 - 1.0 / eggs(more)) < cut, "one egg less would not do");
        assertEquals(
                3,
                dough(100, 2)
                        .makings(Map.of(0, begun, 1, more.grams()), PLAIN, Habits.HOUSE)
                        .size());
    }

    /** For less than half a piece nobody makes dough: the rest is rolled a hair thinner. */
    @Test
    void whatIsLessThanHalfAPieceIsNotMadeMore() {
        Dough dough = dough(24, 2);
        double piece = dough.cutGrams() / 26;
        double just = dough.cutGrams() / 0.95;
        assertEquals(
                1,
                dough.makings(Map.of(0, just - 0.4 * piece), PLAIN, Habits.HOUSE)
                        .size());
        assertEquals(
                2,
                dough.makings(Map.of(0, just - 0.6 * piece), PLAIN, Habits.HOUSE)
                        .size());
    }

    /** Of a dough that was taken back, what is lacking is made in its place. */
    @Test
    void whatWasTakenBackIsMadeAgain() {
        double second = 500;
        List<Dough.Making> makings = dough(60, 2).makings(Map.of(1, second), PLAIN, Habits.HOUSE);
        assertEquals(List.of(0, 1), makings.stream().map(Dough.Making::nth).toList());
        assertEquals(
                List.of(false, true),
                makings.stream().map(Dough.Making::isBegun).toList());
        assertTrue(makings.get(0).dough().grams() + second >= dough(60, 2).cutGrams() / 0.95 - 1e-6);
    }

    private static int eggs(Dough dough) {
        return dough.weighed().stream().mapToInt(Dough.WeighedOut::pieces).sum();
    }
}
