package kindthimble.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Whether bags reach, from what was pressed; against days by chance. */
class BagStandingTest {
    private static final Instant START = Instant.parse("2026-12-04T09:00:00Z");
    private static final double COOKIE = 0.12;
    private static final double HAND = 0.08;
    private static final BagUse ONE = bags(1, 206, new BagUse.Iced("run", 24, 8, 6));

    private int ids;

    private static BagUse bags(int bags, double full, BagUse.Iced... drinks) {
        return new BagUse("poppy 15 s", List.of(new BagUse.Fill(bags, full, "bagged", 1)), 8, List.of(drinks));
    }

    private BenchEvent event(int minute, BenchEvent.Pressed what, String step, double amount, String words) {
        return new BenchEvent("e" + ids++, START.plusSeconds(60L * minute), "tablet", what, step, amount, words);
    }

    private List<BenchEvent> iced(String step, int n) {
        List<BenchEvent> events = new ArrayList<>();
        for (int i = 1; i <= n; i++) {
            events.add(event(i, BenchEvent.Pressed.ICED, step, i, ""));
        }
        return events;
    }

    private BenchEvent weighed(double grams) {
        return event(30, BenchEvent.Pressed.BAG, "run", grams, "poppy 15 s");
    }

    private static BagStanding standing(BagUse bag, List<BenchEvent> events) {
        return BagStanding.of(bag, events, COOKIE, HAND);
    }

    private static List<BenchEvent> and(List<BenchEvent> some, BenchEvent... more) {
        List<BenchEvent> all = new ArrayList<>(some);
        all.addAll(List.of(more));
        return all;
    }

    /** 206 g for 24 cookies; after 6 of them 141.5 g are left, of which 8 stay in the bag. */
    @Test
    void aBagThatWillNotReachIsSaidEarly() {
        BagStanding short6 = standing(ONE, and(iced("run", 6), weighed(141.5)));
        assertEquals(10.75 / 8, short6.forecast().times(), 1e-9);
        assertEquals(12.4, short6.reaches(), 0.05);
        assertEquals(60, short6.forecast().shortGrams(), 0.01);
        assertTrue(short6.forecast().chance() > 0.99);
        assertEquals(6, short6.fewer());
        assertEquals((18 * 10.75 - 60) / (18 * 10.75), short6.leaner(), 1e-9);
        assertEquals(66, short6.wantedGrams(), "a tenth more than lacks");
        assertFalse(standing(bags(1, 260, ONE.drinks().get(0)), and(iced("run", 6), weighed(212)))
                .forecast()
                .isShort());
    }

    @Test
    void untilItIsWeighedItIsByThePlan() {
        BagStanding standing = standing(ONE, iced("run", 6));
        assertEquals(206 - 48, standing.leftGrams(), 1e-9);
        assertEquals(18, standing.toGo());
        assertFalse(standing.isWeighed());
        assertFalse(standing.isShort(), "so many cookies were planned");
        List<BenchEvent> again = new ArrayList<>(iced("run", 6));
        for (int i = 1; i <= 3; i++) {
            again.add(event(20, BenchEvent.Pressed.REDONE, "run", i, ""));
        }
        assertTrue(standing(ONE, again).isShort(), "27 of 8 g out of 198 g");
    }

    /** What was weighed in counts, not what was planned: 3 % less in the bag is 3 % less to ice with. */
    @Test
    void theBagBeginsWithWhatWasWeighedIn() {
        BenchEvent in = event(0, BenchEvent.Pressed.WEIGHED, "bagged", 200, "bag 1");
        BagStanding standing = standing(ONE, and(iced("run", 6), in, weighed(152)));
        assertEquals(1, standing.forecast().times(), 1e-9, "48 g for six of 8 g");
        assertEquals(200 - 48, standing(ONE, and(iced("run", 6), in)).leftGrams(), 1e-9);
    }

