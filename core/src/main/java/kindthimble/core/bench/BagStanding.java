package kindthimble.core.bench;

import java.util.Collection;
import java.util.List;
import java.util.Map;

/**
 * How bags stand: by their last weighing where there is one, else by what was weighed into them, or by the plan, less what was iced since. Of several bags
 * the one that is weighed is the one in hand: those before it are empty, those after it full.
 *
 * @param leftGrams in all of them together, what they keep with it
 * @param isWeighed whether one of them was weighed since it was filled
 * @param bagsLeft how many are not empty yet
 * @param toGo cookies that are still to be iced out of them
 * @param toGoGrams that those take by the plan
 * @param reaches for how many of them what is left would do, as it was iced so far
 * @param forecast whether they reach
 */
public record BagStanding(
        double leftGrams,
        boolean isWeighed,
        int bagsLeft,
        double toGo,
        double toGoGrams,
        double reaches,
        BagForecast forecast) {

    /** What was mixed in a hurry should have so many times what lacks. */
    private static final double TO_SPARE = 1.1;

    /**
     * @param events of all orders that are mixed together, in any order
     * @param cookieSpread coefficient of variation from cookie to cookie
     * @param handSpread coefficient of variation of the hand on the day
     */
    public static BagStanding of(BagUse bag, Collection<BenchEvent> events, double cookieSpread, double handSpread) {
        return new At(bag, Happened.standing(events)).standing(cookieSpread, handSpread);
    }

    /**
     * What bags lack where coats turn out fuller than planned, from now on.
     *
     * @param times how full, of the plan; lines and dots come out of a tip and stay
     * @return grams; 0 where they reach
     */
    public double shortGrams(BagUse bag, Collection<BenchEvent> events, double times) {
        Amount all = new At(bag, Happened.standing(events)).toGo();
        double usable = leftGrams - bagsLeft * bag.keepsGrams();
        return Math.max(0, all.planned.grams() + all.coatGrams * (times - 1) - usable);
    }

    /** Whether something should be done now: what was weighed says so; by the plan alone, only where the cookies to go take more than there is. */
    public boolean isShort() {
        return isWeighed ? forecast.isShort() : forecast.shortGrams() > 0;
    }

    /** Grams of a small bowl that makes up for what lacks; at least what one of the cookies takes. */
    public double wantedGrams() {
        double one = toGo > 0 ? toGoGrams / toGo : 0;
        return Math.ceil(Math.max(forecast.shortGrams(), one) * TO_SPARE);
    }

    /** How many of the cookies to go would have to be left out. */
    public int fewer() {
        double each = toGo > 0 ? toGoGrams / toGo * forecast.times() : 0;
        return each > 0 ? (int) Math.ceil(forecast.shortGrams() / each - 1e-9) : 0;
    }

    /** How full the cookies to go could be, of how they were iced so far; 1 where nothing lacks. */
    public double leaner() {
        double grams = toGoGrams * forecast.times();
        return grams > 0 ? Math.max(0, grams - forecast.shortGrams()) / grams : 1;
    }

    /** Cookies, and what they take. */
    private static final class Amount {
        private double cookies;
        private double coatGrams;
        private BagForecast.Planned planned = BagForecast.Planned.NONE;

        void add(double more, BagUse.Iced drink) {
            cookies += more;
            coatGrams += more * drink.coatGrams();
            planned = planned.and(more, drink.eachGrams());
        }
    }

    /** Bags, with what was pressed. */
    private record At(BagUse bag, List<BenchEvent> standing) {
        BagStanding standing(double cookieSpread, double handSpread) {
            int last = -1;
            for (int i = 0; i < standing.size(); i++) {
                if (isOf(standing.get(i), BenchEvent.Pressed.BAG)) {
                    last = i;
                }
            }
            Amount now = iced(standing);
            Amount toGo = toGo();
            double added = added(standing);
            double all = added;
            for (int nth = 1; nth <= bag.bags(); nth++) {
                all += full(nth);
            }
            if (last < 0) {
                BagForecast forecast = BagForecast.planned(
                        all - bag.bags() * bag.keepsGrams(), now.planned, toGo.planned, cookieSpread, handSpread);
                int empty = empty(now);
                double left = Math.max(
                        (bag.bags() - empty) * bag.keepsGrams(), all - empty * bag.keepsGrams() - now.planned.grams());
                return shown(left, false, empty, toGo, forecast);
            }
            List<BenchEvent> before = standing.subList(0, last + 1);
            Amount then = iced(before);
            double addedBefore = added(before);
            int empty = empty(then);
            double leftThen = standing.get(last).amount();
            for (int nth = empty + 2; nth <= bag.bags(); nth++) {
                leftThen += full(nth);
            }
            double more = added - addedBefore;
            double usable = Math.max(0, leftThen + more - (bag.bags() - empty) * bag.keepsGrams());
            Amount fromThen = all(then);
            BagForecast forecast = then.planned.grams() > 0
                    ? BagForecast.weighed(
                            BagUsed.at(bag, standing.get(last), before).usedGrams(),
                            usable,
                            then.planned,
                            fromThen.planned,
                            cookieSpread,
                            handSpread)
                    : BagForecast.planned(usable, then.planned, fromThen.planned, cookieSpread, handSpread);
            double since = (now.planned.grams() - then.planned.grams()) * forecast.times();
            return shown(Math.max(0, leftThen + more - since), true, empty, toGo, forecast);
        }

        private BagStanding shown(double left, boolean isWeighed, int empty, Amount toGo, BagForecast forecast) {
            int bags = bag.bags() - empty;
            double usable = Math.max(0, left - bags * bag.keepsGrams());
            double grams = toGo.planned.grams() * forecast.times();
            return new BagStanding(
                    left,
                    isWeighed,
                    bags,
                    toGo.cookies,
                    toGo.planned.grams(),
                    grams > 0 ? toGo.cookies * usable / grams : toGo.cookies,
                    forecast);
        }

        /** How many have run empty, as far as the plan can tell. */
        private int empty(Amount iced) {
            return bag.empty(iced.planned.grams(), standing);
        }

        private double full(int nth) {
            return bag.full(nth, standing);
        }

        private boolean isOf(BenchEvent event, BenchEvent.Pressed what) {
            return event.what() == what && event.words().equals(bag.key());
        }

        private double added(List<BenchEvent> events) {
            double grams = 0;
            for (BenchEvent event : events) {
                grams += isOf(event, BenchEvent.Pressed.ADDED) ? event.amount() : 0;
            }
            return grams;
        }

        private Amount iced(List<BenchEvent> events) {
            Map<String, Happened.Counted> counted = Happened.counted(events);
            Amount amount = new Amount();
            for (BagUse.Iced drink : bag.drinks()) {
                amount.add(
                        counted.getOrDefault(drink.step(), Happened.Counted.NONE)
                                .iced(),
                        drink);
            }
            return amount;
        }

        Amount toGo() {
            return all(iced(standing));
        }

        /** All that is to be iced, as is known now, less what was by some time. */
        private Amount all(Amount iced) {
            Map<String, Happened.Counted> counted = Happened.counted(standing);
            Amount amount = new Amount();
            for (BagUse.Iced drink : bag.drinks()) {
                Happened.Counted now = counted.getOrDefault(drink.step(), Happened.Counted.NONE);
                amount.add(Math.max(0, drink.cookies() + now.redone() - now.lost()), drink);
            }
            amount.cookies = Math.max(0, amount.cookies - iced.cookies);
            amount.coatGrams = Math.max(0, amount.coatGrams - iced.coatGrams);
            amount.planned = new BagForecast.Planned(
                    Math.max(0, amount.planned.grams() - iced.planned.grams()),
                    Math.max(0, amount.planned.squares() - iced.planned.squares()));
            return amount;
        }
    }
}
