package kindthimble.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.TreeMap;
import kindthimble.core.bench.NextWater;
import kindthimble.core.icing.ThinningCurve;
import kindthimble.core.pour.Demand;
import kindthimble.core.pour.Ladder;
import kindthimble.core.pour.Pour;

/**
 * An order played without a screen: thinned by counts as the bench says, iced cookie by cookie with the hidden truth of a day. The same seed plays the
 * same day.
 */
public final class PracticeDay {
    /** A person counts with so much error: a second, and 8 %. */
    private static final double COUNT_SECONDS = 1;

    private static final double COUNT_SHARE = 0.08;
    private static final double LEAST_COUNT = 0.5;
    private static final int MOST_COUNTS = 15;

    private final Pour pour;
    private final Truth truth;
    private final SplittableRandom random;

    private PracticeDay(Pour pour, Truth truth, SplittableRandom random) {
        this.pour = pour;
        this.truth = truth;
        this.random = random;
    }

    /**
     * How a day came out.
     *
     * @param truth what was hidden
     * @param colours bowl by bowl
     * @param thinned each portion that was thinned
     * @param iced cookies, spares with them
     * @param broken of those
     * @param redone cookies that went wrong and were iced once more
     * @param lacking cookies that lack for the hand-over
     */
    public record Report(
            Truth truth, List<OfColour> colours, List<Thinned> thinned, int iced, int broken, int redone, int lacking) {
        public Report {
            colours = List.copyOf(colours);
            thinned = List.copyOf(thinned);
        }

        /** Whether any colour ran short. */
        public boolean ranShort() {
            return colours.stream().anyMatch(OfColour::ranShort);
        }
    }

    /**
     * @param colour its key
     * @param plannedGrams that cookies should take
     * @param spareGrams mixed beyond that
     * @param usedGrams that they took, or would have taken
     */
    public record OfColour(String colour, double plannedGrams, double spareGrams, double usedGrams) {
        public boolean ranShort() {
            return usedGrams > plannedGrams + spareGrams;
        }
    }

    /**
     * @param colour its key
     * @param wantedSeconds that a line should take
     * @param seconds that it really takes at the end
     * @param counts how often a line was counted
     */
    public record Thinned(String colour, double wantedSeconds, double seconds, int counts) {}

    /**
     * Plays a day.
     *
     * @param handed cookies that are handed over
     * @param curve that the bench believes in
     */
    public static Report played(Pour pour, int handed, Truth truth, ThinningCurve curve, long seed) {
        return new PracticeDay(pour, truth, new SplittableRandom(~seed)).play(handed, curve);
    }

    private Report play(int handed, ThinningCurve curve) {
        List<Thinned> thinned = new ArrayList<>();
        for (Pour.Bowl bowl : pour.bowls()) {
            double waterPer100Base = 0;
            for (Ladder.Rung rung : Ladder.of(bowl)) {
                if (rung.waterGrams() > 0) {
                    waterPer100Base = thin(bowl, rung, curve, waterPer100Base, thinned);
                }
            }
        }
        Map<String, Integer> cookies = cookies();
        int iced = cookies.values().stream().mapToInt(Integer::intValue).sum();
        Map<String, List<Double>> factors = new TreeMap<>();
        int redone = 0;
        int broken = 0;
        for (Map.Entry<String, Integer> design : cookies.entrySet()) {
            List<Double> times = new ArrayList<>();
            for (int n = 0; n < design.getValue(); n++) {
                boolean isRedone = random.nextDouble() < truth.errs();
                redone += isRedone ? 1 : 0;
                broken += random.nextDouble() < truth.breaks() ? 1 : 0;
                times.add(isRedone ? 2.0 : 1.0);
            }
            factors.put(design.getKey(), times);
        }
        List<OfColour> colours = new ArrayList<>();
        for (Pour.Bowl bowl : pour.bowls()) {
            colours.add(new OfColour(bowl.colour(), bowl.cookiesGrams(), bowl.spareGrams(), used(bowl, factors)));
        }
        return new Report(truth, colours, thinned, iced, broken, redone, Math.max(0, handed - (iced - broken)));
    }

    /** How many cookies of each design drink. */
    private Map<String, Integer> cookies() {
        Map<String, Integer> cookies = new TreeMap<>();
        pour.bowls()
                .forEach(bowl -> bowl.portions()
                        .forEach(portion -> portion.drinks()
                                .forEach(drink -> cookies.merge(drink.design(), drink.cookies(), Math::max))));
        return cookies;
    }

    /** What a bowl's cookies take on this day: each its planned grams, more or less, with the one hand. */
    private double used(Pour.Bowl bowl, Map<String, List<Double>> factors) {
        Map<String, Double> each = new TreeMap<>();
        double ahead = 0;
        for (Pour.Portion portion : bowl.portions()) {
            for (Demand.Drink drink : portion.drinks()) {
                each.merge(drink.design(), drink.gramsEach(), Double::sum);
                ahead += drink.grams() - drink.gramsEach() * drink.cookies();
            }
        }
        double used = ahead;
        for (Map.Entry<String, Double> design : each.entrySet()) {
            for (double times : factors.get(design.getKey())) {
                double cookie = 1 + truth.cookieVariation() * random.nextGaussian();
                used += design.getValue() * times * Math.max(0, truth.hand() - 1 + cookie);
            }
        }
        return used;
    }

    /**
     * Water by what is counted, until it counts right; the count is a person's.
     *
     * @param inBefore grams of water in 100 g of the base already
     * @return the same afterwards
     */
    private double thin(Pour.Bowl bowl, Ladder.Rung rung, ThinningCurve curve, double inBefore, List<Thinned> thinned) {
        double wanted = rung.countSeconds();
        double base = Math.max(1, rung.inBowlGrams());
        double waterPer100Base = inBefore;
        int counts = 0;
        double more;
        do {
            double seconds = PracticeKitchen.lineSeconds(truth, waterPer100Base, wanted);
            double counted = Math.max(
                    LEAST_COUNT,
                    seconds * (1 + COUNT_SHARE * random.nextGaussian()) + COUNT_SECONDS * random.nextGaussian());
            counts++;
            more = NextWater.grams(counted, wanted, base, curve);
            waterPer100Base += more * 100 / base;
        } while (more > 0 && counts < MOST_COUNTS);
        thinned.add(new Thinned(
                bowl.colour(), wanted, PracticeKitchen.lineSeconds(truth, waterPer100Base, wanted), counts));
        return waterPer100Base;
    }
}