    @Test
    void fullBagsBesideItCountAndEmptyOnesAreEmpty() {
        BagUse two = bags(2, 110, ONE.drinks().get(0));
        BagStanding first = standing(two, and(iced("run", 6), weighed(62)));
        assertEquals(1, first.forecast().times(), 1e-9);
        assertEquals((62 + 110 - 16) / 8.0, first.reaches(), 1e-9);
        assertEquals(2, first.bagsLeft());
        BagStanding second = standing(two, and(iced("run", 14), weighed(100)));
        assertEquals((110 - 8 + 10) / (14 * 8.0), second.forecast().times(), 1e-9);
        assertEquals((100 - 8) / (8 * second.forecast().times()), second.reaches(), 1e-9);
        assertEquals(1, second.bagsLeft());
    }

    /** Eight bags and 126 cookies, of which 24 are iced: what is left is in all of them together. */
    @Test
    void ofASetAllBagsCount() {
        BagUse eight = bags(8, 110, new BagUse.Iced("run", 126, 6, 6));
        assertEquals(
                8 * 110 - 24 * 6 - 8,
                standing(eight, iced("run", 24)).leftGrams(),
                1e-9,
                "the first one keeps its 8 g");
    }

    @Test
    void whatIsIcedOnceMoreWhatIsLostAndWhatWasToppedUpCount() {
        List<BenchEvent> day = and(iced("run", 6), weighed(141.5));
        BagStanding redone = standing(ONE, and(day, event(31, BenchEvent.Pressed.REDONE, "run", 6, "")));
        assertEquals(19, redone.toGo());
        assertEquals(60 + 10.75, redone.forecast().shortGrams(), 1e-9);
        BagStanding again = standing(
                ONE,
                and(
                        day,
                        event(31, BenchEvent.Pressed.REDONE, "run", 6, ""),
                        event(33, BenchEvent.Pressed.ICED, "run", 6, "")));
        assertEquals(18, again.toGo());
        assertEquals(141.5 - 10.75, again.leftGrams(), 1e-9);
        BagStanding inHand = standing(ONE, and(day, event(31, BenchEvent.Pressed.REDONE, "run", 7, "")));
        assertEquals(18, inHand.toGo());
        assertEquals(
                17,
                standing(ONE, and(day, event(31, BenchEvent.Pressed.BROKE, "run", 7, "")))
                        .toGo());
        BagStanding topped = standing(ONE, and(day, event(31, BenchEvent.Pressed.ADDED, "run", 60, "poppy 15 s")));
        assertEquals(201.5, topped.leftGrams(), 1e-9);
        assertEquals(0, topped.forecast().shortGrams(), 1e-9);
        assertEquals(
                141.5,
                standing(ONE, and(day, event(31, BenchEvent.Pressed.ADDED, "run", 60, "another")))
                        .leftGrams());
    }

    /** Two orders of 24 and their spares on one white bowl, 13 of 52 iced at 1.2 times the plan: worked out by hand, 0.64. */
    @Test
    void cookiesOfAnotherOrderDrinkFromItToo() {
        double each = 9.6;
        double sigma = each * Math.sqrt(Math.pow(HAND * 52, 2) + COOKIE * COOKIE * 52);
        double full = 52 * each + 2.054 * sigma + 8;
        BagUse white = bags(1, full, new BagUse.Iced("one", 26, each, each), new BagUse.Iced("other", 26, each, each));
        BagStanding standing = standing(white, and(iced("one", 13), weighed(full - 13 * each * 1.2)));
        assertEquals(39, standing.toGo());
        assertEquals(0.64, standing.forecast().chance(), 0.01);
        assertEquals(16, standing.forecast().shortGrams(), 0.5);
        BagStanding alone =
                standing(bags(1, full, white.drinks().get(0)), and(iced("one", 13), weighed(full - 13 * each * 1.2)));
        assertTrue(alone.forecast().chance() < 1e-6, "it would do for one of them");
    }

