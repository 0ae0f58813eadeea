package kindthimble.core.bench;

import java.util.List;
import java.util.stream.IntStream;

/** What is weighed after something that came out a little over: all that is still to come follows it, so that the recipe stays the same. */
public final class InProportion {
    private static final double SHARE = 0.02;
    private static final double LEAST_BAND_GRAMS = 0.2;

    /** What a scale shows least. */
    private static final double LEAST_GRAMS = 0.1;

    private InProportion() {}

    /**
     * @param wanted grams of each ingredient by the recipe, over 0
     * @param weighed index of what has been weighed
     * @param grams that are in now
     * @return grams of each by the recipe of now; what is weighed stands as it is
     */
    public static List<Double> of(List<Double> wanted, int weighed, double grams) {
        double times = grams / wanted.get(weighed);
        return IntStream.range(0, wanted.size())
                .mapToObj(i -> i == weighed ? grams : wanted.get(i) * times)
                .toList();
    }

    /** How far off a weight may be: a fiftieth, or a fifth of a gram; never more than half of what is wanted. */
    public static double band(double wanted) {
        return Math.min(Math.max(SHARE * wanted, LEAST_BAND_GRAMS), wanted / 2);
    }

    /** Whether a kitchen scale can show it at all. */
    public static boolean canBeWeighed(double wanted) {
        return wanted >= LEAST_GRAMS;
    }
}
