package kindthimble.core.pour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import kindthimble.core.colour.Palette;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

/** What is mixed more, and what is too much, once mixing has begun. */
class DifferenceTest {
    private static final ShopSettings SHOP = ShopSettings.house();
    private static final BaseRecipe BASE = HouseRecipes.MERINGUE_POWDER;
    private static final Allowance FLAT = new Allowance.Flat(10);
    private static final Kitchen KITCHEN = Kitchens.of(SHOP, BASE);
    private static final Measuring MEASURING = new Measuring(Kitchens.of(SHOP, 15, Palette.UNKNOWN));
    private static final Cookie KITE =
            MEASURING.measure(Moves.round(80, null, Moves.outline("gold"), Moves.flood("gold"), Moves.line("coal")));
    private static final Cookie STAR =
            MEASURING.measure(Moves.round(50, null, Moves.flood("amber"), Moves.beads("white", 3)));

    private static Pour pour(int kites, int stars) {
        return new Pouring(KITCHEN, FLAT)
                .of(new Tally(BASE, 5)
                        .of(new CookieSet(List.of(
                                new CookieSet.Line("kite", KITE, kites), new CookieSet.Line("star", STAR, stars)))));
    }

    private static Pour more(Difference difference) {
        return difference.pouring(KITCHEN).of(difference.missing());
    }

    private static double goesOn(Pour.Bowl bowl) {
        return bowl.cookiesGrams() + bowl.spareGrams();
    }

    /** On cookies and beside them, by colour. */
    private static Map<String, Double> goesOn(List<Pour> pours) {
        return pours.stream()
                .flatMap(pour -> pour.bowls().stream())
                .collect(Collectors.groupingBy(Pour.Bowl::colour, Collectors.summingDouble(DifferenceTest::goesOn)));
    }

    /** Twelve more kites take half as much again of what 24 take, and bags and bowls keep their share once more. */
    @Test
    void whatIsMissingIsMixedMore() {
        Pour begun = pour(24, 12);
        assertTrue(Difference.between(List.of(begun), pour(24, 12)).isNothing());
        assertTrue(Difference.between(List.of(begun), pour(24, 12)).colours().isEmpty());
        Difference difference = Difference.between(List.of(begun), pour(36, 12));
        assertEquals(
                List.of("coal", "gold"),
                difference.colours().stream()
                        .map(Difference.OfColour::colour)
                        .sorted()
                        .toList());
        Pour more = more(difference);
        Map<String, Double> had = goesOn(List.of(begun));
        Map<String, Double> wanted = goesOn(List.of(pour(36, 12)));
        for (Pour.Bowl bowl : more.bowls()) {
            assertEquals(
                    wanted.get(bowl.colour()) - had.get(bowl.colour()),
                    goesOn(bowl),
                    1e-9,
                    "what is missing, and no more");
            assertEquals(SHOP.mean(Habit.BOWL_KEEPS_GRAMS), bowl.keptGrams(), 1e-9);
            assertTrue(bowl.portions().stream().allMatch(portion -> portion.keptGrams() > 0));
        }
        assertEquals(1, more.batches().size());
    }

    /** Whatever comes after whatever: what was mixed and what is mixed more is what is wanted now, and base that is left over is used once. */
    @Test
    void begunAndMoreAreWhatIsWantedNow() {
        Random random = new Random(7);
        for (int run = 0; run < 40; run++) {
            int kites = 6 + random.nextInt(30);
            int stars = random.nextInt(20);
            List<Pour> begun = new ArrayList<>(List.of(pour(kites, stars)));
            for (int change = 0; change < 3; change++) {
                kites += random.nextInt(25);
                stars += random.nextInt(25);
                Pour now = pour(kites, stars);
                Difference difference = Difference.between(begun, now);
                if (!difference.isNothing()) {
                    Pour more = more(difference);
                    assertEquals(more.balance().inGrams(), more.balance().outGrams(), 1e-6, "what goes in comes out");
                    double made = more.batches().stream()
                            .mapToDouble(Pour.Batch::madeGrams)
                            .sum();
                    assertEquals(
                            more.baseGrams()
                                    + more.balance().mixerGrams()
                                    + more.balance().surplusGrams(),
                            made + more.balance().leftBaseGrams(),
                            1e-6);
                    begun.add(more);
                }
                Map<String, Double> wanted = goesOn(List.of(now));
                goesOn(begun).forEach((colour, grams) -> assertEquals(wanted.get(colour), grams, 0.5 + 1e-9, colour));
                assertTrue(Difference.between(begun, now).isNothing(), "nothing is missing twice");
            }
            double left = Difference.between(begun, pour(kites, stars)).leftBaseGrams();
            double made = begun.stream()
                    .flatMap(pour -> pour.batches().stream())
                    .mapToDouble(Pour.Batch::madeGrams)
                    .sum();
            double used = begun.stream()
                    .mapToDouble(pour -> pour.baseGrams() + pour.balance().mixerGrams())
                    .sum();
            assertEquals(made - used, left, 1e-6, "what was made and went nowhere");
        }
    }

    @Test
    void whatServesNobodyIsTooMuch() {
        Pour begun = pour(36, 12);
        Difference fewer = Difference.between(List.of(begun), pour(24, 12));
        assertTrue(fewer.isNothing() && fewer.colours().size() == 2);
        Map<String, Double> wanted = goesOn(List.of(pour(24, 12)));
        for (Difference.OfColour one : fewer.colours()) {
            assertEquals(0, one.missingGrams());
            assertEquals(
                    goesOn(List.of(begun)).get(one.colour()) - wanted.get(one.colour()),
                    one.tooMuchGrams(),
                    1e-9,
                    one.colour());
        }
    }

    /** A thinner flood is made of what was mixed for the thicker one: water does it, and nothing is mixed for nothing. */
    @Test
    void anotherCountIsMixedMoreOnlyWhereWaterDoesNotDoIt() {
        assertTrue(between(15, 12).isNothing(), "15 s is thinned to 12");
        Difference stiffer = between(12, 15);
        assertFalse(stiffer.isNothing(), "what is thin already can't be thickened");
        assertEquals(15, more(stiffer).bowls().get(0).portions().get(0).countSeconds());
        assertTrue(stiffer.colours().get(0).tooMuchGrams() > 100, "and what is too thin serves nobody");
    }

    private static Difference between(double before, double after) {
        return Difference.between(List.of(flooded(before)), flooded(after));
    }

    private static Pour flooded(double seconds) {
        // The coat as thick as ever: only the count is another one.
        Cookie cookie = MEASURING.measure(Moves.round(80, 3.0, Moves.flood("gold")));
        OnCookie on = cookie.marks().get(0);
        Coat coat = (Coat) on.mark();
        Mark other = new Coat(
                new Icing("gold", new Consistency(seconds), null),
                coat.regions(),
                coat.thicknessMm(),
                coat.volumeMm3());
        Cookie counted = new Cookie(
                cookie.design(),
                cookie.baked(),
                cookie.iced(),
                List.of(new OnCookie(0, 1, other)),
                List.of(),
                List.of(),
                List.of(),
                0,
                Map.of(),
                false,
                Map.of());
        return new Pouring(Kitchens.of(SHOP, BASE), FLAT)
                .of(new Tally(BASE, 0).of(new CookieSet(List.of(new CookieSet.Line("a", counted, 24)))));
    }
}