    /** A trial says what is short where coats are fuller; lines stay as they are. */
    @Test
    void fullerCoatsTakeMoreAndLinesDoNot() {
        assertEquals(24 * (8 + 6 * 0.3) - 198, standing(ONE, List.of()).shortGrams(ONE, List.of(), 1.3), 1e-9);
        assertEquals(0, standing(ONE, List.of()).shortGrams(ONE, List.of(), 1));
    }

    /** The chance, against days by chance: a hand and cookies as they are said to vary, and of those only where the first took what they took. */
    @Test
    void theChanceIsThatOfDaysByChance() {
        Random random = new Random(9);
        int seen = 0;
        int ranOut = 0;
        double used = 6 * 8 + 4 * 3 + 5;
        while (seen < 4_000) {
            double hand = 1 + HAND * random.nextGaussian();
            double first = hand * (6 * 8 + 4 * 3) + Math.sqrt(6 * 64 + 4 * 9) * COOKIE * random.nextGaussian();
            if (Math.abs(first - used) > 0.5) {
                continue;
            }
            seen++;
            double rest = hand * (18 * 8 + 20 * 3) + Math.sqrt(18 * 64 + 20 * 9) * COOKIE * random.nextGaussian();
            ranOut += rest > 223 - 8 ? 1 : 0;
        }
        BagUse two = bags(1, 223 + used, new BagUse.Iced("run", 24, 8, 8), new BagUse.Iced("other", 24, 3, 3));
        List<BenchEvent> events = and(iced("run", 6), weighed(223));
        events.addAll(iced("other", 4));
        double chance = standing(two, events).forecast().chance();
        assertTrue(chance > 0.1 && chance < 0.9, "a day that may go either way: " + chance);
        assertEquals((double) ranOut / seen, chance, 0.03);
    }

    /** 110 g by the plan and 60 g more: 8 and 8 stay, 154 g are for 24 cookies; after 13 of 8 g each the first bag is empty. */
    @Test
    void whatIsMixedMoreIsABagOfTheSameKind() {
        BagUse more = new BagUse(
                "poppy 15 s",
                List.of(new BagUse.Fill(1, 110, "bagged", 1), new BagUse.Fill(1, 60, "bagged more", 1)),
                8,
                List.of(new BagUse.Iced("run", 24, 8, 6)));
        BagStanding none = standing(more, List.of());
        assertEquals(170, none.leftGrams(), 1e-9);
        assertEquals(2, none.bagsLeft());
        BagStanding after = standing(more, iced("run", 13));
        assertEquals(170 - 8 - 104, after.leftGrams(), 1e-9);
        assertEquals(1, after.bagsLeft());
        BagStanding filled = standing(
                more,
                and(
                        iced("run", 13),
                        event(0, BenchEvent.Pressed.WEIGHED, "bagged more", 50, "bag 1"),
                        event(0, BenchEvent.Pressed.WEIGHED, "bagged", 112, "bag 1")));
        assertEquals(162 - 8 - 104, filled.leftGrams(), 1e-9, "each by what was weighed into it");
    }

    /** 110 and 60 g, of which 8 stay in each: 102 come out of the first, and then the second one is in hand. */
    @Test
    void theBagInHandIsTheOneThatIsNotEmpty() {
        BagUse two = new BagUse(
                "poppy 15 s",
                List.of(new BagUse.Fill(1, 110, "bagged", 1), new BagUse.Fill(1, 60, "bagged more", 1)),
                8,
                List.of());
        assertEquals(110, two.inHand(0, List.of()), 1e-9);
        assertEquals(10, two.inHand(100, List.of()), 1e-9);
        assertEquals(60, two.inHand(102, List.of()), 1e-9);
        assertEquals(50, two.inHand(112, List.of()), 1e-9);
        assertEquals(8, two.inHand(500, List.of()), 1e-9, "what stays in it stays");
    }
}
