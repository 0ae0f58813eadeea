package kindthimble.core.pour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.mark.Icing;
import kindthimble.core.move.Dip;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Move;
import kindthimble.core.move.Outline;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.ShopSettings;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

class PourTest {
    private static final ShopSettings SHOP = HouseDefaults.shop();
    private static final BaseRecipe BASE = HouseDefaults.MERINGUE_POWDER;
    private static final Allowance ONE_IN_FIFTY = new Allowance.Risk(0.02);

    private static Cookie cookie(double sizeMm, Double marginMm, Move... moves) {
        return new Measuring(SHOP, 15, Palette.UNKNOWN).measure(Moves.round(sizeMm, marginMm, moves));
    }

    private static Pour pour(Allowance allowance, double breakage, CookieSet.Line... lines) {
        return new Pouring(SHOP, BASE, allowance).of(new Tally(BASE, breakage).of(new CookieSet(List.of(lines))));
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
                new CookieSet.Line("a", cookie(80, 3.0, OUTLINE, FLOOD, Moves.dots("white", 6, 5)), 24));
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
                .filter(portion -> portion.consistency().countSeconds() == HouseDefaults.MEDIUM_SECONDS)
                .mapToDouble(Demand.Portion::grams)
                .sum();
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
                    moves.add(Moves.dots(pick(random, colours), 1 + random.nextInt(9), 1 + random.nextDouble() * 4));
                }
                if (random.nextBoolean()) {
                    moves.add(Moves.line(pick(random, colours)));
                }
                if (random.nextInt(4) == 0) {
                    moves.add(Moves.stencil(pick(random, colours), 1 + random.nextInt(90)));
                }
                if (random.nextInt(4) == 0) {
                    moves.add(Moves.transfer(pick(random, colours), SmallForm.STAR, 8, 1 + random.nextInt(3)));
                }
                if (random.nextInt(3) == 0) {
                    moves.removeIf(Flood.class::isInstance);
                    moves.add(new Dip(
                            pick(random, colours),
                            random.nextBoolean() ? pick(random, colours) : null,
                            null,
                            null,
                            null));
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
