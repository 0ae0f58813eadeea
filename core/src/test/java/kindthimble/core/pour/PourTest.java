package kindthimble.core.pour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.geometry.Across;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.move.Dot;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Line;
import kindthimble.core.move.Move;
import kindthimble.core.move.Outline;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.ShopSettings;
import org.junit.jupiter.api.Test;

class PourTest {
    private static final ShopSettings SHOP = HouseDefaults.shop();
    private static final BaseRecipe BASE = HouseDefaults.MERINGUE_POWDER;
    private static final Allowance ONE_IN_FIFTY = new Allowance.Risk(0.02);

    private static Cookie cookie(double sizeMm, Double marginMm, Move... moves) {
        return new Measuring(SHOP, 15)
                .measure(new Design(
                        1,
                        "Round",
                        new Cutter(new BasicForm.Round(), Across.WIDTH, sizeMm),
                        null,
                        marginMm,
                        List.of(moves)));
    }

    private static Pour pour(Allowance allowance, double breakage, CookieSet.Line... lines) {
        return new Pouring(SHOP, BASE, allowance).of(new Tally(BASE, breakage).of(new CookieSet(List.of(lines))));
    }

    private static final Outline OUTLINE = new Outline("navy", null, null, null, null);
    private static final Flood FLOOD = new Flood("poppy", null, null, null, null, null);

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
                List.of());
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
                new CookieSet.Line(
                        "a", cookie(80, 3.0, OUTLINE, FLOOD, new Dot("white", 6, 5, null, null, null, null)), 24));
        assertEquals(3, pour.bowls().size());
        pour.bowls().forEach(bowl -> assertEquals(149, 1 / bowl.risk(), 0.5));
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
                assertTrue(portion.gramsPerBag() <= SHOP.bagFillGrams() + 1e-6);
                double oneBagFewer = (portion.cookiesGrams() + portion.spareGrams()) / Math.max(1, portion.bags() - 1);
                assertTrue(portion.bags() == 1 || oneBagFewer > SHOP.bagFillGrams() - 8, "a bag too many");
            }
        }
    }

    @Test
    void smallOrderFillsTheMixerToItsLeastAndSaysSo() {
        Pour pour = pour(ONE_IN_FIFTY, 0, new CookieSet.Line("a", cookie(30, null, FLOOD), 2));
        assertEquals(1, pour.batches().size());
        assertTrue(pour.batches().get(0).madeGrams() >= SHOP.mixerLeastGrams());
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

    /** What goes in is on the cookies, spare, kept or surplus, for any order. */
    @Test
    void everyGramIsAccountedFor() {
        Random random = new Random(20261124);
        String[] colours = {"poppy", "navy", "white", "coal", "sky"};
        for (int order = 0; order < 300; order++) {
            List<CookieSet.Line> lines = new ArrayList<>();
            for (int d = 0; d < 1 + random.nextInt(6); d++) {
                List<Move> moves = new ArrayList<>();
                if (random.nextBoolean()) {
                    moves.add(new Outline(
                            pick(random, colours), pick(random, "1", "2", "3"), 30.0 + random.nextInt(51), null, null));
                }
                moves.add(new Flood(
                        pick(random, colours),
                        2.0 + random.nextInt(29),
                        0.5 + random.nextDouble(),
                        random.nextBoolean() ? "4" : null,
                        null,
                        null));
                if (random.nextBoolean()) {
                    moves.add(new Dot(
                            pick(random, colours),
                            1 + random.nextInt(9),
                            1 + random.nextDouble() * 4,
                            null,
                            null,
                            null,
                            null));
                }
                if (random.nextBoolean()) {
                    moves.add(new Line(pick(random, colours), null, null, null, null));
                }
                Collections.shuffle(moves, random);
                lines.add(new CookieSet.Line(
                        "d" + d,
                        cookie(30 + random.nextInt(90), null, moves.toArray(Move[]::new)),
                        random.nextInt(300)));
            }
            Allowance allowance = random.nextBoolean()
                    ? new Allowance.Risk(0.001 + random.nextDouble() * 0.4)
                    : new Allowance.Flat(random.nextInt(30));
            Pour pour = pour(allowance, random.nextInt(20), lines.toArray(CookieSet.Line[]::new));
            assertEquals(pour.balance().inGrams(), pour.balance().outGrams(), 0.01, "order " + order);
            // The same on cookies, counted from the designs alone.
            double onCookies = 0;
            for (CookieSet.Line line : lines) {
                onCookies += line.cookie().grams(BASE) * line.count();
            }
            assertTrue(pour.balance().cookiesGrams() >= onCookies - 0.01);
            pour.batches().forEach(batch -> assertTrue(batch.madeGrams() >= batch.wantedGrams() - 0.01));
        }
    }

    private static String pick(Random random, String... from) {
        return from[random.nextInt(from.length)];
    }
}
